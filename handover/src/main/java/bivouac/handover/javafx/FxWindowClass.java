package bivouac.handover.javafx;

import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.Instances;
import bivouac.design.Menu;
import bivouac.design.NamedScript;
import bivouac.design.Part;
import bivouac.design.Row;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Setting;
import bivouac.design.Take;
import bivouac.design.Timer;
import bivouac.design.Type;
import bivouac.design.Variable;
import bivouac.design.Way;
import bivouac.design.WayOut;
import bivouac.design.WaysOut;
import bivouac.handover.NotHandedOver;
import bivouac.handover.java.JavaExpressions;
import bivouac.handover.java.JavaNames;
import bivouac.handover.java.JavaSteps;
import bivouac.handover.java.JavaSteps.Ends;
import bivouac.handover.java.Lines;
import bivouac.handover.meaning.Here;
import bivouac.handover.meaning.Meanings;
import bivouac.handover.meaning.Say;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** The class of a window with a face. */
final class FxWindowClass {

    private final Meanings meanings;
    private final FxWorld world;
    private final FacedWindow face;
    private final Uses uses;
    private final String name;
    private final String shown;
    private final Here here;
    private final Lines out = new Lines();
    private final Set<String> fields = new HashSet<>(FxWorld.OF_WINDOWS);

    FxWindowClass(Meanings meanings, FxWorld all, FacedWindow face, Uses uses) {
        this.meanings = meanings;
        this.shown = face.name().shown();
        this.world = all.in(shown);
        this.face = face;
        this.uses = uses;
        this.name = world.classOf(shown);
        this.here = Here.on(new ScriptPlace.AtMoment(shown, FacedWindow.Moment.OPENED));
        face.parts().forEach(p -> fields.add(world.part(p.name().expression())));
        face.variables().forEach(v -> fields.add(world.variable(shown, v.name().expression())));
        face.takes().forEach(t -> fields.add(world.take(shown, t.name().expression())));
    }

    String write() {
        out.add("/** " + JavaNames.comment(shown + ": " + face.of().words() + instances()) + ". */");
        out.add("final class " + name + " extends Face {").blank();
        endings();
        fields();
        constructor();
        statics();
        moments();
        waysOut();
        refresh();
        scripts();
        out.add("}");
        return out.toString();
    }

    private String instances() {
        return switch (face.instancesOrUsual()) {
            case Instances.Single s -> "";
            case Instances.Many m -> ", a new one each time";
            case Instances.OneForEach(String key) -> ", one for each " + key;
        };
    }

    // What it can end as

    private void endings() {
        List<String> all = world.endings(shown);
        out.add("/** How it ends. */");
        out.add("sealed interface Result extends Ending {}").blank();
        for (String ending : all) {
            String components = world.ending(shown, ending).components().stream()
                    .map(c -> world.types().of(c.type()) + " " + JavaNames.safe(c.name()))
                    .collect(Collectors.joining(", "));
            String name = world.endingName(shown, ending);
            String head = "record " + name + "(" + components + ") implements Result {";
            if (FxWorld.wordsOfRecord(name).equals(ending)) {
                out.add(head + "}").blank();
            } else {
                out.add(head).add("@Override").add("public String words() {");
                out.add("return " + JavaNames.literal(ending) + ";")
                        .add("}")
                        .add("}")
                        .blank();
            }
        }
    }

    // Fields

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
        for (Part part : face.parts()) {
            out.add("final " + control(part) + " " + world.part(part.name().expression()) + " = " + made(part) + ";");
        }
        out.blank();
    }

    private String control(Part part) {
        return switch (part) {
            case Part.Caption c -> "Label";
            case Part.Link l -> "Hyperlink";
            case Part.Picture p -> "ImageView";
            case Part.Button b -> "Button";
            case Part.TickBox b -> "CheckBox";
            case Part.Choice c -> "Choice";
            case Part.MenuCommand m -> m.ticking() ? "CheckMenuItem" : "MenuItem";
            case Part.TextField f ->
                switch (f.entry()) {
                    case ONE_LINE -> "TextField";
                    case SEVERAL_LINES -> "TextArea";
                    case HIDDEN -> "PasswordField";
                };
            case Part.ValueField f ->
                "TypedField<" + world.types().boxed(f.holds().type()) + ">";
            case Part.ListOfRows l -> "RowTable<" + row(l) + ">";
        };
    }

    private String row(Part.ListOfRows list) {
        return world.types().of(new Type.RowOf(list.columns()));
    }

    private String made(Part part) {
        String quoted = JavaNames.literal(part.name().expression());
        String made =
                switch (part) {
                    case Part.Choice c -> "new Choice(" + list(c.items()) + ", " + JavaNames.literal(c.starts()) + ")";
                    case Part.ValueField f ->
                        switch (f.holds()) {
                            case NUMBER -> "TypedField.ofNumber()";
                            case WHOLE -> "TypedField.ofWhole()";
                            case DATE -> "TypedField.ofDate()";
                        };
                    case Part.ListOfRows l ->
                        "new RowTable<>("
                                + list(l.columns().stream()
                                        .map(Type.Column::name)
                                        .toList()) + ", " + l.several()
                                + ", List.of("
                                + l.first().stream().map(r -> first(l, r)).collect(Collectors.joining(", "))
                                + "))";
                    default -> "new " + control(part) + "()";
                };
        if (part instanceof Part.MenuCommand m) {
            String item = m.ticking() ? "new CheckMenuItem()" : "new MenuItem()";
            return "command(" + quoted + ", " + item + ", " + JavaNames.literal(m.shortcut()) + ")";
        }
        return "part(" + quoted + ", " + made + ")";
    }

    private static String list(List<String> texts) {
        return "List.of(" + texts.stream().map(JavaNames::literal).collect(Collectors.joining(", ")) + ")";
    }

    private String first(Part.ListOfRows list, List<String> texts) {
        var values = new ArrayList<String>();
        for (int i = 0; i < list.columns().size(); i++) {
            Type type = list.columns().get(i).type();
            values.add(typed(i < texts.size() ? texts.get(i).strip() : "", type, i < texts.size() ? texts.get(i) : ""));
        }
        return "new " + row(list) + "(" + String.join(", ", values) + ")";
    }

    /** What was typed as the first value of a column; what is no value of its type is what that starts with. */
    private String typed(String text, Type type, String raw) {
        return switch (world.types().of(type)) {
            case "String" -> JavaNames.literal(raw);
            case "long" -> text.matches("[+-]?[0-9]{1,18}") ? text.replace("+", "") : "0";
            case "double" -> text.matches("[+-]?[0-9]{1,15}(\\.[0-9]+)?") ? text.replace("+", "") : "0";
            case "boolean" -> text.equals("yes") || text.equals("true") ? "true" : "false";
            case "LocalDate" ->
                text.matches("[0-9]{4}-[0-9]{2}-[0-9]{2}")
                        ? "LocalDate.parse(" + JavaNames.literal(text) + ")"
                        : "LocalDate.now()";
            default -> world.types().start(type);
        };
    }

    // The constructor

    private String parameters() {
        return face.takes().stream()
                .map(t -> ", " + world.types().of(t.type()) + " "
                        + world.take(shown, t.name().expression()))
                .collect(Collectors.joining());
    }

    private String arguments() {
        return face.takes().stream()
                .map(t -> ", " + world.take(shown, t.name().expression()))
                .collect(Collectors.joining());
    }

    private String key() {
        return face.instancesOrUsual() instanceof Instances.OneForEach(String key) ? world.take(shown, key) : "null";
    }

    private void constructor() {
        out.add("private " + name + "(" + world.application() + " app" + parameters() + ") {");
        out.add("super(app.desk(), " + JavaNames.literal(shown) + ", " + key() + ");");
        out.add("this.app = app;");
        face.takes().stream()
                .map(t -> world.take(shown, t.name().expression()))
                .forEach(t -> out.add("this." + t + " = " + t + ";"));
        for (Variable v : face.variables()) {
            if (!(v.type() instanceof Type.WindowOf)) {
                String start = v.starts()
                        .flatMap(e -> meanings.of(e, here))
                        .map(s -> JavaExpressions.on(world, here).write(s, v.type()))
                        .orElseGet(() -> world.types().start(v.type()));
                out.add(world.variable(shown, v.name().expression()) + " = " + start + ";");
            }
        }
        frame();
        face.parts().forEach(this::content);
        face.parts().forEach(this::fixedTraits);
        face.parts().forEach(this::triggers);
        layOut();
        out.add("}").blank();
    }

    private void frame() {
        if (!isLive(face.title())) {
            out.add("stage.setTitle(" + world.text("title", face.title(), here) + ");");
        }
        if (!face.resizable()) {
            out.add("stage.setResizable(false);");
        }
        if (face.size().width() > 0) {
            out.add("stage.setWidth(" + face.size().width() + ");");
        }
        if (face.size().height() > 0) {
            out.add("stage.setHeight(" + face.size().height() + ");");
        }
        if (face.frame().least().width() > 0) {
            out.add("stage.setMinWidth(" + face.frame().least().width() + ");");
        }
        if (face.frame().least().height() > 0) {
            out.add("stage.setMinHeight(" + face.frame().least().height() + ");");
        }
        if (face.frame().onTop()) {
            out.add("stage.setAlwaysOnTop(true);");
        }
    }

    private static boolean isLive(String text) {
        return bivouac.design.Braces.isLive(text);
    }

    /** What a part starts with; a live text is brought up to date by refresh. */
    private void content(Part part) {
        String field = world.part(part.name().expression());
        String key = part.name().expression();
        switch (part) {
            case Part.Caption c -> fixed(field, key, c.text(), false);
            case Part.Link l -> fixed(field, key, l.text(), false);
            case Part.Button b -> fixed(field, key, b.text(), true);
            case Part.TickBox b -> {
                fixed(field, key, b.text(), true);
                if (b.ticked()) {
                    out.add(field + ".setSelected(true);");
                }
            }
            case Part.MenuCommand m -> fixed(field, key, m.text(), true);
            case Part.Picture p -> {
                if (!isLive(p.file()) && !p.file().isEmpty()) {
                    out.add("picture(" + field + ", " + JavaNames.literal(p.file()) + ");");
                }
            }
            case Part.TextField f -> {
                f.longest().ifPresent(most -> out.add("longest(" + field + ", " + most + ");"));
                starts(field, key, f.starts());
            }
            case Part.ValueField f -> starts(field, key, f.starts());
            case Part.Choice c -> {
                // starts with what it was made with
            }
            case Part.ListOfRows l -> {
                // starts with what it was made with
            }
        }
        if (part instanceof Part.Button b && b.isDefault()) {
            out.add(field + ".setDefaultButton(true);");
        }
    }

    private void fixed(String field, String key, String text, boolean mnemonic) {
        if (!isLive(text) && !text.isEmpty()) {
            out.add(field + ".setText(" + world.text(key, mnemonic ? FxWorld.mnemonic(text) : text, here) + ");");
        }
    }

    private void starts(String field, String key, String text) {
        if (!text.isEmpty()) {
            out.add(field + ".setText(" + world.text(key, text, here) + ");");
        }
    }

    private void fixedTraits(Part part) {
        String field = world.part(part.name().expression());
        if (part.traits().enabled() instanceof Setting.Fixed(boolean yes) && !yes) {
            out.add("enabled(" + field + ", false);");
        }
        if (part.traits().visible() instanceof Setting.Fixed(boolean yes) && !yes) {
            out.add("visible(" + field + ", false);");
        }
        if (part.traits().readOnly() instanceof Setting.Fixed(boolean yes) && yes) {
            out.add("readOnly(" + field + ", true);");
        }
        if (!part.traits().font().isEmpty() && !isLive(part.traits().font())) {
            out.add("font(" + field + ", " + JavaNames.literal(part.traits().font()) + ");");
        }
        if (!part.traits().colour().isEmpty() && !isLive(part.traits().colour())) {
            out.add("colour(" + field + ", " + JavaNames.literal(part.traits().colour()) + ");");
        }
    }

    private void triggers(Part part) {
        String field = world.part(part.name().expression());
        Script script = part.trigger().map(Part.Trigger::script).orElse(Script.EMPTY);
        if (!script.doesNothing() || part instanceof Part.Link l && !l.address().isEmpty()) {
            out.add("on(" + field + ", this::" + method(part) + ");");
        }
        if (part instanceof Part.ListOfRows list) {
            if (!list.at(Part.RowMoment.ACTIVATED).doesNothing()) {
                out.add("onActivated(" + field + ", this::" + JavaNames.camel(field + " activated") + ");");
            }
            if (list.byHand()) {
                String may = world.mayRemove(shown, list).map(m -> "this::" + m).orElse("row -> true");
                out.add("onDelete(" + field + ", () -> " + field + ".removeSelected(" + may + "));");
            }
        }
    }

    private String method(Part part) {
        String word = part.trigger().map(Part.Trigger::word).orElse("");
        return part.name().expression() + JavaNames.upper(word);
    }

    private void layOut() {
        if (!face.menus().isEmpty()) {
            out.add("menus(" + face.menus().stream().map(this::menu).collect(Collectors.joining(", ")) + ");");
        }
        for (List<Row> run : Row.runs(face.rows())) {
            if (run.getFirst().group().isEmpty()) {
                run.forEach(r -> {
                    if (!r.parts().isEmpty()) {
                        out.add("row(" + nodes(r) + ");");
                    }
                });
            } else {
                out.add("group(" + world.text("group", run.getFirst().group(), here) + ", "
                        + run.stream().map(r -> "line(" + nodes(r) + ")").collect(Collectors.joining(", ")) + ");");
            }
        }
    }

    private String menu(Menu menu) {
        var items = new ArrayList<String>();
        for (Part.MenuCommand command : menu.commands()) {
            if (command.separated() && !items.isEmpty()) {
                items.add("new SeparatorMenuItem()");
            }
            items.add(world.part(command.name().expression()));
        }
        return "new Menu(" + world.text("menu", FxWorld.mnemonic(menu.text()), here) + ", null, "
                + String.join(", ", items) + ")";
    }

    private String nodes(Row row) {
        return row.parts().stream().map(this::node).collect(Collectors.joining(", "));
    }

    private String node(Part part) {
        String field = world.part(part.name().expression());
        String label =
                switch (part) {
                    case Part.TextField f -> f.label();
                    case Part.ValueField f -> f.label();
                    case Part.Choice c -> c.label();
                    case Part.ListOfRows l -> l.label();
                    default -> "";
                };
        return label.isEmpty()
                ? field
                : "labelled(" + world.text(part.name().expression() + "Label", FxWorld.mnemonic(label), here) + ", "
                        + field + ")";
    }

    // How it is opened

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
                                + JavaNames.literal(shown + " is already open, and cannot be waited for") + ");")
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

    // Moments

    private JavaSteps steps(ScriptPlace place, Ends ends, Map<String, String> locals) {
        return new JavaSteps(meanings, world, place, "this", ends, fields, locals);
    }

    private void moments() {
        moment(FacedWindow.Moment.OPENED, "void opened()", Ends.PLAIN);
        moment(FacedWindow.Moment.BROUGHT_BACK, "void broughtBack()", Ends.PLAIN);
        moment(FacedWindow.Moment.BEFORE_CLOSING, "boolean mayClose(Closing closing)", Ends.AGREES);
        moment(FacedWindow.Moment.AFTER_CLOSING, "void afterClosing(Closing closing)", Ends.PLAIN);
    }

    private void moment(FacedWindow.Moment moment, String signature, Ends ends) {
        Script script = face.moment(moment);
        if (!script.doesNothing()) {
            out.add("@Override");
            out.add("protected " + signature + " {");
            out.all(steps(new ScriptPlace.AtMoment(shown, moment), ends, Map.of())
                    .write(script));
            out.add("}").blank();
        }
    }

    private void waysOut() {
        Map<String, List<String>> leads = new LinkedHashMap<>();
        leads.computeIfAbsent(made(WaysOut.usualEnding(face), List.of()), k -> new ArrayList<>())
                .add("CLOSE_STEP");
        var unasked = new ArrayList<String>();
        for (Way way : Way.values()) {
            switch (WaysOut.of(face, way)) {
                case WayOut.LeadsTo(String ending, var gives, boolean goesPast) -> {
                    leads.computeIfAbsent(made(ending, gives), k -> new ArrayList<>())
                            .add(way.name());
                    if (goesPast) {
                        unasked.add(way.name());
                    }
                }
                case WayOut.Absent a ->
                    leads.computeIfAbsent("null", k -> new ArrayList<>()).add(way.name());
                case WayOut.AsPressing(String part) ->
                    leads.computeIfAbsent("null", k -> new ArrayList<>()).add(way.name());
            }
        }
        out.add("@Override");
        out.add("protected Ending endingFor(Way way) {");
        if (leads.size() == 1) {
            out.add("return " + leads.keySet().iterator().next() + ";");
        } else {
            out.add("return switch (way) {");
            leads.forEach((ending, ways) -> out.add("case " + String.join(", ", ways) + " -> " + ending + ";"));
            out.add("};");
        }
        out.add("}").blank();
        if (!unasked.isEmpty()) {
            out.add("@Override");
            out.add("protected boolean isUnasked(Way way) {");
            out.add("return " + unasked.stream().map(w -> "way == Way." + w).collect(Collectors.joining(" || ")) + ";");
            out.add("}").blank();
        }
        pressing(Way.CLOSE_BOX, "closeBoxUsed");
        pressing(Way.ESCAPE, "escapePressed");
    }

    private void pressing(Way way, String method) {
        if (WaysOut.of(face, way) instanceof WayOut.AsPressing(String part)) {
            out.add("@Override");
            out.add("public void " + method + "() {");
            out.add(world.part(part) + ".fire();").add("}").blank();
        }
    }

    private String made(String ending, List<Given> gives) {
        var form = world.ending(shown, ending);
        return "new " + world.endingName(shown, ending) + "("
                + form.components().stream()
                        .map(c -> gives.stream()
                                .filter(g -> g.name().equals(c.name()))
                                .findFirst()
                                .flatMap(g -> meanings.of(g.value(), here))
                                .map(s -> JavaExpressions.on(world, here).write(s, c.type()))
                                .orElseGet(() -> world.types().start(c.type())))
                        .collect(Collectors.joining(", "))
                + ")";
    }

    // Live texts and conditions

    private void refresh() {
        var lines = new Lines();
        if (isLive(face.title())) {
            lines.add("stage.setTitle(" + world.text("title", face.title(), here) + ");");
        }
        for (Part part : face.parts()) {
            live(lines, part);
        }
        if (!lines.isEmpty()) {
            out.add("@Override");
            out.add("protected void refresh() {").all(lines).add("}").blank();
        }
    }

    private void live(Lines lines, Part part) {
        String field = world.part(part.name().expression());
        String text = bivouac.plan.PartPlan.content(part);
        boolean isField =
                part instanceof Part.TextField || part instanceof Part.ValueField || part instanceof Part.Choice;
        if (isLive(text) && !isField) {
            boolean mnemonic =
                    part instanceof Part.Button || part instanceof Part.MenuCommand || part instanceof Part.TickBox;
            String value = world.text(part.name().expression(), mnemonic ? FxWorld.mnemonic(text) : text, here);
            lines.add(
                    part instanceof Part.Picture
                            ? "picture(" + field + ", " + value + ");"
                            : field + ".setText(" + value + ");");
        }
        follows(lines, part.traits().enabled(), "enabled(" + field);
        follows(lines, part.traits().visible(), "visible(" + field);
        follows(lines, part.traits().readOnly(), "readOnly(" + field);
        if (isLive(part.traits().font())) {
            lines.add("font(" + field + ", "
                    + world.text(
                            part.name().expression() + "Font", part.traits().font(), here) + ");");
        }
        if (isLive(part.traits().colour())) {
            lines.add("colour(" + field + ", "
                    + world.text(
                            part.name().expression() + "Colour", part.traits().colour(), here) + ");");
        }
    }

    private void follows(Lines lines, Setting setting, String call) {
        if (setting instanceof Setting.Follows(var condition)) {
            Say say = meanings.of(condition, here)
                    .orElseThrow(() -> new NotHandedOver(
                            shown + ": “" + condition.source() + "” means nothing here. Put it right first."));
            lines.add(call + ", " + JavaExpressions.on(world, here).write(say) + ");");
        }
    }

    // Scripts

    private void scripts() {
        for (Part part : face.parts()) {
            Script script = part.trigger().map(Part.Trigger::script).orElse(Script.EMPTY);
            boolean follows = part instanceof Part.Link l && !l.address().isEmpty();
            if (!script.doesNothing() || follows) {
                out.add("private void " + method(part) + "() {");
                if (part instanceof Part.Link l && follows) {
                    out.add("app.follow(" + world.text(part.name().expression() + "Address", l.address(), here) + ");");
                }
                rowOf(part, script);
                out.all(steps(new ScriptPlace.AtPart(shown, part.name().expression()), Ends.PLAIN, Map.of())
                        .write(script));
                out.add("}").blank();
            }
            if (part instanceof Part.ListOfRows list) {
                rowScripts(list);
            }
        }
        for (NamedScript script : face.routines().scripts()) {
            named(script);
        }
        for (Timer timer : face.routines().timers()) {
            timer(timer);
        }
    }

    private void rowOf(Part part, Script script) {
        if (part instanceof Part.ListOfRows list && readsRow(script)) {
            out.add(row(list) + " row = " + world.part(part.name().expression()) + ".selected();");
        }
    }

    /** Whether the row itself is read somewhere in it. */
    private static boolean readsRow(Script script) {
        return java.util.regex.Pattern.compile("\\brow\\b")
                .matcher(script.toString())
                .find();
    }

    private void rowScripts(Part.ListOfRows list) {
        String field = world.part(list.name().expression());
        Script activated = list.at(Part.RowMoment.ACTIVATED);
        if (!activated.doesNothing()) {
            out.add("private void " + JavaNames.camel(field + " activated") + "() {");
            rowOf(list, activated);
            var place = new ScriptPlace.AtRow(shown, list.name().expression(), Part.RowMoment.ACTIVATED);
            out.all(steps(place, Ends.PLAIN, Map.of()).write(activated))
                    .add("}")
                    .blank();
        }
        world.mayRemove(shown, list).ifPresent(method -> {
            var place = new ScriptPlace.AtRow(shown, list.name().expression(), Part.RowMoment.BEFORE_REMOVING);
            out.add("boolean " + method + "(" + row(list) + " row) {");
            out.all(steps(place, Ends.AGREES, Map.of()).write(list.at(Part.RowMoment.BEFORE_REMOVING)))
                    .add("}")
                    .blank();
        });
    }

    private void named(NamedScript script) {
        var locals = new HashMap<String, String>();
        var parameters = new ArrayList<String>();
        var taken = new JavaNames(fields);
        for (Take take : script.takes()) {
            String local = taken.member(take.name().expression());
            locals.put("takes." + take.name().expression(), local);
            parameters.add(world.types().of(take.type()) + " " + local);
        }
        out.add("private void "
                + world.methodOfScript(Optional.of(shown), script.name().shown()) + "(" + String.join(", ", parameters)
                + ") {");
        out.all(steps(new ScriptPlace.Named(Optional.of(shown), script.name().shown()), Ends.PLAIN, locals)
                .write(script.script()));
        out.add("}").blank();
    }

    private void timer(Timer timer) {
        String method = world.methodOfTimer(Optional.of(shown), timer.name().shown());
        var place = new ScriptPlace.OfTimer(Optional.of(shown), timer.name().shown());
        Say every = meanings.of(timer.every(), Here.on(place))
                .orElseThrow(
                        () -> new NotHandedOver(place.words() + ": its length means nothing. Put it right first."));
        String quoted = JavaNames.literal(timer.name().shown());
        if (uses.started().contains(timer.name().shown())) {
            out.add("private void start" + JavaNames.upper(method) + "() {");
            out.add("desk.startTimer(this, " + quoted + ", "
                            + JavaExpressions.on(world, here).write(every) + ", " + timer.once() + ", this::" + method
                            + "Fires);")
                    .add("}")
                    .blank();
        }
        if (uses.stopped().contains(timer.name().shown())) {
            out.add("private void stop" + JavaNames.upper(method) + "() {");
            out.add("desk.stopTimer(this, " + quoted + ");").add("}").blank();
        }
        out.add("private void " + method + "Fires() {");
        out.all(steps(place, Ends.PLAIN, Map.of()).write(timer.fires()))
                .add("}")
                .blank();
    }
}
