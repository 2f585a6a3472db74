package bivouac.cli;

import bivouac.format.DesignFile;
import bivouac.format.MadeFile;
import bivouac.format.Unreadable;
import bivouac.format.Utf8;
import bivouac.machine.Scene;
import bivouac.plan.Program;
import bivouac.rehearsal.Covered;
import bivouac.rehearsal.Moment;
import bivouac.rehearsal.NamedEvent;
import bivouac.rehearsal.Rehearsal;
import bivouac.rehearsal.SceneLines;
import bivouac.rehearsal.TrailFile;
import bivouac.rehearsal.TrailWords;
import bivouac.rehearsal.Walk;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/**
 * {@code bivouac rehearse FILE}: plays all walkthroughs of a design, and says which of them hold. With {@code --trail},
 * acts one trail out and prints what is seen after each event.
 */
@Command(
        name = "rehearse",
        description = "Plays all walkthroughs of a design; or a trail, and prints what is seen after each event.",
        mixinStandardHelpOptions = true,
        exitCodeListHeading = "Exit codes:%n",
        exitCodeList = {
            "0:every walkthrough holds; every event was possible and none ended in a fault",
            "1:a walkthrough does not hold; an event was not possible, or there was a fault",
            ExitCodes.UNREADABLE_HELP,
            ExitCodes.FAULT_HELP
        })
public final class RehearseCommand implements Callable<Integer> {

    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "FILE", description = "the design")
    private Path file;

    @Option(
            names = "--trail",
            paramLabel = "EVENTS-FILE",
            description = "act this trail out instead of the walkthroughs; one event a line")
    private Path trail;

    @Option(names = "--junit", paramLabel = "XML-FILE", description = "write what was played there, for build servers")
    private Path junit;

    @Option(names = "--today", paramLabel = "DATE", description = "what app.today is, as 2026-01-31; default: today")
    private LocalDate today = LocalDate.now();

    /** Larger trails are refused unread, in bytes. */
    private static final int LARGEST_TRAIL = 64 << 20;

    @Override
    public Integer call() {
        PrintWriter out = spec.commandLine().getOut();
        PrintWriter err = spec.commandLine().getErr();
        try {
            Program program = Program.of(DesignFile.read(file));
            return trail == null ? walkthroughs(program, out) : trail(program, out);
        } catch (Unreadable e) {
            err.println(e.getMessage());
        } catch (TrailFile.Wrong e) {
            err.println(trail.getFileName() + ": " + e.getMessage());
        }
        return ExitCodes.UNREADABLE;
    }

    private int trail(Program program, PrintWriter out) throws Unreadable, TrailFile.Wrong {
        List<NamedEvent> events = TrailFile.read(Utf8.read(trail, LARGEST_TRAIL));
        Rehearsal.Replay replay = Rehearsal.replay(program, today, events);
        boolean fine = print(program, replay, events.size(), out);
        report(program, List.of(JUnitXml.Case.of(trail.getFileName().toString(), replay)));
        return fine ? ExitCodes.FINE : ExitCodes.SOMETHING_FOUND;
    }

    private void report(Program program, List<JUnitXml.Case> cases) throws Unreadable {
        if (junit != null) {
            String xml = JUnitXml.of(program.design().application().name(), cases);
            MadeFile.write(junit, xml.getBytes(StandardCharsets.UTF_8));
        }
    }

    private int walkthroughs(Program program, PrintWriter out) throws Unreadable {
        List<Walk> walks = program.design().walkthroughs().stream()
                .map(w -> Walk.play(program, w))
                .toList();
        for (Walk walk : walks) {
            String name = walk.walkthrough().name();
            int events = walk.walkthrough().events();
            out.println(walk.broken()
                    .map(b -> "✗ " + name + System.lineSeparator() + "    " + b.sentence())
                    .orElse("✓ " + name + ", " + events + (events == 1 ? " event" : " events")));
        }
        long broken = walks.stream().filter(w -> w.broken().isPresent()).count();
        out.println(
                walks.isEmpty()
                        ? "The design has no walkthroughs; keep a trail on the Rehearsal screen."
                        : (walks.size() - broken) + " of " + walks.size() + " walkthroughs hold.");
        Covered covered = Covered.of(program, walks.stream().map(Walk::moments).toList());
        out.println("Rehearsed: " + covered.words() + ".");
        report(program, walks.stream().map(JUnitXml.Case::of).toList());
        return broken == 0 ? ExitCodes.FINE : ExitCodes.SOMETHING_FOUND;
    }

    /** Prints a replay; answers whether all of it was possible and without fault. */
    public static boolean print(Program program, Rehearsal.Replay replay, int wanted, PrintWriter out) {
        Rehearsal rehearsal = replay.rehearsal();
        boolean fine = replay.stopped().isEmpty();
        for (int i = 0; i < rehearsal.moments().size(); i++) {
            Moment moment = rehearsal.moments().get(i);
            out.println(i + "  "
                    + moment.event()
                            .map(e -> TrailWords.line(program.design(), e).toString())
                            .orElse("Start"));
            TrailWords.everything(moment.seen()).forEach(line -> out.println("     " + line));
            scene(rehearsal.goTo(i).scene(), out);
            fine &= TrailWords.faults(moment.seen()).isEmpty();
        }
        replay.stopped()
                .ifPresent(s -> out.println("Event " + rehearsal.moments().size() + " of " + wanted
                        + " is not possible here: " + s.event() + " (" + s.why() + ")"));
        return fine;
    }

    private static void scene(Scene scene, PrintWriter out) {
        for (Scene.OpenWindow w : scene.windows()) {
            String blocked = w.blockedBy().map(b -> "  (" + b.words() + ")").orElse("");
            String hidden = w.hidden() ? "  (hidden)" : "";
            String owner = w.owner().map(o -> "  (owned by " + o + ")").orElse("");
            out.println("     | " + w.which() + ": " + w.title() + blocked + hidden + owner);
            SceneLines.parts(w).forEach(p -> out.println("     |   " + p));
        }
    }
}
