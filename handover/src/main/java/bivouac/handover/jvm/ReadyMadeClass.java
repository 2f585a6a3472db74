package bivouac.handover.jvm;

import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.MessageBox;
import bivouac.design.Picker;
import bivouac.design.ReadyMade;
import bivouac.design.ScriptPlace;
import bivouac.handover.braces.Lines;
import bivouac.handover.braces.Spelling;
import bivouac.handover.java.JavaExpressions;
import bivouac.handover.java.JavaNames;
import bivouac.handover.meaning.Here;
import bivouac.handover.meaning.InWords;
import bivouac.handover.meaning.Meanings;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** The class of a message box, a file dialog or a picker: how it is asked. */
final class ReadyMadeClass {

    private final Meanings meanings;
    private final JvmWorld world;
    private final ReadyMade window;
    private final String name;
    private final String shown;
    private final Here here;
    private final Lines out = new Lines();

    ReadyMadeClass(Meanings meanings, JvmWorld all, ReadyMade window) {
        this.meanings = meanings;
        this.shown = window.name().shown();
        this.world = all.in(shown);
        this.window = window;
        this.name = world.classOf(shown);
        this.here = Here.on(new ScriptPlace.AtMoment(shown, FacedWindow.Moment.OPENED));
    }

    String write() {
        out.add("/** " + JavaNames.comment(shown + ": " + window.kind()) + ". */");
        switch (window) {
            case MessageBox box -> box(box);
            case FileDialog dialog -> dialog(dialog);
            case Picker picker -> picker(picker);
        }
        out.add("}");
        return out.toString();
    }

    private String parameters() {
        return window.takes().stream()
                .map(t -> ", " + world.types().of(t.type()) + " "
                        + world.take(shown, t.name().expression()))
                .collect(Collectors.joining());
    }

    private void asks(String gives) {
        out.add("/** Asks, and waits for the answer. */");
        out.add("static " + gives + " ask(" + world.application()
                + " app, DeskWindow asker, DeskWindow owner, Manner manner" + parameters() + ") {");
    }

    private void box(MessageBox box) {
        out.add("enum " + name + " implements Ending {");
        constants();
        asks(name);
        out.add("return new MessageBox<>(");
        out.add("        app.desk(),");
        out.add("        " + Spelling.literal(shown) + ",");
        out.add("        " + Spelling.literal(InWords.icon(box)) + ",");
        out.add("        " + world.text("title", box.title(), here) + ",");
        out.add("        " + world.text("text", box.text(), here) + ",");
        out.add("        List.of(values()),");
        out.add("        List.of("
                + box.answers().stream()
                        .map(a -> world.text("button", world.toolkit().marked(a.text()), here))
                        .collect(Collectors.joining(", "))
                + "),");
        out.add("        " + constant(box.byDefault()) + ",");
        out.add("        " + constant(box.escapeEnding()) + ")");
        out.add("        .ask(asker, owner, manner);");
        out.add("}");
    }

    /** One whose name does not say its ending in words says them itself. */
    private void constants() {
        List<String> all = world.endings(shown);
        for (int i = 0; i < all.size(); i++) {
            String constant = world.endingName(shown, all.get(i));
            String end = i == all.size() - 1 ? ";" : ",";
            if (JvmWorld.wordsOfConstant(constant).equals(all.get(i))) {
                out.add(constant + end);
            } else {
                out.add(constant + " {");
                out.add("@Override");
                out.add("public String words() {");
                out.add("return " + Spelling.literal(all.get(i)) + ";").add("}");
                out.add("}" + end);
            }
        }
        out.blank();
    }

    private String constant(Optional<String> ending) {
        return ending.map(e -> world.endingName(shown, e)).orElse("null");
    }

    private void dialog(FileDialog dialog) {
        out.add("final class " + name + " {").blank();
        out.add("private " + name + "() {}").blank();
        asks("FileDialog.Result");
        String filters = dialog.offered().stream()
                .map(f -> "new FileDialog.Filter(" + Spelling.literal(f.label()) + ", List.of("
                        + f.patterns().stream().map(Spelling::literal).collect(Collectors.joining(", ")) + "))")
                .collect(Collectors.joining(", "));
        out.add("return new FileDialog(app.desk(), " + Spelling.literal(shown) + ", "
                + world.text("title", dialog.title(), here) + ", FileDialog.Asks."
                + dialog.asks().name() + ", List.of("
                + filters + "), " + Spelling.literal(dialog.extension()) + ", "
                + world.text("startsIn", dialog.startsIn(), here) + ")");
        out.add("        .ask(asker, owner, manner);");
        out.add("}");
    }

    private void picker(Picker picker) {
        String type = world.types().boxed(picker.of().type());
        String starts = picker.starts()
                .flatMap(e -> meanings.of(e, here))
                .map(s -> new JavaExpressions(world).write(s))
                .orElse(picker.of() == Picker.Of.DATE ? "app.today()" : "\"\"");
        out.add("final class " + name + " {").blank();
        out.add("private " + name + "() {}").blank();
        asks("Picker.Result<" + type + ">");
        out.add("return Picker.of" + Spelling.upper(picker.of().word()) + "(app.desk(), " + Spelling.literal(shown)
                + ", " + world.text("title", picker.title(), here) + ", " + starts + ")");
        out.add("        .ask(asker, owner, manner);");
        out.add("}");
    }
}
