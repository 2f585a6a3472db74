package bivouac.handover.proof;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.format.DesignFile;
import bivouac.handover.HandedOver;
import bivouac.handover.Toolkit;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The parts of a window of Windows Forms, one by one, on a display that nobody looks at. */
class FormsFrameTest {

    @TempDir
    static Path folder;

    private static Display display;

    /** What Mono says now and then on a display without a keyboard of a language. */
    private static final String NOW_AND_THEN = "Could not set X locale modifiers";

    /** A window whose events are counted; what a test does with it stands where the mark is. */
    private static final String AROUND = """
            using System;
            using System.Collections.Generic;
            using System.Linq;
            using Frame;
            using Rules;
            using WinForms = System.Windows.Forms;

            namespace Try
            {
                internal sealed class Guest : Row
                {
                    public Guest(string name) { Name = name; }
                    public string Name { get; }
                    public override object[] Cells { get { return new object[] { Name }; } }
                }

                internal sealed class Plain : IDesign
                {
                    public string[] Windows { get { return new[] { "Test" }; } }
                    public string[] AskedFirst { get { return new string[0]; } }
                    public string DepartsWith { get { return ""; } }
                    public bool DepartsWithLast { get { return false; } }
                    public void Plan() { }
                    public bool SaveKept() { return false; }
                    public string[] ShowsProgress { get { return new string[0]; } }
                    public string[] MayBeCancelled { get { return new string[0]; } }
                    public bool SaysWhenWorkBreaks { get { return false; } }
                    public void WhenWorkBreaks(DeskWindow me, string task, string reason) { }
                }

                internal sealed class Sheet : Face
                {
                    public Sheet(Desk desk) : base(desk, "Test", null) { }
                    protected internal override Ending EndingFor(Way way) { return null; }
                    public void Lay(params Part[] parts) { Row(parts); }
                    public void Bar(string text, params MenuCommand[] commands) { Menu(text, commands); }
                    public void Framed(string text, params Part[] parts) { Group(text, parts); }
                }

                internal static class Program
                {
                    private static readonly FormsLoop loop = new FormsLoop();
                    private static readonly Desk desk = new Desk(loop, null, new Plain(), code => { });
                    private static readonly Sheet window = new Sheet(desk);
                    private static int events;

                    private static string Faulting(Action what)
                    {
                        try { what(); }
                        catch (Fault fault) { return fault.Message; }
                        return "no fault";
                    }

                    private static void Say(params object[] what)
                    {
                        Console.WriteLine(string.Join(" ", what.Select(Values.Shown)));
                    }

                    private static T Counted<T>(T part) where T : Part
                    {
                        part.On(() => events++);
                        return part;
                    }

                    private static void Open()
                    {
                        desk.Start(() => desk.Open(null, null, window));
                        WinForms.Application.DoEvents();
                    }

                    [STAThread]
                    private static void Main()
                    {
            @LINES@
                    }
                }
            }
            """;

    @BeforeAll
    static void write() throws Exception {
        var design = DesignFile.read(Path.of("../examples/ferry-bell.bivouac"));
        HandedOver.to(folder, design, Toolkit.FORMS, Optional.empty(), HandedOver.Allowed.NOTHING);
        display = Display.open().orElseThrow();
    }

    @AfterAll
    static void close() {
        display.close();
    }

    private static List<String> ran(List<String> command) throws Exception {
        var builder = new ProcessBuilder(command).directory(folder.toFile()).redirectErrorStream(true);
        builder.environment().put("DISPLAY", display.name());
        Process process = builder.start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        process.waitFor();
        return said.lines().filter(l -> !l.isBlank() && !l.equals(NOW_AND_THEN)).toList();
    }

    /** What the lines print. */
    private static List<String> said(String lines) throws Exception {
        Files.writeString(folder.resolve("Try.cs"), AROUND.replace("@LINES@", lines));
        var sources = new ArrayList<String>(List.of("Try.cs"));
        for (String of : List.of("src/rules", "src/frame")) {
            Proof.within(folder.resolve(of), ".cs")
                    .forEach(f -> sources.add(folder.relativize(f).toString()));
        }
        Path made = folder.resolve("Try.exe");
        assertThat(ran(MonoCompiler.command("Try.Program", made, sources))).isEmpty();
        return ran(List.of("mono", made.toString()));
    }

    @Test
    void a_field_holds_no_more_than_it_may_however_the_text_comes() throws Exception {
        assertThat(said("""
                        var field = Counted(new TextField(window, "who"));
                        field.Longest(4);
                        window.Lay(field);
                        Open();
                        field.Type("Orla Fenn");
                        Say(field.Text, events);
                        field.Text = "Tam Scarth";
                        Say(field.Text, events);
                        field.Type("\\ud83c\\udfd4abcdef");
                        Say(field.Text, Values.Size(field.Text), events);
                        """)).containsExactly("Orla 1", "Tam  1", "🏔abc 4 2");
    }

    @Test
    void a_text_of_several_lines_has_the_line_ends_of_the_design() throws Exception {
        assertThat(said("""
                        var area = Counted(new TextArea(window, "notes"));
                        window.Lay(area);
                        Open();
                        area.Type("a\\nb");
                        Say(area.Text == "a\\nb", events);
                        area.Text = "c\\nd";
                        Say(area.Text == "c\\nd", area.Shown.Length, events);
                        """)).containsExactly("yes 1", "yes 3 1");
    }

    @Test
    void what_a_script_sets_in_a_disabled_or_read_only_field_is_there_and_no_event() throws Exception {
        assertThat(said("""
                        var field = Counted(new TextField(window, "who"));
                        field.Enabled = false;
                        field.Text = "a";
                        field.ReadOnly = true;
                        field.Text = "b";
                        Say(field.Text, field.Enabled, field.ReadOnly, events);
                        try { field.Type("c"); }
                        catch (InvalidOperationException no) { Say(no.Message); }
                        """)).containsExactly("b no yes 0", "nothing can be typed here");
    }

    @Test
    void fields_and_choices_say_what_is_no_value() throws Exception {
        assertThat(said("""
                        var nights = Counted(TypedField.OfWhole(window, "nights"));
                        var board = Counted(new Choice(window, "board", "", "none", "full"));
                        window.Lay(nights, board);
                        Open();
                        nights.Type("two");
                        Say(nights.Given, Faulting(() => Say(nights.Value)));
                        nights.Value = 3;
                        Say(nights.Given, nights.Value, events);
                        Say(board.AnyChosen, Faulting(() => Say(board.Chosen)));
                        Say(Faulting(() => board.Chosen = "half"));
                        board.Choose("full");
                        board.Choose("full");
                        Say(board.Chosen, events);
                        board.Chosen = "";
                        Say(board.AnyChosen, events);
                        """))
                .containsExactly(
                        "no X3: “two” is no value",
                        "yes 3 1",
                        "no X3: nothing is chosen",
                        "X3: “half” is no item",
                        "full 2",
                        "no 2");
    }

    @Test
    void rows_keep_what_is_selected_and_are_removed_where_that_is_agreed_to() throws Exception {
        assertThat(said("""
                        var guests = Counted(new RowTable<Guest>(window, "guests", new[] { "name" }, true,
                            new Guest("a"), new Guest("b"), new Guest("c"), new Guest("d")));
                        window.Lay(guests);
                        Open();
                        guests.Select(new[] { 2, 4 });
                        WinForms.Application.DoEvents();
                        Say(guests.Shown, events, Faulting(() => Say(guests.Selected)));
                        guests.RemoveSelected(row => row.Name == "b");
                        Say(guests.Shown);
                        guests.Change(row => new Guest(row.Name + "!"));
                        Say(guests.Shown);
                        guests.SelectedNumber = 0;
                        Say(guests.AnySelected, Faulting(() => guests.RemoveSelected(row => true)));
                        Say(Faulting(() => guests.SelectedNumber = 9));
                        WinForms.Application.DoEvents();
                        Say(events);
                        """))
                .containsExactly(
                        "a | b | c | d selected [2, 4] 1 X3: more than one row is selected",
                        "a | c | d selected [3]",
                        "a | c | d! selected [3]",
                        "no X3: no row is selected",
                        "X3: there is no row 9",
                        "1");
    }

    @Test
    void a_double_click_activates_the_one_row_and_the_delete_key_removes_only_where_it_may() throws Exception {
        assertThat(said("""
                        var guests = new RowTable<Guest>(window, "guests", new[] { "name" }, false, new Guest("a"), new Guest("b"));
                        guests.OnActivated(() => Say("activated", guests.Selected.Name));
                        guests.OnDelete(() => guests.RemoveSelected(row => true));
                        window.Lay(guests);
                        Open();
                        guests.DoubleClick();
                        guests.Select(new[] { 2 });
                        WinForms.Application.DoEvents();
                        guests.DoubleClick();
                        guests.ReadOnly = true;
                        guests.DeleteKey();
                        Say(guests.Shown);
                        guests.ReadOnly = false;
                        guests.DeleteKey();
                        Say(guests.Shown);
                        """)).containsExactly("activated b", "a | b selected [2]", "a selected []");
    }

    @Test
    void a_command_that_is_disabled_does_nothing_and_one_that_ticks_turns_over() throws Exception {
        assertThat(said("""
                        var save = Counted(new MenuCommand(window, "save"));
                        save.Text = "&Save";
                        save.Shortcut("Ctrl+S");
                        var bold = Counted(new MenuCommand(window, "bold", ticking: true));
                        bold.Text = "Bold";
                        window.Bar("&File", save, null, bold);
                        Open();
                        save.Press();
                        bold.Press();
                        Say(bold.Shown, events);
                        save.Enabled = false;
                        save.Press();
                        bold.Ticked = false;
                        Say(events, bold.Shown, save.Shown);
                        """)).containsExactly("Bold [ticked] 2", "2 Bold Save");
    }

    @Test
    void what_is_seen_of_a_window_says_what_is_disabled_and_what_is_invisible() throws Exception {
        assertThat(said("""
                        var ok = new Button(window, "ok");
                        ok.Text = "Fish && &chips";
                        ok.Visible = false;
                        var paid = Counted(new TickBox(window, "paid"));
                        paid.Text = "&Paid";
                        paid.Ticked = true;
                        paid.Enabled = false;
                        window.Framed("Stay & pay", ok, paid);
                        Open();
                        paid.Press();
                        foreach (var line in window.Seen) { Say(line); }
                        Say(events);
                        """)).containsExactly("ok: Fish & chips [invisible]", "paid: Paid [ticked] [disabled]", "0");
    }

    @Test
    void a_group_is_no_higher_than_what_is_in_it() throws Exception {
        assertThat(said("""
                        var first = new TextField(window, "first");
                        var second = new TextField(window, "second");
                        window.Framed("Both", first);
                        window.Lay(second);
                        Open();
                        var form = WinForms.Application.OpenForms[0];
                        Say(form.ClientSize.Height < 130);
                        """)).containsExactly("yes");
    }

    @Test
    void numbers_are_shown_in_full_and_rounded_half_up() throws Exception {
        assertThat(said("""
                        Say(0.1 + 0.2, 1e21, 1.5e-7, -0.044444444444444446, 100.0, 0.0);
                        Say(Values.Shown(2.345, 2), Values.Shown(0.5, 0), Values.Shown(-1.25, 1), Values.Shown(9.99, 1), Values.Shown(0.001, 2));
                        Say(Values.IsWhole(" 12 "), Values.IsWhole("1.0"), Values.IsDate("2026-02-30"), Values.IsNumber("1e3"));
                        Say(Faulting(() => Say(Values.Substring("hut", 1, 9))));
                        Say(Values.Equal(Values.List<long>(1, 2), Values.List<long>(1, 2)), new Guest("a").Equals(new Guest("a")));
                        """))
                .containsExactly(
                        "0.30000000000000004 1000000000000000000000 0.00000015 -0.044444444444444446 100 0",
                        "2.35 1 -1.3 10 0",
                        "yes no no no",
                        "X3: there is no part from 1 to 9 in a text of 3",
                        "yes yes");
    }

    @Test
    void what_is_kept_comes_back_whatever_is_in_it() throws Exception {
        assertThat(said("""
                        var at = System.IO.Path.Combine(System.IO.Path.GetTempPath(), System.IO.Path.GetRandomFileName());
                        var kept = Kept.In(at);
                        kept.Put("text", "a = b\\nc \\\\ d\\r# e");
                        kept.Put("rows", Values.List<Guest>(new Guest("x = y"), new Guest("")));
                        kept.Held("lamp = key", true);
                        kept.Save();
                        var again = Kept.In(at);
                        Say(again.Get("text", "") == "a = b\\nc \\\\ d\\r# e");
                        var rows = again.List<Guest>("rows", null, n => again.Row(n, null, c => new Guest(again.Get(c + ".0", "?"))));
                        Say(rows.Count, rows[0].Name, rows[1].Name == "");
                        Say(again.Traces("lamp = key", "other"));
                        again.Held("lamp = key", false);
                        Say(Kept.In(at).Traces("lamp = key").Count, Kept.In(at + "x").Get("text", "first run"));
                        System.IO.Directory.Delete(at, true);
                        """)).containsExactly("yes", "2 x = y yes", "lamp = key", "0 first run");
    }
}
