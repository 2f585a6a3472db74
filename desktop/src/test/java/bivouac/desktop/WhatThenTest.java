package bivouac.desktop;

import static javafx.scene.input.KeyCode.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Holding;
import bivouac.desktop.work.Situation;
import bivouac.format.DesignFormat;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Loose ends are wired on the desk, and the rehearsal goes on from there. */
class WhatThenTest {

    private static final String MILL = """
            {
              "format": 1,
              "application": {
                "name": "Mill",
                "start": [{ "step": "open", "window": "Mill", "manner": "alongside" }],
                "names": "no kind in names",
                "tasks": [{ "name": "count sacks", "endings": [{ "name": "done" }, { "name": "failed" }] }]
              },
              "windows": [
                {
                  "window": "main window",
                  "name": "Mill",
                  "rows": [
                    [
                      { "part": "button", "name": "grind", "text": "grind" },
                      {
                        "part": "button",
                        "name": "ask",
                        "text": "ask",
                        "pressed": [
                          {
                            "step": "open",
                            "window": "Sure",
                            "manner": "waits for the application",
                            "when": { "yes": [{ "step": "note", "text": "sure" }] }
                          }
                        ]
                      },
                      {
                        "part": "button",
                        "name": "sell",
                        "text": "sell",
                        "pressed": [{ "step": "run", "task": "count sacks" }]
                      }
                    ]
                  ]
                },
                {
                  "window": "message box",
                  "name": "Sure",
                  "title": "Mill",
                  "text": "Are you sure?",
                  "buttons": [{ "text": "yes" }, { "text": "no" }]
                }
              ]
            }
            """;

    @TempDir
    Path folder;

    private Robot robot;

    @BeforeEach
    void open() throws Exception {
        robot = Robot.open(DesignFormat.read(MILL), folder);
        robot.key(CONTROL, DIGIT3);
    }

    @AfterEach
    void close() {
        robot.close();
    }

    private Situation now() {
        return robot.app().work().now();
    }

    @Test
    void a_button_with_nothing_behind_it_is_wired_where_it_was_pressed() {
        robot.click("part-grind");
        assertThat(robot.says("What happens when grind on Mill is pressed?")).isTrue();
        assertThat(robot.focus()).isEqualTo("what-then");
        robot.text("message `The mill is turning.`").key(ENTER);
        assertThat(now().rehearsal().now()).isEqualTo(1);
        assertThat(now().rehearsal().scene().windows()).hasSize(2);
        assertThat(robot.node("then-strip").isVisible()).isFalse();
        robot.key(CONTROL, Z);
        assertThat(now().rehearsal().scene().windows()).hasSize(1);
        assertThat(robot.node("then-strip").isVisible()).isTrue();
    }

    @Test
    void an_ending_without_a_branch_gets_one_and_an_unfinished_line_stays() {
        robot.click("part-ask").click("answer-no");
        assertThat(robot.says("What happens in Mill when Sure ends no?")).isTrue();
        robot.click("what-then").text("dance").key(ENTER);
        assertThat(robot.node("then-strip").isVisible()).isTrue();
        robot.selectAll().text("note `not sure`").key(ENTER);
        assertThat(now().rehearsal().present().seen().toString()).contains("not sure");
    }

    @Test
    void a_task_end_is_answered_with_nothing_on_purpose() {
        robot.click("part-sell").click("task-count sacks-failed");
        assertThat(robot.says("What happens in Mill when count sacks ends failed?"))
                .isTrue();
        robot.click("what-then").text("nothing").key(ENTER);
        assertThat(robot.node("then-strip").isVisible()).isFalse();
        assertThat(now().findings()).noneMatch(f -> f.what().contains("ends failed"));
    }

    @Test
    void a_holding_is_made_and_taken_on_the_desk_and_seen_to_be_held() {
        robot.click("part-grind").text("take new mill stone").key(ENTER);
        assertThat(now().design().application().holdings()).containsExactly(Holding.of("mill stone"));
        assertThat(now().rehearsal().scene().held()).hasToString("[mill stone, for Mill]");
        assertThat(robot.says("mill stone, for Mill")).as("on the lifelines").isTrue();
        robot.click("right-1");
        assertThat(robot.has("see-see held \"mill stone\"")).isTrue();
        robot.applicationPage()
                .focus("app-holdings-0")
                .selectAll()
                .text("mill stone: may fail")
                .key(ENTER);
        assertThat(now().findings()).anyMatch(f -> f.what().contains("when mill stone could not be taken"));
        robot.focus("app-holdings-0").selectAll().text("mill stone: heavy").key(ENTER);
        assertThat(now().foot().sentence()).contains("“heavy” says nothing of a holding");
        assertThat(now().design().application().holdings())
                .containsExactly(Holding.of("mill stone").failing());
    }
}
