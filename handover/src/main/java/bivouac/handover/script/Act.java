package bivouac.handover.script;

import bivouac.design.Part;
import bivouac.design.Step;
import bivouac.design.Type;
import bivouac.handover.meaning.Outcome;
import bivouac.handover.meaning.Say;
import bivouac.handover.meaning.Words;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What a script of a written program does, with all names resolved: between the steps of the design and the languages that
 * spell it. Each language answers every kind; none decides what a step means.
 */
public sealed interface Act {

    // Values

    record SetOfApplication(String variable, Say value, Type type) implements Act {}

    record SetOfWindow(Whom whom, String window, Say.What what, Say value, Type type) implements Act {}

    /**
     * Sets it in every open window of a name.
     *
     * @param each the local that holds each of them
     * @param held the local that holds the value
     */
    record SetOfEvery(String window, Say.What what, Say value, String each, String held) implements Act {}

    record Let(String local, Say value) implements Act {}

    // Rows

    /** A list, or another part, of a window. */
    record PartOf(Whom whom, String window, Part part) {}

    /** @param row in the order of the columns */
    record AddRow(PartOf list, List<Handed> row) implements Act {
        public AddRow {
            row = List.copyOf(row);
        }
    }

    /**
     * Puts a row with other values in some columns in the place of the selected one.
     *
     * @param before a local that can hold the row that is there
     * @param row in the order of the columns; without a value, the column stays as it is
     */
    record ChangeRow(PartOf list, String before, List<Handed> row) implements Act {
        public ChangeRow {
            row = List.copyOf(row);
        }
    }

    /** @param asked whether the list's script before removing is asked */
    record RemoveRows(PartOf list, boolean asked) implements Act {}

    // The course of a script

    record Case(Say condition, Block block) {}

    /** @param otherwise empty where nothing is done then */
    record Choose(List<Case> cases, Optional<Block> otherwise) implements Act {
        public Choose {
            cases = List.copyOf(cases);
        }

        /** The same, where a choice that is all of what is done otherwise goes on with its cases: <i>else if</i>. */
        public Choose flat() {
            List<Act> rest = otherwise.map(Block::acts).orElse(List.of());
            if (rest.size() != 1 || !(rest.getFirst() instanceof Choose inner)) {
                return this;
            }
            Choose further = inner.flat();
            return new Choose(
                    Stream.concat(cases.stream(), further.cases.stream()).toList(), further.otherwise);
        }
    }

    /** @param label by which {@link Again} says which one it means */
    record Repeat(String label, Block block) implements Act {}

    record Again(String label) implements Act {}

    /** The script is over; where it was asked, it agrees. */
    record Over() implements Act {}

    /** The script was asked, and says no: the window stays open, the row stays. */
    record Refuse() implements Act {}

    /** What is asked further up is refused (C2). */
    record RefuseFurtherUp() implements Act {}

    /** The script is over, and answers who does it (W11); with no ending where it has reached its end. */
    record Return(Optional<Outcome> outcome, List<Handed> gives) implements Act {
        public Return {
            gives = List.copyOf(gives);
        }
    }

    /**
     * @param window whose script it is; empty for one of the application
     * @param waited whether it and all that it runs is waited for, whatever its steps say (W11)
     * @param later what follows it, where it is over only when something has ended that runs in the background
     */
    record DoScript(Optional<String> window, String script, List<Handed> handed, boolean waited, Optional<Later> later)
            implements Act {
        public DoScript {
            handed = List.copyOf(handed);
        }
    }

    /**
     * What is done when a named script is over.
     *
     * @param step the step that does it, by which runs of one task are told apart (X8)
     * @param name for it, in a language where what is done later has one
     */
    record Later(StepName step, String name, Block block) {
        /** Whether it only ends the script that it stands in. */
        public boolean isFinish() {
            return block.acts().equals(List.of(new Finish()));
        }
    }

    /**
     * A step in words.
     *
     * @param furtherUp whether the step that does its script belongs to the name: the script is given it as {@code step}
     */
    record StepName(String words, boolean furtherUp) {
        /** All of it, or what stands before the name that the script is given. */
        public String known() {
            return furtherUp ? words + ", done by " : words;
        }
    }

    /** A named script is over, and what follows it goes on: it is given that as {@code then}. */
    record Finish() implements Act {}

    // Windows

    /** Opens, runs or looks at something, and does nothing with how it ends. */
    record Ask(Asked asked) implements Act {}

    /** Something is done at one of several endings only. */
    record AskForOne(Asked asked, Asked.Branch branch) implements Act {}

    /** @param branches one for each ending that there is; the block of some may be empty */
    record AskForAll(Asked asked, List<Asked.Branch> branches) implements Act {
        public AskForAll {
            branches = List.copyOf(branches);
        }
    }

    /** Where a window that is opened is kept (O9). */
    sealed interface Keep {
        record InLocal(String name) implements Keep {}

        /** In a variable of the script's own window. */
        record InVariable(String window, String variable) implements Keep {}

        record Nowhere() implements Keep {}
    }

    /** Opens a window that nothing waits for (O1). */
    record Open(String window, Keep keep, Optional<Whom> owner, List<Handed> handed, Optional<Ended> ended)
            implements Act {
        public Open {
            handed = List.copyOf(handed);
        }
    }

    /**
     * What is done when something has ended later on.
     *
     * @param result the local that holds how
     */
    record Ended(String result, Block block) {}

    /** Opens a window in the place of the script's own one (O8). */
    record OpenInPlace(
            String window, boolean readyMade, boolean ownedAlike, List<Handed> handed, Optional<Ending> ending)
            implements Act {
        public OpenInPlace {
            handed = List.copyOf(handed);
        }
    }

    /**
     * The same, where the system may fail to open it (O7): the script's own window stays where it could not.
     *
     * @param reason the local that holds why; absent where that is not read
     * @param couldNot what is done then; absent where the design says nothing, which is a fault X1
     */
    record TryInPlace(OpenInPlace open, Trial.Opening trial, Optional<String> reason, Optional<Block> couldNot)
            implements Act {}

    /** An ending that a window is closed with, and what it gives. */
    record Ending(String window, String name, List<Handed> gives) {
        public Ending {
            gives = List.copyOf(gives);
        }
    }

    /**
     * Closes the script's own window; what is refused is done after it, since the script ends otherwise (W6).
     *
     * @param ending where it says nothing, what the way leads to
     */
    record CloseMe(Optional<Ending> ending) implements Act {}

    /** @param refused empty where nothing is done then */
    record Close(Whom whom, Optional<Ending> ending, Optional<Block> refused) implements Act {}

    record CloseEvery(String window, Optional<Block> refused) implements Act {}

    record Reach(Step.Reach.How how, Whom whom) implements Act {}

    /** @param each a local that can hold each of them */
    record ReachEvery(Step.Reach.How how, String window, String each) implements Act {}

    record Focus(PartOf part) implements Act {}

    // What may fail (O7, H2)

    /** What is tried. */
    sealed interface Trial {

        /** Whatever it is, in words. */
        String what();

        /**
         * Whether the system can create a window.
         *
         * @param unlessThere whether it is not asked where the window is there already
         */
        record Opening(String window, List<Handed> handed, boolean unlessThere) implements Trial {
            public Opening {
                handed = List.copyOf(handed);
            }

            @Override
            public String what() {
                return "opening " + window;
            }
        }

        record Holding(String holding, boolean take) implements Trial {
            @Override
            public String what() {
                return (take ? "taking " : "giving back ") + holding;
            }
        }
    }

    /** Where the design says nothing of what then, a fault X1; else {@code then} goes on. */
    record Try(Trial trial, String reason) implements Act {}

    /**
     * Does one or the other.
     *
     * @param reason the local that holds why it could not; absent where that is not read
     */
    record TryOr(Trial trial, Optional<String> reason, Block couldNot, Block then) implements Act {}

    // Work

    /** @param mayBreak whether what happens when the work breaks is answered here (W8) */
    record Background(String task, boolean mayBreak, StepName step, List<Handed> handed, Ended ended) implements Act {
        public Background {
            handed = List.copyOf(handed);
        }
    }

    record StopTask(String task) implements Act {}

    record CancelTask(String task) implements Act {}

    record Holding(String holding, boolean take) implements Act {}

    /** @param window whose timer it is; empty for one of the application */
    record Turn(Optional<String> window, String timer, boolean start) implements Act {}

    record Note(Words words) implements Act {}

    record KeptValues(Step.KeptValues.How how) implements Act {}

    /** @param calledOff what is done where it was; empty for nothing */
    record End(Optional<Say> code, Words saying, Optional<Block> calledOff) implements Act {}
}
