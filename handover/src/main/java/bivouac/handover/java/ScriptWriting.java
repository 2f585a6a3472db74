package bivouac.handover.java;

import bivouac.design.Given;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.StepPath;
import bivouac.design.Take;
import bivouac.design.Type;
import bivouac.handover.NotHandedOver;
import bivouac.handover.meaning.Here;
import bivouac.handover.meaning.Meanings;
import bivouac.handover.meaning.Say;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What all that is written of a script goes by: its lines so far, where it stands, and what it has made known. */
abstract class ScriptWriting {

    static final String NO_WINDOW = "null";
    final Meanings meanings;
    final JavaWorld world;
    final ScriptPlace place;
    final String self;
    final Ends ends;
    final JavaNames names;
    final Set<String> used = new HashSet<>();
    Lines out = new Lines();
    Here here;
    int repeats;
    String repeat = "";
    /** What follows the list of steps that is written, from the inside out. */
    List<Rest> rests = List.of();

    ScriptWriting(ScriptOf of) {
        this.meanings = of.meanings();
        this.world = of.world();
        this.place = of.place();
        this.self = of.self();
        this.ends = of.ends();
        this.names = new JavaNames(of.taken());
        this.here = new Here(place, Optional.empty(), of.locals(), Map.of());
    }

    /** Writes the steps of one list; answers whether what comes after it is reached. */
    abstract boolean steps(Script list, StepPath first, Script whole);

    /** As {@link #steps}, in a block of its own: what is made known there is known only there. */
    abstract boolean inBlock(Script script, StepPath at, Script whole);

    abstract boolean inner(Script list, StepPath first, Script whole);

    record Rest(StepPath from, Script script, Here here) {}

    boolean line(String line) {
        out.add(line);
        return true;
    }

    boolean stop(String line) {
        out.add(line);
        return false;
    }

    JavaExpressions expressions() {
        return new JavaExpressions(world, here, used);
    }

    Say say(bivouac.design.Expression expression) {
        return meanings.of(expression, here)
                .orElseThrow(() -> new NotHandedOver(where() + ": “" + expression.source()
                        + "” means nothing here. Put it right first; the findings say how."));
    }

    String where() {
        return place.words()
                + here.path()
                        .map(p ->
                                ", step " + p.number(place.in(meanings.program().design())))
                        .orElse("");
    }

    String value(bivouac.design.Expression expression, Type wanted) {
        return expressions().write(say(expression), wanted);
    }

    String text(String what, String text) {
        return world.text(what, text, here, used);
    }

    /** What is handed over, in the order of the takes; a take that gets nothing gets its default. */
    List<String> handed(List<Take> takes, List<Given> values) {
        return takes.stream().map(take -> handed(take, values)).toList();
    }

    String handed(Take take, List<Given> values) {
        return values.stream()
                .filter(v -> v.name().equals(take.name().expression()))
                .findFirst()
                .map(v -> value(v.value(), take.type()))
                .or(() -> meanings.byDefault(take).map(s -> expressions().write(s, take.type())))
                .orElseGet(() -> world.types().start(take.type()));
    }
}
