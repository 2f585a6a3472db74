package bivouac.sentence;

import bivouac.design.Design;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Manner;
import bivouac.design.MessageBox;
import bivouac.design.Name;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.WaysIn;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Typed lines that make a message box on the way: {@code message}, {@code ask} and {@code check}. */
final class BoxTyping {

    private final Design design;
    private final ScriptPlace place;
    private final StepPath at;
    private final boolean replaces;
    private final StepTyping steps;

    BoxTyping(Design design, ScriptPlace place, StepPath at, boolean replaces, StepTyping steps) {
        this.design = design;
        this.place = place;
        this.at = at;
        this.replaces = replaces;
        this.steps = steps;
    }

    Typed message(Words words, boolean asks) {
        String text = words.quotedOr(List.of(" titled ", " with "));
        String title = words.take("titled") ? words.quotedOr(List.of(" with ")) : "";
        List<String> answers = words.take("with") ? words.list() : List.of();
        if (answers.isEmpty()) {
            answers = asks ? List.of("Yes", "No") : List.of("OK");
        }
        if (!words.isEmpty()) {
            return StepTyping.tooMuch(words);
        }
        if (text.isBlank()) {
            return new Typed.Unfinished("Say what the message box says: " + (asks ? "ask" : "message") + " `text`.");
        }
        var all = answers.stream().map(MessageBox.Answer::of).toList();
        var takes = new MessageTakes(text);
        var box = free(new MessageBox(
                Name.of(nameFor(text)),
                title.isBlank() ? titleHere() : title,
                asks ? MessageBox.Severity.QUESTION : MessageBox.Severity.INFO,
                takes.text(),
                takes.takes(),
                all,
                Optional.of((asks ? all.getLast() : all.getFirst()).ending()),
                Optional.of(all.getLast().ending())));
        Name name = box.name();
        var branches = new ArrayList<Step.Branch>();
        if (asks) {
            all.forEach(a -> branches.add(new Step.Branch(a.ending(), Script.EMPTY)));
        }
        var open = new Step.Open(
                name.shown(),
                new Manner.WaitsForApplication(),
                Optional.empty(),
                takes.handOver(),
                Optional.empty(),
                branches);
        Typed done = steps.put(with(box), open, "message box " + name);
        return done instanceof Typed.Done d && asks ? new Typed.Done(d.design(), d.did(), at.into(0, 0)) : done;
    }

    /** A box that says the very same and that nothing opens any more is used again; else a name that is free. */
    private MessageBox free(MessageBox box) {
        return design.windows().stream()
                .filter(MessageBox.class::isInstance)
                .map(MessageBox.class::cast)
                .filter(b -> box.named(b.name()).equals(b))
                .filter(b -> WaysIn.into(design, b.name().shown()).isEmpty())
                .findFirst()
                .orElseGet(() -> box.named(design.freeName(box.name().shown())));
    }

    private Design with(MessageBox box) {
        return design.window(box.name().shown()).isPresent() ? design : design.adding(box);
    }

    private String titleHere() {
        return place.ofWindow()
                .flatMap(design::window)
                .map(w -> w.name().shown())
                .orElse(design.application().name());
    }

    /** The box is named from its text: its first few words. */
    static String nameFor(String text) {
        String plain = text.replaceAll("\\{[^}]*}", " ")
                .replaceAll("[^\\p{L}\\p{N} '’-]", " ")
                .strip();
        String[] words = plain.split("\\s+");
        var name = new StringBuilder();
        for (String word : words) {
            if (name.length() + word.length() > 24) {
                break;
            }
            name.append(name.isEmpty() ? "" : " ").append(word);
        }
        return name.isEmpty() ? "Message" : name.toString();
    }

    /** A field is checked: a case more where checks stand already, so that what follows runs when all are right. */
    Typed check(String line) {
        Optional<FieldCheck> read = FieldCheck.read(design, place, line);
        Optional<String> unknown = FieldCheck.unknown(design, place, line);
        if (unknown.isPresent()) {
            return new Typed.Unfinished(unknown.get());
        }
        if (read.isEmpty()) {
            return new Typed.Unfinished("Say what must be: check me.name must not be empty, me.nights must be a whole "
                    + "number between 1 and 30, or me.day must be a date not after today.");
        }
        var ok = MessageBox.Answer.of("OK");
        var box = free(new MessageBox(
                Name.of(nameFor(read.get().says())),
                titleHere(),
                MessageBox.Severity.WARNING,
                read.get().says(),
                List.of(),
                List.of(ok),
                Optional.of(ok.ending()),
                Optional.empty()));
        Name name = box.name();
        var said = new ArrayList<Step>();
        said.add(Step.Open.of(name.shown(), new Manner.WaitsForApplication()));
        if (place instanceof ScriptPlace.AtMoment m && m.moment() == FacedWindow.Moment.BEFORE_CLOSING) {
            said.add(new Step.StayOpen());
        }
        var wrong = new Step.If.Case(new Expression(read.get().wrong()), new Script(said));
        Design more = with(box);
        Optional<StepPath> before = checksBefore();
        if (before.isPresent()) {
            Script script = place.in(more);
            var checks = (Step.If) before.get().in(script).orElseThrow();
            var cases = new ArrayList<>(checks.cases());
            cases.add(wrong);
            Script changed = before.get().replace(script, new Step.If(cases, checks.otherwise()));
            return new Typed.Done(
                    place.put(more, changed),
                    "check added, with " + name,
                    before.get().into(cases.size(), 0));
        }
        Typed done = steps.put(more, new Step.If(List.of(wrong), Optional.of(Script.EMPTY)), "check, with " + name);
        return done instanceof Typed.Done d && !replaces ? new Typed.Done(d.design(), d.did(), at.into(1, 0)) : done;
    }

    /** The checks in whose still empty else the line is typed, or right behind which it is: it is one more of them. */
    private Optional<StepPath> checksBefore() {
        if (replaces) {
            return Optional.empty();
        }
        Optional<StepPath> around = at.outer().filter(o -> isChecks(o, true) && at.equals(elseOf(o)));
        return around.or(() ->
                at.last() == 0 ? Optional.empty() : Optional.of(at.next(-1)).filter(p -> isChecks(p, false)));
    }

    private StepPath elseOf(StepPath path) {
        return path.into(
                ((Step.If) path.in(place.in(design)).orElseThrow()).cases().size(), 0);
    }

    /** @param any whether any condition will do, or only what warns, as checks do */
    private boolean isChecks(StepPath path, boolean any) {
        return path.in(place.in(design))
                .filter(s -> s instanceof Step.If i
                        && i.otherwise().map(Script::isEmpty).orElse(false)
                        && (any || i.cases().stream().allMatch(c -> warns(c.script()))))
                .isPresent();
    }

    private boolean warns(Script script) {
        return !script.isEmpty()
                && script.steps().getFirst() instanceof Step.Open open
                && design.window(open.window())
                        .filter(w -> w instanceof MessageBox box && box.severity() == MessageBox.Severity.WARNING)
                        .isPresent();
    }
}
