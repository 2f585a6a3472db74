package bivouac.closing;

import java.util.Optional;

/** Something that happens between the wish to close a window and its end. */
public sealed interface OnTheWay {

    /** As people read it, without what kind of thing it is. */
    String words();

    /** A question: a window that is opened and waited for, and can end in more than one way. By its shown name. */
    record Asks(String window) implements OnTheWay {
        @Override
        public String words() {
            return window;
        }
    }

    /** A condition that can keep the window open without a question. */
    record Checks(String condition) implements OnTheWay {
        @Override
        public String words() {
            return condition;
        }
    }

    /** A task that is waited for. */
    record Runs(String task) implements OnTheWay {
        @Override
        public String words() {
            return task;
        }
    }

    /** The kept values are saved. */
    record Saves() implements OnTheWay {
        @Override
        public String words() {
            return "kept values";
        }
    }

    /** A holding of the window, or of the application where it ends. */
    record GivesBack(String holding) implements OnTheWay {
        @Override
        public String words() {
            return holding;
        }
    }

    /** The question, if it is one. */
    default Optional<String> asks() {
        return this instanceof Asks(String window) ? Optional.of(window) : Optional.empty();
    }
}
