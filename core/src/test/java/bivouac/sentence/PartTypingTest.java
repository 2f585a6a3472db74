package bivouac.sentence;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.Each;
import bivouac.design.Editing;
import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.design.Row;
import bivouac.design.Type;
import bivouac.design.Variable;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PartTypingTest {

    private Design design = Design.startingWith("Desk");

    private PartTypingTest add(String... lines) {
        for (String line : lines) {
            var result = PartTyping.add(design, "Desk", line);
            assertThat(result).as(line).isInstanceOf(PartTyping.Result.Added.class);
            design = ((PartTyping.Result.Added) result).design();
        }
        return this;
    }

    private FacedWindow desk() {
        return design.faced("Desk").orElseThrow();
    }

    private List<List<String>> rows() {
        return desk().rows().stream()
                .map(r -> r.parts().stream()
                        .map(p -> p.kind() + " " + p.name().expression())
                        .toList())
                .toList();
    }

    @Test
    void buttons_stand_beside_each_other_and_other_parts_above_them() {
        add(
                "caption Hello {app.today} as greeting",
                "button &Admit",
                "button Cancel",
                "text field Name as guest",
                "+ number field Nights",
                "tick box Member of the club");
        assertThat(rows())
                .containsExactly(
                        List.of("caption greeting"),
                        List.of("text field guest", "number field nightsNumber"),
                        List.of("tick box memberOfTheTick"),
                        List.of("button admitButton", "button cancelButton"));
    }

    @Test
    void a_shortcut_stands_before_the_name_or_behind_it() {
        add("command File / &Open… Ctrl+O as open register", "command File / &Save as save it Ctrl+S");
        assertThat(desk().menus().getFirst().commands())
                .extracting(c -> c.name().shown() + " " + c.text() + " " + c.shortcut())
                .containsExactly("open register &Open… Ctrl+O", "save it &Save Ctrl+S");
    }

    @Test
    void a_command_goes_to_its_menu_with_its_shortcut() {
        add("command File / &Save Ctrl+S", "command File / Quit", "command View / Bunk plan F6");
        assertThat(desk().menus()).extracting(m -> m.text()).containsExactly("File", "View");
        assertThat(desk().menus().getFirst().commands())
                .extracting(Part.MenuCommand::text)
                .containsExactly("&Save", "Quit");
        assertThat(desk().menus().getFirst().commands())
                .extracting(Part.MenuCommand::shortcut)
                .containsExactly("Ctrl+S", "");
    }

    @Test
    void names_never_collide_and_a_caption_without_words_gets_its_kinds() {
        add("button Go", "button Go", "caption {app.today}", "caption …");
        assertThat(desk().parts())
                .extracting(p -> p.name().expression())
                .containsExactlyInAnyOrder("goButton", "goButton2", "caption", "caption2");
    }

    @Test
    void a_choice_is_typed_with_its_items_and_a_link_with_where_it_leads() {
        add("choice Board of none, half, full", "link Weather to https://weather.example", "date field Arrives");
        assertThat(desk().part("boardChoice")).containsInstanceOf(bivouac.design.Part.Choice.class);
        assertThat(((bivouac.design.Part.Choice) desk().part("boardChoice").orElseThrow()).items())
                .containsExactly("none", "half", "full");
        assertThat(((bivouac.design.Part.Link) desk().part("weatherLink").orElseThrow()).address())
                .isEqualTo("https://weather.example");
        assertThat(desk().part("arrivesDate").orElseThrow().kind()).isEqualTo("date field");
        add("list Guests of guest: text, nights: whole");
        assertThat(((bivouac.design.Part.ListOfRows) desk().part("guestsList").orElseThrow()).columns())
                .hasSize(2);
    }

    @Test
    void a_command_can_do_one_of_the_platforms_own() {
        add(
                "command Edit / Mark all does select all Ctrl+A as all",
                "command Edit / does CUT",
                "command Edit / What it does now");
        var all = (Part.MenuCommand) desk().part("all").orElseThrow();
        assertThat(all.text()).isEqualTo("Mark all");
        assertThat(all.does()).contains(Editing.SELECT_ALL);
        var cut = (Part.MenuCommand) desk().part("cutCommand").orElseThrow();
        assertThat(cut.text() + " " + cut.shortcut()).isEqualTo("Cu&t Ctrl+X");
        assertThat(cut.trigger()).isEmpty();
        assertThat(((Part.MenuCommand) desk().parts().getLast()).does()).isEmpty();
        assertThat(PartTyping.offers(design, "Desk", "command Edit / Back does un"))
                .extracting(Completion.Offer::text)
                .containsExactly("does undo");
        assertThat(PartTyping.offers(design, "Desk", "button Back does un")).isEmpty();
    }

    @Test
    void of_a_button_or_command_there_can_be_one_for_each_row_or_open_window() {
        design = design.with(
                design.application().holding(List.of(Variable.of("recent", new Type.ListOf(Type.TEXT), "[]"))));
        add("command File / Open {row} for each row in app.recent ticked when row == app.recent[0] Ctrl+1 as again");
        var again = (Part.MenuCommand) desk().part("again").orElseThrow();
        assertThat(again.text()).isEqualTo("Open {row}");
        assertThat(again.shortcut()).isEqualTo("Ctrl+1");
        assertThat(again.each().words()).isEqualTo("for each row in app.recent ticked when row == app.recent[0]");
        add("button {row} for each row in app.recent");
        assertThat(desk().part("recentButton").orElseThrow().each()).isEqualTo(new Each.OfRows("app.recent"));
        add("command Window / for each open Desk");
        assertThat(desk().part("openDeskCommand").orElseThrow().each()).isEqualTo(new Each.OfWindows("Desk"));
        add("choice Guest for each row in app.recent");
        assertThat(((Part.Choice) desk().part("guestChoice").orElseThrow()).follows())
                .contains(new bivouac.design.Expression("app.recent"));
        assertThat(PartTyping.add(design, "Desk", "choice Guest for each open Desk"))
                .isEqualTo(new PartTyping.Result.Unfinished(
                        "A choice follows a list of texts: choice Guest for each row in app.guests."));
        add("button `Take one for each row in turn`");
        assertThat(desk().parts().getLast().each().isOnce()).isTrue();
        assertThat(PartTyping.add(design, "Desk", "command Window / for each open Dask"))
                .isEqualTo(
                        new PartTyping.Result.Unfinished("There is no window “Dask” to stand for; did you mean Desk?"));
        assertThat(PartTyping.add(design, "Desk", "button x for each row in "))
                .isEqualTo(new PartTyping.Result.Unfinished("Say which list: row in app.recent."));
        assertThat(PartTyping.add(design, "Desk", "button x for each day"))
                .isInstanceOf(PartTyping.Result.Unfinished.class);
    }

    @Test
    void what_it_can_be_for_each_of_is_offered_while_typing() {
        add("list Guests of guest: text");
        assertThat(PartTyping.offers(design, "Desk", "command File / {row} for"))
                .extracting(Completion.Offer::shown)
                .containsExactly("for each row in me.guestsList.rows", "for each open Desk");
        assertThat(PartTyping.offers(design, "Desk", "button {row} for each o"))
                .extracting(Completion.Offer::text)
                .containsExactly("for each open Desk");
        assertThat(PartTyping.offers(design, "Desk", "caption waiting for")).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"row in app.recent", "row in me.a.rows.slice(0, 3) ticked when row.b", "open Desk", ""})
    void one_for_each_is_read_back_as_it_was_written(String line) throws Declarations.Wrong {
        assertThat(EachLine.write(EachLine.read(design, line))).isEqualTo(line);
    }

    @Test
    void what_is_no_part_is_said() {
        assertThat(PartTyping.add(design, "Desk", "slider Volume"))
                .isEqualTo(new PartTyping.Result.Unfinished(
                        "A part begins with button, caption, text field, number field, whole-number field, date field, "
                                + "choice, radio buttons, pages, list, tick box, link, picture, progress, status line, "
                                + "command, tool."));
        assertThat(PartTyping.offers(design, "Desk", "t"))
                .extracting(Completion.Offer::shown)
                .containsExactly("text field", "tick box", "tool");
        assertThat(PartTyping.offers(design, "Desk", "+ b"))
                .extracting(Completion.Offer::text)
                .containsExactly("+ button ");
    }

    @Test
    void a_part_stands_on_a_page_above_its_buttons_and_the_status_line_stays_at_the_foot() {
        add(
                "status line {app.today}",
                "pages Detail of Guests, Notes",
                "button Close",
                "text field Name as who on page guests",
                "button Add on page Guests",
                "number field Nights on page Guests",
                "button Remove on page Guests",
                "caption Nothing yet on page Notes",
                "status line second",
                "caption On page one");
        assertThat(desk().rows().stream()
                        .map(r -> r.page().map(Row.Page::item).orElse("-") + " "
                                + r.parts().stream().map(Part::displayName).toList()))
                .containsExactly(
                        "- [Detail]",
                        "Guests [Name]",
                        "Guests [Nights]",
                        "Guests [Add, Remove]",
                        "Notes [nothing yet caption]",
                        "- [on page one caption]",
                        "- [Close]",
                        "- [status line, second caption]");
        assertThat(desk().statusLine()).hasSize(2);
        assertThat(PartTyping.offers(design, "Desk", "text field A on p"))
                .extracting(Completion.Offer::shown)
                .containsExactly("on page Guests", "on page Notes");
    }

    @Test
    void radio_buttons_and_tools_are_typed_as_what_they_are() {
        add("radio buttons Board of none, half", "tool File / &Save Ctrl+S", "command File / Quit");
        assertThat(((Part.Choice) desk().part("boardChoice").orElseThrow()).drawn())
                .isEqualTo(Part.ChoiceLook.RADIO_BUTTONS);
        assertThat(desk().tools()).extracting(Part.MenuCommand::text).containsExactly("&Save");
    }

    @Test
    void pages_of_one_name_are_told_apart() {
        add(
                "pages First of Guests, Notes as first",
                "pages Second of Guests as second",
                "caption A on page Guests of second");
        assertThat(desk().rows().getLast().page()).contains(new Row.Page("second", "Guests"));
        assertThat(OnPage.all(desk())).containsExactly("Guests of first", "Notes", "Guests of second");
    }
}
