package bivouac.handover.swing;

import bivouac.design.Braces;
import bivouac.design.FacedWindow;
import bivouac.design.Menu;
import bivouac.design.Part;
import bivouac.handover.braces.Lines;
import bivouac.handover.braces.Spelling;
import bivouac.handover.jvm.LaidOut;
import bivouac.handover.jvm.WindowParts;
import bivouac.handover.jvm.WindowWriting;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** The parts of a window: which class each is, what it starts with, and how it is laid out and brought up to date. */
record SwingParts(WindowWriting w) implements WindowParts {

    @Override
    public void frame(Lines out) {
        FacedWindow face = w.face();
        if (!Braces.isLive(face.title())) {
            out.add("title(" + w.text("title", face.title()) + ");");
        }
        if (!face.resizable()) {
            out.add("fixedSize();");
        }
        if (face.size().width() > 0 && face.size().height() > 0) {
            out.add("size(" + face.size().width() + ", " + face.size().height() + ");");
        }
        var least = face.frame().least();
        if (least.width() > 0 || least.height() > 0) {
            out.add("least(" + least.width() + ", " + least.height() + ");");
        }
        if (face.frame().onTop()) {
            out.add("alwaysOnTop();");
        }
        w.icon().ifPresent(file -> out.add("icon(" + Spelling.literal(file) + ");"));
    }

    @Override
    public void field(Lines out, Part part) {
        String of = "(this, " + WindowWriting.quoted(part);
        String made =
                switch (part) {
                    case Part.Caption c -> "Caption # = new Caption" + of;
                    case Part.Link l -> "Link # = new Link" + of;
                    case Part.Picture p -> "Picture # = new Picture" + of;
                    case Part.Progress p ->
                        "WorkProgress # = new WorkProgress" + of + ", " + Spelling.literal(p.task()) + ", "
                                + w.cancelText(p);
                    case Part.Button b
                    when !b.each().isOnce() -> "EachButton<" + w.eachType(b) + "> # = new EachButton<>" + of;
                    case Part.MenuCommand m
                    when !m.each().isOnce() ->
                        "EachCommand<" + w.eachType(m) + "> # = new EachCommand<>" + of + ", " + w.ticks(m) + ", "
                                + Spelling.literal(m.shortcut());
                    case Part.Button b -> "Button # = new Button" + of;
                    case Part.TickBox b -> "TickBox # = new TickBox" + of;
                    case Part.MenuCommand m
                    when m.does().isPresent() ->
                        "EditCommand # = new EditCommand" + of + ", Editing."
                                + m.does().get();
                    case Part.MenuCommand m -> "MenuCommand # = MenuCommand." + (m.ticking() ? "ticking" : "of") + of;
                    case Part.TextField f ->
                        switch (f.entry()) {
                            case ONE_LINE -> "TextField # = TextField.of" + of;
                            case SEVERAL_LINES -> "TextArea # = new TextArea" + of;
                            case HIDDEN -> "TextField # = TextField.hidden" + of;
                        };
                    case Part.ValueField f ->
                        "TypedField<" + w.boxed(f.holds().type()) + "> # = TypedField."
                                + switch (f.holds()) {
                                    case NUMBER -> "ofNumber";
                                    case WHOLE -> "ofWhole";
                                    case DATE -> "ofDate";
                                }
                                + of;
                    case Part.Choice c ->
                        "Choice # = " + making(c) + of + ", " + WindowWriting.list(c.items()) + ", "
                                + Spelling.literal(c.starts());
                    case Part.ListOfRows l ->
                        "RowTable<" + w.row(l) + "> # = new RowTable<>" + of + ", "
                                + WindowWriting.list(WindowWriting.columns(l)) + ", " + l.several() + ", "
                                + w.firstRows(l);
                };
        out.add("final " + made.replaceFirst("#", w.field(part)) + ");");
    }

    @Override
    public void content(Lines out, Part part) {
        String field = w.field(part);
        if (!part.each().isOnce()) {
            return; // it follows its rows
        }
        switch (part) {
            case Part.Caption c -> {
                if (c.size() != Part.TextSize.NORMAL) {
                    out.add(field + ".times(" + times(c.size()) + ");");
                }
                fixed(out, part, c.text());
            }
            case Part.Link l -> fixed(out, part, l.text());
            case Part.Button b -> {
                fixed(out, part, b.text());
                if (b.isDefault()) {
                    out.add(field + ".isDefault();");
                }
            }
            case Part.TickBox b -> {
                fixed(out, part, b.text());
                if (b.ticked()) {
                    out.add(field + ".ticked(true);");
                }
            }
            case Part.MenuCommand m -> {
                fixed(out, part, m.text());
                if (!m.shortcut().isEmpty()) {
                    out.add(field + ".shortcut(" + Spelling.literal(m.shortcut()) + ");");
                }
            }
            case Part.Picture p -> {
                if (WindowWriting.isFixed(p.file())) {
                    out.add(field + ".file(" + Spelling.literal(p.file()) + ");");
                }
            }
            case Part.TextField f -> {
                label(out, part, f.label());
                f.longest().ifPresent(most -> out.add(field + ".longest(" + most + ");"));
                starts(out, part, f.starts());
            }
            case Part.ValueField f -> {
                label(out, part, f.label());
                starts(out, part, f.starts());
            }
            case Part.Choice c -> {
                label(out, part, c.label());
                w.follows(out, c);
            }
            case Part.Progress p -> label(out, part, p.label());
            case Part.ListOfRows l -> label(out, part, l.label());
        }
    }

    private static String making(Part.Choice choice) {
        return switch (choice.drawn()) {
            case LIST -> "new Choice";
            case RADIO_BUTTONS -> "Choice.radioButtons";
            case PAGES -> "Choice.pages";
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

    private void fixed(Lines out, Part part, String text) {
        if (WindowWriting.isFixed(text)) {
            out.add(w.field(part) + ".text(" + w.textOf(part, text) + ");");
        }
    }

    private void label(Lines out, Part part, String label) {
        if (!label.isEmpty()) {
            out.add(w.field(part) + ".label(" + w.text(part.name().expression() + "Label", label) + ");");
        }
    }

    private void starts(Lines out, Part part, String text) {
        if (!text.isEmpty()) {
            out.add(w.field(part) + ".text(" + w.textOf(part, text) + ");");
        }
    }

    @Override
    public void fixedTraits(Lines out, Part part) {
        String field = w.field(part);
        var traits = part.traits();
        if (WindowWriting.isFixed(traits.enabled(), false)) {
            out.add(field + ".enabled(false);");
        }
        if (WindowWriting.isFixed(traits.visible(), false)) {
            out.add(field + ".visible(false);");
        }
        if (WindowWriting.isFixed(traits.readOnly(), true)) {
            out.add(field + ".readOnly(true);");
        }
        if (WindowWriting.isFixed(traits.font())) {
            out.add(field + ".font(" + Spelling.literal(traits.font()) + ");");
        }
        if (WindowWriting.isFixed(traits.colour())) {
            out.add(field + ".colour(" + Spelling.literal(traits.colour()) + ");");
        }
    }

    @Override
    public void triggers(Lines out, Part part) {
        String field = w.field(part);
        if (WindowWriting.isTriggered(part)) {
            String on = part.each().isOnce() ? ".on" : ".onRow";
            out.add(field + on + "(this::" + w.method(part) + ");");
        }
        if (part instanceof Part.ListOfRows list) {
            if (!list.at(Part.RowMoment.ACTIVATED).doesNothing()) {
                out.add(field + ".onActivated(this::" + w.activated(list) + ");");
            }
            if (list.byHand()) {
                out.add(field + ".onDelete(() -> " + field + ".removeSelected(" + w.mayRemove(list) + "));");
            }
        }
    }

    @Override
    public void layOut(Lines out) {
        w.face().menus().forEach(m -> out.add(menu(m)));
        new LaidOut(w, this::fields).into(out);
    }

    private String fields(List<Part> parts) {
        return parts.stream().map(w::field).collect(Collectors.joining(", "));
    }

    private String menu(Menu menu) {
        var items = new ArrayList<String>();
        for (Part.MenuCommand command : menu.commands()) {
            if (command.separated() && !items.isEmpty()) {
                items.add("null");
            }
            items.add(w.field(command));
        }
        return "menu(" + w.text("menu", menu.text())
                + items.stream().map(i -> ", " + i).collect(Collectors.joining()) + ");";
    }

    @Override
    public void live(Lines out, Part part) {
        String field = w.field(part);
        if (!part.each().isOnce()) {
            w.follows(out, part.traits().visible(), field + ".visible(");
            w.each(out, part);
            return;
        }
        if (part instanceof Part.Choice c && c.follows().isPresent()) {
            out.add(field + ".refresh();");
        }
        WindowWriting.live(part)
                .ifPresent(text -> out.add(
                        field + (part instanceof Part.Picture ? ".file(" : ".text(") + w.textOf(part, text) + ");"));
        w.follows(out, part.traits().enabled(), field + ".enabled(");
        w.follows(out, part.traits().visible(), field + ".visible(");
        w.follows(out, part.traits().readOnly(), field + ".readOnly(");
        look(out, part, part.traits().font(), "Font", ".font(");
        look(out, part, part.traits().colour(), "Colour", ".colour(");
    }

    private void look(Lines out, Part part, String look, String key, String set) {
        if (Braces.isLive(look)) {
            out.add(w.field(part) + set + w.text(part.name().expression() + key, look) + ");");
        }
    }
}
