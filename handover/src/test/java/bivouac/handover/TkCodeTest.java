package bivouac.handover;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.Name;
import bivouac.design.Part;
import bivouac.design.Picker;
import bivouac.design.Type;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** A program for Tk as it reads: windows with their parts, what only asks, the application and the project around them. */
class TkCodeTest {

    private static String source() {
        return PartsFixture.source(Toolkit.TK);
    }

    private static String file(Design design, String path) {
        return Handover.write(design, Toolkit.TK).stream()
                .filter(f -> f.path().endsWith(path))
                .findFirst()
                .orElseThrow()
                .text();
    }

    @Test
    void each_kind_of_part_is_a_class_with_what_it_starts_with() {
        assertThat(source())
                .contains("self.guest_name = TextField(")
                .contains("longest=12")
                .contains("self.guest_name.text = text(\"desk.guestName\")")
                .contains("self.word = TextField(self, \"word\", hidden=True)")
                .contains("self.notes = TextArea(self, \"notes\")")
                .contains("self.notes.read_only = True")
                .contains("self.nights = WholeField(self, \"nights\", label=text(\"desk.nightsLabel\"))")
                .contains("self.board = Choice(self, \"board\", [\"none\", \"full\"])")
                .contains("self.paid = TickBox(self, \"paid\", text(\"desk.paid\"), ticked=True)")
                .contains("self.title_of_it = Caption(self, \"titleOfIt\", size=\"large\")")
                .contains("self.title_of_it.colour = \"#2f5d50\"")
                .contains("self.bold = MenuCommand(self, \"bold\", text(\"desk.bold\"), ticking=True)")
                .contains("self.quit = MenuCommand(self, \"quit\", text(\"desk.quit\"), shortcut=\"Ctrl+Q\")")
                .contains("[rows.GuestsRow(\"Orla Fenn\")]")
                .contains("self.guests.by_hand()")
                .contains("self.add_menus((text(\"desk.menu\"), [self.bold, None, self.quit]))")
                .contains("self.add_row(self.guest_name)");
    }

    @Test
    void live_texts_are_brought_up_to_date_and_scripts_ask_and_set() {
        assertThat(source())
                .contains("self.title_of_it.text = text(\"desk.titleOfIt\", self.app.n)")
                .contains("self.app.n = len(self.guest_name.text)")
                .contains("self.board.chosen = \"full\"")
                .contains("self.nights.value = values.exact(self.nights.value + 1)")
                .contains("self.paid.ticked = self.board.chosen == \"none\"")
                .contains("self.go.enabled = False")
                .contains("self.guests.selected_number = 1")
                .contains("self.guest_name.focus()")
                .contains("self.app.follow(text(\"desk.moreAddress\"))");
    }

    @Test
    void an_owner_of_several_kinds_is_asked_by_its_kind_only_where_that_matters() {
        FacedWindow card = owned(child("Card", button("look", note("{owner.what}"), note("{owner.title}"))));
        Design design = withMain(
                        main("Desk", Part.Caption.of("what", "seen"), button("go", alongside("Card"))),
                        dialog("Form", Part.TextField.of("what", "What"), button("go", alongside("Card"))),
                        card)
                .design();
        assertThat(file(design, "windows/card.py"))
                .contains("self.desk.note(self.needed_owner().what.text)")
                .contains("self.desk.note(self.needed_owner().title)");
        Design typed = withMain(
                        main("Desk", Part.ValueField.of("what", "", Part.Holds.WHOLE), button("go", alongside("Card"))),
                        dialog("Form", button("go", alongside("Card")))
                                .holding(List.of(bivouac.design.Variable.of("what", Type.WHOLE, "0"))),
                        card)
                .design();
        assertThat(file(typed, "windows/card.py")).contains("self.needed_owner().what");
    }

    @Test
    void what_only_asks_says_how_it_is_asked() {
        Design design = withMain(
                        main(
                                "Desk",
                                button("a", waits("Sure", when("no", note("n")))),
                                button("b", waits("Keep")),
                                button("c", waits("Day"))),
                        escaping(box("Sure", "Yes", "No"), "no"),
                        FileDialog.of(Name.of("Keep"), FileDialog.Asks.SAVE),
                        new Picker(Name.of("Day"), Picker.Of.DATE, "Which day?", List.of(), Optional.empty()))
                .design();
        assertThat(file(design, "windows/sure.py"))
                .contains("class Sure(Answer):")
                .contains("YES = \"yes\"")
                .contains("{cls.YES: text(\"sure.button\"), cls.NO: text(\"sure.button2\")}")
                .contains("escape=cls.NO")
                .doesNotContain("default=");
        assertThat(file(design, "windows/keep.py")).contains("Asks.SAVE").contains("FileDialog(");
        assertThat(file(design, "windows/day.py"))
                .contains("DatePicker(app.desk, \"Day\", text(\"day.title\"), app.today)");
        assertThat(file(design, "windows/__init__.py"))
                .contains("from .sure import Sure")
                .contains("__all__ = [\"DeskWindow\", \"Sure\", \"Keep\", \"Day\"]");
        assertThat(file(design, "texts.json")).contains("\"day.title\" : \"Which day?\"");
    }

    @Test
    void the_project_starts_is_tested_and_packed_without_any_package_of_others() {
        Design design = PartsFixture.design();
        assertThat(file(design, "pyproject.toml"))
                .contains("requires-python = \">=3.10\"")
                .doesNotContain("dependencies")
                .doesNotContain("@");
        assertThat(file(design, "__main__.py"))
                .contains("app.browser = browse")
                .contains("tell_of_session_end(root, app.desk.session_ends)")
                .doesNotContain("@");
        assertThat(file(design, "README.md")).contains("A program for Tk").doesNotContain("@");
        assertThat(file(design, "tests/program.py")).contains("class Program:").contains("class Samples:");
    }
}
