package bivouac.drawing;

/** Texts as they can stand in XML, which has no place for control characters, halves of characters, and what is none. */
public final class XmlText {

    private XmlText() {}

    /** The text with what XML cannot hold, not even escaped, replaced by the sign for that. */
    public static String of(String text) {
        if (text.codePoints().allMatch(XmlText::isAllowed)) {
            return text;
        }
        var out = new StringBuilder(text.length());
        text.codePoints().forEach(c -> out.appendCodePoint(isAllowed(c) ? c : 0xFFFD));
        return out.toString();
    }

    /** XML 1.0, production Char, without the carriage return, which is read back as a line feed. */
    private static boolean isAllowed(int c) {
        return c == '\t' || c == '\n' || c >= 0x20 && c < 0xD800 || c >= 0xE000 && c < 0xFFFE || c > 0xFFFF;
    }
}
