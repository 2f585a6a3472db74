package bivouac.handover.tk;

import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Pattern;

/** Puts before a module what it has to import, by the names that stand in it. */
final class TkImports {

    private static final Map<String, String> WHERE = new TreeMap<>();

    private static void of(String module, String... names) {
        for (String name : names) {
            WHERE.put(name, module);
        }
    }

    static {
        of("desk", "Answer", "CouldNot", "Desk", "Done", "Ending", "Manner", "Outside", "Way", "why_not");
        of("dialogs", "Asks", "ColourPicker", "DatePicker", "FileDialog", "Filter", "FontPicker", "MessageBox");
        of("face", "Face");
        of(
                "parts",
                "Button",
                "Caption",
                "Choice",
                "DateField",
                "EachButton",
                "EachCommand",
                "EditCommand",
                "Link",
                "MenuCommand",
                "NumberField",
                "Pages",
                "Picture",
                "RadioButtons",
                "RowList",
                "TextArea",
                "TextField",
                "TickBox",
                "WholeField",
                "WorkProgress");
        of("kept", "date_of", "list_of", "number_of", "row_of", "text_of", "whole_of", "yes_of");
        of("texts", "text");
        of("values", "Fault");
    }

    /** Names in a source, but not those that follow a point or stand in a text. */
    private static final Pattern NAME = Pattern.compile("\"(?:[^\"\\\\]|\\\\.)*\"|#.*|(?<![.\\w])[A-Za-z_]\\w*");

    private TkImports() {}

    /** @param says what the module is, as its docstring */
    static String with(String says, String packageName, String source) {
        var named = new TreeSet<String>();
        var names = NAME.matcher(source);
        while (names.find()) {
            named.add(names.group());
        }
        var out = new StringBuilder("\"\"\"").append(says).append("\"\"\"\n\n");
        boolean standard = false;
        if (named.contains("datetime")) {
            out.append("import datetime\n");
            standard = true;
        }
        if (named.contains("dataclass")) {
            out.append("from dataclasses import dataclass\n");
            standard = true;
        }
        if (named.contains("Protocol")) {
            out.append("from typing import Protocol\n");
            standard = true;
        }
        out.append(standard ? "\n" : "");
        var modules = new TreeMap<String, TreeSet<String>>();
        named.stream().filter(WHERE::containsKey).forEach(n -> modules.computeIfAbsent(
                        WHERE.get(n), k -> new TreeSet<>())
                .add(n));
        var own = new TreeSet<String>();
        for (String module : new String[] {"rows", "tasks", "windows"}) {
            if (Pattern.compile("(?<![.\\w\"])" + module + "\\.[A-Z]")
                    .matcher(source)
                    .find()) {
                own.add(module);
            }
        }
        if (!own.isEmpty()) {
            out.append("from ")
                    .append(packageName)
                    .append(" import ")
                    .append(String.join(", ", own))
                    .append('\n');
        }
        if (Pattern.compile("(?<![.\\w\"])values\\.[a-z]").matcher(source).find()) {
            out.append("from ").append(packageName).append(".support import values\n");
        }
        modules.forEach((module, all) -> out.append(line(packageName, module, String.join(", ", all))));
        return out.toString().stripTrailing() + "\n\n\n" + source;
    }

    private static String line(String packageName, String module, String names) {
        String from = "from " + packageName + ".support." + module + " import ";
        return from.length() + names.length() <= 100
                ? from + names + "\n"
                : from + "(\n    " + names.replace(", ", ",\n    ") + ",\n)\n";
    }
}
