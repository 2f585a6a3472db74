package bivouac.handover.script;

import bivouac.design.ScriptPlace;
import bivouac.handover.meaning.Outcome;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What ends in one of several ways, which a script looks at. */
public sealed interface Asked {

    /**
     * Opens a window and waits for its ending (W2).
     *
     * @param forOwner whether only its owner is blocked (B1)
     */
    record Window(String window, Optional<Whom> owner, boolean forOwner, List<Handed> handed) implements Asked {
        public Window {
            handed = List.copyOf(handed);
        }
    }

    /**
     * Runs a task and waits for its ending (W5).
     *
     * @param mayBreak whether what happens when the work breaks is answered here (W8)
     */
    record Task(String task, boolean mayBreak, List<Handed> handed) implements Asked {
        public Task {
            handed = List.copyOf(handed);
        }
    }

    /** A named script that is done, and answers (W11, W12). */
    sealed interface Answering extends Asked {
        ScriptPlace.Named script();

        List<Handed> handed();

        /** By which runs of its tasks are told apart, where it would be over only later if it were not waited for. */
        default Optional<Act.StepName> step() {
            return Optional.empty();
        }
    }

    /** Does a script of this window, or of the application. */
    record Script(ScriptPlace.Named script, List<Handed> handed) implements Answering {
        public Script {
            handed = List.copyOf(handed);
        }
    }

    /**
     * Does a script of another window.
     *
     * @param each how that window is called where the script is called
     */
    record ScriptIn(ScriptPlace.Named script, Whom whom, String each, List<Handed> handed, Optional<Act.StepName> step)
            implements Answering {
        public ScriptIn {
            handed = List.copyOf(handed);
        }
    }

    /**
     * Does a script in every open window of a name, one after the other.
     *
     * @param until the answers at which the others are left
     * @param answer how an answer is called where that is asked
     */
    record ScriptInEvery(
            ScriptPlace.Named script,
            String each,
            List<Outcome> until,
            String answer,
            List<Handed> handed,
            Optional<Act.StepName> step)
            implements Answering {
        public ScriptInEvery {
            until = List.copyOf(until);
            handed = List.copyOf(handed);
        }
    }

    /** Whether it may end without any of its endings: a script that reaches its end, or whose window goes. */
    default boolean mayBeNone() {
        return this instanceof Answering;
    }

    /** What has come already, in a local. */
    record Came(String local) implements Asked {}

    /**
     * What is done at an ending.
     *
     * @param bound what it gives and is read here: by its name, the local that holds it
     */
    record Branch(Outcome outcome, Map<String, String> bound, Block block) {
        public Branch {
            bound = Map.copyOf(bound);
        }
    }
}
