package bivouac.handover.jvm;

import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.ReadyMade;
import bivouac.design.Task;
import bivouac.design.Window;
import bivouac.handover.Support;
import bivouac.handover.WrittenFile;
import bivouac.handover.WrittenFile.Purpose;
import bivouac.handover.braces.Lines;
import bivouac.handover.document.Specification;
import bivouac.handover.java.JavaNames;
import bivouac.handover.meaning.InWords;
import bivouac.handover.meaning.Meanings;
import bivouac.handover.meaning.Uses;
import bivouac.plan.Program;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;

/** All files of a program in Java: classes, support part, texts, build file, tests and README. */
public final class JvmProject {

    private static final List<String> DESK = List.of(
            "Closing",
            "Desk",
            "DeskWindow",
            "Ending",
            "Fault",
            "Gone",
            "Kept",
            "LongWork",
            "Loop",
            "Manner",
            "Broke",
            "EachRow",
            "OpenFiles",
            "Outside",
            "Progress",
            "Refused",
            "Row",
            "Tried",
            "Values",
            "Watcher",
            "Way",
            "WorkShown",
            "Worker");
    /** What the frames of all toolkits have. */
    private static final List<String> SHARED = List.of(
            "Arguments", "Asked", "Browser", "Editing", "FileDialog", "Picking", "Question", "SessionEnd", "Texts");

    private static final String MAIN = "src/main/java/";
    private static final String TEST = "src/test/java/";

    private final Program program;
    private final JvmToolkit toolkit;
    private final Design design;
    private final Meanings meanings;
    private final JvmWorld world;
    private final Uses uses;
    private final List<WrittenFile> files = new ArrayList<>();

    public JvmProject(Program program, JvmToolkit toolkit) {
        this.program = program;
        this.design = program.design();
        this.meanings = new Meanings(program);
        this.toolkit = toolkit;
        this.world = new JvmWorld(meanings, toolkit);
        this.uses = Uses.of(design);
    }

    public List<WrittenFile> files() {
        for (Window window : design.windows()) {
            switch (window) {
                case FacedWindow face -> window(face, new WindowClass(meanings, world, face, uses).write(), true);
                case ReadyMade ready -> window(ready, new ReadyMadeClass(meanings, world, ready).write(), false);
            }
        }
        type(world.application(), new ApplicationClass(meanings, world, uses).write());
        work();
        rows();
        add("src/main/resources/texts.properties", TextsFile.file(world.texts().texts()));
        DESK.forEach(name -> rules("java/", "desk/" + name + ".java"));
        SHARED.forEach(name -> rules("java/", "frame/" + name + ".java"));
        toolkit.frame().forEach(name -> rules(toolkit.folder() + "/", "frame/" + name + ".java"));
        add(TEST + "desk/DeskTest.java", Support.text("java/drive/DeskTest.java.txt"));
        add(TEST + "drive/Hand.java", Support.text(toolkit.folder() + "/drive/Hand.java"));
        add(TEST + "drive/TrailDriver.java", Support.text("java/drive/TrailDriver.java"));
        new WalkthroughsClass(meanings, world).files().forEach(files::add);
        add(
                "pom.xml",
                Support.text(toolkit.folder() + "/pom.xml.txt")
                        .replace("@PACKAGE@", world.packageName())
                        .replace("@MAIN@", world.packageName() + "." + world.application())
                        .replace("@NAME@", xml(design.application().name())));
        add("README.md", readme());
        add("specification.html", Specification.of(program));
        return files.stream().sorted(Comparator.comparing(WrittenFile::path)).toList();
    }

    private static String xml(String text) {
        return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
    }

    private void add(String path, String text) {
        add(path, text, new Purpose.Around());
    }

    private void add(String path, String text, Purpose purpose) {
        files.add(new WrittenFile(path, text, purpose));
    }

    private void rules(String in, String path) {
        add(MAIN + path, Support.text(in + path), new Purpose.Rules());
    }

    private void window(Window window, String source, boolean face) {
        String shown = window.name().shown();
        add(
                path(world.classOf(shown)),
                world.imports().with(world.packageName(), source, face),
                new Purpose.OfWindow(shown));
    }

    private String path(String type) {
        return MAIN + world.packageName() + "/" + type + ".java";
    }

    private void type(String name, String source) {
        add(path(name), world.imports().with(world.packageName(), source, false), new Purpose.Application());
    }

    private void own(String name, String source) {
        add(path(name), world.imports().with(world.packageName(), source, false), new Purpose.Own());
    }

    private void work() {
        for (Task task : design.application().tasks()) {
            type(world.taskClass(task.name().shown()), WorkClasses.endings(world, task));
        }
        type("Tasks", WorkClasses.tasks(world, design));
        type("Holdings", WorkClasses.holdings(world, design));
        own("OwnTasks", WorkClasses.ownTasks(world, meanings));
        own("OwnHoldings", WorkClasses.ownHoldings(world, design));
    }

    private void rows() {
        world.types().rows().forEach((row, name) -> {
            var out = new Lines();
            out.add("/** A row with "
                    + JavaNames.comment(
                            row.columns().stream().map(c -> c.name()).collect(Collectors.joining(", "))) + ". */");
            out.add("public record " + name + "("
                    + row.columns().stream()
                            .map(c -> world.types().of(c.type()) + " " + JavaNames.safe(c.name()))
                            .collect(Collectors.joining(", "))
                    + ") implements Row {}");
            type(name, out.toString());
        });
    }

    private String readme() {
        return Support.text(toolkit.folder() + "/README.md.txt")
                .replace("@NAME@", design.application().name())
                .replace("@PACKAGE@", world.packageName())
                .replace("@APPLICATION@", world.application())
                .replace("@WALKTHROUGHS@", String.valueOf(design.walkthroughs().size()))
                .replace("@FINDINGS@", InWords.findings(program));
    }
}
