package bivouac.handover.javafx;

import bivouac.design.AccessKey;
import bivouac.design.Part;
import bivouac.handover.braces.Lines;
import bivouac.handover.jvm.JvmToolkit;
import bivouac.handover.jvm.WindowParts;
import bivouac.handover.jvm.WindowWriting;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/** JavaFX: its own controls, which static helpers of {@code Face} ask and set. */
public final class FxToolkit implements JvmToolkit {

    private static final List<String> FRAME = List.of(
            "NewDays",
            "Choice",
            "Chosen",
            "Each",
            "EachButton",
            "EachCommand",
            "Face",
            "FieldSelection",
            "FrameWindow",
            "FxLoop",
            "FxWorker",
            "Items",
            "MessageBox",
            "NativeFiles",
            "Pages",
            "Picker",
            "RadioButtons",
            "RowTable",
            "TypedField",
            "WorkProgress");

    private static final List<String> CONTROLS = List.of(
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
            "TextField");

    @Override
    public String folder() {
        return "javafx";
    }

    @Override
    public List<String> frame() {
        return FRAME;
    }

    @Override
    public Map<String, String> imports() {
        var where = new TreeMap<String, String>();
        FRAME.forEach(n -> where.put(n, "frame." + n));
        CONTROLS.forEach(n -> where.put(n, "javafx.scene.control." + n));
        where.put("ImageView", "javafx.scene.image.ImageView");
        where.put("Platform", "javafx.application.Platform");
        return where;
    }

    @Override
    public Set<String> classes() {
        return Set.of("Application");
    }

    @Override
    public String read(String field, Part part, String member) {
        return FxMembers.read(field, part, member);
    }

    @Override
    public String set(String field, Part part, String member, String value) {
        return FxMembers.set(field, part, member, value);
    }

    @Override
    public String put(String field, Part.TextField part, String value) {
        return FxMembers.put(field, part, value);
    }

    @Override
    public String setTitle(String base, String value) {
        return (base.isEmpty() ? "stage" : base + "stage()") + ".setTitle(" + value + ");";
    }

    @Override
    public String marked(String text) {
        String without = AccessKey.without(text).replace("_", "__");
        var at = AccessKey.position(text);
        if (at.isEmpty()) {
            return without;
        }
        int place = at.getAsInt()
                + (int) AccessKey.without(text)
                        .substring(0, at.getAsInt())
                        .chars()
                        .filter(c -> c == '_')
                        .count();
        return without.substring(0, place) + "_" + without.substring(place);
    }

    @Override
    public String press(String field) {
        return field + ".fire()";
    }

    @Override
    public WindowParts parts(WindowWriting writing) {
        return new FxParts(this, writing);
    }

    @Override
    public String loop() {
        return "new FxLoop()";
    }

    @Override
    public Lines main(String application, Make make, Lines begin) {
        return new Lines()
                .add("Platform.setImplicitExit(false);")
                .add("Platform.startup(() -> {")
                .add("try {")
                .add(application + " app = " + make.with(loop(), "new FxWorker()") + ";")
                .all(begin)
                .add("} catch (RuntimeException fault) {")
                .add("fault.printStackTrace();")
                .add("System.exit(1);")
                .add("}")
                .add("});");
    }
}
