package bivouac.check;

import static bivouac.check.AsWritten.*;
import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Type;
import bivouac.design.Way;
import bivouac.design.WayOut;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Endings that nothing leads to, that give nothing, or that nobody reads. */
class EndingFindingsTest {

    private static FacedWindow form(Step pressed, Ending... endings) {
        return dialog("Form", button("admit", pressed)).ending(List.of(endings));
    }

    private static Design opening(FacedWindow form, Step... admitted) {
        return withMain(main("Desk", button("go", waits("Form", when("admitted", admitted), when("cancelled")))))
                .with(form)
                .design();
    }

    private static final Ending ADMITTED = new Ending("admitted", List.of(Ending.Give.of("guest", Type.TEXT)));

    @Test
    void a_way_out_gives_what_its_ending_gives() {
        FacedWindow form = form(close("admitted", Given.of("guest", "\"Maba\"")), ADMITTED, Ending.of("cancelled"));
        Step read = note("{result.guest}");
        assertThat(found(opening(form, read), Kind.GIVES_NOTHING)).isEmpty();
        Design boxed = opening(form.leaving(Way.CLOSE_BOX, WayOut.LeadsTo.ending("admitted")), read);
        assertThat(found(boxed, Kind.GIVES_NOTHING))
                .containsExactly("Form: the close box, the owner closing, the departure, the session ending lead to"
                        + " “admitted” without giving guest.");
        putRight(boxed, Kind.GIVES_NOTHING);
    }

    @Test
    void something_leads_to_each_ending() {
        Step read = note("{result.guest}");
        assertThat(found(opening(form(note("nothing"), ADMITTED, Ending.of("cancelled")), read), Kind.NEVER_RUN))
                .contains("Form never ends with “admitted”: no step and no way out leads to it.");
        assertThat(found(
                        opening(
                                form(
                                        close("admitted", Given.of("guest", "\"Maba\"")),
                                        ADMITTED,
                                        Ending.of("cancelled")),
                                read),
                        Kind.NEVER_RUN))
                .isEmpty();
    }

    @Test
    void what_an_ending_gives_is_read_by_somebody() {
        FacedWindow form = form(close("admitted", Given.of("guest", "\"Maba\"")), ADMITTED, Ending.of("cancelled"));
        assertThat(found(opening(form, note("admitted")), Kind.UNUSED))
                .containsExactly("Form gives guest with “admitted”, and nothing that opens it reads it.");
        assertThat(found(opening(form, note("{result.guest}")), Kind.UNUSED)).isEmpty();
    }

    @Test
    void a_dialog_does_not_end_the_application_unless_it_says_so() {
        FacedWindow form = dialog("Form", Part.Button.of("ok", "OK").triggering(Script.of(end())));
        Design design =
                withMain(main("Desk", button("go", waits("Form")))).with(form).design();
        assertThat(found(design, Kind.WRONG_END))
                .containsExactly("Form, ok, step 1: “OK” on Form ends the whole application.");
        FacedWindow said = dialog("Form", Part.Button.of("ok", "Leave").triggering(Script.of(end())));
        assertThat(found(
                        withMain(main("Desk", button("go", waits("Form"))))
                                .with(said)
                                .design(),
                        Kind.WRONG_END))
                .isEmpty();
    }

    @Test
    void a_window_that_is_made_ends_as_the_step_that_opens_it_says() {
        Design design = withMain(main("Desk", button("go", waits("Form", when("sent", note("sent")), when("dropped")))))
                .design();
        Finding dangling = all(design, Kind.DANGLING).getFirst();
        Design made = dangling.repairs().getFirst().in(design);
        assertThat(made.faced("Form").orElseThrow().endings())
                .extracting(Ending::name)
                .containsExactly("sent", "dropped");
        assertThat(found(made, Kind.DANGLING)).isEmpty();
    }
}
