package bivouac.design;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What was done to a design, undone and redone. Each position is a whole design; {@code saved} is a mark at one of
 * them, so undoing back to it is clean again, and a mark on a way that was left never comes true by accident.
 * Not safe for use by several threads.
 */
public final class History {

    /** Positions kept; beyond, the oldest are forgotten. Designs share their structure, so one costs little. */
    static final int LONGEST = 2_000;

    private record Position(Design design, String did, String merge, long revision) {}

    private final List<Position> positions = new ArrayList<>();
    private int now;
    private long revisions;
    private long saved;

    public History(Design design) {
        positions.add(new Position(design, "", "", 0));
    }

    public Design design() {
        return positions.get(now).design();
    }

    /**
     * Takes a new design as the next position; what was undone is forgotten. An equal design changes nothing.
     *
     * @param did what was done, in words, for the foot strip and the undo button
     * @param merge edits in a row with the same non-empty key become one position (typing)
     */
    public void change(Design design, String did, String merge) {
        if (design.equals(design())) {
            return;
        }
        Position last = positions.get(now);
        positions.subList(now + 1, positions.size()).clear();
        boolean merges = !merge.isEmpty() && merge.equals(last.merge()) && last.revision() != saved;
        if (merges) {
            positions.set(now, new Position(design, did, merge, ++revisions));
            return;
        }
        positions.add(new Position(design, did, merge, ++revisions));
        now++;
        if (positions.size() > LONGEST) {
            positions.removeFirst();
            now--;
        }
    }

    /** Ends merging: the next edit is a position of its own. */
    public void pause() {
        Position last = positions.get(now);
        positions.set(now, new Position(last.design(), last.did(), "", last.revision()));
    }

    public Optional<String> undoable() {
        return now > 0 ? Optional.of(positions.get(now).did()) : Optional.empty();
    }

    public Optional<String> redoable() {
        return now < positions.size() - 1 ? Optional.of(positions.get(now + 1).did()) : Optional.empty();
    }

    /** Goes back one position; without one, stays. */
    public Design undo() {
        now = Math.max(0, now - 1);
        return design();
    }

    /** Goes forward one position; without one, stays. */
    public Design redo() {
        now = Math.min(positions.size() - 1, now + 1);
        return design();
    }

    /** What tells the present position from all others, also once it is left. */
    public long revision() {
        return positions.get(now).revision();
    }

    /** Marks the position of a {@link #revision} as the one on disk; it may have been left since. */
    public void markSaved(long revision) {
        saved = revision;
    }

    /** Marks no position as the one on disk: what is here was never saved. */
    public void markUnsaved() {
        saved = -1;
    }

    public boolean isSaved() {
        return positions.get(now).revision() == saved;
    }
}
