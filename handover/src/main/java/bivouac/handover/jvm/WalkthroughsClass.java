package bivouac.handover.jvm;

import bivouac.design.Task;
import bivouac.design.Walkthrough;
import bivouac.handover.Support;
import bivouac.handover.WrittenFile;
import bivouac.handover.WrittenFile.Purpose;
import bivouac.handover.braces.Lines;
import bivouac.handover.braces.Spelling;
import bivouac.handover.meaning.Meanings;
import bivouac.handover.meaning.Outcomes;
import bivouac.handover.proof.Trails;
import java.util.ArrayList;
import java.util.List;

/** The tests of a written program: each walkthrough as a trail, and what has to be seen of it. */
final class WalkthroughsClass {

    private final Meanings meanings;
    private final JvmWorld world;
    private final List<WrittenFile> files = new ArrayList<>();

    WalkthroughsClass(Meanings meanings, JvmWorld world) {
        this.meanings = meanings;
        this.world = world;
    }

    List<WrittenFile> files() {
        String in = "src/test/java/" + world.packageName() + "/";
        add(in + "Walkthroughs.java", program());
        add(
                in + "WalkthroughsTest.java",
                Support.text("java/drive/WalkthroughsTest.java.txt").replace("@PACKAGE@", world.packageName()));
        List<Walkthrough> all = meanings.program().design().walkthroughs();
        for (int i = 0; i < all.size(); i++) {
            String name = "src/test/resources/walkthroughs/" + "%03d".formatted(i + 1);
            add(name + ".trail", Trails.trail(meanings.program(), all.get(i)));
            add(name + ".expected", Trails.expected(meanings.program(), all.get(i)));
        }
        return files;
    }

    private void add(String path, String text) {
        files.add(new WrittenFile(path, text, new Purpose.Around()));
    }

    private String program() {
        var out = new Lines();
        out.add("/** Drives the program by trails: tasks end as the trail says, with the samples of the design. */");
        out.add("public final class Walkthroughs implements TrailDriver.Program {")
                .blank();
        out.add("private " + world.application() + " app;");
        out.add("private String ending = \"\";").blank();
        out.add("@Override");
        out.add(
                "public void start(TrailDriver driver, Loop loop, Worker worker, Kept kept, LocalDate today, IntConsumer ended) {");
        out.add("app = new " + world.application()
                + "(loop, worker, new Samples(), new Nothing(), kept, today, ended);");
        out.add("driver.watch(app.desk());");
        out.add("app.start();").add("}").blank();
        out.add("@Override");
        out.add("public void ending(String other) {")
                .add("ending = other;")
                .add("}")
                .blank();
        out.add("@Override");
        out.add("public void dayPasses(LocalDate now) {")
                .add("app.dayPasses(now);")
                .add("}")
                .blank();
        samples(out);
        holdings(out);
        out.add("/** Plays each trail of a folder, and writes what was seen beside it. */");
        out.add("public static void main(String[] arguments) throws Exception {");
        out.add("int code = 1;");
        out.add("try {");
        out.add("TrailDriver.playAll(Path.of(arguments[0]), Walkthroughs::new);");
        out.add("code = 0;");
        out.add("} finally {");
        out.add("System.exit(code); // the toolkit's thread would go on");
        out.add("}").add("}");
        out.add("}");
        String source = world.imports().with(world.packageName(), out.toString(), true);
        return source.replaceFirst("(?m)^import ", "import drive.TrailDriver;\nimport java.nio.file.Path;\nimport ");
    }

    private void samples(Lines out) {
        out.add("/** Tasks that end as they are told to. */");
        out.add("private final class Samples implements Tasks {").blank();
        for (Task task : meanings.program().design().application().tasks()) {
            String shown = task.name().shown();
            out.add("@Override");
            out.add("public " + world.taskClass(shown) + " " + world.methodOfTask(shown) + "("
                    + WorkClasses.called(world, task) + ") {");
            out.add("return switch (ending) {");
            Outcomes.sampled(task).stream()
                    .forEach(e -> out.add("case " + Spelling.literal(e) + " -> "
                            + WorkClasses.sample(world, meanings, task, e, "app") + ";"));
            out.add("default -> throw new IllegalArgumentException(ending);");
            out.add("};").add("}").blank();
        }
        out.add("}").blank();
    }

    private void holdings(Lines out) {
        out.add("/** Holdings that are there. */");
        out.add("private static final class Nothing implements Holdings {").blank();
        WorkClasses.alwaysThere(out, world, meanings.program().design());
        out.add("}").blank();
    }
}
