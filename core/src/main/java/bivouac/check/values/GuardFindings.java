package bivouac.check.values;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.Facts;
import bivouac.check.known.GoesOn;
import bivouac.check.known.Guards;
import bivouac.check.known.MayChange;
import bivouac.check.known.NumbersOnly;
import bivouac.check.known.Place;
import bivouac.check.ways.ExpressionRepair;
import bivouac.check.ways.Repair;
import bivouac.check.ways.StepRepair;
import bivouac.design.Braces;
import bivouac.design.Design;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Setting;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Type;
import bivouac.expression.Proposed;
import bivouac.expression.Term;
import bivouac.plan.Program;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Predicate;

/**
 * Values taken for granted: a conversion that can meet a text that is no number, a field or a selected row that may not be
 * there (X3). Told by following each script with what its conditions say; texts and conditions on windows are looked at
 * as they stand.
 */
public final class GuardFindings {

    private final List<Finding> found;
    private final Program program;
    private final Design design;
    private final Optional<FacedWindow> window;
    private final ScriptPlace place;
    private final GoesOn goesOn;
    private final MayChange changes;
    private final NumbersOnly numbers;

    private GuardFindings(
            List<Finding> found,
            Program program,
            ScriptPlace place,
            MayChange.Elsewhere elsewhere,
            NumbersOnly numbers) {
        this.found = found;
        this.program = program;
        this.design = program.design();
        this.window = place.ofWindow().flatMap(design::faced);
        this.place = place;
        this.goesOn = new GoesOn(design, place);
        this.numbers = numbers;
        this.changes = new MayChange(design, place, elsewhere);
    }

    public static void into(List<Finding> found, Program program) {
        var elsewhere = MayChange.Elsewhere.in(program.design());
        var numbers = NumbersOnly.in(program);
        program.design().scripts().forEach((place, script) -> {
            if (!script.isEmpty()) {
                new GuardFindings(found, program, place, elsewhere, numbers).whole(script);
            }
        });
        program.design().windows().forEach(w -> {
            if (w instanceof FacedWindow face) {
                new OnWindow(found, program, face, numbers).look();
            }
        });
    }

    /** A part that cannot be used unless a condition holds is guarded by that condition (P2). */
    private void whole(Script script) {
        Facts facts = place.ofPart()
                .flatMap(name -> window.flatMap(w -> w.part(name)))
                .map(guarded -> guarded.traits().enabled())
                .filter(Setting.Follows.class::isInstance)
                .flatMap(s -> term(((Setting.Follows) s).condition(), StepPath.of(0)))
                .map(t -> Facts.NONE.with(t, true))
                .orElse(Facts.NONE);
        steps(script.steps(), Optional.empty(), 0, facts);
    }

    private Optional<? extends Term<?>> term(Expression expression, StepPath path) {
        return program.compileAt(place, path, expression).term();
    }

    /** Answers what is known after the steps. */
    private Facts steps(List<Step> steps, Optional<StepPath> outer, int inner, Facts before) {
        Facts facts = before;
        for (int i = 0; i < steps.size(); i++) {
            facts = step(steps.get(i), StepPath.in(outer, inner, i), facts);
        }
        return facts;
    }

    private Facts step(Step step, StepPath path, Facts facts) {
        if (step instanceof Step.Off) {
            return facts;
        }
        if (step instanceof Step.If choice) {
            return cases(choice, path, facts);
        }
        if (step instanceof Step.Let(String name, Expression value)) {
            return facts.let(name, expression(value, path, facts));
        }
        step.pieces().expressions().forEach(e -> expression(e, path, facts));
        return step.inner().isEmpty() ? facts.without(changes.before(step)) : inside(step, path, facts);
    }

    /**
     * What is known behind a step that holds others: what is known wherever one comes from, by its branches and past them.
     * What is done again and again knows only what it does not change itself.
     */
    private Facts inside(Step step, StepPath path, Facts facts) {
        if (step instanceof Step.Repeat(Script again)) {
            Facts each = facts.without(changes.in(again));
            steps(again.steps(), Optional.of(path), 0, each);
            return each;
        }
        Facts before = facts.without(changes.before(step));
        Facts after = before;
        for (int i = 0; i < step.inner().size(); i++) {
            Script inner = step.inner().get(i).script();
            Facts done = steps(inner.steps(), Optional.of(path), i, before);
            after = leaves(inner) ? after : after.and(done);
        }
        return after;
    }

    /** What an earlier case asked is known in the later ones, and after all of them where it does not go on. */
    private Facts cases(Step.If choice, StepPath path, Facts before) {
        Facts known = before;
        var after = new ArrayList<Facts>();
        for (int i = 0; i < choice.cases().size(); i++) {
            Step.If.Case one = choice.cases().get(i);
            Optional<? extends Term<?>> condition = expression(one.condition(), path, OptionalInt.of(i), known);
            Facts here = known;
            Facts inside = condition.map(c -> here.with(c, true)).orElse(here);
            Facts done = steps(one.script().steps(), Optional.of(path), i, inside);
            if (!leaves(one.script())) {
                after.add(done);
            }
            known = condition.map(c -> here.with(c, false)).orElse(here);
        }
        Facts otherwise = known;
        choice.otherwise()
                .ifPresentOrElse(
                        s -> {
                            Facts done = steps(
                                    s.steps(), Optional.of(path), choice.cases().size(), otherwise);
                            if (!leaves(s)) {
                                after.add(done);
                            }
                        },
                        () -> after.add(otherwise));
        return after.stream().reduce(Facts::and).orElse(before);
    }

    /** Whether what follows is not come to: also by closing, which goes on only where it is refused. */
    private boolean leaves(Script script) {
        return !goesOn.after(script)
                || script.steps().stream()
                        .anyMatch(s -> s instanceof Step.Close c && c.target() instanceof bivouac.design.Target.Me);
    }

    /** Looks at an expression where it stands; answers what it says, where it says anything. */
    private Optional<? extends Term<?>> expression(Expression expression, StepPath path, Facts facts) {
        return expression(expression, path, OptionalInt.empty(), facts);
    }

    private Optional<? extends Term<?>> expression(
            Expression expression, StepPath path, OptionalInt inner, Facts facts) {
        Optional<? extends Term<?>> term = term(expression, path);
        term.ifPresent(t -> {
            Predicate<String> selected = list -> isAboutARowOf(list);
            new Guards(window, selected, this::isNumber)
                    .of(t, facts)
                    .forEach(u -> found.add(new Finding(
                            Weight.RISKY,
                            Kind.UNGUARDED,
                            place.words() + ": " + u.what(),
                            "The script would end there with a fault (X3), and nobody would be told.",
                            Place.step(place, path, inner),
                            asking(path, u, t, expression))));
            new Sums(window, facts, place.words(), Place.step(place, path, inner)).into(found, t, expression.source());
        });
        return term;
    }

    /** The step is put under a condition; one that names a value for those after it, or asks itself, asks in it. */
    private List<Repair> asking(StepPath path, Guards.Unguarded unguarded, Term<?> term, Expression expression) {
        boolean isNeeded = path.in(place.in(program.design()))
                .filter(s -> s instanceof Step.Let || s instanceof Step.If)
                .isPresent();
        Optional<Repair> repair = isNeeded
                ? guarded(unguarded, term, expression, Place.step(place, path))
                : unguarded.ask().map(a -> new StepRepair.OnlyIf(place, path, a));
        return repair.stream().toList();
    }

    /** An expression that is evaluated only where it has a value, and else is the empty value of its type. */
    private static Optional<Repair> guarded(Guards.Unguarded unguarded, Term<?> term, Expression expression, Place at) {
        return unguarded.ask().flatMap(ask -> (term.type() == Type.YESNO
                        ? Optional.of(Proposed.asking(ask, expression.source()))
                        : Proposed.guarded(ask, expression.source(), term.type()))
                .map(e -> ExpressionRepair.whole(at, expression.source(), e, "Ask first")));
    }

    private boolean isNumber(String dotted) {
        return place.ofWindow().filter(w -> numbers.has(w, dotted)).isPresent();
    }

    /** P2: a row's own events have their row selected. */
    private boolean isAboutARowOf(String list) {
        boolean own = place.ofPart().map(p -> ("me." + p).equals(list)).orElse(false);
        return own && (place instanceof ScriptPlace.AtRow || place instanceof ScriptPlace.AtPart);
    }

    /** What stands on a window: live texts and conditions, which are looked at whenever the application is at rest (P3). */
    private record OnWindow(List<Finding> found, Program program, FacedWindow face, NumbersOnly numbers) {

        void look() {
            texts(face.title(), Place.window(face.name().shown()), face.name().shown() + ", title");
            for (Part part : face.parts()) {
                Place place = Place.part(face.name().shown(), part.name().expression());
                String words = face.name().shown() + ", " + part.name().expression();
                texts(NumbersOnly.textOf(part), place, words);
                for (Setting setting : List.of(
                        part.traits().enabled(),
                        part.traits().visible(),
                        part.traits().readOnly())) {
                    if (setting instanceof Setting.Follows(Expression condition)) {
                        expression(condition, place, words, false);
                    }
                }
            }
        }

        private void texts(String text, Place place, String words) {
            Braces.expressions(text).forEach(e -> expression(e, place, words, true));
        }

        /** @param isShown it stands in a text, where nothing may be shown as well */
        private void expression(Expression expression, Place place, String words, boolean isShown) {
            var at = new ScriptPlace.AtMoment(face.name().shown(), FacedWindow.Moment.OPENED);
            // a path that no step has, so that only what all of the window knows is known
            Optional<? extends Term<?>> term = program.compileAt(at, StepPath.of(Integer.MAX_VALUE), expression)
                    .term();
            term.ifPresent(t -> {
                new Guards(
                                Optional.of(face),
                                list -> false,
                                n -> numbers.has(face.name().shown(), n))
                        .of(t, Facts.NONE)
                        .forEach(u -> found.add(new Finding(
                                Weight.RISKY,
                                Kind.UNGUARDED,
                                words + ": " + u.what(),
                                "It is looked at after every event, and would be a fault (X3) each time.",
                                place,
                                asking(u, t, expression, place, isShown))));
                new Sums(Optional.of(face), Facts.NONE, words, place).into(found, t, expression.source());
            });
        }

        private static List<Repair> asking(
                Guards.Unguarded unguarded, Term<?> term, Expression expression, Place place, boolean isShown) {
            Optional<String> shown = term.type() == Type.TEXT
                    ? Optional.of(expression.source())
                    : Proposed.converted(expression.source(), term.type(), Type.TEXT);
            Optional<Repair> repair = isShown
                    ? unguarded.ask().flatMap(ask -> shown.flatMap(s -> Proposed.guarded(ask, s, Type.TEXT))
                            .map(e -> ExpressionRepair.whole(place, expression.source(), e, "Show nothing then")))
                    : guarded(unguarded, term, expression, place);
            return repair.stream().toList();
        }
    }
}
