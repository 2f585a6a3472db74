package bivouac.sentence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.MessageBox;
import bivouac.design.Name;
import bivouac.design.Type;
import bivouac.format.DesignFile;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;

class DeclarationsTest {

    @Test
    void what_is_written_is_read_back_for_every_window_of_the_example() throws Exception {
        Design hut = DesignFile.read(Path.of("src/test/resources/first-hut.bivouac"));
        var app = hut.application();
        assertThat(Declarations.readVariables(Declarations.variables(app.variables()), app.variables()))
                .isEqualTo(app.variables());
        for (var window : hut.windows()) {
            assertThat(Declarations.readTakes(Declarations.takes(window.takes()), window.takes()))
                    .isEqualTo(window.takes());
            if (window instanceof FacedWindow face) {
                assertThat(Declarations.readEndings(Declarations.endings(face.endings())))
                        .isEqualTo(face.endings());
                assertThat(Declarations.readVariables(Declarations.variables(face.variables()), face.variables()))
                        .isEqualTo(face.variables());
            }
            if (window instanceof MessageBox box) {
                assertThat(Declarations.readAnswers(Declarations.answers(box), box))
                        .isEqualTo(box.answers());
            }
        }
    }

    @Test
    void a_default_may_hold_commas_and_brackets() throws Exception {
        var takes = Declarations.readTakes("list: text = string([1, 2].size()), n: whole", List.of());
        assertThat(takes).hasSize(2);
        assertThat(takes.getFirst().byDefault().orElseThrow().source()).isEqualTo("string([1, 2].size())");
    }

    @Test
    void a_type_that_is_none_is_said_with_what_would_be_one() {
        assertThatThrownBy(() -> Declarations.readTakes("bunk: integer", List.of()))
                .isInstanceOf(Declarations.Wrong.class)
                .hasMessageStartingWith(
                        "“integer” is no type; write for example bunk: text, whole, number, yesno, date");
        assertThatThrownBy(() -> Declarations.readEndings(" ; ")).hasMessageContaining("one ending has to be named");
    }

    @Test
    void every_type_can_be_declared_commas_in_it_included() throws Exception {
        String line =
                "sort: choice of \"a\", \"b, c\" = \"a\", guests: list of row of (name: text, nights: whole), at: file";
        var takes = Declarations.readTakes(line, List.of());
        assertThat(takes).hasSize(3);
        assertThat(takes.getFirst().type()).isEqualTo(new Type.ChoiceOf(List.of("a", "b, c")));
        assertThat(Declarations.takes(takes)).isEqualTo(line);
        assertThatThrownBy(() -> Declarations.readTakes("n: whole 3", List.of()))
                .hasMessageContaining("begins with =");
    }

    @Test
    void filters_read_back_as_they_were_written() throws Exception {
        var dialog = FileDialog.of(Name.of("Table"), FileDialog.Asks.ONE);
        String line = "Tables: *.csv, *.tsv; Texts: *.txt; no other files";
        var read = Declarations.readFilters(line, dialog);
        assertThat(read.filters()).hasSize(2);
        assertThat(read.allFiles()).isFalse();
        assertThat(Declarations.filters(read)).isEqualTo(line);
        assertThat(Declarations.filters(Declarations.readFilters("", read))).isEmpty();
        assertThatThrownBy(() -> Declarations.readFilters("*.csv", dialog)).hasMessageContaining("no filter");
    }

    @Test
    void a_task_reads_back_as_it_was_written() throws Exception {
        for (String line : List.of(
                "write register taking at: file ends done writing takes.at; failed giving reason: text = \"no room\"; usually done",
                "listen ends heard giving words: text, at: date = app.today; nothing",
                "tidy up ends done; failed")) {
            assertThat(TaskLine.write(TaskLine.read(line))).isEqualTo(line);
        }
        assertThat(TaskLine.read("tidy up").endings()).hasSize(2);
        assertThatThrownBy(() -> TaskLine.read("a ends done; usually never")).hasMessage("“never” is no ending of a.");
        assertThatThrownBy(() -> TaskLine.read(" ")).hasMessageContaining("needs a name");
    }

    @Test
    void a_frame_reads_back_as_it_was_written_and_what_is_not_said_is_as_usual() throws Exception {
        var desk = bivouac.design.FacedWindow.of(bivouac.design.FacedWindow.Kind.MAIN, "Desk");
        for (String line : List.of(
                "",
                "480 x 320, least 320 x 200, stays on top, not minimised, not maximised, icon hut.png, opens where it was last, may fail to open",
                "least 100 x 50")) {
            assertThat(FrameLine.write(FrameLine.read(line, desk))).isEqualTo(line);
        }
        var dialog = bivouac.design.FacedWindow.of(bivouac.design.FacedWindow.Kind.DIALOG, "Form");
        assertThat(FrameLine.write(FrameLine.read("maximised, opens centre of the screen", dialog)))
                .isEqualTo("maximised, opens centre of the screen");
        assertThatThrownBy(() -> FrameLine.read("shiny", desk)).hasMessageContaining("says nothing of a frame");
    }

    @Test
    void columns_and_first_rows_of_a_list_read_back_as_they_were_written() throws Exception {
        String columns = "guest: text, nights: whole";
        assertThat(Declarations.columns(Declarations.readColumns(columns))).isEqualTo(columns);
        String rows = "Ilva Tarn, 2; Maba Stint, 1";
        assertThat(Declarations.rows(Declarations.readRows(rows))).isEqualTo(rows);
        assertThat(Declarations.readRows("a, 1\nb, 2;")).hasSize(2);
    }

    @Test
    void a_name_keeps_its_expression_name_while_its_type_changes() throws Exception {
        var before = List.of(new bivouac.design.Take(
                new bivouac.design.Name("bunk", "b1"), bivouac.design.Type.TEXT, java.util.Optional.empty()));
        assertThat(Declarations.readTakes("bunk: whole", before)
                        .getFirst()
                        .name()
                        .expression())
                .isEqualTo("b1");
    }
}
