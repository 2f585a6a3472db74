package bivouac.machine;

import bivouac.design.FileDialog;
import bivouac.design.MessageBox;
import bivouac.design.Picker;
import bivouac.design.PretendFiles;
import bivouac.design.ReadyMade;
import bivouac.expression.Value;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** What can happen to message boxes, file dialogs and pickers, and how they end (C7, C8). */
final class ReadyMadeEvents {

    /** As many choices as are offered for one file dialog; any other that fits is possible as well. */
    private static final int MOST_OFFERED = 16;

    private final Run run;

    ReadyMadeEvents(Run run) {
        this.run = run;
    }

    // What is offered

    void candidates(Inst inst, ReadyMade window, int number, List<Event> events) {
        switch (window) {
            case MessageBox box -> {
                for (int a = 0; a < box.answers().size(); a++) {
                    events.add(new Event.Answer(number, a));
                }
            }
            case FileDialog dialog ->
                paths(dialog, inst).stream()
                        .limit(MOST_OFFERED)
                        .forEach(p -> events.add(new Event.Choose(number, List.of(p), filterFor(dialog, p))));
            case Picker picker -> values(picker, inst).forEach(v -> events.add(new Event.Pick(number, v)));
        }
    }

    private Set<String> paths(FileDialog dialog, Inst inst) {
        List<String> there = run.files();
        var paths = new LinkedHashSet<String>();
        switch (dialog.asks()) {
            case FOLDER -> paths.addAll(PretendFiles.folders(there));
            case ONE, SEVERAL -> there.stream().filter(p -> fits(dialog, p)).forEach(paths::add);
            case SAVE -> {
                String folder =
                        PretendFiles.begin(there, inst.value(WindowPlan.TEXT).shown());
                paths.add(dialog.completed(folder + "new", 0));
                there.stream().filter(p -> fits(dialog, p)).forEach(paths::add);
            }
        }
        return paths;
    }

    private static boolean fits(FileDialog dialog, String path) {
        String name = PretendFiles.nameOf(path);
        return !path.endsWith("/") && dialog.offered().stream().anyMatch(f -> f.fits(name));
    }

    /** The first filter that shows a file. */
    static int filterFor(FileDialog dialog, String path) {
        String name = PretendFiles.nameOf(path);
        for (int i = 0; i < dialog.offered().size(); i++) {
            if (dialog.offered().get(i).fits(name)) {
                return i;
            }
        }
        return 0;
    }

    private List<String> values(Picker picker, Inst inst) {
        var values = new ArrayList<String>();
        String now = inst.value(WindowPlan.TEXT).shown();
        if (picker.of().accepts(now)) {
            values.add(now);
        }
        List<String> usual =
                switch (picker.of()) {
                    case COLOUR -> List.of("#2f5d50", "#c8551f");
                    case FONT -> List.of("Inter 12", "JetBrains Mono 10");
                    case DATE -> List.of(run.today().toString());
                };
        usual.stream().filter(v -> !values.contains(v)).forEach(values::add);
        return values;
    }

    // What is possible

    boolean isPossible(Inst inst, Event.Choose event) {
        if (!(inst.plan.window() instanceof FileDialog dialog) || event.paths().isEmpty()) {
            return false;
        }
        boolean oneOnly = dialog.asks() != FileDialog.Asks.SEVERAL;
        if (oneOnly && event.paths().size() > 1 || !isNamed(dialog, event.filter())) {
            return false;
        }
        List<String> there = run.files();
        return switch (dialog.asks()) {
            case ONE, SEVERAL -> there.containsAll(event.paths());
            case FOLDER -> PretendFiles.folders(there).contains(event.paths().getFirst());
            case SAVE ->
                event.paths().getFirst().startsWith("/")
                        && !PretendFiles.nameOf(event.paths().getFirst()).isBlank()
                        && !event.paths().getFirst().endsWith("/");
        };
    }

    /** A trail names a filter by its label, which means the first of that label. */
    private static boolean isNamed(FileDialog dialog, int filter) {
        if (filter < 0 || filter >= dialog.offered().size()) {
            return false;
        }
        List<String> labels =
                dialog.offered().stream().map(FileDialog.Filter::label).toList();
        return labels.indexOf(labels.get(filter)) == filter;
    }

    static boolean isPossible(Inst inst, Event.Pick event) {
        return inst.plan.window() instanceof Picker picker && picker.of().accepts(event.value());
    }

    static boolean isPossible(Inst inst, Event.Answer event) {
        return inst.plan.window() instanceof MessageBox box
                && event.answer() >= 0
                && event.answer() < box.answers().size();
    }

    // How it ends

    void take(Inst inst, Event.Answer event) {
        String ending =
                ((MessageBox) inst.plan.window()).answers().get(event.answer()).ending();
        new Requests(run).answer(inst, inst.plan.endingNumber(ending));
    }

    void take(Inst inst, Event.Choose event) {
        var dialog = (FileDialog) inst.plan.window();
        List<Value> paths = event.paths().stream()
                .map(p -> dialog.completed(p, event.filter()))
                .map(Value::of)
                .toList();
        Value path = dialog.asks() == FileDialog.Asks.SEVERAL ? new Value.Items(paths) : paths.getFirst();
        if (dialog.asks() == FileDialog.Asks.FOLDER) {
            end(inst, FileDialog.CHOSEN, path);
        } else {
            end(
                    inst,
                    FileDialog.CHOSEN,
                    path,
                    Value.of(dialog.offered().get(event.filter()).label()));
        }
    }

    void take(Inst inst, Event.Pick event) {
        Value value = ((Picker) inst.plan.window()).of() == Picker.Of.DATE
                ? new Value.Date(LocalDate.parse(event.value()))
                : Value.of(event.value());
        end(inst, Picker.PICKED, value);
    }

    private void end(Inst inst, String ending, Value... gives) {
        var endings = new Endings(run);
        for (int i = 0; i < gives.length; i++) {
            endings.put(inst, i, run.program.number(gives[i]));
        }
        new Requests(run).answer(inst, inst.plan.endingNumber(ending));
    }
}
