package bivouac.desktop.work;

import bivouac.explore.Explored;
import bivouac.explore.Told;
import bivouac.machine.Event;
import bivouac.plan.Program;
import bivouac.rehearsal.WayThere;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * How far the exploration of a program is, and what it answered.
 *
 * @param program which is explored; empty while none is
 * @param situations met so far
 * @param depth how many events lie between the start and those that are looked at
 * @param explored what came of it; empty while it goes on
 */
public record Looked(Optional<Program> program, int situations, int depth, Optional<Explored> explored) {

    public static final Looked NOT_YET = new Looked(Optional.empty(), 0, 0, Optional.empty());

    static Looked exploring(Program program, int situations, int depth) {
        return new Looked(Optional.of(program), situations, depth, Optional.empty());
    }

    static Looked done(Program program, Explored explored) {
        return new Looked(Optional.of(program), explored.situations(), explored.depth(), Optional.of(explored));
    }

    /** Whether it is about that program. */
    public boolean isOf(Program other) {
        return program.filter(p -> p == other).isPresent();
    }

    /** Whether every situation was met, or it is said by what it is bounded. */
    public boolean isComplete() {
        return explored.filter(Explored::isComplete).isPresent();
    }

    /** The ways from the start that it knows; none where it is of another program or day. */
    WayThere.Known ways(Program other, LocalDate day) {
        Optional<Explored> known =
                explored.filter(e -> isOf(other) && e.question().today().equals(day));
        return new WayThere.Known() {
            @Override
            public Optional<List<Event>> way(String window) {
                return known.flatMap(e -> e.firstWith(window).map(e::trail));
            }

            @Override
            public boolean isAll() {
                return known.filter(Explored::isComplete).isPresent();
            }
        };
    }

    /** In one line how far it is. */
    public String words() {
        if (program.isEmpty()) {
            return "told from the design as it is written";
        }
        return explored.map(e -> e.isComplete()
                        ? Told.outcome(e) + ": " + Told.counts(e)
                        : Told.counts(e) + ", " + Told.outcome(e))
                .orElseGet(() -> Told.progress(situations, depth));
    }

    /** What is to be known of it beside that, a sentence each. */
    public List<String> more() {
        return explored.stream()
                .flatMap(e -> java.util.stream.Stream.of(Told.depth(e), Told.folded(e)))
                .filter(s -> !s.isEmpty())
                .toList();
    }
}
