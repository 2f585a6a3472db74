package bivouac.cli;

import picocli.CommandLine.Command;

/** The commands that need no interface, for build servers without one. */
@Command(
        name = "bivouac",
        description = "Checks and rehearses designs of how an application's windows live.",
        mixinStandardHelpOptions = true,
        version = "Bivouac 0.1",
        subcommands = {
            CheckCommand.class,
            CompareCommand.class,
            RehearseCommand.class,
            HandoverCommand.class,
            DocumentsCommand.class,
            TextsCommand.class
        })
public final class CliMain {

    private CliMain() {}

    public static void main(String[] args) {
        System.exit(Console.run(new CliMain(), args));
    }
}
