package bivouac.handover.java;

/** How a body ends before its last line: with nothing, or with the answer of a method that is asked. */
public enum Ends {
    PLAIN("return;"),
    AGREES("return true;");

    private final String line;

    Ends(String line) {
        this.line = line;
    }

    String line() {
        return line;
    }
}
