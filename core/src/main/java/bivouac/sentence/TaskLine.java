package bivouac.sentence;

import bivouac.design.Ending;
import bivouac.design.Expression;
import bivouac.design.Given;
import bivouac.design.Name;
import bivouac.design.Take;
import bivouac.design.Task;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** A task of the application as one typed line, and back. */
public final class TaskLine {

    private TaskLine() {}

    /**
     * A task as a line: {@code write register taking at: file ends done writing takes.at; failed giving reason: text =
     * "no room"; usually done; shows progress; may be cancelled}. What an ending gives has its sample value after the equals
     * sign.
     */
    public static String write(Task task) {
        var out = new StringBuilder(task.name().shown());
        if (!task.takes().isEmpty()) {
            out.append(" taking ").append(Declarations.takes(task.takes()));
        }
        out.append(" ends ")
                .append(task.outcomes().stream().map(TaskLine::outcome).collect(Collectors.joining("; ")));
        task.usually().ifPresent(u -> out.append("; usually ").append(u));
        task.told().forEach(told -> out.append("; ").append(told.words()));
        return out.toString();
    }

    private static String outcome(Task.Outcome o) {
        String gives = o.ending().gives().stream()
                .map(g -> g.name().shown() + ": " + g.type()
                        + o.samples().stream()
                                .filter(s -> s.name().equals(g.name().expression()))
                                .findFirst()
                                .map(s -> " = " + s.value())
                                .orElse(""))
                .collect(Collectors.joining(", "));
        return o.ending().name()
                + (gives.isEmpty() ? "" : " giving " + gives)
                + o.writes().map(w -> " writing " + w).orElse("");
    }

    /** Reads a task back from its line. */
    public static Task read(String line) throws Declarations.Wrong {
        int ends = line.indexOf(" ends ");
        String head = (ends < 0 ? line : line.substring(0, ends)).strip();
        int taking = head.indexOf(" taking ");
        String name = (taking < 0 ? head : head.substring(0, taking)).strip();
        if (name.isEmpty()) {
            throw new Declarations.Wrong("A task needs a name, for example: write register ends done; failed.");
        }
        List<Take> takes = taking < 0 ? List.of() : Declarations.readTakes(head.substring(taking + 8), List.of());
        var outcomes = new ArrayList<Task.Outcome>();
        Optional<String> usually = Optional.empty();
        var told = EnumSet.noneOf(Task.Told.class);
        for (String one : ends < 0
                ? new String[] {"done", "failed"}
                : line.substring(ends + 6).split(";")) {
            String words = one.strip();
            Optional<Task.Told> tells = Stream.of(Task.Told.values())
                    .filter(t -> t.words().equals(words))
                    .findFirst();
            if (tells.isPresent()) {
                told.add(tells.get());
            } else if (words.startsWith("usually ")) {
                usually = Optional.of(words.substring(8).strip());
            } else if (!words.isEmpty()) {
                outcomes.add(readOutcome(words));
            }
        }
        String usual = usually.orElse("");
        if (!usual.isEmpty()
                && outcomes.stream().noneMatch(o -> o.ending().name().equals(usual))) {
            throw new Declarations.Wrong("“" + usual + "” is no ending of " + name + ".");
        }
        if (outcomes.isEmpty()) {
            throw new Declarations.Wrong(
                    name + " needs at least one ending, for example: " + name + " ends done; failed.");
        }
        return new Task(Name.of(name), takes, outcomes, usually, told);
    }

    private static Task.Outcome readOutcome(String words) throws Declarations.Wrong {
        int writing = words.indexOf(" writing ");
        Optional<Expression> writes = writing < 0
                ? Optional.empty()
                : Optional.of(new Expression(words.substring(writing + 9).strip()));
        String rest = writing < 0 ? words : words.substring(0, writing);
        int giving = rest.indexOf(" giving ");
        var gives = new ArrayList<Ending.Give>();
        var samples = new ArrayList<Given>();
        for (Declarations.Item item : Declarations.items(giving < 0 ? "" : rest.substring(giving + 8))) {
            var give = new Ending.Give(Name.of(item.name()), item.type());
            gives.add(give);
            item.value().ifPresent(v -> samples.add(new Given(give.name().expression(), v)));
        }
        String name = (giving < 0 ? rest : rest.substring(0, giving)).strip();
        if (name.equals(Ending.BROKE.name())) {
            throw new Declarations.Wrong(
                    "Every task can break, without saying so (W8); give this ending another name, or"
                            + " write when broke behind the step that runs it.");
        }
        return new Task.Outcome(new Ending(name, gives), samples, writes);
    }
}
