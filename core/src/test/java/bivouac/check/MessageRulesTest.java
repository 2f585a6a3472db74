package bivouac.check;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.finding.Finding;
import bivouac.check.known.MessageRules;
import bivouac.check.known.MessageRules.Rule;
import bivouac.design.ButtonOrder;
import bivouac.design.Design;
import bivouac.design.MessageBox;
import bivouac.design.Window;
import bivouac.machine.Play;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class MessageRulesTest {

    private static MessageBox box(String name, String title, String text, String... answers) {
        MessageBox made = Play.box(name, answers).titled(title).saying(text);
        return made.answering(
                made.answers(),
                Optional.of(made.answers().getFirst().ending()),
                Optional.of(made.answers().getLast().ending()));
    }

    private static MessageRules.Kept rule(Rule rule, Window... boxes) {
        return MessageRules.of(Play.design().with(boxes).design()).stream()
                .filter(k -> k.rule() == rule)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void a_title_unlike_those_of_most_is_marked_and_put_right() {
        var kept = rule(
                Rule.TITLE,
                box("a", "Mill", "Go?", "Yes", "No"),
                box("b", "Mill", "Stop?", "Yes", "No"),
                box("c", "Mill", "Turn?", "Yes", "No"),
                box("d", "Wheel", "Wait?", "Yes", "No"));
        assertThat(kept.keep()).containsExactly("a", "b", "c");
        assertThat(kept.differ()).singleElement().satisfies(r -> {
            assertThat(r.box()).isEqualTo("d");
            assertThat(r.repair()
                            .orElseThrow()
                            .edit()
                            .apply(box("d", "Wheel", "?", "OK"))
                            .title())
                    .isEqualTo("Mill");
        });
    }

    @Test
    void two_boxes_are_no_habit() {
        assertThat(MessageRules.of(Play.design()
                        .with(box("a", "Mill", "Go?", "Yes"), box("b", "Mill", "Go?", "Yes"))
                        .design()))
                .noneMatch(k -> k.rule() == Rule.TITLE);
    }

    @Test
    void a_default_that_destroys_is_found_and_the_other_answer_offered() {
        MessageBox harsh = box("a", "Mill", "Sacks are left. Delete them?", "Delete", "Keep");
        var kept = rule(Rule.SAFE_DEFAULT, harsh, box("b", "Mill", "Go?", "Go", "Stay"));
        assertThat(kept.keep()).containsExactly("b");
        var repaired = kept.differ().getFirst().repair().orElseThrow().edit().apply(harsh);
        assertThat(repaired.byDefault()).contains("keep");
        Design design = Play.design().with(harsh).design();
        assertThat(Findings.of(bivouac.plan.Program.of(design)))
                .anyMatch(f -> f.kind() == Finding.Kind.MESSAGE && f.what().contains("Enter means “Delete”"));
    }

    @Test
    void a_question_that_asks_nothing_is_found() {
        assertThat(rule(Rule.QUESTION, box("a", "Mill", "The wheel stands still.", "Yes", "No"))
                        .differ())
                .hasSize(1);
        assertThat(rule(Rule.QUESTION, box("a", "Mill", "Start the wheel?", "Yes", "No"))
                        .differ())
                .isEmpty();
    }

    @Test
    void a_sentence_without_an_end_gets_one_that_fits() {
        var differ = rule(Rule.SENTENCE, box("a", "Mill", "Start the wheel", "Yes", "No"))
                .differ();
        assertThat(differ.getFirst().repair().orElseThrow().words()).isEqualTo("End it with “?”");
    }

    @Test
    void Escape_that_leads_nowhere_is_marked_where_there_is_a_choice() {
        assertThat(rule(Rule.ESCAPE, Play.box("a", "Yes", "No")).differ()).hasSize(1);
        assertThat(MessageRules.of(Play.design().with(Play.box("a", "OK")).design()))
                .noneMatch(k -> k.rule() == Rule.ESCAPE);
    }

    @Test
    void small_letters_on_buttons_are_put_right_without_changing_what_they_are() {
        MessageBox small = box("a", "Mill", "Go?", "&yes", "No");
        var fixed = rule(Rule.CAPITALS, small)
                .differ()
                .getFirst()
                .repair()
                .orElseThrow()
                .edit()
                .apply(small);
        assertThat(fixed.answers().getFirst()).isEqualTo(new MessageBox.Answer("&Yes", "yes"));
    }

    @Test
    void the_order_of_buttons_follows_default_and_escape() {
        MessageBox box = box("a", "Mill", "Go?", "Save", "Leave", "Stay");
        assertThat(ButtonOrder.AS_DESIGNED.of(box))
                .extracting(MessageBox.Answer::text)
                .containsExactly("Save", "Leave", "Stay");
        assertThat(ButtonOrder.DEFAULT_LAST.of(box))
                .extracting(MessageBox.Answer::text)
                .containsExactly("Stay", "Leave", "Save");
        assertThat(ButtonOrder.DEFAULT_FIRST.of(box.answering(
                        List.of(
                                box.answers().get(2),
                                box.answers().get(0),
                                box.answers().get(1)),
                        box.byDefault(),
                        box.escape())))
                .extracting(MessageBox.Answer::text)
                .containsExactly("Save", "Leave", "Stay");
    }
}
