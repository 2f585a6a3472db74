package bivouac.desktop.work;

import bivouac.check.Checked;
import bivouac.check.Findings;
import bivouac.check.known.Beside;
import bivouac.explore.Behaviour;
import bivouac.explore.Exploration;
import bivouac.explore.Explored;
import bivouac.explore.Limits;
import bivouac.explore.Progress;
import bivouac.explore.Question;
import bivouac.plan.Program;
import java.time.LocalDate;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicReference;

/**
 * Explores each design that is worked on, in the background and on one core, so that the tool stays quick: begun again
 * after every edit, with the one before given up. What an edit cannot have changed is not explored again: one that leaves the
 * {@link Behaviour} as it was neither stops what goes on nor begins it anew. What comes of it is told to the {@link Work}.
 */
public final class Exploring {

    /** Between two reports of how far it is. */
    private static final long PAUSE = 250_000_000L;

    private final Work work;
    private final Limits limits;
    private final Executor elsewhere;
    private final Executor here;
    private final LocalDate today;
    private final Runnable release;
    /** The one that is explored; another thread sees by it that its own was overtaken. */
    private final AtomicReference<Program> wanted = new AtomicReference<>();

    /** What was explored last; only the thread that explores knows it. */
    private Optional<Known> known = Optional.empty();

    /** @param elsewhere where it explores, one design after the other */
    public Exploring(Work work, LocalDate today, Limits limits, Executor elsewhere, Executor here) {
        this.work = work;
        this.today = today;
        this.limits = limits.withCores(1);
        this.elsewhere = elsewhere;
        this.here = here;
        this.release = work.listen(this::follow);
        follow(work.now());
    }

    private record Known(Behaviour behaviour, Explored explored) {}

    /** What came of one design. */
    private record Answer(Explored explored, Checked checked) {}

    private void follow(Situation now) {
        if (!now.isCompiled() || now.program() == wanted.get()) {
            return;
        }
        Program program = now.program();
        Beside beside =
                now.file().map(f -> Beside.in(f.toAbsolutePath().getParent())).orElse(Beside.UNKNOWN);
        wanted.set(program);
        work.background().apart(elsewhere, "exploring the design", () -> explore(program, beside), answer -> {
            if (work.now().program() == program) {
                work.looked(Looked.done(program, answer.explored()), answer.checked());
            }
        });
    }

    private Answer explore(Program program, Beside beside) {
        Explored explored = explored(program, Behaviour.of(program));
        boolean overtaken = wanted.get() != program;
        return overtaken
                ? new Answer(explored, Checked.NOTHING)
                : new Answer(explored, Findings.checked(program, beside, explored));
    }

    private Explored explored(Program program, Behaviour behaviour) {
        Optional<Known> same = known.filter(k -> k.behaviour().equals(behaviour));
        if (same.isPresent()) {
            return same.get().explored();
        }
        // what it holds is not needed beside the next one
        known = Optional.empty();
        Explored explored = Exploration.of(new Question(program, today), limits, new Quiet(program, behaviour));
        known = Optional.of(new Known(behaviour, explored)).filter(k -> explored.outcome() != Explored.Outcome.STOPPED);
        return explored;
    }

    /** No more; the tool closes. */
    public void stop() {
        release.run();
        wanted.set(null);
    }

    private final class Quiet implements Progress {
        private final Behaviour behaviour;
        private long last = System.nanoTime();
        /** The design that was held against what is explored last, and whether it does the same. */
        private Program judged;

        private boolean same = true;

        Quiet(Program program, Behaviour behaviour) {
            this.judged = program;
            this.behaviour = behaviour;
        }

        @Override
        public void at(int situations, int depth) {
            long now = System.nanoTime();
            if (now - last > PAUSE) {
                last = now;
                Program program = judged;
                here.execute(() -> {
                    if (work.now().program() == program && wanted.get() == program) {
                        work.looking(Looked.exploring(program, situations, depth));
                    }
                });
            }
        }

        @Override
        public boolean isStopped() {
            Program program = wanted.get();
            if (program != null && program != judged) {
                judged = program;
                same = Behaviour.of(program).equals(behaviour);
            }
            return program == null || !same;
        }
    }
}
