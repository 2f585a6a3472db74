package bivouac.handover.script;

import java.util.List;

/**
 * Acts that follow each other.
 *
 * @param goesOn whether what comes after it is reached
 */
public record Block(List<Act> acts, boolean goesOn) {

    public Block {
        acts = List.copyOf(acts);
    }

    public boolean isEmpty() {
        return acts.isEmpty();
    }
}
