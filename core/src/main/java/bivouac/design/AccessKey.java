package bivouac.design;

import java.util.OptionalInt;

/** The access key written into a text as {@code &} before a letter, as the trade does; {@code &&} is the sign itself. */
public final class AccessKey {

    private AccessKey() {}

    /** The text as it is read, without the marks. */
    public static String without(String text) {
        var out = new StringBuilder(text.length());
        for (int i = 0; i < text.length(); i++) {
            if (text.charAt(i) == '&' && i + 1 < text.length()) {
                i++;
            }
            out.append(text.charAt(i));
        }
        return out.toString();
    }

    /** Where, in {@link #without}, the access key stands. */
    public static OptionalInt position(String text) {
        int shown = 0;
        for (int i = 0; i < text.length(); i++, shown++) {
            if (text.charAt(i) == '&' && i + 1 < text.length()) {
                i++;
                if (text.charAt(i) != '&') {
                    return OptionalInt.of(shown);
                }
            }
        }
        return OptionalInt.empty();
    }

    /** What stands on a part with its access key; the commands of a menu have theirs for themselves. */
    public static String textOn(Part part) {
        if (!part.each().isOnce()) {
            return ""; // P5
        }
        return switch (part) {
            case Part.Button b -> b.text();
            case Part.TickBox t -> t.text();
            case Part.Link l -> l.text();
            case Part.TextField f -> f.label();
            case Part.ValueField f -> f.label();
            case Part.Choice c -> c.label();
            case Part.ListOfRows l -> l.label();
            case Part.Caption c -> "";
            case Part.Picture p -> "";
            case Part.Progress p -> "";
            case Part.MenuCommand m -> "";
        };
    }
}
