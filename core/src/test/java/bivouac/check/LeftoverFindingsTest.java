package bivouac.check;

import static bivouac.check.AsWritten.*;
import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.finding.Finding.Kind;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.Name;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Type;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Patterns, parts, values and conversions: each finding with a design that nearly has it, and put right. */
class LeftoverFindingsTest {

    private static List<String> given(Design design) {
        return found(design, Kind.UNUSED).stream()
                .filter(w -> w.contains(" gives "))
                .toList();
    }

    @Test
    void a_file_that_is_asked_for_has_to_be_read() {
        var dialog = FileDialog.of(Name.of("Pick"), FileDialog.Asks.ONE);
        Step.Open open = waits("Pick", when("chosen", note("{result.path}")), when("cancelled"));
        assertThat(given(pressing(dialog, open))).isEmpty();
        Step.Open blind = waits("Pick", when("chosen", note("chosen")), when("cancelled"));
        assertThat(given(pressing(dialog, blind)))
                .containsExactly("Pick gives path, filter with “chosen”, and nothing that opens it reads any of it.");
    }

    @Test
    void what_nothing_uses_goes_with_what_sets_it() {
        Design design = withMain(main("Desk", button("go", set("app.unused", "1"), note("done"))))
                .variable("unused", Type.WHOLE, "0")
                .design();
        putRight(design, Kind.UNUSED);
        Design left = all(design, Kind.UNUSED).getFirst().repairs().getFirst().in(design);
        assertThat(left.application().variables()).isEmpty();
        assertThat(new bivouac.design.ScriptPlace.AtPart("Desk", "go").in(left).steps())
                .containsExactly(note("done"));
    }

    @Test
    void a_conversion_that_is_not_guarded_is_put_under_its_question() {
        Part field = Part.TextField.of("age", "Age");
        Design design = withMain(
                        main("Desk", field, button("go", set("app.years", "whole(me.age)"), note("{app.years}"))))
                .variable("years", Type.WHOLE, "0")
                .design();
        assertThat(found(design, Kind.UNGUARDED)).hasSize(1);
        putRight(design, Kind.UNGUARDED);
    }

    @Test
    void a_pattern_without_a_star_means_one_file() {
        var name = Name.of("Pick");
        Step.Open open = waits("Pick", when("chosen", note("{result.path}")), when("cancelled"));
        FileDialog dialog = FileDialog.of(name, FileDialog.Asks.ONE);
        Design design = pressing(
                dialog.filtering(List.of(new FileDialog.Filter("Lists", List.of("csv", ".txt", "*.tsv"))), true), open);
        assertThat(found(design, Kind.FILTER))
                .containsExactly(
                        "“csv” in the filter “Lists” of Pick has no star, and so means the one file of that name.",
                        "“.txt” in the filter “Lists” of Pick has no star, and so means the one file of that name.");
        putRight(design, Kind.FILTER);
        assertThat(found(
                        pressing(
                                dialog.filtering(
                                        List.of(new FileDialog.Filter("Lists", List.of("*.csv", "list?.txt"))), true),
                                open),
                        Kind.FILTER))
                .isEmpty();
    }

    @Test
    void parts_are_put_right_by_their_findings() {
        Design keys = withMain(main(
                        "Desk",
                        Part.Button.of("open", "&Open").triggering(Script.of(note("o"))),
                        Part.Button.of("offer", "&Offer && more").triggering(Script.of(note("p")))))
                .design();
        assertThat(found(keys, Kind.PART)).containsExactly("Alt+O on Desk means both Open and Offer & more.");
        putRight(keys, Kind.PART);
        Design rows = withMain(main(
                        "Desk",
                        Part.ListOfRows.of("guests", "Guests", new Type.Column("guest", Type.TEXT))
                                .starting(List.of(List.of("Maba", "Stint"), List.of()))))
                .design();
        assertThat(found(rows, Kind.PART)).hasSize(2);
        Design fitted = all(rows, Kind.PART).getFirst().repairs().getFirst().in(rows);
        assertThat(found(fitted, Kind.PART)).isEmpty();
        assertThat(all(rows, Kind.PART).getLast().repairs().getFirst().in(fitted))
                .as("changed meanwhile")
                .isSameAs(fitted);
    }

    private static FacedWindow changing(FacedWindow window) {
        return window.holding(List.of(bivouac.design.Variable.of("changed", Type.YESNO, "false")));
    }

    @Test
    void a_window_that_says_it_is_unsaved_asks_before_it_closes() {
        Part field = Part.TextField.of("text", "Text").triggering(Script.of(set("me.changed", "true")));
        Design silent = withMain(main("Desk", button("go", alongside("Card"))))
                .with(owned(changing(child("Card", field))))
                .design();
        assertThat(found(silent, Kind.UNSAVED_LOST))
                .containsExactly("Card closes while me.changed is yes, and asks nothing; with its owner too.");
        putRight(silent, Kind.UNSAVED_LOST);
        var asks = before(
                changing(child("Card", field)),
                new Step.If(
                        List.of(new Step.If.Case(new bivouac.design.Expression("me.changed"), Script.of(stay()))),
                        Optional.empty()));
        assertThat(found(
                        withMain(main("Desk", button("go", alongside("Card"))))
                                .with(asks)
                                .design(),
                        Kind.UNSAVED_LOST))
                .isEmpty();
        assertThat(found(
                        withMain(main("Desk", button("go", waits("Form"))))
                                .with(changing(dialog("Form", field)))
                                .design(),
                        Kind.UNSAVED_LOST))
                .as("left by its answers")
                .isEmpty();
    }

    @Test
    void what_is_kept_has_to_be_some_value() {
        Step saves = new Step.KeptValues(Step.KeptValues.How.values()[0]);
        Design none = pressing(KEEP, saves);
        assertThat(found(none, Kind.UNUSED)).anyMatch(w -> w.endsWith("no value of the application is kept."));
        Design some = withMain(main("Desk", button("go", saves), Part.Caption.of("shown", "{app.nights}")))
                .kept("nights", Type.WHOLE, "0")
                .design();
        assertThat(found(some, Kind.UNUSED)).isEmpty();
    }
}
