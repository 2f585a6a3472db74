package bivouac.handover.tk;

import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Outside;
import bivouac.design.ReadyMade;
import bivouac.design.Walkthrough;
import bivouac.design.Window;
import bivouac.handover.Support;
import bivouac.handover.WrittenFile;
import bivouac.handover.WrittenFile.Purpose;
import bivouac.handover.document.Specification;
import bivouac.handover.meaning.InWords;
import bivouac.handover.meaning.Meanings;
import bivouac.handover.meaning.Uses;
import bivouac.handover.proof.Trails;
import bivouac.handover.python.PyLines;
import bivouac.handover.python.PyNames;
import bivouac.handover.python.PyWorld;
import bivouac.plan.Program;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** All files of a program for Tk: classes, support part, texts, build file, tests and README. */
public final class TkProject {

    private static final List<String> SUPPORT = List.of(
            "__init__",
            "desk",
            "dialogs",
            "face",
            "kept",
            "open_files",
            "parts",
            "texts",
            "toolkit",
            "values",
            "window");
    private static final List<String> TESTS = List.of("driver", "walkthroughs", "test_walkthroughs", "test_desk");

    private static final Purpose APPLICATION = new Purpose.Application();

    private final Program program;
    private final Design design;
    private final PyWorld world;
    private final Uses uses;
    private final List<WrittenFile> files = new ArrayList<>();

    public TkProject(Program program) {
        this.program = program;
        this.design = program.design();
        this.world = new PyWorld(new Meanings(program));
        this.uses = Uses.of(design);
    }

    /** The folder in which the files of pictures are: the package itself. */
    public static String pictures(Design design) {
        return PyWorld.packageOf(design);
    }

    public List<WrittenFile> files() {
        windows();
        String name = PyNames.comment(design.application().name());
        module("application", name + ": the application.", new TkApplication(world, uses).write(), APPLICATION);
        work();
        rows();
        inPackage("__init__.py", "\"\"\"" + name + ".\"\"\"\n", APPLICATION);
        inPackage("__main__.py", main(), APPLICATION);
        inPackage("texts.json", TkTexts.file(world.texts().texts()), new Purpose.Around());
        SUPPORT.forEach(
                s -> inPackage("support/" + s + ".py", Support.text("tk/support/" + s + ".py"), new Purpose.Rules()));
        tests();
        add("pyproject.toml", filled(Support.text("tk/pyproject.toml.txt")));
        add("README.md", readme());
        add("specification.html", Specification.of(program));
        return files.stream().sorted(Comparator.comparing(WrittenFile::path)).toList();
    }

    private void add(String path, String text) {
        files.add(new WrittenFile(path, text, new Purpose.Around()));
    }

    private void inPackage(String path, String text, Purpose purpose) {
        files.add(new WrittenFile(world.packageName() + "/" + path, text, purpose));
    }

    private void module(String name, String says, String source, Purpose purpose) {
        inPackage(name + ".py", TkImports.with(says, world.packageName(), source), purpose);
    }

    /** The files that it is started with, and what becomes of those that are open, only where something hears of them. */
    private String main() {
        boolean opens = !Outside.heard(design, Optional.empty()).isEmpty();
        return filled(Support.text("tk/main.py.txt"))
                .replace("@GIVEN@", opens ? "given_files, " : "")
                .replace(
                        "@OUTSIDE@",
                        (opens ? "    app.desk.files_opened(given_files())\n" : "")
                                + (world.meanings().watchesFiles() ? "    app.desk.watch_files()\n" : ""));
    }

    private String filled(String template) {
        return template.replace("@PACKAGE@", world.packageName())
                .replace("@APPLICATION@", world.application())
                .replace("@NAME@", PyNames.comment(design.application().name()));
    }

    private void windows() {
        var all =
                new PyLines().add("\"\"\"The windows of the application.\"\"\"").add("");
        for (Window window : design.windows()) {
            String shown = window.name().shown();
            String source =
                    switch (window) {
                        case FacedWindow face -> new TkWindow(world, uses, face).write();
                        case ReadyMade ready -> new TkReadyMade(world, ready).write();
                    };
            module(
                    "windows/" + world.moduleOf(shown),
                    PyNames.comment(shown) + ".",
                    source,
                    new Purpose.OfWindow(shown));
            all.add("from ." + world.moduleOf(shown) + " import " + world.classOf(shown));
        }
        all.add("");
        all.add("__all__ = ["
                + design.windows().stream()
                        .map(w -> PyNames.literal(world.classOf(w.name().shown())))
                        .collect(Collectors.joining(", "))
                + "]");
        inPackage("windows/__init__.py", all.toString(), APPLICATION);
    }

    private void work() {
        var work = new TkWork(world);
        module("tasks", "The work of the application, and how it ends.", work.tasks(), APPLICATION);
        module("holdings", "What the application takes and gives back.", work.holdings(), APPLICATION);
        own(
                "own_tasks",
                "Yours: it was written once, with the samples of the design, and is not written over.",
                work.ownTasks(),
                "tasks");
        own(
                "own_holdings",
                "Yours: it was written once, takes nothing yet, and is not written over.",
                work.ownHoldings(),
                "holdings");
    }

    private void own(String name, String says, String source, String of) {
        String text = TkImports.with(says, world.packageName(), source);
        String needed = "from " + world.packageName() + " import " + of + "\n";
        String whole = text.contains(needed) ? text : text.replaceFirst("\"\"\"\n\n", "\"\"\"\n\n" + needed);
        inPackage(name + ".py", whole, new Purpose.Own());
    }

    private void rows() {
        var out = new PyLines();
        world.types().rows().forEach((row, name) -> out.add("@dataclass(frozen=True)")
                .add("class " + name + ":")
                .inside(fields(row))
                .add("")
                .add(""));
        module("rows", "The rows of lists.", out.toString().replace("rows.", ""), APPLICATION);
    }

    private PyLines fields(bivouac.design.Type.RowOf row) {
        var fields = new PyLines();
        row.columns()
                .forEach(c -> fields.add(
                        world.types().column(c.name()) + ": " + world.types().of(c.type())));
        return fields;
    }

    private void tests() {
        add("tests/__init__.py", "");
        TESTS.forEach(t -> add("tests/" + t + ".py", filled(Support.text("tk/tests/" + t + ".py"))));
        String driven = new TkWalkthroughs(world).program();
        add(
                "tests/program.py",
                TkImports.with("What the walkthroughs drive.", world.packageName(), driven)
                        .replaceFirst("\"\"\"\n\n", "\"\"\"\n\nfrom " + world.packageName() + " import application\n"));
        List<Walkthrough> all = design.walkthroughs();
        for (int i = 0; i < all.size(); i++) {
            String name = "tests/walkthroughs/" + "%03d".formatted(i + 1);
            add(name + ".trail", Trails.trail(program, all.get(i)));
            add(name + ".expected", Trails.expected(program, all.get(i)));
        }
    }

    private String readme() {
        return filled(Support.text("tk/README.md.txt"))
                .replace("@WALKTHROUGHS@", String.valueOf(design.walkthroughs().size()))
                .replace("@FINDINGS@", InWords.findings(program));
    }
}
