package bivouac.reading;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Name;
import bivouac.design.Part;
import bivouac.design.Quoted;
import bivouac.design.Script;
import bivouac.design.Traits;
import bivouac.machine.Play;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** The rules of a text field read a second time, as a person reads them: a line of characters, two fingers and a mark (P1, P4, P7). */
class FieldReadingTest {

    private static final int LONGEST = 12;
    private static final List<String> TEXTS = List.of("", "hay", "oats and bran", "🌾 straw", "x");
    private static final String SEES = "me.body + \"|\" + string(me.body.selection.from) + \"-\""
            + " + string(me.body.selection.to) + \"|\" + me.body.selection.text + \"|\" + string(me.body.changed)";

    /** What stands there, by characters. */
    private static final class Line {
        private List<String> characters = List.of();
        private int left;
        private int right;
        private boolean changed;

        private static List<String> characters(String text) {
            return text.codePoints().mapToObj(Character::toString).toList();
        }

        private static List<String> first(List<String> all, int most) {
            return all.subList(0, Math.clamp(most, 0, all.size()));
        }

        void type(String text) {
            characters = first(characters(text), LONGEST);
            left = characters.size();
            right = characters.size();
            changed = true;
        }

        void put(String text) {
            List<String> other = first(characters(text), LONGEST);
            if (!other.equals(characters)) {
                left = 0;
                right = 0;
            }
            characters = other;
            changed = false;
        }

        void left(int to) {
            left = to;
            if (right < left) {
                right = left;
            }
        }

        void right(int to) {
            right = to;
            if (left > right) {
                left = right;
            }
        }

        void replace(String text) {
            var all = new ArrayList<>(characters.subList(0, left));
            int room = LONGEST - (characters.size() - (right - left));
            List<String> put = first(characters(text), room);
            all.addAll(put);
            all.addAll(characters.subList(right, characters.size()));
            changed |= !all.equals(characters);
            characters = all;
            left += put.size();
            right = left;
        }

        @Override
        public String toString() {
            return String.join("", characters) + "|" + left + "-" + right + "|"
                    + String.join("", characters.subList(left, right)) + "|" + (changed ? "yes" : "no");
        }
    }

    private static Play play() {
        var parts = new ArrayList<Part>();
        parts.add(new Part.TextField(
                Name.of("body"),
                "Body",
                "",
                OptionalInt.of(LONGEST),
                Part.Entry.SEVERAL_LINES,
                Script.EMPTY,
                Traits.USUAL));
        for (int i = 0; i < TEXTS.size(); i++) {
            parts.add(button("put" + i, set("me.body", Quoted.of(TEXTS.get(i)))));
            parts.add(button("replace" + i, set("me.body.selection.text", Quoted.of(TEXTS.get(i)))));
        }
        for (int i = 0; i <= LONGEST; i++) {
            parts.add(button("left" + i, set("me.body.selection.from", "" + i)));
            parts.add(button("right" + i, set("me.body.selection.to", "" + i)));
        }
        parts.add(button("saved", set("me.body.changed", "false")));
        parts.add(button("sees", note("{" + SEES + "}")));
        return withMain(main("Desk", parts.toArray(Part[]::new))).play();
    }

    @Test
    void both_readings_agree_whatever_is_typed_selected_and_set() {
        long seed = new Random().nextLong();
        var random = new Random(seed);
        for (int round = 0; round < 60; round++) {
            Play play = play();
            var line = new Line();
            for (int step = 0; step < 25; step++) {
                String what = act(random, play, line);
                play.does("press \"sees\" of \"Desk\"");
                assertThat(play.seen())
                        .as("%s, seed %d, round %d", what, seed, round)
                        .contains("notes “" + line + "”");
            }
        }
    }

    private static String act(Random random, Play play, Line line) {
        int which = random.nextInt(TEXTS.size());
        int size = line.characters.size();
        int at = random.nextInt(size + 1);
        switch (random.nextInt(7)) {
            case 0 -> {
                line.type(TEXTS.get(which));
                return done(play, "type " + Quoted.of(TEXTS.get(which)) + " into \"body\" of \"Desk\"");
            }
            case 1 -> {
                line.put(TEXTS.get(which));
                return done(play, "press \"put" + which + "\" of \"Desk\"");
            }
            case 2 -> {
                line.replace(TEXTS.get(which));
                return done(play, "press \"replace" + which + "\" of \"Desk\"");
            }
            case 3 -> {
                line.left(at);
                return done(play, "press \"left" + at + "\" of \"Desk\"");
            }
            case 4 -> {
                line.right(at);
                return done(play, "press \"right" + at + "\" of \"Desk\"");
            }
            case 5 -> {
                line.changed = false;
                return done(play, "press \"saved\" of \"Desk\"");
            }
            default -> {
                int to = at + random.nextInt(size - at + 1);
                String selects = "select from " + at + " to " + to + " in \"body\" of \"Desk\"";
                assertThat(play.can(selects)).as(selects).isEqualTo(at != line.left || to != line.right);
                line.left = at;
                line.right = to;
                return play.can(selects) ? done(play, selects) : selects;
            }
        }
    }

    private static String done(Play play, String line) {
        play.does(line);
        return line;
    }
}
