package bivouac.rehearsal;

import bivouac.design.TrailLine;
import bivouac.machine.Sighting.Which;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Reads one line of a trail or walkthrough, word by word. What is not there makes the whole line none: the methods answer
 * something all the same, so that a line is read in one go, and {@link #whole} tells at the end.
 */
final class LineReader {

    private static final int LONGEST_NUMBER = 6;

    private final Optional<TrailLine> line;
    private int at;
    private boolean right;

    LineReader(String text) {
        this.line = TrailLine.of(text);
        this.right = line.isPresent();
    }

    /** Whether all of the line was read, and every word was what was asked for. */
    boolean whole() {
        return right && line.isPresent() && at == line.get().words().size();
    }

    /** Whether the next words are these; they are passed then. */
    boolean takes(String words) {
        String[] wanted = words.split(" ");
        for (int i = 0; i < wanted.length; i++) {
            if (line.isEmpty() || !line.get().is(at + i, wanted[i])) {
                return false;
            }
        }
        at += wanted.length;
        return true;
    }

    /** Passes words that have to stand here. */
    void must(String words) {
        right &= takes(words);
    }

    /** Whether a name stands here. */
    boolean isAtName() {
        return line.isPresent() && line.get().name(at).isPresent();
    }

    /** The name that has to stand here. */
    String name() {
        Optional<TrailLine.Name> name = line.flatMap(l -> l.name(at++));
        right &= name.isPresent();
        return name.map(TrailLine.Name::name).orElse("");
    }

    /** Names with commas between, at least one. */
    List<String> names() {
        var names = new ArrayList<String>();
        do {
            names.add(name());
        } while (right && takes(","));
        return names;
    }

    /** A number that has to stand here, from 0 on. */
    int number() {
        Optional<Integer> number = numberHere();
        right &= number.isPresent();
        at++;
        return number.orElse(0);
    }

    /** The number that has to stand here, from 1 on. */
    int positive() {
        int number = number();
        right &= number > 0;
        return number;
    }

    /** Numbers from 1 on, with commas between. */
    List<Integer> numbers() {
        var numbers = new ArrayList<Integer>();
        do {
            numbers.add(positive());
        } while (right && takes(","));
        return numbers;
    }

    private Optional<Integer> numberHere() {
        boolean plain = line.isPresent()
                && at < line.get().words().size()
                && line.get().words().get(at) instanceof TrailLine.Plain;
        String word = plain ? ((TrailLine.Plain) line.get().words().get(at)).word() : "";
        boolean digits = !word.isEmpty()
                && word.length() <= LONGEST_NUMBER
                && word.chars().allMatch(c -> c >= '0' && c <= '9');
        return digits ? Optional.of(Integer.parseInt(word)) : Optional.empty();
    }

    /** The how-manieth it is where a number says so; the first where none does. */
    int which() {
        return numberHere().isPresent() ? number() : 1;
    }

    /** {@code "WINDOW" 2}: a window and which of several, the first where no number stands. */
    Which window() {
        String name = name();
        return new Which(name, which());
    }

    /** {@code of "WINDOW" 2}. */
    Which ofWindow() {
        must("of");
        return window();
    }
}
