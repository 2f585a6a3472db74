package bivouac.handover.swing;

import bivouac.design.Part;
import bivouac.handover.braces.Lines;
import bivouac.handover.braces.Spelling;
import bivouac.handover.java.JavaNames;
import bivouac.handover.jvm.JvmToolkit;
import bivouac.handover.jvm.WindowParts;
import bivouac.handover.jvm.WindowWriting;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/** Swing: parts of the frame stand before its components, so that what a script sets is no event. */
public final class SwingToolkit implements JvmToolkit {

    /** Those that written classes name. */
    private static final List<String> NAMED = List.of(
            "Background",
            "Button",
            "Caption",
            "Choice",
            "EachButton",
            "EachCommand",
            "EditCommand",
            "Face",
            "Gate",
            "Link",
            "Look",
            "MenuCommand",
            "MessageBox",
            "NewDays",
            "Picker",
            "Picture",
            "RowTable",
            "SwingLoop",
            "TextArea",
            "TextField",
            "TickBox",
            "TypedField",
            "WorkProgress");

    private static final List<String> OTHERS = List.of(
            "DropDown",
            "DroppedFiles",
            "EachPart",
            "FrameWindow",
            "InMenu",
            "Items",
            "Marked",
            "NativeFiles",
            "Pages",
            "Part",
            "Pressed",
            "Prose",
            "RadioButtons",
            "TextPart");

    @Override
    public String folder() {
        return "swing";
    }

    @Override
    public List<String> frame() {
        return java.util.stream.Stream.concat(NAMED.stream(), OTHERS.stream()).toList();
    }

    @Override
    public Map<String, String> imports() {
        var where = new TreeMap<String, String>();
        NAMED.forEach(n -> where.put(n, "frame." + n));
        where.put("EventQueue", "java.awt.EventQueue");
        return where;
    }

    @Override
    public Set<String> classes() {
        return Set.copyOf(OTHERS);
    }

    @Override
    public String read(String field, Part part, String member) {
        if (member.startsWith(".selected.")) {
            return field + ".selected()." + JavaNames.safe(member.substring(10)) + "()";
        }
        return field + "." + accessor(part, member) + "()";
    }

    /** The method of a part that asks for a member, and the one that sets it. */
    private static String accessor(Part part, String member) {
        return switch (member) {
            case "" ->
                switch (part) {
                    case Part.ValueField v -> "value";
                    case Part.Choice c -> "chosen";
                    case Part.TickBox b -> "ticked";
                    case Part.Picture p -> "file";
                    case Part.Progress p -> "done";
                    case Part.Caption _,
                            Part.TextField _,
                            Part.ListOfRows _,
                            Part.Link _,
                            Part.Button _,
                            Part.MenuCommand _ -> "text";
                };
            case ".typed" -> "text";
            default -> Spelling.joined(member.substring(1));
        };
    }

    @Override
    public String set(String field, Part part, String member, String value) {
        String method =
                switch (member) {
                    case ".selectedNumber" -> "selectNumber";
                    case "" -> part instanceof Part.Choice ? "choose" : accessor(part, member);
                    default -> accessor(part, member);
                };
        return member.equals(".selected")
                ? field + ".change(r -> " + value + ");"
                : field + "." + method + "(" + value + ");";
    }

    @Override
    public String setTitle(String base, String value) {
        return base + "title(" + value + ");";
    }

    @Override
    public String marked(String text) {
        return text;
    }

    @Override
    public String press(String field) {
        return field + ".press()";
    }

    @Override
    public WindowParts parts(WindowWriting writing) {
        return new SwingParts(writing);
    }

    @Override
    public String loop() {
        return "new SwingLoop()";
    }

    @Override
    public Lines main(String application, Make make, Lines begin) {
        return new Lines()
                .add("EventQueue.invokeLater(() -> {")
                .add("try {")
                .add("Look.set();")
                .add("Gate.install();")
                .add(application + " app = " + make.with(loop(), "new Background()") + ";")
                .all(begin)
                .add("} catch (RuntimeException fault) {")
                .add("fault.printStackTrace();")
                .add("System.exit(1);")
                .add("}")
                .add("});");
    }
}
