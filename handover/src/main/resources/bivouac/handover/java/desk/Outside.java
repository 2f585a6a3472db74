package desk;

/** What comes from outside of all windows, and is answered where the design says how (F1 to F3). */
public enum Outside {
    FILES_OPENED,
    FILES_DROPPED,
    FILE_CHANGED,
    FILE_GONE
}
