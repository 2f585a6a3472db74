package bivouac.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import picocli.CommandLine;

/** What the command line says of itself. */
class HelpTest {

    @Test
    void the_line_that_a_list_of_commands_shows_is_a_whole_sentence() {
        var line = new CommandLine(new Main());
        line.getSubcommands().forEach((name, command) -> assertThat(
                        command.getCommandSpec().usageMessage().description()[0])
                .as(name)
                .endsWith("."));
    }
}
