package bivouac.rehearsal;

import bivouac.design.Outside;
import bivouac.design.ScriptPlace;
import bivouac.design.StepPath;
import bivouac.design.Way;

/** Something of a design that a rehearsal can have met. */
public sealed interface Coverable {

    /** The window that it belongs to, by its shown name; empty for the application. */
    String window();

    /** For people: what is to be done so that it is met. */
    String words();

    record Opening(String window) implements Coverable {
        @Override
        public String words() {
            return window + " opens";
        }
    }

    /**
     * A trigger of a part.
     *
     * @param part by its expression name
     * @param trigger its word, as {@code pressed}
     */
    record Trigger(String window, String part, String trigger) implements Coverable {
        @Override
        public String words() {
            return part + " on " + window + " is " + trigger;
        }
    }

    /**
     * A script inside a step.
     *
     * @param number of the step, as people see it
     * @param lead the line that leads into the script
     */
    record Branch(String window, ScriptPlace place, StepPath step, int number, int inner, String lead)
            implements Coverable {
        @Override
        public String words() {
            return place.words() + ", step " + number + ": " + lead;
        }
    }

    record EndsWith(String window, String ending) implements Coverable {
        @Override
        public String words() {
            return window + " ends " + ending;
        }
    }

    record Leaving(String window, Way way) implements Coverable {
        @Override
        public String words() {
            return window + " is left by " + way.words();
        }
    }

    /** A timer fires (V4). */
    record Fires(String window, String timer) implements Coverable {
        @Override
        public String words() {
            return "the timer " + timer + (window.isEmpty() ? "" : " of " + window) + " fires";
        }
    }

    /** What comes from outside to the application, or to a window (F1 to F3). */
    record Arrives(String window, Outside what) implements Coverable {
        @Override
        public String words() {
            return (window.isEmpty() ? "" : window + ", ") + what.script();
        }
    }

    record TaskEnd(String task, String ending) implements Coverable {
        @Override
        public String window() {
            return "";
        }

        @Override
        public String words() {
            return task + " ends " + ending;
        }
    }

    /** The system cannot create it (O7). */
    record Failure(String window) implements Coverable {
        @Override
        public String words() {
            return window + " could not open";
        }
    }

    /** The system cannot take it back (H2). */
    record NotGivenBack(String holding) implements Coverable {
        @Override
        public String window() {
            return "";
        }

        @Override
        public String words() {
            return holding + " could not be given back";
        }
    }

    /** The system cannot take it (O7). */
    record NotTaken(String holding) implements Coverable {
        @Override
        public String window() {
            return "";
        }

        @Override
        public String words() {
            return holding + " could not be taken";
        }
    }
}
