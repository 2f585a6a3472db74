package bivouac.format;

import bivouac.design.Expression;
import bivouac.design.Name;
import bivouac.design.Part;
import bivouac.design.Row;
import bivouac.design.Setting;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.OptionalInt;

/** Parts in files: each an object whose member {@code part} says its kind. */
final class PartFormat {

    private static final int LONGEST_FIELD = 1_000_000;

    private interface Kind {
        Part read(Fields fields, Name name, Setting enabled, Setting visible) throws Unreadable;
    }

    private static final Map<String, Kind> KINDS = kinds();

    private PartFormat() {}

    private static Map<String, Kind> kinds() {
        var kinds = new LinkedHashMap<String, Kind>();
        kinds.put("caption", (f, name, on, seen) -> new Part.Caption(name, f.text("text", ""), on, seen));
        kinds.put("text field", (f, name, on, seen) -> {
            int longest = f.count("longest", 0, LONGEST_FIELD);
            return new Part.TextField(
                    name,
                    f.text("label", ""),
                    f.text("starts", ""),
                    longest > 0 ? OptionalInt.of(longest) : OptionalInt.empty(),
                    StepFormat.script(f, "changed"),
                    on,
                    seen);
        });
        kinds.put(
                "number field",
                (f, name, on, seen) -> new Part.NumberField(
                        name, f.text("label", ""), f.text("starts", ""), StepFormat.script(f, "changed"), on, seen));
        kinds.put(
                "tick box",
                (f, name, on, seen) -> new Part.TickBox(
                        name, f.text("text", ""), f.yes("ticked", false), StepFormat.script(f, "changed"), on, seen));
        kinds.put(
                "button",
                (f, name, on, seen) -> new Part.Button(
                        name, f.text("text", ""), f.yes("default", false), StepFormat.script(f, "pressed"), on, seen));
        kinds.put("menu command", PartFormat::command);
        return kinds;
    }

    private static Part.MenuCommand command(Fields f, Name name, Setting on, Setting seen) throws Unreadable {
        return new Part.MenuCommand(
                name, f.text("text", ""), f.text("shortcut", ""), StepFormat.script(f, "chosen"), on, seen);
    }

    static Row row(Json json) throws Unreadable {
        return new Row(Fields.asList(json, PartFormat::part));
    }

    static Part.MenuCommand command(Json json) throws Unreadable {
        if (part(json) instanceof Part.MenuCommand command) {
            return command;
        }
        throw Unreadable.at(json.at(), "only a “menu command” can stand in a menu.");
    }

    private static Part part(Json json) throws Unreadable {
        Fields fields = Fields.of(json);
        Kind kind = Fields.oneOf(fields.must("part"), KINDS);
        Part part = kind.read(fields, fields.name(), setting(fields, "enabled"), setting(fields, "visible"));
        fields.done();
        return part;
    }

    private static Setting setting(Fields fields, String name) throws Unreadable {
        return fields.value(name, Setting.YES, json -> switch (json) {
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
            case Part.Caption c -> out.putUnlessEmpty("text", c.text());
            case Part.TextField f -> {
                out.putUnlessEmpty("label", f.label()).putUnlessEmpty("starts", f.starts());
                f.longest().ifPresent(n -> out.put("longest", n));
            }
            case Part.NumberField f -> out.putUnlessEmpty("label", f.label()).putUnlessEmpty("starts", f.starts());
            case Part.TickBox b -> out.putUnlessEmpty("text", b.text()).putUnless(!b.ticked(), "ticked", true);
            case Part.Button b -> out.putUnlessEmpty("text", b.text()).putUnless(!b.isDefault(), "default", true);
            case Part.MenuCommand m -> out.putUnlessEmpty("text", m.text()).putUnlessEmpty("shortcut", m.shortcut());
        }
        write(out, "enabled", part.enabled());
        write(out, "visible", part.visible());
        part.trigger().ifPresent(t -> out.putUnless(t.script().isEmpty(), t.word(), StepFormat.write(t.script())));
        return out;
    }

    private static void write(JsonOut.Members out, String name, Setting setting) {
        switch (setting) {
            case Setting.Fixed(boolean value) -> out.putUnless(value, name, value);
            case Setting.Follows(Expression condition) -> out.put(name, condition.source());
        }
    }
}
