package bivouac.cli;

/** What the commands end with. */
public final class ExitCodes {

    public static final int FINE = 0;
    public static final int SOMETHING_FOUND = 1;
    public static final int UNREADABLE = 2;

    private ExitCodes() {}
}
