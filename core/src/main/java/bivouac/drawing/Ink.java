package bivouac.drawing;

/** The colours of drawings that documents hold, as SVG writes them: those of the tool's light look. */
public enum Ink {
    INK("#20302B"),
    QUIET("#5B6661"),
    PAPER("#F6F3EC"),
    WALL("#EEEADF"),
    RAISED("#FFFDF8"),
    LINE("#A9A290"),
    FAINT("#D8D2C4"),
    EMBER("#C8551F"),
    LAKE("#1D5A79"),
    NONE("none");

    private final String paint;

    Ink(String paint) {
        this.paint = paint;
    }

    public String paint() {
        return paint;
    }
}
