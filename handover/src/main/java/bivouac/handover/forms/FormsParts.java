package bivouac.handover.forms;

import bivouac.design.Braces;
import bivouac.design.Each;
import bivouac.design.FacedWindow;
import bivouac.design.Menu;
import bivouac.design.Part;
import bivouac.design.Setting;
import bivouac.design.Type;
import bivouac.handover.braces.Lines;
import bivouac.handover.braces.Spelling;
import bivouac.handover.csharp.CsExpressions;
import bivouac.handover.csharp.CsView;
import bivouac.handover.meaning.FirstCells;
import bivouac.handover.meaning.Here;
import bivouac.handover.meaning.PartFacts;
import bivouac.handover.meaning.Placed;
import bivouac.handover.meaning.Say;
import bivouac.plan.PartPlan;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** The parts of a window: which class each is, what it starts with, and how it is laid out and brought up to date. */
final class FormsParts {

    private final FormsWindowBase w;
    private final Lines out;

    FormsParts(FormsWindowBase window, Lines out) {
        this.w = window;
        this.out = out;
    }

    /** The class that a part is. */
    String type(Part part) {
        return switch (part) {
            case Part.Caption c -> "Caption";
            case Part.Link l -> "Link";
            case Part.Picture p -> "Picture";
            case Part.Button b when !b.each().isOnce() -> "EachButton<" + w.eachType(b) + ">";
            case Part.MenuCommand m when !m.each().isOnce() -> "EachCommand<" + w.eachType(m) + ">";
            case Part.Button b -> "Button";
            case Part.Progress p -> "WorkProgress";
            case Part.TickBox b -> "TickBox";
            case Part.MenuCommand m -> m.does().isPresent() ? "EditCommand" : "MenuCommand";
            case Part.TextField f -> f.entry() == Part.Entry.SEVERAL_LINES ? "TextArea" : "TextField";
            case Part.ValueField f ->
                "TypedField<" + w.world.types().of(f.holds().type()) + ">";
            case Part.Choice c -> "Choice";
            case Part.ListOfRows l -> "RowTable<" + w.row(l) + ">";
        };
    }

    /** The window itself: its title, its size, and whether it can be resized. */
    void frame() {
        FacedWindow face = w.face;
        if (!Braces.isLive(face.title())) {
            out.add("Title = " + w.text("title", face.title()) + ";");
        }
        if (!face.resizable()) {
            out.add("FixedSize();");
        }
        if (face.size().width() > 0 && face.size().height() > 0) {
            out.add("StartsWithSize(" + face.size().width() + ", " + face.size().height() + ");");
        }
        var least = face.frame().least();
        if (least.width() > 0 || least.height() > 0) {
            out.add("Least(" + least.width() + ", " + least.height() + ");");
        }
        if (face.frame().onTop()) {
            out.add("AlwaysOnTop();");
        }
        if (PartFacts.isFixed(face.frame().icon())) {
            out.add("Icon(" + Spelling.literal(face.frame().icon()) + ");");
        }
    }

    /** A part with all that it has from the beginning, and what is done at what a person does to it. */
    void made(Part part) {
        out.add(w.field(part) + " = " + making(part) + ";");
        content(part);
        traits(part);
        triggers(part);
    }

    private String making(Part part) {
        String of = "(this, " + Spelling.literal(part.name().expression());
        return switch (part) {
            case Part.MenuCommand m
            when !m.each().isOnce() ->
                "new " + type(m) + of + (m.shortcut().isEmpty() ? ")" : ", " + Spelling.literal(m.shortcut()) + ")");
            case Part.MenuCommand m
            when m.does().isPresent() ->
                "new EditCommand" + of + ", Editing."
                        + Spelling.upper(Spelling.camel(m.does().get().words())) + ")";
            case Part.MenuCommand m -> "new MenuCommand" + of + (m.ticking() ? ", ticking: true)" : ")");
            case Part.TextField f ->
                "new " + type(part) + of + (f.entry() == Part.Entry.HIDDEN ? ", hidden: true)" : ")");
            case Part.ValueField f ->
                "TypedField."
                        + switch (f.holds()) {
                            case NUMBER -> "OfNumber";
                            case WHOLE -> "OfWhole";
                            case DATE -> "OfDate";
                        }
                        + of + ")";
            case Part.Choice c ->
                making(c) + of + ", " + Spelling.literal(c.starts())
                        + c.items().stream()
                                .map(i -> ", " + Spelling.literal(i))
                                .collect(Collectors.joining()) + ")";
            case Part.ListOfRows l ->
                "new " + type(part) + of + ", new string[] { "
                        + FormsWindowBase.quoted(
                                l.columns().stream().map(Type.Column::name).toList())
                        + " }, " + l.several() + firstRows(l) + ")";
            case Part.Progress p ->
                "new " + type(part) + of + ", " + Spelling.literal(p.task()) + ", "
                        + (w.world.meanings().program().design().application().mayBeCancelled(p)
                                ? w.text(p.name().expression() + "Cancel", PartFacts.CANCEL)
                                : "\"\"")
                        + ")";
            case Part.Caption _, Part.Link _, Part.Picture _, Part.TickBox _, Part.Button _ ->
                "new " + type(part) + of + ")";
        };
    }

    private String firstRows(Part.ListOfRows list) {
        return list.first().stream().map(r -> ", " + firstRow(list, r)).collect(Collectors.joining());
    }

    private String firstRow(Part.ListOfRows list, List<String> texts) {
        var values = new ArrayList<String>();
        for (int i = 0; i < list.columns().size(); i++) {
            values.add(typed(
                    i < texts.size() ? texts.get(i) : "", list.columns().get(i).type()));
        }
        return "new " + w.row(list) + "(" + String.join(", ", values) + ")";
    }

    /** As in the other toolkits: a date that is not said is that of the machine. */
    private String typed(String raw, Type type) {
        var view = CsView.ofNothing();
        return FirstCells.say(raw, type)
                .map(s -> new CsExpressions(w.world, view).write(s, type))
                .orElseGet(() -> w.world.types().start(type, view.today()));
    }

    private void set(Part part, String property, String value) {
        out.add(w.field(part) + "." + property + " = " + value + ";");
    }

    private void content(Part part) {
        String field = w.field(part);
        if (!part.each().isOnce()) {
            return; // it follows its rows
        }
        switch (part) {
            case Part.Caption c -> {
                if (c.size() != Part.TextSize.NORMAL) {
                    out.add(field + ".Times(" + times(c.size()) + ");");
                }
                fixed(part, c.text());
            }
            case Part.Link l -> fixed(part, l.text());
            case Part.Button b -> {
                fixed(part, b.text());
                if (b.isDefault()) {
                    out.add(field + ".IsDefault();");
                }
            }
            case Part.TickBox b -> {
                fixed(part, b.text());
                if (b.ticked()) {
                    set(part, "Ticked", "true");
                }
            }
            case Part.MenuCommand m -> {
                fixed(part, m.text());
                if (!m.shortcut().isEmpty()) {
                    out.add(field + ".Shortcut(" + Spelling.literal(m.shortcut()) + ");");
                }
            }
            case Part.Picture p -> {
                if (PartFacts.isFixed(p.file())) {
                    set(part, "File", Spelling.literal(p.file()));
                }
            }
            case Part.TextField f -> {
                label(part, f.label());
                f.longest().ifPresent(most -> out.add(field + ".Longest(" + most + ");"));
                starts(part, f.starts());
            }
            case Part.ValueField f -> {
                label(part, f.label());
                starts(part, f.starts());
            }
            case Part.Choice c -> {
                label(part, c.label());
                if (c.follows().isPresent()) {
                    out.add(field + ".Follows(" + Spelling.upper(PartFacts.items(c)) + ");");
                }
            }
            case Part.Progress p -> label(part, p.label());
            case Part.ListOfRows l -> label(part, l.label());
        }
    }

    private static String making(Part.Choice choice) {
        return switch (choice.drawn()) {
            case LIST -> "new Choice";
            case RADIO_BUTTONS -> "Choice.RadioButtons";
            case PAGES -> "Choice.Pages";
        };
    }

    /** How much larger a caption is than the others. */
    private static String times(Part.TextSize size) {
        return switch (size) {
            case SMALL, STATUS_LINE -> "0.85f";
            case NORMAL -> "1f";
            case LARGE -> "1.3f";
            case TITLE -> "1.7f";
        };
    }

    private void fixed(Part part, String text) {
        if (PartFacts.isFixed(text)) {
            set(part, "Text", w.textOf(part, text));
        }
    }

    private void label(Part part, String label) {
        if (!label.isEmpty()) {
            set(part, "Label", w.text(part.name().expression() + "Label", label));
        }
    }

    private void starts(Part part, String text) {
        if (!text.isEmpty()) {
            set(part, "Text", w.textOf(part, text));
        }
    }

    private void traits(Part part) {
        var traits = part.traits();
        if (PartFacts.isFixed(traits.enabled(), false)) {
            set(part, "Enabled", "false");
        }
        if (PartFacts.isFixed(traits.visible(), false)) {
            set(part, "Visible", "false");
        }
        if (PartFacts.isFixed(traits.readOnly(), true)) {
            set(part, "ReadOnly", "true");
        }
        if (PartFacts.isFixed(traits.font())) {
            set(part, "Font", Spelling.literal(traits.font()));
        }
        if (PartFacts.isFixed(traits.colour())) {
            set(part, "Colour", Spelling.literal(traits.colour()));
        }
    }

    private void triggers(Part part) {
        String field = w.field(part);
        if (PartFacts.isTriggered(part)) {
            out.add(field + (part.each().isOnce() ? ".On(" : ".OnRow(") + w.world.method(part) + ");");
        }
        if (part instanceof Part.ListOfRows list) {
            if (!list.at(Part.RowMoment.ACTIVATED).doesNothing()) {
                out.add(field + ".OnActivated(" + w.world.activated(list) + ");");
            }
            if (list.byHand()) {
                String may = w.world.mayRemove(list).orElse("ignored => true");
                out.add(field + ".OnDelete(() => " + field + ".RemoveSelected(" + may + "));");
            }
        }
    }

    void layOut() {
        w.face.menus().forEach(m -> out.add(menu(m)));
        if (!w.face.tools().isEmpty()) {
            out.add("Tools(" + fields(w.face.tools()) + ");");
        }
        Placed.of(w.face).forEach(this::layOut);
        if (!w.face.statusLine().isEmpty()) {
            out.add("StatusLine(" + fields(w.face.statusLine()) + ");");
        }
    }

    private void layOut(Placed placed) {
        String page = placed.pages()
                .map(p -> w.field(p) + ", " + Spelling.literal(placed.page()) + ", ")
                .orElse("");
        String on = page.isEmpty() ? "" : "OnPage";
        if (placed.group().isEmpty()) {
            out.add((page.isEmpty() ? "Row" : on) + "(" + page
                    + fields(placed.rows().getFirst().parts()) + ");");
        } else {
            out.add("Group" + on + "(" + page + w.text("group", placed.group())
                    + placed.rows().stream()
                            .map(r -> ", new Part[] { " + fields(r.parts()) + " }")
                            .collect(Collectors.joining())
                    + ");");
        }
    }

    private String menu(Menu menu) {
        var items = new ArrayList<String>();
        for (Part.MenuCommand command : menu.commands()) {
            if (command.separated() && !items.isEmpty()) {
                items.add("null");
            }
            items.add(w.field(command));
        }
        return "Menu(" + w.text("menu", menu.text())
                + items.stream().map(i -> ", " + i).collect(Collectors.joining()) + ");";
    }

    private String fields(List<? extends Part> parts) {
        return parts.stream().map(w::field).collect(Collectors.joining(", "));
    }

    /** What is brought up to date when the application is at rest. */
    void live(Part part) {
        if (!part.each().isOnce()) {
            follows(part, part.traits().visible(), "Visible");
            each(part);
            return;
        }
        if (part instanceof Part.Choice c && c.follows().isPresent()) {
            out.add(w.field(part) + ".Refresh();");
        }
        PartFacts.live(part)
                .ifPresent(text -> set(part, part instanceof Part.Picture ? "File" : "Text", w.textOf(part, text)));
        follows(part, part.traits().enabled(), "Enabled");
        follows(part, part.traits().visible(), "Visible");
        follows(part, part.traits().readOnly(), "ReadOnly");
        look(part, part.traits().font(), "Font");
        look(part, part.traits().colour(), "Colour");
    }

    /** What follows a list, or the open windows (P5): conditions for each of them, and what stands on each. */
    private void each(Part part) {
        String field = w.field(part);
        if (PartFacts.ticks(w.face, part) && part.each() instanceof Each.OfWindows) {
            out.add(field + ".TickedWhen(row => row == this);");
        }
        w.world
                .meanings()
                .tickedOf(w.shown, part)
                .ifPresent(say -> out.add(field + ".TickedWhen(row => " + w.write(say, Type.YESNO) + ");"));
        w.world
                .meanings()
                .followed(part.traits().enabled(), Here.ofEach(w.shown, part))
                .ifPresent(say -> out.add(field + ".EnabledWhen(row => " + w.write(say, Type.YESNO) + ");"));
        if (part.each() instanceof Each.OfWindows) {
            out.add(field + ".Rows(Desk.Opened<" + w.eachType(part) + ">(), row => row.Title);");
        } else {
            Say rows = w.world.meanings().rowsOf(w.shown, part).orElseThrow();
            out.add(field + ".Rows(" + w.write(rows, rows.type()) + ", row => "
                    + w.textOfEach(part, PartPlan.content(part)) + ");");
        }
    }

    private void follows(Part part, Setting setting, String property) {
        w.world.meanings().followed(setting, w.here).ifPresent(say -> set(part, property, w.write(say, Type.YESNO)));
    }

    private void look(Part part, String look, String property) {
        if (Braces.isLive(look)) {
            set(part, property, w.text(part.name().expression() + property, look));
        }
    }
}
