package bivouac.check.closing;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.Place;
import bivouac.check.known.Said;
import bivouac.check.ways.ClosingRepair;
import bivouac.check.ways.Repair;
import bivouac.closing.Closings;
import bivouac.closing.Closings.Cell;
import bivouac.closing.Closings.Column;
import bivouac.closing.MovedQuestion;
import bivouac.closing.OnTheWay;
import bivouac.closing.Trigger;
import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.Target;
import bivouac.design.Way;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Ways out that go past what a window's other ways ask, check, run or save (C1, C2): the careful path exists once, and
 * the close box walks past it.
 */
public final class UnaskedFindings {

    private static final String WHY =
            "A person who leaves so is not asked, and loses what the others are asked about; before closing is met by every"
                    + " way (C2).";

    private final List<Finding> found;
    private final Design design;
    private final Closings closings;

    private UnaskedFindings(List<Finding> found, Design design, Closings closings) {
        this.found = found;
        this.design = design;
        this.closings = closings;
    }

    public static void into(List<Finding> found, Design design, Closings closings) {
        var findings = new UnaskedFindings(found, design, closings);
        closings.rows().forEach(findings::row);
        closings.ending().stream().filter(UnaskedFindings::isOfAPerson).forEach(findings::ends);
    }

    /**
     * What the start does or asks is how to begin, the plan runs when all has been asked, and what is asked before a row is
     * removed is about the row: none is a way to leave.
     */
    private static boolean isOfAPerson(Trigger trigger) {
        return !(trigger.place() instanceof ScriptPlace.Start
                || trigger.place() instanceof ScriptPlace.Plan
                || trigger.place().isAt(Part.RowMoment.BEFORE_REMOVING));
    }

    /** Another window's, which closes all of a kind: what it asks is whether all shall go. */
    private boolean isAboutAll(Trigger trigger, FacedWindow face) {
        Script script = trigger.place().in(design);
        return !trigger.place().ofWindow().equals(Optional.of(face.name().shown()))
                && trigger.closes().stream().allMatch(path -> path.in(script)
                        .filter(s -> s instanceof Step.Close c && c.target() instanceof Target.Every)
                        .isPresent());
    }

    private void row(Closings.Row row) {
        if (!(row.window() instanceof FacedWindow face)) {
            return;
        }
        for (Way way : Way.values()) {
            if (row.cell(Column.of(way)) instanceof Cell.Leads l && l.unasked()) {
                unasked(row, way);
            }
        }
        if (!row.before().asks()) {
            row.triggers().stream()
                    .filter(t -> isOfAPerson(t) && !isAboutAll(t, face))
                    .forEach(t -> goesPast(row, face, t));
        }
    }

    /** C2: a way that is marked unasked, where before closing does something. */
    private void unasked(Closings.Row row, Way way) {
        String name = row.window().name().shown();
        List<OnTheWay> skipped = row.before().things();
        if (skipped.isEmpty()) {
            return;
        }
        boolean asks = row.before().asks();
        found.add(new Finding(
                asks ? Weight.WRONG : Weight.RISKY,
                Kind.CLOSES_UNASKED,
                name + " closes unasked by " + way.words() + "; its other ways " + does(skipped) + " first.",
                asks ? WHY : "What is done before closing is not done then (C2).",
                Place.script(new ScriptPlace.AtMoment(name, FacedWindow.Moment.BEFORE_CLOSING)),
                List.of(new ClosingRepair.AskHereToo(name, way))));
    }

    /** What a trigger does before it closes, and other ways to the same ending do not. */
    private void goesPast(Closings.Row row, FacedWindow face, Trigger trigger) {
        List<OnTheWay> only = trigger.before().stream()
                .filter(t -> !row.before().things().contains(t))
                .toList();
        boolean asks = only.stream().anyMatch(t -> t.asks().isPresent());
        List<OnTheWay> missed =
                asks ? only.stream().filter(t -> t.asks().isPresent()).toList() : only;
        List<String> past = missed.isEmpty() ? List.of() : past(row, face, trigger, missed);
        if (past.isEmpty()) {
            return;
        }
        String name = face.name().shown();
        String who = words(trigger, name);
        String without = missed.stream().allMatch(t -> t.asks().isPresent())
                ? " without the question " + quoted(missed) + ", which " + who + " asks."
                : ", and do not " + does(missed) + " first, as " + who + " does.";
        found.add(new Finding(
                asks ? Weight.WRONG : Weight.RISKY,
                Kind.CLOSES_UNASKED,
                trigger.place().words() + ": " + list(past) + " close" + (past.size() == 1 ? "s " : " ") + name
                        + (past.size() == 1 ? without.replace(", and do not", ", and does not") : without),
                asks ? WHY : "What is done on one way out only is not done on the others (C1); do it before closing.",
                Place.step(trigger.place(), trigger.closes().getFirst()),
                repairs(name, trigger, asks)));
    }

    private List<Repair> repairs(String window, Trigger trigger, boolean asks) {
        var all = new ArrayList<Repair>();
        if (asks) {
            everyWay(window, trigger).ifPresent(all::add);
        }
        trigger.place()
                .ofPart()
                .filter(p -> trigger.place().ofWindow().equals(Optional.of(window)))
                .ifPresent(part -> Stream.of(Way.CLOSE_BOX, Way.ESCAPE)
                        .filter(way -> leadsTo(window, way, trigger))
                        .forEach(way -> all.add(new ClosingRepair.LeaveBy(window, way, Optional.of(part)))));
        if (all.isEmpty()) {
            elsewhere(window, trigger).ifPresent(all::add);
        }
        return all;
    }

    /** The window's own ways lead to an ending that the trigger does not lead to, and so need not do what it does. */
    private Optional<Repair> elsewhere(String window, Trigger trigger) {
        List<Way> ways = Stream.of(Way.values())
                .filter(way -> leadsTo(window, way, trigger))
                .toList();
        return design.faced(window).stream()
                .flatMap(f -> f.endings().stream())
                .filter(e -> e.gives().isEmpty() && !trigger.endings().contains(e.name()) && !ways.isEmpty())
                .findFirst()
                .map(e -> new ClosingRepair.LeadTo(window, ways, e.name()));
    }

    private Optional<Repair> everyWay(String window, Trigger trigger) {
        return MovedQuestion.beforeClosing(design, window, trigger.place())
                .map(moved ->
                        new ClosingRepair.AskOnEveryWay(window, trigger.place(), String.join("”, “", trigger.asks())));
    }

    private boolean leadsTo(String window, Way way, Trigger trigger) {
        return closings.row(window)
                .map(r -> r.cell(Column.of(way)))
                .filter(c -> c instanceof Cell.Leads l && trigger.endings().containsAll(l.endings()))
                .isPresent();
    }

    /** The ways to an ending of the trigger that do not what it does: the window's own, then other triggers that ask. */
    private List<String> past(Closings.Row row, FacedWindow face, Trigger trigger, List<OnTheWay> missed) {
        boolean asks = missed.stream().anyMatch(t -> t.asks().isPresent());
        Set<String> past = new LinkedHashSet<>();
        for (Way way : Way.values()) {
            if (row.cell(Column.of(way)) instanceof Cell.Leads l
                    && trigger.endings().containsAll(l.endings())
                    && !(!asks && goesWithout(row, l.endings(), missed))
                    && !(way == Way.OWNER_CLOSING && !asks)) {
                past.add("the " + way.words());
            }
        }
        if (asks) {
            row.triggers().stream()
                    .filter(t -> t != trigger && t.asks().isEmpty())
                    .filter(t -> t.endings().stream().anyMatch(trigger.endings()::contains))
                    .filter(t -> !saysSo(t))
                    .map(t -> words(t, face.name().shown()))
                    .forEach(past::add);
        }
        return List.copyOf(past);
    }

    /** Whether other triggers lead to all of these endings without any of that: then it belongs to something else. */
    private static boolean goesWithout(Closings.Row row, java.util.Collection<String> endings, List<OnTheWay> missed) {
        return endings.stream().allMatch(e -> row.triggers().stream()
                .filter(UnaskedFindings::isOfAPerson)
                .filter(t -> t.endings().contains(e))
                .anyMatch(t -> missed.stream().noneMatch(t.before()::contains)));
    }

    /** Whoever presses what says that it throws away has been told. */
    private boolean saysSo(Trigger trigger) {
        return trigger.place().ofPart().isPresent()
                && design.faced(trigger.place().ofWindow().orElse(""))
                        .flatMap(f -> f.part(trigger.place().ofPart().orElseThrow()))
                        .filter(p -> Said.DESTROYS.by(p.displayName()))
                        .isPresent();
    }

    /** A question in a trigger that ends the application, where closing the main window ends it unasked (D1). */
    private void ends(Trigger trigger) {
        if (trigger.asks().isEmpty()) {
            return;
        }
        List<String> past = mains().flatMap(row -> pastTheEnd(row, trigger).stream())
                .distinct()
                .toList();
        boolean asksElse = mains().anyMatch(r -> r.before().asks());
        if (!past.isEmpty() && !asksElse) {
            found.add(new Finding(
                    Weight.WRONG,
                    Kind.CLOSES_UNASKED,
                    trigger.place().words() + ": " + list(past) + " end" + (past.size() == 1 ? "s" : "")
                            + " the application without the question " + quoted(trigger.before()) + ".",
                    "Only who presses this is asked; put the question before closing, which a departure asks too (D2).",
                    Place.step(trigger.place(), trigger.closes().getFirst()),
                    trigger.place().ofWindow().stream()
                            .flatMap(window -> everyWay(window, trigger).stream())
                            .toList()));
        }
    }

    private Stream<Closings.Row> mains() {
        DepartureRule rule = design.application().departure();
        return closings.rows().stream()
                .filter(r -> r.window() instanceof FacedWindow f && f.of() == FacedWindow.Kind.MAIN)
                .filter(r -> !(rule instanceof DepartureRule.WithWindow(String name))
                        || r.window().name().shown().equals(name));
    }

    private List<String> pastTheEnd(Closings.Row row, Trigger trigger) {
        String name = row.window().name().shown();
        var past = new ArrayList<String>();
        boolean closingEnds = !(design.application().departure() instanceof DepartureRule.OnlyWhenTold);
        if (closingEnds && row.cell(Column.CLOSE_BOX) instanceof Cell.Leads) {
            past.add("the close box of " + name);
        }
        past.add("the session ending");
        if (closingEnds) {
            row.triggers().stream()
                    .filter(t -> !t.place().equals(trigger.place()) && t.asks().isEmpty())
                    .map(t -> words(t, name))
                    .forEach(past::add);
        }
        return past;
    }

    private String words(Trigger trigger, String window) {
        ScriptPlace place = trigger.place();
        String own = place.ownWords(design, Part::displayName);
        return place.ofWindow()
                .filter(w -> !w.equals(window))
                .map(w -> own + " of " + w)
                .orElse(own);
    }

    private static String quoted(List<OnTheWay> things) {
        return things.stream()
                .map(OnTheWay::asks)
                .flatMap(Optional::stream)
                .distinct()
                .map(a -> "“" + a + "”")
                .collect(Collectors.joining(" and "));
    }

    /** Verbs for what is done on a way. */
    private static String does(List<OnTheWay> things) {
        return things.stream()
                .map(t -> switch (t) {
                    case OnTheWay.Asks(String window) -> "ask “" + window + "”";
                    case OnTheWay.Checks c -> "check";
                    case OnTheWay.Runs(String task) -> "run " + task;
                    case OnTheWay.Saves s -> "save the kept values";
                    case OnTheWay.GivesBack(String holding) -> "give back " + holding;
                })
                .distinct()
                .collect(Collectors.joining(" and "));
    }

    private static String list(List<String> words) {
        String all = words.size() == 1
                ? words.getFirst()
                : String.join(", ", words.subList(0, words.size() - 1)) + " and " + words.getLast();
        return all;
    }
}
