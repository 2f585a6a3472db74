package bivouac.handover.jvm;

import bivouac.design.Braces;
import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.Instances;
import bivouac.design.Part;
import bivouac.design.Take;
import bivouac.design.Type;
import bivouac.design.Variable;
import bivouac.design.Way;
import bivouac.design.WayOut;
import bivouac.design.WaysOut;
import bivouac.handover.braces.Lines;
import bivouac.handover.braces.Spelling;
import bivouac.handover.java.JavaExpressions;
import bivouac.handover.java.JavaNames;
import bivouac.handover.meaning.InWords;
import bivouac.handover.meaning.Leads;
import bivouac.handover.meaning.Meanings;
import bivouac.handover.meaning.Uses;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** The class of a window with a face. */
final class WindowClass extends WindowScripts {

    WindowClass(Meanings meanings, JvmWorld all, FacedWindow face, Uses uses) {
        super(meanings, all, face, uses);
    }

    String write() {
        out.add("/** " + JavaNames.comment(InWords.window(face)) + ". */");
        out.add("final class " + name + " extends Face {").blank();
        endings();
        fields();
        constructor();
        statics();
        moments();
        outside();
        waysOut();
        refresh();
        scripts();
        out.add("}");
        return out.toString();
    }

    private void endings() {
        List<String> all = world.endings(shown);
        out.add("/** How it ends. */");
        out.add("sealed interface Result extends Ending {}").blank();
        for (String ending : all) {
            String components = world.outcomes().ofWindow(shown, ending).gives().stream()
                    .map(c -> world.types().of(c.type()) + " " + JavaNames.safe(c.name()))
                    .collect(Collectors.joining(", "));
            String name = world.endingName(shown, ending);
            String head = "record " + name + "(" + components + ") implements Result {";
            if (JvmWorld.wordsOfRecord(name).equals(ending)) {
                out.add(head + "}").blank();
            } else {
                out.add(head).add("@Override").add("public String words() {");
                out.add("return " + Spelling.literal(ending) + ";")
                        .add("}")
                        .add("}")
                        .blank();
            }
        }
    }

    private void fields() {
        out.add("private final " + world.application() + " app;");
        for (Take take : face.takes()) {
            String changes = face.instancesOrUsual() instanceof Instances.Many ? "final " : "";
            out.add("private " + changes + world.types().of(take.type()) + " "
                    + world.take(shown, take.name().expression()) + ";");
        }
        for (Variable v : face.variables()) {
            String field = world.variable(shown, v.name().expression());
            out.add(
                    v.type() instanceof Type.WindowOf(String window)
                            ? world.classOf(window) + " " + field + ";"
                            : world.types().of(v.type()) + " " + field + ";");
        }
        face.parts().forEach(p -> parts.field(out, p));
        out.blank();
    }

    private void constructor() {
        out.add("private " + name + "(" + world.application() + " app" + parameters() + ") {");
        out.add("super(app.desk(), " + Spelling.literal(shown) + ", " + key() + ");");
        out.add("this.app = app;");
        face.takes().stream()
                .map(t -> world.take(shown, t.name().expression()))
                .forEach(t -> out.add("this." + t + " = " + t + ";"));
        for (Variable v : face.variables()) {
            if (!(v.type() instanceof Type.WindowOf)) {
                String start = v.starts()
                        .flatMap(e -> meanings.of(e, here))
                        .map(s -> new JavaExpressions(world).write(s, v.type()))
                        .orElseGet(() -> world.types().start(v.type()));
                out.add(world.variable(shown, v.name().expression()) + " = " + start + ";");
            }
        }
        parts.frame(out);
        face.parts().forEach(p -> parts.content(out, p));
        face.parts().forEach(p -> parts.fixedTraits(out, p));
        face.parts().forEach(p -> parts.triggers(out, p));
        parts.layOut(out);
        out.add("}").blank();
    }

    private void statics() {
        boolean one = !(face.instancesOrUsual() instanceof Instances.Many);
        String make = "new " + name + "(app" + arguments() + ")";
        if (one && (face.mayFail())) {
            out.add("static Optional<" + name + "> find(" + world.application() + " app" + parameters() + ") {");
            out.add("return app.desk().find(" + name + ".class, " + key() + ");")
                    .add("}")
                    .blank();
        }
        if (uses.opened().contains(shown)) {
            opens(one, make, false);
        }
        if (uses.answered().contains(shown)) {
            opens(one, make, true);
        }
        if (uses.asked().contains(shown)) {
            out.add("/** Opens it and waits for how it ends. */");
            out.add("static Result ask(" + world.application()
                    + " app, DeskWindow opener, DeskWindow owner, Manner manner" + parameters() + ") {");
            if (one) {
                out.add("if (app.desk().find(" + name + ".class, " + key() + ").isPresent()) {");
                out.add("throw new Fault(\"X7\", "
                                + Spelling.literal(shown + " is already open, and cannot be waited for") + ");")
                        .add("}");
            }
            out.add("return (Result) app.desk().ask(opener, owner, manner, " + make + ");")
                    .add("}")
                    .blank();
        }
    }

    private void opens(boolean one, String make, boolean answered) {
        String then = answered ? ", Consumer<Result> then" : "";
        String hears = answered ? ", ending -> then.accept((Result) ending)" : "";
        out.add("static " + name + " open(" + world.application() + " app, DeskWindow opener, DeskWindow owner"
                + parameters() + then + ") {");
        String open = "app.desk().open(opener, owner, " + make + hears + ")";
        if (!one) {
            out.add("return " + open + ";").add("}").blank();
            return;
        }
        String hands = face.takes().stream()
                .map(t -> world.take(shown, t.name().expression()))
                .map(t -> "w." + t + " = " + t + ";")
                .collect(Collectors.joining(" "));
        out.add("return app.desk().bringBack(" + name + ".class, " + key() + ", w -> {"
                + (hands.isEmpty() ? "" : " " + hands + " ") + "})");
        out.add("        .orElseGet(() -> " + open + ");").add("}").blank();
    }

    private void waysOut() {
        Leads leads = Leads.of(face, this::made, "null");
        out.add("@Override");
        out.add("protected Ending endingFor(Way way) {");
        var names = new ArrayList<String>(List.of("CLOSE_STEP"));
        if (leads.endings().size() == 1) {
            out.add("return " + leads.endings().keySet().iterator().next() + ";");
        } else {
            out.add("return switch (way) {");
            leads.endings().forEach((ending, ways) -> {
                ways.forEach(w -> names.add(w.name()));
                out.add("case " + String.join(", ", names) + " -> " + ending + ";");
                names.clear(); // the close step is among those of the first only
            });
            out.add("};");
        }
        out.add("}").blank();
        if (!leads.unasked().isEmpty()) {
            out.add("@Override");
            out.add("protected boolean isUnasked(Way way) {");
            out.add("return "
                    + leads.unasked().stream()
                            .map(w -> "way == Way." + w.name())
                            .collect(Collectors.joining(" || ")) + ";");
            out.add("}").blank();
        }
        pressing(Way.CLOSE_BOX, "closeBoxUsed");
        pressing(Way.ESCAPE, "escapePressed");
    }

    private void pressing(Way way, String method) {
        if (WaysOut.of(face, way) instanceof WayOut.AsPressing(String part)) {
            out.add("@Override");
            out.add("public void " + method + "() {");
            out.add(world.toolkit().press(world.part(part)) + ";").add("}").blank();
        }
    }

    private String made(String ending, List<Given> gives) {
        return "new " + world.endingName(shown, ending) + "("
                + world.outcomes().ofWindow(shown, ending).gives().stream()
                        .map(c -> gives.stream()
                                .filter(g -> g.name().equals(c.name()))
                                .findFirst()
                                .flatMap(g -> meanings.of(g.value(), here))
                                .map(s -> new JavaExpressions(world).write(s, c.type()))
                                .orElseGet(() -> world.types().start(c.type())))
                        .collect(Collectors.joining(", "))
                + ")";
    }

    private void refresh() {
        var lines = new Lines();
        if (Braces.isLive(face.title())) {
            lines.add(world.setTitle("", world.text("title", face.title(), here)));
        }
        for (Part part : face.parts()) {
            parts.live(lines, part);
        }
        if (!lines.isEmpty()) {
            out.add("@Override");
            out.add("protected void refresh() {").all(lines).add("}").blank();
        }
    }
}
