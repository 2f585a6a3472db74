package bivouac.cli;

import bivouac.check.Checked;
import bivouac.check.finding.Finding;
import bivouac.design.Design;
import bivouac.explore.Explored;
import bivouac.explore.Told;
import bivouac.format.Places;
import java.io.PrintWriter;
import java.util.List;
import java.util.Optional;

/** Findings as they are printed for people: what, why, where in the design, and where in its file. */
public final class FindingLines {

    private FindingLines() {}

    /** @param where the line and path in the file; empty where there is none */
    interface InFile {
        String words(Finding finding);
    }

    /** Where a finding stands in a file, as editors take it. */
    static InFile in(String file, Places places) {
        return f -> {
            Places.Place place = Sarif.place(places, f);
            return "; " + file + ":" + place.line() + ":" + place.column() + " " + place.path();
        };
    }

    static void trail(List<String> lines, PrintWriter out) {
        out.println(
                lines.isEmpty()
                        ? "    at the start"
                        : "    shown in " + lines.size() + (lines.size() == 1 ? " event:" : " events:"));
        for (int i = 0; i < lines.size(); i++) {
            out.println("      " + (i + 1) + " " + lines.get(i));
        }
    }

    /** The findings of a design that has no file, heaviest first. */
    public static void print(Design design, Checked checked, PrintWriter out) {
        print(design, checked, f -> "", out);
    }

    private static void print(Design design, Checked checked, InFile where, PrintWriter out) {
        print(design, checked, Optional.empty(), where, out);
    }

    /** @param explored what the findings were looked for in, beside the design as it is written */
    static void print(Design design, Checked checked, Optional<Explored> explored, InFile where, PrintWriter out) {
        for (Finding f : checked.open()) {
            out.println(f.weight().word() + ": " + f.what());
            out.println("    " + f.why() + " [" + f.place().words(design) + where.words(f) + "]");
            f.trail().ifPresent(lines -> trail(lines, out));
        }
        checked.accepted().forEach(t -> {
            out.println("accepted: " + t.finding().what());
            out.println("    on " + t.why().on() + ": " + t.why().because());
        });
        checked.gone().forEach(a -> out.println("accepted, and not found any more: " + a.finding()));
        int open = checked.open().size();
        String taken =
                checked.accepted().isEmpty() ? "" : " " + checked.accepted().size() + " accepted.";
        String scope = Told.scope(explored);
        String found = open == 0 ? "No findings" : open + (open == 1 ? " finding" : " findings");
        out.println(found + (explored.filter(Explored::isComplete).isPresent() ? ", " : " ") + scope + "." + taken);
    }
}
