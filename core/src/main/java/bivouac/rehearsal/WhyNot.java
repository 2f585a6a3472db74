package bivouac.rehearsal;

import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.Nearest;
import bivouac.design.Outside;
import bivouac.design.Part;
import bivouac.design.WaysIn;
import bivouac.machine.Scene;
import bivouac.machine.Sighting;
import bivouac.plan.TextSelection;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * Why an event is not possible in a scene, in plain words. It looks at what is to be seen, as a person would who tries
 * it; whether an event is possible is decided by the machine alone.
 */
final class WhyNot {

    /** As many names are listed where none is near. */
    private static final int MOST_NAMED = 12;

    private WhyNot() {}

    static String of(Design design, Scene scene, NamedEvent event) {
        if (scene.killed() && !(event instanceof NamedEvent.StartedAgain)) {
            return "the process was killed";
        }
        if (scene.ended().isPresent() && !(event instanceof NamedEvent.StartedAgain)) {
            return "the application has ended";
        }
        return switch (event) {
            case NamedEvent.OnWindow on ->
                scene.window(on.window())
                        .map(w -> window(design, scene, w, on))
                        .orElseGet(() -> notOpen(design, scene, on.window()));
            case NamedEvent.TaskEnded ended ->
                work(scene, ended.task(), ended.of(), t -> t.task() + " cannot end " + ended.ending());
            case NamedEvent.TaskTold told ->
                work(scene, told.task(), told.of(), t -> t.task() + " does not show progress");
            case NamedEvent.TimerFired(String timer, var of) ->
                waiting(scene)
                        .orElse("the timer " + timer + of.map(w -> " of " + w).orElse("") + " is not on");
            case NamedEvent.FilesOpened f ->
                waiting(scene)
                        .orElse(
                                Outside.FILES_OPENED
                                                .answer(design, Optional.empty())
                                                .isPresent()
                                        ? "files are written as absolute paths, and not opened while the application ends"
                                        : unheard("the application", Outside.FILES_OPENED));
            case NamedEvent.DayPassed d -> waiting(scene).orElse("nothing in the design depends on which day it is");
            case NamedEvent.OpenedWithSamples(String window) -> "there is no " + window + ", or it is open already";
            case NamedEvent.SessionEnded s -> waiting(scene).orElse("the application ends already");
            case NamedEvent.ProcessKilled k -> "the application does not run";
            case NamedEvent.StartedAgain s -> "the application still runs";
        };
    }

    /** A foreground task lets nothing else happen (W5); the event that ends it has to come first. */
    private static Optional<String> waiting(Scene scene) {
        return scene.tasks().stream()
                .filter(t -> t.place() < 0)
                .map(t -> t.task() + " is waited for; first say how it ends: "
                        + t.endings().stream()
                                .filter(e -> !e.equals(Ending.BROKE.name()) && !e.equals(Ending.CANCELLED.name()))
                                .map(e -> new NamedEvent.TaskEnded(t.task(), 1, t.of(), e).toString())
                                .collect(Collectors.joining(" or ")))
                .findFirst();
    }

    /** What is missing before an event on a window that is not open. */
    private static String notOpen(Design design, Scene scene, Sighting.Which which) {
        if (design.window(which.window()).isEmpty()) {
            return "there is no window “" + which.window() + "” in the design";
        }
        if (waiting(scene).isPresent()) {
            return which + " is not open, for " + waiting(scene).get();
        }
        String open = scene.windows().isEmpty()
                ? "nothing is"
                : scene.windows().stream().map(w -> w.which().toString()).collect(Collectors.joining(", "))
                        + (scene.windows().size() == 1 ? " is" : " are");
        String ways = WaysIn.into(design, which.window()).stream()
                .map(w -> w.place().words())
                .distinct()
                .limit(3)
                .collect(Collectors.joining(" or "));
        return which + " is not open, " + open
                + (ways.isEmpty() ? "; nothing opens it" : "; an event that opens it is missing before (" + ways + ")");
    }

    private static String work(
            Scene scene, String task, Optional<Sighting.Which> of, Function<Scene.Working, String> why) {
        return scene.tasks().stream()
                .filter(t -> t.task().equals(task) && t.of().equals(of))
                .findFirst()
                .map(why)
                .orElse(task + " does not run" + of.map(w -> " for " + w).orElse(""));
    }

    private static String window(Design design, Scene scene, Scene.OpenWindow window, NamedEvent.OnWindow event) {
        if (waiting(scene).isPresent() && !(event instanceof NamedEvent.Cancelled)) {
            return waiting(scene).get();
        }
        if (waiting(scene).isEmpty() && window.blockedBy().isPresent()) {
            return window.which() + " is " + window.blockedBy().get().words();
        }
        if (window.hidden()) {
            return window.which() + " is hidden";
        }
        return switch (event) {
            case NamedEvent.OnPart on ->
                window.part(on.part())
                        .map(p -> part(window, p, on))
                        .orElseGet(() -> window.which() + " has no part " + on.part() + instead(window, on.part()));
            case NamedEvent.FilesDropped d ->
                Outside.FILES_DROPPED
                                .answer(design, Optional.of(d.window().window()))
                                .isPresent()
                        ? "files are written as absolute paths"
                        : unheard(d.window().toString(), Outside.FILES_DROPPED);
            case NamedEvent.FileTouched t -> touched(design, t);
            case NamedEvent.Answered(var w, String ending) -> w + " has no answer “" + ending + "”";
            case NamedEvent.Chose(var w, var paths, String filter) ->
                w + " lets nobody choose " + String.join(", ", paths) + " as “" + filter + "”";
            case NamedEvent.Picked(var w, String value) -> w + " lets nobody pick “" + value + "”";
            case NamedEvent.CloseBoxUsed(var w) -> "the close box of " + w + " does nothing then";
            case NamedEvent.EnterPressed(var w) -> "Enter does nothing on " + w + " then";
            case NamedEvent.EscapePressed(var w) -> "Escape does nothing on " + w + " then";
        };
    }

    private static String touched(Design design, NamedEvent.FileTouched t) {
        Outside what = Outside.ofOpenFile(t.gone());
        return what.answer(design, Optional.of(t.window().window())).isPresent()
                ? t.path() + " is no file that " + t.window() + " has open, or it is not there"
                : unheard(t.window().toString(), what);
    }

    private static String unheard(String who, Outside what) {
        return who + " has no script “" + what.script() + "”, so nothing hears of it";
    }

    private static String part(Scene.OpenWindow window, Scene.SeenPart part, NamedEvent.OnPart event) {
        String name = part.design().displayName() + " on " + window.which();
        if (!part.visible()) {
            return name + " is not to be seen";
        }
        if (!part.enabled()) {
            return name + " cannot be used then";
        }
        return switch (event) {
            case NamedEvent.Cancelled c -> name + " shows no work that can be cancelled then";
            case NamedEvent.Pressed p
            when part.design() instanceof Part.MenuCommand m && m.does().isPresent() ->
                name + " is told by the field that it changes; say what is typed into that";
            case NamedEvent.Pressed p ->
                part.design().each().isOnce()
                        ? name + " is nothing that is pressed"
                        : name + " is there once for each row; say which: press row 1 in …";
            case NamedEvent.RowPressed p -> row(name, part, p.row());
            case NamedEvent.Typed t -> name + (part.readOnly() ? " is read-only" : " is nothing to type into");
            case NamedEvent.TextSelected t -> text(name, part, t);
            case NamedEvent.Ticked t -> name + (part.readOnly() ? " is read-only" : " is nothing that is ticked");
            case NamedEvent.Selected s ->
                name + (part.readOnly() ? " is read-only" : " has no item “" + s.item() + "”");
            case NamedEvent.RowsSelected s ->
                s.numbers() + " cannot be selected in " + name + ", which has "
                        + part.rows().size();
            case NamedEvent.RowActivated a -> "no row of " + name + " is selected";
            case NamedEvent.RowsRemoved r ->
                part.selected().isEmpty() ? "no row of " + name + " is selected" : name + " lets no hand remove rows";
        };
    }

    private static String text(String name, Scene.SeenPart part, NamedEvent.TextSelected selected) {
        if (!(part.design() instanceof Part.TextField)) {
            return name + " is no text field";
        }
        return selected.span().isIn(part.text())
                ? selected.places() + " of " + name + " is selected already"
                : name + " has " + TextSelection.size(part.text()) + " characters, and " + selected.places()
                        + " cannot be selected in it";
    }

    private static String row(String name, Scene.SeenPart part, int row) {
        if (part.design().each().isOnce()) {
            return name + " is there only once; press it without a row";
        }
        return row > part.each().size()
                ? name + " has no row " + row + "; it has " + part.each().size()
                : "row " + row + " of " + name + " cannot be used then";
    }

    /** The part that was probably meant, or those that there are. */
    private static String instead(Scene.OpenWindow window, String name) {
        List<String> names =
                window.parts().stream().map(p -> p.design().name().expression()).toList();
        return Nearest.to(name, names)
                .map(near -> "; did you mean " + near + "?")
                .orElseGet(() -> names.isEmpty()
                        ? ""
                        : "; it has " + names.stream().limit(MOST_NAMED).collect(Collectors.joining(", ")));
    }
}
