package bivouac.handover.proof;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bivouac.format.DesignFile;
import bivouac.handover.HandedOver;
import bivouac.handover.NotHandedOver;
import bivouac.handover.Toolkit;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The proof of a program for Windows Forms finds what is wrong and says it; the program's own tests hold. */
class FormsProofTest {

    @TempDir
    Path folder;

    @BeforeEach
    void write() throws Exception {
        var design = DesignFile.read(Path.of("../examples/ferry-bell.bivouac"));
        HandedOver.to(folder, design, Toolkit.FORMS, Optional.empty(), new HandedOver.Allowed(true, false));
    }

    private void change(String file, String from, String to) throws Exception {
        Path path = folder.resolve(file);
        String text = Files.readString(path);
        assertThat(text).contains(from);
        Files.writeString(path, text.replace(from, to));
    }

    private Proof proof() {
        return Proof.of(Toolkit.FORMS, folder);
    }

    @Test
    void a_program_as_it_was_written_is_identical() throws Exception {
        assertThat(proof().compile()).isEmpty();
        assertThat(proof().drive()).isNotEmpty().allSatisfy(o -> assertThat(o.difference())
                .isEmpty());
        try (Stream<Path> all = Files.walk(folder)) {
            assertThat(all.map(Path::toString)).noneMatch(n -> n.endsWith(".seen"));
        }
    }

    @Test
    void what_does_otherwise_is_found_out_at_its_event() throws Exception {
        change("src/Landing.cs", "app.waiting + party", "app.waiting + party + 1");
        assertThat(proof().compile()).as("it compiles all the same").isEmpty();
        assertThat(proof().drive()).anySatisfy(o -> assertThat(o.difference())
                .hasValueSatisfying(d -> assertThat(d).startsWith("At “").contains("expected “")));
    }

    @Test
    void what_does_not_compile_is_said_before_anything_is_driven_and_a_warning_counts() throws Exception {
        change("src/Landing.cs", "class Landing", "class class Landing");
        assertThat(proof().compile())
                .hasValueSatisfying(s -> assertThat(s).contains("Landing.cs").contains("error CS"));
        write();
        change(
                "src/Landing.cs",
                "        private Landing(",
                "        private int unread = 1;\n\n        private Landing(");
        assertThat(proof().compile()).hasValueSatisfying(s -> assertThat(s).contains("Warning as Error"));
    }

    @Test
    void a_folder_without_a_program_is_said_in_a_sentence() throws Exception {
        Path empty = Files.createDirectories(folder.resolve("empty"));
        assertThatThrownBy(() -> Proof.of(Toolkit.FORMS, empty).compile())
                .isInstanceOf(NotHandedOver.class)
                .hasMessage(empty + " is no written program: it has no tests.");
        assertThat(Proof.of(Toolkit.FORMS, empty).drive())
                .as("nothing to drive")
                .isEmpty();
    }

    /** As a developer runs them, by the program's own Makefile; answers what was said. */
    private String make(String... goals) throws Exception {
        var command = new java.util.ArrayList<>(java.util.List.of("make", "-s"));
        command.addAll(java.util.List.of(goals));
        var make = new ProcessBuilder(command).directory(folder.toFile()).redirectErrorStream(true);
        var display = Display.open().orElseThrow();
        try {
            make.environment().put("DISPLAY", display.name());
            Process process = make.start();
            return new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
        } finally {
            display.close();
        }
    }

    @Test
    void the_tests_of_the_program_hold_and_fail_where_a_rule_is_broken() throws Exception {
        assertThat(make("test")).endsWith("All is as rehearsed.");
        change("src/rules/Desk.Events.cs", "return waited.Within(window);", "return false;");
        assertThat(make("test"))
                .contains("OnlyTheOwnerOfWhatIsWaitedForIsBlocked")
                .contains("failed.");
        write();
        change("src/rules/Desk.Work.cs", "Enumerable.Reverse(held).Where(", "held.Where(");
        assertThat(make("test")).contains("HoldingsAreGivenBackTheLastTakenFirst");
        write();
        change("src/rules/Desk.Work.cs", "if (FromTop<Script>().First().WaitsForAll)", "if (of == null)");
        assertThat(make("test")).contains("ATaskOfClosingIsWaitedFor");
    }

    @Test
    void the_program_itself_is_built_by_its_makefile() throws Exception {
        assertThat(make()).isEmpty();
        assertThat(folder.resolve("bin/FerryBell.exe")).isRegularFile();
    }
}
