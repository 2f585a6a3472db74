package bivouac.machine;

import bivouac.plan.TextSelection;
import java.util.List;

/**
 * What comes from outside. Windows are meant by their position among the instances of the state in which the event
 * happens, parts by their number in their window; {@code bivouac.rehearsal} names them so that a trail can be kept.
 */
public sealed interface Event {

    /** An event on a window. */
    sealed interface OnWindow extends Event {
        int instance();
    }

    /** A button is pressed, a link followed, or a menu command chosen (P2). Enter is this, of the default button. */
    record Press(int instance, int part) implements OnWindow {}

    /** The same of one of those of which there is one for each row, by its number from 1 (P5). */
    record PressRow(int instance, int part, int row) implements OnWindow {}

    /** A field's text is changed by the person to {@code text}. Where events are listed, it stands for any text. */
    record Edit(int instance, int part, String text) implements OnWindow {}

    /** A piece of a text is selected, or the cursor put somewhere (P7). */
    record SelectText(int instance, int part, TextSelection.Span span) implements OnWindow {}

    /** The work that a progress shows is asked to end before it is done (W10). */
    record Cancel(int instance, int part) implements OnWindow {}

    /** A tick box is ticked, or its tick taken away. */
    record Tick(int instance, int part) implements OnWindow {}

    /** An item of a choice is chosen, by its number. */
    record Select(int instance, int part, int item) implements OnWindow {}

    /** An event on a list. */
    sealed interface OnRows extends OnWindow {
        int part();
    }

    /** Rows of a list are selected and all others not, by their numbers from 1, in order; one, unless it takes several. */
    record SelectRows(int instance, int part, List<Integer> rows) implements OnRows {
        public SelectRows {
            rows = rows.stream().sorted().distinct().toList();
        }

        public static SelectRows one(int instance, int part, int row) {
            return new SelectRows(instance, part, List.of(row));
        }
    }

    /** The selected row is activated: a double click, or Enter. */
    record ActivateRow(int instance, int part) implements OnRows {}

    /** The person removes the selected rows with the Delete key. */
    record RemoveRows(int instance, int part) implements OnRows {}

    /** A button of a message box is pressed. */
    record Answer(int instance, int answer) implements OnWindow {}

    /**
     * Files or a folder are chosen in a file dialog (C8).
     *
     * @param paths absolute; on saving, one that need not be there
     * @param filter the number of the filter that is on, among those offered
     */
    record Choose(int instance, List<String> paths, int filter) implements OnWindow {
        public Choose {
            paths = List.copyOf(paths);
        }
    }

    /** A value is picked: a font as {@code Inter 12}, a colour as {@code #2f5d50}, a date as {@code 2026-11-23}. */
    record Pick(int instance, String value) implements OnWindow {}

    record CloseBox(int instance) implements OnWindow {}

    record Escape(int instance) implements OnWindow {}

    /**
     * A task ends in one of its endings (W5).
     *
     * @param place among the background tasks that run, in the state's order; -1 for the foreground task
     * @param outcome the number of the ending, from 0
     */
    record TaskEnds(int place, int outcome) implements Event {}

    /**
     * A task tells how far it is (W9). Where events are listed, it stands for whatever it may tell.
     *
     * @param place as of {@link TaskEnds}
     * @param done from 0 to 100; what lies beyond is taken as the nearest of them
     * @param line what it says beside it
     */
    record TaskTells(int place, int done, String line) implements Event {}

    /**
     * A window is opened by nobody, to be tried out where no way leads to it yet. No part of the rules and so never
     * among the events that are listed; possible while the application runs.
     *
     * @param window its shown name
     */
    record OpenWithSamples(String window) implements Event {}

    /**
     * A timer fires (V4).
     *
     * @param instance the window whose it is; -1 for the application
     */
    record TimerFires(int instance, int timer) implements Event {}

    /** Files are opened from outside: given at the start, or by the system (F1). */
    record OpenFiles(List<String> paths) implements Event {
        public OpenFiles {
            paths = List.copyOf(paths);
        }
    }

    /** Files are dropped on a window (F2). */
    record DropFiles(int instance, List<String> paths) implements OnWindow {
        public DropFiles {
            paths = List.copyOf(paths);
        }
    }

    /**
     * Another program has changed, or removed, a file that a window has open (F3). It comes to blocked windows, too.
     *
     * @param gone whether it is there no longer
     */
    record FileChanges(int instance, String path, boolean gone) implements Event {}

    /** {@code app.today} is the next day (V4). */
    record DayPasses() implements Event {}

    record SessionEnds() implements Event {}

    record Killed() implements Event {}

    /** The one event after the end (D7). */
    record StartAgain() implements Event {}
}
