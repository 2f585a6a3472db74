package bivouac.sentence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bivouac.design.Holding;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HoldingLineTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "register lock",
                "register lock: leaves a trace",
                "weather radio: the application's, may fail",
                "weather radio: the application's, may fail, leaves a trace",
            })
    void a_line_reads_back_as_it_was_written(String line) throws Exception {
        assertThat(HoldingLine.write(HoldingLine.read(line))).isEqualTo(line);
    }

    @Test
    void it_says_what_it_knows_and_what_is_wrong() throws Exception {
        assertThat(HoldingLine.read("lock : may fail,leaves a trace"))
                .isEqualTo(Holding.of("lock").failing().leavingATrace());
        assertThatThrownBy(() -> HoldingLine.read("lock: breaks"))
                .hasMessage("“breaks” says nothing of a holding; it can be the application's, it may fail, "
                        + "it leaves a trace, or giving back may fail.");
        assertThatThrownBy(() -> HoldingLine.read(": may fail")).hasMessageStartingWith("A holding needs a name");
    }
}
