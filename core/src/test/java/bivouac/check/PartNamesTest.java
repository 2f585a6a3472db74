package bivouac.check;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.finding.Finding;
import bivouac.check.known.PartNames;
import bivouac.design.Design;
import bivouac.design.NamingHabit;
import bivouac.design.Part;
import bivouac.plan.Program;
import bivouac.sentence.PartTyping;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How parts are named: proposed, found where they differ, and put right (V5). */
class PartNamesTest {

    private static Design designs(NamingHabit habit, Part... parts) {
        Design design = withMain(main("Desk", parts)).design();
        return design.with(design.application().naming(habit));
    }

    private static List<Finding> found(Design design) {
        return Findings.of(Program.of(design)).stream()
                .filter(f -> f.kind() == Finding.Kind.NAMING)
                .toList();
    }

    @ParameterizedTest
    @CsvSource({
        "SUFFIX, button Admit guest, admitGuestButton",
        "PREFIX, button Admit guest, btnAdmitGuest",
        "NONE, button Admit guest, admitGuest",
        "SUFFIX, text field Name, nameField",
        "PREFIX, whole-number field Nights, numNights",
        "SUFFIX, command File / Save Ctrl+S, saveCommand",
        "SUFFIX, button Admit as ok, ok",
        "SUFFIX, date field Start date, startDate"
    })
    void the_name_is_proposed_as_the_habit_has_it(String habit, String typed, String name) {
        var result = PartTyping.add(designs(NamingHabit.valueOf(habit)), "Desk", typed);
        assertThat(result).isInstanceOfSatisfying(PartTyping.Result.Added.class, a -> assertThat(a.part())
                .isEqualTo(name));
    }

    @Test
    void a_default_name_and_one_that_is_too_short_are_hints() {
        assertThat(found(designs(NamingHabit.NONE, Part.Button.of("button 2", "Go"), Part.TextField.of("n", "Name"))))
                .extracting(Finding::what)
                .containsExactly(
                        "“button2” on Desk is a default name.", "“n” on Desk is too short to tell what it is.");
    }

    @Test
    void names_that_differ_are_one_hint_for_each_window_and_put_right_everywhere() {
        var design = designs(
                NamingHabit.SUFFIX,
                Part.TextField.of("guest", "Name"),
                Part.Caption.of("shown caption", "{me.guest}"),
                button("admit", set("me.guest", "me.guest + \"!\"")));
        assertThat(found(design)).singleElement().satisfies(f -> assertThat(f.what())
                .isEqualTo("Desk: guest, admit are not named with the kind at the end."));
        Design right = found(design).getFirst().repairs().getFirst().in(design);
        assertThat(found(right)).isEmpty();
        assertThat(Findings.of(Program.of(right))).isEmpty();
        new bivouac.machine.Play(right)
                .does("type \"Ilva\" into \"guestField\" of \"Desk\"")
                .does("press \"admitButton\" of \"Desk\"")
                .shows("Desk", "shownCaption", "Ilva!");
    }

    @Test
    void another_habit_takes_the_place_of_the_one_before() {
        var design = designs(NamingHabit.PREFIX, Part.TextField.of("guest field", "Name"));
        var right = PartNames.putRight(design, "Desk");
        assertThat(right.faced("Desk").orElseThrow().parts().getFirst().name().expression())
                .isEqualTo("txtGuest");
    }

    @Test
    void a_repair_that_meets_a_taken_name_takes_the_next_free_one() {
        var design = designs(NamingHabit.SUFFIX, Part.Button.of("go", "Go"), Part.Button.of("go button", "Go on"));
        var names = PartNames.putRight(design, "Desk").faced("Desk").orElseThrow().parts().stream()
                .map(p -> p.name().expression())
                .toList();
        assertThat(names).containsExactly("goButton2", "goButton");
    }
}
