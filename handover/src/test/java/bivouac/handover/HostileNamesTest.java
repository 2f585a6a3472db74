package bivouac.handover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bivouac.design.Application;
import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.Manner;
import bivouac.design.MessageBox;
import bivouac.design.Name;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Take;
import bivouac.design.Type;
import bivouac.design.Variable;
import bivouac.design.Walkthrough;
import bivouac.design.Window;
import bivouac.handover.proof.Proof;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Names and texts that a language could trip over: its words, its classes, quotes, braces, comments, other scripts. */
class HostileNamesTest {

    @TempDir
    Path folder;

    private static final String TEXT =
            "\"quoted\" \\u0022 */ // {{brace}} <b>&amp;</b>\nline two \u2028 山小屋 🏔 #x=y: _under";

    private static Design design() {
        FacedWindow main = FacedWindow.of(FacedWindow.Kind.MAIN, "String")
                .titled(TEXT.replace("\n", " "))
                .holding(List.of(
                        Variable.of("class", Type.WHOLE, "1"),
                        Variable.of("app.x".replace('.', ' '), Type.TEXT, "\"\"")))
                .withRows(List.of(
                        bivouac.design.Row.of(Part.TextField.of("stage", "S_tage & \"more\"")),
                        bivouac.design.Row.of(new Part.ListOfRows(
                                Name.of("new"),
                                "",
                                List.of(new Type.Column("default", Type.TEXT), new Type.Column("int", Type.WHOLE)),
                                List.of(List.of(TEXT, "7")),
                                false,
                                false,
                                Script.EMPTY,
                                java.util.Map.of(),
                                bivouac.design.Traits.USUAL)),
                        bivouac.design.Row.of(Part.Button.of("switch", "&go_on && off")
                                .triggering(Script.of(
                                        Step.SetValue.of("me.class", "me.class + 1"),
                                        new Step.AddRow(
                                                "me.new",
                                                List.of(Given.of("default", "me.stage"), Given.of("int", "me.class"))),
                                        Step.Open.of(
                                                        "Object",
                                                        new Manner.WaitsForApplication(),
                                                        new Step.Branch("yes! */", Script.of(new Step.Note(TEXT))))
                                                .handing(Given.of("long", "me.stage")))))));
        MessageBox box = new MessageBox(
                Name.of("Object"),
                "Object",
                MessageBox.Severity.QUESTION,
                "{takes.long}: " + TEXT,
                List.of(Take.of("long", Type.TEXT)),
                List.of(new MessageBox.Answer("Yes! */", "yes! */"), new MessageBox.Answer("山", "山")),
                Optional.empty(),
                Optional.of("山"));
        Application application = new Application(
                "import",
                Application.About.NOTHING,
                List.of(
                        Variable.of("desk", Type.WHOLE, "9223372036854775807"),
                        Variable.of("plan", Type.TEXT, "\"\\\"\"")),
                Script.of(Step.Open.of("String", new Manner.Alongside())),
                new DepartureRule.LastWindow());
        return new Design(
                application,
                List.<Window>of(main, box),
                List.of(new Walkthrough(
                        "names \"and\" texts",
                        LocalDate.of(2026, 11, 23),
                        List.of(
                                "type \"a\\\"b\" into \"stage\" of \"String\"",
                                "press \"switch\" of \"String\"",
                                "answer \"yes! */\" of \"Object\"",
                                "press \"switch\" of \"String\"",
                                "Escape of \"Object\"",
                                "close box of \"String\""))));
    }

    @ParameterizedTest
    @EnumSource
    void they_compile_without_a_warning_and_are_shown_as_they_are(Toolkit toolkit) throws Exception {
        List<Proof.Outcome> outcomes = Projects.proven(design(), toolkit, folder);
        assertThat(outcomes).singleElement().satisfies(o -> {
            assertThat(o.difference()).isEmpty();
            assertThat(o.events()).isEqualTo(6);
        });
    }

    @Test
    void what_cannot_be_handed_over_says_what_and_where() {
        Design wrong =
                design().with(design().application().starting(Script.of(Step.SetValue.of("app.plan", "app.nowhere"))));
        assertThatThrownBy(() -> Handover.write(wrong, Toolkit.JAVAFX))
                .isInstanceOf(NotHandedOver.class)
                .hasMessage(
                        "start, step 1: “app.nowhere” means nothing here. Put it right first; the findings say how.");
        assertThat(new Expression("x").source()).isEqualTo("x");
    }
}
