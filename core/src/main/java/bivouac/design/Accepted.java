package bivouac.design;

import java.time.LocalDate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A finding that the developer takes as it is.
 *
 * @param finding what it said when it was accepted, for whoever reads the design next
 * @param about what it is about, by which it is known: of which kind it is, where it stands, and the design's own words in
 *     it; empty in older files, where it is known by what it says
 * @param because the reason, for whoever reads the design next
 * @param on the day on which it was accepted
 * @param explored whether only the situations show it, so that it is not missed where they were not met
 */
public record Accepted(String finding, String about, String because, LocalDate on, boolean explored) {

    /** One of an older file, that the design as it is written shows. */
    public Accepted(String finding, String because, LocalDate on) {
        this(finding, "", because, on, false);
    }

    /** With a name changed that the finding says. */
    Accepted renamed(String from, String to) {
        var name = Pattern.compile("(?<![\\p{L}\\p{N}_])" + Pattern.quote(from) + "(?![\\p{L}\\p{N}_])");
        String instead = Matcher.quoteReplacement(to);
        return new Accepted(
                name.matcher(finding).replaceAll(instead),
                name.matcher(about).replaceAll(instead),
                because,
                on,
                explored);
    }

    /** Whether another is about the same. */
    public boolean isLike(Accepted other) {
        return about.isEmpty() || other.about.isEmpty() ? finding.equals(other.finding) : about.equals(other.about);
    }
}
