package bivouac.rehearsal;

import bivouac.design.FileDialog;
import bivouac.design.MessageBox;
import bivouac.machine.Event;
import bivouac.machine.Machine;
import bivouac.machine.Scene;
import bivouac.machine.Scene.OpenWindow;
import bivouac.machine.Sighting.Which;
import bivouac.state.State;
import java.util.List;
import java.util.Optional;

/** Goes from an event in a scene to its name, and back. */
public final class EventNames {

    private EventNames() {}

    /** The name of an event that is possible in the scene. */
    public static NamedEvent name(Scene scene, Event event) {
        return switch (event) {
            case Event.Press(int i, int part) -> new NamedEvent.Pressed(which(scene, i), part(scene, i, part));
            case Event.PressRow(int i, int part, int row) ->
                new NamedEvent.RowPressed(which(scene, i), part(scene, i, part), row);
            case Event.Edit(int i, int part, String text) ->
                new NamedEvent.Typed(which(scene, i), part(scene, i, part), text);
            case Event.SelectText(int i, int part, var span) ->
                new NamedEvent.TextSelected(which(scene, i), part(scene, i, part), span);
            case Event.Tick(int i, int part) -> new NamedEvent.Ticked(which(scene, i), part(scene, i, part));
            case Event.Answer(int i, int answer) ->
                new NamedEvent.Answered(
                        which(scene, i),
                        ((MessageBox) window(scene, i).design())
                                .answers()
                                .get(answer)
                                .ending());
            case Event.Select(int i, int part, int item) ->
                new NamedEvent.Selected(
                        which(scene, i),
                        part(scene, i, part),
                        window(scene, i).parts().get(part).items().get(item));
            case Event.SelectRows(int i, int part, var rows) ->
                new NamedEvent.RowsSelected(which(scene, i), part(scene, i, part), rows);
            case Event.ActivateRow(int i, int part) ->
                new NamedEvent.RowActivated(which(scene, i), part(scene, i, part));
            case Event.RemoveRows(int i, int part) -> new NamedEvent.RowsRemoved(which(scene, i), part(scene, i, part));
            case Event.Choose(int i, var paths, int filter) ->
                new NamedEvent.Chose(
                        which(scene, i),
                        paths,
                        ((FileDialog) window(scene, i).design())
                                .offered()
                                .get(filter)
                                .label());
            case Event.Pick(int i, String value) -> new NamedEvent.Picked(which(scene, i), value);
            case Event.CloseBox(int i) -> new NamedEvent.CloseBoxUsed(which(scene, i));
            case Event.Escape(int i) -> new NamedEvent.EscapePressed(which(scene, i));
            case Event.Cancel(int i, int part) -> new NamedEvent.Cancelled(which(scene, i), part(scene, i, part));
            case Event.TaskEnds(int place, int outcome) -> {
                Scene.Working task = working(scene, place);
                yield new NamedEvent.TaskEnded(
                        task.task(),
                        number(scene, task),
                        task.of(),
                        task.endings().get(outcome));
            }
            case Event.TaskTells(int place, int done, String line) -> {
                Scene.Working task = working(scene, place);
                yield new NamedEvent.TaskTold(task.task(), number(scene, task), task.of(), done, line);
            }
            case Event.TimerFires(int i, int timer) -> {
                Scene.Ticking ticking = scene.timers().stream()
                        .filter(t -> t.instance() == i && t.number() == timer)
                        .findFirst()
                        .orElseThrow();
                yield new NamedEvent.TimerFired(ticking.timer(), ticking.of());
            }
            case Event.OpenFiles(var paths) -> new NamedEvent.FilesOpened(paths);
            case Event.DropFiles(int i, var paths) -> new NamedEvent.FilesDropped(which(scene, i), paths);
            case Event.FileChanges(int i, String path, boolean gone) ->
                new NamedEvent.FileTouched(which(scene, i), path, gone);
            case Event.DayPasses d -> new NamedEvent.DayPassed();
            case Event.OpenWithSamples(String window) -> new NamedEvent.OpenedWithSamples(window);
            case Event.SessionEnds e -> new NamedEvent.SessionEnded();
            case Event.Killed k -> new NamedEvent.ProcessKilled();
            case Event.StartAgain s -> new NamedEvent.StartedAgain();
        };
    }

    /** What the name means in a scene; empty if its window, part or answer is not there. */
    public static Optional<Event> resolve(Scene scene, NamedEvent event) {
        return switch (event) {
            case NamedEvent.Pressed(Which w, String part) ->
                part(scene, w, part).map(p -> new Event.Press(p.instance(), p.number()));
            case NamedEvent.RowPressed(Which w, String part, int row) ->
                part(scene, w, part).map(p -> new Event.PressRow(p.instance(), p.number(), row));
            case NamedEvent.Typed(Which w, String part, String text) ->
                part(scene, w, part).map(p -> new Event.Edit(p.instance(), p.number(), text));
            case NamedEvent.TextSelected(Which w, String part, var span) ->
                part(scene, w, part).map(p -> new Event.SelectText(p.instance(), p.number(), span));
            case NamedEvent.Ticked(Which w, String part) ->
                part(scene, w, part).map(p -> new Event.Tick(p.instance(), p.number()));
            case NamedEvent.Selected(Which w, String part, String item) -> selection(scene, w, part, item);
            case NamedEvent.RowsSelected(Which w, String part, var rows) ->
                part(scene, w, part).map(p -> new Event.SelectRows(p.instance(), p.number(), rows));
            case NamedEvent.RowActivated(Which w, String part) ->
                part(scene, w, part).map(p -> new Event.ActivateRow(p.instance(), p.number()));
            case NamedEvent.RowsRemoved(Which w, String part) ->
                part(scene, w, part).map(p -> new Event.RemoveRows(p.instance(), p.number()));
            case NamedEvent.Answered(Which w, String ending) -> answer(scene, w, ending);
            case NamedEvent.Chose(Which w, var paths, String filter) -> choice(scene, w, paths, filter);
            case NamedEvent.Picked(Which w, String value) ->
                scene.window(w).map(o -> new Event.Pick(o.instance(), value));
            case NamedEvent.CloseBoxUsed(Which w) -> scene.window(w).map(o -> new Event.CloseBox(o.instance()));
            case NamedEvent.EscapePressed(Which w) -> scene.window(w).map(o -> new Event.Escape(o.instance()));
            case NamedEvent.EnterPressed(Which w) -> scene.window(w).flatMap(EventNames::enter);
            case NamedEvent.TaskEnded ended -> taskEnds(scene, ended);
            case NamedEvent.TaskTold told ->
                working(scene, told.task(), told.of(), told.which())
                        .map(t -> new Event.TaskTells(t.place(), told.done(), told.line()));
            case NamedEvent.Cancelled(Which w, String part) ->
                part(scene, w, part).map(p -> new Event.Cancel(p.instance(), p.number()));
            case NamedEvent.TimerFired(String timer, var of) ->
                scene.timers().stream()
                        .filter(t -> t.timer().equals(timer) && t.of().equals(of))
                        .<Event>map(t -> new Event.TimerFires(t.instance(), t.number()))
                        .findFirst();
            case NamedEvent.FilesOpened(var paths) -> Optional.of(new Event.OpenFiles(paths));
            case NamedEvent.FilesDropped(Which w, var paths) ->
                scene.window(w).map(o -> new Event.DropFiles(o.instance(), paths));
            case NamedEvent.FileTouched(Which w, String path, boolean gone) ->
                scene.window(w).map(o -> new Event.FileChanges(o.instance(), path, gone));
            case NamedEvent.DayPassed d -> Optional.of(new Event.DayPasses());
            case NamedEvent.OpenedWithSamples(String window) -> Optional.of(new Event.OpenWithSamples(window));
            case NamedEvent.SessionEnded s -> Optional.of(new Event.SessionEnds());
            case NamedEvent.ProcessKilled k -> Optional.of(new Event.Killed());
            case NamedEvent.StartedAgain s -> Optional.of(new Event.StartAgain());
        };
    }

    /** What the name means in a scene, if that is possible in the state that the scene shows. */
    static Optional<Event> possible(Machine machine, State state, Scene scene, NamedEvent event) {
        return resolve(scene, event).filter(e -> machine.isPossible(state, e));
    }

    /** P2: Enter is the event of the default button. */
    private static Optional<Event> enter(OpenWindow window) {
        return Machine.defaultButton(window)
                .map(button -> window.design() instanceof MessageBox
                        ? new Event.Answer(window.instance(), button)
                        : new Event.Press(window.instance(), button));
    }

    private record PartOf(int instance, int number) {}

    private static Optional<PartOf> part(Scene scene, Which which, String name) {
        return scene.window(which).flatMap(w -> w.part(name).map(p -> new PartOf(w.instance(), p.number())));
    }

    private static Optional<Event> answer(Scene scene, Which which, String ending) {
        return scene.window(which).flatMap(w -> {
            if (w.design() instanceof MessageBox box) {
                for (int i = 0; i < box.answers().size(); i++) {
                    if (box.answers().get(i).ending().equals(ending)) {
                        return Optional.<Event>of(new Event.Answer(w.instance(), i));
                    }
                }
            }
            return Optional.empty();
        });
    }

    private static Scene.Working working(Scene scene, int place) {
        return scene.tasks().stream()
                .filter(t -> t.place() == place)
                .findFirst()
                .orElseThrow();
    }

    /** What runs under one name for one window. */
    private static List<Scene.Working> alike(Scene scene, String task, Optional<Which> of) {
        return scene.tasks().stream()
                .filter(t -> t.task().equals(task) && t.of().equals(of))
                .toList();
    }

    /** The how-manieth it is of those alike. */
    private static int number(Scene scene, Scene.Working task) {
        return 1 + alike(scene, task.task(), task.of()).indexOf(task);
    }

    private static Optional<Scene.Working> working(Scene scene, String task, Optional<Which> of, int which) {
        return alike(scene, task, of).stream().skip(Math.max(0, which - 1L)).findFirst();
    }

    private static Optional<Event> taskEnds(Scene scene, NamedEvent.TaskEnded ended) {
        return working(scene, ended.task(), ended.of(), ended.which())
                .filter(t -> t.endings().contains(ended.ending()))
                .map(t -> new Event.TaskEnds(t.place(), t.endings().indexOf(ended.ending())));
    }

    private static Optional<Event> selection(Scene scene, Which which, String part, String item) {
        return part(scene, which, part).flatMap(p -> {
            int number = scene.window(which)
                    .orElseThrow()
                    .parts()
                    .get(p.number())
                    .items()
                    .indexOf(item);
            return number < 0
                    ? Optional.<Event>empty()
                    : Optional.of(new Event.Select(p.instance(), p.number(), number));
        });
    }

    private static Optional<Event> choice(Scene scene, Which which, List<String> paths, String filter) {
        return scene.window(which).flatMap(w -> {
            if (w.design() instanceof FileDialog dialog) {
                for (int i = 0; i < dialog.offered().size(); i++) {
                    if (dialog.offered().get(i).label().equals(filter)) {
                        return Optional.<Event>of(new Event.Choose(w.instance(), paths, i));
                    }
                }
            }
            return Optional.empty();
        });
    }

    private static OpenWindow window(Scene scene, int instance) {
        return scene.windows().stream()
                .filter(w -> w.instance() == instance)
                .findFirst()
                .orElseThrow();
    }

    private static Which which(Scene scene, int instance) {
        return window(scene, instance).which();
    }

    private static String part(Scene scene, int instance, int part) {
        return window(scene, instance).parts().get(part).design().name().expression();
    }
}
