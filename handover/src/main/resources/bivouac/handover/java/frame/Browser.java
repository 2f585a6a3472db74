package frame;

import java.io.IOException;
import java.lang.ProcessBuilder.Redirect;
import java.net.URI;
import java.net.URISyntaxException;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Consumer;

/** Opens the address of a link with what the system has for it. */
public final class Browser implements Consumer<String> {
    private static final System.Logger LOG = System.getLogger(Browser.class.getName());

    /** What a system starts for other addresses can be any program. */
    private static final Set<String> SCHEMES = Set.of("http", "https", "mailto");

    @Override
    public void accept(String address) {
        try {
            String scheme = String.valueOf(new URI(address).getScheme()).toLowerCase(Locale.ROOT);
            if (!SCHEMES.contains(scheme)) {
                throw new IOException("it begins with none of " + String.join(", ", SCHEMES));
            }
            new ProcessBuilder(command(address))
                    .redirectOutput(Redirect.DISCARD)
                    .redirectError(Redirect.DISCARD)
                    .start();
        } catch (IOException | URISyntaxException notOpened) {
            LOG.log(System.Logger.Level.WARNING, "“{0}” was not opened: {1}", address, notOpened.getMessage());
        }
    }

    private static List<String> command(String address) {
        String system = System.getProperty("os.name").toLowerCase(Locale.ROOT);
        if (system.startsWith("windows")) {
            return List.of("rundll32", "url.dll,FileProtocolHandler", address);
        }
        return List.of(system.startsWith("mac") ? "open" : "xdg-open", address);
    }
}
