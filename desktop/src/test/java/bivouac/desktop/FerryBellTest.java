package bivouac.desktop;

import static javafx.scene.input.KeyCode.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Ferry Bell, the whole example, built from nothing as the guide says, by keys alone and by the mouse. */
class FerryBellTest {

    private static final Path EXAMPLE = Path.of("../examples/ferry-bell.bivouac");

    @TempDir
    Path folder;

    private Robot robot;

    @BeforeEach
    void open() {
        robot = Robot.open(Design.startingWith("Before"), folder.resolve("state"));
    }

    @AfterEach
    void close() {
        robot.close();
    }

    @Test
    void by_keys_alone() throws Exception {
        var hands = new Hands.Keys(robot);
        build(hands);
        arrivesByKeys();
        tick(hands, "see \"Passenger\" closed");
        hands.go("part-ringButton");
        robot.key(SPACE);
        tick(hands, "see \"Landing\" blocked");
        hands.go("answer-ring");
        robot.enter();
        tick(hands, "see \"Ring\" closed");
        keep(hands, "a party comes and the bell is rung");
        robot.key(F5);
        hands.go("part-passengerButton");
        arrivesByKeys();
        // what was ticked there for the first is not wanted in the second
        tick(hands, "see \"Passenger\" closed");
        hands.go("part-ringButton");
        robot.key(ALT, F4);
        tick(hands, "see \"Still waiting\" open");
        hands.go("answer-stay");
        robot.enter();
        tick(hands, "see \"Landing\" open");
        tick(hands, "see \"Landing\" free");
        keep(hands, "closing is asked about while people wait");
        robot.key(F5);
        hands.go("part-passengerButton");
        robot.key(ALT, F4);
        tick(hands, "see exit code 0");
        keep(hands, "an empty landing closes at once");
        savedAsTheExample(hands);
    }

    @Test
    void by_mouse_with_only_the_texts_typed() throws Exception {
        var hands = new Hands.Mouse(robot);
        build(hands);
        robot.click("right-1");
        arrivesByMouse();
        tick(hands, "see \"Passenger\" closed");
        robot.click("part-ringButton");
        tick(hands, "see \"Landing\" blocked");
        robot.click("answer-ring");
        tick(hands, "see \"Ring\" closed");
        keep(hands, "a party comes and the bell is rung");
        robot.click("start-again");
        arrivesByMouse();
        tick(hands, "see \"Passenger\" closed");
        robot.click("close-box");
        tick(hands, "see \"Still waiting\" open");
        robot.click("answer-stay");
        tick(hands, "see \"Landing\" open");
        tick(hands, "see \"Landing\" free");
        keep(hands, "closing is asked about while people wait");
        robot.click("start-again").click("close-box");
        tick(hands, "see exit code 0");
        keep(hands, "an empty landing closes at once");
        savedAsTheExample(hands);
    }

    private void arrivesByKeys() {
        robot.enter();
        robot.selectAll().text("3").enter();
    }

    private void arrivesByMouse() {
        robot.click("part-passengerButton")
                .click("part-partyNumber")
                .selectAll()
                .text("3")
                .click("part-addButton");
    }

    private void tick(Hands hands, String expectation) {
        if (!robot.isShown("seen-list")) {
            hands.press("right-1");
        }
        hands.press("see-" + expectation);
    }

    private void keep(Hands hands, String name) {
        hands.go("walk-name");
        robot.text(name).enter();
    }

    private void savedAsTheExample(Hands hands) throws Exception {
        Path file = folder.resolve("ferry-bell.bivouac");
        hands.command("Save    Ctrl+S", CONTROL, S);
        robot.selectAll().text(file.toString()).enter();
        assertThat(Files.readString(file)).isEqualTo(Files.readString(EXAMPLE));
        assertThat(robot.app().work().now().findings()).isEmpty();
    }

    // Building

    private void build(Hands hands) {
        hands.command("New design    Ctrl+N", CONTROL, N);
        robot.text("Ferry Bell").enter();
        hands.fill("window-name", "Landing");
        hands.fill("face-title", "Alder Landing");
        application(hands);
        hands.window("Landing");
        faceOfLanding(hands);
        passenger(hands);
        ring(hands);
        asksBeforeClosing(hands);
        log(hands);
        hands.application();
        hands.go("next-step");
        robot.text("say when work breaks").enter();
        hands.screen("screen-3", DIGIT3);
    }

    private void application(Hands hands) {
        hands.application();
        hands.fill("about-version", "1.0");
        hands.fill("about-rights", "© The Alder Landing");
        hands.fill("about-comments", "One landing, one ferry, one bell. The small example: read it in two minutes.");
        hands.fill("app-values-new", "waiting: whole = 0");
        hands.fill("app-values-new", "log: file = \"/Landing\"");
        hands.fill("app-files-new", "/Landing/monday.log");
        hands.fill("app-tasks-new", "write log taking at: file ends written writing takes.at; failed");
    }

    private void faceOfLanding(Hands hands) {
        hands.go("new-part");
        robot.text("caption {app.waiting == 0 ? \"Nobody waits.\" : string(app.waiting) + \" wait for the ferry.\"}"
                        + " as queue caption")
                .enter();
        hands.pick("part-size", "large");
        hands.go("new-part");
        robot.text("button &Passenger… as passenger button").enter();
        robot.text("button &Ring the bell as ring button").enter();
        robot.text("button &Keep log… as log button").enter();
        settings(hands, "Passenger…", "passengerButton");
        hands.press("part-default");
        settings(hands, "Ring the bell", "ringButton");
        hands.fill("part-enabled", "app.waiting > 0");
    }

    private void settings(Hands hands, String shown, String expression) {
        hands.part(shown, expression);
        hands.press("tab-part");
    }

    private void script(Hands hands, String shown, String expression) {
        hands.part(shown, expression);
        if (robot.has("tab-script") && !robot.has("next-step")) {
            hands.press("tab-script");
        }
        hands.go("next-step");
    }

    private void passenger(Hands hands) {
        script(hands, "Passenger…", "passengerButton");
        hands.step("open new dialog Passenger and wait, for its owner");
        hands.window("Passenger");
        hands.fill("face-title", "Who wants to cross?");
        hands.fill("endings", "waits giving party: whole; cancelled");
        hands.go("new-part");
        robot.text("whole-number field &How many as party number").enter();
        robot.text("button &Add").enter();
        robot.text("button Cancel").enter();
        settings(hands, "How many", "partyNumber");
        hands.fill("part-starts", "1");
        settings(hands, "Add", "addButton");
        hands.press("part-default");
        hands.fill("part-enabled", "me.partyNumber.given && me.partyNumber > 0");
        script(hands, "Add", "addButton");
        hands.step("close with waits giving party ← me.partyNumber");
        script(hands, "Cancel", "cancelButton");
        hands.step("close with cancelled");
        hands.window("Landing");
        script(hands, "Passenger…", "passengerButton");
        hands.step("when waits");
        hands.step("set app.waiting ← app.waiting + result.party");
        script(hands, "Ring the bell", "ringButton");
        script(hands, "Passenger…", "passengerButton");
        hands.step("when cancelled nothing");
    }

    private void box(
            Hands hands, String name, String text, String answers, String severity, String enter, String escape) {
        hands.window(name);
        hands.fill("face-title", "Landing");
        hands.fill("box-text", text);
        hands.fill("box-answers", answers);
        hands.pick("box-severity", severity);
        if (!enter.equals("ok")) {
            hands.pick("box-default", enter);
            hands.pick("box-escape", escape);
        }
    }

    private void ring(Hands hands) {
        script(hands, "Ring the bell", "ringButton");
        hands.step("open new message box Ring handing party ← app.waiting");
        box(hands, "Ring", "Call the ferry for {takes.party}?", "&Ring, &Not yet", "question", "ring", "not yet");
        hands.window("Landing");
        script(hands, "Ring the bell", "ringButton");
        hands.step("when ring");
        hands.step("set app.waiting ← 0");
        hands.step("note `The ferry comes over.`");
        hands.step("when not yet nothing");
    }

    private void asksBeforeClosing(Hands hands) {
        hands.moment("before closing", "Landing");
        hands.go("next-step");
        hands.step("if app.waiting > 0");
        hands.step("open new message box Still waiting handing party ← app.waiting");
        box(
                hands,
                "Still waiting",
                "{takes.party} still wait. Leave the landing?",
                "&Leave, &Stay",
                "warning",
                "stay",
                "stay");
        hands.window("Landing");
        hands.moment("before closing", "Landing");
        hands.branch("branch-[0, 0, 0]-1leave");
        robot.key(ESCAPE);
        hands.branch("branch-[0, 0, 0]-1stay");
        hands.step("stay open");
    }

    private void log(Hands hands) {
        script(hands, "Keep log…", "logButton");
        hands.step("open new message box Log not kept");
        box(hands, "Log not kept", "The log could not be kept. Try another place.", "OK", "error", "ok", "");
        hands.window("Landing");
        script(hands, "Keep log…", "logButton");
        hands.go("step-[0]");
        robot.key(DELETE);
        hands.go("next-step");
        hands.step("open new file dialog to save Keep log as chosen");
        hands.window("Keep log");
        hands.fill("face-title", "Keep the log of the day");
        hands.fill("file-filters", "Logs: *.log; no other files");
        hands.fill("file-folder", "{app.log}");
        hands.window("Landing");
        script(hands, "Keep log…", "logButton");
        hands.step("when chosen");
        hands.step("run write log handing at ← result.path");
        hands.step("when written");
        hands.step("set app.log ← chosen.path");
        hands.step("when failed");
        hands.step("open Log not kept");
        hands.branch("branch-[0]-1cancelled");
        robot.key(ESCAPE);
    }
}
