package bivouac.desktop;

import static javafx.scene.input.KeyCode.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Menu;
import bivouac.design.Part;
import bivouac.design.Row;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Setting;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.format.DesignFile;
import bivouac.format.DesignFormat;
import bivouac.sentence.Declarations;
import bivouac.sentence.FrameLine;
import bivouac.sentence.RoutineLine;
import bivouac.sentence.Sentences;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * The first window of Ridge Hut, built from nothing by keys alone, where the others are there already: each part and each step is
 * typed as the tool itself says it, so that what it says can be typed. It is the example's then.
 */
class RegisterByKeysTest {

    private static final Path EXAMPLE = Path.of("../examples/ridge-hut.bivouac");
    private static final String NAME = "Register";

    @TempDir
    Path folder;

    private Design example;
    private FacedWindow register;
    private Robot robot;
    private Hands hands;

    @BeforeEach
    void open() throws Exception {
        example = DesignFile.read(EXAMPLE);
        register = example.faced(NAME).orElseThrow();
        Design begun = example.changing(NAME, w -> FacedWindow.of(FacedWindow.Kind.MAIN, NAME));
        robot = Robot.open(begun, folder.resolve("state"));
        hands = new Hands.Keys(robot);
    }

    @AfterEach
    void close() {
        robot.close();
    }

    @Test
    void it_is_built_by_keys_alone() throws Exception {
        hands.screen("screen-1", DIGIT2);
        hands.window(NAME);
        hands.fill("face-title", register.title());
        hands.fill("window-frame", FrameLine.write(register));
        parts();
        settings();
        timers();
        scripts();
        FacedWindow made = robot.app().work().now().design().faced(NAME).orElseThrow();
        assertThat(made).isEqualTo(register);
        assertThat(DesignFormat.write(robot.app().work().now().design())).isEqualTo(DesignFormat.write(example));
    }

    // Parts

    private void parts() {
        hands.go("new-part");
        for (Row row : register.rows()) {
            for (int i = 0; i < row.parts().size(); i++) {
                Part part = row.parts().get(i);
                boolean beside =
                        i > 0 && !(part instanceof Part.Button && row.parts().get(i - 1) instanceof Part.Button);
                type((beside ? "+ " : "") + line(part));
            }
        }
        for (Menu menu : register.menus()) {
            for (Part.MenuCommand command : menu.commands()) {
                type("command " + menu.text() + " / " + command.text()
                        + (command.shortcut().isEmpty() ? "" : " " + command.shortcut()) + named(command));
            }
        }
    }

    private void type(String line) {
        robot.text(line).enter();
    }

    private static String named(Part part) {
        return " as " + part.name().shown();
    }

    private static String line(Part part) {
        return switch (part) {
            case Part.Caption c -> "caption " + c.text() + named(c);
            case Part.Button b -> "button " + b.text() + named(b);
            case Part.ListOfRows l -> "list " + l.label() + " of " + Declarations.columns(l.columns()) + named(l);
            case Part.TextField _,
                    Part.ValueField _,
                    Part.Choice _,
                    Part.Link _,
                    Part.Picture _,
                    Part.Progress _,
                    Part.TickBox _,
                    Part.MenuCommand _ -> throw new IllegalArgumentException(part.toString());
        };
    }

    private Stream<Part> all() {
        return register.parts().stream();
    }

    private void settings() {
        all().forEach(part -> {
            var traits = part.traits();
            fill(part, "enabled", condition(traits.enabled()));
            fill(part, "visible", condition(traits.visible()));
            fill(part, "font", traits.font());
            fill(part, "colour", traits.colour());
            switch (part) {
                case Part.Caption c -> {
                    if (c.size() != Part.Caption.of("x", "").size()) {
                        show(c);
                        hands.pick("part-size", c.size().name().toLowerCase(java.util.Locale.ROOT));
                    }
                }
                case Part.Button b -> tick(b, "default", b.isDefault());
                case Part.MenuCommand m -> {
                    tick(m, "ticking", m.ticking());
                    tick(m, "separated", m.separated());
                }
                case Part.ListOfRows l -> {
                    fill(l, "rows", Declarations.rows(l.first()));
                    tick(l, "by-hand", l.byHand());
                }
                case Part.TextField _,
                        Part.ValueField _,
                        Part.Choice _,
                        Part.Link _,
                        Part.Picture _,
                        Part.Progress _,
                        Part.TickBox _ -> throw new IllegalArgumentException(part.toString());
            }
        });
    }

    private static String condition(Setting setting) {
        return setting instanceof Setting.Follows(var condition) ? condition.source() : "";
    }

    /** By its name in expressions, which is shown there too: what stands on it may be the tool's word as well. */
    private void find(Part part) {
        hands.part("me." + part.name().expression() + " on " + NAME, part.name().expression());
    }

    private void show(Part part) {
        find(part);
        if (robot.has("tab-part")) {
            hands.press("tab-part");
        }
    }

    private void fill(Part part, String what, String text) {
        if (!text.isEmpty()) {
            show(part);
            hands.fill("part-" + what, text);
        }
    }

    private void tick(Part part, String what, boolean is) {
        if (is) {
            show(part);
            hands.press("part-" + what);
        }
    }

    private void timers() {
        hands.go("window-timers");
        robot.text(register.routines().timers().stream().map(RoutineLine::write).collect(Collectors.joining("\n")));
        robot.key(TAB);
    }

    // Scripts

    private void scripts() {
        example.scripts().forEach((place, script) -> {
            if (place.ofWindow().equals(Optional.of(NAME)) && !script.isEmpty()) {
                begin(place);
                steps(script.steps(), Optional.empty(), 0);
            }
        });
    }

    private void begin(ScriptPlace place) {
        switch (place) {
            case ScriptPlace.AtMoment m -> hands.moment(m.moment().words(), NAME);
            case ScriptPlace.AtPart p -> {
                Part part = register.part(p.part()).orElseThrow();
                find(part);
                if (robot.has("tab-script") && !robot.has("next-step")) {
                    hands.press("tab-script");
                }
            }
            case ScriptPlace.AtRow r -> {
                find(register.part(r.part()).orElseThrow());
                if (robot.has("tab-script") && !robot.has("next-step")) {
                    hands.press("tab-script");
                }
                hands.press("tab-" + r.moment().words().replace(' ', '-'));
            }
            case ScriptPlace.OfTimer t -> hands.press("script-" + t.words().replace(' ', '-'));
            case ScriptPlace.Start _, ScriptPlace.Plan _, ScriptPlace.Named _ ->
                throw new IllegalArgumentException(place.words());
        }
        hands.go("next-step");
    }

    private void steps(List<Step> steps, Optional<StepPath> outer, int inner) {
        for (int i = 0; i < steps.size(); i++) {
            Step step = steps.get(i);
            StepPath path = StepPath.in(outer, inner, i);
            if (i > 0 && !steps.get(i - 1).inner().isEmpty()) {
                hands.go("step-" + path.next(-1).numbers());
                robot.key(CONTROL, ENTER);
            }
            hands.step(Sentences.line(step));
            within(step, path);
        }
    }

    private void within(Step step, StepPath path) {
        switch (step) {
            case Step.Branching b -> {
                for (int n = 0; n < b.branches().size(); n++) {
                    Script script = b.branches().get(n).script();
                    hands.branch("branch-" + path.numbers() + "-1"
                            + b.branches().get(n).ending());
                    if (script.isEmpty()) {
                        robot.key(ESCAPE);
                    } else {
                        steps(script.steps(), Optional.of(path), n);
                    }
                }
            }
            case Step.If choice -> {
                steps(choice.cases().getFirst().script().steps(), Optional.of(path), 0);
                choice.otherwise().ifPresent(other -> {
                    hands.step("else");
                    steps(other.steps(), Optional.of(path), choice.cases().size());
                });
            }
            case Step.Repeat r -> steps(r.script().steps(), Optional.of(path), 0);
            case Step.Close _, Step.EndApplication _, Step.Off _, Step.Plain _ -> {
                // a line, and nothing in it
            }
        }
    }
}
