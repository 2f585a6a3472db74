package bivouac.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Colours are tokens, each look has all of them, and text can be read on what it stands on. */
class LookTest {

    private static final Path SHEETS = Path.of("src/main/resources/bivouac/desktop");
    private static final Pattern TOKEN = Pattern.compile("(-[a-z-]+): (#[0-9A-F]{6}|rgba\\([^)]*\\));");

    private static Map<String, String> tokens(String look) throws IOException {
        var tokens = new LinkedHashMap<String, String>();
        var matcher = TOKEN.matcher(Files.readString(SHEETS.resolve(look + ".css")));
        while (matcher.find()) {
            tokens.put(matcher.group(1), matcher.group(2));
        }
        return tokens;
    }

    @Test
    void no_literal_colour_stands_outside_the_tokens() throws IOException {
        for (String sheet : List.of("controls.css", "frame.css", "desk.css", "window.css", "overview.css")) {
            assertThat(Files.readString(SHEETS.resolve(sheet)))
                    .as(sheet)
                    .doesNotContainPattern("#[0-9A-Fa-f]{3,8}\\b|rgba?\\(");
        }
    }

    @Test
    void both_looks_have_every_token() throws IOException {
        assertThat(tokens("light").keySet()).isEqualTo(tokens("dark").keySet()).hasSizeGreaterThan(25);
    }

    @ParameterizedTest
    @ValueSource(strings = {"light", "dark"})
    void text_has_a_contrast_of_at_least_4_5_to_1(String look) throws IOException {
        var t = tokens(look);
        for (String ground : List.of("-paper", "-raised", "-sunk", "-side")) {
            for (String text : List.of(
                    "-ink",
                    "-quiet",
                    "-spruce-text",
                    "-ember-text",
                    "-lake-text",
                    "-moss-text",
                    "-berry-text",
                    "-amber-text")) {
                contrast(t, text, ground);
            }
        }
        contrast(t, "-lake-text", "-lake-tint");
        contrast(t, "-berry-text", "-berry-tint");
        contrast(t, "-amber-text", "-amber-tint");
        contrast(t, "-ink", "-spruce-tint");
        contrast(t, "-quiet", "-spruce-tint");
        contrast(t, "-on-spruce", "-spruce");
        contrast(t, "-ink", "-title-bar");
    }

    private static void contrast(Map<String, String> tokens, String text, String ground) {
        double a = luminance(tokens.get(text));
        double b = luminance(tokens.get(ground));
        double ratio = (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
        assertThat(ratio).as(text + " on " + ground).isGreaterThanOrEqualTo(4.5);
    }

    /** Relative luminance as WCAG 2.2 defines it. */
    private static double luminance(String colour) {
        int rgb = Integer.parseInt(colour.substring(1), 16);
        return 0.2126 * channel(rgb >> 16 & 255) + 0.7152 * channel(rgb >> 8 & 255) + 0.0722 * channel(rgb & 255);
    }

    private static double channel(int value) {
        double c = value / 255.0;
        return c <= 0.04045 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4);
    }
}
