package bivouac.check;

import bivouac.check.Finding.Kind;
import bivouac.check.Finding.Place;
import bivouac.check.Finding.Weight;
import bivouac.closing.Closings;
import bivouac.closing.Decision;
import bivouac.closing.Questions;
import bivouac.closing.Trigger;
import bivouac.design.AccessKey;
import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.FacedWindow;
import bivouac.design.Manner;
import bivouac.design.MessageBox;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Steps;
import bivouac.design.Task;
import bivouac.design.Window;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Scripts before closing that ask, and do not do what the answer says (C2): the answer no that closes all the same, the
 * save that failed and closes, the question that is asked twice or leaves other windows usable.
 */
final class RefusalFindings {

    /** How buttons begin that mean: go on as it was. */
    static final List<String> STAYING = List.of(
            "cancel", "stay", "back", "go back", "keep open", "keep editing", "continue", "don't close", "no, ");

    private static final List<String> FAILING = List.of(
            "fail", "could not", "cannot", "error", "refused", "denied", "not ", "broken", "timed out", "no ", "full");

    private final List<Finding> found;
    private final Design design;

    private RefusalFindings(List<Finding> found, Design design) {
        this.found = found;
        this.design = design;
    }

    static void into(List<Finding> found, Design design, Closings closings) {
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
            case Step.Open open -> Questions.asked(design, open).ifPresent(w -> question(row, decision, w));
            case Step.RunTask run -> design.application().task(run.task()).ifPresent(task -> task(row, decision, task));
            case Step.TakeHolding t -> {
                // what could not be taken has its own findings
            }
            case Step.GiveBack g -> {
                // it is held no more either way (H2)
            }
        }
    }

    private void question(Closings.Row row, Decision decision, Window asked) {
        String window = row.window().name().shown();
        String box = asked.name().shown();
        Optional<String> escape = asked instanceof MessageBox b ? b.escapeEnding() : Optional.empty();
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
        Optional<String> wrong =
                escape.filter(e -> !decision.canStay(e)).or(() -> staying(asked).filter(e -> !decision.canStay(e)));
        wrong.ifPresent(e -> found.add(new Finding(
                Weight.WRONG,
                Kind.CLOSES_ALL_THE_SAME,
                words(row, decision) + "“" + e + "” in “" + box + "” closes " + window + " all the same.",
                escape.equals(wrong)
                        ? "It is what Escape means, and who presses that wants nothing to happen; write “stay open” (C2)."
                        : "Who answers so wants to go on; write “stay open” there (C2).",
                Place.step(place(row), decision.path()),
                stays(row, decision, wrong))));
    }

    private static List<Repair> stays(Closings.Row row, Decision decision, Optional<String> ending) {
        return decision.own()
                ? ending.<Repair>map(e -> new ClosingRepair.RefuseWhen(place(row), decision.path(), e)).stream()
                        .toList()
                : List.of();
    }

    /** The answer whose words say that all goes on as it was. */
    private static Optional<String> staying(Window asked) {
        return asked instanceof MessageBox box
                ? box.answers().stream()
                        .filter(a -> FirstWords.begins(STAYING, AccessKey.without(a.text())))
                        .map(MessageBox.Answer::ending)
                        .findFirst()
                : asked.endings().stream()
                        .map(Ending::name)
                        .filter(e -> FirstWords.begins(STAYING, e))
                        .findFirst();
    }

    /** A task that failed and closes all the same: what it should have saved is gone. */
    private void task(Closings.Row row, Decision decision, Task task) {
        for (Ending ending : task.endings()) {
            if (FirstWords.begins(FAILING, ending.name()) && !decision.canStay(ending.name())) {
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
        var conditions = new StringBuilder();
        Steps.walk(place(row).in(design), (path, step) -> {
            if (step instanceof Step.If choice) {
                choice.cases()
                        .forEach(c -> conditions.append(c.condition().source()).append('\n'));
            }
        });
        return Steps.any(
                trigger.place().in(design),
                step -> step instanceof Step.RunTask
                        || step instanceof Step.SetValue(String what, var to)
                                && conditions.toString().contains(what.strip()));
    }

    /** B1: what is asked is asked of a person who can meanwhile go on in another window. */
    private void waitsForOwnerOnly(Closings.Row row) {
        ScriptPlace place = place(row);
        Steps.walk(place.in(design), (StepPath path, Step step) -> {
            if (step instanceof Step.Open open
                    && open.manner() instanceof Manner.WaitsForOwner
                    && Questions.asked(design, open).isPresent()
                    && design.windows().stream()
                                    .filter(FacedWindow.class::isInstance)
                                    .count()
                            > 1) {
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
