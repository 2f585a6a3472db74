package bivouac.check;

import static bivouac.check.AsWritten.*;
import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.known.Place;
import bivouac.check.ways.ExpressionRepair;
import bivouac.check.ways.Repair;
import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.Given;
import bivouac.design.Holding;
import bivouac.design.MessageBox;
import bivouac.design.Name;
import bivouac.design.NamedScript;
import bivouac.design.Part;
import bivouac.design.Routines;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Setting;
import bivouac.design.Sources;
import bivouac.design.Step;
import bivouac.design.Steps;
import bivouac.design.Take;
import bivouac.design.Target;
import bivouac.design.Task;
import bivouac.design.Traits;
import bivouac.design.Type;
import bivouac.design.Variable;
import bivouac.design.Way;
import bivouac.design.WayOut;
import bivouac.format.DesignFile;
import bivouac.plan.Program;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Ways to put right what is written wrong: names, expressions, values handed over and given. */
class PutRightTest {

    private static final Pattern NAME = Pattern.compile("\\b(?:app|me|takes)\\.[A-Za-z]{3,}\\b(?![.(])");

    private static final ScriptPlace GO = new ScriptPlace.AtPart("Desk", "go");

    /** Values of each type, and a field of each kind. */
    private static Making valued(Step... steps) {
        return withMain(main(
                        "Desk",
                        Part.TextField.of("guest", "Guest"),
                        Part.TextField.of("beds", "Beds"),
                        button("go", steps)))
                .variable("count", Type.WHOLE, "0")
                .variable("rate", Type.NUMBER, "1.5")
                .variable("text", Type.TEXT, "\"\"")
                .variable("ready", Type.YESNO, "false");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
                    app.count | app.cuont + 1          | app.count + 1
                    app.count | count                  | app.count
                    app.count | "7"                    | 7
                    app.count | app.rate               | int(app.rate)
                    app.count | me.beds                | isWhole(me.beds) ? whole(me.beds) : 0
                    app.count | app.ready              | app.ready ? 1 : 0
                    app.rate  | me.beds                | isNumber(me.beds) ? number(me.beds) : 0.0
                    app.text  | app.count + 1          | shown(app.count + 1)
                    app.text  | "beds: " + app.count   | "beds: " + shown(app.count)
                    app.text  | me.guest.trimm()       | me.guest.trim()
                    app.text  | nobody                 | "nobody"
                    app.ready | me.guest               | !blank(me.guest)
                    app.ready | app.count + 1          | (app.count + 1) > 0
                    app.ready | app.count && app.ready | app.count > 0 && app.ready
                    """)
    void what_was_probably_meant_is_written(String path, String wrong, String right) {
        Design design = valued(set(path, wrong)).design();
        assertThat(found(design, Kind.EXPRESSION)).hasSize(1);
        Design now = putRight(design, Kind.EXPRESSION);
        assertThat(GO.in(now).steps()).containsExactly(set(path, right));
        assertThat(found(now, Kind.UNGUARDED)).isEmpty();
    }

    @Test
    void an_expression_is_put_right_where_it_stands_and_nowhere_else() {
        var inside = new Step.If(
                List.of(new Step.If.Case(new Expression("app.redy"), Script.of(set("app.ready", "app.redy")))),
                Optional.empty());
        Design design = valued(inside).design();
        List<Finding> two = all(design, Kind.EXPRESSION);
        assertThat(two).hasSize(2);
        Design now = two.getFirst().repairs().getFirst().in(design);
        assertThat(GO.in(now).steps())
                .containsExactly(new Step.If(
                        List.of(new Step.If.Case(new Expression("app.ready"), Script.of(set("app.ready", "app.redy")))),
                        Optional.empty()));
    }

    @Test
    void texts_and_conditions_of_windows_are_put_right_in_their_braces() {
        Part line = new Part.Caption(
                Name.of("line"),
                "{{of}} {me.gest}, {me.guest}",
                Part.Caption.of("x", "").size(),
                Traits.USUAL);
        FacedWindow desk =
                main("Desk", line, Part.TextField.of("guest", "Guest")).titled("Desk {app.cuont}");
        Design design = withMain(desk).variable("count", Type.WHOLE, "0").design();
        assertThat(found(design, Kind.EXPRESSION)).hasSize(2);
        FacedWindow now = putRight(design, Kind.EXPRESSION).faced("Desk").orElseThrow();
        assertThat(now.title()).isEqualTo("Desk {app.count}");
        assertThat(((Part.Caption) now.part("line").orElseThrow()).text()).isEqualTo("{{of}} {me.guest}, {me.guest}");
    }

    @Test
    void a_first_value_of_the_application_is_put_right() {
        Design design = withMain(main("Desk", button("go", note("{app.text}"))))
                .variable("text", Type.TEXT, "5")
                .design();
        assertThat(putRight(design, Kind.EXPRESSION)
                        .application()
                        .variables()
                        .getFirst()
                        .starts())
                .contains(new Expression("shown(5)"));
    }

    @Test
    void what_means_nothing_for_a_reason_that_is_told_is_not_guessed_at_but_switched_off() {
        Step wrong = set("app.text", "owner.guest");
        assertThat(GO.in(putRight(valued(wrong).design(), Kind.EXPRESSION)).steps())
                .containsExactly(new Step.Off(wrong));
    }

    @Test
    void conversions_on_windows_are_guarded_where_they_stand() {
        Part total = new Part.Caption(
                Name.of("total"),
                "{number(me.beds) * 2}",
                Part.Caption.of("x", "").size(),
                Traits.USUAL);
        Part book = Part.Button.of("book", "Book")
                .with(Traits.USUAL.enabled(new Setting.Follows(new Expression("whole(me.beds.trim()) > 1"))));
        Design design = withMain(main("Desk", Part.TextField.of("beds", "Beds"), total, book))
                .design();
        assertThat(found(design, Kind.UNGUARDED)).hasSize(2);
        FacedWindow now = putRight(design, Kind.UNGUARDED).faced("Desk").orElseThrow();
        assertThat(((Part.Caption) now.part("total").orElseThrow()).text())
                .isEqualTo("{isNumber(me.beds) ? shown(number(me.beds) * 2) : \"\"}");
        assertThat(now.part("book").orElseThrow().traits().enabled())
                .isEqualTo(
                        new Setting.Follows(new Expression("isWhole(me.beds.trim()) && (whole(me.beds.trim()) > 1)")));
    }

    @Test
    void a_name_for_later_steps_and_a_condition_ask_in_themselves() {
        var choice = new Step.If(
                List.of(new Step.If.Case(new Expression("whole(me.beds) > 2"), Script.of(note("many")))),
                Optional.empty());
        Design design = valued(new Step.Let("n", new Expression("whole(me.beds)")), note("{n}"), choice)
                .design();
        Design now = putRight(design, Kind.UNGUARDED);
        assertThat(GO.in(now).steps().getFirst())
                .isEqualTo(new Step.Let("n", new Expression("isWhole(me.beds) ? whole(me.beds) : 0")));
        assertThat(GO.in(now).steps()).hasSize(3);
    }

    @Test
    void typed_texts_that_are_joined_are_put_apart_or_added() {
        Design design = valued(set("app.text", "me.guest + me.beds")).design();
        List<Repair> ways = all(design, Kind.SUM).getFirst().repairs();
        assertThat(ways).extracting(Repair::words).containsExactly("Put a space between", "Add them as numbers");
        for (Repair way : ways) {
            Design now = way.in(design);
            assertThat(Findings.of(Program.of(now)))
                    .noneMatch(f -> Set.of(Kind.SUM, Kind.EXPRESSION).contains(f.kind()));
        }
        assertThat(GO.in(ways.getFirst().in(design)).steps())
                .containsExactly(set("app.text", "me.guest + \" \" + me.beds"));
    }

    @Test
    void a_number_that_stands_twice_in_a_sum_is_written_times_two() {
        Design design = valued(set("app.count", "app.count + 1 + app.count")).design();
        assertThat(GO.in(putRight(design, Kind.SUM)).steps()).containsExactly(set("app.count", "app.count * 2 + 1"));
    }

    // Names

    @Test
    void the_second_of_two_names_gets_another_one() {
        FacedWindow desk = main(
                        "Desk",
                        button("a", note("first")),
                        button("a", note("second")),
                        Part.ListOfRows.of(
                                "rows", "Rows", new Type.Column("x", Type.TEXT), new Type.Column("x", Type.WHOLE)))
                .with(new Routines(
                        List.of(NamedScript.of("tidy", note("1")), NamedScript.of("tidy", note("2"))),
                        List.of(bivouac.design.Timer.of("tick", "1"), bivouac.design.Timer.of("tick", "2"))))
                .holding(List.of(Variable.of("n", Type.WHOLE, "0"), Variable.of("n", Type.WHOLE, "1")));
        var card = dialog("Card").ending(List.of(Ending.of("done"), Ending.of("done")));
        var ask = new FileDialog.Filter("Lists", List.of("*.csv"));
        Design design = withMain(desk, card, dialog("Card"), dialog("card"))
                .with(box("Ask", "Yes", "Yes"))
                .with(FileDialog.of(Name.of("Pick"), FileDialog.Asks.ONE).filtering(List.of(ask, ask), true))
                .works(
                        new Task(
                                Name.of("load"),
                                List.of(Take.of("x", Type.TEXT), Take.of("x", Type.TEXT)),
                                List.of(Task.Outcome.of("done"), Task.Outcome.of("done")),
                                Optional.empty()),
                        task("load", "done"))
                .variable("v", Type.WHOLE, "0")
                .variable("v", Type.WHOLE, "1")
                .holds(Holding.of("key"), Holding.of("key"))
                .design();
        assertThat(found(design, Kind.NAME_TWICE))
                .hasSize(15)
                .contains("Desk has two scripts called “tidy”.", "Desk has two timers called “tick”.");
        Design now = putRight(design, Kind.NAME_TWICE);
        FacedWindow changed = now.faced("Desk").orElseThrow();
        assertThat(changed.parts()).extracting(p -> p.name().expression()).containsExactly("a", "a2", "rows");
        assertThat(changed.part("a")
                        .orElseThrow()
                        .trigger()
                        .orElseThrow()
                        .script()
                        .steps())
                .containsExactly(note("first"));
        assertThat(now.windows()).extracting(w -> w.name().shown()).contains("Card", "Card 2", "card");
    }

    @Test
    void a_name_that_expressions_cannot_use_gets_one_that_they_can() {
        Design design = withMain(main(
                        "Desk",
                        Part.Button.of("go", "Go").named(new Name("Go on", "go on")),
                        button("stay", note("."))))
                .design();
        assertThat(found(design, Kind.NAME_TWICE)).containsExactly("“go on” cannot be used as a name in expressions.");
        assertThat(putRight(design, Kind.NAME_TWICE).faced("Desk").orElseThrow().parts())
                .extracting(Part::name)
                .contains(new Name("Go on", "goOn"));
    }

    // Handed over and given

    @Test
    void what_is_not_handed_over_is_said_by_a_value_of_that_name_or_an_empty_one() {
        FacedWindow card = dialog("Card", button("show", note("{takes.guest} {takes.beds}")))
                .taking(List.of(Take.of("guest", Type.TEXT), Take.of("beds", Type.WHOLE)));
        Design design = valued(waits("Card")).with(card).design();
        assertThat(found(design, Kind.NOT_HANDED_OVER)).hasSize(2);
        Step.Open now = (Step.Open)
                GO.in(putRight(design, Kind.NOT_HANDED_OVER)).steps().getFirst();
        assertThat(now.handOver()).containsExactly(Given.of("guest", "me.guest"), Given.of("beds", "0"));

        Design byDefault = design;
        for (Finding f : all(design, Kind.NOT_HANDED_OVER)) {
            byDefault = f.repairs().get(1).in(byDefault);
        }
        assertThat(found(byDefault, Kind.NOT_HANDED_OVER)).isEmpty();
        assertThat(byDefault.window("Card").orElseThrow().takes())
                .extracting(Take::byDefault)
                .containsExactly(Optional.of(new Expression("\"\"")), Optional.of(new Expression("0")));
    }

    @Test
    void what_nothing_takes_under_its_name_is_said_as_what_is_taken_or_not_at_all() {
        FacedWindow card =
                dialog("Card", button("show", note("{takes.guest}"))).taking(List.of(Take.of("guest", Type.TEXT)));
        Step.Open open = waits("Card");
        Step.Open handing = new Step.Open(
                open.window(),
                open.manner(),
                Optional.empty(),
                List.of(Given.of("visitor", "me.guest")),
                Optional.empty(),
                open.branches());
        Design design = valued(handing).with(card).design();
        Finding stranger = all(design, Kind.EXPRESSION).getFirst();
        assertThat(stranger.repairs())
                .extracting(Repair::words)
                .containsExactly("Say it as guest", "Do not say visitor");
        Design named = stranger.repairs().getFirst().in(design);
        assertThat(((Step.Open) GO.in(named).steps().getFirst()).handOver())
                .containsExactly(Given.of("guest", "me.guest"));
        assertThat(found(named, Kind.NOT_HANDED_OVER)).isEmpty();
        assertThat(GO.in(stranger.repairs().get(1).in(design)).steps()).containsExactly(open);

        Design doing = withMain(main(
                                "Desk",
                                button("go", new Step.Do("tidy", List.of(Given.of("all", "true"), Given.of("x", "1")))))
                        .with(new Routines(
                                List.of(NamedScript.of("tidy", note("{takes.all}"))
                                        .taking(List.of(Take.of("all", Type.YESNO)))),
                                List.of())))
                .design();
        assertThat(GO.in(putRight(doing, Kind.EXPRESSION)).steps())
                .containsExactly(new Step.Do("tidy", List.of(Given.of("all", "true"))));
    }

    @Test
    void what_an_ending_gives_is_said_by_steps_and_ways_out() {
        FacedWindow card = dialog("Card", Part.TextField.of("guest", "Guest"), button("ok", close("done")))
                .ending(List.of(Ending.of("done", Ending.Give.of("guest", Type.TEXT))))
                .leaving(Way.CLOSE_BOX, new WayOut.LeadsTo("done", List.of(), false));
        Design design = valued(waits("Card", when("done", note("{result.guest}"))))
                .with(card)
                .design();
        Design now = putRight(putRight(design, Kind.NOT_HANDED_OVER), Kind.GIVES_NOTHING);
        assertThat(new ScriptPlace.AtPart("Card", "ok").in(now).steps())
                .containsExactly(close("done", Given.of("guest", "me.guest")));
        assertThat(now.faced("Card").orElseThrow().waysOut().get(Way.CLOSE_BOX))
                .isEqualTo(new WayOut.LeadsTo("done", List.of(Given.of("guest", "\"\"")), false));
    }

    @Test
    void what_nobody_reads_is_neither_taken_nor_given() {
        FacedWindow card = dialog("Card", button("ok", close("done", Given.of("guest", "\"Ada\""))))
                .taking(List.of(Take.of("guest", Type.TEXT)))
                .ending(List.of(Ending.of("done", Ending.Give.of("guest", Type.TEXT))))
                .leaving(Way.CLOSE_BOX, new WayOut.LeadsTo("done", List.of(Given.of("guest", "\"\"")), false));
        Step.Open open = waits("Card", when("done", note("done")));
        Step.Open handing = new Step.Open(
                open.window(),
                open.manner(),
                Optional.empty(),
                List.of(Given.of("guest", "me.guest")),
                Optional.empty(),
                open.branches());
        Design design = valued(handing, note("{app.count}{app.rate}{app.text}{app.ready}"))
                .with(card)
                .design();
        assertThat(found(design, Kind.UNUSED))
                .containsExactlyInAnyOrder(
                        "Card takes “guest”, and nothing reads it.",
                        "Card gives guest with “done”, and nothing that opens it reads it.");
        Design now = putRight(design, Kind.UNUSED);
        assertThat(GO.in(now).steps().getFirst()).isEqualTo(open);
        assertThat(new ScriptPlace.AtPart("Card", "ok").in(now).steps()).containsExactly(close("done"));
        assertThat(now.faced("Card").orElseThrow().waysOut().get(Way.CLOSE_BOX))
                .isEqualTo(new WayOut.LeadsTo("done", List.of(), false));
        assertThat(found(now, Kind.EXPRESSION)).isEmpty();
    }

    // Ready-made windows, pictures, holdings, cases

    @Test
    void message_boxes_and_file_dialogs_get_what_they_lack() {
        var blank = new bivouac.design.FileDialog.Filter("Maps", List.of());
        Design design = withMain(main("Desk", button("go", waits("Gone"), waits("Keep"))))
                .with(box("Gone").saying(""))
                .with(FileDialog.of(Name.of("Keep"), FileDialog.Asks.SAVE).filtering(List.of(blank), true))
                .design();
        Design now = putRight(putRight(putRight(design, Kind.EMPTY_MESSAGE), Kind.NO_WAY_OUT), Kind.FILTER);
        MessageBox said = (MessageBox) now.window("Gone").orElseThrow();
        assertThat(said.text()).isEqualTo("Gone.");
        assertThat(said.answers()).containsExactly(MessageBox.Answer.of("OK"));
        assertThat(((FileDialog) now.window("Keep").orElseThrow()).extension()).isEqualTo("txt");
    }

    @Test
    void a_case_that_asks_again_goes_and_the_owner_is_shown_first() {
        var same = new Step.If.Case(new Expression("app.ready"), Script.of(note("1")));
        var again = new Step.If.Case(new Expression(" app.ready"), Script.of(note("2")));
        Design twice =
                valued(new Step.If(List.of(same, again), Optional.empty())).design();
        assertThat(GO.in(putRight(twice, Kind.NEVER_RUN)).steps())
                .containsExactly(new Step.If(List.of(same), Optional.empty()));

        FacedWindow pad = owned(child("Pad"));
        FacedWindow board = child("Board", button("pad", alongside("Pad")));
        Step show = new Step.Reach(Step.Reach.How.SHOW, new Target.Single("Pad"));
        Design hidden = withMain(
                        main("Desk", button("go", alongside("Board"), hide("Board")), button("show", show)), board, pad)
                .design();
        assertThat(found(hidden, Kind.STAYS_HIDDEN)).hasSize(1);
        Finding stays = all(hidden, Kind.STAYS_HIDDEN).getFirst();
        assertThat(new ScriptPlace.AtPart("Desk", "show")
                        .in(stays.repairs().getFirst().in(hidden))
                        .steps())
                .containsExactly(new Step.Reach(Step.Reach.How.SHOW, new Target.Single("Board")), show);
    }

    @Test
    void a_holding_that_is_taken_again_is_given_back_before() {
        Design design = withMain(main("Desk", button("go", new Step.TakeHolding("key", List.of()), note("used"))))
                .holds(Holding.of("key").ofTheApplication())
                .design();
        assertThat(found(design, Kind.HOLDING)).hasSize(1);
        assertThat(GO.in(putRight(design, Kind.HOLDING)).steps())
                .containsExactly(
                        new Step.TakeHolding("key", List.of()), note("used"), new Step.GiveBack("key", List.of()));
    }

    @Test
    void a_question_before_the_end_moves_to_where_a_departure_meets_it() {
        Design design = withMain(main("Desk", button("exit", waits("Sure", when("yes", end()), when("no")))))
                .with(box("Sure", "Yes", "No"))
                .design();
        assertThat(found(design, Kind.CLOSES_UNASKED)).isNotEmpty();
        Design now = putRight(design, Kind.CLOSES_UNASKED);
        assertThat(new ScriptPlace.AtPart("Desk", "exit").in(now).steps()).containsExactly(end());
        assertThat(new ScriptPlace.AtMoment("Desk", FacedWindow.Moment.BEFORE_CLOSING)
                        .in(now)
                        .steps())
                .containsExactly(waits("Sure", when("yes"), when("no", stay())));
    }

    @Test
    void a_part_is_called_what_it_says() {
        Design design = withMain(main(
                        "Desk",
                        Part.Button.of("button1", "&Check in a guest now, please"),
                        Part.Caption.of("caption", "{app.today}"),
                        Part.TextField.of("x", "Guest")))
                .design();
        List<Finding> unclear = all(design, Kind.NAMING);
        assertThat(unclear).hasSize(3);
        assertThat(unclear).extracting(f -> f.repairs().size()).containsExactly(1, 0, 1);
        Design now = unclear.get(2)
                .repairs()
                .getFirst()
                .in(unclear.getFirst().repairs().getFirst().in(design));
        assertThat(now.faced("Desk").orElseThrow().parts())
                .extracting(p -> p.name().expression())
                .containsExactly("checkInAGuest", "caption", "guest");
    }

    /** A letter typed twice at the end of the first name of each expression of an example. */
    @ParameterizedTest
    @ValueSource(strings = {"ridge-hut", "kiln-house"})
    void a_misspelt_name_is_put_right_wherever_it_stands(String example) throws Exception {
        Design design = DesignFile.read(Path.of("../examples/" + example + ".bivouac"));
        int[] tried = new int[1];
        int[] right = new int[1];
        design.scripts()
                .forEach((place, script) -> Steps.walk(script, (path, step) -> {
                    Script alone = Script.of(step.inner().isEmpty() ? step : step.withInner(emptied(step)));
                    for (String source : Sources.of(design, alone)) {
                        var name = NAME.matcher(source);
                        if (name.find()) {
                            int end = name.end();
                            String typed = source.substring(0, end) + source.charAt(end - 1) + source.substring(end);
                            Design wrong = ExpressionRepair.whole(Place.step(place, path), source, typed, "")
                                    .in(design);
                            tried[0]++;
                            right[0] += all(wrong, Kind.EXPRESSION).stream()
                                            .flatMap(f -> f.repairs().stream())
                                            .anyMatch(r -> r.in(wrong).equals(design))
                                    ? 1
                                    : 0;
                        }
                    }
                }));
        assertThat(tried[0]).isGreaterThan(20);
        assertThat(right[0]).isEqualTo(tried[0]);
    }

    private static List<Script> emptied(Step step) {
        return step.inner().stream().map(i -> Script.EMPTY).toList();
    }
}
