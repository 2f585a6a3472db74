package bivouac.handover.script;

import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.StepPath;
import bivouac.design.Take;
import bivouac.design.Window;
import bivouac.handover.NotHandedOver;
import bivouac.handover.meaning.Here;
import bivouac.handover.meaning.LocalNames;
import bivouac.handover.meaning.Meanings;
import bivouac.handover.meaning.Outcomes;
import bivouac.handover.meaning.Say;
import bivouac.handover.meaning.Says;
import bivouac.handover.meaning.Wordings;
import bivouac.handover.meaning.Words;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What all that is described of a script goes by: its acts so far, where it stands, and what it has made known. */
abstract class ScriptWriting {

    final Meanings meanings;
    final Wordings texts;
    final ScriptPlace place;
    final LocalNames names;
    final Outcomes outcomes;
    final Set<String> used = new HashSet<>();
    List<Act> out = new ArrayList<>();
    Here here;
    /** Whether what is described happens when something has ended later on. */
    boolean isLater;
    /** Whether it is done by nobody who waits for its end, wherever it stands (W8). */
    boolean isOutside;
    /** What follows the list of steps that is described, from the inside out. */
    List<Rest> rests = List.of();
    /** The label of the repeat around, as far as it can be gone on with from here. */
    String repeat = "";

    ScriptWriting(ScriptOf of) {
        this.meanings = of.meanings();
        this.texts = of.texts();
        this.place = of.place();
        this.names = of.names();
        this.outcomes = of.meanings().outcomes();
        Here begins = Here.of(meanings.program().design(), place);
        var locals = new HashMap<>(of.locals());
        locals.putAll(begins.locals());
        this.here = new Here(place, Optional.empty(), locals, begins.kept());
    }

    /** Describes the steps of one list; answers whether what comes after it is reached. */
    abstract boolean steps(Script list, StepPath first);

    /** Steps, or the end of a named script that is over later; what follows that is told to it. */
    sealed interface Rest {
        record OfSteps(StepPath from, Script script) implements Rest {}

        record End() implements Rest {}
    }

    /** Whether its tasks are waited for, whatever its steps say (W5, W11). */
    boolean isWaitedFor() {
        return place.isOfClosing() || isAnswering();
    }

    /** Whether it is a named script that answers who does it (W11). */
    boolean isAnswering() {
        return place instanceof ScriptPlace.Named named
                && !outcomes.ofScript(named).isEmpty();
    }

    /** Whether it is a named script that is over only later. */
    boolean isLate() {
        return !isOutside
                && place instanceof ScriptPlace.Named named
                && meanings.late().isLate(named);
    }

    /**
     * What is done later on: something, and then what follows in this script. A repeat around cannot be gone on with there.
     *
     * @param first describes it; answers whether what follows is reached
     */
    Block thenRest(java.util.function.BooleanSupplier first) {
        Here before = here;
        List<Rest> after = rests;
        String loop = repeat;
        repeat = "";
        Block block = later(() -> {
            boolean goesOn = first.getAsBoolean();
            here = before;
            return goesOn && restOf(after);
        });
        here = before;
        rests = after;
        repeat = loop;
        return block;
    }

    /** Describes what follows; answers whether the script goes on behind it. */
    private boolean restOf(List<Rest> after) {
        boolean goesOn = true;
        Here before = here;
        for (int i = 0; i < after.size() && goesOn; i++) {
            here = before;
            rests = after.subList(i + 1, after.size());
            goesOn = switch (after.get(i)) {
                case Rest.OfSteps(StepPath from, Script script) -> steps(script, from);
                case Rest.End e -> stop(new Act.Finish());
            };
        }
        return goesOn;
    }

    /** After what lets a script go on later: nothing more is done now. */
    boolean goesOnLater() {
        if (rests.isEmpty()) {
            return true;
        }
        boolean isLast = here.path().filter(at -> at.depth() == 0).isPresent() && !isAsked(place);
        return isLast ? false : stop(new Act.Over());
    }

    /** A script that is asked before something may close, or be removed, answers. */
    static boolean isAsked(ScriptPlace place) {
        return place.isAt(FacedWindow.Moment.BEFORE_CLOSING) || place.isAt(Part.RowMoment.BEFORE_REMOVING);
    }

    boolean act(Act act) {
        out.add(act);
        return true;
    }

    boolean stop(Act act) {
        out.add(act);
        return false;
    }

    /** What is described inside, as a block of its own. */
    Block block(java.util.function.BooleanSupplier inside) {
        List<Act> outside = out;
        out = new ArrayList<>();
        boolean goesOn = inside.getAsBoolean();
        var block = new Block(out, goesOn);
        out = outside;
        return block;
    }

    /** What is done when something has ended later on. */
    Block later(java.util.function.BooleanSupplier inside) {
        boolean before = isLater;
        isLater = true;
        Block block = block(inside);
        isLater = before;
        return block;
    }

    /** The step in words, as runs of it are told apart (X8). */
    Act.StepName stepName(String what) {
        return new Act.StepName(what + " in " + where(), isLate());
    }

    /** The steps of a list inside a step: what they make known is known only there. */
    Block inner(Script list, StepPath first) {
        Here before = here;
        Block block = block(() -> steps(list, first));
        here = before;
        return block;
    }

    /** As {@link #inner}, where there is something to be done. */
    Optional<Block> innerIfAny(Script list, StepPath first) {
        return list.doesNothing() ? Optional.empty() : Optional.of(inner(list, first));
    }

    Optional<FacedWindow> me() {
        return place.ofWindow().flatMap(w -> meanings.program().design().faced(w));
    }

    Window window(String shown) {
        return meanings.find(shown)
                .orElseThrow(() -> new NotHandedOver(where() + ": there is no window “" + shown + "”."));
    }

    Say say(bivouac.design.Expression expression) {
        Say say = meanings.of(expression, here)
                .orElseThrow(() -> new NotHandedOver(where() + ": “" + expression.source()
                        + "” means nothing here. Put it right first; the findings say how."));
        Says.locals(say).forEach(used::add);
        return say;
    }

    Words words(String key, String text) {
        String of = place.ofWindow()
                .flatMap(meanings::find)
                .map(w -> w.name().expression())
                .orElse("application");
        Words words = texts.words(of + "." + key, text, here);
        switch (words) {
            case Words.None n -> {
                // reads nothing
            }
            case Words.Shown(Say value) -> Says.locals(value).forEach(used::add);
            case Words.Keyed(String k, var values) ->
                values.stream().flatMap(Says::locals).forEach(used::add);
        }
        return words;
    }

    String where() {
        return place.words()
                + here.path()
                        .map(p ->
                                ", step " + p.number(place.in(meanings.program().design())))
                        .orElse("");
    }

    /** What is handed over, in the order of the takes; a take that gets nothing gets its default. */
    List<Handed> handed(List<Take> takes, List<Given> values) {
        return takes.stream().map(take -> handed(take, values)).toList();
    }

    private Handed handed(Take take, List<Given> values) {
        Optional<Say> value = values.stream()
                .filter(v -> v.name().equals(take.name().expression()))
                .findFirst()
                .map(v -> say(v.value()))
                .or(() -> meanings.byDefault(take));
        return new Handed(take.name().expression(), take.type(), value);
    }
}
