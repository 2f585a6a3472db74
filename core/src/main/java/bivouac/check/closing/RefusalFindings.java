package bivouac.check.closing;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.Facts;
import bivouac.check.known.Place;
import bivouac.check.known.Said;
import bivouac.check.ways.ClosingRepair;
import bivouac.check.ways.Repair;
import bivouac.closing.Closings;
import bivouac.closing.Decision;
import bivouac.closing.Questions;
import bivouac.closing.Trigger;
import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.Manner;
import bivouac.design.MessageBox;
import bivouac.design.Picker;
import bivouac.design.ReadyMade;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Steps;
import bivouac.design.Task;
import bivouac.design.Way;
import bivouac.design.WayOut;
import bivouac.design.WaysOut;
import bivouac.design.Window;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * Scripts before closing that ask, and do not do what the answer says (C2): the answer no that closes all the same, the
 * save that failed and closes, the question that is asked twice or leaves other windows usable.
 */
public final class RefusalFindings {

    private static final Pattern NAME = Pattern.compile("[A-Za-z_][A-Za-z0-9_]*(\\.[A-Za-z_][A-Za-z0-9_]*)+");

    private final List<Finding> found;
    private final Design design;

    private RefusalFindings(List<Finding> found, Design design) {
        this.found = found;
        this.design = design;
    }

    public static void into(List<Finding> found, Design design, Closings closings) {
        var findings = new RefusalFindings(found, design);
        for (Closings.Row row : closings.rows()) {
            if (row.window() instanceof FacedWindow) {
                row.before().decisions().forEach(d -> findings.decision(row, d));
                row.triggers().forEach(t -> findings.askedTwice(row, t));
                findings.waitsForOwnerOnly(row);
            }
        }
    }

    private static ScriptPlace place(Closings.Row row) {
        return new ScriptPlace.AtMoment(row.window().name().shown(), FacedWindow.Moment.BEFORE_CLOSING);
    }

    private void decision(Closings.Row row, Decision decision) {
        switch (decision.step()) {
            case Step.Open open ->
                Questions.asked(design, open)
                        .ifPresentOrElse(w -> question(row, decision, w), () -> design.window(open.window())
                                .ifPresent(w -> leftWithoutAnAnswer(row, decision, open, w)));
            case Step.RunTask run ->
                design.application().task(run.task()).ifPresent(task -> task(row, decision, run, task));
            case Step.TakeHolding t -> {
                // what could not be taken has its own findings
            }
            case Step.Do d -> {
                // who is asked there decides for another window
            }
            case Step.GiveBack g -> {
                // it is held no more either way (H2)
            }
        }
    }

    private void question(Closings.Row row, Decision decision, Window asked) {
        String window = row.window().name().shown();
        String box = asked.name().shown();
        Optional<String> escape = escape(asked);
        if (decision.alwaysCloses()) {
            found.add(new Finding(
                    Weight.WRONG,
                    Kind.CLOSES_ALL_THE_SAME,
                    words(row, decision) + "whatever “" + box + "” is answered, " + window + " closes.",
                    "Only “stay open” keeps a window that is asked (C2); write it where the answer is no.",
                    Place.step(place(row), decision.path()),
                    stays(row, decision, staying(asked).or(() -> escape))));
            return;
        }
        Optional<String> wrong = escape.filter(e -> !decision.canStay(e));
        wrong.ifPresent(e -> closes(
                row,
                decision,
                Weight.WRONG,
                e,
                box,
                "It is what Escape means, and who presses that wants nothing to happen; write “stay open” (C2)."));
        // where Escape stays, the other of two answers is the one that goes on, whatever it is called
        boolean told =
                escape.isPresent() && (wrong.isPresent() || asked.endings().size() <= 2);
        staying(asked)
                .filter(e -> !told && !decision.canStay(e))
                .ifPresent(e -> closes(
                        row,
                        decision,
                        Weight.HINT,
                        e,
                        box,
                        "Who answers so seems to want to go on; if so, write “stay open” there (C2)."));
    }

    private void closes(Closings.Row row, Decision decision, Weight weight, String ending, String box, String why) {
        found.add(new Finding(
                weight,
                Kind.CLOSES_ALL_THE_SAME,
                words(row, decision) + "“" + ending + "” in “" + box + "” closes "
                        + row.window().name().shown() + " all the same.",
                why,
                Place.step(place(row), decision.path()),
                stays(row, decision, Optional.of(ending))));
    }

    /** C8: who leaves a file dialog or a form without an answer has kept nothing, and it closes all the same. */
    private void leftWithoutAnAnswer(Closings.Row row, Decision decision, Step.Open open, Window asked) {
        Optional<String> left = leaving(asked);
        boolean does = open.branches().stream()
                .filter(b -> !left.equals(Optional.of(b.ending())))
                .anyMatch(b -> !b.script().doesNothing());
        left.filter(e -> does && !decision.canStay(e))
                .ifPresent(e -> closes(
                        row,
                        decision,
                        asked instanceof ReadyMade ? Weight.WRONG : Weight.RISKY,
                        e,
                        asked.name().shown(),
                        "Who leaves it so has kept nothing, and what was to be kept is gone with the window; write “stay"
                                + " open” there, or ask again (C2)."));
    }

    /** The ending of a file dialog, a picker or a form that is left without an answer. */
    private static Optional<String> leaving(Window asked) {
        return switch (asked) {
            case FileDialog dialog -> Optional.of(WaysOut.CANCELLED);
            case Picker picker -> Optional.of(WaysOut.CANCELLED);
            case MessageBox box -> Optional.empty();
            case FacedWindow face ->
                WaysOut.of(face, Way.CLOSE_BOX) instanceof WayOut.LeadsTo out
                                && face.endings().size() > 1
                        ? Optional.of(out.ending())
                        : Optional.empty();
        };
    }

    private static List<Repair> stays(Closings.Row row, Decision decision, Optional<String> ending) {
        return decision.own()
                ? ending.<Repair>map(e -> new ClosingRepair.RefuseWhen(place(row), decision.path(), e)).stream()
                        .toList()
                : List.of();
    }

    /** What a question says that Escape means; of a dialog what its close box leads to. */
    private static Optional<String> escape(Window asked) {
        return asked instanceof MessageBox box ? box.escapeEnding() : leaving(asked);
    }

    /** The answer whose words say that all goes on as it was. */
    private static Optional<String> staying(Window asked) {
        return asked instanceof MessageBox box
                ? box.answers().stream()
                        .filter(a -> Said.STAYS.by(a.text()) && !Said.DESTROYS.by(a.text()))
                        .map(MessageBox.Answer::ending)
                        .findFirst()
                : asked.endings().stream()
                        .map(Ending::name)
                        .filter(e -> Said.STAYS.by(e))
                        .findFirst();
    }

    /** A task that failed and closes all the same: what it should have saved is gone. */
    private void task(Closings.Row row, Decision decision, Step.RunTask run, Task task) {
        for (Ending ending : design.endingsMet(place(row), run)) {
            if (Said.FAILED.by(ending.name()) && !decision.canStay(ending.name())) {
                String window = row.window().name().shown();
                found.add(new Finding(
                        Weight.WRONG,
                        Kind.CLOSES_ALL_THE_SAME,
                        words(row, decision) + "when “" + task.name() + "” ends " + ending.name() + ", " + window
                                + " closes all the same.",
                        "What it was to keep is gone with the window; write “stay open” there, or ask what to do (C2).",
                        Place.step(place(row), decision.path()),
                        stays(row, decision, Optional.of(ending.name()))));
            }
        }
    }

    private String words(Closings.Row row, Decision decision) {
        return Place.step(place(row), decision.path()).words(design) + ": ";
    }

    /** A trigger that asks before it closes, where before closing asks again on the same way. */
    private void askedTwice(Closings.Row row, Trigger trigger) {
        if (trigger.asks().isEmpty() || !row.before().asks() || settles(trigger, row)) {
            return;
        }
        Set<String> again = new HashSet<>();
        row.before().things().forEach(t -> t.asks().ifPresent(again::add));
        boolean same = again.stream().anyMatch(trigger.asks()::contains);
        boolean always = row.before().decisions().stream()
                .anyMatch(d -> d.own()
                        && d.path().depth() == 0
                        && Questions.asked(design, d.step()).isPresent());
        if (same || always) {
            Script script = trigger.place().in(design);
            Step.Close close = (Step.Close) trigger.closes().stream()
                    .flatMap(p -> p.in(script).stream())
                    .filter(Step.Close.class::isInstance)
                    .findFirst()
                    .orElse(Step.Close.me(bivouac.design.WaysOut.CLOSED));
            found.add(new Finding(
                    Weight.RISKY,
                    Kind.ASKED_TWICE,
                    trigger.place().words() + " asks “"
                            + trigger.asks().iterator().next() + "”, and before closing of "
                            + row.window().name() + " asks “" + again.iterator().next() + "” on the same way.",
                    "Before closing is met by every way (C2); ask there only.",
                    Place.step(trigger.place(), trigger.closes().getFirst()),
                    close.gives().isEmpty()
                            ? List.of(new ClosingRepair.OnlyClose(trigger.place(), close))
                            : List.of()));
        }
    }

    /** The trigger sets what before closing looks at, so that it does not ask then. */
    private boolean settles(Trigger trigger, Closings.Row row) {
        Set<String> looksAt = new HashSet<>();
        Steps.walk(place(row).in(design), (path, step) -> {
            if (step instanceof Step.If choice) {
                choice.cases().forEach(c -> NAME.matcher(c.condition().source())
                        .results()
                        .forEach(r -> looksAt.add(Facts.Values.of(r.group()))));
            }
        });
        return Steps.any(
                trigger.place().in(design),
                step -> step instanceof Step.RunTask
                        || step instanceof Step.SetValue(String what, var to)
                                && looksAt.contains(Facts.Values.of(what)));
    }

    /**
     * B1: what is asked is asked of a person who can meanwhile go on in another window. Where closing it is the departure, all
     * are blocked (B6); whether another can be used is known to the exploration, which says it surer.
     */
    private void waitsForOwnerOnly(Closings.Row row) {
        ScriptPlace place = place(row);
        String window = row.window().name().shown();
        boolean departs = design.application().departure() instanceof DepartureRule.WithWindow(String name)
                && name.equals(window);
        boolean others = design.windows().stream()
                .anyMatch(w -> w instanceof FacedWindow f
                        && !f.name().shown().equals(window)
                        && f.of() != FacedWindow.Kind.DIALOG);
        if (departs || !others) {
            return;
        }
        Steps.walk(place.in(design), (StepPath path, Step step) -> {
            if (step instanceof Step.Open open
                    && open.manner() instanceof Manner.WaitsForOwner
                    && Questions.asked(design, open).isPresent()) {
                found.add(new Finding(
                        Weight.RISKY,
                        Kind.WAITS_FOR_OWNER_ONLY,
                        Place.step(place, path).words(design) + ": “" + open.window()
                                + "” waits for its owner only, and other windows can be used while it is asked.",
                        "What was agreed to can change meanwhile (B1); let it wait for the application.",
                        Place.step(place, path),
                        List.of(new ClosingRepair.WaitForApplication(place, path))));
            }
        });
    }
}
