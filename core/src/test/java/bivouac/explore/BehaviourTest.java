package bivouac.explore;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.Findings;
import bivouac.check.known.Beside;
import bivouac.design.Accepted;
import bivouac.design.Application;
import bivouac.design.Braces;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.MessageBox;
import bivouac.design.Part;
import bivouac.design.Picker;
import bivouac.design.Promise;
import bivouac.design.Row;
import bivouac.design.Walkthrough;
import bivouac.format.DesignFile;
import bivouac.format.Unreadable;
import bivouac.plan.Program;
import bivouac.testkit.Rounds;
import bivouac.testkit.WideDesigns;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.Test;

/** What need not be explored again, since it cannot have changed; and what has to be. */
class BehaviourTest {

    private static final Design BELL = read();

    private static Design read() {
        try {
            return DesignFile.read(Path.of("../examples/ferry-bell.bivouac"));
        } catch (Unreadable e) {
            throw new IllegalStateException(e);
        }
    }

    private static boolean isSame(Design one, Design other) {
        return Behaviour.of(Program.of(one)).equals(Behaviour.of(Program.of(other)));
    }

    private static Design withPart(Part part) {
        return design().start(alongside("Desk")).with(main("Desk", part)).design();
    }

    /** Every text without braces is another, whether it is read or not; and what is only said is gone. */
    private static Design reworded(Design design) {
        Design reworded = new Design(
                design.application().about(new Application.About("9", "", "other", "")),
                design.windows(),
                List.of(),
                List.of(),
                design.promises());
        for (var window : design.windows()) {
            reworded = reworded.changing(window.name().shown(), w -> switch (w) {
                case FacedWindow f ->
                    f.titled(other(f.title()))
                            .sized(new FacedWindow.Size(300, 200), false)
                            .mapParts(p -> Optional.of(reworded(p)));
                case MessageBox b ->
                    new MessageBox(
                            b.name(),
                            other(b.title()),
                            MessageBox.Severity.WARNING,
                            other(b.text()),
                            b.takes(),
                            b.answers(),
                            b.byDefault(),
                            b.escape(),
                            b.place());
                case FileDialog d -> d;
                case Picker p -> p;
            });
        }
        return reworded;
    }

    private static Part reworded(Part part) {
        return switch (part) {
            case Part.Caption c -> new Part.Caption(c.name(), other(c.text()), Part.TextSize.LARGE, c.traits());
            case Part.Button b ->
                new Part.Button(b.name(), other(b.text()), b.isDefault(), b.each(), b.pressed(), b.traits());
            default -> part;
        };
    }

    private static String other(String text) {
        return Braces.isLive(text) ? text : text + " reworded";
    }

    @Test
    void what_is_only_seen_or_said_does_not_change_it() {
        assertThat(isSame(BELL, reworded(BELL))).isTrue();
        Design more = new Design(
                BELL.application(),
                BELL.windows(),
                List.of(new Walkthrough("another", TODAY, List.of())),
                List.of(new Accepted("something", "it is meant", TODAY)),
                BELL.promises());
        assertThat(isSame(BELL, more)).isTrue();
    }

    @Test
    void what_decides_anything_changes_it() {
        assertThat(isSame(BELL, BELL.promising(List.of(Promise.of("always possible to end")))))
                .isFalse();
        assertThat(isSame(withPart(button("go", alongside("Desk"))), withPart(button("go"))))
                .isFalse();
        assertThat(isSame(withPart(Part.Caption.of("note", "{1 + 1}")), withPart(Part.Caption.of("note", "{1 + 2}"))))
                .as("a live text, which may fail")
                .isFalse();
    }

    @Test
    void a_text_that_an_expression_reads_changes_it() {
        Design reads = withPart(Part.Caption.of("note", "open"))
                .changingFace(
                        "Desk",
                        f -> f.withRows(List.of(
                                Row.of(Part.Caption.of("note", "open")),
                                Row.of(Part.Caption.of("echo", "{me.note == 'open' ? 'yes' : 'no'}")))));
        Design other = reads.changingFace(
                "Desk",
                f -> f.mapParts(
                        p -> Optional.of(p.name().expression().equals("note") ? Part.Caption.of("note", "shut") : p)));
        assertThat(isSame(reads, other)).isFalse();
    }

    @Test
    void designs_of_the_same_behaviour_have_the_same_situations() {
        var random = RandomGeneratorFactory.of("L64X128MixRandom").create(23);
        int same = 0;
        int designs = Rounds.of(50);
        for (int i = 0; i < designs; i++) {
            Design design = new WideDesigns(random).design();
            Design other = reworded(design);
            if (!isSame(design, other)) {
                continue;
            }
            same++;
            Explored one = explored(design);
            Explored two = explored(other);
            assertThat(two.situations()).isEqualTo(one.situations());
            assertThat(two.steps()).isEqualTo(one.steps());
            for (int s = 0; s < one.situations(); s++) {
                assertThat(two.parents.get(s)).isEqualTo(one.parents.get(s));
                assertThat(two.by.get(s)).isEqualTo(one.by.get(s));
            }
            Program program = Program.of(other);
            assertThat(Findings.checked(program, Beside.UNKNOWN, one))
                    .isEqualTo(Findings.checked(program, Beside.UNKNOWN, two));
        }
        assertThat(same).isGreaterThan(designs / 2);
    }

    private static Explored explored(Design design) {
        return Exploration.of(
                new Question(Program.of(design), TODAY),
                new Limits(Duration.ofSeconds(10), 300L << 10, 1, Long.MAX_VALUE),
                Progress.NONE);
    }
}
