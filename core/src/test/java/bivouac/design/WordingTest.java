package bivouac.design;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.testkit.RandomDesigns;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class WordingTest {

    private static final String MAIN = "Kiln";

    private static Design with(Part part) {
        return Design.startingWith(MAIN).changingFace(MAIN, w -> w.withRows(List.of(new Row(List.of(part), ""))));
    }

    private static Map<String, String> texts(Design design) {
        return Wording.of(design).stream().collect(Collectors.toMap(Wording::key, Wording::text));
    }

    @Test
    void each_kind_of_part_has_its_text_and_its_values_are_none() {
        assertThat(texts(with(Part.Caption.of("glow", "Glow")))).containsEntry("kiln.glow.text", "Glow");
        assertThat(texts(with(Part.Link.of("more", "More", "https://kiln.example"))))
                .containsEntry("kiln.more.text", "More")
                .doesNotContainValue("https://kiln.example");
        assertThat(texts(with(Part.TextField.of("ware", "Ware")))).containsEntry("kiln.ware.label", "Ware");
        assertThat(texts(with(Part.ValueField.of("count", "Count")))).containsEntry("kiln.count.label", "Count");
        assertThat(texts(with(Part.Choice.of("glaze", "Glaze", "ash", "salt"))))
                .containsEntry("kiln.glaze.label", "Glaze")
                .doesNotContainValue("ash");
        assertThat(texts(with(Part.TickBox.of("lit", "Lit")))).containsEntry("kiln.lit.text", "Lit");
        assertThat(texts(with(Part.Button.of("fire", "&Fire")))).containsEntry("kiln.fire.text", "&Fire");
        assertThat(texts(with(Part.ListOfRows.of("shelf", "Shelf", new Type.Column("name", Type.TEXT)))))
                .containsEntry("kiln.shelf.label", "Shelf")
                .doesNotContainValue("name");
        assertThat(texts(with(Part.Picture.of("flame", "flame.png")))).containsOnlyKeys("kiln.title");
    }

    @Test
    void an_empty_text_is_none() {
        assertThat(texts(with(Part.Caption.of("glow", "")))).containsOnlyKeys("kiln.title");
    }

    @Test
    void of_random_designs_each_key_is_there_once_and_each_text_can_be_changed_alone() {
        for (int seed = 0; seed < 40; seed++) {
            Design design = new RandomDesigns(new Random(seed)).design();
            List<Wording> all = Wording.of(design);
            assertThat(new HashSet<>(all.stream().map(Wording::key).toList())).hasSameSizeAs(all);
            assertThat(Wording.changed(design, Map.of())).isEqualTo(design);
            for (Wording wording : all) {
                var expected = texts(design);
                expected.put(wording.key(), "other");
                assertThat(texts(Wording.changed(design, Map.of(wording.key(), "other"))))
                        .as(wording.key())
                        .isEqualTo(expected);
            }
        }
    }
}
