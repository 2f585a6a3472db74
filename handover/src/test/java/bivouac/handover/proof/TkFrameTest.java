package bivouac.handover.proof;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.format.DesignFile;
import bivouac.handover.HandedOver;
import bivouac.handover.Toolkit;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The parts of Tk one by one, as no trail reaches them: what a person's hand does to each, and what a script's. */
class TkFrameTest {

    @TempDir
    static Path folder;

    private static Display display;

    /** A window whose desk takes each event, and counts them. */
    private static final String BEGINS = """
            import tkinter as tk
            from dataclasses import dataclass
            from ferrybell.support import parts
            from ferrybell.support.face import Face
            from ferrybell.support.toolkit import Loop, begin
            from ferrybell.support.values import Fault

            class Desk:
                def __init__(self, root):
                    self.loop = Loop(root)
                    self.events = 0
                    self.running = False
                def event(self, window, script):
                    if not self.running:
                        self.events += 1
                        self.running = True
                        script()
                        self.running = False
                def blocked(self, window):
                    return False
                def asks(self, of, script, row):
                    return script(row)

            @dataclass(frozen=True)
            class Guest:
                name: str

            def faulting(what):
                try:
                    what()
                except Fault as fault:
                    return str(fault)

            root = begin("Test")
            desk = Desk(root)
            window = Face(desk, "Test")
            """;

    @BeforeAll
    static void write() throws Exception {
        var design = DesignFile.read(Path.of("../examples/ferry-bell.bivouac"));
        HandedOver.to(folder, design, Toolkit.TK, Optional.empty(), HandedOver.Allowed.NOTHING);
        display = Display.open().orElseThrow();
    }

    @AfterAll
    static void close() {
        display.close();
    }

    /** What the lines print. */
    private static List<String> said(String lines) throws Exception {
        Path script = Files.writeString(folder.resolve("try_it.py"), BEGINS + lines);
        var python = new ProcessBuilder("python3", script.toString())
                .directory(folder.toFile())
                .redirectErrorStream(true);
        python.environment().put("DISPLAY", display.name());
        python.environment().put("PYTHONPATH", folder.toString());
        Process process = python.start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        process.waitFor();
        return said.lines().toList();
    }

    @Test
    void a_field_holds_no_more_than_it_may_however_the_text_comes() throws Exception {
        assertThat(said("""
                        field = parts.TextField(window, "who", longest=4)
                        field.type("Orla Fenn")
                        print(field.text, desk.events)
                        field.text = "Tam Scarth"
                        print(field.text, desk.events)
                        field.type("ab")
                        root.clipboard_clear()
                        root.clipboard_append("cdef")
                        field.widget.icursor("end")
                        field.widget.event_generate("<<Paste>>")
                        print(field.text, desk.events)
                        """)).containsExactly("Orla 1", "Tam  1", "abcd 3");
    }

    @Test
    void what_stands_on_a_page_is_above_it_and_only_while_it_is_chosen() throws Exception {
        assertThat(said("""
                        outer = parts.Pages(window, "outer", ["one", "two"])
                        inner = parts.Pages(window, "inner", ["a", "b"])
                        who = parts.TextField(window, "who")
                        deep = parts.TextField(window, "deep")
                        window.add_row(deep, page=(inner, "b"))
                        window.add_row(who, page=(outer, "one"))
                        window.add_row(inner, page=(outer, "two"))
                        window.add_row(outer)
                        window.show()
                        root.update()

                        def is_on_top(part):
                            widget = part.widget
                            x = widget.winfo_rootx() + widget.winfo_width() // 2
                            y = widget.winfo_rooty() + widget.winfo_height() // 2
                            return bool(widget.winfo_viewable()) and root.winfo_containing(x, y) is widget

                        print(is_on_top(who), is_on_top(deep), outer.content(), desk.events)
                        outer.choose("two")
                        root.update()
                        print(is_on_top(who), is_on_top(deep), outer.content(), desk.events)
                        inner.choose("b")
                        root.update()
                        print(is_on_top(who), is_on_top(deep), deep.line(), desk.events)
                        outer.chosen = ""
                        root.update()
                        print(is_on_top(who), is_on_top(deep), deep.line(), desk.events)
                        """))
                .containsExactly("True False one 0", "False False two 1", "False True  2", "True False  [invisible] 2");
    }

    @Test
    void what_a_script_sets_in_a_disabled_or_read_only_field_is_there_and_no_event() throws Exception {
        assertThat(said("""
                        field = parts.TextField(window, "who")
                        field.enabled = False
                        field.text = "a"
                        field.read_only = True
                        field.text = "b"
                        print(field.text, field.enabled, field.read_only, desk.events)
                        try:
                            field.type("c")
                        except RuntimeError as no:
                            print(no)
                        """)).containsExactly("b False True 0", "nothing can be typed here");
    }

    @Test
    void fields_and_choices_say_what_is_no_value() throws Exception {
        assertThat(said("""
                        nights = parts.WholeField(window, "nights")
                        nights.type("two")
                        print(nights.given, faulting(lambda: nights.value))
                        nights.value = 3
                        print(nights.given, nights.value)
                        board = parts.Choice(window, "board", ["none", "full"])
                        print(board.any_chosen, faulting(lambda: board.chosen))
                        print(faulting(lambda: setattr(board, "chosen", "half")))
                        board.choose("full")
                        board.choose("full")
                        print(board.chosen, desk.events)
                        """))
                .containsExactly(
                        "False X3: “two” is no value",
                        "True 3",
                        "False X3: nothing is chosen",
                        "X3: “half” is no item",
                        "full 2");
    }

    @Test
    void rows_keep_what_is_selected_and_are_removed_where_that_is_agreed_to() throws Exception {
        assertThat(said("""
                        rows = [Guest("a"), Guest("b"), Guest("c"), Guest("d")]
                        guests = parts.RowList(window, "guests", ["name"], rows, several=True)
                        guests.select([2, 4])
                        print(guests.selected_numbers, desk.events, faulting(lambda: guests.selected))
                        guests.before_removing(lambda row: row.name == "b")
                        guests.remove_selected()
                        print([r.name for r in guests.rows], guests.selected_numbers)
                        guests.change(lambda row: Guest(row.name + "!"))
                        print(guests.content())
                        guests.selected_number = 0
                        print(guests.any_selected, faulting(guests.remove_selected))
                        print(faulting(lambda: setattr(guests, "selected_number", 9)))
                        root.update()
                        print(desk.events)
                        """))
                .containsExactly(
                        "[2, 4] 1 X3: more than one row is selected",
                        "['a', 'c', 'd'] [3]",
                        "a | c | d! selected [3]",
                        "False X3: no row is selected",
                        "X3: there is no row 9",
                        "1");
    }

    @Test
    void a_command_that_is_hidden_is_in_no_menu_and_a_disabled_one_does_nothing() throws Exception {
        assertThat(said("""
                        save = parts.MenuCommand(window, "save", "&Save", shortcut="Ctrl+S")
                        bold = parts.MenuCommand(window, "bold", "Bold", ticking=True)
                        window.add_menus(("&File", [save, None, bold]))
                        save.press()
                        bold.press()
                        print(bold.content(), desk.events)
                        save.enabled = False
                        save.press()
                        bold.visible = False
                        bold.press()
                        print(desk.events, bold.ticked, save.content())
                        """)).containsExactly("Bold [ticked] 2", "2 True Save");
    }

    @Test
    void access_keys_stand_where_they_are_marked() throws Exception {
        assertThat(said("""
                        from ferrybell.support.texts import access_key, plain
                        for marked in ("&Save", "S&tay", "Fish && &chips", "none", "ends &", "&&"):
                            print(plain(marked), access_key(marked))
                        """)).containsExactly("Save 0", "Stay 1", "Fish & chips 7", "none -1", "ends & -1", "& -1");
    }

    @Test
    void two_displays_are_two() throws Exception {
        Display other = Display.open().orElseThrow();
        assertThat(other.name()).startsWith(":").isNotEqualTo(display.name());
        other.close();
        assertThat(other.server().waitFor()).isGreaterThanOrEqualTo(0);
    }

    @Test
    void pictures_are_found_beside_the_program_wherever_it_is_started() throws Exception {
        Files.write(folder.resolve("ferrybell/bell.png"), Files.readAllBytes(Path.of("../examples/hut.png")));
        assertThat(said("""
                        picture = parts.Picture(window, "bell", "bell.png")
                        print(picture.file, picture._image is not None)
                        picture.file = "none.png"
                        print(picture.file, picture._image is not None)
                        window.icon(window.pictures / "bell.png")
                        print(window._icon.width() > 0)
                        window.icon(window.pictures / "none.png")
                        """)).containsExactly("bell.png True", "none.png False", "True");
    }
}
