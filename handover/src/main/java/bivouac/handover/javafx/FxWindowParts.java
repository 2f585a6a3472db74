package bivouac.handover.javafx;

import bivouac.design.FacedWindow;
import bivouac.design.Menu;
import bivouac.design.Part;
import bivouac.design.Row;
import bivouac.design.Script;
import bivouac.design.Setting;
import bivouac.design.Type;
import bivouac.handover.NotHandedOver;
import bivouac.handover.java.JavaExpressions;
import bivouac.handover.java.JavaNames;
import bivouac.handover.java.Lines;
import bivouac.handover.meaning.Meanings;
import bivouac.handover.meaning.Say;
import bivouac.handover.meaning.Uses;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** The parts of a window: which control each is, what it starts with, and how it is laid out and brought up to date. */
abstract class FxWindowParts extends FxWindowBase {

    FxWindowParts(Meanings meanings, FxWorld all, FacedWindow face, Uses uses) {
        super(meanings, all, face, uses);
    }

    String control(Part part) {
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

    String made(Part part) {
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

    static String list(List<String> texts) {
        return "List.of(" + texts.stream().map(JavaNames::literal).collect(Collectors.joining(", ")) + ")";
    }

    String first(Part.ListOfRows list, List<String> texts) {
        var values = new ArrayList<String>();
        for (int i = 0; i < list.columns().size(); i++) {
            Type type = list.columns().get(i).type();
            values.add(typed(i < texts.size() ? texts.get(i).strip() : "", type, i < texts.size() ? texts.get(i) : ""));
        }
        return "new " + row(list) + "(" + String.join(", ", values) + ")";
    }

    /** What was typed as the first value of a column; what is no value of its type is what that starts with. */
    String typed(String text, Type type, String raw) {
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

    /** What a part starts with; a live text is brought up to date by refresh. */
    void content(Part part) {
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

    void fixed(String field, String key, String text, boolean mnemonic) {
        if (!isLive(text) && !text.isEmpty()) {
            out.add(field + ".setText(" + world.text(key, mnemonic ? FxWorld.mnemonic(text) : text, here) + ");");
        }
    }

    void starts(String field, String key, String text) {
        if (!text.isEmpty()) {
            out.add(field + ".setText(" + world.text(key, text, here) + ");");
        }
    }

    void fixedTraits(Part part) {
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

    void triggers(Part part) {
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

    void layOut() {
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

    String menu(Menu menu) {
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

    String nodes(Row row) {
        return row.parts().stream().map(this::node).collect(Collectors.joining(", "));
    }

    String node(Part part) {
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

    void live(Lines lines, Part part) {
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

    void follows(Lines lines, Setting setting, String call) {
        if (setting instanceof Setting.Follows(var condition)) {
            Say say = meanings.of(condition, here)
                    .orElseThrow(() -> new NotHandedOver(
                            shown + ": “" + condition.source() + "” means nothing here. Put it right first."));
            lines.add(call + ", " + new JavaExpressions(world).write(say) + ");");
        }
    }
}
