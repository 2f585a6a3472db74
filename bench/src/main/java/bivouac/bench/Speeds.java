package bivouac.bench;

import bivouac.check.Findings;
import bivouac.design.Design;
import bivouac.expression.Expressions;
import bivouac.format.DesignFile;
import bivouac.format.DesignFormat;
import bivouac.plan.Program;
import bivouac.rehearsal.Rehearsal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;

/** Speeds that are met once and not in a loop: opening, compiling, checking. Prints milliseconds, first and later runs. */
public final class Speeds {

    private Speeds() {}

    public static void main(String[] args) throws Exception {
        long warm = time(Expressions::warmUp);
        System.out.println("first expression, cold (off the interface thread): " + warm + " ms");
        for (int windows : new int[] {50, 500}) {
            Design design = LargeDesigns.of(windows);
            Path file = Files.createTempFile("large", DesignFile.EXTENSION);
            Files.writeString(file, DesignFormat.write(design));
            for (String run : new String[] {"first", "second", "third"}) {
                var opened = new Object[2];
                long read = time(() -> opened[0] = DesignFile.read(file));
                long compile = time(() -> opened[1] = Program.of((Design) opened[0]));
                Program program = (Program) opened[1];
                long find = time(() -> Findings.of(program));
                long start = time(() -> Rehearsal.start(program, LocalDate.of(2026, 11, 23)));
                System.out.println(windows + " windows, " + run + " run: read " + read + " ms, compile and type-check "
                        + compile + " ms, findings " + find + " ms, start " + start + " ms");
            }
            Files.delete(file);
        }
    }

    private interface Task {
        void run() throws Exception;
    }

    private static long time(Task task) throws Exception {
        long from = System.nanoTime();
        task.run();
        return (System.nanoTime() - from) / 1_000_000;
    }
}
