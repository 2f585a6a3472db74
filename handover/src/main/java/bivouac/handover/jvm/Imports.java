package bivouac.handover.jvm;

import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Pattern;

/** Puts before a class what it has to import, by the names that stand in it. */
final class Imports {

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
            "Progress",
            "Outside",
            "Row",
            "Tried",
            "Values",
            "Way",
            "Worker"
        }) {
            WHERE.put(name, "desk." + name);
        }
        WHERE.put("Arguments", "frame.Arguments");
        WHERE.put("Browser", "frame.Browser");
        WHERE.put("Editing", "frame.Editing");
        WHERE.put("FileDialog", "frame.FileDialog");
        WHERE.put("SessionEnd", "frame.SessionEnd");
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

    private final Map<String, String> where = new TreeMap<>(WHERE);

    Imports(JvmToolkit toolkit) {
        where.putAll(toolkit.imports());
    }

    /** The classes that written ones can import. */
    Set<String> names() {
        return where.keySet();
    }

    /** @param face whether the class is a window with a face, which has the helpers by itself */
    String with(String packageName, String source, boolean face) {
        var imports = new TreeSet<String>();
        var names = NAME.matcher(source);
        while (names.find()) {
            if (where.containsKey(names.group())) {
                imports.add("import " + where.get(names.group()) + ";\n");
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
