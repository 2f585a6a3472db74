package bivouac.check.known;

import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Variable;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A value as a script names it.
 *
 * @param path {@code app.count} for one of the application, {@code me.changed} for one of the script's window
 */
public record NamedValue(String path, Variable variable) {

    /** All that a script can name, the application's first; {@code window} is whose script it is, if any's. */
    public static Stream<NamedValue> in(Design design, Optional<String> window) {
        List<Variable> own =
                window.flatMap(design::faced).map(FacedWindow::variables).orElse(List.of());
        return Stream.concat(
                design.application().variables().stream().map(v -> named("app.", v)),
                own.stream().map(v -> named("me.", v)));
    }

    private static NamedValue named(String whose, Variable variable) {
        return new NamedValue(whose + variable.name().expression(), variable);
    }
}
