package bivouac.machine;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.plan.PartPlan;
import bivouac.plan.Program;
import bivouac.rehearsal.Rehearsal;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What is worth typing into a field: what it usually holds, what it cannot hold, and both sides of what it is compared with. */
class SamplesTest {

    private static final Part NAME = Part.TextField.of("name", "Name");

    private static Part holding(Part.Holds holds) {
        return Part.ValueField.of("value", "Value", holds);
    }

    private static Program program(Part field, String condition) {
        Program program = Program.of(withMain(main("Desk", field, button("go", onlyIf(condition, note("x")))))
                .design());
        assertThat(program.troubles()).isEmpty();
        return program;
    }

    private static PartPlan field(Program program) {
        return program.window("Desk").orElseThrow().parts().getFirst();
    }

    private static List<String> of(Part field, String condition) {
        Program program = program(field, condition);
        return Samples.of(program, TODAY).of(field(program));
    }

    @Test
    void of_a_text_what_it_is_compared_with_and_any_other() {
        assertThat(of(NAME, "me.name == 'yes' || me.name == 'no'")).containsExactly("Abc", "yes", "no");
        assertThat(of(NAME, "me.name != ''")).containsExactly("Abc", "");
    }

    @Test
    void of_a_number_its_limit_from_both_sides_and_what_is_none() {
        assertThat(of(holding(Part.Holds.WHOLE), "me.value.given && me.value > 30"))
                .containsExactly("2", "two", "30", "31", "29");
        assertThat(of(holding(Part.Holds.NUMBER), "me.value.given && me.value > 1.5"))
                .containsExactly("2", "two", "1.5", "2.5", "0.5");
        assertThat(of(NAME, "isWhole(me.name) && whole(me.name) > 7")).contains("Abc", "2", "7", "8", "6");
    }

    @Test
    void of_a_date_the_days_about_today_and_what_it_is_compared_with() {
        assertThat(of(holding(Part.Holds.DATE), "me.value.given && me.value > date('2027-05-01')"))
                .containsSubsequence("2026-11-23", "2026-11-24", "2026-11-22")
                .contains("2027-05-01", "soon");
    }

    @Test
    void nothing_comes_of_typing_where_nothing_depends_on_it_and_no_script_runs() {
        Program program = program(NAME, "true");
        Samples samples = Samples.of(program, TODAY);
        assertThat(samples.of(field(program))).isEmpty();
        assertThat(samples.worthTrying(field(program)))
                .as("a person may all the same")
                .containsExactly("Abc");
        PartPlan button = program.window("Desk").orElseThrow().parts().get(1);
        assertThat(samples.of(button)).isEmpty();
        assertThat(samples.worthTrying(button)).isEmpty();
        Program told = program(((Part.TextField) NAME).triggering(Script.of(note("changed"))), "true");
        assertThat(Samples.of(told, TODAY).of(field(told)))
                .as("one is enough for its script to run")
                .containsExactly("Abc");
        Program date = program(holding(Part.Holds.DATE), "true");
        assertThat(Samples.of(date, TODAY).worthTrying(field(date))).containsExactly("2026-11-23");
    }

    @Test
    void an_edit_of_a_scene_stands_for_one_with_each_text() {
        Program program = program(NAME, "me.name == 'yes'");
        Rehearsal start = Rehearsal.start(program, TODAY);
        var edit = new Event.Edit(0, 0, "");
        Samples samples = Samples.of(program, TODAY);
        assertThat(samples.of(start.scene(), edit))
                .containsExactly(new Event.Edit(0, 0, "Abc"), new Event.Edit(0, 0, "yes"));
        assertThat(samples.worthTrying(start.scene(), edit)).isEqualTo(samples.of(start.scene(), edit));
        assertThat(samples.of(start.scene(), new Event.Edit(5, 0, ""))).isEmpty();
    }
}
