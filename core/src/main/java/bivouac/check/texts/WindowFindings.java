package bivouac.check.texts;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.Place;
import bivouac.check.ways.ClosingRepair;
import bivouac.check.ways.DesignRepair;
import bivouac.check.ways.PartRepair;
import bivouac.check.ways.RemovalRepair;
import bivouac.check.ways.Repair;
import bivouac.check.ways.StepRepair;
import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.Each;
import bivouac.design.Ending;
import bivouac.design.FacedWindow;
import bivouac.design.Manner;
import bivouac.design.Part;
import bivouac.design.ReadyMade;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.Steps;
import bivouac.design.Target;
import bivouac.design.Way;
import bivouac.design.WayOut;
import bivouac.design.WaysIn;
import bivouac.design.WaysOut;
import bivouac.design.Window;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** What can be found on one window: dead triggers, no way in, no way out, messages that say nothing. */
public final class WindowFindings {

    private WindowFindings() {}

    public static void into(List<Finding> found, Design design) {
        List<WaysIn.WayIn> ways = WaysIn.of(design);
        Set<String> opened = ways.stream().map(w -> w.open().window()).collect(Collectors.toSet());
        Set<String> reached = reached(ways);
        Set<String> closed = closedByScripts(design);
        departure(found, design);
        for (Window window : design.windows()) {
            String name = window.name().shown();
            if (!opened.contains(name)) {
                found.add(new Finding(
                        Weight.RISKY,
                        Kind.NEVER_OPENED,
                        "Nothing opens " + name + ".",
                        "It is never seen (O1); open it from a script, or take it away.",
                        Place.window(name),
                        List.of(new RemovalRepair.RemoveWindow(name))));
            } else if (!reached.contains(name)) {
                found.add(new Finding(
                        Weight.RISKY,
                        Kind.NEVER_OPENED,
                        name + " is opened only from windows that the start never comes to.",
                        "They open each other, and nothing opens the first of them (O1); open one from what is there.",
                        Place.window(name),
                        List.of(new RemovalRepair.RemoveWindow(name))));
            }
            switch (window) {
                case ReadyMade ready -> ReadyMadeFindings.into(found, design, ready);
                case FacedWindow face -> {
                    face(found, face, closed.contains(name));
                    PartFindings.into(found, face);
                }
            }
        }
    }

    /** The windows that the scripts of the application open, and what those open in turn. */
    private static Set<String> reached(List<WaysIn.WayIn> ways) {
        var reached = new HashSet<String>();
        var waiting = new ArrayDeque<Optional<String>>(List.of(Optional.empty()));
        while (!waiting.isEmpty()) {
            Optional<String> from = waiting.poll();
            ways.stream()
                    .filter(w -> w.place().ofWindow().equals(from))
                    .map(w -> w.open().window())
                    .filter(reached::add)
                    .forEach(w -> waiting.add(Optional.of(w)));
        }
        return reached;
    }

    private static void departure(List<Finding> found, Design design) {
        if (design.application().departure() instanceof DepartureRule.WithWindow(String name)
                && design.faced(name)
                        .filter(f -> f.of() == FacedWindow.Kind.MAIN)
                        .isEmpty()) {
            found.add(new Finding(
                    Weight.WRONG,
                    Kind.DANGLING,
                    "The application is to end with “" + name + "”, and there is no main window of that name.",
                    "It would never end by itself (D1).",
                    Place.APPLICATION,
                    List.of(new DesignRepair.EndsWithLastWindow())));
        }
    }

    private static List<Repair> dead(String window, Part part) {
        String name = part.name().expression();
        var ways = new ArrayList<Repair>();
        if (part.each() instanceof Each.OfWindows) {
            ways.add(new PartRepair.Change(
                    window,
                    part,
                    part.triggering(Each.TO_FRONT),
                    "Bring it to front",
                    "The window that it stands for then comes to the front."));
        }
        ways.add(new StepRepair.NotThereYet(new ScriptPlace.AtPart(window, name)));
        ways.add(new RemovalRepair.RemovePart(window, name, part.displayName()));
        return ways;
    }

    private static void face(List<Finding> found, FacedWindow face, boolean closedByScript) {
        String name = face.name().shown();
        for (Part part : face.parts()) {
            part.trigger()
                    .filter(t -> part instanceof Part.Button || part instanceof Part.MenuCommand)
                    .filter(t -> Steps.isDead(t.script()))
                    .ifPresent(t -> found.add(new Finding(
                            Weight.RISKY,
                            Kind.DEAD_TRIGGER,
                            part.displayName() + " on " + name + " does nothing when " + t.word() + ".",
                            "A person who presses it cannot tell whether it worked; write what happens then.",
                            Place.part(name, part.name().expression()),
                            dead(name, part))));
        }
        boolean leads = WaysOut.of(face, Way.CLOSE_BOX) instanceof WayOut.LeadsTo
                || WaysOut.of(face, Way.ESCAPE) instanceof WayOut.LeadsTo;
        if (!leads && !closedByScript) {
            found.add(new Finding(
                    Weight.WRONG,
                    Kind.NO_WAY_OUT,
                    name + " has no way out.",
                    "Once open, no one can close it; give it a close box, or a step that closes it.",
                    Place.window(name),
                    List.of(new ClosingRepair.LeadTo(name, List.of(Way.CLOSE_BOX), WaysOut.usualEnding(face)))));
        }
        face.waysOut().forEach((way, out) -> wayOut(found, face, way, out));
    }

    private static void wayOut(List<Finding> found, FacedWindow face, Way way, WayOut out) {
        String name = face.name().shown();
        switch (out) {
            case WayOut.Absent a -> {
                // nothing to dangle
            }
            case WayOut.AsPressing(String part) -> {
                if (face.part(part).isEmpty()) {
                    found.add(new Finding(
                            Weight.WRONG,
                            Kind.DANGLING,
                            "The " + way.words() + " of " + name + " is to press “" + part + "”, which is not there.",
                            "It would do nothing.",
                            Place.window(name),
                            List.of(new ClosingRepair.LeaveBy(name, way, Optional.empty()))));
                }
            }
            case WayOut.LeadsTo l -> {
                if (face.ending(l.ending()).isEmpty() && !l.ending().equals(WaysOut.CLOSED)) {
                    found.add(new Finding(
                            Weight.WRONG,
                            Kind.DANGLING,
                            "The " + way.words() + " of " + name + " leads to “" + l.ending()
                                    + "”, which is no ending of it.",
                            "It would end as closed instead.",
                            Place.window(name),
                            face.endings().stream()
                                    .map(Ending::name)
                                    .limit(1)
                                    .<Repair>map(e -> new ClosingRepair.LeadTo(name, List.of(way), e))
                                    .toList()));
                }
            }
        }
    }

    /** Windows that some script closes: their own, or another's. */
    private static Set<String> closedByScripts(Design design) {
        var closed = new HashSet<String>();
        design.scripts()
                .forEach((place, script) -> Steps.walk(script, (path, step) -> {
                    switch (step) {
                        case Step.Close c -> closed.addAll(meant(c.target(), place, design));
                        case Step.Open o
                        when o.manner() instanceof Manner.InPlace ->
                            place.ofWindow().ifPresent(closed::add);
                        case Step.If _,
                                Step.EndApplication _,
                                Step.Repeat _,
                                Step.Off _,
                                Step.Plain _,
                                Step.Branching _ -> {
                            // closes nothing
                        }
                    }
                }));
        return closed;
    }

    private static List<String> meant(Target target, ScriptPlace place, Design design) {
        return switch (target) {
            case Target.Kept k ->
                design.windows().stream().map(w -> w.name().shown()).toList();
            case Target.Owner o -> openersOf(place, design);
            case Target.Opener o -> openersOf(place, design);
            default -> target.windowFrom(place).stream().toList();
        };
    }

    private static List<String> openersOf(ScriptPlace place, Design design) {
        return place.ofWindow().stream()
                .flatMap(w -> WaysIn.into(design, w).stream())
                .flatMap(i -> i.place().ofWindow().stream())
                .toList();
    }
}
