package bivouac.handover.javafx;

import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Pattern;

/** Puts before a class what it has to import, by the names that stand in it. */
final class FxImports {

    private static final Map<String, String> WHERE = new TreeMap<>();

    static {
        for (String name : new String[] {
            "Closing",
            "Desk",
            "DeskWindow",
            "Ending",
            "Fault",
            "Kept",
            "Loop",
            "Manner",
            "Row",
            "Tried",
            "Values",
            "Way",
            "Worker"
        }) {
            WHERE.put(name, "desk." + name);
        }
        for (String name : new String[] {
            "Browser",
            "Choice",
            "Face",
            "FileDialog",
            "FxLoop",
            "FxWorker",
            "MessageBox",
            "NewDays",
            "Picker",
            "RowTable",
            "TypedField"
        }) {
            WHERE.put(name, "frame." + name);
        }
        for (String name : new String[] {
            "Button",
            "CheckBox",
            "CheckMenuItem",
            "Hyperlink",
            "Label",
            "Menu",
            "MenuItem",
            "PasswordField",
            "SeparatorMenuItem",
            "TextArea",
            "TextField"
        }) {
            WHERE.put(name, "javafx.scene.control." + name);
        }
        WHERE.put("ImageView", "javafx.scene.image.ImageView");
        WHERE.put("Platform", "javafx.application.Platform");
        WHERE.put("List", "java.util.List");
        WHERE.put("Optional", "java.util.Optional");
        WHERE.put("Consumer", "java.util.function.Consumer");
        WHERE.put("IntConsumer", "java.util.function.IntConsumer");
        WHERE.put("LocalDate", "java.time.LocalDate");
        WHERE.put("Clock", "java.time.Clock");
    }

    /** Names in a source, but not those that follow a point or stand in a text. */
    private static final Pattern NAME = Pattern.compile("\"(?:[^\"\\\\]|\\\\.)*\"|(?<![.\\w])[A-Z]\\w*");

    private static final Pattern STATIC = Pattern.compile(
            "(?<![.\\w])(text|enabled|visible|isEnabled|isVisible|readOnly|isReadOnly|font|colour|picture|marked|mnemonic)\\(");

    private FxImports() {}

    /** @param face whether the class is a window with a face, which has the helpers by itself */
    static String with(String packageName, String source, boolean face) {
        var imports = new TreeSet<String>();
        var names = NAME.matcher(source);
        while (names.find()) {
            if (WHERE.containsKey(names.group())) {
                imports.add("import " + WHERE.get(names.group()) + ";\n");
            }
        }
        var statics = new TreeSet<String>();
        var helpers = STATIC.matcher(source);
        while (!face && helpers.find()) {
            statics.add("import static frame.Face." + helpers.group(1) + ";\n");
        }
        return "package " + packageName + ";\n\n" + String.join("", statics) + (statics.isEmpty() ? "" : "\n")
                + String.join("", imports) + (imports.isEmpty() ? "" : "\n") + source;
    }
}
