package bivouac.design;

import java.time.LocalDate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A finding that the developer takes as it is.
 *
 * @param finding what it says, whole: one that says something else is another finding
 * @param because the reason, for whoever reads the design next
 * @param on the day on which it was accepted
 * @param explored whether only the situations show it, so that it is not missed where they were not met
 */
public record Accepted(String finding, String because, LocalDate on, boolean explored) {

    /** One that the design as it is written shows. */
    public Accepted(String finding, String because, LocalDate on) {
        this(finding, because, on, false);
    }

    /** With a name changed that the finding says. */
    Accepted renamed(String from, String to) {
        String changed = Pattern.compile("(?<![\\p{L}\\p{N}_])" + Pattern.quote(from) + "(?![\\p{L}\\p{N}_])")
                .matcher(finding)
                .replaceAll(Matcher.quoteReplacement(to));
        return new Accepted(changed, because, on, explored);
    }
}
