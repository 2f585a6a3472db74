package bivouac.format;

/** Why a file could not be read or written: one sentence that says what, where and what to do. */
public final class Unreadable extends Exception {
    private static final long serialVersionUID = 1L;

    public Unreadable(String sentence) {
        super(sentence);
    }

    static Unreadable at(Json.At at, String what) {
        String path = at.path().isEmpty() ? "" : " (" + at.path() + ")";
        return new Unreadable("Line " + at.line() + ", column " + at.column() + path + ": " + what);
    }
}
