package bivouac.desktop.rehearse;

/** Access keys, which a design marks with {@code &} and JavaFX with an underscore. */
final class Mnemonics {

    private Mnemonics() {}

    static String of(String text) {
        String safe = text.replace("_", "__");
        var out = new StringBuilder();
        for (int i = 0; i < safe.length(); i++) {
            char c = safe.charAt(i);
            if (c == '&' && i + 1 < safe.length()) {
                out.append(safe.charAt(i + 1) == '&' ? "&" : "_" + safe.charAt(i + 1));
                i++;
            } else {
                out.append(c);
            }
        }
        return out.toString();
    }
}
