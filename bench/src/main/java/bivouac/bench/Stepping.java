package bivouac.bench;

import bivouac.machine.Event;
import bivouac.plan.Program;
import bivouac.rehearsal.Rehearsal;
import bivouac.state.State;
import java.time.LocalDate;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.Warmup;

/** One event in a design of 100 windows (to reach: under 20 µs), and rewinding among 10,000 (under 1 ms). */
@org.openjdk.jmh.annotations.State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 3, time = 1)
public class Stepping {

    private Rehearsal allOpen;
    private Rehearsal fewOpen;
    private Rehearsal longTrail;
    private Event countFew;
    private Event countAll;
    private int at;

    /** Acts the beginnings out. */
    @Setup
    public void begin() {
        fewOpen = Rehearsal.start(Program.of(LargeDesigns.of(101)), LocalDate.of(2026, 11, 23));
        countFew = new Event.Press(0, 51);
        allOpen = fewOpen;
        for (int i = 0; i < 50; i++) {
            allOpen = allOpen.act(new Event.Press(0, i));
        }
        countAll = new Event.Press(0, 51);
        longTrail = fewOpen;
        for (int i = 0; i < 10_000; i++) {
            longTrail = longTrail.act(countFew);
        }
    }

    /** A button pressed in the desk, nothing else open. */
    @Benchmark
    public State oneEventFewOpen() {
        return fewOpen.machine().step(fewOpen.present().state(), countFew);
    }

    /** The same with all 50 child windows open. */
    @Benchmark
    public State oneEventAllOpen() {
        return allOpen.machine().step(allOpen.present().state(), countAll);
    }

    /** Any moment of a trail of 10,000 events, and what is seen there. */
    @Benchmark
    public Object rewind() {
        at = (at + 7_919) % 10_000;
        return longTrail.goTo(at).scene();
    }
}
