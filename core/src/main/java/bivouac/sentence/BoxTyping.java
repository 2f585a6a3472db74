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
        if (text.isBlank()) {
            return new Typed.Unfinished("Say what the message box says: " + (asks ? "ask" : "message") + " `text`.");
        }
        var all = answers.stream().map(MessageBox.Answer::of).toList();
        Name name = design.freeName(nameFor(text));
        var takes = new MessageTakes(text);
        var box = new MessageBox(
                name,
                title.isBlank() ? titleHere() : title,
                asks ? MessageBox.Severity.QUESTION : MessageBox.Severity.INFO,
                takes.text(),
                takes.takes(),
                all,
                Optional.of((asks ? all.getLast() : all.getFirst()).ending()),
                Optional.of(all.getLast().ending()));
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
        Typed done = steps.put(design.adding(box), open, "message box " + name);
        return done instanceof Typed.Done d && asks ? new Typed.Done(d.design(), d.did(), at.into(0, 0)) : done;
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
        if (read.isEmpty()) {
            return new Typed.Unfinished("Say what must be: check me.name must not be empty, me.nights must be a whole "
                    + "number between 1 and 30, or me.day must be a date not after today.");
        }
        Name name = design.freeName(nameFor(read.get().says()));
        var ok = MessageBox.Answer.of("OK");
        var box = new MessageBox(
                name,
                titleHere(),
                MessageBox.Severity.WARNING,
                read.get().says(),
                List.of(),
                List.of(ok),
                Optional.of(ok.ending()),
                Optional.empty());
        var said = new ArrayList<Step>();
        said.add(Step.Open.of(name.shown(), new Manner.WaitsForApplication()));
        if (place instanceof ScriptPlace.AtMoment m && m.moment() == FacedWindow.Moment.BEFORE_CLOSING) {
            said.add(new Step.StayOpen());
        }
        var wrong = new Step.If.Case(new Expression(read.get().wrong()), new Script(said));
        Design more = design.adding(box);
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

    /** The checks whose still empty else the line is typed in. */
    private Optional<StepPath> checksBefore() {
        return at.outer().filter(o -> o.in(place.in(design))
                .filter(s -> s instanceof Step.If i
                        && i.otherwise().map(Script::isEmpty).orElse(false)
                        && at.equals(o.into(i.cases().size(), 0)))
                .isPresent());
    }
}
