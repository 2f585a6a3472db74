package frame;

/** What a menu command does to the field that has the keyboard, as every field does (P6). */
public enum Editing {
    UNDO,
    REDO,
    CUT,
    COPY,
    PASTE,
    SELECT_ALL
}
