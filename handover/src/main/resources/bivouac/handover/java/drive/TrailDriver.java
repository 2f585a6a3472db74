package drive;

import desk.Broke;
import desk.Desk;
import desk.DeskWindow;
import desk.Ending;
import desk.Kept;
import desk.Loop;
import desk.Progress;
import desk.Tried;
import desk.Watcher;
import desk.Worker;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Consumer;
import java.util.function.IntConsumer;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Plays a trail on the running program, an event each time it is at rest, and tells what is seen (E3). */
public final class TrailDriver {

    /** The program that is driven. */
    public interface Program {

        /** Starts it: with a loop without time, and tasks that end when the trail says so. */
        void start(TrailDriver driver, Loop loop, Worker worker, Kept kept, LocalDate today, IntConsumer ended);

        /** How the task that is called next is to end. */
        void ending(String ending);

        void dayPasses(LocalDate now);
    }

    private record Working(String name, Progress progress, Callable<? extends Ending> body, Consumer<Ending> done) {}

    private static final Pattern QUOTED = Pattern.compile("\"((?:[^\"\\\\]|\\\\.)*)\"(?: (\\d+)(?![\\d-]))?");

    /** A trail in which nothing happens for so long hangs; how long all of it takes is no matter. */
    private static final long MOST_SECONDS = 20;

    private final Program program;
    private final Path folder;
    private final Deque<String> events;
    /** Read by another thread too, where the program hangs. */
    private final List<String> told = Collections.synchronizedList(new ArrayList<>());

    private final CompletableFuture<List<String>> done = new CompletableFuture<>();
    private final List<Working> working = new ArrayList<>();
    private LocalDate today;
    private Desk desk;
    private int run;
    private boolean posted;
    private boolean over;

    private TrailDriver(Program program, Path folder, LocalDate today, List<String> events) {
        this.program = program;
        this.folder = folder;
        this.today = today;
        this.events = new ArrayDeque<>(events);
    }

    /** Starts the toolkit once, plays the trail, and answers what was seen, line by line. */
    public static List<String> play(Program program, Path folder, LocalDate today, List<String> events)
            throws Exception {
        Hand.startToolkit();
        TrailDriver driver = new TrailDriver(program, folder, today, events);
        Hand.later(() -> {
            driver.told.add("Start");
            driver.start();
        });
        return lines(driver.played());
    }

    private List<String> played() throws Exception {
        int before = -1;
        while (true) {
            try {
                return done.get(MOST_SECONDS, TimeUnit.SECONDS);
            } catch (TimeoutException quiet) {
                List<String> sofar = new ArrayList<>(copied());
                if (sofar.size() == before) {
                    sofar.add("  it does not come to rest");
                    return sofar;
                }
                before = sofar.size();
            }
        }
    }

    /** As they stand in a file: what is told with a line break in it is two lines. */
    public static List<String> lines(List<String> told) {
        return List.of(String.join("\n", told)
                .replace("\r\n", "\n")
                .replace('\r', '\n')
                .split("\n", -1));
    }

    /** Plays a trail's file: comments first, the second with the day on which it begins. */
    public static List<String> play(Program program, Path kept, Path trail) throws Exception {
        List<String> lines = Files.readAllLines(trail);
        LocalDate today = LocalDate.parse(lines.get(1).substring(1).strip());
        return play(
                program,
                kept,
                today,
                lines.stream().filter(l -> !l.isBlank() && !l.startsWith("#")).toList());
    }

    /** Plays every trail of a folder, and writes what was seen beside it. */
    public static void playAll(Path folder, Supplier<Program> programs) throws Exception {
        List<Path> trails;
        try (Stream<Path> all = Files.list(folder)) {
            trails = all.filter(p -> p.toString().endsWith(".trail")).sorted().toList();
        }
        for (Path trail : trails) {
            Path kept = Files.createTempDirectory("kept");
            List<String> seen = play(programs.get(), kept, trail);
            Files.write(Path.of(trail.toString().replace(".trail", ".seen")), seen);
        }
    }

    private void start() {
        int now = ++run;
        working.clear();
        program.start(
                this,
                new Timeless(),
                (name, progress, body, end) -> working.add(new Working(name, progress, body, end)),
                Kept.in(folder),
                today,
                code -> ended(now));
    }

    /** Called by the program with its desk, before anything is done. */
    public void watch(Desk other) {
        desk = other;
        int now = run;
        desk.watch(new Watcher() {
            @Override
            public void act(String what) {
                if (now == run) {
                    told.add("  " + what);
                }
            }

            @Override
            public void atRest() {
                if (now == run) {
                    rest();
                }
            }

            @Override
            public void fault(Throwable fault) {
                if (now == run) {
                    told.add("  fault " + fault.getMessage());
                    over();
                }
            }
        });
    }

    /** Waits as the toolkit does; but time goes on only where the trail says so. */
    private static final class Timeless implements Loop {
        private final Loop loop = Hand.loop();

        @Override
        public void enter(Object key) {
            loop.enter(key);
        }

        @Override
        public void exit(Object key) {
            loop.exit(key);
        }

        @Override
        public void later(Runnable what) {
            loop.later(what);
        }

        @Override
        public Ticking every(double seconds, Runnable what) {
            return () -> {};
        }
    }

    private List<String> copied() {
        synchronized (told) {
            return List.copyOf(told);
        }
    }

    private void over() {
        over = true;
        done.complete(copied());
    }

    private void ended(int of) {
        if (of == run) {
            see();
            next();
        }
    }

    private void rest() {
        if (!posted && !over) {
            posted = true; // one act of a hand can be two events of a toolkit
            Hand.later(this::goOn);
        }
    }

    private void goOn() {
        posted = false;
        if (over || !desk.atRest()) {
            return; // a script that waited goes on first
        }
        see();
        next();
    }

    private void next() {
        String line = events.poll();
        if (line == null) {
            over();
            return;
        }
        told.add(line);
        try {
            act(line);
        } catch (RuntimeException failure) {
            told.add("  cannot: " + failure);
            over();
            return;
        }
        if (!over && desk.atRest()) {
            rest(); // also where it was no event: blocked, or nothing changed
        }
    }

    private void see() {
        desk.windows().stream().sorted((a, b) -> a.which().compareTo(b.which())).forEach(w -> {
            told.add("  | " + w.which() + ": " + w.title()
                    + (w.owner() == null ? "" : ", owned by " + w.owner().which())
                    + (w.isHidden() ? ", hidden" : "")
                    + (desk.blocked(w) ? ", blocked" : ""));
            w.seen().forEach(s -> told.add("  |   " + s));
        });
    }

    // What a hand does

    private void act(String line) {
        List<String> names = new ArrayList<>();
        List<Integer> numbers = new ArrayList<>();
        for (Matcher m = QUOTED.matcher(line); m.find(); ) {
            names.add(unquoted(m.group(1)));
            numbers.add(m.group(2) == null ? 1 : Integer.parseInt(m.group(2)));
        }
        String verb = QUOTED.matcher(line).replaceAll("").strip().replaceAll(" +", " ");
        switch (verb) {
            case "session ends" -> desk.sessionEnds();
            case "a day passes" -> program.dayPasses(today = today.plusDays(1));
            case "killed" -> killed();
            case "start again" -> start();
            case "task ends", "task ends of" -> taskEnds(names, numbers);
            case "cancel of" -> Hand.cancel(window(names.get(1), numbers.get(1)), names.getFirst());
            case "timer fires" -> desk.timerFires(null, names.getFirst());
            case "timer of fires" -> desk.timerFires(window(names.get(1), numbers.get(1)), names.getFirst());
            default -> {
                if (verb.startsWith("task tells ")) {
                    taskTells(Integer.parseInt(verb.split(" ")[2]), names, numbers);
                } else if (verb.startsWith("open files")) {
                    desk.filesOpened(names);
                } else if (verb.startsWith("drop ")) {
                    desk.filesDropped(window(names.getLast(), numbers.getLast()), names.subList(0, names.size() - 1));
                } else if (verb.startsWith("file ")) {
                    desk.fileChanges(
                            window(names.getLast(), numbers.getLast()), names.getFirst(), verb.contains("gone"));
                } else {
                    onWindow(line, verb, names, window(names.getLast(), numbers.getLast()));
                }
            }
        }
    }

    private void onWindow(String line, String verb, List<String> names, DeskWindow window) {
        switch (verb) {
            case "press of" -> Hand.press(window, names.getFirst());
            case "tick of" -> Hand.tick(window, names.getFirst());
            case "type into of" -> Hand.type(window, names.get(1), names.getFirst());
            case "select in of" -> Hand.choose(window, names.get(1), names.getFirst());
            case "activate row in of" -> Hand.activate(window, names.getFirst());
            case "remove rows in of" -> Hand.delete(window, names.getFirst());
            case "close box of" -> Hand.closeBox(window);
            case "Escape of" -> Hand.escape(window);
            case "Enter of" -> Hand.enter(window);
            case "answer of" -> Hand.answer(window, names.getFirst());
            case "pick of" -> Hand.pick(window, names.getFirst());
            default -> {
                if (verb.startsWith("press row")) {
                    Hand.pressRow(window, names.getFirst(), Integer.parseInt(verb.split(" ")[2]));
                } else if (verb.startsWith("select from")) {
                    String[] words = verb.split(" ");
                    Hand.selectText(window, names.getFirst(), Integer.parseInt(words[2]), Integer.parseInt(words[4]));
                } else if (verb.startsWith("choose")) {
                    Hand.chooseFiles(window, names.subList(0, names.size() - 2), names.get(names.size() - 2));
                } else if (verb.startsWith("select row") || verb.startsWith("select no row")) {
                    Hand.select(window, names.getFirst(), numbers(line));
                } else {
                    throw new IllegalArgumentException(line);
                }
            }
        }
    }

    private static String unquoted(String text) {
        StringBuilder out = new StringBuilder();
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (c != '\\') {
                out.append(c);
            } else if (text.startsWith("u{", ++i)) {
                int end = text.indexOf('}', i);
                out.appendCodePoint(Integer.parseInt(text.substring(i + 2, end), 16));
                i = end;
            } else {
                out.append(
                        switch (text.charAt(i)) {
                            case 'n' -> '\n';
                            case 't' -> '\t';
                            case 'r' -> '\r';
                            default -> text.charAt(i);
                        });
            }
        }
        return out.toString();
    }

    private DeskWindow window(String name, int number) {
        return desk.windows().stream()
                .filter(w -> w.which().equals(number <= 1 ? name : name + " (" + number + ")"))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException(name + " is not open"));
    }

    private static List<Integer> numbers(String line) {
        List<Integer> numbers = new ArrayList<>();
        Matcher m = Pattern.compile("^select rows? ([\\d, ]+) in ").matcher(line);
        if (m.find()) {
            for (String number : m.group(1).split(", *")) {
                numbers.add(Integer.parseInt(number.strip()));
            }
        }
        return numbers;
    }

    private void taskEnds(List<String> names, List<Integer> numbers) {
        Working one = working(names, numbers);
        working.remove(one);
        one.done().accept(result(one, names.get(1)));
    }

    private void taskTells(int done, List<String> names, List<Integer> numbers) {
        working(names, numbers).progress().tell(done, names.get(1));
    }

    private Working working(List<String> names, List<Integer> numbers) {
        String task = names.getFirst();
        String of = names.size() < 3 ? "" : which(names.get(2), numbers.get(2));
        List<Working> all = working.stream()
                .filter(w -> w.name().equals(task))
                .filter(w -> of.isEmpty()
                        || w.progress().of() != null
                                && w.progress().of().which().equals(of))
                .toList();
        if (all.size() < numbers.getFirst()) {
            throw new IllegalStateException(task + " does not run");
        }
        // the one that is waited for began last, and no other can end before it
        return desk.isWorking() ? all.getLast() : all.get(numbers.getFirst() - 1);
    }

    private static String which(String name, int number) {
        return number <= 1 ? name : name + " (" + number + ")";
    }

    private Ending result(Working one, String ending) {
        if (ending.equals("could not")) {
            String it = one.name().startsWith("opening ")
                    ? "the system could not create it"
                    : one.name().startsWith("taking ")
                            ? "the system could not take it"
                            : "the system could not take it back";
            return new Tried.CouldNot(it);
        }
        if (ending.equals("broke")) {
            return new Broke("the work failed");
        }
        program.ending(ending);
        try {
            return one.body().call();
        } catch (Exception failure) {
            throw new IllegalStateException(failure);
        }
    }

    /** As a kill does: nothing runs any more. */
    private void killed() {
        run++;
        for (DeskWindow window : desk.windows()) {
            Hand.takeOffScreen(window);
        }
        Hand.later(this::next);
    }
}
