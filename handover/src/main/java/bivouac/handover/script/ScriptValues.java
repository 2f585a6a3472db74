package bivouac.handover.script;

import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.Part;
import bivouac.design.Target;
import bivouac.design.Type;
import bivouac.expression.Value;
import bivouac.handover.NotHandedOver;
import bivouac.handover.meaning.Here;
import bivouac.handover.meaning.Say;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Steps that set values, those of other windows, and the rows of lists. */
abstract class ScriptValues extends ScriptTargets {

    ScriptValues(ScriptOf of) {
        super(of);
    }

    private static final Say NO = new Say.Literal(Value.NO, Type.YESNO);

    boolean set(String dotted, Expression expression) {
        Say target = named(dotted);
        Say value = say(expression);
        return switch (target) {
            case Say.OfApplication(String name, Type type) -> act(new Act.SetOfApplication(name, value, type));
            case Say.Member m -> {
                Whom whom = whom(m);
                refuseColumn(m.what());
                String window = m.windows().getFirst();
                act(new Act.SetOfWindow(whom, window, m.what(), value, m.type()));
                yield unchanged(window, m.what())
                        .map(what -> act(new Act.SetOfWindow(whom, window, what, NO, Type.YESNO)))
                        .orElse(true);
            }
            case Say.Column(Say row, String column, Type type)
            when row instanceof Say.Member m
                    && m.what() instanceof Say.What.OfPart(var part, String member)
                    && member.equals(".selected") ->
                changeColumns(
                        new Act.PartOf(whom(m), m.windows().getFirst(), part),
                        (Part.ListOfRows) part,
                        Map.of(column, value));
            default -> throw new NotHandedOver(where() + ": this cannot be set.");
        };
    }

    private void refuseColumn(Say.What what) {
        if (what instanceof Say.What.OfPart(var part, String member) && member.startsWith(".selected.")) {
            throw new NotHandedOver(where() + ": a column of another window's row cannot be set; change the row.");
        }
    }

    boolean setIn(String member, Target in, Expression expression) {
        String window = windowOf(in)
                .orElseThrow(
                        () -> new NotHandedOver(where() + ": what is set can be of several windows; name the window."));
        Say.What what = what(meanings.program().design().faced(window).orElseThrow(), member);
        Say value = say(expression);
        if (in instanceof Target.Every) {
            String each = names.local("each");
            String held = names.local("value");
            refuseColumn(what);
            act(new Act.SetOfEvery(window, what, value, each, held));
            return unchanged(window, what)
                    .map(w -> act(new Act.SetOfEvery(window, w, NO, names.local("each"), names.local("changed"))))
                    .orElse(true);
        }
        Whom whom = whom(in);
        refuseColumn(what);
        act(new Act.SetOfWindow(whom, window, what, value, value.type()));
        return unchanged(window, what)
                .map(w -> act(new Act.SetOfWindow(whom, window, w, NO, Type.YESNO)))
                .orElse(true);
    }

    /** P1: what a step sets is not what a person has changed, where something asks for that. */
    private Optional<Say.What> unchanged(String window, Say.What what) {
        return what instanceof Say.What.OfPart(Part part, String member)
                        && (member.isEmpty() || member.equals(".typed"))
                        && meanings.asksForChanges(window, part)
                ? Optional.of(new Say.What.OfPart(part, ".changed"))
                : Optional.empty();
    }

    private static Say.What what(FacedWindow face, String member) {
        if (member.equals("title")) {
            return new Say.What.Title();
        }
        if (face.variables().stream().anyMatch(v -> v.name().expression().equals(member))) {
            return new Say.What.Variable(member);
        }
        int dot = member.indexOf('.');
        return new Say.What.OfPart(
                face.part(dot < 0 ? member : member.substring(0, dot)).orElseThrow(),
                dot < 0 ? "" : member.substring(dot));
    }

    boolean let(String name, Expression expression) {
        Say value = say(expression);
        String local = names.local(name);
        act(new Act.Let(local, value));
        var locals = new HashMap<>(here.locals());
        locals.put(name, local);
        here = new Here(place, here.path(), locals, here.kept());
        return true;
    }

    // Rows

    private Map<String, Say> columns(Part.ListOfRows list, List<Given> values) {
        var all = new HashMap<String, Say>();
        for (Type.Column column : list.columns()) {
            values.stream()
                    .filter(v -> v.name().equals(column.name()))
                    .findFirst()
                    .ifPresent(v -> all.put(column.name(), say(v.value())));
        }
        return all;
    }

    private static List<Handed> row(Part.ListOfRows list, Map<String, Say> columns) {
        return list.columns().stream()
                .map(c -> new Handed(c.name(), c.type(), Optional.ofNullable(columns.get(c.name()))))
                .toList();
    }

    private Act.PartOf list(String dotted) {
        return partOf(dotted, ".rows");
    }

    boolean addRow(String dotted, List<Given> values) {
        Act.PartOf list = list(dotted);
        var rows = (Part.ListOfRows) list.part();
        return act(new Act.AddRow(list, row(rows, columns(rows, values))));
    }

    boolean changeRow(String dotted, List<Given> values) {
        Act.PartOf list = list(dotted);
        var rows = (Part.ListOfRows) list.part();
        return changeColumns(list, rows, columns(rows, values));
    }

    private boolean changeColumns(Act.PartOf at, Part.ListOfRows list, Map<String, Say> columns) {
        return act(new Act.ChangeRow(at, names.passing("r"), row(list, columns)));
    }

    boolean removeRow(String dotted, boolean unasked) {
        Act.PartOf list = list(dotted);
        boolean hasScript = !((Part.ListOfRows) list.part())
                .at(Part.RowMoment.BEFORE_REMOVING)
                .isEmpty();
        return act(new Act.RemoveRows(list, hasScript && !unasked));
    }
}
