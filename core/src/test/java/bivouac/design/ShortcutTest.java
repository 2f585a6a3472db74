package bivouac.design;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.machine.Play;
import bivouac.sentence.PartTyping;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ShortcutTest {

    @ParameterizedTest
    @CsvSource({
        "Del, Delete",
        "ins, Insert",
        "ctrl+s, Ctrl+S",
        "Ctrl+shift+s, Ctrl+Shift+S",
        "f5, F5",
        "Alt+Del, Alt+Delete"
    })
    void keys_are_read_as_they_stand_on_keyboards(String typed, String shortcut) {
        assertThat(Shortcut.typed(typed)).contains(shortcut);
        assertThat(Shortcut.isOne(shortcut)).isTrue();
    }

    @ParameterizedTest
    @CsvSource({"Delete", "hive", "S", "C++", "Insert"})
    void what_may_be_the_last_word_of_a_command_is_no_shortcut(String typed) {
        assertThat(Shortcut.typed(typed)).isEmpty();
    }

    @Test
    void what_is_meant_as_a_shortcut_and_is_none_stays_one_to_be_found() {
        assertThat(Shortcut.typed("Ctrl+Umlaut")).contains("Ctrl+Umlaut");
        assertThat(Shortcut.isOne("Ctrl+Umlaut")).isFalse();
    }

    private static Part.MenuCommand command(String line) {
        Design design = Play.withMain(Play.main("Desk")).design();
        var added = (PartTyping.Result.Added) PartTyping.add(design, "Desk", line);
        return (Part.MenuCommand)
                added.design().faced("Desk").orElseThrow().part(added.part()).orElseThrow();
    }

    @Test
    void a_command_has_its_text_its_menu_its_keys_and_its_name() {
        assertThat(command("command Hive / Delete hive Del").text()).isEqualTo("Delete hive");
        assertThat(command("command Hive / Delete hive Del").shortcut()).isEqualTo("Delete");
        assertThat(command("command File / Save as Ctrl+Shift+S").text()).isEqualTo("Save as");
        assertThat(command("command File / Keep as keeping Ctrl+K").name().shown())
                .isEqualTo("keeping");
        assertThat(command("command File / Confirm Delete").shortcut()).isEmpty();
    }

    @Test
    void what_a_part_shows_may_hold_our_words_in_quotes_and_wrong_columns_are_said() {
        Design design = Play.withMain(Play.main("Desk")).design();
        var choice = (PartTyping.Result.Added) PartTyping.add(design, "Desk", "choice `Kind of board` of none, half");
        var part = (Part.Choice)
                choice.design().faced("Desk").orElseThrow().part(choice.part()).orElseThrow();
        assertThat(part.label()).isEqualTo("Kind of board");
        assertThat(part.items()).containsExactly("none", "half");
        assertThat(PartTyping.add(design, "Desk", "list Guests of guest: txt"))
                .isInstanceOf(PartTyping.Result.Unfinished.class);
        assertThat(choice.did()).isEqualTo("choice “Kind of board” added to Desk, as me." + choice.part());
    }

    @Test
    void a_word_in_capitals_is_called_in_small_letters() {
        Design design = Play.withMain(Play.main("Desk")).design();
        assertThat(((PartTyping.Result.Added) PartTyping.add(design, "Desk", "button OK")).part())
                .startsWith("ok");
        assertThat(((PartTyping.Result.Added) PartTyping.add(design, "Desk", "button Keep as")).part())
                .startsWith("keepAs");
    }
}
