package frame;

import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;

/** What a program is started with. */
public final class Arguments {

    private Arguments() {}

    /** The files that are given at the start, as absolute paths (F1). */
    public static List<String> files(String[] arguments) {
        return Stream.of(arguments)
                .map(a -> Path.of(a).toAbsolutePath().normalize().toString())
                .toList();
    }
}
