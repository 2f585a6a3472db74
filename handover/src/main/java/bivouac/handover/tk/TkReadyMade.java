package bivouac.handover.tk;

import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.MessageBox;
import bivouac.design.Picker;
import bivouac.design.ReadyMade;
import bivouac.design.ScriptPlace;
import bivouac.handover.meaning.Here;
import bivouac.handover.meaning.InWords;
import bivouac.handover.meaning.Outcome;
import bivouac.handover.python.PyLines;
import bivouac.handover.python.PyNames;
import bivouac.handover.python.PyView;
import bivouac.handover.python.PyWorld;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** The class of a message box, a file dialog or a picker: how it is asked. */
final class TkReadyMade {

    private final PyWorld world;
    private final ReadyMade window;
    private final String shown;
    private final TkWriting says;

    TkReadyMade(PyWorld world, ReadyMade window) {
        this.world = world;
        this.window = window;
        this.shown = window.name().shown();
        // its takes are the parameters of the method that asks
        this.says = new TkWriting(
                world,
                PyView.ofParameters("app"),
                Here.on(new ScriptPlace.AtMoment(shown, FacedWindow.Moment.OPENED)),
                window.name().expression());
    }

    String write() {
        var body = new PyLines()
                .add("\"\"\"" + PyNames.comment(shown + ": " + window.kind()) + ".\"\"\"")
                .blank();
        String base =
                switch (window) {
                    case MessageBox box -> {
                        for (Outcome o : world.outcomes().ofWindow(shown)) {
                            body.add(world.endingOf(o) + " = " + PyNames.literal(o.ending()));
                        }
                        asks(body, box(box));
                        yield "(Answer)";
                    }
                    case FileDialog dialog -> {
                        asks(body, dialog(dialog));
                        yield "";
                    }
                    case Picker picker -> {
                        asks(body, picker(picker));
                        yield "";
                    }
                };
        return new PyLines()
                .add("class " + world.classOf(shown) + base + ":")
                .inside(body)
                .toString();
    }

    private void asks(PyLines body, List<String> arguments) {
        String parameters = window.takes().stream()
                .map(t -> ", " + world.names().parameter(t.name().expression()) + ": "
                        + world.types().of(t.type()))
                .collect(Collectors.joining());
        body.blank().add("@classmethod");
        body.add("def ask(cls, app, asker, owner, manner" + parameters + "):");
        body.inside(new PyLines()
                .add("\"\"\"Asks, and waits for the answer.\"\"\"")
                .add("return " + arguments.getFirst() + "(app.desk, " + PyNames.literal(shown) + ", "
                        + String.join(", ", arguments.subList(1, arguments.size())) + ").ask(asker, owner, manner)"));
    }

    private String text(String key, String text) {
        return says.text(key, text);
    }

    private List<String> box(MessageBox box) {
        List<Outcome> all = world.outcomes().ofWindow(shown);
        var buttons = new ArrayList<String>();
        for (int i = 0; i < box.answers().size(); i++) {
            buttons.add("cls." + world.endingOf(all.get(i)) + ": "
                    + text("button", box.answers().get(i).text()));
        }
        var arguments = new ArrayList<>(List.of(
                "MessageBox",
                PyNames.literal(InWords.icon(box)),
                text("title", box.title()),
                text("text", box.text()),
                "{" + String.join(", ", buttons) + "}"));
        constant(box.byDefault()).ifPresent(c -> arguments.add("default=" + c));
        constant(box.escapeEnding()).ifPresent(c -> arguments.add("escape=" + c));
        return arguments;
    }

    private Optional<String> constant(Optional<String> ending) {
        return ending.map(e -> "cls." + world.endingOf(world.outcomes().ofWindow(shown, e)));
    }

    private List<String> dialog(FileDialog dialog) {
        String filters = dialog.offered().stream()
                .map(f -> "Filter(" + PyNames.literal(f.label()) + ", ["
                        + f.patterns().stream().map(PyNames::literal).collect(Collectors.joining(", ")) + "])")
                .collect(Collectors.joining(", ", "[", "]"));
        return List.of(
                "FileDialog",
                text("title", dialog.title()),
                "Asks." + dialog.asks().name(),
                filters,
                PyNames.literal(dialog.extension()),
                text("startsIn", dialog.startsIn()));
    }

    private List<String> picker(Picker picker) {
        String starts = picker.starts()
                .flatMap(says::say)
                .map(s -> says.write(s, picker.of().type()))
                .orElse(picker.of() == Picker.Of.DATE ? "app.today" : "\"\"");
        return List.of(PyWorld.pickerOf(picker), text("title", picker.title()), starts);
    }
}
