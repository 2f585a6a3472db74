package bivouac.handover;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.TreeSet;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What written programs are held to is all that the rules say. */
class ConformanceRulesTest {

    /** The ids as docs/semantics.md gives them, in bold before each rule. */
    private static final Pattern RULE = Pattern.compile("\\*\\*([A-Z][0-9]+)\\*\\*");

    @Test
    void no_rule_is_left_out() throws Exception {
        String rules = Files.readString(Path.of("../docs/semantics.md"));
        var told = new TreeSet<String>();
        RULE.matcher(rules.substring(0, rules.indexOf("## What was settled")))
                .results()
                .forEach(r -> told.add(r.group(1)));
        var met = new TreeSet<String>();
        Conformance.all().forEach(c -> met.addAll(c.rules()));
        assertThat(told).hasSizeGreaterThan(60);
        assertThat(met).containsAll(told);
    }
}
