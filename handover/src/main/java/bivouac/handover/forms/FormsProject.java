package bivouac.handover.forms;

import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Outside;
import bivouac.design.ReadyMade;
import bivouac.design.Walkthrough;
import bivouac.design.Window;
import bivouac.handover.Support;
import bivouac.handover.WrittenFile;
import bivouac.handover.WrittenFile.Purpose;
import bivouac.handover.braces.Lines;
import bivouac.handover.csharp.CsNames;
import bivouac.handover.csharp.CsTypes;
import bivouac.handover.csharp.CsWorld;
import bivouac.handover.document.Specification;
import bivouac.handover.meaning.InWords;
import bivouac.handover.meaning.Meanings;
import bivouac.handover.meaning.Uses;
import bivouac.handover.proof.MonoCompiler;
import bivouac.handover.proof.Trails;
import bivouac.plan.Program;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** All files of a program for Windows Forms: classes, support part, texts, build files, tests and README. */
public final class FormsProject {

    /** The folder in which the files of pictures are. */
    public static final String PICTURES = "pictures";

    private static final List<String> RULES = List.of(
            "Desk",
            "Desk.Closing",
            "Desk.Departure",
            "Desk.Doing",
            "Desk.Events",
            "Desk.Opening",
            "Desk.Outside",
            "Desk.Progress",
            "Desk.Work",
            "DeskWindow",
            "Kept",
            "Number",
            "OpenFiles",
            "Pairs",
            "Progress",
            "Row",
            "Terms",
            "Values");
    private static final List<String> FRAME = List.of(
            "Asked",
            "Background",
            "Choice",
            "Each",
            "Editing",
            "Face",
            "Fields",
            "FileDialog",
            "FormsLoop",
            "FrameForm",
            "FrameWindow",
            "Gate",
            "IInMenu",
            "Items",
            "NewDays",
            "Part",
            "Picker",
            "Pictures",
            "Pressed",
            "RowTable",
            "Shown",
            "Texts",
            "WorkProgress");
    private static final List<String> TESTS = List.of("DeskTest", "Driver", "Hand", "Program");

    private final Program program;
    private final Design design;
    private final CsWorld world;
    private final Uses uses;
    private final List<WrittenFile> files = new ArrayList<>();

    public FormsProject(Program program) {
        this.program = program;
        this.design = program.design();
        this.world = new CsWorld(new Meanings(program));
        this.uses = Uses.of(design);
    }

    public List<WrittenFile> files() {
        windows();
        source(world.application(), new FormsApplication(world, uses).write(), new Purpose.Application());
        source("Program", main(), new Purpose.Application());
        work();
        rows();
        around("texts.txt", FormsTexts.file(world.texts().texts()));
        RULES.forEach(n -> rules("rules/" + n + ".cs"));
        FRAME.forEach(n -> rules("frame/" + n + ".cs"));
        tests();
        around(world.namespace() + ".csproj", filled("project.xml"));
        around("tests/Tests.csproj", filled("tests/project.xml"));
        around("Makefile", filled("Makefile.txt"));
        around("README.md", readme());
        around("specification.html", Specification.of(program));
        return files.stream().sorted(Comparator.comparing(WrittenFile::path)).toList();
    }

    private void add(String path, String text, Purpose purpose) {
        files.add(new WrittenFile(path, text, purpose));
    }

    private void around(String path, String text) {
        add(path, text, new Purpose.Around());
    }

    private void source(String name, Lines classes, Purpose purpose) {
        add("src/" + name + ".cs", FormsFile.of(world.namespace(), classes), purpose);
    }

    private void rules(String path) {
        add("src/" + path, Support.text("forms/" + path), new Purpose.Rules());
    }

    private String filled(String template) {
        return Support.text("forms/" + template)
                .replace("@NAMESPACE@", world.namespace())
                .replace("@APPLICATION@", world.application())
                .replace("@COMPILER@", MonoCompiler.words())
                .replace("@QUIET@", String.join(";", MonoCompiler.QUIET))
                .replace("@NAME@", design.application().name());
    }

    private void windows() {
        for (Window window : design.windows()) {
            String shown = window.name().shown();
            Lines written =
                    switch (window) {
                        case FacedWindow face -> new FormsWindow(world, uses, face).write();
                        case ReadyMade ready -> new FormsReadyMade(world, ready).write();
                    };
            source(world.classOf(shown), written, new Purpose.OfWindow(shown));
        }
    }

    private Lines main() {
        var out = new Lines();
        out.add("internal static class Program {");
        out.add("[STAThread]");
        out.add("private static int Main(string[] arguments) {");
        out.add("int code = 0;");
        out.add("System.Windows.Forms.Application.EnableVisualStyles();");
        out.add("Gate.Install();");
        out.add("var loop = new FormsLoop();");
        out.add("var app = new " + world.application()
                + "(loop, new Background(loop), new OwnTasks(), new OwnHoldings(), Kept.Of(\"" + world.namespace()
                + "\"), DateTime.Today, ended => {");
        out.add("code = ended;");
        out.add("System.Windows.Forms.Application.ExitThread();");
        out.add("});");
        if (uses.links()) {
            out.add("app.Opens = Browser.Open;");
        }
        out.add("new NewDays(app.DayPasses).Begin();");
        out.add("loop.Later(app.Start);");
        if (!Outside.heard(design, Optional.empty()).isEmpty()) {
            out.add("loop.Later(() => app.Desk.FilesOpened(Array.ConvertAll(arguments, System.IO.Path.GetFullPath)));");
        }
        if (world.meanings().watchesFiles()) {
            out.add("app.Desk.WatchFiles();");
        }
        out.add("System.Windows.Forms.Application.Run();");
        out.add("return code;");
        return out.add("}").add("}");
    }

    private void work() {
        var work = new FormsWork(world);
        var application = new Purpose.Application();
        design.application()
                .tasks()
                .forEach(t -> source(world.taskClass(t.name().shown()), work.endings(t), application));
        source("ITasks", work.tasks(), application);
        source("IHoldings", work.holdings(), application);
        source("OwnTasks", work.ownTasks(), new Purpose.Own());
        source("OwnHoldings", work.ownHoldings(), new Purpose.Own());
    }

    private void rows() {
        CsTypes types = world.types();
        types.rows().forEach((row, name) -> {
            var out = new Lines();
            Map<String, String> columns = new LinkedHashMap<>();
            row.columns().forEach(c -> columns.put(c.name(), types.of(c.type())));
            out.add("/// <summary>A row with " + CsNames.comment(String.join(", ", columns.keySet())) + ".</summary>");
            out.add("public sealed class " + name + " : Row {");
            FormsEnding.properties(out, name, columns, types.columns(row), "Cells");
            source(name, out.add("}"), new Purpose.Application());
        });
    }

    private void tests() {
        TESTS.forEach(t -> around("tests/" + t + ".cs", filled("tests/" + t + ".cs")));
        around("tests/Walkthroughs.cs", FormsFile.of(world.namespace(), driven()));
        List<Walkthrough> all = design.walkthroughs();
        for (int i = 0; i < all.size(); i++) {
            String name = "tests/walkthroughs/" + "%03d".formatted(i + 1);
            around(name + ".trail", Trails.trail(program, all.get(i)));
            around(name + ".expected", Trails.expected(program, all.get(i)));
        }
    }

    /** What the walkthroughs drive: the application with tasks that end as they are told, and holdings that are there. */
    private Lines driven() {
        var out = new Lines();
        out.add("/// <summary>Drives the program by trails: tasks end as the trail says, with the samples of the"
                + " design.</summary>");
        out.add("public sealed class Walkthroughs : IDriven {");
        boolean works = !design.application().tasks().isEmpty();
        out.add("private " + world.application() + " app;");
        if (works) {
            out.add("private string ending = \"\";");
        }
        out.blank();
        out.add(
                "public void Start(Driver driver, ILoop loop, IWorker worker, Kept kept, DateTime today, Action<int> ended) {");
        out.add("app = new " + world.application() + "(loop, worker, new Samples(" + (works ? "this" : "")
                + "), new Nothing(), kept, today, ended);");
        out.add("driver.Watch(app.Desk);");
        out.add("app.Start();").add("}").blank();
        out.add("public void EndsWith(string other) {")
                .add(works ? "ending = other;" : "// there is no task")
                .add("}")
                .blank();
        out.add("public void DayPasses(DateTime now) {")
                .add("app.DayPasses(now);")
                .add("}")
                .blank();
        var work = new FormsWork(world);
        out.add("/// <summary>Tasks that end as they are told to.</summary>");
        out.add("private sealed class Samples : ITasks {");
        if (works) {
            out.add("private readonly Walkthroughs driven;").blank();
            out.add("public Samples(Walkthroughs driven) {")
                    .add("this.driven = driven;")
                    .add("}")
                    .blank();
        }
        work.told(out);
        out.add("}").blank();
        out.add("/// <summary>Holdings that are there.</summary>");
        out.add("private sealed class Nothing : IHoldings {");
        work.alwaysThere(out);
        return out.add("}").add("}");
    }

    private String readme() {
        return filled("README.md.txt")
                .replace("@WALKTHROUGHS@", String.valueOf(design.walkthroughs().size()))
                .replace("@FINDINGS@", InWords.findings(program));
    }
}
