package bivouac.handover.forms;

import bivouac.design.ScriptPlace;
import bivouac.handover.braces.Lines;
import bivouac.handover.braces.Spelling;
import bivouac.handover.csharp.CsNames;
import bivouac.handover.csharp.CsWorld;
import bivouac.handover.meaning.Outcome;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** A class with properties that are set once: an ending with what it gives, or a row. */
final class FormsEnding {

    private FormsEnding() {}

    /**
     * Writes the class of an ending.
     *
     * @param access who sees it
     * @param of what it is one of
     */
    static void write(Lines out, CsWorld world, Outcome outcome, String access, String of) {
        String name = world.endingOf(outcome);
        Map<String, String> types = new LinkedHashMap<>();
        outcome.gives().forEach(g -> types.put(g.name(), world.types().of(g.type())));
        out.add(access + " sealed class " + name + " : " + of + " {");
        properties(out, name, types, world.gives(outcome), "Gives");
        if (!CsWorld.wordsOf(name).equals(outcome.ending())) {
            out.blank();
            property(out, "public override string Words", Spelling.literal(outcome.ending()));
        }
        out.add("}").blank();
    }

    /** Writes what a named script answers who does it (W11). */
    static void answers(Lines out, CsWorld world, ScriptPlace.Named script) {
        String type = world.ownAnswers(script);
        out.add("/// <summary>How “" + CsNames.comment(script.name())
                + "” ends; null where it reaches its end.</summary>");
        out.add("internal abstract class " + type + " : Ending {");
        world.outcomes().ofScript(script).stream().distinct().forEach(o -> write(out, world, o, "internal", type));
        out.add("}").blank();
    }

    /**
     * The constructor and the properties.
     *
     * @param types of each, by its name
     * @param called the properties, by the same names
     * @param all the property that has the values of all
     */
    static void properties(Lines out, String type, Map<String, String> types, Map<String, String> called, String all) {
        if (types.isEmpty()) {
            return;
        }
        var parameters = new LinkedHashMap<String, String>();
        var free = new CsNames(Set.of());
        types.keySet().forEach(n -> parameters.put(n, free.local(n)));
        out.add("public " + type + "("
                + types.entrySet().stream()
                        .map(e -> e.getValue() + " " + parameters.get(e.getKey()))
                        .collect(Collectors.joining(", "))
                + ") {");
        types.keySet().forEach(n -> out.add(called.get(n) + " = " + parameters.get(n) + ";"));
        out.add("}").blank();
        types.forEach((n, t) ->
                out.add("public " + t + " " + called.get(n) + " { get; }").blank());
        property(out, "public override object[] " + all, "new object[] { " + String.join(", ", called.values()) + " }");
    }

    static void property(Lines out, String signature, String value) {
        out.add(signature + " {");
        out.add("get { return " + value + "; }").add("}");
    }
}
