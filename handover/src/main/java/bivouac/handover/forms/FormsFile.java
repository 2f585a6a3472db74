package bivouac.handover.forms;

import bivouac.handover.braces.Lines;
import bivouac.handover.csharp.Allman;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.regex.Pattern;

/** A file of C#: what it uses, by the names that stand in it, and its classes in a namespace. */
final class FormsFile {

    /** What stands in a source that needs the namespace. */
    private static final Map<String, Pattern> USED = new LinkedHashMap<>();

    static {
        uses(
                "System",
                "\\b(Action|DateTime|Environment|Exception|Func|ArgumentException|StringComparison|STAThread)\\b");
        uses("System.Collections.Generic", "\\bIReadOnlyList\\b");
        uses("System.Linq", "\\.(All|Any|Count|Distinct|Reverse|Where|Select|ToList)\\(");
        uses(
                "Frame",
                "\\b(Background|Browser|Button|Caption|Choice|EachButton|EachCommand|EditCommand|Editing|Face|FileDialog|FormsLoop|Gate|Link|MenuCommand|MessageBox|NewDays"
                        + "|Part|Picker|Picture|RowTable|TextArea|TextField|Texts|TickBox|TypedField|WorkProgress)\\b");
        uses(
                "Rules",
                "\\b(Closing|Desk|DeskWindow|Ending|Fault|IDesign|IHears|ILoop|IWorker|Kept|Manner|Outside|Progress|Row|Tried|Values|Way)\\b");
        uses("Tests", "\\b(Driver|IDriven)\\b");
    }

    private static final Pattern TEXT = Pattern.compile("\"(?:[^\"\\\\]|\\\\.)*\"");

    private FormsFile() {}

    private static void uses(String namespace, String names) {
        USED.put(namespace, Pattern.compile(names));
    }

    static String of(String namespace, Lines classes) {
        String source = Allman.of(
                new Lines().add("namespace " + namespace + " {").all(classes).add("}"));
        String bare = TEXT.matcher(source).replaceAll("");
        var uses = new StringBuilder();
        USED.forEach((used, names) -> {
            if (names.matcher(bare).find()) {
                uses.append("using ").append(used).append(";\n");
            }
        });
        return uses + (uses.isEmpty() ? "" : "\n") + source;
    }
}
