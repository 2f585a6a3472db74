package bivouac.handover.script;

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
