package bivouac.handover.forms;

import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.MessageBox;
import bivouac.design.Picker;
import bivouac.design.ReadyMade;
import bivouac.design.ScriptPlace;
import bivouac.handover.braces.Lines;
import bivouac.handover.braces.Spelling;
import bivouac.handover.csharp.CsCalls;
import bivouac.handover.csharp.CsExpressions;
import bivouac.handover.csharp.CsNames;
import bivouac.handover.csharp.CsView;
import bivouac.handover.csharp.CsWorld;
import bivouac.handover.meaning.Here;
import bivouac.handover.meaning.InWords;
import java.util.stream.Collectors;

/** The class of a message box, a file dialog or a picker: how it is asked. */
final class FormsReadyMade {

    private final CsWorld world;
    private final ReadyMade window;
    private final String name;
    private final String shown;
    private final Here here;
    private final CsView view;
    private final Lines out = new Lines();

    FormsReadyMade(CsWorld world, ReadyMade window) {
        this.world = world;
        this.window = window;
        this.shown = window.name().shown();
        this.name = world.classOf(shown);
        this.view = CsView.ofWindow(shown);
        this.here = Here.on(new ScriptPlace.AtMoment(shown, FacedWindow.Moment.OPENED));
    }

    Lines write() {
        out.add("/// <summary>" + CsNames.comment(shown + ": " + window.kind()) + ".</summary>");
        out.add("internal static class " + name + " {");
        switch (window) {
            case MessageBox box -> box(box);
            case FileDialog dialog -> dialog(dialog);
            case Picker picker -> picker(picker);
        }
        return out.add("}");
    }

    private String text(String key, String text) {
        String of = window.name().expression();
        return new CsCalls(world, view).words(world.texts().words(of + "." + key, text, here));
    }

    private void asks(String gives) {
        String parameters = window.takes().stream()
                .map(t -> ", " + world.types().of(t.type()) + " "
                        + world.take(shown, t.name().expression()))
                .collect(Collectors.joining());
        out.add("/// <summary>Asks, and waits for the answer.</summary>");
        out.add("internal static " + gives + " Ask(" + world.application()
                + " app, DeskWindow asker, DeskWindow owner, Manner manner" + parameters + ") {");
    }

    private void box(MessageBox box) {
        out.add("internal enum Answer {");
        out.add(world.outcomes().ofWindow(shown).stream().map(world::endingOf).collect(Collectors.joining(", ")));
        out.add("}").blank();
        asks("Answer");
        out.add("return new MessageBox<Answer>(app.Desk, " + Spelling.literal(shown) + ", "
                + Spelling.literal(InWords.icon(box)) + ", " + text("title", box.title()) + ", "
                + text("text", box.text()) + ")");
        for (MessageBox.Answer answer : box.answers()) {
            out.add("    .Button(" + constant(answer.ending()) + ", " + Spelling.literal(answer.ending()) + ", "
                    + text("button", answer.text()) + ")");
        }
        box.byDefault().ifPresent(e -> out.add("    .Usual(" + constant(e) + ")"));
        box.escapeEnding().ifPresent(e -> out.add("    .Escape(" + constant(e) + ")"));
        out.add("    .Ask(asker, owner, manner);");
        out.add("}");
    }

    private String constant(String ending) {
        return "Answer." + world.endingOf(world.outcomes().ofWindow(shown, ending));
    }

    private void dialog(FileDialog dialog) {
        asks("FileDialog.Result");
        String asksFor =
                switch (dialog.asks()) {
                    case ONE -> "One";
                    case SEVERAL -> "Several";
                    case SAVE -> "Save";
                    case FOLDER -> "Folder";
                };
        String filters = dialog.offered().stream()
                .map(f -> ", new FileDialog.Filter(" + Spelling.literal(f.label())
                        + f.patterns().stream()
                                .map(p -> ", " + Spelling.literal(p))
                                .collect(Collectors.joining())
                        + ")")
                .collect(Collectors.joining());
        out.add("return new FileDialog(app.Desk, " + Spelling.literal(shown) + ", " + text("title", dialog.title())
                + ", FileDialog.For." + asksFor + ", " + Spelling.literal(dialog.extension()) + ", "
                + text("startsIn", dialog.startsIn()) + filters + ")");
        out.add("    .Ask(asker, owner, manner);");
        out.add("}");
    }

    private void picker(Picker picker) {
        String starts = picker.starts()
                .flatMap(e -> world.meanings().of(e, here))
                .map(s -> new CsExpressions(world, view).write(s))
                .orElse(picker.of() == Picker.Of.DATE ? "app.Today" : "\"\"");
        asks("Picker<" + world.types().of(picker.of().type()) + ">.Result");
        out.add("return Picker.Of" + Spelling.upper(picker.of().word()) + "(app.Desk, " + Spelling.literal(shown) + ", "
                + text("title", picker.title()) + ", " + starts + ")");
        out.add("    .Ask(asker, owner, manner);");
        out.add("}");
    }
}
