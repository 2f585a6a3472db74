package bivouac.handover;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.Part;
import bivouac.design.Take;
import bivouac.design.Type;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A window for Windows Forms as it reads: its parts are those of the frame, with properties that are asked and set. */
class FormsCodeTest {

    private static String source() {
        return PartsFixture.source(Toolkit.FORMS);
    }

    private static String file(Design design, String path) {
        return Handover.write(design, Toolkit.FORMS).stream()
                .filter(f -> f.path().equals(path))
                .findFirst()
                .orElseThrow()
                .text();
    }

    @Test
    void each_kind_of_part_is_a_class_of_the_frame() {
        assertThat(source())
                .contains("guestName = new TextField(this, \"guestName\");")
                .contains("word = new TextField(this, \"word\", hidden: true);")
                .contains("notes = new TextArea(this, \"notes\");")
                .contains("nights = TypedField.OfWhole(this, \"nights\");")
                .contains("internal readonly TypedField<long> nights;")
                .contains("board = new Choice(this, \"board\", \"\", \"none\", \"full\");")
                .contains("paid = new TickBox(this, \"paid\");")
                .contains("titleOfIt = new Caption(this, \"titleOfIt\");")
                .contains("more = new Link(this, \"more\");")
                .contains("bold = new MenuCommand(this, \"bold\", ticking: true);")
                .contains("quit = new MenuCommand(this, \"quit\");")
                .contains("guests = new RowTable<GuestsRow>(this, \"guests\", new string[] { \"name\" }, false,")
                .contains("using Frame;")
                .doesNotContain("System.Windows.Forms");
    }

    @Test
    void what_a_part_starts_with_is_said_where_it_is_made() {
        assertThat(source())
                .contains("guestName.Label = Texts.Of(\"desk.guestNameLabel\");")
                .contains("guestName.Longest(12);")
                .contains("notes.ReadOnly = true;")
                .contains("paid.Ticked = true;")
                .contains("titleOfIt.Times(1.3f);")
                .contains("titleOfIt.Colour = \"#2f5d50\";")
                .contains("quit.Shortcut(\"Ctrl+Q\");")
                .contains("guestName.On(GuestNameChanged);")
                .contains("more.On(MoreFollowed);")
                .contains("guests.OnDelete(() => guests.RemoveSelected(ignored => true));")
                .contains("Menu(Texts.Of(\"desk.menu\"), bold, null, quit);")
                .contains("Row(guestName);");
    }

    @Test
    void live_texts_are_brought_up_to_date_and_scripts_ask_and_set() {
        assertThat(source())
                .contains("titleOfIt.Text = Texts.Of(\"desk.titleOfIt\", app.n);")
                .contains("app.n = Values.Size(guestName.Text);")
                .contains("board.Chosen = \"full\";")
                .contains("nights.Value = nights.Value + 1;")
                .contains("paid.Ticked = board.Chosen == \"none\";")
                .contains("go.Enabled = false;")
                .contains("guests.SelectedNumber = 1;")
                .contains("guestName.RequestFocus();")
                .contains("Title = \"x\";")
                .contains("app.Follow(Texts.Of(\"desk.moreAddress\"));");
    }

    @Test
    void the_program_hands_over_the_exit_code_when_all_has_ended() {
        assertThat(file(PartsFixture.design(), "src/Program.cs"))
                .contains("[STAThread]")
                .contains("Gate.Install();")
                .contains("code = ended;")
                .contains("System.Windows.Forms.Application.ExitThread();")
                .contains("app.Opens = Browser.Open;")
                .contains("return code;");
    }

    @Test
    void both_compilers_are_told_the_same() {
        Design design = PartsFixture.design();
        assertThat(file(design, "Makefile"))
                .contains(
                        "MCS = mcs -langversion:7 -codepage:utf8 -checked+ -warnaserror -nowarn:162,219,429,1717,1718")
                .doesNotContain("@COMPILER@");
        assertThat(file(design, "Test.csproj"))
                .contains("<NoWarn>$(NoWarn);162;219;429;1717;1718</NoWarn>")
                .contains("<CheckForOverflowUnderflow>true</CheckForOverflowUnderflow>")
                .contains("<StartupObject>Test.Program</StartupObject>")
                .doesNotContain("@");
        assertThat(file(design, "tests/Tests.csproj")).contains("<StartupObject>Tests.Program</StartupObject>");
        assertThat(file(design, "README.md")).contains("C# 7").doesNotContain("@NAME");
    }

    @Test
    void what_nothing_reads_is_no_field() {
        Design design = withMain(
                        main("Desk", button("go", alongside("Card").handing(bivouac.design.Given.of("who", "'x'")))),
                        child("Card").taking(List.of(Take.of("who", Type.TEXT))))
                .design();
        assertThat(file(design, "src/Card.cs"))
                .contains("private Card(TestApplication app, string who)")
                .doesNotContain("private readonly")
                .doesNotContain("this.app");
        assertThat(file(design, "src/DeskWindow2.cs")).contains("private readonly TestApplication app;");
        assertThat(file(design, "src/TestApplication.cs"))
                .doesNotContain("this.tasks")
                .doesNotContain("this.holdings");
    }

    @Test
    void the_look_at_a_script_names_what_it_takes_as_the_program_does() {
        var greet =
                bivouac.design.NamedScript.of("greet", note("{takes.who}")).taking(List.of(Take.of("who", Type.TEXT)));
        Design design = withMain(main("Desk", Part.TextField.of("who", "Who"))
                        .with(new bivouac.design.Routines(List.of(greet), List.of())))
                .design();
        var place = new bivouac.design.ScriptPlace.Named(java.util.Optional.of("Desk"), "greet");
        assertThat(Handover.script(bivouac.plan.Program.of(design), place, Toolkit.FORMS))
                .isEqualTo("Desk.Note(who2);\n");
        assertThat(file(design, "src/DeskWindow2.cs"))
                .contains("DoGreet(string who2)")
                .contains("Desk.Note(who2);");
    }

    @Test
    void no_class_hides_a_member_and_no_member_a_class() {
        Design design = withMain(
                        main(
                                "Desk",
                                new Part.TextField(
                                        new bivouac.design.Name("Texts", "Texts"),
                                        "Texts",
                                        "",
                                        java.util.OptionalInt.empty(),
                                        Part.Entry.ONE_LINE,
                                        bivouac.design.Script.EMPTY,
                                        bivouac.design.Traits.USUAL),
                                button("go", alongside("Plan"), alongside("Title"), set("me.Texts", "'x'"))),
                        child("Plan", button("close", close("plan")))
                                .ending(List.of(Ending.of("plan"), Ending.of("texts"))),
                        child("Title"))
                .design();
        assertThat(file(design, "src/DeskWindow2.cs"))
                .as("a field does not hide the class of texts")
                .contains("internal readonly TextField texts_;")
                .contains("PlanWindow.Open(app, this, ")
                .contains("TitleWindow.Open(");
        assertThat(file(design, "src/PlanWindow.cs"))
                .as("nor does an ending")
                .contains("internal sealed class Plan : Result")
                .contains("internal sealed class TextsEnding : Result")
                .contains("get { return \"texts\"; }")
                .contains("            {\n                case Way.CloseStep:\n                case Way.CloseBox:")
                .contains("\n                default:\n                    return null;");
    }
}
