package bivouac.design;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.machine.Play;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class ButtonSetTest {

    @ParameterizedTest
    @EnumSource
    void a_set_gives_its_buttons_in_order_with_enter_and_escape_and_is_known_again(ButtonSet set) {
        MessageBox box = set.on(Play.box("Sure", "maybe"));
        assertThat(box.answers().stream().map(MessageBox.Answer::text))
                .containsExactly(set.words().split(", "));
        assertThat(box.endings())
                .extracting(Ending::name)
                .contains(box.byDefault().orElseThrow());
        assertThat(box.endings())
                .extracting(Ending::name)
                .contains(box.escapeEnding().orElseThrow());
        assertThat(ButtonSet.of(box)).contains(set);
    }
}
