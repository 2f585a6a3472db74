package desk;

/** How a window is opened (B1, B2). */
public enum Manner {
    ALONGSIDE,
    WAITS_FOR_OWNER,
    WAITS_FOR_APPLICATION
}
