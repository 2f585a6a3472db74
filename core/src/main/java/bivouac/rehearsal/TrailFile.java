package bivouac.rehearsal;

import bivouac.design.Nearest;
import bivouac.design.Quoted;
import bivouac.machine.Sighting.Which;
import bivouac.plan.TextSelection;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Trails as text, one event a line, names in quotes: {@code press "arrive" of "Register"}. Empty lines and lines that
 * begin with {@code #} are left out. The form is described in {@code docs/format.md}.
 */
public final class TrailFile {

    private TrailFile() {}

    /** A trail that could not be read: which line, and what is expected there. */
    public static final class Wrong extends Exception {
        private static final long serialVersionUID = 1L;

        Wrong(String sentence) {
            super(sentence);
        }
    }

    public static String write(List<NamedEvent> events) {
        var out = new StringBuilder();
        events.forEach(e -> out.append(e).append('\n'));
        return out.toString();
    }

    /** Reads a trail. Lines end with a line feed, or with a carriage return and one. */
    public static List<NamedEvent> read(String text) throws Wrong {
        var events = new ArrayList<NamedEvent>();
        int number = 0;
        for (String line : text.split("\r?\n", -1)) {
            number++;
            String event = line.strip();
            if (!event.isEmpty() && !event.startsWith("#")) {
                int at = number;
                events.add(parse(event).orElseThrow(() -> new Wrong("Line " + at + ": " + Verb.why(event) + ".")));
            }
        }
        return List.copyOf(events);
    }

    /** The event that a line says; empty if it is none. */
    static Optional<NamedEvent> parse(String line) {
        for (Verb verb : Verb.values()) {
            var reader = new LineReader(line);
            if (reader.takes(verb.begins)) {
                NamedEvent event = verb.read(reader);
                if (reader.whole()) {
                    return Optional.of(event);
                }
            }
        }
        return Optional.empty();
    }

    /** Names with commas between. */
    static String names(List<String> names) {
        return names.stream().map(Quoted::of).collect(Collectors.joining(", "));
    }

    static String of(Which window) {
        return " of " + name(window);
    }

    /** How a window is named in a line, with the how-manieth it is from the second on. */
    static String name(Which window) {
        return Quoted.of(window.window()) + (window.serial() > 1 ? " " + window.serial() : "");
    }

    /** What an event begins with, how it goes on, and what it is. */
    enum Verb {
        PRESS("press", "\"PART\" of \"WINDOW\"") {
            @Override
            NamedEvent read(LineReader in) {
                String part = in.name();
                return new NamedEvent.Pressed(in.ofWindow(), part);
            }
        },
        PRESS_ROW("press row", "2 in \"PART\" of \"WINDOW\"") {
            @Override
            NamedEvent read(LineReader in) {
                int row = in.positive();
                in.must("in");
                String part = in.name();
                return new NamedEvent.RowPressed(in.ofWindow(), part, row);
            }
        },
        TYPE("type", "\"TEXT\" into \"PART\" of \"WINDOW\"") {
            @Override
            NamedEvent read(LineReader in) {
                String text = in.name();
                in.must("into");
                String part = in.name();
                return new NamedEvent.Typed(in.ofWindow(), part, text);
            }
        },
        TICK("tick", "\"PART\" of \"WINDOW\"") {
            @Override
            NamedEvent read(LineReader in) {
                String part = in.name();
                return new NamedEvent.Ticked(in.ofWindow(), part);
            }
        },
        SELECT_TEXT("select from", "3 to 7 in \"FIELD\" of \"WINDOW\"") {
            @Override
            NamedEvent read(LineReader in) {
                int from = in.number();
                in.must("to");
                int to = in.number();
                in.must("in");
                String part = in.name();
                return new NamedEvent.TextSelected(in.ofWindow(), part, new TextSelection.Span(from, to));
            }
        },
        SELECT_ROWS("select", "row 2 in \"LIST\" of \"WINDOW\"") {
            @Override
            NamedEvent read(LineReader in) {
                List<Integer> rows = in.takes("no row") ? List.of() : some(in);
                in.must("in");
                String part = in.name();
                return new NamedEvent.RowsSelected(in.ofWindow(), part, rows);
            }

            private List<Integer> some(LineReader in) {
                if (in.takes("rows")) {
                    return in.numbers();
                }
                in.must("row");
                return List.of(in.positive());
            }
        },
        SELECT("select", "\"ITEM\" in \"CHOICE\" of \"WINDOW\"") {
            @Override
            NamedEvent read(LineReader in) {
                String item = in.name();
                in.must("in");
                String part = in.name();
                return new NamedEvent.Selected(in.ofWindow(), part, item);
            }
        },
        ACTIVATE("activate row in", "\"LIST\" of \"WINDOW\"") {
            @Override
            NamedEvent read(LineReader in) {
                String part = in.name();
                return new NamedEvent.RowActivated(in.ofWindow(), part);
            }
        },
        REMOVE("remove rows in", "\"LIST\" of \"WINDOW\"") {
            @Override
            NamedEvent read(LineReader in) {
                String part = in.name();
                return new NamedEvent.RowsRemoved(in.ofWindow(), part);
            }
        },
        ANSWER("answer", "\"ENDING\" of \"BOX\"") {
            @Override
            NamedEvent read(LineReader in) {
                String ending = in.name();
                return new NamedEvent.Answered(in.ofWindow(), ending);
            }
        },
        CHOOSE("choose", "\"PATH\" as \"FILTER\" of \"DIALOG\"") {
            @Override
            NamedEvent read(LineReader in) {
                List<String> paths = in.names();
                in.must("as");
                String filter = in.name();
                return new NamedEvent.Chose(in.ofWindow(), paths, filter);
            }
        },
        PICK("pick", "\"VALUE\" of \"PICKER\"") {
            @Override
            NamedEvent read(LineReader in) {
                String value = in.name();
                return new NamedEvent.Picked(in.ofWindow(), value);
            }
        },
        TASK("task", "\"TASK\" ends \"ENDING\" of \"WINDOW\"") {
            @Override
            NamedEvent read(LineReader in) {
                String task = in.name();
                int which = in.which();
                in.must("ends");
                String ending = in.name();
                Optional<Which> of = in.takes("of") ? Optional.of(in.window()) : Optional.empty();
                return new NamedEvent.TaskEnded(task, which, of, ending);
            }
        },
        TELLS("task", "\"TASK\" tells 40 \"LINE\" of \"WINDOW\"") {
            @Override
            NamedEvent read(LineReader in) {
                String task = in.name();
                int which = in.which();
                in.must("tells");
                int done = in.number();
                String line = in.isAtName() ? in.name() : "";
                Optional<Which> of = in.takes("of") ? Optional.of(in.window()) : Optional.empty();
                return new NamedEvent.TaskTold(task, which, of, done, line);
            }
        },
        CANCEL("cancel", "\"PROGRESS\" of \"WINDOW\"") {
            @Override
            NamedEvent read(LineReader in) {
                String part = in.name();
                return new NamedEvent.Cancelled(in.ofWindow(), part);
            }
        },
        TIMER("timer", "\"TIMER\" of \"WINDOW\" fires") {
            @Override
            NamedEvent read(LineReader in) {
                String timer = in.name();
                Optional<Which> of = in.takes("of") ? Optional.of(in.window()) : Optional.empty();
                in.must("fires");
                return new NamedEvent.TimerFired(timer, of);
            }
        },
        DAY("a day passes", "") {
            @Override
            NamedEvent read(LineReader in) {
                return new NamedEvent.DayPassed();
            }
        },
        OPEN_FILES("open files", "\"PATH\", \"PATH\"") {
            @Override
            NamedEvent read(LineReader in) {
                return new NamedEvent.FilesOpened(in.names());
            }
        },
        DROP_FILES("drop", "\"PATH\", \"PATH\" on \"WINDOW\"") {
            @Override
            NamedEvent read(LineReader in) {
                List<String> paths = in.names();
                in.must("on");
                return new NamedEvent.FilesDropped(in.window(), paths);
            }
        },
        FILE("file", "\"PATH\" changes of \"WINDOW\", or is gone") {
            @Override
            NamedEvent read(LineReader in) {
                String path = in.name();
                boolean gone = in.takes("is gone");
                if (!gone) {
                    in.must("changes");
                }
                return new NamedEvent.FileTouched(in.ofWindow(), path, gone);
            }
        },
        SAMPLES("open", "\"WINDOW\" with samples") {
            @Override
            NamedEvent read(LineReader in) {
                String window = in.name();
                in.must("with samples");
                return new NamedEvent.OpenedWithSamples(window);
            }
        },
        CLOSE_BOX("close box", "of \"WINDOW\"") {
            @Override
            NamedEvent read(LineReader in) {
                return new NamedEvent.CloseBoxUsed(in.ofWindow());
            }
        },
        ESCAPE("Escape", "of \"WINDOW\"") {
            @Override
            NamedEvent read(LineReader in) {
                return new NamedEvent.EscapePressed(in.ofWindow());
            }
        },
        ENTER("Enter", "of \"WINDOW\"") {
            @Override
            NamedEvent read(LineReader in) {
                return new NamedEvent.EnterPressed(in.ofWindow());
            }
        },
        SESSION("session ends", "") {
            @Override
            NamedEvent read(LineReader in) {
                return new NamedEvent.SessionEnded();
            }
        },
        KILLED("killed", "") {
            @Override
            NamedEvent read(LineReader in) {
                return new NamedEvent.ProcessKilled();
            }
        },
        AGAIN("start again", "") {
            @Override
            NamedEvent read(LineReader in) {
                return new NamedEvent.StartedAgain();
            }
        };

        private final String begins;
        private final String goesOn;

        Verb(String begins, String goesOn) {
            this.begins = begins;
            this.goesOn = goesOn;
        }

        /** Reads what follows the words that it begins with. */
        abstract NamedEvent read(LineReader in);

        private String form() {
            return goesOn.isEmpty() ? begins : begins + " " + goesOn;
        }

        /** Why a line is no event, and what it may be: how the event that it begins like is written, or all there are. */
        static String why(String line) {
            Optional<String> nearest = Nearest.to(
                    firstWord(line),
                    Stream.of(values()).map(v -> firstWord(v.begins)).toList());
            String like = Stream.of(values())
                    .filter(v -> nearest.filter(firstWord(v.begins)::equals).isPresent())
                    .map(Verb::form)
                    .collect(Collectors.joining(" or "));
            String all = Stream.of(values()).map(Verb::form).collect(Collectors.joining(" · "));
            return "“" + shortened(line) + "” is no event; "
                    + (like.isEmpty() ? "events are " + all : "expected " + like);
        }

        private static String firstWord(String words) {
            int end = words.indexOf(' ');
            return end < 0 ? words : words.substring(0, end);
        }

        private static String shortened(String line) {
            return line.length() <= 120 ? line : line.substring(0, 120) + "…";
        }
    }
}
