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
        assert weight.compareTo(kind.heaviest()) >= 0 : kind + " is told as " + weight + ": " + what;
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

    /** What is wrong, for those who see where it stands: without the place at its beginning. */
    public String whatHere(Design design) {
        String at = place.words(design) + ": ";
        return what.startsWith(at) ? what.substring(at.length()) : what;
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

    /** The kinds of findings, for filters, tests and the list of them. */
    public enum Kind {
        CLOSES_UNASKED(Cause.CLOSING, Weight.WRONG, "A way out goes past what other ways ask, check or run (C1, C2)."),
        CLOSES_ALL_THE_SAME(
                Cause.CLOSING,
                Weight.WRONG,
                "An answer, a task that failed or a dialog that was left does not keep the window open."),
        ASKED_TWICE(Cause.CLOSING, Weight.WRONG, "On one way the same is asked a second time."),
        NOT_AWAITED(
                Cause.CLOSING,
                Weight.WRONG,
                "A window whose answer could refuse, and that nothing waits for: it is opened alongside."),
        WAITS_FOR_OWNER_ONLY(
                Cause.CLOSING, Weight.WRONG, "A question before closing that leaves other windows usable (B1)."),
        ESCAPE_DESTROYS(
                Cause.CLOSING,
                Weight.WRONG,
                "Escape, or Enter, means an answer that cannot be taken back or that does something (C7)."),
        REMOVES_UNASKED(
                Cause.CLOSING,
                Weight.WRONG,
                "A row goes without the question that other ways ask, or whatever is answered (P2)."),
        REFUSES_SILENTLY(Cause.CLOSING, Weight.WRONG, "A close box that is refused, and nothing is seen of it."),
        UNSAVED_LOST(
                Cause.CLOSING,
                Weight.WRONG,
                "Work that a value says is unsaved can be lost, or nobody says that it is unsaved."),
        NO_WAY_OUT(Cause.CLOSING, Weight.WRONG, "A window that nobody can close."),
        WRONG_END(
                Cause.END,
                Weight.WRONG,
                "A window closes where the application is meant, or the other way round (D1)."),
        NEVER_ENDS(Cause.END, Weight.WRONG, "Nothing ends the application."),
        EXIT_CODE(
                Cause.END,
                Weight.RISKY,
                "A start that failed tells whoever started it nothing, or that all is well (D6)."),
        HOLDING(
                Cause.HOLDINGS,
                Weight.WRONG,
                "Something taken is not given back, or given back too soon, late, or out of order."),
        DANGLING(Cause.NOT_THERE, Weight.WRONG, "Something is named that there is not."),
        EXPRESSION(
                Cause.NOT_THERE,
                Weight.WRONG,
                "An expression, or a text with braces, that cannot be understood where it stands."),
        NOT_HANDED_OVER(
                Cause.NOT_THERE,
                Weight.WRONG,
                "A window, a script or a task gets not what it takes, or more than that."),
        UNGUARDED(
                Cause.VALUES,
                Weight.WRONG,
                "A value is read where it need not be there: a number not typed, a row not selected."),
        GIVES_NOTHING(
                Cause.VALUES, Weight.WRONG, "A way out leads to an ending that gives something, and does not give it."),
        SUM(Cause.VALUES, Weight.WRONG, "Typed texts are joined where they look like numbers to be added."),
        MISSING_BRANCH(
                Cause.BRANCHES, Weight.WRONG, "Nothing is written for an ending or an answer, or the same for all."),
        WORK_BREAKS(Cause.BRANCHES, Weight.RISKY, "Work that breaks, and nothing says what happens then (W8)."),
        PROGRESS(
                Cause.BRANCHES,
                Weight.WRONG,
                "Work that tells how far it is, or can be cancelled, and nobody sees it or can do it (W9, W10)."),
        DONE_TWICE(Cause.BRANCHES, Weight.RISKY, "A step that does again what the one before it has just done."),
        DEAD_TRIGGER(
                Cause.BRANCHES,
                Weight.RISKY,
                "A part or a timer behind which nothing is written, or not what it says."),
        NOT_DROPPED(
                Cause.BRANCHES,
                Weight.HINT,
                "Files are opened from outside, and none can be dropped on a window (F1)."),
        NOT_THERE_YET(Cause.BRANCHES, Weight.HINT, "A trigger that says that it is not there yet."),
        NEVER_OPENED(Cause.NEVER, Weight.RISKY, "A window that nothing opens."),
        NEVER_RUN(Cause.NEVER, Weight.RISKY, "A step, a named script or a timer that nothing reaches."),
        STAYS_HIDDEN(Cause.NEVER, Weight.RISKY, "A window that stays off the screen where it is wanted there."),
        STAYS_DISABLED(
                Cause.NEVER,
                Weight.RISKY,
                "A part that nobody can use any more, since it is enabled again at some endings only."),
        MISPLACED_STEP(
                Cause.NEVER, Weight.WRONG, "A step that does nothing, or a fault, in the script where it stands."),
        FAULT(Cause.RUNNING, Weight.WRONG, "Something goes wrong while it runs (X1 to X11)."),
        BROKEN_PROMISE(Cause.PROMISES, Weight.WRONG, "What the developer promised does not hold."),
        WALKTHROUGH_AGAINST_PROMISE(
                Cause.PROMISES, Weight.WRONG, "A walkthrough shows what a promise says never happens."),
        DEAD_END(Cause.RUNNING, Weight.WRONG, "Nothing leads on: to the end, or out of a window."),
        HELD_BACK(
                Cause.RUNNING,
                Weight.RISKY,
                "An answer that was given has to wait until a later window is answered (W2)."),
        OPEN_TWICE(Cause.RUNNING, Weight.RISKY, "A window is open twice for the same (O3)."),
        HIDDEN_QUESTION(Cause.RUNNING, Weight.RISKY, "A window that is waited for, and can get behind others (O5)."),
        DEEP(Cause.RUNNING, Weight.HINT, "Many windows wait for each other."),
        EMPTY_MESSAGE(Cause.MESSAGES, Weight.WRONG, "A message box without a text or without buttons."),
        MESSAGE(Cause.MESSAGES, Weight.RISKY, "A message box or a file dialog that does not fit what it is used for."),
        FILTER(Cause.MESSAGES, Weight.WRONG, "Filters of a file dialog that show nothing, or twice the same."),
        UNUSED(Cause.UNUSED, Weight.RISKY, "A value, a task, an ending or what it gives, that nobody uses."),
        NAME_TWICE(Cause.NAMES, Weight.WRONG, "Two of one kind have one name."),
        NAMING(Cause.NAMES, Weight.HINT, "A name that says nothing, or not as the naming habit has it."),
        PART(
                Cause.PARTS,
                Weight.WRONG,
                "A part that cannot work as it is: its start, its length, its key, its picture.");

        private final Cause cause;
        private final Weight heaviest;
        private final String about;

        /**
         * @param heaviest how heavy one of it can be
         * @param about what it is, one sentence, for the list in docs/findings.md
         */
        Kind(Cause cause, Weight heaviest, String about) {
            this.cause = cause;
            this.heaviest = heaviest;
            this.about = about;
        }

        public Weight heaviest() {
            return heaviest;
        }

        public String about() {
            return about;
        }

        public Cause cause() {
            return cause;
        }
    }
}
