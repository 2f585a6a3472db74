package bivouac.cli;

import bivouac.log.Log;
import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.PrintWriter;
import java.nio.charset.Charset;
import picocli.CommandLine;

/**
 * Runs a command so that everything it comes to is told by its exit code: an output that could not be written, and a
 * fault of Bivouac itself, are not the same as that all is fine.
 */
public final class Console {

    private Console() {}

    /** Runs a command on the process's own output; answers what the process has to end with. */
    public static int run(Object command, String... args) {
        return run(command, new FileOutputStream(FileDescriptor.out), System.err, args);
    }

    static int run(Object command, OutputStream output, OutputStream errors, String... args) {
        var out = new PrintWriter(new OutputStreamWriter(output, charset("stdout.encoding")));
        var err = new PrintWriter(new OutputStreamWriter(errors, charset("stderr.encoding")), true);
        int code = new CommandLine(command)
                .setOut(out)
                .setErr(err)
                .setExecutionExceptionHandler((exception, line, parsed) -> {
                    err.println(
                            "Bivouac met what it was not made for, and that is a fault of Bivouac: " + exception + ".");
                    exception.printStackTrace(err);
                    Log.failed("a command", exception);
                    err.println("What Bivouac wrote down of it lies in " + Log.file() + ".");
                    return ExitCodes.FAULT_OF_BIVOUAC;
                })
                .execute(args);
        if (out.checkError()) {
            err.println("The output could not be written; is the disk full, or the pipe closed?");
            return code == ExitCodes.FINE ? ExitCodes.UNREADABLE : code;
        }
        return code;
    }

    private static Charset charset(String property) {
        String name = System.getProperty(property);
        return name != null && Charset.isSupported(name) ? Charset.forName(name) : Charset.defaultCharset();
    }
}
