package bivouac.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Mistakes of people who write design files by hand: each says where it is and what to write instead. */
class MistakesTest {

    private static final String DESIGN = """
            {
              "format": 1,
              "application": {
                "name": "Mill",
                "start": [ { "step": "open", "window": "Mill", "manner": "alongside" } ]
              },
              "windows": [
                {
                  "window": "main window",
                  "name": "Mill",
                  "rows": [
                    [ { "part": "button", "name": "grind", "text": "Grind", "pressed": [] } ]
                  ]
                }
              ]
            }
            """;

    @TempDir
    Path folder;

    @Test
    void the_design_without_a_mistake_is_read() throws Exception {
        assertThat(DesignFormat.read(DESIGN).windows()).hasSize(1);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "`\"format\": 1,` | `\"format\": 1` | Line 3, column 3: a comma is missing before this.",
                "`\"name\": \"Mill\",` | `\"name\": \"Mill\"` | Line 5, column 5: a comma is missing before this.",
                "`\"alongside\" }` | `\"alongside\", }` | Line 5, column 73: a comma stands before the closing }; remove that comma.",
                "`\"pressed\": [] } ]` | `\"pressed\": [] }, ]` | a comma stands before the closing ]; remove that comma.",
                "`\"format\": 1,` | `\"format\": 1, // the first` | Line 2, column 16: a comment cannot stand in a design file; remove it.",
                "`\"format\": 1,` | `/* a mill */ \"format\": 1,` | a comment cannot stand",
                "`\"format\": 1,` | `# a mill\n\"format\": 1,` | a comment cannot stand",
                "`\"format\": 1,` | `format: 1,` | the name of a member stands in double quotes here",
                "`\"format\": 1,` | `\"format\" = 1,` | write : between a member's name and its value.",
                "`\"format\": 1,` | `\"format\" 1,` | a colon is missing here",
                "`\"format\": 1,` | `\"format\": 1.0,` | only whole numbers stand here",
                "`\"text\": \"Grind\"` | `\"text\": Grind` | write texts in double quotes: \"Grind\".",
                "`\"text\": \"Grind\"` | `\"text\": 'Grind'` | texts stand in double quotes here",
                "`\"text\": \"Grind\"` | `\"text\": \"Grind` | Line 12, column 65: the text before lacks its closing quote, or has one inside",
                "`\"pressed\": []` | `\"font\": \"Inter` | Line 12, column 73: this text has no closing quote on its line",
                "`\"text\": \"Grind\"` | `\"text\": \"C:\\Grind\"` | a backslash in a text is written twice",
                "`\"pressed\": []` | `\"pressed\": [), ]` | write texts in double quotes",
                "`\"pressed\": []` | `\"default\": True` | write true.",
                "`\"pressed\": []` | `\"pressed\": [ }` | this } closes what [ has opened; write ].",
                "`\"pressed\": []` | `\"pressed\": [ \"step\": 1 ]` | members as \"name\": value stand in { }, and this is a list in [ ].",
                "`[ { \"part\": \"button\"` | `{ \"part\": \"button\"` | a row belongs here, and this is a part; put the part into a row: [ { \"part\": … } ].",
                "`\"pressed\": []` | `\"presed\": []` | the member “presed” is not known here; did you mean “pressed”?",
                "`\"part\": \"button\"` | `\"part\": \"buton\"` | “buton” is not known here; did you mean “button”?",
                "`\"part\": \"button\"` | `\"prat\": \"button\"` | the member “part” is missing; write it for “prat”.",
                "`\"step\": \"open\"` | `\"step\": \"opens\"` | “opens” is not known here; did you mean “open”?",
                "`\"manner\": \"alongside\"` | `\"manner\": \"modal\"` | “modal” is not known here; expected “waits for its owner”",
            })
    void each_says_where_it_is_and_what_to_write(String right, String wrong, String said) {
        assertThat(DESIGN).contains(right);
        String text = DESIGN.replace(right, wrong);
        if (wrong.startsWith("{ \"part\"")) {
            text = text.replace("\"pressed\": [] } ]", "\"pressed\": [] }");
        }
        String design = text;
        assertThatThrownBy(() -> DesignFormat.read(design))
                .isInstanceOf(Unreadable.class)
                .hasMessageContaining(said)
                .hasMessageMatching("(?s)Line [0-9]+, column [0-9]+.*");
    }

    @Test
    void a_file_that_is_no_text_in_utf_8_says_in_which_line() throws Exception {
        Path file = folder.resolve("mill.bivouac");
        byte[] latin = DESIGN.replace("Grind", "M\u00fchle").getBytes(StandardCharsets.ISO_8859_1);
        Files.write(file, latin);
        assertThatThrownBy(() -> DesignFile.read(file))
                .isInstanceOf(Unreadable.class)
                .hasMessageContaining("mill.bivouac could not be opened. Line 12: this is no text in UTF-8");
        // a code point above the last is none either
        byte[] above = DESIGN.replace("Grind", "????").getBytes(StandardCharsets.UTF_8);
        int at = DESIGN.replace("Grind", "????").indexOf("????");
        System.arraycopy(new byte[] {(byte) 0xF4, (byte) 0x90, (byte) 0x80, (byte) 0x80}, 0, above, at, 4);
        Files.write(file, above);
        assertThatThrownBy(() -> DesignFile.read(file)).hasMessageContaining("Line 12: this is no text in UTF-8");
    }

    @Test
    void a_mark_of_byte_order_at_the_beginning_does_no_harm() throws Exception {
        Path file = folder.resolve("mill.bivouac");
        Files.writeString(file, "\uFEFF" + DESIGN);
        assertThat(DesignFile.read(file)).isEqualTo(DesignFormat.read(DESIGN));
    }
}
