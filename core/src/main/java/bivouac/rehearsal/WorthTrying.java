package bivouac.rehearsal;

import bivouac.design.Design;
import bivouac.design.Part;
import bivouac.design.Setting;
import bivouac.design.Step;
import bivouac.design.Steps;
import bivouac.design.Window;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Texts that are worth typing into a field: one of its kind, one that is none, and what the conditions of the design tell
 * apart, a limit and what lies beside it.
 */
public final class WorthTrying {

    /** As many for one field. */
    private static final int MOST = 6;

    private static final Pattern NUMBER = Pattern.compile("(?<![\\w.\"'-])[0-9]{1,6}(?![\\w.\"'-])");
    private static final Pattern COMPARED = Pattern.compile("[=!]=\\s*[\"']([^\"']{1,40})[\"']");

    private final List<String> numbers;
    private final List<String> texts;
    private final LocalDate today;

    private WorthTrying(List<String> numbers, List<String> texts, LocalDate today) {
        this.numbers = numbers;
        this.texts = texts;
        this.today = today;
    }

    /** What a design's conditions tell apart. */
    public static WorthTrying of(Design design, LocalDate today) {
        Set<String> numbers = new LinkedHashSet<>();
        Set<String> texts = new LinkedHashSet<>();
        for (String condition : conditions(design)) {
            Matcher number = NUMBER.matcher(condition);
            while (number.find()) {
                long n = Long.parseLong(number.group());
                numbers.add(Long.toString(n));
                numbers.add(Long.toString(n + 1));
                numbers.add(Long.toString(n - 1));
            }
            Matcher text = COMPARED.matcher(condition);
            while (text.find()) {
                texts.add(text.group(1));
            }
        }
        return new WorthTrying(List.copyOf(numbers), List.copyOf(texts), today);
    }

    private static List<String> conditions(Design design) {
        var all = new ArrayList<String>();
        design.scripts()
                .values()
                .forEach(script -> Steps.walk(script, (path, step) -> {
                    if (step instanceof Step.If choice) {
                        choice.cases().forEach(c -> all.add(c.condition().source()));
                    }
                }));
        for (Window window : design.windows()) {
            if (window instanceof bivouac.design.FacedWindow face) {
                face.parts().forEach(p -> {
                    if (p.traits().enabled() instanceof Setting.Follows(var condition)) {
                        all.add(condition.source());
                    }
                });
            }
        }
        return all;
    }

    /** The texts for a field, the likeliest first; none for what is no field. */
    public List<String> in(Part part) {
        Set<String> all = new LinkedHashSet<>();
        switch (part) {
            case Part.TextField f -> {
                all.add("Abc");
                all.add("2");
                all.addAll(texts);
                all.addAll(numbers);
            }
            case Part.ValueField f -> {
                switch (f.holds()) {
                    case NUMBER, WHOLE -> {
                        all.add("2");
                        all.add("two");
                        all.addAll(numbers);
                    }
                    case DATE -> {
                        all.add(today.toString());
                        all.add(today.plusDays(1).toString());
                        all.add(today.minusDays(1).toString());
                        all.add("soon");
                    }
                }
            }
            default -> {
                return List.of();
            }
        }
        return all.stream().limit(MOST).toList();
    }
}
