package bivouac.check.finding;

import bivouac.check.known.Place;
import bivouac.check.ways.Repair;
import bivouac.design.Design;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Something wrong or risky in a design.
 *
 * @param what what is wrong, one sentence with the names in it
 * @param why why it matters, one sentence
 * @param repairs ways to put it right, each with one press; the first is the usual one
 * @param trail the shortest trail that shows it, from the start, as lines of a walkthrough; empty where it is told from
 *     the design as it is written
 * @param isExplored whether only the situations show it, and not the design as it is written
 */
public record Finding(
        Weight weight,
        Kind kind,
        String what,
        String why,
        Place place,
        List<Repair> repairs,
        Optional<List<String>> trail,
        boolean isExplored) {

    public Finding {
        repairs = List.copyOf(repairs);
        trail = trail.map(List::copyOf);
    }

    /** One that is told from the design as it is written. */
    public Finding(Weight weight, Kind kind, String what, String why, Place place, List<Repair> repairs) {
        this(weight, kind, what, why, place, repairs, Optional.empty(), false);
    }

    /** The same, which the design as it is written does not show. */
    public Finding shownOnlyByExploring() {
        return new Finding(weight, kind, what, why, place, repairs, trail, true);
    }

    /** The same, shown by a trail. */
    public Finding shownBy(List<String> lines) {
        return new Finding(weight, kind, what, why, place, repairs, Optional.of(lines), isExplored);
    }

    /** The same, as heavy as that. */
    public Finding weighing(Weight other) {
        return new Finding(other, kind, what, why, place, repairs, trail, isExplored);
    }

    private static final Pattern OWN_WORDS = Pattern.compile("“([^”]*)”");
    private static final Pattern STEP = Pattern.compile(", step [0-9]+$");

    /**
     * What it is about, whatever words it is told in: its kind, its place without the number of a step, and what of it is the
     * design's own, which stands in quotes. An accepted finding is known by it.
     */
    public String about(Design design) {
        String words = OWN_WORDS
                .matcher(what)
                .results()
                .map(r -> "“" + r.group(1) + "”")
                .distinct()
                .collect(Collectors.joining(", "));
        String at = STEP.matcher(place.words(design)).replaceAll("");
        return kind.name().toLowerCase(java.util.Locale.ROOT).replace('_', ' ') + ": " + at
                + (words.isEmpty() ? "" : ": " + words);
    }

    /** One that needs a decision before it can be put right. */
    public Finding(Weight weight, Kind kind, String what, String why, Place place) {
        this(weight, kind, what, why, place, List.of());
    }

    /** How heavy it is. */
    public enum Weight {
        WRONG,
        RISKY,
        HINT;

        public String word() {
            return name().toLowerCase(java.util.Locale.ROOT);
        }
    }

    /** What findings of several kinds have in common, for grouping. */
    public enum Cause {
        PROMISES("Promised, and broken"),
        RUNNING("Goes wrong while it runs"),
        CLOSING("Closing past a question"),
        END("The end of the application"),
        HOLDINGS("Taken and given back"),
        NOT_THERE("Names what is not there"),
        VALUES("Values and conversions"),
        BRANCHES("No answer written"),
        NEVER("Never happens"),
        MESSAGES("Messages and files"),
        UNUSED("Nobody uses it"),
        NAMES("Names"),
        PARTS("Parts");

        private final String words;

        Cause(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** The kinds of findings, for filters and tests; the word stands in reports. */
    public enum Kind {
        /** A way out goes past what other ways ask, check or run. */
        CLOSES_UNASKED(Cause.CLOSING),
        /** An answer, or a task that failed, does not keep the window open. */
        CLOSES_ALL_THE_SAME(Cause.CLOSING),
        ASKED_TWICE(Cause.CLOSING),
        /** A window whose answer could refuse, and that nothing waits for: it is opened alongside. */
        NOT_AWAITED(Cause.CLOSING),
        /** A question before closing that leaves other windows usable. */
        WAITS_FOR_OWNER_ONLY(Cause.CLOSING),
        ESCAPE_DESTROYS(Cause.CLOSING),
        REMOVES_UNASKED(Cause.CLOSING),
        /** A close box that is refused, and nothing is seen of it. */
        REFUSES_SILENTLY(Cause.CLOSING),
        /** The application ends with what a value says is unsaved. */
        UNSAVED_LOST(Cause.CLOSING),
        NO_WAY_OUT(Cause.CLOSING),
        /** The window closes where the application is meant, or the other way round. */
        WRONG_END(Cause.END),
        NEVER_ENDS(Cause.END),
        EXIT_CODE(Cause.END),
        HOLDING(Cause.HOLDINGS),
        DANGLING(Cause.NOT_THERE),
        EXPRESSION(Cause.NOT_THERE),
        NOT_HANDED_OVER(Cause.NOT_THERE),
        UNGUARDED(Cause.VALUES),
        /** A way out leads to an ending that gives something, and does not give it. */
        GIVES_NOTHING(Cause.VALUES),
        SUM(Cause.VALUES),
        MISSING_BRANCH(Cause.BRANCHES),
        /** A step that does again what the one before it has just done. */
        DONE_TWICE(Cause.BRANCHES),
        DEAD_TRIGGER(Cause.BRANCHES),
        NOT_THERE_YET(Cause.BRANCHES),
        NEVER_OPENED(Cause.NEVER),
        /** A step that no run of its script reaches. */
        NEVER_RUN(Cause.NEVER),
        /** A window that stays off the screen where it is wanted there. */
        STAYS_HIDDEN(Cause.NEVER),
        /** A part that nobody can use any more, since it is enabled again at some endings only. */
        STAYS_DISABLED(Cause.NEVER),
        MISPLACED_STEP(Cause.NEVER),
        /** Something goes wrong while it runs (X1 to X10). */
        FAULT(Cause.RUNNING),
        /** What the developer promised does not hold. */
        BROKEN_PROMISE(Cause.PROMISES),
        /** A walkthrough shows what a promise says never happens. */
        WALKTHROUGH_AGAINST_PROMISE(Cause.PROMISES),
        /** Nothing leads on: to the end, or out of a window. */
        DEAD_END(Cause.RUNNING),
        /** An answer that was given has to wait until a later window is answered (W2). */
        HELD_BACK(Cause.RUNNING),
        /** A window is open twice for the same. */
        OPEN_TWICE(Cause.RUNNING),
        /** A window that is waited for, and can get behind others. */
        HIDDEN_QUESTION(Cause.RUNNING),
        /** Many windows wait for each other. */
        DEEP(Cause.RUNNING),
        EMPTY_MESSAGE(Cause.MESSAGES),
        MESSAGE(Cause.MESSAGES),
        FILTER(Cause.MESSAGES),
        UNUSED(Cause.UNUSED),
        NAME_TWICE(Cause.NAMES),
        NAMING(Cause.NAMES),
        PART(Cause.PARTS);

        private final Cause cause;

        Kind(Cause cause) {
            this.cause = cause;
        }

        public Cause cause() {
            return cause;
        }
    }
}
