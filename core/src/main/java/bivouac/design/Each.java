package bivouac.design;

import java.util.Optional;

/** Of what there is one button or menu command for each (P5). */
public sealed interface Each {

    /** It stands there once, by itself. */
    Each ONCE = new Once();

    /** What the row is called in texts, conditions and the script of what stands for it. */
    String ROW = "row";

    /** So many of a list stand there at the most: more than a person looks for in a menu, and few enough to be drawn. */
    int MOST = 200;

    /** So many have a shortcut: those that keys with one digit can count. */
    int SHORTCUTS = 9;

    /** The script that brings the window to the front for which a part stands. */
    Script TO_FRONT = Script.of(new Step.Reach(Step.Reach.How.BRING_TO_FRONT, new Target.Kept(ROW)));

    record Once() implements Each {}

    /**
     * One for each row of a list.
     *
     * @param rows what the list is
     * @param ticked of a menu command, whether it carries a tick; in its scope is {@link #ROW}
     */
    record OfRows(Expression rows, Optional<Expression> ticked) implements Each {
        public OfRows(String rows) {
            this(new Expression(rows), Optional.empty());
        }
    }

    /**
     * One for each open window of a kind, with its title; a menu command carries a tick at the window that it is on.
     *
     * @param window its shown name
     */
    record OfWindows(String window) implements Each {}

    default boolean isOnce() {
        return this instanceof Once;
    }

    /** The window that a script keeps as its row: that for which the part stands whose trigger it is (O9). */
    static Optional<String> windowAt(Design design, ScriptPlace place) {
        return place.ofWindow()
                .flatMap(design::faced)
                .flatMap(f -> place.ofPart().flatMap(f::part))
                .flatMap(p -> p.each() instanceof OfWindows(String window) ? Optional.of(window) : Optional.empty());
    }

    /** The shortcut of the how-manieth, from 1: one that ends with 1 counts on; empty where there is none. */
    static String shortcut(String first, int number) {
        return countsOn(first) && number <= SHORTCUTS ? first.substring(0, first.length() - 1) + number : "";
    }

    /** Whether a shortcut is one that counts on. */
    static boolean countsOn(String shortcut) {
        return shortcut.endsWith("+1");
    }

    /** What stands on a part, and behind that of what there is one for each. */
    default String after(String text) {
        return isOnce() ? AccessKey.without(text) : (text + " " + words()).strip();
    }

    /** Behind what it stands for in one line, as it is typed: {@code for each row in app.recent}. */
    default String words() {
        return switch (this) {
            case Once() -> "";
            case OfRows(Expression rows, var ticked) ->
                "for each " + ROW + " in " + rows
                        + ticked.map(t -> " ticked when " + t).orElse("");
            case OfWindows(String window) -> "for each open " + window;
        };
    }
}
