package bivouac.check.situations;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.Place;
import bivouac.check.ways.ClosingRepair;
import bivouac.check.ways.DesignRepair;
import bivouac.check.ways.Repair;
import bivouac.design.FacedWindow;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Steps;
import bivouac.design.Variable;
import bivouac.design.WaysOut;
import bivouac.design.Window;
import bivouac.explore.Explored;
import bivouac.machine.Event;
import bivouac.machine.Machine;
import bivouac.machine.Notice;
import bivouac.machine.Scene;
import bivouac.machine.Sighting;
import bivouac.plan.Program;
import bivouac.rehearsal.NamedEvent;
import bivouac.rehearsal.Trails;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What the situations show that is no fault and yet seldom meant: refusals without a word, windows open twice or behind
 * others, holdings given back late or out of order, traces that nothing looks for, and what is unsaved at the end. The
 * exploration lets values stand for others; so what it notices is told where the machine, which knows them all, shows it too.
 */
public final class NoticedFindings {

    private final Explored explored;
    private final Program program;
    private final Machine machine;
    private final List<Finding> found = new ArrayList<>();

    private final List<Finding> written;

    private NoticedFindings(Program program, List<Finding> written, Explored explored) {
        this.written = written;
        this.explored = explored;
        this.program = program;
        this.machine = new Machine(program);
    }

    public static void into(List<Finding> found, Program program, List<Finding> written, Explored explored) {
        var findings = new NoticedFindings(program, written, explored);
        explored.noticed().forEach(findings::notice);
        explored.lost().forEach(findings::lost);
        found.addAll(findings.found);
    }

    private void notice(Notice notice, List<Event> trail) {
        int of = notice.of();
        switch (notice.kind()) {
            case SILENT_REFUSAL -> silent(window(of), trail);
            case LEFT_AND_CLOSED -> left(window(of), trail);
            case OPEN_TWICE -> twice(window(of), trail);
            case BEHIND_OTHERS -> behind(window(of), trail);
            case HELD_ON -> heldOn(holding(of), trail);
            case OUT_OF_ORDER -> outOfOrder(holding(of), trail);
            case LEAVES_TRACE -> trace(holding(of), trail);
        }
    }

    private Window window(int number) {
        return program.windows().get(number).window();
    }

    private String holding(int number) {
        return program.holdings().get(number).name().shown();
    }

    private void tell(Weight weight, Kind kind, String what, String why, Place place, List<Event> trail) {
        tell(weight, kind, what, why, place, trail, List.of());
    }

    private void tell(
            Weight weight, Kind kind, String what, String why, Place place, List<Event> trail, List<Repair> repairs) {
        found.add(new Finding(weight, kind, what, why, place, repairs)
                .shownBy(Trails.lines(machine, explored.question().today(), trail)));
    }

    /** Whether the window was asked to close before: then what it said may stand there still. */
    private boolean wasRefusedBefore(List<Event> trail) {
        List<NamedEvent> named = Trails.named(machine, explored.question().today(), trail);
        return named.getLast() instanceof NamedEvent.OnWindow last
                && named.subList(0, named.size() - 1).stream()
                        .anyMatch(e -> (e instanceof NamedEvent.CloseBoxUsed || e instanceof NamedEvent.EscapePressed)
                                && ((NamedEvent.OnWindow) e).window().equals(last.window()));
    }

    private void silent(Window window, List<Event> trail) {
        if (wasRefusedBefore(trail)) {
            return;
        }
        Trails.Last last = Trails.last(machine, explored.question().today(), trail);
        String name = window.name().shown();
        boolean refused = last.seen().stream()
                .anyMatch(s -> s instanceof Sighting.Refused(Sighting.Which which)
                        && which.window().equals(name));
        boolean isSilent = last.seen().stream().noneMatch(Sighting.Act.class::isInstance);
        if (refused && isSilent && last.before().equals(last.after())) {
            String by = trail.getLast() instanceof Event.Escape ? "Escape in " : "The close box of ";
            tell(
                    Weight.RISKY,
                    Kind.REFUSES_SILENTLY,
                    by + name + " can be refused without a word, as often as it is used.",
                    "Who tries to leave sees nothing happen, and is not told what to do; say it before “stay open”.",
                    Place.window(name),
                    trail,
                    List.of(new ClosingRepair.SayWhy(name)));
        }
    }

    /** Where the design as written does not tell it already: the dialog stands in some branch, and more comes after it. */
    private void left(Window dialog, List<Event> trail) {
        Trails.Last last = Trails.last(machine, explored.question().today(), trail);
        String name = dialog.name().shown();
        last.seen().stream()
                .filter(Sighting.Closed.class::isInstance)
                .map(s -> ((Sighting.Closed) s).window().window())
                .filter(w -> program.design().faced(w).isPresent())
                .findFirst()
                .filter(w -> !isTold(w, name))
                .ifPresent(w -> tell(
                        Weight.WRONG,
                        Kind.CLOSES_ALL_THE_SAME,
                        "Where “" + name + "” is left, " + w + " closes all the same.",
                        "Who leaves it has kept nothing, and what was to be kept is gone with the window; write “stay"
                                + " open” there, or ask again (C2).",
                        Place.script(new ScriptPlace.AtMoment(w, FacedWindow.Moment.BEFORE_CLOSING)),
                        trail,
                        opens(w, name)
                                .<List<Repair>>map(path -> List.of(new ClosingRepair.RefuseWhen(
                                        new ScriptPlace.AtMoment(w, FacedWindow.Moment.BEFORE_CLOSING),
                                        path,
                                        WaysOut.CANCELLED)))
                                .orElse(List.of())));
    }

    private boolean isTold(String window, String dialog) {
        return written.stream()
                .anyMatch(f -> f.kind() == Kind.CLOSES_ALL_THE_SAME
                        && f.place().window().equals(Optional.of(window))
                        && f.place().step().equals(opens(window, dialog)));
    }

    /** Where a window's <em>before closing</em> opens a dialog, if it does so itself. */
    private Optional<StepPath> opens(String window, String dialog) {
        var path = new ArrayList<StepPath>();
        Steps.walk(
                new ScriptPlace.AtMoment(window, FacedWindow.Moment.BEFORE_CLOSING).in(program.design()),
                (at, step) -> {
                    if (step instanceof Step.Open o && o.window().equals(dialog)) {
                        path.add(at);
                    }
                });
        return path.stream().findFirst();
    }

    private void twice(Window window, List<Event> trail) {
        String name = window.name().shown();
        List<Scene.OpenWindow> open = Trails.scene(machine, explored.question().today(), trail).windows().stream()
                .filter(w -> w.which().window().equals(name))
                .toList();
        boolean same = open.stream().anyMatch(a -> open.stream()
                .anyMatch(
                        b -> a != b && a.takes().equals(b.takes()) && a.owner().equals(b.owner())));
        if (same) {
            tell(
                    Weight.RISKY,
                    Kind.OPEN_TWICE,
                    name + " can be open twice, both for the same.",
                    "Nothing says how many there may be, so each opening makes a new one (O3): one is changed, and the"
                            + " other shows what was.",
                    Place.window(name),
                    trail,
                    List.of(new DesignRepair.OneAtATime(name, key(window))));
        }
    }

    private static Optional<String> key(Window window) {
        return window instanceof FacedWindow f && !f.takes().isEmpty()
                ? Optional.of(f.takes().getFirst().name().expression())
                : Optional.empty();
    }

    private void behind(Window window, List<Event> trail) {
        String name = window.name().shown();
        tell(
                Weight.RISKY,
                Kind.HIDDEN_QUESTION,
                name + " can get behind other windows while it is waited for.",
                unowned(window) + "; so it has no owner to stay above (O5), and what it blocks seems to be dead.",
                Place.window(name),
                trail,
                window instanceof FacedWindow f && f.of() == FacedWindow.Kind.CHILD && !f.owned()
                        ? List.of(new DesignRepair.OwnedByOpener(name))
                        : List.of());
    }

    private static String unowned(Window window) {
        boolean isOwnable = !(window instanceof FacedWindow f) || f.of() == FacedWindow.Kind.DIALOG || f.owned();
        return isOwnable
                ? "A script of the application opens it, where a window should or its owner should be named"
                : "It is a " + window.kind() + " that nothing owns";
    }

    private void heldOn(String holding, List<Event> trail) {
        tell(
                Weight.RISKY,
                Kind.HOLDING,
                "“" + holding + "” can be held on after the windows that take it and give it back have closed.",
                "Closing gives it back on one way and not on this one; it is the application's, and so is held until the end"
                        + " (H2).",
                Place.APPLICATION,
                trail);
    }

    private void outOfOrder(String holding, List<Event> trail) {
        tell(
                Weight.RISKY,
                Kind.HOLDING,
                "“" + holding + "” can be given back while something that was taken after it is still held.",
                "What was taken last is given back first (H2), since it may need what was there before.",
                Place.APPLICATION,
                trail);
    }

    private void trace(String holding, List<Event> trail) {
        tell(
                Weight.RISKY,
                Kind.HOLDING,
                "A kill leaves “" + holding + "” behind, and the next start does not look for it.",
                "It is marked as leaving a trace; look in app.traces when the application starts (D7).",
                Place.APPLICATION,
                killed(trail));
    }

    private List<Event> killed(List<Event> trail) {
        var killed = new ArrayList<>(trail);
        killed.add(new Event.Killed());
        return killed;
    }

    private void lost(String value, List<Event> trail) {
        tell(
                Weight.RISKY,
                Kind.UNSAVED_LOST,
                "The application can end while “" + value + "” is yes, and nobody is asked.",
                "What it says is not saved is gone then; ask before closing, where every way meets the question (C2).",
                Place.APPLICATION,
                trail,
                program.design().application().variables().stream()
                        .map(Variable::name)
                        .filter(n -> n.shown().equals(value))
                        .<Repair>map(n -> new ClosingRepair.AskBeforeLosing(Optional.empty(), n.expression()))
                        .toList());
    }
}
