package bivouac.handover.proof;

import bivouac.handover.NotHandedOver;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.Optional;

/**
 * A display that nobody looks at (Xvfb), for programs that need one.
 *
 * @param name as the variable {@code DISPLAY} has it
 */
record Display(Process server, String name) {

    /**
     * Opens one that is free; none on a system whose toolkit needs no X11, or where only a real one is there.
     *
     * @throws NotHandedOver where there is neither
     */
    static Optional<Display> open() throws IOException {
        String system = System.getProperty("os.name");
        if (system.startsWith("Windows") || system.startsWith("Mac")) {
            return Optional.empty();
        }
        Process server;
        try {
            server = new ProcessBuilder("Xvfb", "-displayfd", "1", "-screen", "0", "1280x1024x24", "-nolisten", "tcp")
                    .redirectError(ProcessBuilder.Redirect.DISCARD)
                    .start();
        } catch (IOException notThere) {
            if (System.getenv("DISPLAY") == null) {
                throw new NotHandedOver("A program for this toolkit is proven on a display, and there is none."
                        + " Install Xvfb, which is one that nobody sees; on Debian that is the package xvfb.");
            }
            return Optional.empty();
        }
        // it says its number as soon as it is there
        String number =
                new BufferedReader(new InputStreamReader(server.getInputStream(), StandardCharsets.UTF_8)).readLine();
        if (number == null) {
            throw new IOException("Xvfb ended before it had a display");
        }
        return Optional.of(new Display(server, ":" + number.strip()));
    }

    void close() {
        server.destroy();
    }
}
