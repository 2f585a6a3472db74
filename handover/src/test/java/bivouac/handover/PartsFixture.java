package bivouac.handover;

import static bivouac.machine.Play.*;

import bivouac.design.Design;
import bivouac.design.Each;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Menu;
import bivouac.design.Name;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.Setting;
import bivouac.design.Step;
import bivouac.design.Traits;
import bivouac.design.Type;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/** A window with a part of each kind, as it reads for a toolkit. */
final class PartsFixture {

    private PartsFixture() {}

    static Design design() {
        Part name = new Part.TextField(
                Name.of("guest name"),
                "&Guest",
                "nobody",
                OptionalInt.of(12),
                Part.Entry.ONE_LINE,
                Script.of(set("app.n", "size(me.guestName)")),
                Traits.USUAL);
        Part hidden = new Part.TextField(
                Name.of("word"), "", "", OptionalInt.empty(), Part.Entry.HIDDEN, Script.EMPTY, Traits.USUAL);
        Part notes = new Part.TextField(
                Name.of("notes"),
                "",
                "",
                OptionalInt.empty(),
                Part.Entry.SEVERAL_LINES,
                Script.EMPTY,
                Traits.USUAL.readOnly(Setting.YES));
        Part nights = Part.ValueField.of("nights", "Nights", Part.Holds.WHOLE);
        Part board = Part.Choice.of("board", "", "none", "full");
        Part paid = new Part.TickBox(Name.of("paid"), "&Paid", true, Script.EMPTY, Traits.USUAL);
        Part title = new Part.Caption(
                Name.of("title of it"), "{app.n} guests", Part.TextSize.LARGE, Traits.USUAL.colour("#2f5d50"));
        Part link = Part.Link.of("more", "More", "https://example.org/hut");
        Part list = Part.ListOfRows.of("guests", "Tonight", new Type.Column("name", Type.TEXT))
                .starting(List.of(List.of("Orla Fenn")))
                .removedByHand(true);
        Part go = button(
                "go",
                set("me.board", "'full'"),
                set("me.nights", "me.nights + 1"),
                set("me.paid", "me.board == 'none'"),
                set("me.go.enabled", "false"),
                set("me.guests.selectedNumber", "1"),
                new Step.Focus("me.guestName"),
                new Step.SetIn("title", new bivouac.design.Target.Me(), new Expression("'x'")));
        var quit = new Part.MenuCommand(
                Name.of("quit"),
                "&Quit",
                "Ctrl+Q",
                false,
                true,
                Each.ONCE,
                Optional.empty(),
                Script.of(end()),
                Traits.USUAL);
        var bold = new Part.MenuCommand(
                Name.of("bold"), "Bold", "", true, false, Each.ONCE, Optional.empty(), Script.EMPTY, Traits.USUAL);
        FacedWindow main = main("Desk", name, hidden, notes, nights, board, paid, title, link, list, go)
                .withMenus(List.of(new Menu("&File", List.of(bold, quit))));
        return withMain(main).variable("n", Type.WHOLE, "0").design();
    }

    static String source(Toolkit toolkit) {
        return Handover.write(design(), toolkit).stream()
                .filter(f -> f.purpose().equals(new WrittenFile.Purpose.OfWindow("Desk")))
                .findFirst()
                .orElseThrow()
                .text();
    }
}
