package bivouac.handover;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.handover.python.PyNames;
import bivouac.handover.python.PyWorld;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Names in Python: as its people write them, none for two things, none that hides another. */
class PythonNamesTest {

    @TempDir
    Path folder;

    @ParameterizedTest
    @CsvSource({
        "guestName, guest_name",
        "GuestName, guest_name",
        "readPDFFile, read_pdf_file",
        "n2, n2",
        "bunk2Left, bunk2_left",
        "__x, x",
        "_, n",
        "_1st, n1st",
        "already_so, already_so"
    })
    void words_are_parted_by_lines(String expression, String written) {
        assertThat(PyNames.snake(expression)).isEqualTo(written);
    }

    @Test
    void two_names_never_become_one_and_the_same_name_is_always_the_same() {
        var names = new PyNames();
        assertThat(names.of("guestName")).isEqualTo("guest_name");
        assertThat(names.of("guest_name")).isEqualTo("guest_name2");
        assertThat(names.of("guestName2")).isNotIn("guest_name", "guest_name2");
        assertThat(names.of("guestName")).isEqualTo("guest_name");
    }

    @Test
    void a_word_of_the_language_and_a_name_that_is_there_end_with_a_line() {
        var names = new PyNames();
        assertThat(names.beside("class", Set.of())).isEqualTo("class_");
        assertThat(names.beside("match", Set.of())).isEqualTo("match_");
        assertThat(names.beside("close", Set.of("close"))).isEqualTo("close_");
        assertThat(names.parameter("self")).isEqualTo("self_");
        var locals = names.locals(Set.of("guest"));
        assertThat(locals.local("guest")).isEqualTo("guest2");
        assertThat(locals.passing("each")).isEqualTo("each");
        assertThat(locals.local("each")).isEqualTo("each");
        assertThat(locals.local("each")).isEqualTo("each2");
        assertThat(locals.local("whenOpened")).as("functions are called so").isEqualTo("when_opened_");
    }

    @Test
    void literals_and_remarks_hold_whatever_is_in_them() {
        assertThat(PyNames.literal("a \"b\" \\ \n\t\r \u2028 \u0007 ü 🛖"))
                .isEqualTo("\"a \\\"b\\\" \\\\ \\n\\t\\r \\u2028 \\u0007 ü 🛖\"");
        assertThat(PyNames.comment("ends \"\"\" here \\N{DIGIT ONE}\n and on"))
                .isEqualTo("ends ''' here /N{DIGIT ONE} and on");
    }

    /** Python itself says what windows and the application have, so that no list of ours can be short of one. */
    @Test
    void no_name_of_a_design_can_hide_one_of_the_support_part() throws Exception {
        Projects.write(Projects.example("ferry-bell"), Toolkit.TK, folder);
        String asks =
                "from ferrybell.support.face import Face; from ferrybell.support.desk import DeskWindow; import re, inspect;"
                        + "import ferrybell.support.desk as d, ferrybell.support.face as f, ferrybell.support.window as w;"
                        + "own = set(re.findall(r'self\\.([a-z]\\w*)', ''.join(inspect.getsource(c) for c in (DeskWindow, w.Window, Face))));"
                        + "print(*sorted(n for n in own | set(dir(Face)) if not n.startswith('_')))";
        var python = new ProcessBuilder("python3", "-c", asks)
                .directory(folder.toFile())
                .redirectErrorStream(true)
                .start();
        String said = new String(python.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
        assertThat(said.split(" ")).hasSizeGreaterThan(20).isSubsetOf(PyWorld.OF_WINDOWS);
    }
}
