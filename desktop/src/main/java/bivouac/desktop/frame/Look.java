package bivouac.desktop.frame;

import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import javafx.scene.Scene;
import javafx.scene.text.Font;

/** Fonts and style sheets: one file of tokens for light, one for dark, and the rest on top of either. */
public final class Look {

    private static final List<String> FONTS = List.of(
            "/com/formdev/flatlaf/fonts/inter/Inter-Regular.otf",
            "/com/formdev/flatlaf/fonts/inter/Inter-SemiBold.otf",
            "/com/formdev/flatlaf/fonts/jetbrains_mono/JetBrainsMono-Regular.ttf");

    private static final String LIGHT = sheet("light.css");
    private static final String DARK = sheet("dark.css");

    private Look() {}

    /** Loads the fonts and gives the scene its light look. */
    public static void apply(Scene scene) {
        for (String font : FONTS) {
            try (var in = Objects.requireNonNull(Look.class.getResourceAsStream(font), font)) {
                Font.loadFont(in, 13);
            } catch (java.io.IOException e) {
                throw new java.io.UncheckedIOException(e);
            }
        }
        scene.getStylesheets().setAll(Stream.concat(Stream.of(LIGHT), sheets()).toList());
    }

    private static Stream<String> sheets() {
        return Stream.of(
                        "controls.css",
                        "frame.css",
                        "desk.css",
                        "window.css",
                        "overview.css",
                        "messages.css",
                        "closings.css",
                        "handover.css")
                .map(Look::sheet);
    }

    /** From light to dark, or back. */
    public static void change(Scene scene) {
        boolean light = scene.getStylesheets().getFirst().equals(LIGHT);
        scene.getStylesheets().set(0, light ? DARK : LIGHT);
    }

    private static String sheet(String name) {
        return Objects.requireNonNull(Look.class.getResource("/bivouac/desktop/" + name), name)
                .toExternalForm();
    }
}
