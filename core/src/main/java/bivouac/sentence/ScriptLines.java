package bivouac.sentence;

import bivouac.design.Design;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Unanswered;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A script as the lines that a person reads: steps, the branches inside them, and the endings that have none. */
public final class ScriptLines {

    private final Design design;
    private final ScriptPlace place;

    private ScriptLines(Design design, ScriptPlace place) {
        this.design = design;
        this.place = place;
    }

    /** A line of a script. */
    public sealed interface Line {
        /** How far it stands in, from 0. */
        int indent();

        List<Token> tokens();
    }

    /** A step, with its number as people count. */
    public record StepLine(StepPath path, int number, int indent, List<Token> tokens, boolean off) implements Line {}

    /**
     * What leads into a script inside a step.
     *
     * @param step the step that holds it
     * @param inner which of the step's scripts; -1 where there is none yet
     * @param ending the ending that a branch answers; empty for conditions and refusals
     */
    public record BranchLine(StepPath step, int inner, int indent, List<Token> tokens, String ending, boolean empty)
            implements Line {

        /** No branch is written for this ending. */
        public boolean isMissing() {
            return inner < 0;
        }

        /** Where the next step in the branch would stand. */
        public Optional<StepPath> entry(Script script) {
            return isMissing()
                    ? Optional.empty()
                    : step.in(script)
                            .map(s -> step.into(
                                    inner, s.inner().get(inner).script().steps().size()));
        }
    }

    /** The lines of the script at a place, from top to bottom. */
    public static List<Line> of(Design design, ScriptPlace place) {
        return new ScriptLines(design, place).all(place.in(design));
    }

    private List<Line> all(Script script) {
        var lines = new ArrayList<Line>();
        for (int i = 0; i < script.steps().size(); i++) {
            step(lines, script.steps().get(i), StepPath.of(i), 0);
        }
        return List.copyOf(lines);
    }

    /**
     * Under how many of the lines the entry for a step stands that is to come at the end of an inner script: behind the
     * last line of that script, or of what holds it where it has none.
     */
    public static int linesBefore(StepPath entry, List<Line> lines) {
        StepPath before = entry.last() > 0 ? entry.next(-1) : entry;
        int after = -1;
        for (int i = 0; i < lines.size(); i++) {
            StepPath path =
                    switch (lines.get(i)) {
                        case StepLine s -> s.path();
                        case BranchLine b -> b.step();
                    };
            boolean inside = path.numbers().size() >= before.numbers().size()
                    && path.numbers().subList(0, before.numbers().size()).equals(before.numbers());
            boolean holder = entry.last() == 0 && entry.outer().equals(Optional.of(path));
            if (inside || holder && after < 0) {
                after = i;
            }
        }
        return after + 1;
    }

    private static int steps(List<Line> lines) {
        return (int) lines.stream().filter(StepLine.class::isInstance).count();
    }

    private void step(List<Line> lines, Step step, StepPath path, int indent) {
        boolean off = step instanceof Step.Off;
        lines.add(new StepLine(path, steps(lines) + 1, indent, Sentences.of(step), off));
        Step inside = step instanceof Step.Off(Step kept) ? kept : step;
        switch (inside) {
            case Step.Branching branching -> branches(lines, branching, path, indent + 1);
            case Step.If choice -> cases(lines, choice, path, indent);
            case Step.Repeat repeat -> inner(lines, repeat.script(), path, 0, indent + 1);
            case Step.Close close -> refused(lines, close.refused(), path, indent + 1);
            case Step.EndApplication end -> refused(lines, end.refused(), path, indent + 1);
            case Step.Plain p -> {
                // one line
            }
            case Step.Off o -> throw new IllegalStateException("a step is switched off once");
        }
    }

    private void branches(List<Line> lines, Step.Branching open, StepPath path, int indent) {
        for (int i = 0; i < open.branches().size(); i++) {
            Step.Branch branch = open.branches().get(i);
            lines.add(when(branch.ending(), path, i, indent, branch.script().isEmpty()));
            inner(lines, branch.script(), path, i, indent + 1);
        }
        Unanswered.of(design, place, open)
                .forEach(u -> lines.add(when(u.ending().name(), path, -1, indent, true)));
    }

    private static BranchLine when(String ending, StepPath path, int inner, int indent, boolean empty) {
        var tokens = new ArrayList<Token>();
        tokens.add(new Token.Keyword("when"));
        tokens.add(new Token.EndingName(ending));
        if (inner < 0) {
            tokens.add(new Token.Plain("no branch"));
        } else if (empty) {
            tokens.add(new Token.Plain("nothing, on purpose"));
        }
        return new BranchLine(path, inner, indent, List.copyOf(tokens), ending, empty);
    }

    private void cases(List<Line> lines, Step.If choice, StepPath path, int indent) {
        for (int i = 0; i < choice.cases().size(); i++) {
            Step.If.Case one = choice.cases().get(i);
            if (i > 0) {
                var tokens = new ArrayList<Token>();
                Sentences.condition(tokens, "else if", one.condition());
                nothingYet(tokens, one.script());
                lines.add(new BranchLine(
                        path, i, indent, List.copyOf(tokens), "", one.script().isEmpty()));
            }
            inner(lines, one.script(), path, i, indent + 1);
        }
        choice.otherwise().ifPresent(s -> {
            int n = choice.cases().size();
            var tokens = new ArrayList<Token>(List.of(new Token.Keyword("else")));
            nothingYet(tokens, s);
            lines.add(new BranchLine(path, n, indent, List.copyOf(tokens), "", s.isEmpty()));
            inner(lines, s, path, n, indent + 1);
        });
    }

    /** Or the step behind it would seem to stand in it. */
    private static void nothingYet(List<Token> tokens, Script script) {
        if (script.isEmpty()) {
            tokens.add(new Token.Plain("nothing"));
        }
    }

    private void refused(List<Line> lines, Script script, StepPath path, int indent) {
        if (!script.isEmpty()) {
            lines.add(new BranchLine(
                    path, 0, indent, List.of(new Token.Keyword("when"), new Token.Plain("refused")), "", false));
            inner(lines, script, path, 0, indent + 1);
        }
    }

    private void inner(List<Line> lines, Script script, StepPath path, int inner, int indent) {
        for (int n = 0; n < script.steps().size(); n++) {
            step(lines, script.steps().get(n), path.into(inner, n), indent);
        }
    }
}
