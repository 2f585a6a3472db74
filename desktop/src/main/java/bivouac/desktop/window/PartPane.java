package bivouac.desktop.window;

import bivouac.design.Design;
import bivouac.design.Each;
import bivouac.design.Editing;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Name;
import bivouac.design.Names;
import bivouac.design.Part;
import bivouac.design.Renames;
import bivouac.design.Row;
import bivouac.design.RowTypes;
import bivouac.design.ScriptPlace;
import bivouac.desktop.widget.TextLine;
import bivouac.desktop.work.Chosen;
import bivouac.desktop.work.Work;
import bivouac.sentence.Declarations;
import bivouac.sentence.EachLine;
import bivouac.sentence.EditingLine;
import bivouac.sentence.OnPage;
import bivouac.sentence.Words;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import javafx.scene.Node;

/** A part's own settings as sentences, each with a place to fill. */
final class PartPane extends PartLines {

    private final Work work;
    private final String window;
    private final Part part;

    PartPane(Work work, FacedWindow face, Part part) {
        this.work = work;
        this.window = face.name().shown();
        this.part = part;
        getChildren().add(line("Its name is", rename(face)));
        if (!(part instanceof Part.MenuCommand)) {
            getChildren().add(line("Its row stands in", group(face)));
            if (!face.pages().isEmpty()) {
                getChildren().add(line("It stands on page", page(face)));
            }
        }
        switch (part) {
            case Part.Caption c -> caption(c);
            case Part.Picture p ->
                text("Its file is", "file", p.file(), t -> new Part.Picture(p.name(), t, p.traits()));
            case Part.Progress p -> progress(p);
            case Part.Link l -> link(l);
            case Part.Button b -> button(b);
            case Part.TickBox b -> tickBox(b);
            case Part.TextField f -> textField(f);
            case Part.ValueField f -> valueField(f);
            case Part.Choice c -> choice(c);
            case Part.ListOfRows l -> list(l);
            case Part.MenuCommand m -> command(m);
        }
        traits(part);
    }

    private void caption(Part.Caption c) {
        text("It shows", "text", c.text(), t -> new Part.Caption(c.name(), t, c.size(), c.traits()));
        oneOf(
                "Its size is",
                "size",
                Part.TextSize.values(),
                Part.TextSize::word,
                c.size(),
                s -> new Part.Caption(c.name(), c.text(), s, c.traits()));
    }

    private void progress(Part.Progress p) {
        text("Before it stands", "label", p.label(), t -> new Part.Progress(p.name(), t, p.task(), p.traits()));
        List<String> tasks = work.now().design().application().tasks().stream()
                .map(t -> t.name().shown())
                .toList();
        String[] all =
                Stream.concat(tasks.stream(), Stream.of(p.task())).distinct().toArray(String[]::new);
        oneOf("It shows the work of", "task", all, t -> t, p.task(), p::showing);
    }

    private void link(Part.Link l) {
        text("On it stands", "text", l.text(), t -> new Part.Link(l.name(), t, l.address(), l.followed(), l.traits()));
        text(
                "It leads to",
                "address",
                l.address(),
                t -> new Part.Link(l.name(), l.text(), t, l.followed(), l.traits()));
    }

    private void button(Part.Button b) {
        text(
                "On it stands",
                "text",
                b.text(),
                t -> new Part.Button(b.name(), t, b.isDefault(), b.each(), b.pressed(), b.traits()));
        each(b.each(), b::forEach);
        tick(
                "Enter presses it",
                "default",
                b.isDefault(),
                new Part.Button(b.name(), b.text(), !b.isDefault(), b.each(), b.pressed(), b.traits()));
    }

    /** P6; where there is a script, a tick, or one for each, that is taken away first. */
    private void does(Part.MenuCommand m) {
        if (!m.canEdit()) {
            return;
        }
        var line = new TextLine(
                "part-does", "Does to a field", m.does().map(Editing::words).orElse(""), t -> {
                    try {
                        take(m.doing(EditingLine.read(t)), "what it does to a field");
                        return "";
                    } catch (Declarations.Wrong e) {
                        work.say(e.getMessage());
                        return e.getMessage();
                    }
                });
        line.setPromptText("its script; or: " + String.join(", ", Editing.allWords()));
        getChildren().add(line("To the field it does", line));
    }

    /** P5: of what there is one for each; empty where it stands there once. */
    private void each(Each each, Function<Each, Part> with) {
        var line = new TextLine("part-each", "One for each", EachLine.write(each), t -> {
            try {
                take(with.apply(EachLine.read(work.now().design(), t)), "what there is one for each of");
                return "";
            } catch (Declarations.Wrong e) {
                work.say(e.getMessage());
                return e.getMessage();
            }
        });
        line.setPromptText("once; or: row in app.recent, open Plan");
        getChildren().add(line("There is one for each", line));
    }

    private void tickBox(Part.TickBox b) {
        text(
                "Beside it stands",
                "text",
                b.text(),
                t -> new Part.TickBox(b.name(), t, b.ticked(), b.changed(), b.traits()));
        tick(
                "It starts ticked",
                "ticked",
                b.ticked(),
                new Part.TickBox(b.name(), b.text(), !b.ticked(), b.changed(), b.traits()));
    }

    private void textField(Part.TextField f) {
        text("Before it stands", "label", f.label(), t -> textField(f, t, f.starts(), f.longest(), f.entry()));
        text("It starts with", "starts", f.starts(), t -> textField(f, f.label(), t, f.longest(), f.entry()));
        oneOf(
                "It is typed in",
                "entry",
                Part.Entry.values(),
                Part.Entry::words,
                f.entry(),
                e -> textField(f, f.label(), f.starts(), f.longest(), e));
        longest(f);
    }

    private static Part textField(
            Part.TextField f, String label, String starts, OptionalInt longest, Part.Entry entry) {
        return new Part.TextField(f.name(), label, starts, longest, entry, f.changed(), f.traits());
    }

    private void valueField(Part.ValueField f) {
        text(
                "Before it stands",
                "label",
                f.label(),
                t -> new Part.ValueField(f.name(), t, f.holds(), f.starts(), f.changed(), f.traits()));
        text(
                "It starts with",
                "starts",
                f.starts(),
                t -> new Part.ValueField(f.name(), f.label(), f.holds(), t, f.changed(), f.traits()));
        oneOf(
                "It is a",
                "holds",
                Part.Holds.values(),
                Part.Holds::kind,
                f.holds(),
                h -> new Part.ValueField(f.name(), f.label(), h, f.starts(), f.changed(), f.traits()));
    }

    private void choice(Part.Choice c) {
        text("Before it stands", "label", c.label(), c::labelled);
        oneOf("It is drawn as", "drawn", Part.ChoiceLook.values(), Part.ChoiceLook::words, c.drawn(), c::drawn);
        follows(c);
        getChildren()
                .add(line("One can choose", new TextLine("part-items", "Items", String.join(", ", c.items()), t -> {
                    List<String> items = new Words(t).list();
                    if (!items.equals(c.items())) {
                        take(c, "items", changed -> Renames.items(changed, window, c, items));
                    }
                    return "";
                })));
        text("At first chosen", "starts", c.starts(), t -> c.startingWith(t.strip()));
    }

    /** P5: the list that it follows; empty where it has items of its own. */
    private void follows(Part.Choice c) {
        String now = EachLine.write(
                c.follows().<Each>map(e -> new Each.OfRows(e.source())).orElse(Each.ONCE));
        var line = new TextLine("part-each", "One for each", now, t -> {
            try {
                Optional<Expression> list = EachLine.readList(work.now().design(), t);
                take(
                        new Part.Choice(
                                c.name(),
                                c.label(),
                                list.isPresent() ? List.of() : c.items(),
                                list,
                                c.starts(),
                                c.drawn(),
                                c.changed(),
                                c.traits()),
                        "what can be chosen");
                return "";
            } catch (Declarations.Wrong e) {
                work.say(e.getMessage());
                return e.getMessage();
            }
        });
        line.setPromptText("those below; or: row in app.guests");
        getChildren().add(line("There is one for each", line));
    }

    private void list(Part.ListOfRows l) {
        text("Before it stands", "label", l.label(), l::labelled);
        getChildren()
                .add(line(
                        "Its columns are",
                        new TextLine("part-columns", "Columns", Declarations.columns(l.columns()), t -> {
                            try {
                                columned(l, l.with(Declarations.readColumns(t)));
                                return "";
                            } catch (Declarations.Wrong e) {
                                work.say(e.getMessage());
                                return e.getMessage();
                            }
                        })));
        text("Its first rows are", "rows", Declarations.rows(l.first()), t -> l.starting(Declarations.readRows(t)));
        tick("Several rows can be selected", "several", l.several(), l.ofSeveral(!l.several()));
        tick("The Delete key removes rows", "by-hand", l.byHand(), l.removedByHand(!l.byHand()));
    }

    private void command(Part.MenuCommand m) {
        text("In the menu stands", "text", m.text(), m::withText);
        text("Its shortcut is", "shortcut", m.shortcut(), m::withShortcut);
        does(m);
        if (m.does().isEmpty()) {
            each(m.each(), m::forEach);
            tick("It carries a tick", "ticking", m.ticking(), m.ticking(!m.ticking()));
        }
        tick("A line stands above it", "separated", m.separated(), m.separated(!m.separated()));
        if (m.each().isOnce()) {
            tick("It stands in the row of tools, too", "tool", m.tool(), m.tool(!m.tool()));
        }
    }

    /** The page that its row stands on, as it is typed; empty for the window itself (P8). */
    private Node page(FacedWindow face) {
        String now =
                rowIn(face).flatMap(Row::page).map(p -> OnPage.write(face, p)).orElse("");
        var line = new TextLine("part-page", "Page", now, t -> {
            Optional<Row.Page> page = OnPage.read(face, t);
            if (page.isEmpty() && !t.isBlank()) {
                String why =
                        "“" + t + "” is no page of " + window + "; it has " + String.join(", ", OnPage.all(face)) + ".";
                work.say(why);
                return why;
            }
            changeRow(r -> r.on(page), "page");
            return "";
        });
        line.setPromptText("none; or: " + String.join(", ", OnPage.all(face)));
        return line;
    }

    /** The title of the frame around its row, and around the rows beside it that say the same. */
    private Node group(FacedWindow face) {
        String now = rowIn(face).map(Row::group).orElse("");
        var line = new TextLine("part-group", "Group", now, t -> {
            changeRow(r -> r.in(t.strip()), "group");
            return "";
        });
        line.setPromptText("no group");
        return line;
    }

    private Optional<Row> rowIn(FacedWindow face) {
        return face.rowOf(part.name().expression());
    }

    /** In the window as it is now: what was changed otherwise since the line was drawn stays as it is. */
    private void changeRow(UnaryOperator<Row> change, String what) {
        work.change(
                work.now()
                        .design()
                        .changingFace(window, f -> f.changingRowOf(part.name().expression(), change)),
                what + " of " + part.displayName() + " changed");
    }

    private Node rename(FacedWindow face) {
        return new TextLine("part-name", "Name", part.name().shown(), text -> {
                    Name name = Name.of(text);
                    boolean taken = face.memberNames().stream()
                            .anyMatch(n ->
                                    !n.equals(part.name()) && n.expression().equals(name.expression()));
                    if (taken || !Names.isUsable(name.expression())) {
                        String why = "“" + text + "” is taken on " + window + ", or no name that expressions can use.";
                        work.say(why);
                        return why;
                    }
                    Design changed = Renames.part(
                            work.now().design(), window, part.name().expression(), name);
                    work.change(
                            changed,
                            part.name() + " is now " + name,
                            Chosen.script(new ScriptPlace.AtPart(window, name.expression())));
                    return "";
                })
                .trimmed();
    }

    private void longest(Part.TextField f) {
        String value = f.longest().isPresent() ? Integer.toString(f.longest().getAsInt()) : "";
        getChildren().add(line("It holds at most", new TextLine("part-longest", "Longest length", value, t -> {
            boolean none = t.isBlank();
            if (!none && !t.strip().matches("[1-9][0-9]{0,5}")) {
                work.say("The longest length is a whole number of characters, or empty for any.");
                return "no number";
            }
            OptionalInt longest = none ? OptionalInt.empty() : OptionalInt.of(Integer.parseInt(t.strip()));
            take(textField(f, f.label(), f.starts(), longest, f.entry()), "longest length");
            return "";
        })));
    }

    /** What takes, gives or keeps the rows of a list goes along when they become others. */
    private void columned(Part.ListOfRows list, Part.ListOfRows other) {
        take(other, "columns", changed -> RowTypes.carried(changed, list.row(), other.row()));
    }

    /** A line writes to the part that it shows, and to no other that came to its place meanwhile. */
    @Override
    void take(Part other, String what) {
        take(other, what, UnaryOperator.identity());
    }

    private void take(Part other, String what, UnaryOperator<Design> also) {
        boolean same = work.now()
                .design()
                .faced(window)
                .flatMap(f -> f.part(part.name().expression()))
                .equals(Optional.of(part));
        if (!same) {
            work.say("The " + what + " of " + part.displayName()
                    + " is not changed: it was changed elsewhere meanwhile.");
            return;
        }
        UnaryOperator<FacedWindow> edit = f -> f.changingPart(part.name().expression(), other);
        Design changed = work.now().design().changingFace(window, edit);
        work.change(also.apply(changed), what + " of " + part.displayName() + " changed");
    }
}
