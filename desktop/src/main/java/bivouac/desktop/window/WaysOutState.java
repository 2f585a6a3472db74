package bivouac.desktop.window;

import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.MessageBox;
import bivouac.design.Part;
import bivouac.design.Picker;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Steps;
import bivouac.design.Way;
import bivouac.design.WayOut;
import bivouac.design.WaysIn;
import bivouac.design.WaysOut;
import bivouac.design.Window;
import bivouac.sentence.Sentences;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The ways out of a window, grouped by ending, as the right column shows them. */
public record WaysOutState(List<Group> groups, List<Row> absent, String asks) {

    /** An ending with what leads to it, and what each opener does then. */
    public record Group(Ending ending, List<Row> rows, List<Receiver> receivers) {}

    /**
     * One way out.
     *
     * @param way for a way that is chosen here; none for a close step
     * @param place the script that holds a close step
     * @param asks what is asked first, in words
     */
    public record Row(String name, Optional<Way> way, Optional<ScriptPlace> place, String asks) {}

    /** @param does what the opener does with the ending, in words */
    public record Receiver(String opener, ScriptPlace place, String does) {}

    public static WaysOutState of(Design design, Window window) {
        return switch (window) {
            case FacedWindow face -> face(design, face);
            case MessageBox box -> box(design, box);
            case FileDialog dialog -> picking(design, dialog, FileDialog.CANCELLED);
            case Picker picker -> picking(design, picker, Picker.CANCELLED);
        };
    }

    private static WaysOutState face(Design design, FacedWindow face) {
        String asks = asks(face);
        var groups = new ArrayList<Group>();
        for (Ending ending : endings(face)) {
            var rows = new ArrayList<>(closeSteps(design, face, ending.name(), asks));
            for (Way way : ways(face)) {
                if (WaysOut.of(face, way) instanceof WayOut.LeadsTo l
                        && l.ending().equals(ending.name())) {
                    rows.add(new Row(way.words(), Optional.of(way), Optional.empty(), l.unasked() ? "unasked" : asks));
                }
            }
            groups.add(new Group(ending, rows, receivers(design, face, ending.name())));
        }
        var absent = new ArrayList<Row>();
        for (Way way : Way.values()) {
            WayOut out = WaysOut.of(face, way);
            if (out instanceof WayOut.Absent) {
                absent.add(new Row(way.words(), Optional.of(way), Optional.empty(), "no way"));
            } else if (out instanceof WayOut.AsPressing(String part)) {
                absent.add(new Row(way.words(), Optional.of(way), Optional.empty(), "as pressing " + part));
            }
        }
        return new WaysOutState(groups, absent, asks);
    }

    /** O5: a main window never is owned. */
    private static List<Way> ways(FacedWindow face) {
        return List.of(Way.values()).stream()
                .filter(w -> w != Way.OWNER_CLOSING || face.of() != FacedWindow.Kind.MAIN)
                .toList();
    }

    /** Its endings, and the built-in one where some way leads to it (C1). */
    private static List<Ending> endings(FacedWindow face) {
        var all = new ArrayList<>(face.endings());
        boolean builtIn = face.ending(WaysOut.CLOSED).isEmpty()
                && List.of(Way.values()).stream()
                        .anyMatch(w -> WaysOut.of(face, w) instanceof WayOut.LeadsTo l
                                && l.ending().equals(WaysOut.CLOSED));
        if (builtIn) {
            all.add(Ending.of(WaysOut.CLOSED));
        }
        return all;
    }

    private static List<Row> closeSteps(Design design, FacedWindow face, String ending, String asks) {
        var rows = new ArrayList<Row>();
        String own = face.name().shown();
        design.scripts()
                .forEach((place, script) -> Steps.walk(script, (path, step) -> {
                    if (step instanceof Step.Close c
                            && c.target().windowFrom(place).equals(Optional.of(own))
                            && c.ending().orElse(WaysOut.usualEnding(face)).equals(ending)) {
                        rows.add(new Row(name(design, place, own), Optional.empty(), Optional.of(place), asks));
                    }
                }));
        return rows.stream().distinct().toList();
    }

    private static String name(Design design, ScriptPlace place, String own) {
        String who =
                place.ofWindow().filter(w -> !w.equals(own)).map(w -> w + ", ").orElse("");
        return who + place.ownWords(design, Part::displayName);
    }

    /** What the script before closing asks, in words. */
    private static String asks(FacedWindow face) {
        var script = face.moment(FacedWindow.Moment.BEFORE_CLOSING);
        if (script.isEmpty()) {
            return "nothing";
        }
        var asked = new ArrayList<String>();
        Steps.walk(script, (StepPath path, Step step) -> {
            if (step instanceof Step.Open o) {
                asked.add(o.window());
            }
        });
        return asked.isEmpty() ? "checks" : String.join(", ", asked);
    }

    private static List<Receiver> receivers(Design design, Window window, String ending) {
        var receivers = new ArrayList<Receiver>();
        for (WaysIn.WayIn in : WaysIn.into(design, window.name().shown())) {
            String does = in.open().branches().stream()
                    .filter(b -> b.ending().equals(ending))
                    .findFirst()
                    .map(WaysOutState::does)
                    .orElse("no branch: goes on after the step");
            receivers.add(new Receiver(in.place().ofWindow().orElse("Start"), in.place(), does));
        }
        return gathered(receivers);
    }

    /** Openers that do the same stand in one line, which leads to the first of them. */
    private static List<Receiver> gathered(List<Receiver> receivers) {
        Map<String, List<Receiver>> alike = new LinkedHashMap<>();
        receivers.forEach(
                r -> alike.computeIfAbsent(r.does(), d -> new ArrayList<>()).add(r));
        return alike.values().stream()
                .map(all -> all.size() == 1
                        ? all.getFirst()
                        : new Receiver(
                                all.size() + " openers",
                                all.getFirst().place(),
                                all.getFirst().does()))
                .toList();
    }

    private static String does(Step.Branch branch) {
        var steps = branch.script().steps();
        if (steps.isEmpty()) {
            return "nothing, on purpose";
        }
        String first = Sentences.line(steps.getFirst());
        return steps.size() == 1 ? first : first + ", and " + (steps.size() - 1) + " more";
    }

    /** C8: a person chooses, or cancels; nothing is asked first. */
    private static WaysOutState picking(Design design, Window window, String cancelled) {
        var groups = new ArrayList<Group>();
        for (Ending ending : window.endings()) {
            var rows = new ArrayList<Row>();
            boolean cancels = ending.name().equals(cancelled);
            rows.add(new Row(
                    cancels
                            ? "button Cancel"
                            : window instanceof FileDialog f
                                    ? "button " + f.asks().verb()
                                    : "button Pick",
                    Optional.empty(),
                    Optional.empty(),
                    "nothing"));
            if (cancels) {
                rows.add(new Row("close box, Escape", Optional.empty(), Optional.empty(), "nothing"));
            }
            groups.add(new Group(ending, rows, receivers(design, window, ending.name())));
        }
        return new WaysOutState(groups, List.of(), "nothing");
    }

    private static WaysOutState box(Design design, MessageBox box) {
        var groups = new ArrayList<Group>();
        for (MessageBox.Answer answer : box.answers()) {
            var rows = new ArrayList<Row>();
            rows.add(new Row(
                    "button " + bivouac.design.AccessKey.without(answer.text()),
                    Optional.empty(),
                    Optional.empty(),
                    "nothing"));
            if (box.escapeEnding().equals(Optional.of(answer.ending()))) {
                rows.add(new Row("close box, Escape", Optional.empty(), Optional.empty(), "nothing"));
            }
            groups.add(new Group(Ending.of(answer.ending()), rows, receivers(design, box, answer.ending())));
        }
        return new WaysOutState(groups, List.of(), "nothing");
    }
}
