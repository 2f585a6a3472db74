package bivouac.cli;

import java.io.ByteArrayOutputStream;

/** What a command printed, and how it ended. */
record Said(int code, String out, String err) {

    static Said run(Object command, String... args) {
        var out = new ByteArrayOutputStream();
        var err = new ByteArrayOutputStream();
        int code = Console.run(command, out, err, args);
        return new Said(code, out.toString(), err.toString());
    }
}
