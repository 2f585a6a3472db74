package bivouac.cli;

/** What the commands end with. */
public final class ExitCodes {

    public static final int FINE = 0;
    public static final int SOMETHING_FOUND = 1;

    /** A file, or the command line, could not be read; a file or the output could not be written. */
    public static final int UNREADABLE = 2;

    public static final int FAULT_OF_BIVOUAC = 3;

    /** A program did nothing any more while it was proven, and nothing else than the rehearsal up to there. */
    public static final int TOOK_TOO_LONG = 4;

    /** The lines of {@code --help} that every command has. */
    static final String UNREADABLE_HELP = "2:a file could not be read or written";

    static final String FAULT_HELP = "3:a fault of Bivouac itself";

    private ExitCodes() {}
}
