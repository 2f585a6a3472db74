package bivouac.handover.java;

import bivouac.design.Given;
import bivouac.design.Part;
import bivouac.design.Type;
import bivouac.handover.NotHandedOver;
import bivouac.handover.meaning.Say;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** Steps about the rows of lists. */
abstract class ScriptRows extends ScriptValues {

    ScriptRows(ScriptOf of) {
        super(of);
    }

    /** The list, or the part, that a dotted name means. */
    String list(String dotted, boolean rows) {
        if (dotted.startsWith("me.")) {
            return world.part(dotted.substring(3));
        }
        Say say = target(dotted + (rows ? ".rows" : ".enabled"));
        if (say instanceof Say.Member m && m.windows().size() == 1) {
            return base(m) + field(m);
        }
        throw new NotHandedOver(where() + ": “" + dotted + "” can be of several windows; name the window.");
    }

    Part.ListOfRows part(String dotted) {
        Say say = target(dotted + ".rows");
        return (Part.ListOfRows) ((Say.What.OfPart) ((Say.Member) say).what()).part();
    }

    Map<String, String> columns(Part.ListOfRows list, List<Given> values) {
        var all = new HashMap<String, String>();
        for (Type.Column column : list.columns()) {
            values.stream()
                    .filter(v -> v.name().equals(column.name()))
                    .findFirst()
                    .ifPresent(v -> all.put(column.name(), value(v.value(), column.type())));
        }
        return all;
    }

    boolean addRow(String dotted, List<Given> values) {
        Part.ListOfRows list = part(dotted);
        Map<String, String> columns = columns(list, values);
        String row = list.columns().stream()
                .map(c -> columns.getOrDefault(c.name(), world.types().start(c.type())))
                .collect(Collectors.joining(", "));
        return line(list(dotted, true) + ".add(new " + world.types().of(new Type.RowOf(list.columns())) + "(" + row
                + "));");
    }

    boolean changeRow(String dotted, List<Given> values) {
        Part.ListOfRows list = part(dotted);
        return changeColumns(list(dotted, true), list, columns(list, values));
    }

    boolean removeRow(String dotted, boolean unasked) {
        Part.ListOfRows list = part(dotted);
        String window = ((Say.Member) target(dotted + ".rows")).windows().getFirst();
        String base = dotted.startsWith("me.") ? "this::" : list(dotted, true).replaceAll("\\.[^.]*$", "") + "::";
        String may = unasked
                ? "row -> true"
                : world.mayRemove(window, list).map(m -> base + m).orElse("row -> true");
        return line(list(dotted, true) + ".removeSelected(" + may + ");");
    }
}
