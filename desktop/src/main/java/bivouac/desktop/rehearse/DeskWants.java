package bivouac.desktop.rehearse;

import bivouac.machine.Event;
import bivouac.machine.Sighting.Which;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Supplier;

/**
 * What the windows of the desk need from it.
 *
 * @param files the pretend files that are there, for file dialogs
 * @param act does an event of a window
 * @param blocked told of a press on a blocked window
 * @param minimise takes a window out of the way
 * @param maximise gives a window the whole desk, or takes that back
 */
record DeskWants(
        Supplier<List<String>> files,
        Pictures pictures,
        Consumer<Event> act,
        Consumer<Which> blocked,
        Consumer<Which> minimise,
        Consumer<Which> maximise) {

    /** The same, where events of a window are done in another way. */
    DeskWants acting(Consumer<Event> other) {
        return new DeskWants(files, pictures, other, blocked, minimise, maximise);
    }
}
