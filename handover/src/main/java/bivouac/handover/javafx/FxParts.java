package bivouac.handover.javafx;

import bivouac.design.Braces;
import bivouac.design.FacedWindow;
import bivouac.design.Menu;
import bivouac.design.Part;
import bivouac.design.Setting;
import bivouac.handover.braces.Lines;
import bivouac.handover.braces.Spelling;
import bivouac.handover.jvm.JvmToolkit;
import bivouac.handover.jvm.LaidOut;
import bivouac.handover.jvm.WindowParts;
import bivouac.handover.jvm.WindowWriting;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** The parts of a window: which control each is, what it starts with, and how it is laid out and brought up to date. */
final class FxParts implements WindowParts {

    private final JvmToolkit toolkit;
    private final WindowWriting w;

    FxParts(JvmToolkit toolkit, WindowWriting writing) {
        this.toolkit = toolkit;
        this.w = writing;
    }

    @Override
    public void frame(Lines out) {
        FacedWindow face = w.face();
        if (!Braces.isLive(face.title())) {
            out.add("stage.setTitle(" + w.text("title", face.title()) + ");");
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
        w.icon().ifPresent(file -> out.add("icon(" + Spelling.literal(file) + ");"));
    }

    @Override
    public void field(Lines out, Part part) {
        out.add("final " + control(part) + " " + w.field(part) + " = " + made(part) + ";");
    }

    private String control(Part part) {
        return switch (part) {
            case Part.Caption c -> "Label";
            case Part.Link l -> "Hyperlink";
            case Part.Picture p -> "ImageView";
            case Part.Button b -> b.each().isOnce() ? "Button" : "EachButton<" + w.eachType(b) + ">";
            case Part.Progress p -> "WorkProgress";
            case Part.TickBox b -> "CheckBox";
            case Part.Choice c ->
                switch (c.drawn()) {
                    case LIST -> "Choice";
                    case RADIO_BUTTONS -> "RadioButtons";
                    case PAGES -> "Pages";
                };
            case Part.MenuCommand m when !m.each().isOnce() -> "EachCommand<" + w.eachType(m) + ">";
            case Part.MenuCommand m -> m.ticking() ? "CheckMenuItem" : "MenuItem";
            case Part.TextField f ->
                switch (f.entry()) {
                    case ONE_LINE -> "TextField";
                    case SEVERAL_LINES -> "TextArea";
                    case HIDDEN -> "PasswordField";
                };
            case Part.ValueField f -> "TypedField<" + w.boxed(f.holds().type()) + ">";
            case Part.ListOfRows l -> "RowTable<" + w.row(l) + ">";
        };
    }

    private String made(Part part) {
        String quoted = WindowWriting.quoted(part);
        String made =
                switch (part) {
                    case Part.Button b when !b.each().isOnce() -> "new EachButton<>(this)";
                    case Part.MenuCommand m
                    when !m.each().isOnce() ->
                        "new EachCommand<>(this, " + w.ticks(m) + ", " + Spelling.literal(m.shortcut()) + ")";
                    case Part.Choice c ->
                        "new " + control(c) + "(" + WindowWriting.list(c.items()) + ", " + Spelling.literal(c.starts())
                                + ")";
                    case Part.ValueField f ->
                        switch (f.holds()) {
                            case NUMBER -> "TypedField.ofNumber()";
                            case WHOLE -> "TypedField.ofWhole()";
                            case DATE -> "TypedField.ofDate()";
                        };
                    case Part.Progress p ->
                        "new WorkProgress(this, " + Spelling.literal(p.task()) + ", " + w.cancelText(p) + ")";
                    case Part.ListOfRows l ->
                        "new RowTable<>(" + WindowWriting.list(WindowWriting.columns(l)) + ", " + l.several() + ", "
                                + w.firstRows(l) + ")";
                    case Part.Caption _,
                            Part.TextField _,
                            Part.Link _,
                            Part.Picture _,
                            Part.TickBox _,
                            Part.Button _,
                            Part.MenuCommand _ -> "new " + control(part) + "()";
                };
        if (part instanceof Part.MenuCommand m && m.does().isPresent()) {
            return "editing(" + quoted + ", Editing." + m.does().get() + ", " + Spelling.literal(m.shortcut()) + ")";
        }
        if (part instanceof Part.MenuCommand m && m.each().isOnce()) {
            String item = m.ticking() ? "new CheckMenuItem()" : "new MenuItem()";
            return "command(" + quoted + ", " + item + ", " + Spelling.literal(m.shortcut()) + ")";
        }
        return "part(" + quoted + ", " + made + ")";
    }

    /** What a part starts with; a live text is brought up to date by refresh. */
    @Override
    public void content(Lines out, Part part) {
        String field = w.field(part);
        String key = part.name().expression();
        if (!part.each().isOnce()) {
            return; // it follows its rows
        }
        switch (part) {
            case Part.Caption c -> fixed(out, field, key, c.text(), false);
            case Part.Link l -> fixed(out, field, key, l.text(), false);
            case Part.Button b -> fixed(out, field, key, b.text(), true);
            case Part.TickBox b -> {
                fixed(out, field, key, b.text(), true);
                if (b.ticked()) {
                    out.add(field + ".setSelected(true);");
                }
            }
            case Part.MenuCommand m -> fixed(out, field, key, m.text(), true);
            case Part.Picture p -> {
                if (!Braces.isLive(p.file()) && !p.file().isEmpty()) {
                    out.add("picture(" + field + ", " + Spelling.literal(p.file()) + ");");
                }
            }
            case Part.TextField f -> {
                f.longest().ifPresent(most -> out.add("longest(" + field + ", " + most + ");"));
                starts(out, field, key, f.starts());
                keepsSelection(out, f);
            }
            case Part.ValueField f -> starts(out, field, key, f.starts());
            case Part.Progress p -> {
                // nothing is done yet
            }
            case Part.Choice c -> w.follows(out, c);
            case Part.ListOfRows l -> {
                // starts with what it was made with
            }
        }
        if (part instanceof Part.Button b && b.isDefault()) {
            out.add(field + ".setDefaultButton(true);");
        }
    }

    private void fixed(Lines out, String field, String key, String text, boolean mnemonic) {
        if (!Braces.isLive(text) && !text.isEmpty()) {
            out.add(field + ".setText(" + w.text(key, mnemonic ? toolkit.marked(text) : text) + ");");
        }
    }

    private void starts(Lines out, String field, String key, String text) {
        if (!text.isEmpty()) {
            out.add(field + ".setText(" + w.text(key, text) + ");");
        }
    }

    @Override
    public void fixedTraits(Lines out, Part part) {
        String field = w.field(part);
        if (part.traits().enabled() instanceof Setting.Fixed(boolean yes) && !yes) {
            out.add("enabled(" + field + ", false);");
        }
        if (part.traits().visible() instanceof Setting.Fixed(boolean yes) && !yes) {
            out.add("visible(" + field + ", false);");
        }
        if (part.traits().readOnly() instanceof Setting.Fixed(boolean yes) && yes) {
            out.add("readOnly(" + field + ", true);");
        }
        if (!part.traits().font().isEmpty() && !Braces.isLive(part.traits().font())) {
            out.add("font(" + field + ", " + Spelling.literal(part.traits().font()) + ");");
        }
        if (!part.traits().colour().isEmpty() && !Braces.isLive(part.traits().colour())) {
            out.add("colour(" + field + ", " + Spelling.literal(part.traits().colour()) + ");");
        }
    }

    @Override
    public void triggers(Lines out, Part part) {
        String field = w.field(part);
        if (WindowWriting.isTriggered(part) && !part.each().isOnce()) {
            out.add(field + ".onRow(this::" + w.method(part) + ");");
        } else if (WindowWriting.isTriggered(part)) {
            out.add("on(" + field + ", this::" + w.method(part) + ");");
        }
        if (part instanceof Part.ListOfRows list) {
            if (!list.at(Part.RowMoment.ACTIVATED).doesNothing()) {
                out.add("onActivated(" + field + ", this::" + w.activated(list) + ");");
            }
            if (list.byHand()) {
                out.add("onDelete(" + field + ", () -> " + field + ".removeSelected(" + w.mayRemove(list) + "));");
            }
        }
    }

    @Override
    public void layOut(Lines out) {
        if (!w.face().menus().isEmpty()) {
            out.add("menus(" + w.face().menus().stream().map(this::menu).collect(Collectors.joining(", ")) + ");");
        }
        new LaidOut(w, this::nodes).into(out);
    }

    /** P7: where something asks for it, what is selected is kept from the beginning on. */
    private void keepsSelection(Lines out, Part.TextField field) {
        if (w.asksForSelection(field)) {
            out.add("selection(" + w.field(field) + ");");
        }
    }

    private String menu(Menu menu) {
        var items = new ArrayList<String>();
        for (Part.MenuCommand command : menu.commands()) {
            if (command.separated() && !items.isEmpty()) {
                items.add("new SeparatorMenuItem()");
            }
            items.add(w.field(command));
        }
        return "new Menu(" + w.text("menu", toolkit.marked(menu.text())) + ", null, " + String.join(", ", items) + ")";
    }

    private String nodes(List<Part> parts) {
        return parts.stream().map(this::node).collect(Collectors.joining(", "));
    }

    private String node(Part part) {
        String field = w.field(part);
        String label =
                switch (part) {
                    case Part.TextField f -> f.label();
                    case Part.ValueField f -> f.label();
                    case Part.Choice c -> c.label();
                    case Part.ListOfRows l -> l.label();
                    case Part.Progress p -> p.label();
                    case Part.Caption _,
                            Part.Link _,
                            Part.Picture _,
                            Part.TickBox _,
                            Part.Button _,
                            Part.MenuCommand _ -> "";
                };
        return label.isEmpty()
                ? field
                : "labelled(" + w.text(part.name().expression() + "Label", toolkit.marked(label)) + ", " + field + ")";
    }

    @Override
    public void live(Lines lines, Part part) {
        String field = w.field(part);
        if (!part.each().isOnce()) {
            w.follows(lines, part.traits().visible(), "visible(" + field + ", ");
            w.each(lines, part);
            return;
        }
        if (part instanceof Part.Choice c && c.follows().isPresent()) {
            lines.add(field + ".refresh();");
        }
        WindowWriting.live(part).ifPresent(text -> {
            boolean mnemonic =
                    part instanceof Part.Button || part instanceof Part.MenuCommand || part instanceof Part.TickBox;
            String value = w.text(part.name().expression(), mnemonic ? toolkit.marked(text) : text);
            lines.add(
                    part instanceof Part.Picture
                            ? "picture(" + field + ", " + value + ");"
                            : field + ".setText(" + value + ");");
        });
        w.follows(lines, part.traits().enabled(), "enabled(" + field + ", ");
        w.follows(lines, part.traits().visible(), "visible(" + field + ", ");
        w.follows(lines, part.traits().readOnly(), "readOnly(" + field + ", ");
        if (Braces.isLive(part.traits().font())) {
            lines.add("font(" + field + ", "
                    + w.text(part.name().expression() + "Font", part.traits().font()) + ");");
        }
        if (Braces.isLive(part.traits().colour())) {
            lines.add("colour(" + field + ", "
                    + w.text(part.name().expression() + "Colour", part.traits().colour()) + ");");
        }
    }
}
