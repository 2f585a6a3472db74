package bivouac.handover.javafx;

import bivouac.check.Finding;
import bivouac.check.Findings;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.ReadyMade;
import bivouac.design.Task;
import bivouac.design.Window;
import bivouac.handover.Support;
import bivouac.handover.WrittenFile;
import bivouac.handover.WrittenFile.Purpose;
import bivouac.handover.document.Specification;
import bivouac.handover.java.JavaNames;
import bivouac.handover.java.Lines;
import bivouac.handover.meaning.Meanings;
import bivouac.handover.meaning.Uses;
import bivouac.plan.Program;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;

/** All files of a program for JavaFX: classes, support part, texts, build file, tests and README. */
public final class FxProject {

    private static final List<String> DESK = List.of(
            "Closing",
            "Desk",
            "DeskWindow",
            "Ending",
            "Fault",
            "Gone",
            "Kept",
            "Loop",
            "Manner",
            "Refused",
            "Row",
            "Tried",
            "Values",
            "Watcher",
            "Way",
            "Worker");
    private static final List<String> FRAME = List.of(
            "Asked",
            "Browser",
            "NewDays",
            "Choice",
            "Face",
            "FileDialog",
            "FxLoop",
            "FxWindow",
            "FxWorker",
            "MessageBox",
            "Picker",
            "RowTable",
            "Texts",
            "TypedField");

    private static final String MAIN = "src/main/java/";
    private static final String TEST = "src/test/java/";

    private final Program program;
    private final Design design;
    private final Meanings meanings;
    private final FxWorld world;
    private final Uses uses;
    private final List<WrittenFile> files = new ArrayList<>();

    public FxProject(Program program) {
        this.program = program;
        this.design = program.design();
        this.meanings = new Meanings(program);
        this.world = new FxWorld(meanings);
        this.uses = Uses.of(design);
    }

    public List<WrittenFile> files() {
        for (Window window : design.windows()) {
            switch (window) {
                case FacedWindow face -> window(face, new FxWindowClass(meanings, world, face, uses).write(), true);
                case ReadyMade ready -> window(ready, new FxReadyMade(meanings, world, ready).write(), false);
            }
        }
        type(world.application(), new FxApplication(meanings, world, uses).write());
        work();
        rows();
        add("src/main/resources/texts.properties", FxTexts.file(world.texts().texts()));
        DESK.forEach(name -> rules("desk/" + name + ".java"));
        FRAME.forEach(name -> rules("frame/" + name + ".java"));
        add(TEST + "drive/TrailDriver.java", Support.text("javafx/drive/TrailDriver.java"));
        new FxWalkthroughs(meanings, world).files().forEach(files::add);
        add(
                "pom.xml",
                Support.text("javafx/pom.xml.txt")
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

    private void rules(String path) {
        add(MAIN + path, Support.text("javafx/" + path), new Purpose.Rules());
    }

    private void window(Window window, String source, boolean face) {
        String shown = window.name().shown();
        add(path(world.classOf(shown)), FxImports.with(world.packageName(), source, face), new Purpose.OfWindow(shown));
    }

    private String path(String type) {
        return MAIN + world.packageName() + "/" + type + ".java";
    }

    private void type(String name, String source) {
        add(path(name), FxImports.with(world.packageName(), source, false), new Purpose.Application());
    }

    private void own(String name, String source) {
        add(path(name), FxImports.with(world.packageName(), source, false), new Purpose.Own());
    }

    private void work() {
        for (Task task : design.application().tasks()) {
            type(world.taskClass(task.name().shown()), FxWork.endings(world, task));
        }
        type("Tasks", FxWork.tasks(world, design));
        type("Holdings", FxWork.holdings(world, design));
        own("OwnTasks", FxWork.ownTasks(world, meanings));
        own("OwnHoldings", FxWork.ownHoldings(world, design));
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
        String findings = Findings.of(program).stream()
                .map(Finding::what)
                .map(w -> "- " + w)
                .collect(Collectors.joining("\n"));
        return Support.text("javafx/README.md.txt")
                .replace("@NAME@", design.application().name())
                .replace("@PACKAGE@", world.packageName())
                .replace("@APPLICATION@", world.application())
                .replace("@WALKTHROUGHS@", String.valueOf(design.walkthroughs().size()))
                .replace("@FINDINGS@", findings.isEmpty() ? "None." : findings);
    }
}
