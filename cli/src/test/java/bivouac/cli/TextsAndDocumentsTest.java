package bivouac.cli;

import static bivouac.cli.Said.run;
import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Texts out and in again, and documents, by commands. */
class TextsAndDocumentsTest {

    private static final String HUT = "../examples/ridge-hut.bivouac";

    @TempDir
    Path folder;

    @Test
    void texts_go_out_and_are_taken_in_again_when_that_is_said() throws Exception {
        Path design = Files.copy(Path.of("../examples/ferry-bell.bivouac"), folder.resolve("bell.bivouac"));
        String before = Files.readString(design);
        Path texts = folder.resolve("texts.csv");
        Said out = run(new TextsCommand(), design.toString(), "--out", texts.toString());
        assertThat(out.code()).isZero();
        assertThat(out.out()).endsWith("texts in " + texts + ".\n");
        List<String> lines = Files.readAllLines(texts);
        String row =
                lines.stream().filter(l -> l.contains(".title,")).findFirst().orElseThrow();
        Files.write(
                texts, lines.stream().map(l -> l.equals(row) ? l + "Sino" : l).toList());

        Said shown = run(new TextsCommand(), design.toString(), "--in", texts.toString());
        assertThat(shown.out()).contains(" → \"Sino\"").endsWith("Nothing is changed without --take.\n");
        assertThat(design).hasContent(before);
        Said taken = run(new TextsCommand(), design.toString(), "--in", texts.toString(), "--take");
        assertThat(taken.out()).endsWith("1 text changed, 0 cannot be taken.\n");
        assertThat(taken.code()).isZero();
        assertThat(Files.readString(design)).contains("\"title\": \"Sino\"");
        Said late = run(new TextsCommand(), design.toString(), "--in", texts.toString());
        assertThat(late.out()).startsWith("0 texts would change");
        Files.write(
                texts,
                lines.stream().map(l -> l.equals(row) ? l + "Campana" : l).toList());
        Said stale = run(new TextsCommand(), design.toString(), "--in", texts.toString());
        assertThat(stale.out()).contains("✗ The title of ").contains("has changed since the file was written");
        assertThat(stale.code()).isEqualTo(1);
    }

    @Test
    void texts_in_no_format_and_from_no_file_end_with_2() {
        Said doc = run(new TextsCommand(), HUT, "--out", folder.resolve("t.doc").toString());
        assertThat(doc.err()).contains("t.doc is neither");
        assertThat(doc.code()).isEqualTo(2);
        assertThat(run(new TextsCommand(), HUT, "--in", folder.resolve("t.xlf").toString())
                        .code())
                .isEqualTo(2);
        assertThat(run(new TextsCommand(), HUT).code()).isEqualTo(2);
    }

    @Test
    void documents_are_written_beside_what_is_there_and_what_was_changed_by_hand_is_kept() throws Exception {
        String ferry = "../examples/ferry-bell.bivouac";
        Path to = folder.resolve("documents");
        Said first = run(new DocumentsCommand(), ferry, "--to", to.toString());
        assertThat(first.code()).isZero();
        assertThat(first.out()).contains("new: specification.html", "new: overview.svg", "new: flow.scxml");
        Files.writeString(to.resolve("overview.svg"), "<svg/>");
        Files.writeString(to.resolve("notes.txt"), "mine");
        Said again = run(new DocumentsCommand(), ferry, "--to", to.toString());
        assertThat(again.out()).contains("changed by hand, kept: overview.svg").doesNotContain("specification");
        assertThat(to.resolve("overview.svg")).hasContent("<svg/>");
        assertThat(to.resolve("notes.txt")).hasContent("mine");
    }

    @Test
    void documents_in_the_folder_of_a_program_take_nothing_of_it_away() {
        String ferry = "../examples/ferry-bell.bivouac";
        String to = folder.resolve("both").toString();
        run(new HandoverCommand(), ferry, "--for", "tk", "--to", to);
        assertThat(run(new DocumentsCommand(), ferry, "--to", to).out()).doesNotContain("removed");
        assertThat(run(new HandoverCommand(), ferry, "--for", "tk", "--to", to).out())
                .contains("as they were");
        assertThat(folder.resolve("both/pyproject.toml")).exists();
    }

    @Test
    void documents_that_cannot_be_written_are_said() throws Exception {
        Path file = Files.writeString(folder.resolve("file"), "mine");
        Said said = run(new DocumentsCommand(), "../examples/ferry-bell.bivouac", "--to", file.toString());
        assertThat(said.code()).isEqualTo(2);
        assertThat(said.err()).contains("is a file. Name a folder to write to.");
    }
}
