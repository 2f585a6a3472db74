package bivouac.design;

/**
 * What every part has beside its content (P1).
 *
 * @param readOnly whether a person cannot change what it holds, though it is enabled
 * @param font as pickers write it, {@code Inter 12}; empty for the window's; with braces it follows what they hold
 * @param colour of its text, as pickers write it, {@code #2f5d50}; empty for the window's; braces as in the font
 */
public record Traits(Setting enabled, Setting visible, Setting readOnly, String font, String colour) {

    /** Enabled, visible, open to changes, and looking as its window does. */
    public static final Traits USUAL = new Traits(Setting.YES, Setting.YES, Setting.NO, "", "");

    public Traits enabled(Setting other) {
        return new Traits(other, visible, readOnly, font, colour);
    }

    public Traits visible(Setting other) {
        return new Traits(enabled, other, readOnly, font, colour);
    }

    public Traits readOnly(Setting other) {
        return new Traits(enabled, visible, other, font, colour);
    }

    public Traits font(String other) {
        return new Traits(enabled, visible, readOnly, other, colour);
    }

    public Traits colour(String other) {
        return new Traits(enabled, visible, readOnly, font, other);
    }
}
