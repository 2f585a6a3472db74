package bivouac.rehearsal;

import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.Holding;
import bivouac.design.Outside;
import bivouac.design.Part;
import bivouac.design.Picker;
import bivouac.design.ReadyMade;
import bivouac.design.Routines;
import bivouac.design.Step;
import bivouac.design.Steps;
import bivouac.design.Way;
import bivouac.design.WayOut;
import bivouac.design.WaysOut;
import bivouac.design.Window;
import bivouac.machine.Scene;
import bivouac.machine.Sighting;
import bivouac.plan.Program;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What of a design was rehearsed: its windows, triggers, branches, endings, ways out, task ends and failures.
 *
 * @param all that can be met, in the order of the design
 * @param met of these
 */
public record Covered(Set<Coverable> all, Set<Coverable> met) {

    public Covered {
        all = java.util.Collections.unmodifiableSet(new LinkedHashSet<>(all));
        met = Set.copyOf(met);
    }

    /** How much of something was rehearsed. */
    public record Share(int met, int all) {
        /** From 0 to 1; a thing with nothing to meet is whole. */
        public double part() {
            return all == 0 ? 1 : (double) met / all;
        }

        public boolean isWhole() {
            return met == all;
        }
    }

    /** What the trails met of a program's design. */
    public static Covered of(Program program, Collection<List<Moment>> trails) {
        Set<Coverable> all = in(program.design());
        Set<Coverable> met = new HashSet<>();
        trails.forEach(trail -> trail.forEach(m -> into(met, program.design(), m.event(), m.seen())));
        met.retainAll(all);
        return new Covered(all, met);
    }

    /** With what a trail met too. */
    public Covered plus(Design design, List<Moment> trail) {
        Set<Coverable> more = new HashSet<>();
        trail.forEach(m -> into(more, design, m.event(), m.seen()));
        more.removeAll(met);
        more.retainAll(all);
        if (more.isEmpty()) {
            return this;
        }
        more.addAll(met);
        return new Covered(all, more);
    }

    /** Whether an event would itself be something that was not rehearsed yet. */
    public boolean isNew(Design design, NamedEvent event, Scene scene) {
        Set<Coverable> would = new HashSet<>();
        into(would, design, Optional.of(event), List.of());
        ending(scene, event).ifPresent(would::add);
        would.retainAll(all);
        return !met.containsAll(would);
    }

    /** The ending of a message box, file dialog or picker that an event is. */
    private static Optional<Coverable> ending(Scene scene, NamedEvent event) {
        return switch (event) {
            case NamedEvent.Answered(var w, String ending) -> Optional.of(new Coverable.EndsWith(w.window(), ending));
            case NamedEvent.Chose(var w, var paths, String filter) ->
                Optional.of(new Coverable.EndsWith(w.window(), FileDialog.CHOSEN));
            case NamedEvent.Picked(var w, String value) ->
                Optional.of(new Coverable.EndsWith(w.window(), Picker.PICKED));
            case NamedEvent.CloseBoxUsed(var w) -> escape(scene, w);
            case NamedEvent.EscapePressed(var w) -> escape(scene, w);
            default -> Optional.empty();
        };
    }

    private static Optional<Coverable> escape(Scene scene, Sighting.Which which) {
        return scene.window(which)
                .map(Scene.OpenWindow::design)
                .filter(ReadyMade.class::isInstance)
                .flatMap(w -> ((ReadyMade) w).escapeEnding())
                .map(e -> new Coverable.EndsWith(which.window(), e));
    }

    public Share share() {
        return new Share(met.size(), all.size());
    }

    /** Of every window, by name, that has something to be met. */
    public Map<String, Share> shares() {
        Map<String, int[]> counts = new HashMap<>();
        for (Coverable c : all) {
            int[] count = counts.computeIfAbsent(c.window(), w -> new int[2]);
            count[0]++;
            count[1] += met.contains(c) ? 1 : 0;
        }
        Map<String, Share> shares = new HashMap<>();
        counts.forEach((window, count) -> shares.put(window, new Share(count[1], count[0])));
        return shares;
    }

    /** Of one window; of the application's own for an empty name. */
    public Share share(String window) {
        return shares().getOrDefault(window, new Share(0, 0));
    }

    /** What is still to be met, in the order of the design. */
    public List<Coverable> missing() {
        return all.stream().filter(c -> !met.contains(c)).toList();
    }

    /** For reports. */
    public String words() {
        Share share = share();
        return share.met() + " of " + share.all() + " (" + Math.floorDiv(100 * share.met(), Math.max(1, share.all()))
                + " %)";
    }

    /** All that can be met in a design. What is switched off cannot be. */
    static Set<Coverable> in(Design design) {
        var all = new LinkedHashSet<Coverable>();
        for (Window window : design.windows()) {
            String name = window.name().shown();
            all.add(new Coverable.Opening(name));
            if (window instanceof FacedWindow face) {
                face(all, face);
            }
            window.endings().forEach(e -> all.add(new Coverable.EndsWith(name, e.name())));
        }
        design.application().tasks().forEach(t -> t.endings()
                .forEach(e -> all.add(new Coverable.TaskEnd(t.name().shown(), e.name()))));
        design.application().holdings().stream()
                .filter(Holding::mayStay)
                .forEach(h -> all.add(new Coverable.NotGivenBack(h.name().shown())));
        routines(all, "", design.application().routines());
        design.application().holdings().stream()
                .filter(Holding::mayFail)
                .forEach(h -> all.add(new Coverable.NotTaken(h.name().shown())));
        design.scripts()
                .forEach((place, script) -> Steps.walk(script, (path, step) -> {
                    // the ends of windows and tasks are counted as theirs; an answer is one of this step
                    if (step instanceof Step.If || step instanceof Step.Do) {
                        for (int i = 0; i < step.inner().size(); i++) {
                            all.add(new Coverable.Branch(
                                    place.ofWindow().orElse(""),
                                    place,
                                    path,
                                    path.number(script),
                                    i,
                                    step.inner().get(i).lead()));
                        }
                    }
                }));
        return all;
    }

    private static void routines(Set<Coverable> all, String window, Routines routines) {
        routines.timers()
                .forEach(t -> all.add(new Coverable.Fires(window, t.name().shown())));
        Optional<String> of = Optional.of(window).filter(w -> !w.isEmpty());
        routines.scripts().stream()
                .flatMap(s -> Outside.of(of, s.name().shown()).stream())
                .forEach(what -> all.add(new Coverable.Arrives(window, what)));
    }

    private static void face(Set<Coverable> all, FacedWindow face) {
        String name = face.name().shown();
        routines(all, name, face.routines());
        for (Part part : face.parts()) {
            String expression = part.name().expression();
            part.trigger()
                    .filter(t ->
                            !t.script().isEmpty() || part instanceof Part.Button || part instanceof Part.MenuCommand)
                    .ifPresent(t -> all.add(new Coverable.Trigger(name, expression, t.word())));
            if (part instanceof Part.ListOfRows list) {
                // where no hand removes rows, the script is met by a step, which is counted where it stands
                list.moments().keySet().stream()
                        .filter(m -> m == Part.RowMoment.ACTIVATED || list.byHand())
                        .forEach(m -> all.add(new Coverable.Trigger(name, expression, m.words())));
            }
        }
        for (Way way : List.of(Way.CLOSE_BOX, Way.ESCAPE)) {
            if (!(WaysOut.of(face, way) instanceof WayOut.Absent)) {
                all.add(new Coverable.Leaving(name, way));
            }
        }
        if (face.mayFail()) {
            all.add(new Coverable.Failure(name));
        }
    }

    /** Adds what an event and what was seen of it meet. */
    static void into(Set<Coverable> met, Design design, Optional<NamedEvent> event, List<Sighting> seen) {
        event.ifPresent(e -> event(met, design, e));
        for (Sighting s : seen) {
            switch (s) {
                case Sighting.Opened o ->
                    met.add(new Coverable.Opening(o.window().window()));
                case Sighting.Asked a ->
                    met.add(new Coverable.Opening(a.window().window()));
                case Sighting.Closed c ->
                    met.add(new Coverable.EndsWith(c.window().window(), c.ending()));
                case Sighting.TaskEnded t -> met.add(new Coverable.TaskEnd(t.task(), t.ending()));
                case Sighting.WentInto w -> branch(met, design, w);
                default -> {
                    // meets nothing that is counted
                }
            }
        }
    }

    private static void branch(Set<Coverable> met, Design design, Sighting.WentInto went) {
        var place = went.step().place();
        var path = went.step().path();
        path.in(place.in(design)).ifPresent(step -> {
            if (went.inner() < step.inner().size()) {
                String lead = step.inner().get(went.inner()).lead();
                met.add(new Coverable.Branch(
                        place.ofWindow().orElse(""), place, path, went.step().number(), went.inner(), lead));
            }
        });
    }

    private static void event(Set<Coverable> met, Design design, NamedEvent event) {
        switch (event) {
            case NamedEvent.TextSelected _ -> {
                // it starts no trigger
            }
            case NamedEvent.Pressed(var w, String part) -> trigger(met, design, w.window(), part);
            case NamedEvent.RowPressed(var w, String part, int row) -> trigger(met, design, w.window(), part);
            case NamedEvent.Typed(var w, String part, String text) -> trigger(met, design, w.window(), part);
            case NamedEvent.Ticked(var w, String part) -> trigger(met, design, w.window(), part);
            case NamedEvent.Selected(var w, String part, String item) -> trigger(met, design, w.window(), part);
            case NamedEvent.RowsSelected(var w, String part, var rows) -> trigger(met, design, w.window(), part);
            case NamedEvent.RowActivated(var w, String part) ->
                met.add(new Coverable.Trigger(w.window(), part, Part.RowMoment.ACTIVATED.words()));
            case NamedEvent.RowsRemoved(var w, String part) ->
                met.add(new Coverable.Trigger(w.window(), part, Part.RowMoment.BEFORE_REMOVING.words()));
            case NamedEvent.CloseBoxUsed(var w) -> met.add(new Coverable.Leaving(w.window(), Way.CLOSE_BOX));
            case NamedEvent.EscapePressed(var w) -> met.add(new Coverable.Leaving(w.window(), Way.ESCAPE));
            case NamedEvent.TimerFired(String timer, var of) ->
                met.add(new Coverable.Fires(of.map(Sighting.Which::window).orElse(""), timer));
            case NamedEvent.FilesOpened f -> met.add(new Coverable.Arrives("", Outside.FILES_OPENED));
            case NamedEvent.FilesDropped(var w, var paths) ->
                met.add(new Coverable.Arrives(w.window(), Outside.FILES_DROPPED));
            case NamedEvent.FileTouched(var w, String path, boolean gone) ->
                met.add(new Coverable.Arrives(w.window(), Outside.ofOpenFile(gone)));
            case NamedEvent.TaskEnded ended -> {
                met.add(new Coverable.TaskEnd(ended.task(), ended.ending()));
                ended.couldNotOpen().ifPresent(w -> met.add(new Coverable.Failure(w)));
                ended.couldNotGiveBack().ifPresent(h -> met.add(new Coverable.NotGivenBack(h)));
                ended.couldNotTake().ifPresent(h -> met.add(new Coverable.NotTaken(h)));
            }
            default -> {
                // nothing of the design is met by it
            }
        }
    }

    private static void trigger(Set<Coverable> met, Design design, String window, String part) {
        design.faced(window)
                .flatMap(f -> f.part(part))
                .flatMap(Part::trigger)
                .ifPresent(t -> met.add(new Coverable.Trigger(window, part, t.word())));
    }
}
