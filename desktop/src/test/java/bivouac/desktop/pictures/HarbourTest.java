package bivouac.desktop.pictures;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.Findings;
import bivouac.plan.Program;
import org.junit.jupiter.api.Test;

class HarbourTest {

    @Test
    void the_harbour_office_is_large_and_has_nothing_wrong() {
        assertThat(Harbour.design().windows()).hasSizeGreaterThan(50);
        assertThat(Findings.of(Program.of(Harbour.design()))).isEmpty();
    }
}
