package bivouac.machine;

import bivouac.design.Part;
import bivouac.design.Type;
import bivouac.expression.Texts;
import bivouac.expression.Value;
import bivouac.plan.Deciding;
import bivouac.plan.PartPlan;
import bivouac.plan.Program;
import bivouac.plan.WindowPlan;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;

/**
 * The few texts that are typed into each field where all that can happen is tried: one of its kind, one that is none,
 * and what the design's conditions tell apart, a limit and what lies beside it. A field on which nothing depends
 * gets one text where something happens when it changes, and none else.
 */
public final class Samples implements Entries {

    /** As many texts for one field. */
    private static final int MOST = 16;

    private static final String SOME_TEXT = "Abc";
    private static final String SOME_NUMBER = "2";
    private static final String NO_NUMBER = "two";
    private static final String NO_DATE = "soon";

    private final Program program;
    private final Deciding deciding;
    private final LocalDate today;
    private final Map<PartPlan, List<String>> texts = new HashMap<>();
    private final Map<String, Set<Told>> told = new HashMap<>();

    public Samples(Program program, Deciding deciding, LocalDate today) {
        this.program = program;
        this.deciding = deciding;
        this.today = today;
        for (WindowPlan window : program.windows()) {
            window.parts().forEach(p -> texts.put(p, texts(p)));
            window.parts().forEach(this::tells);
        }
    }

    /** Those of a program of which nothing else is asked. */
    public static Samples of(Program program, LocalDate today) {
        return new Samples(program, Deciding.of(program, List.of()), today);
    }

    private static boolean isField(PartPlan part) {
        return part.part instanceof Part.TextField || part.part instanceof Part.ValueField;
    }

    private List<String> texts(PartPlan part) {
        boolean field = isField(part);
        if (field && !deciding.has(part.cell())) {
            boolean happens = !part.script().isEmpty() || deciding.has(part.changed());
            return happens ? List.of(usual(part.part)) : List.of();
        }
        return field ? all(part.part, List.copyOf(deciding.apart(part.cell()))) : List.of();
    }

    /** What decides of a progress: half of it and all, a limit and what lies beside it, and the lines that are told apart. */
    private void tells(PartPlan part) {
        if (!(part.part instanceof Part.Progress progress)) {
            return;
        }
        Set<Told> all = told.computeIfAbsent(progress.task(), t -> new LinkedHashSet<>());
        if (deciding.has(part.cell())) {
            Set<String> numbers = new LinkedHashSet<>(List.of("50", "100"));
            numbers(List.copyOf(deciding.apart(part.cell())), numbers);
            numbers.stream()
                    .flatMap(n -> Texts.as(Type.WHOLE, n).stream())
                    .map(n -> new Told(Part.Progress.within(((Value.Whole) n).value()), ""))
                    .forEach(all::add);
        }
        if (deciding.has(part.line())) {
            Set<String> lines = new LinkedHashSet<>(List.of(SOME_TEXT));
            texts(List.copyOf(deciding.apart(part.line())), lines);
            lines.forEach(line -> all.add(new Told(0, line)));
        }
    }

    private String usual(Part part) {
        return part instanceof Part.ValueField f
                ? f.holds() == Part.Holds.DATE ? today.toString() : SOME_NUMBER
                : SOME_TEXT;
    }

    private List<String> all(Part part, List<Value> apart) {
        Set<String> all = new LinkedHashSet<>();
        all.add(usual(part));
        switch (part) {
            case Part.ValueField f
            when f.holds() == Part.Holds.DATE -> {
                dates(apart, all);
                all.add(NO_DATE);
            }
            case Part.ValueField f -> {
                all.add(NO_NUMBER);
                numbers(apart, all);
            }
            case Part.Caption _,
                    Part.TextField _,
                    Part.Choice _,
                    Part.ListOfRows _,
                    Part.Link _,
                    Part.Picture _,
                    Part.Progress _,
                    Part.TickBox _,
                    Part.Button _,
                    Part.MenuCommand _ -> {
                texts(apart, all);
                numbers(apart, all);
            }
        }
        return all.stream().limit(MOST).toList();
    }

    private void dates(List<Value> apart, Set<String> to) {
        to.add(today.plusDays(1).toString());
        to.add(today.minusDays(1).toString());
        for (Value value : apart) {
            if (value instanceof Value.Date(LocalDate date)) {
                to.add(date.toString());
            } else if (value instanceof Value.Text(String text) && !text.isBlank()) {
                to.add(text);
            }
        }
    }

    private static void texts(List<Value> apart, Set<String> to) {
        for (Value value : apart) {
            if (value instanceof Value.Text(String text)) {
                to.add(text);
            }
        }
    }

    /** A limit, and what lies right beside it. */
    private static void numbers(List<Value> apart, Set<String> to) {
        for (Value value : apart) {
            switch (value) {
                case Value.Whole(long n) -> {
                    to.add(Long.toString(n));
                    to.add(Long.toString(n + 1));
                    to.add(Long.toString(n - 1));
                }
                case Value.Number n -> {
                    to.add(n.shown());
                    to.add(new Value.Number(n.value() + 1).shown());
                    to.add(new Value.Number(n.value() - 1).shown());
                }
                default -> {
                    // no number
                }
            }
        }
    }

    @Override
    public List<Told> told(String task) {
        return told.getOrDefault(task, Set.of()).stream().limit(MOST).toList();
    }

    @Override
    public int count(WindowPlan window, PartPlan part) {
        return texts.get(part).size();
    }

    @Override
    public String text(WindowPlan window, PartPlan part, int item) {
        return texts.get(part).get(item);
    }

    /** An edit of a field in a scene, with each of the texts that are worth trying there. */
    public List<Event.Edit> worthTrying(Scene scene, Event.Edit edit) {
        return edits(scene, edit, this::worthTrying);
    }

    /** The same with those of which something comes. */
    public List<Event.Edit> of(Scene scene, Event.Edit edit) {
        return edits(scene, edit, this::of);
    }

    /** What work tells of how far it is, with each of what something comes of. */
    public List<Event.TaskTells> of(Scene scene, Event.TaskTells tells) {
        return scene.tasks().stream()
                .filter(t -> t.place() == tells.place())
                .flatMap(t -> told(t.task()).stream())
                .map(t -> new Event.TaskTells(tells.place(), t.done(), t.line()))
                .toList();
    }

    private List<Event.Edit> edits(Scene scene, Event.Edit edit, Function<PartPlan, List<String>> texts) {
        return scene.windows().stream()
                .filter(w -> w.instance() == edit.instance())
                .flatMap(w -> program.window(w.which().window()).stream())
                .flatMap(w -> texts.apply(w.parts().get(edit.part())).stream())
                .map(text -> new Event.Edit(edit.instance(), edit.part(), text))
                .toList();
    }

    /** The texts for a field; none where nothing comes of typing one. */
    public List<String> of(PartPlan part) {
        return texts.getOrDefault(part, List.of());
    }

    /** What a person could try in a field, the likeliest first; also where nothing depends on it. */
    public List<String> worthTrying(PartPlan part) {
        List<String> all = of(part);
        return all.isEmpty() && isField(part) ? List.of(usual(part.part)) : all;
    }
}
