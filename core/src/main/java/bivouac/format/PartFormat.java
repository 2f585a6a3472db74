package bivouac.format;

import bivouac.design.Each;
import bivouac.design.Editing;
import bivouac.design.Expression;
import bivouac.design.Name;
import bivouac.design.Part;
import bivouac.design.Row;
import bivouac.design.Script;
import bivouac.design.Setting;
import bivouac.design.Traits;
import bivouac.design.Type;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

/** Parts in files: each an object whose member {@code part} says its kind. */
final class PartFormat {

    private static final String EACH_ROW = "for each row in";
    private static final String EACH_OPEN = "for each open";
    private static final String TICKED_WHEN = "ticked when";
    private static final String DOES = "does";
    private static final String PAGE = "page";
    private static final String OF = "of";
    private static final int LONGEST_FIELD = 1_000_000;

    private interface Kind {
        Part read(Fields fields, Name name, Traits traits) throws Unreadable;
    }

    private static final Fields.Reader<Part.TextSize> SIZE =
            j -> Fields.oneOf(j, ReadyMadeFormat.words(Part.TextSize.values(), Part.TextSize::word));
    private static final Fields.Reader<Part.ChoiceLook> DRAWN =
            j -> Fields.oneOf(j, ReadyMadeFormat.words(Part.ChoiceLook.values(), Part.ChoiceLook::words));
    private static final Fields.Reader<Part.Entry> ENTRY =
            j -> Fields.oneOf(j, ReadyMadeFormat.words(Part.Entry.values(), Part.Entry::words));
    private static final Fields.Reader<Editing> EDITING =
            j -> Fields.oneOf(j, ReadyMadeFormat.words(Editing.values(), Editing::words));
    private static final Map<String, Kind> KINDS = kinds();

    private PartFormat() {}

    private static Map<String, Kind> kinds() {
        var kinds = new LinkedHashMap<String, Kind>();
        kinds.put(
                "caption",
                (f, name, traits) -> new Part.Caption(
                        name, f.text("text", ""), f.value("size", Part.TextSize.NORMAL, SIZE), traits));
        kinds.put("picture", (f, name, traits) -> new Part.Picture(name, f.text("file", ""), traits));
        kinds.put(
                "progress",
                (f, name, traits) -> new Part.Progress(name, f.text("label", ""), f.text("task", ""), traits));
        kinds.put(
                "link",
                (f, name, traits) -> new Part.Link(
                        name, f.text("text", ""), f.text("address", ""), StepFormat.script(f, "followed"), traits));
        kinds.put("text field", PartFormat::textField);
        for (Part.Holds holds : Part.Holds.values()) {
            kinds.put(
                    holds.kind(),
                    (f, name, traits) -> new Part.ValueField(
                            name,
                            f.text("label", ""),
                            holds,
                            f.text("starts", ""),
                            StepFormat.script(f, "changed"),
                            traits));
        }
        kinds.put(
                "choice",
                (f, name, traits) -> new Part.Choice(
                        name,
                        f.text("label", ""),
                        f.list("items", Fields::asText),
                        f.has(EACH_ROW) ? Optional.of(new Expression(f.text(EACH_ROW))) : Optional.empty(),
                        f.text("starts", ""),
                        f.value("drawn", Part.ChoiceLook.LIST, DRAWN),
                        StepFormat.script(f, "chosen"),
                        traits));
        kinds.put(
                "list",
                (f, name, traits) -> new Part.ListOfRows(
                        name,
                        f.text("label", ""),
                        f.list("columns", PartFormat::column),
                        f.list("rows", row -> Fields.asList(row, Fields::asText)),
                        f.yes("several", false),
                        f.yes("removed by hand", false),
                        StepFormat.script(f, "selected"),
                        moments(f),
                        traits));
        kinds.put(
                "tick box",
                (f, name, traits) -> new Part.TickBox(
                        name, f.text("text", ""), f.yes("ticked", false), StepFormat.script(f, "changed"), traits));
        kinds.put(
                "button",
                (f, name, traits) -> new Part.Button(
                        name,
                        f.text("text", ""),
                        f.yes("default", false),
                        each(f, false),
                        StepFormat.script(f, "pressed"),
                        traits));
        kinds.put("menu command", PartFormat::command);
        return kinds;
    }

    private static Map<Part.RowMoment, Script> moments(Fields f) throws Unreadable {
        Map<Part.RowMoment, Script> moments = new EnumMap<>(Part.RowMoment.class);
        for (Part.RowMoment moment : Part.RowMoment.values()) {
            moments.put(moment, StepFormat.script(f, moment.words()));
        }
        return moments;
    }

    private static Type.Column column(Json json) throws Unreadable {
        Fields f = Fields.of(json);
        var column = new Type.Column(f.text("name"), TypeFormat.read(f.must("type")));
        f.done();
        return column;
    }

    private static Part.TextField textField(Fields f, Name name, Traits traits) throws Unreadable {
        int longest = f.count("longest", 0, LONGEST_FIELD);
        return new Part.TextField(
                name,
                f.text("label", ""),
                f.text("starts", ""),
                longest > 0 ? OptionalInt.of(longest) : OptionalInt.empty(),
                f.value("entry", Part.Entry.ONE_LINE, ENTRY),
                StepFormat.script(f, "changed"),
                traits);
    }

    private static Part.MenuCommand command(Fields f, Name name, Traits traits) throws Unreadable {
        var command = new Part.MenuCommand(
                name,
                f.text("text", ""),
                f.text("shortcut", ""),
                f.yes("ticking", false),
                f.yes("separated", false),
                f.yes("tool", false),
                each(f, true),
                Optional.empty(),
                StepFormat.script(f, "chosen"),
                traits);
        if (!f.has(DOES)) {
            return command;
        }
        Editing does = f.value(DOES, Editing.UNDO, EDITING);
        if (!command.canEdit()) {
            throw Unreadable.at(
                    f.must(DOES).at(),
                    "a menu command that does “" + does.words()
                            + "” runs no script, stands there once, and carries no tick; take one or the other away.");
        }
        return command.doing(Optional.of(does));
    }

    /** One for each row: {@code "for each row in": "app.recent"}, or {@code "for each open": "Plan"}. */
    private static Each each(Fields f, boolean ticks) throws Unreadable {
        if (f.has(EACH_ROW)) {
            Optional<Expression> ticked =
                    ticks && f.has(TICKED_WHEN) ? Optional.of(new Expression(f.text(TICKED_WHEN))) : Optional.empty();
            return new Each.OfRows(new Expression(f.text(EACH_ROW)), ticked);
        }
        return f.has(EACH_OPEN) ? new Each.OfWindows(f.text(EACH_OPEN)) : Each.ONCE;
    }

    private static void write(JsonOut.Members out, Each each) {
        switch (each) {
            case Each.Once once -> {
                // as is usual
            }
            case Each.OfRows(Expression rows, var ticked) -> {
                out.put(EACH_ROW, rows.source());
                ticked.ifPresent(t -> out.put(TICKED_WHEN, t.source()));
            }
            case Each.OfWindows(String window) -> out.put(EACH_OPEN, window);
        }
    }

    static Row row(Json json) throws Unreadable {
        if (json instanceof Json.Members) {
            Fields f = Fields.of(json);
            if (f.has("part")) {
                throw Unreadable.at(
                        json.at(),
                        "a row belongs here, and this is a part; put the part into a row: [ { \"part\": … } ].");
            }
            var row = new Row(
                    f.list("parts", PartFormat::part), f.has(PAGE) ? f.text("group", "") : f.text("group"), page(f));
            f.done();
            return row;
        }
        return new Row(Fields.asList(json, PartFormat::part), "");
    }

    /** {@code "page": "Guests", "of": "detail"}. */
    private static Optional<Row.Page> page(Fields f) throws Unreadable {
        return f.has(PAGE) ? Optional.of(new Row.Page(f.text(OF), f.text(PAGE))) : Optional.empty();
    }

    /** A row is the list of its parts, or in a group or on a page an object that says which. */
    static Object write(Row row) {
        var parts = row.parts().stream().map(PartFormat::write).toList();
        if (row.group().isEmpty() && row.page().isEmpty()) {
            return parts;
        }
        var out = new JsonOut.Members();
        row.page().ifPresent(p -> out.put(PAGE, p.item()).put(OF, p.pages()));
        return out.putUnlessEmpty("group", row.group()).put("parts", parts);
    }

    static Part.MenuCommand command(Json json) throws Unreadable {
        if (part(json) instanceof Part.MenuCommand command) {
            return command;
        }
        throw Unreadable.at(json.at(), "only a “menu command” can stand in a menu.");
    }

    private static Part part(Json json) throws Unreadable {
        if (json instanceof Json.Items) {
            throw Unreadable.at(json.at(), "a part belongs here, and this is a list; take its [ and ] away.");
        }
        Fields fields = Fields.of(json);
        Kind kind = Fields.oneOf(fields.must("part"), KINDS);
        Part part = kind.read(fields, fields.name(), traits(fields));
        fields.done();
        return part;
    }

    private static Traits traits(Fields fields) throws Unreadable {
        return new Traits(
                setting(fields, "enabled", Setting.YES),
                setting(fields, "visible", Setting.YES),
                setting(fields, "read only", Setting.NO),
                fields.text("font", ""),
                fields.text("colour", ""));
    }

    private static Setting setting(Fields fields, String name, Setting usual) throws Unreadable {
        return fields.value(name, usual, json -> switch (json) {
            case Json.YesNo(Json.At at, boolean value) -> new Setting.Fixed(value);
            case Json.Text(Json.At at, String condition) -> new Setting.Follows(new Expression(condition));
            default ->
                throw Unreadable.at(
                        json.at(), "expected true, false or a condition in quotes, found " + json.kind() + ".");
        });
    }

    static JsonOut.Members write(Part part) {
        var out = new JsonOut.Members().put("part", part.kind());
        WindowFormat.write(out, part.name());
        switch (part) {
            case Part.Caption c ->
                out.putUnlessEmpty("text", c.text())
                        .putUnless(
                                c.size() == Part.TextSize.NORMAL,
                                "size",
                                c.size().word());
            case Part.Picture p -> out.putUnlessEmpty("file", p.file());
            case Part.Progress p -> out.putUnlessEmpty("label", p.label()).putUnlessEmpty("task", p.task());
            case Part.Link l -> out.putUnlessEmpty("text", l.text()).putUnlessEmpty("address", l.address());
            case Part.TextField f -> {
                out.putUnlessEmpty("label", f.label()).putUnlessEmpty("starts", f.starts());
                f.longest().ifPresent(n -> out.put("longest", n));
                out.putUnless(
                        f.entry() == Part.Entry.ONE_LINE, "entry", f.entry().words());
            }
            case Part.ValueField f -> out.putUnlessEmpty("label", f.label()).putUnlessEmpty("starts", f.starts());
            case Part.Choice c ->
                out.putUnlessEmpty("label", c.label())
                        .list("items", c.items(), i -> i)
                        .put(EACH_ROW, c.follows().map(Expression::source))
                        .putUnlessEmpty("starts", c.starts())
                        .putUnless(
                                c.drawn() == Part.ChoiceLook.LIST,
                                "drawn",
                                c.drawn().words());
            case Part.ListOfRows l ->
                out.putUnlessEmpty("label", l.label())
                        .list("columns", l.columns(), c -> new JsonOut.Members()
                                .put("name", c.name())
                                .put("type", c.type().toString()))
                        .list("rows", l.first(), r -> r)
                        .putUnless(!l.several(), "several", true)
                        .putUnless(!l.byHand(), "removed by hand", true);
            case Part.TickBox b -> out.putUnlessEmpty("text", b.text()).putUnless(!b.ticked(), "ticked", true);
            case Part.Button b -> out.putUnlessEmpty("text", b.text()).putUnless(!b.isDefault(), "default", true);
            case Part.MenuCommand m ->
                out.putUnlessEmpty("text", m.text())
                        .putUnlessEmpty("shortcut", m.shortcut())
                        .putUnless(!m.ticking(), "ticking", true)
                        .putUnless(!m.separated(), "separated", true)
                        .putUnless(!m.tool(), "tool", true)
                        .put(DOES, m.does().map(Editing::words));
        }
        write(out, part.each());
        write(out, part.traits());
        part.trigger().ifPresent(t -> out.putUnless(t.script().isEmpty(), t.word(), StepFormat.write(t.script())));
        if (part instanceof Part.ListOfRows list) {
            list.moments().forEach((moment, script) -> out.put(moment.words(), StepFormat.write(script)));
        }
        return out;
    }

    private static void write(JsonOut.Members out, Traits traits) {
        write(out, "enabled", traits.enabled(), Setting.YES);
        write(out, "visible", traits.visible(), Setting.YES);
        write(out, "read only", traits.readOnly(), Setting.NO);
        out.putUnlessEmpty("font", traits.font()).putUnlessEmpty("colour", traits.colour());
    }

    private static void write(JsonOut.Members out, String name, Setting setting, Setting usual) {
        switch (setting) {
            case Setting.Fixed(boolean value) -> out.putUnless(setting.equals(usual), name, value);
            case Setting.Follows(Expression condition) -> out.put(name, condition.source());
        }
    }
}
