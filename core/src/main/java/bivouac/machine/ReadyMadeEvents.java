package bivouac.machine;

import bivouac.design.FileDialog;
import bivouac.design.MessageBox;
import bivouac.design.Picker;
import bivouac.design.PretendFiles;
import bivouac.design.ReadyMade;
import bivouac.expression.Value;
import bivouac.plan.WindowPlan;
import bivouac.state.Inst;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;

/** What can happen to message boxes, file dialogs and pickers, and how they end (C7, C8). */
final class ReadyMadeEvents {

    /** As many choices as are offered for one file dialog; any other that fits is possible as well. */
    private static final int MOST_OFFERED = 16;

    private final Run run;
    private final Requests requests;
    private final Endings endings;

    ReadyMadeEvents(Run run, Requests requests, Endings endings) {
        this.run = run;
        this.requests = requests;
        this.endings = endings;
    }

    // What is offered

    void offer(Inst inst, ReadyMade window, int number, EventList events) {
        switch (window) {
            case MessageBox box ->
                offer(NumberedEvent.Kind.ANSWER, number, box.answers().size(), events);
            case FileDialog dialog -> {
                List<String> paths = paths(dialog, inst);
                int last = Math.min(MOST_OFFERED, paths.size());
                for (int i = 0; i < last; i++) {
                    if (isPossible(inst, choice(inst, number, i))) {
                        events.add(NumberedEvent.Kind.CHOOSE, number, 0, i);
                    }
                }
            }
            case Picker picker ->
                offer(NumberedEvent.Kind.PICK, number, values(picker, inst).size(), events);
        }
    }

    private static void offer(NumberedEvent.Kind kind, int number, int count, EventList events) {
        for (int i = 0; i < count; i++) {
            events.add(kind, number, 0, i);
        }
    }

    /** What choosing an offered path is. */
    Event.Choose choice(Inst inst, int number, int item) {
        var dialog = (FileDialog) inst.plan.window();
        String path = paths(dialog, inst).get(item);
        return new Event.Choose(number, List.of(path), filterFor(dialog, path));
    }

    /** What picking an offered value is. */
    Event.Pick pick(Inst inst, int number, int item) {
        return new Event.Pick(number, values((Picker) inst.plan.window(), inst).get(item));
    }

    private List<String> paths(FileDialog dialog, Inst inst) {
        List<String> there = run.paths();
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
        return List.copyOf(paths);
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
                    case DATE -> List.of(run.date().toString());
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
        List<String> there = run.paths();
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

    void answer(Inst inst, int answer) {
        String ending = ((MessageBox) inst.plan.window()).answers().get(answer).ending();
        requests.answer(inst, inst.plan.endingNumber(ending));
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
        endings.put(inst, gives);
        requests.answer(inst, inst.plan.endingNumber(ending));
    }
}
