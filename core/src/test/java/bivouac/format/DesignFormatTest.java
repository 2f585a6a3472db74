package bivouac.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bivouac.design.Design;
import bivouac.testkit.RandomDesigns;
import com.networknt.schema.InputFormat;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.RandomAccessFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DesignFormatTest {

    static final Path RIDGE_HUT = Path.of("../examples/ridge-hut.bivouac");

    @TempDir
    Path folder;

    @Test
    void the_example_is_laid_out_as_it_would_be_saved() throws Exception {
        if (Boolean.getBoolean("golden.rewrite")) {
            DesignFile.write(RIDGE_HUT, DesignFile.read(RIDGE_HUT));
        }
        assertThat(DesignFormat.write(DesignFile.read(RIDGE_HUT))).isEqualTo(Files.readString(RIDGE_HUT));
    }

    @Test
    void random_designs_survive_write_read_write_byte_for_byte() throws Exception {
        var random = RandomGeneratorFactory.of("L64X128MixRandom").create(7);
        for (int i = 0; i < 300; i++) {
            Design design = new RandomDesigns(random).design();
            String written = DesignFormat.write(design);
            Design read = DesignFormat.read(written);
            assertThat(read).isEqualTo(design);
            assertThat(DesignFormat.write(read)).isEqualTo(written);
        }
    }

    @Test
    void the_published_schema_accepts_all_that_is_written() throws Exception {
        var schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(Path.of("../docs/bivouac.schema.json")));
        var random = RandomGeneratorFactory.of("L64X128MixRandom").create(11);
        assertThat(schema.validate(Files.readString(RIDGE_HUT), InputFormat.JSON))
                .isEmpty();
        for (int i = 0; i < 60; i++) {
            String written = DesignFormat.write(new RandomDesigns(random).design());
            assertThat(schema.validate(written, InputFormat.JSON)).as(written).isEmpty();
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "`` | The file is empty",
                "`hello` | this is not JSON",
                "`[1]` | This is no Bivouac design",
                "`{\"windows\": []}` | the member “format” is missing",
                "`{\"format\": 2, \"application\": {}}` | Line 1, column 12 (/format): this design has format 2, and this Bivouac reads up to 1; open it with a newer Bivouac.",
                "`{\"format\": 1, \"application\": {\"name\": \"A\"}, \"windows\": [{\"window\": \"dialog\", \"name\": \"D\", \"colour\": 3}]}` | column 101 (/windows/0/colour): the member “colour” is not known here",
                "`{\"format\": 1, \"application\": {\"name\": 3}}` | (/application/name): expected a text in quotes, found a whole number.",
                "`{\"format\": 1, \"application\": {\"name\": \"A\"}, \"windows\": [{\"window\": \"palette\", \"name\": \"D\"}]}` | “palette” is not known here; expected “main window”",
                "`{\"format\": 1, \"application\": {\"name\": \"A\", \"start\": [{\"step\": \"jump\"}]}}` | (/application/start/0/step): “jump” is not known here",
                "`{\"format\": 1, \"application\": {\"name\": \"A\", \"name\": \"B\"}}` | the same member stands here twice",
                "`{\"format\": 1, \"application\": {\"name\": \"A\", \"variables\": [{\"name\": \"n\", \"type\": \"list of wholes\"}]}}` | “list of wholes” is no type",
                "`{\"format\": 1, \"application\": {\"name\": \"A\"` | the file breaks off here",
            })
    void what_is_wrong_is_said_in_one_sentence_with_its_place(String text, String said) {
        assertThatThrownBy(() -> DesignFormat.read(text == null ? "" : text))
                .isInstanceOf(Unreadable.class)
                .hasMessageContaining(said)
                .satisfies(e -> assertThat(e.getMessage()).doesNotContain("\n"));
    }

    @Test
    void every_truncation_of_the_example_is_refused_and_never_crashes() throws Exception {
        String text = Files.readString(RIDGE_HUT);
        for (int length = 0; length < text.length() - 1; length += 97) {
            String cut = text.substring(0, length);
            assertThatThrownBy(() -> DesignFormat.read(cut)).isInstanceOf(Unreadable.class);
        }
    }

    @Test
    void every_changed_character_is_read_or_refused_with_a_sentence() throws Exception {
        String text = Files.readString(RIDGE_HUT);
        var random = RandomGeneratorFactory.of("L64X128MixRandom").create(3);
        for (int i = 0; i < 400; i++) {
            int at = random.nextInt(text.length());
            String changed = text.substring(0, at) + "{}[]\",:0x\\".charAt(random.nextInt(10)) + text.substring(at + 1);
            try {
                DesignFormat.read(changed);
            } catch (Unreadable e) {
                assertThat(e.getMessage()).isNotBlank();
            }
        }
    }

    @Test
    void a_file_of_200_megabytes_is_refused_unread() throws Exception {
        Path large = folder.resolve("large.bivouac");
        try (var file = new RandomAccessFile(large.toFile(), "rw")) {
            file.setLength(200L << 20);
        }
        assertThatThrownBy(() -> DesignFile.read(large)).hasMessageContaining("has 200 MB");
    }
}
