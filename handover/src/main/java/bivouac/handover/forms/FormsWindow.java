package bivouac.handover.forms;

import bivouac.design.Braces;
import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.Part;
import bivouac.design.Take;
import bivouac.design.Type;
import bivouac.design.Variable;
import bivouac.design.Way;
import bivouac.design.WayOut;
import bivouac.design.WaysOut;
import bivouac.handover.braces.Lines;
import bivouac.handover.braces.Spelling;
import bivouac.handover.csharp.CsNames;
import bivouac.handover.csharp.CsWorld;
import bivouac.handover.meaning.InWords;
import bivouac.handover.meaning.Leads;
import bivouac.handover.meaning.Outcome;
import bivouac.handover.meaning.Uses;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** The class of a window with a face. */
final class FormsWindow extends FormsWindowScripts {

    private static final Pattern WORD = Pattern.compile("\"(?:[^\"\\\\]|\\\\.)*\"|(?<![.\\w])\\w+");

    private final Lines out = new Lines();
    private final FormsParts parts = new FormsParts(this, out);

    FormsWindow(CsWorld world, Uses uses, FacedWindow face) {
        super(world, uses, face);
    }

    Lines write() {
        moments();
        outside();
        waysOut();
        refresh();
        scripts();
        var read = WORD.matcher(String.join("\n", members.raw()))
                .results()
                .map(MatchResult::group)
                .collect(Collectors.toSet());
        out.add("/// <summary>" + CsNames.comment(InWords.window(face)) + ".</summary>");
        out.add("internal sealed class " + name + " : Face {");
        // what no member reads is no field; the compiler says so
        boolean app = read.contains("app");
        List<Take> takes =
                face.takes().stream().filter(t -> read.contains(take(t))).toList();
        fields(app, takes);
        endings();
        constructor(app, takes);
        statics(takes);
        return out.all(members).add("}");
    }

    private void fields(boolean app, List<Take> takes) {
        if (app) {
            out.add("private readonly " + world.application() + " app;");
        }
        String changes = isSingle() ? "" : "readonly ";
        for (Take take : takes) {
            out.add("private " + changes + world.types().of(take.type()) + " " + take(take) + ";");
        }
        for (Variable v : face.variables()) {
            String type = v.type() instanceof Type.WindowOf(String window)
                    ? world.classOf(window)
                    : world.types().of(v.type());
            String none = v.type() instanceof Type.WindowOf ? " = null;" : ";";
            out.add("internal " + type + " " + world.member(v.name().expression()) + none);
        }
        face.parts().forEach(p -> out.add("internal readonly " + parts.type(p) + " " + field(p) + ";"));
        out.blank();
    }

    private void endings() {
        out.add("/// <summary>How it ends.</summary>");
        out.add("internal abstract class Result : Ending {").add("}").blank();
        world.outcomes().ofWindow(shown).forEach(o -> FormsEnding.write(out, world, o, "internal", "Result"));
    }

    private void constructor(boolean app, List<Take> takes) {
        String key = key().isEmpty() ? "null" : key();
        out.add("private " + name + "(" + world.application() + " app" + parameters() + ") : base(app.Desk, "
                + Spelling.literal(shown) + ", " + key + ") {");
        if (app) {
            out.add("this.app = app;");
        }
        takes.stream().map(this::take).forEach(t -> out.add("this." + t + " = " + t + ";"));
        for (Variable v : face.variables()) {
            if (!(v.type() instanceof Type.WindowOf)) {
                String start = v.starts()
                        .flatMap(e -> world.meanings().of(e, here))
                        .map(s -> write(s, v.type()))
                        .orElseGet(() -> world.types().start(v.type(), view.today()));
                out.add(world.member(v.name().expression()) + " = " + start + ";");
            }
        }
        parts.frame();
        face.parts().forEach(parts::made);
        parts.layOut();
        out.add("}").blank();
    }

    private void statics(List<Take> takes) {
        if (isSingle() && face.mayFail()) {
            out.add("internal static " + name + " Find(" + world.application() + " app" + parameters() + ") {");
            out.add("return app.Desk.Find<" + name + ">(" + key() + ");")
                    .add("}")
                    .blank();
        }
        if (uses.opened().contains(shown)) {
            opens(takes);
        }
        if (uses.asked().contains(shown)) {
            out.add("/// <summary>Opens it and waits for how it ends.</summary>");
            out.add("internal static Result Ask(" + world.application()
                    + " app, DeskWindow opener, DeskWindow owner, Manner manner" + parameters() + ") {");
            if (isSingle()) {
                out.add("if (app.Desk.Find<" + name + ">(" + key() + ") != null) {");
                out.add("throw new Fault(\"X7\", "
                                + Spelling.literal(shown + " is already open, and cannot be waited for") + ");")
                        .add("}");
            }
            out.add("return (Result)app.Desk.Ask(opener, owner, manner, " + make() + ");")
                    .add("}")
                    .blank();
        }
    }

    private String make() {
        return "new " + name + "(app" + arguments() + ")";
    }

    private void opens(List<Take> takes) {
        boolean answered = uses.answered().contains(shown);
        String then = answered ? ", Action<Result> then = null" : "";
        String hears = answered ? ", then == null ? (Action<Ending>)null : ended => then((Result)ended)" : "";
        out.add("internal static " + name + " Open(" + world.application() + " app, DeskWindow opener, DeskWindow owner"
                + parameters() + then + ") {");
        String open = "app.Desk.Open(opener, owner, " + make() + hears + ")";
        if (!isSingle()) {
            out.add("return " + open + ";").add("}").blank();
            return;
        }
        String key = key().isEmpty() ? "null" : key();
        if (takes.isEmpty()) {
            out.add("return app.Desk.BringBack<" + name + ">(" + key + ", there => { })");
            out.add("    ?? " + open + ";").add("}").blank();
            return;
        }
        out.add("var back = app.Desk.BringBack<" + name + ">(" + key + ", there => {");
        takes.stream().map(this::take).forEach(t -> out.add("there." + t + " = " + t + ";"));
        out.add("});");
        out.add("return back ?? " + open + ";").add("}").blank();
    }

    private void waysOut() {
        Leads leads = Leads.of(face, this::made, "null");
        members.add("protected internal override Ending EndingFor(Way way) {");
        if (leads.endings().size() == 1) {
            members.add("return " + leads.endings().keySet().iterator().next() + ";");
        } else {
            select(leads);
        }
        members.add("}").blank();
        if (!leads.unasked().isEmpty()) {
            members.add("protected internal override bool IsUnasked(Way way) {");
            members.add("return "
                    + leads.unasked().stream()
                            .map(w -> "way == Way." + constant(w))
                            .collect(Collectors.joining(" || ")) + ";");
            members.add("}").blank();
        }
        pressing(Way.CLOSE_BOX, "CloseBoxUsed");
        pressing(Way.ESCAPE, "EscapePressed");
    }

    private void select(Leads leads) {
        var names = new ArrayList<String>(List.of("CloseStep"));
        var last = new ArrayList<>(leads.endings().keySet()).getLast();
        members.add("switch (way) {");
        leads.endings().forEach((ending, ways) -> {
            ways.forEach(w -> names.add(constant(w)));
            var lines = new Lines();
            if (ending.equals(last)) {
                lines.add("default:");
            } else {
                names.forEach(n -> lines.add("case Way." + n + ":"));
            }
            members.all(lines.further(new Lines().add("return " + ending + ";")));
            names.clear(); // the close step is among those of the first only
        });
        members.add("}");
    }

    private static String constant(Way way) {
        return Spelling.upper(Spelling.camel(way.name().replace('_', ' ')));
    }

    private void pressing(Way way, String method) {
        if (WaysOut.of(face, way) instanceof WayOut.AsPressing(String part)) {
            members.add("public override void " + method + "() {");
            members.add(world.member(part) + ".Press();").add("}").blank();
        }
    }

    private String made(String ending, List<Given> gives) {
        Outcome outcome = world.outcomes().ofWindow(shown, ending);
        return "new " + world.endingOf(outcome) + "("
                + outcome.gives().stream()
                        .map(c -> gives.stream()
                                .filter(g -> g.name().equals(c.name()))
                                .findFirst()
                                .flatMap(g -> world.meanings().of(g.value(), here))
                                .map(s -> write(s, c.type()))
                                .orElseGet(() -> world.types().start(c.type(), view.today())))
                        .collect(Collectors.joining(", "))
                + ")";
    }

    private void refresh() {
        var lines = new Lines();
        if (Braces.isLive(face.title())) {
            lines.add("Title = " + text("title", face.title()) + ";");
        }
        var live = new FormsParts(this, lines);
        for (Part part : face.parts()) {
            live.live(part);
        }
        if (!lines.isEmpty()) {
            members.add("protected internal override void Refresh() {")
                    .all(lines)
                    .add("}")
                    .blank();
        }
    }
}
