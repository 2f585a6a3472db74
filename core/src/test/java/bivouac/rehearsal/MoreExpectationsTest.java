package bivouac.rehearsal;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Holding;
import bivouac.design.MessageBox;
import bivouac.design.Name;
import bivouac.design.Part;
import bivouac.design.Renames;
import bivouac.design.Script;
import bivouac.design.Setting;
import bivouac.design.Step;
import bivouac.design.Traits;
import bivouac.design.Walkthrough;
import bivouac.machine.Play;
import bivouac.plan.Program;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What walkthroughs can say has to be seen, beside texts: qualities, looks, owners, order, and what cannot happen. */
class MoreExpectationsTest {

    private static final Design LOFT = loft();

    private static Design loft() {
        var note = Part.TextField.of("note", "Note")
                .with(Traits.USUAL.enabled(new Setting.Fixed(false)).readOnly(new Setting.Fixed(true)));
        var seen = Part.Caption.of("seen", "Seen")
                .with(Traits.USUAL.font("Inter 12").colour("#2f5d50"));
        var gone = Part.Caption.of("gone", "Gone")
                .with(Traits.USUAL.visible(new Setting.Follows(new Expression("false"))));
        Step end = new Step.EndApplication(Optional.empty(), Optional.of("bye"), Script.EMPTY);
        FacedWindow loft = main(
                        "Loft",
                        note,
                        seen,
                        gone,
                        button("ask", waits("Sure", when("yes", note("sure")))),
                        button(
                                "plan",
                                alongside("Plan"),
                                new Step.Reach(Step.Reach.How.HIDE, new bivouac.design.Target.Single("Plan"))),
                        button("end", end))
                .at(FacedWindow.Moment.OPENED, Script.of(Step.TakeHolding.of("lock")));
        MessageBox sure = box("Sure", "Yes", "No");
        return withMain(
                        loft,
                        owned(child("Plan")),
                        sure.answering(sure.answers(), Optional.of("yes"), Optional.empty()))
                .holds(Holding.of("lock"))
                .design();
    }

    private static Walk play(String... lines) {
        return Walk.play(Program.of(LOFT), new Walkthrough("w", Play.TODAY, List.of(lines)));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "see disabled \"note\" of \"Loft\" | see enabled \"note\" of \"Loft\" | note is disabled",
                "see read-only \"note\" of \"Loft\" | see changeable \"note\" of \"Loft\" | note is read-only",
                "see invisible \"gone\" of \"Loft\" | see visible \"gone\" of \"Loft\" | gone is invisible",
                "see font \"Inter 12\" in \"seen\" of \"Loft\" | see font \"\" in \"seen\" of \"Loft\" | font “Inter 12”",
                "see colour \"#2f5d50\" in \"seen\" of \"Loft\" | see colour \"#000000\" in \"seen\" of \"Loft\" | colour “#2f5d50”",
                "see \"Loft\" shown | see \"Loft\" hidden | Loft is to be seen",
                "see \"Loft\" not owned | see \"Loft\" owned by \"Plan\" | Loft has no owner",
                "see opened \"Loft\" before taken \"lock\" | see taken \"lock\" before opened \"Loft\" | opened \"Loft\" comes first",
                "see cannot Escape of \"Loft\" | see cannot press \"ask\" of \"Loft\" | it can happen",
            })
    void each_is_seen_where_it_is_so_and_says_what_is_instead(String right, String wrong, String instead) {
        assertThat(play(right).broken()).as(right).isEmpty();
        assertThat(play(wrong).broken().orElseThrow().seen()).isEqualTo(instead);
        assertThat(Expectations.read(right).orElseThrow()).hasToString(right);
    }

    @Test
    void hidden_windows_owners_what_is_said_at_the_end_and_the_order_of_acts() {
        var walk = play(
                "press \"plan\" of \"Loft\"",
                "see \"Plan\" hidden",
                "see \"Plan\" owned by \"Loft\"",
                "press \"end\" of \"Loft\"",
                "see saying \"bye\"",
                "see closed \"Plan\" before given back \"lock\"",
                "see closed \"Loft\" before given back \"lock\"");
        assertThat(walk.broken()).isEmpty();
        assertThat(play("press \"end\" of \"Loft\"", "see given back \"lock\" before closed \"Loft\"")
                        .broken()
                        .orElseThrow()
                        .seen())
                .isEqualTo("closed \"Loft\" comes first");
        assertThat(play("press \"end\" of \"Loft\"", "see saying \"good bye\"")
                        .broken()
                        .orElseThrow()
                        .seen())
                .isEqualTo("“bye”");
    }

    @Test
    void P2_enter_is_the_default_button_and_a_blocked_window_gets_no_close_box() {
        assertThat(play(
                                "press \"ask\" of \"Loft\"",
                                "see cannot close box of \"Loft\"",
                                "Enter of \"Sure\"",
                                "see note \"sure\"")
                        .broken())
                .isEmpty();
        assertThat(play("Enter of \"Loft\"").broken().orElseThrow().seen())
                .isEqualTo("Enter does nothing on Loft then");
    }

    @Test
    void all_of_them_are_offered_where_they_are_so() {
        var play = new Play(LOFT).does("press \"plan\" of \"Loft\"").does("press \"ask\" of \"Loft\"");
        var now = play.rehearsal();
        assertThat(Expectations.offered(now.scene(), now.present().seen()).stream()
                        .map(Object::toString))
                .contains(
                        "see disabled \"note\" of \"Loft\"",
                        "see read-only \"note\" of \"Loft\"",
                        "see invisible \"gone\" of \"Loft\"",
                        "see font \"Inter 12\" in \"seen\" of \"Loft\"",
                        "see \"Plan\" hidden",
                        "see \"Plan\" owned by \"Loft\"",
                        "see cannot close box of \"Loft\"");
        play.does("answer \"yes\" of \"Sure\"").does("press \"end\" of \"Loft\"");
        now = play.rehearsal();
        assertThat(Expectations.offered(now.scene(), now.present().seen()).stream()
                        .map(Object::toString))
                .contains("see saying \"bye\"", "see closed \"Loft\" before given back \"lock\"");
    }

    @Test
    void renames_carry_them() {
        var lines = List.of(
                "see disabled \"note\" of \"Loft\"",
                "see \"Plan\" owned by \"Loft\"",
                "see \"Loft\" shown",
                "see closed \"Loft\" before opened \"Loft\" 2",
                "see cannot press \"ask\" of \"Loft\"",
                "see noted \"Loft\" before closed \"Loft\"",
                "Enter of \"Loft\"");
        Design kept = new Design(LOFT.application(), LOFT.windows(), List.of(new Walkthrough("w", Play.TODAY, lines)));
        assertThat(Renames.window(kept, "Loft", Name.of("Attic"))
                        .walkthroughs()
                        .getFirst()
                        .lines())
                .containsExactly(
                        "see disabled \"note\" of \"Attic\"",
                        "see \"Plan\" owned by \"Attic\"",
                        "see \"Attic\" shown",
                        "see closed \"Attic\" before opened \"Attic\" 2",
                        "see cannot press \"ask\" of \"Attic\"",
                        "see noted \"Loft\" before closed \"Attic\"",
                        "Enter of \"Attic\"");
        assertThat(Renames.part(kept, "Loft", "note", Name.of("remark"))
                        .walkthroughs()
                        .getFirst()
                        .lines())
                .contains("see disabled \"remark\" of \"Loft\"");
    }
}
