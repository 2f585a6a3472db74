package bivouac.plan;

import static bivouac.machine.Play.alongside;
import static bivouac.machine.Play.button;
import static bivouac.machine.Play.child;
import static bivouac.machine.Play.main;
import static bivouac.machine.Play.note;
import static bivouac.machine.Play.withMain;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Expression;
import bivouac.design.Part;
import bivouac.design.ScriptPlace;
import bivouac.design.StepPath;
import org.junit.jupiter.api.Test;

/** A program stands once it is compiled: who asks what a name would mean somewhere changes nothing in it. */
class AskingTest {

    @Test
    void asking_what_an_opener_holds_does_not_make_windows_remember_theirs() {
        Program program = Program.of(withMain(
                        main("Desk", Part.TextField.of("who", "Who"), button("go", alongside("Card"))),
                        child("Card", button("ok", note("x"))))
                .design());
        var place = new ScriptPlace.AtPart("Card", "ok");
        assertThat(program.compileAt(place, StepPath.of(0), new Expression("opener.who"))
                        .type())
                .isPresent();
        assertThat(program.window("Card").orElseThrow().usesOpener()).isFalse();
    }
}
