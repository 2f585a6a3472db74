package bivouac.handover.java;

import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.design.Target;
import bivouac.design.Type;
import bivouac.handover.NotHandedOver;
import bivouac.handover.meaning.Here;
import bivouac.handover.meaning.Say;
import java.util.HashMap;
import java.util.Map;
import java.util.stream.Collectors;

/** Steps that set values, and those of other windows. */
abstract class ScriptValues extends ScriptTargets {

    ScriptValues(ScriptOf of) {
        super(of);
    }

    Say target(String dotted) {
        var expression = new bivouac.design.Expression(dotted);
        return meanings.of(expression, here)
                .orElseThrow(() -> new NotHandedOver(where() + ": “" + dotted + "” means nothing here."));
    }

    boolean set(String dotted, bivouac.design.Expression value) {
        return assign(target(dotted), value);
    }

    boolean assign(Say target, bivouac.design.Expression value) {
        String written = value(value, target.type());
        return switch (target) {
            case Say.OfApplication(String name, Type type) -> line(world.ofApplication(name) + " = " + written + ";");
            case Say.Member m -> {
                if (m.windows().size() > 1) {
                    throw new NotHandedOver(where() + ": what is set can be of several windows; name the window.");
                }
                String window = m.windows().getFirst();
                yield line(set(base(m), window, m.what(), written, m.type()));
            }
            case Say.Column(Say row, String column, Type type)
            when row instanceof Say.Member m
                    && m.what() instanceof Say.What.OfPart(var part, String member)
                    && member.equals(".selected") ->
                changeColumns(base(m) + field(m), (Part.ListOfRows) part, Map.of(column, written));
            default -> throw new NotHandedOver(where() + ": this cannot be set.");
        };
    }

    String base(Say.Member m) {
        return m.whose() instanceof Say.Whose.KeptByScript(String name)
                ? world.desk() + ".there(" + kept(name) + ")."
                : world.base(m.whose(), m.windows().getFirst());
    }

    String field(Say.Member m) {
        return world.part(((Say.What.OfPart) m.what()).part().name().expression());
    }

    String set(String base, String window, Say.What what, String value, Type type) {
        return switch (what) {
            case Say.What.Title t -> world.setTitle(base, value);
            case Say.What.Variable(String name) -> base + world.variable(window, name) + " = " + value + ";";
            case Say.What.OfPart(var part, String member) -> {
                if (member.startsWith(".selected.")) {
                    throw new NotHandedOver(
                            where() + ": a column of another window's row cannot be set; change the row.");
                }
                yield world.set(base, window, part, member, value, type);
            }
        };
    }

    boolean setIn(String member, Target in, bivouac.design.Expression value) {
        String window = windowOf(in)
                .orElseThrow(
                        () -> new NotHandedOver(where() + ": what is set can be of several windows; name the window."));
        FacedWindow face = meanings.program().design().faced(window).orElseThrow();
        Say.What what = what(face, member);
        Say say = say(value);
        String written = expressions().write(say);
        if (in instanceof Target.Every) {
            String each = names.member("each");
            String held = names.member("value");
            out.add(world.types().of(say.type()) + " " + held + " = " + written + ";");
            out.add("for (" + world.classOf(window) + " " + each + " : " + world.desk() + ".every("
                    + world.classOf(window) + ".class)) {");
            out.add(set(each + ".", window, what, held, say.type())).add("}");
            return true;
        }
        return line(set(member(in, window), window, what, written, say.type()));
    }

    static Say.What what(FacedWindow face, String member) {
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

    boolean let(String name, bivouac.design.Expression value) {
        Say say = say(value);
        String written = expressions().write(say);
        String local = names.member(name);
        out.add(world.types().of(say.type()) + " " + local + " = " + written + ";");
        var locals = new HashMap<>(here.locals());
        locals.put(name, local);
        here = new Here(place, here.path(), locals, here.kept());
        return true;
    }

    /** Puts a row with other values in some columns in the place of the selected one. */
    boolean changeColumns(String field, Part.ListOfRows list, Map<String, String> columns) {
        String row = names.inside().member("r");
        String made = list.columns().stream()
                .map(c -> columns.getOrDefault(c.name(), row + "." + JavaNames.safe(c.name()) + "()"))
                .collect(Collectors.joining(", "));
        return line(field + ".change(" + row + " -> new " + world.types().of(new Type.RowOf(list.columns())) + "("
                + made + "));");
    }
}
