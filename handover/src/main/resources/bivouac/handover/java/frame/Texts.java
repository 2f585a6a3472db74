package frame;

import java.util.ResourceBundle;

/** The texts of the application, by key; {@code {0}}, {@code {1}} … stand for values. */
public final class Texts {

    private static final ResourceBundle TEXTS = ResourceBundle.getBundle("texts");

    private Texts() {}

    public static String text(String key, Object... values) {
        String text = TEXTS.getString(key);
        StringBuilder out = new StringBuilder();
        for (int i = 0; i < text.length(); i++) {
            int close = text.charAt(i) == '{' ? text.indexOf('}', i) : -1;
            if (close < 0) {
                out.append(text.charAt(i));
            } else {
                String inside = text.substring(i + 1, close);
                out.append(inside.equals("{") ? "{" : desk.Values.shown(values[Integer.parseInt(inside)]));
                i = close;
            }
        }
        return out.toString();
    }
}
