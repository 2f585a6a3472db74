package bivouac.desktop;

import static javafx.scene.input.KeyCode.*;
import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.input.KeyCode;

/** What a person does to build a design, whatever the hand is on: keys alone, or the mouse and texts. */
interface Hands {

    /** Something that the design's menu has, too. */
    void command(String inMenu, KeyCode... keys);

    /** Puts the keyboard on something that is to be seen. */
    void go(String id);

    /** Presses a button, a link or a tick box. */
    void press(String id);

    /** Chooses one of a list of choices. */
    void pick(String id, String item);

    /** Goes to a window. */
    void window(String name);

    /** Goes to what a part does. */
    void part(String shown, String expression);

    /** Goes to the page of the application. */
    void application();

    /** Goes to a script of the window that is shown. */
    void moment(String moment, String window);

    /** Goes to a screen. */
    void screen(String id, KeyCode digit);

    Robot robot();

    /** A field gets another text. */
    default void fill(String id, String text) {
        go(id);
        robot().selectAll().text(text).enter();
    }

    /** A line is typed where the next step goes. */
    default void step(String line) {
        robot().text(line).enter();
    }

    /** A branch that is not written yet is begun. */
    default void branch(String id) {
        go(id);
        robot().enter();
    }

    /** Keys alone: the tool's own, and Tab for all else. */
    record Keys(Robot robot) implements Hands {

        private static final int FAR = 160;

        @Override
        public void command(String inMenu, KeyCode... keys) {
            robot.key(keys);
        }

        @Override
        public void screen(String id, KeyCode digit) {
            robot.key(CONTROL, digit);
        }

        @Override
        public void go(String id) {
            KeyCode[] keys = robot.isNearerBackwards(id) ? new KeyCode[] {SHIFT, TAB} : new KeyCode[] {TAB};
            for (int i = 0; i < FAR && !robot.focus().equals(id); i++) {
                robot.key(keys);
            }
            assertThat(robot.focus()).as("Tab leads to " + id).isEqualTo(id);
        }

        @Override
        public void press(String id) {
            go(id);
            robot.key(SPACE);
        }

        @Override
        public void pick(String id, String item) {
            go(id);
            int by = robot.choiceBy(id, item);
            robot.key(SPACE);
            for (int i = 0; i < Math.abs(by); i++) {
                robot.key(by > 0 ? DOWN : UP);
            }
            robot.enter();
            assertThat(robot.choiceBy(id, item))
                    .as(item + " is chosen in " + id)
                    .isZero();
        }

        @Override
        public void window(String name) {
            robot.key(CONTROL, L).text(name).enter();
        }

        @Override
        public void part(String shown, String expression) {
            robot.key(CONTROL, K).text(shown).enter();
        }

        @Override
        public void application() {
            robot.key(CONTROL, K).text("Start").enter();
        }

        @Override
        public void moment(String moment, String window) {
            robot.key(CONTROL, K).text(moment + " of " + window).enter();
        }
    }

    /** The mouse, and what can only be typed. */
    record Mouse(Robot robot) implements Hands {

        @Override
        public void command(String inMenu, KeyCode... keys) {
            robot.click("design-menu").clickText(inMenu);
        }

        @Override
        public void screen(String id, KeyCode digit) {
            go(id);
        }

        @Override
        public void go(String id) {
            robot.reveal(id).click(id);
        }

        @Override
        public void press(String id) {
            go(id);
        }

        @Override
        public void pick(String id, String item) {
            go(id);
            robot.clickInList(item);
        }

        @Override
        public void window(String name) {
            go("roster-" + name);
        }

        @Override
        public void part(String shown, String expression) {
            go("face-" + expression);
        }

        @Override
        public void application() {
            go("roster-application");
        }

        @Override
        public void moment(String moment, String window) {
            go("moment-" + moment);
            assertThat(robot.focus()).as("the link takes the keyboard along").isEqualTo("next-step");
        }
    }
}
