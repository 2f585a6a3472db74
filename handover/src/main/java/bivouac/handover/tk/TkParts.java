package bivouac.handover.tk;

import bivouac.design.Braces;
import bivouac.design.Each;
import bivouac.design.FacedWindow;
import bivouac.design.Menu;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.Setting;
import bivouac.design.Type;
import bivouac.handover.meaning.FirstCells;
import bivouac.handover.meaning.PartFacts;
import bivouac.handover.meaning.Placed;
import bivouac.handover.meaning.Say;
import bivouac.handover.python.PyLines;
import bivouac.handover.python.PyNames;
import bivouac.handover.python.PyWorld;
import bivouac.plan.PartPlan;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** The parts of a window: which class each is, what it starts with, and how it is laid out and brought up to date. */
record TkParts(PyWorld world, TkWriting says, FacedWindow face) {

    private String attribute(Part part) {
        return "self." + world.member(part.name().expression());
    }

    void frame(PyLines lines) {
        if (!Braces.isLive(face.title())) {
            lines.add("self.title = " + says.text("title", face.title()));
        }
        if (!face.resizable()) {
            lines.add("self.top.resizable(False, False)");
        }
        if (face.size().width() > 0 && face.size().height() > 0) {
            lines.add("self.top.geometry(\"" + face.size().width() + "x"
                    + face.size().height() + "\")");
        }
        var least = face.frame().least();
        if (least.width() > 0 || least.height() > 0) {
            lines.add("self.top.minsize(" + least.width() + ", " + least.height() + ")");
        }
        if (face.frame().onTop()) {
            lines.add("self.top.attributes(\"-topmost\", True)");
        }
        if (PartFacts.isFixed(face.frame().icon())) {
            lines.add(
                    "self.icon(self.pictures / " + PyNames.literal(face.frame().icon()) + ")");
        }
    }

    /** The attribute of a part, with what it starts with; a live text is brought up to date by refresh. */
    void make(PyLines lines, Part part) {
        String of = "(self, " + PyNames.literal(part.name().expression());
        String made =
                switch (part) {
                    case Part.Caption c ->
                        "Caption" + of + fixed(part, c.text())
                                + (c.size() == Part.TextSize.NORMAL
                                        ? ""
                                        : ", size=" + PyNames.literal(c.size().word()));
                    case Part.Link l -> "Link" + of + fixed(part, l.text());
                    case Part.Picture p ->
                        "Picture" + of
                                + (p.file().isEmpty() || Braces.isLive(p.file())
                                        ? ""
                                        : ", " + PyNames.literal(p.file()));
                    case Part.Progress p ->
                        "WorkProgress" + of + ", " + PyNames.literal(p.task())
                                + (world.meanings()
                                                .program()
                                                .design()
                                                .application()
                                                .mayBeCancelled(p)
                                        ? ", cancel=" + says.text(part.name().expression() + "Cancel", PartFacts.CANCEL)
                                        : "")
                                + label(part, p.label());
                    case Part.Button b when !b.each().isOnce() -> "EachButton" + of;
                    case Part.MenuCommand m
                    when !m.each().isOnce() ->
                        "EachCommand" + of
                                + (m.shortcut().isEmpty() ? "" : ", shortcut=" + PyNames.literal(m.shortcut()))
                                + (PartFacts.ticks(face, m) ? ", ticking=True" : "");
                    case Part.Button b ->
                        "Button" + of + fixed(part, b.text()) + (b.isDefault() ? ", is_default=True" : "");
                    case Part.TickBox b -> "TickBox" + of + fixed(part, b.text()) + (b.ticked() ? ", ticked=True" : "");
                    case Part.MenuCommand m
                    when m.does().isPresent() ->
                        "EditCommand" + of + ", "
                                + PyNames.literal(m.does().get().words())
                                + fixed(part, m.text())
                                + (m.shortcut().isEmpty() ? "" : ", shortcut=" + PyNames.literal(m.shortcut()));
                    case Part.MenuCommand m ->
                        "MenuCommand" + of + fixed(part, m.text())
                                + (m.shortcut().isEmpty() ? "" : ", shortcut=" + PyNames.literal(m.shortcut()))
                                + (m.ticking() ? ", ticking=True" : "");
                    case Part.TextField f -> textField(of, f);
                    case Part.ValueField f ->
                        switch (f.holds()) {
                                    case NUMBER -> "NumberField";
                                    case WHOLE -> "WholeField";
                                    case DATE -> "DateField";
                                }
                                + of
                                + label(part, f.label());
                    case Part.Choice c ->
                        choice(c.drawn()) + of + ", " + list(c.items())
                                + (c.starts().isEmpty() ? "" : ", first=" + PyNames.literal(c.starts()))
                                + label(part, c.label());
                    case Part.ListOfRows l ->
                        "RowList" + of + ", "
                                + list(l.columns().stream()
                                        .map(Type.Column::name)
                                        .toList())
                                + ", ["
                                + l.first().stream().map(r -> first(l, r)).collect(Collectors.joining(", ")) + "]"
                                + label(part, l.label()) + (l.several() ? ", several=True" : "");
                };
        lines.add(attribute(part) + " = " + made + ")");
        if (part instanceof Part.Choice c && c.follows().isPresent()) {
            lines.add(attribute(part) + ".follows(self." + items(c) + ")");
        }
        String starts =
                switch (part) {
                    case Part.TextField f -> f.starts();
                    case Part.ValueField f -> f.starts();
                    case Part.Caption _,
                            Part.Choice _,
                            Part.ListOfRows _,
                            Part.Link _,
                            Part.Picture _,
                            Part.Progress _,
                            Part.TickBox _,
                            Part.Button _,
                            Part.MenuCommand _ -> "";
                };
        if (!starts.isEmpty()) {
            lines.add(attribute(part) + ".text = " + says.text(part.name().expression(), starts));
        }
    }

    private String textField(String of, Part.TextField field) {
        String type = field.entry() == Part.Entry.SEVERAL_LINES ? "TextArea" : "TextField";
        return type
                + of
                + label(field, field.label())
                + (field.longest().isPresent() ? ", longest=" + field.longest().getAsInt() : "")
                + (field.entry() == Part.Entry.HIDDEN ? ", hidden=True" : "")
                + (world.meanings().asksForSelection(face.name().shown(), field) ? ", keeps_selection=True" : "");
    }

    private String fixed(Part part, String text) {
        return text.isEmpty() || Braces.isLive(text)
                ? ""
                : ", " + says.text(part.name().expression(), text);
    }

    private String label(Part part, String label) {
        return label.isEmpty() ? "" : ", label=" + says.text(part.name().expression() + "Label", label);
    }

    private static String list(List<String> texts) {
        return "[" + texts.stream().map(PyNames::literal).collect(Collectors.joining(", ")) + "]";
    }

    private String first(Part.ListOfRows list, List<String> texts) {
        var values = new ArrayList<String>();
        for (int i = 0; i < list.columns().size(); i++) {
            values.add(typed(
                    i < texts.size() ? texts.get(i) : "", list.columns().get(i).type()));
        }
        return world.types().of(list.row()) + "(" + String.join(", ", values) + ")";
    }

    private String typed(String raw, Type type) {
        return FirstCells.say(raw, type).map(s -> says.write(s, type)).orElseGet(() -> world.types()
                .start(type, "app.today"));
    }

    void fixedTraits(PyLines lines, Part part) {
        fixed(lines, part, part.traits().enabled(), false, ".enabled = False");
        fixed(lines, part, part.traits().visible(), false, ".visible = False");
        fixed(lines, part, part.traits().readOnly(), true, ".read_only = True");
        fixed(lines, part, part.traits().font(), ".font = ");
        fixed(lines, part, part.traits().colour(), ".colour = ");
    }

    private void fixed(PyLines lines, Part part, Setting setting, boolean told, String set) {
        if (setting instanceof Setting.Fixed(boolean yes) && yes == told) {
            lines.add(attribute(part) + set);
        }
    }

    private void fixed(PyLines lines, Part part, String look, String set) {
        if (!look.isEmpty() && !Braces.isLive(look)) {
            lines.add(attribute(part) + set + PyNames.literal(look));
        }
    }

    String method(Part part) {
        String word = part.trigger().map(Part.Trigger::word).orElse("");
        return "_" + world.names().of(part.name().expression()) + "_" + word;
    }

    /** The method that answers what can be chosen in a choice that follows a list (P5). */
    String items(Part.Choice choice) {
        return "_" + world.names().of(PartFacts.items(choice));
    }

    String activated(Part.ListOfRows list) {
        return "_" + world.names().of(list.name().expression()) + "_activated";
    }

    String mayRemove(Part.ListOfRows list) {
        return "_may_remove_from_" + world.names().of(list.name().expression());
    }

    void triggers(PyLines lines, Part part) {
        Script script = part.trigger().map(Part.Trigger::script).orElse(Script.EMPTY);
        if (!script.doesNothing() || part instanceof Part.Link l && !l.address().isEmpty()) {
            lines.add(attribute(part) + ".on(self." + method(part) + ")");
        }
        if (part instanceof Part.ListOfRows list) {
            if (!list.at(Part.RowMoment.ACTIVATED).doesNothing()) {
                lines.add(attribute(part) + ".on_activated(self." + activated(list) + ")");
            }
            if (!list.at(Part.RowMoment.BEFORE_REMOVING).isEmpty()) {
                lines.add(attribute(part) + ".before_removing(self." + mayRemove(list) + ")");
            }
            if (list.byHand()) {
                lines.add(attribute(part) + ".by_hand()");
            }
        }
    }

    // Laying out

    void layOut(PyLines lines) {
        if (!face.menus().isEmpty()) {
            lines.add(
                    "self.add_menus(" + face.menus().stream().map(this::menu).collect(Collectors.joining(", ")) + ")");
        }
        if (!face.tools().isEmpty()) {
            lines.add("self.add_tools(" + attributes(face.tools()) + ")");
        }
        if (!face.statusLine().isEmpty()) {
            lines.add("self.add_status_line(" + attributes(face.statusLine()) + ")");
        }
        Placed.of(face).forEach(placed -> layOut(lines, placed));
    }

    private void layOut(PyLines lines, Placed placed) {
        String page = placed.pages()
                .map(p -> ", page=(" + attribute(p) + ", " + PyNames.literal(placed.page()) + ")")
                .orElse("");
        if (placed.group().isEmpty()) {
            lines.add("self.add_row(" + attributes(placed.rows().getFirst().parts()) + page + ")");
        } else {
            lines.add("self.add_group(" + says.text("group", placed.group()) + ", "
                    + placed.rows().stream()
                            .map(r -> tuple(attributes(r.parts()), r.parts().size()))
                            .collect(Collectors.joining(", "))
                    + page + ")");
        }
    }

    private static String choice(Part.ChoiceLook drawn) {
        return switch (drawn) {
            case LIST -> "Choice";
            case RADIO_BUTTONS -> "RadioButtons";
            case PAGES -> "Pages";
        };
    }

    private String menu(Menu menu) {
        var items = new ArrayList<String>();
        for (Part.MenuCommand command : menu.commands()) {
            if (command.separated() && !items.isEmpty()) {
                items.add("None");
            }
            items.add(attribute(command));
        }
        return "(" + says.text("menu", menu.text()) + ", [" + String.join(", ", items) + "])";
    }

    private String attributes(List<? extends Part> parts) {
        return parts.stream().map(this::attribute).collect(Collectors.joining(", "));
    }

    private static String tuple(String items, int size) {
        return size == 1 ? "(" + items + ",)" : "(" + items + ")";
    }

    // Bringing up to date

    void live(PyLines lines, Part part) {
        if (!part.each().isOnce()) {
            follows(lines, part, part.traits().visible(), ".visible = ");
            each(lines, part);
            return;
        }
        if (part instanceof Part.Choice c && c.follows().isPresent()) {
            lines.add(attribute(part) + ".refresh()");
        }
        PartFacts.live(part)
                .ifPresent(text -> lines.add(attribute(part)
                        + (part instanceof Part.Picture ? ".file = " : ".text = ")
                        + says.text(part.name().expression(), text)));
        follows(lines, part, part.traits().enabled(), ".enabled = ");
        follows(lines, part, part.traits().visible(), ".visible = ");
        follows(lines, part, part.traits().readOnly(), ".read_only = ");
        follows(lines, part, part.traits().font(), "Font", ".font = ");
        follows(lines, part, part.traits().colour(), "Colour", ".colour = ");
    }

    /** What follows a list, or the open windows (P5): conditions for each of them, and what stands on each. */
    private void each(PyLines lines, Part part) {
        String shown = face.name().shown();
        TkWriting row = says.ofEach(shown, part);
        if (PartFacts.ticks(face, part) && part.each() instanceof Each.OfWindows) {
            lines.add(attribute(part) + ".ticked_when = lambda row: row is self");
        }
        world.meanings()
                .tickedOf(shown, part)
                .ifPresent(
                        say -> lines.add(attribute(part) + ".ticked_when = lambda row: " + row.write(say, Type.YESNO)));
        world.meanings()
                .followed(part.traits().enabled(), row.here())
                .ifPresent(say ->
                        lines.add(attribute(part) + ".enabled_when = lambda row: " + row.write(say, Type.YESNO)));
        if (part.each() instanceof Each.OfWindows(String window)) {
            lines.add(attribute(part) + ".show(self.desk.opened(" + world.reached(window, shown)
                    + "), lambda row: row.title)");
        } else {
            Say rows = world.meanings().rowsOf(shown, part).orElseThrow();
            lines.add(attribute(part) + ".show(" + says.write(rows, rows.type()) + ", lambda row: "
                    + row.text(part.name().expression(), PartPlan.content(part)) + ")");
        }
    }

    private void follows(PyLines lines, Part part, String look, String key, String set) {
        if (Braces.isLive(look)) {
            lines.add(attribute(part) + set + says.text(part.name().expression() + key, look));
        }
    }

    private void follows(PyLines lines, Part part, Setting setting, String set) {
        says.world()
                .meanings()
                .followed(setting, says.here())
                .ifPresent(say -> lines.add(attribute(part) + set + says.write(say, Type.YESNO)));
    }
}
