package bivouac.cli;

import bivouac.explore.Explored;
import bivouac.explore.Told;
import java.io.PrintWriter;

/** How far an exploration went, as it is printed for people. */
final class ExploredLines {

    private ExploredLines() {}

    static void print(Explored explored, PrintWriter out) {
        explored.promises()
                .forEach(a -> out.println("promise " + Told.answer(explored, a) + ": "
                        + a.promise().sentence()));
        out.println(capital(Told.outcome(explored)) + ": " + Told.counts(explored) + ".");
        if (!Told.depth(explored).isEmpty()) {
            out.println(capital(Told.depth(explored)) + "; what takes more may hold more.");
        }
        if (!Told.folded(explored).isEmpty()) {
            out.println("Counted " + Told.folded(explored) + ".");
        }
    }

    private static String capital(String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }
}
