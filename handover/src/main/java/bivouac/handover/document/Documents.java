package bivouac.handover.document;

import bivouac.design.Names;
import bivouac.design.Walkthrough;
import bivouac.format.Unreadable;
import bivouac.handover.Change;
import bivouac.handover.ProgramFolder;
import bivouac.handover.WrittenFile;
import bivouac.overview.OverviewSvg;
import bivouac.plan.Program;
import bivouac.rehearsal.Flow;
import bivouac.rehearsal.Lifelines;
import bivouac.rehearsal.LifelinesSvg;
import bivouac.rehearsal.Rehearsal;
import bivouac.rehearsal.Walk;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/** What is written about a design for those who do not have the tool: to be read, printed, or read by other tools. */
public final class Documents {

    /** The folder of the drawings of walkthroughs. */
    public static final String LIFELINES = "lifelines";

    private Documents() {}

    /**
     * All of it: the specification, the overview, the lifelines of each walkthrough, the flow.
     *
     * @param today what {@code app.today} is where the flow is worked out
     */
    public static List<WrittenFile> of(Program program, LocalDate today) {
        var files = new ArrayList<WrittenFile>();
        files.add(file("specification.html", Specification.of(program)));
        files.add(file("overview.svg", OverviewSvg.of(program)));
        files.add(file(
                "flow.scxml",
                new FlowScxml(
                                Flow.of(program, today),
                                program.design().application().name())
                        .write()));
        Set<String> taken = new HashSet<>();
        program.design()
                .walkthroughs()
                .forEach(w -> files.add(file(LIFELINES + "/" + name(w, taken) + ".svg", lifelines(program, w))));
        return List.copyOf(files);
    }

    /**
     * Writes all of it into a folder; what was changed there by hand is kept.
     *
     * @return what became of each file
     */
    public static List<Change> write(Program program, LocalDate today, Path folder) throws Unreadable {
        List<WrittenFile> files = of(program, today);
        var to = ProgramFolder.ofDocuments(folder);
        List<Change> plan = to.plan(files);
        to.write(files, plan, false);
        return plan;
    }

    private static WrittenFile file(String path, String text) {
        return new WrittenFile(path, text, new WrittenFile.Purpose.Around());
    }

    private static String lifelines(Program program, Walkthrough walkthrough) {
        Rehearsal played = Rehearsal.replay(program, walkthrough.today(), Walk.events(walkthrough))
                .rehearsal();
        return LifelinesSvg.of(program.design(), Lifelines.of(played.machine(), played.moments()), played.moments());
    }

    /** So many bytes leave room for a number and an ending in what a file system takes for a name, which is 255. */
    private static final int LONGEST_NAME = 200;

    private static String shortened(String name) {
        int end = 0;
        int bytes = 0;
        while (end < name.length()) {
            int c = name.codePointAt(end);
            bytes += Character.toString(c).getBytes(StandardCharsets.UTF_8).length;
            if (bytes > LONGEST_NAME) {
                break;
            }
            end += Character.charCount(c);
        }
        return name.substring(0, end);
    }

    /** The name of a walkthrough as every file system takes it. */
    private static String name(Walkthrough walkthrough, Set<String> taken) {
        String plain = walkthrough
                .name()
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^\\p{L}\\p{N}]+", "-")
                .replaceAll("^-|-$", "");
        String wanted = plain.isEmpty() ? "walkthrough" : shortened(plain);
        String name = Names.free(wanted, "-", taken);
        taken.add(name);
        return name;
    }
}
