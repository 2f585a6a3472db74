package bivouac.sentence;

import bivouac.design.Design;
import bivouac.design.Done;
import bivouac.design.Ending;
import bivouac.design.FacedWindow;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Take;
import bivouac.design.Taken;
import bivouac.design.Task;
import bivouac.design.Window;
import bivouac.plan.Program;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What the end of a typed line names: a word of a step, something that the design has, or a value in an expression. What
 * is offered, and whether a name is typed to its end, both go by it.
 */
sealed interface Wanted {

    /** The words that a step begins with. */
    record StepWord() implements Wanted {}

    /**
     * One of several names.
     *
     * @param from where in the line it begins
     * @param known what there is
     * @param anywhere whether it is found by what stands in the middle of it, too
     */
    record OneOf(int from, List<Known> known, boolean anywhere) implements Wanted {}

    /** A value in an expression, by its dotted name. */
    record Value(Collection<String> known) implements Wanted {}

    /** Something that the design has, with what it has to be handed. */
    record Known(String name, List<Take> takes) {
        static Known of(String name) {
            return new Known(name, List.of());
        }
    }

    /** What a line up to the caret wants at its end. */
    static Wanted of(Program program, ScriptPlace place, StepPath at, String line) {
        var reader = new Reader(program, place, at, line, StepTyping.lower(line));
        return reader.handed().or(reader::inExpression).or(reader::named).orElseGet(StepWord::new);
    }

    /** Looks at one line. */
    record Reader(Program program, ScriptPlace place, StepPath at, String line, String lower) {

        private static final List<String> EXPRESSIONS =
                List.of("set ", "if ", "else if ", "end the application code ", "end code ");

        private static final String ROWS = ".rows";

        private static final List<String> BRACED = List.of("note ", "message ", "ask ", "end ");

        /** Whether the line ends in a text that is not closed yet: there everything is as it is typed. */
        private static boolean isInText(String line) {
            char quote = 0;
            for (int i = 0; i < line.length(); i++) {
                char c = line.charAt(i);
                if (quote != 0 && c == '\\') {
                    i++;
                } else if (quote != 0) {
                    quote = c == quote ? 0 : quote;
                } else if (c == '"') {
                    quote = c;
                }
            }
            return quote != 0;
        }

        private Design design() {
            return program.design();
        }

        private Optional<Wanted> inExpression() {
            boolean begins = EXPRESSIONS.stream().anyMatch(lower::startsWith);
            boolean arrow = line.contains("←") || line.contains("<-");
            // in braces of a text
            boolean braced =
                    BRACED.stream().anyMatch(lower::startsWith) && line.lastIndexOf('{') > line.lastIndexOf('}');
            boolean key = lower.startsWith("close ") && lower.contains(" for ");
            boolean named = lower.startsWith("let ") && lower.contains(" be ");
            boolean field = lower.startsWith("check ") && checked() < 0;
            boolean value = begins || arrow || key || named || field;
            return braced || value && !isInText(line)
                    ? Optional.of(new Value(program.namesAt(place, at)))
                    : Optional.empty();
        }

        /** The name of something that is handed over or given: what stands after <em>handing</em>, before its arrow. */
        private Optional<Wanted> handed() {
            int word = Math.max(lower.lastIndexOf(" handing "), lower.lastIndexOf(" giving "));
            if (word < 0) {
                return Optional.empty();
            }
            int values = line.indexOf(' ', word + 1) + 1;
            List<String> parts = Words.commas(line.substring(values));
            String last = parts.getLast();
            if (last.contains("←") || last.contains("<-") || last.contains("=")) {
                return Optional.empty();
            }
            int from = line.length() - last.stripLeading().length();
            List<String> said = parts.stream().map(p -> Words.arrow(p)[0]).toList();
            List<Known> known = takes().stream()
                    .filter(n -> !said.subList(0, said.size() - 1).contains(n))
                    .map(Known::of)
                    .toList();
            return known.isEmpty() ? Optional.empty() : Optional.of(new OneOf(from, known, false));
        }

        /** What is taken by what the line opens, runs, does or closes. */
        private List<String> takes() {
            int word = Math.max(lower.lastIndexOf(" handing "), lower.lastIndexOf(" giving "));
            Typed typed = new StepTyping(design(), place, at, false).read(line.substring(0, word));
            return typed instanceof Typed.Done done
                    ? at.in(place.in(done.design()))
                            .map(step -> Taken.names(design(), place, step))
                            .orElse(List.of())
                    : List.of();
        }

        /** Where what is said of a field begins, in a line that checks one; -1 while the field is named. */
        private int checked() {
            int blank = line.indexOf(' ', "check ".length());
            return blank < 0 ? -1 : blank + 1;
        }

        private Optional<Wanted> said() {
            return lower.startsWith("check ") && checked() > 0
                    ? Optional.of(new OneOf(
                            checked(), FieldCheck.SAID.stream().map(Known::of).toList(), false))
                    : Optional.empty();
        }

        /** A list, whose rows are added, changed or removed. */
        private Optional<Wanted> list() {
            List<Known> lists = program.namesAt(place, at).stream()
                    .filter(n -> n.endsWith(ROWS))
                    .map(n -> Known.of(n.substring(0, n.length() - ROWS.length())))
                    .distinct()
                    .toList();
            return after("add row to ", lists, true)
                    .or(() -> after("change row of ", lists, true))
                    .or(() -> after("remove row of ", lists, true));
        }

        /** A part of the window, which is turned on or off, or gets the keyboard. */
        private Optional<Wanted> part() {
            List<String> parts = place.ofWindow().flatMap(design()::faced).stream()
                    .flatMap(f -> f.parts().stream())
                    .map(p -> p.name().expression())
                    .toList();
            List<Known> plain = parts.stream().map(Known::of).toList();
            List<Known> dotted = parts.stream().map(p -> Known.of("me." + p)).toList();
            return after("focus ", dotted, true)
                    .or(() -> after("enable ", lower.contains("me.") ? dotted : plain, true))
                    .or(() -> after("disable ", lower.contains("me.") ? dotted : plain, true));
        }

        private Optional<Wanted> named() {
            return list().or(this::part)
                    .or(this::said)
                    .or(() -> after("when ", endings(), false))
                    .or(() -> after("close with ", ownEndings(), false))
                    .or(() -> lower.startsWith("run new") ? Optional.empty() : after("run ", tasks(), true))
                    .or(() -> after("stop task ", tasks(), true))
                    .or(() -> after("cancel task ", cancellable(), true))
                    .or(() -> lower.startsWith("take new") ? Optional.empty() : after("take ", holdings(), true))
                    .or(() -> after("give back ", holdings(), true))
                    .or(this::done)
                    .or(() -> after("return ", answers(), false))
                    .or(() -> after("start timer ", timers(), true))
                    .or(() -> after("stop timer ", timers(), true))
                    .or(this::reached)
                    .or(this::opened);
        }

        /** The tasks that may be cancelled (W10). */
        private List<Known> cancellable() {
            return design().application().tasks().stream()
                    .filter(Task::mayBeCancelled)
                    .map(t -> Known.of(t.name().shown()))
                    .toList();
        }

        private Optional<Wanted> opened() {
            return lower.startsWith("open new ") && design().windows().stream().noneMatch(this::isBegun)
                    ? Optional.of(new OneOf(
                            "open new ".length(),
                            NewWindow.all().stream()
                                    .map(k -> Known.of(k.words()))
                                    .toList(),
                            false))
                    : after("open ", windows(), true);
        }

        /** A window that is called <em>New …</em>, typed that far. */
        private boolean isBegun(Window window) {
            return StepTyping.lower(window.name().shown()).startsWith(lower.substring("open ".length()));
        }

        private Optional<Wanted> reached() {
            for (var how : Step.Reach.How.values()) {
                if (lower.startsWith(how.words() + " ")) {
                    return after(how.words() + " ", windows(), true);
                }
            }
            return after("close every ", windows(), true).or(() -> closed());
        }

        private Optional<Wanted> closed() {
            return lower.startsWith("close ") && !"close with ".startsWith(lower)
                    ? after(
                            "close ",
                            Stream.concat(windows().stream(), Stream.of(Known.of("owner")))
                                    .toList(),
                            true)
                    : Optional.empty();
        }

        private Optional<Wanted> after(String words, List<Known> known, boolean anywhere) {
            return lower.startsWith(words) ? Optional.of(new OneOf(words.length(), known, anywhere)) : Optional.empty();
        }

        private List<Known> windows() {
            boolean opens = lower.startsWith("open ");
            return design().windows().stream()
                    .map(w -> new Known(w.name().shown(), opens ? w.takes() : List.of()))
                    .toList();
        }

        private List<Known> tasks() {
            return design().application().tasks().stream()
                    .map(t -> new Known(t.name().shown(), lower.startsWith("run ") ? t.takes() : List.of()))
                    .toList();
        }

        private List<Known> holdings() {
            return design().application().holdings().stream()
                    .map(h -> Known.of(h.name().shown()))
                    .toList();
        }

        private List<Known> scripts() {
            return Stream.concat(
                            ScriptPlace.routines(design(), place.ofWindow()).scripts().stream(),
                            design().application().routines().scripts().stream())
                    .distinct()
                    .map(s -> new Known(s.name().shown(), s.takes()))
                    .toList();
        }

        /** A script, the window that it is done in, and the ending at which the others are left (W7, W12). */
        private Optional<Wanted> done() {
            int until = lower.lastIndexOf(" until ");
            if (lower.startsWith("do ") && until > 0) {
                int from = Math.max(until + " until ".length(), lower.lastIndexOf(" or ") + " or ".length());
                return Optional.of(new OneOf(from, doneEndings(), false));
            }
            return after("do ", Stream.concat(scripts().stream(), elsewhere()).toList(), true);
        }

        /** The scripts of other windows, with the words that say in which they are done. */
        private Stream<Known> elsewhere() {
            return design().windows().stream()
                    .filter(w -> !place.ofWindow().equals(Optional.of(w.name().shown())))
                    .flatMap(w -> design().faced(w.name().shown()).stream())
                    .flatMap(f -> f.routines().scripts().stream()
                            .map(s -> new Known(
                                    s.name().shown()
                                            + (f.isOneOnly() ? " in " : " in every ")
                                            + f.name().shown(),
                                    s.takes())));
        }

        private List<Known> doneEndings() {
            Typed typed =
                    new StepTyping(design(), place, at, false).read(line.substring(0, lower.lastIndexOf(" until ")));
            return typed instanceof Typed.Done done
                    ? at.in(place.in(done.design())).stream()
                            .filter(Step.Do.class::isInstance)
                            .flatMap(s -> Done.script(design(), place, (Step.Do) s).stream())
                            .flatMap(s -> known(s.endings()).stream())
                            .toList()
                    : List.of();
        }

        /** How the named script can end in which the line stands (W11). */
        private List<Known> answers() {
            return place instanceof ScriptPlace.Named named
                    ? Done.of(design(), named).map(s -> known(s.endings())).orElse(List.of())
                    : List.of();
        }

        private List<Known> timers() {
            return Stream.concat(
                            ScriptPlace.routines(design(), place.ofWindow()).timers().stream(),
                            design().application().routines().timers().stream())
                    .distinct()
                    .map(t -> Known.of(t.name().shown()))
                    .toList();
        }

        private List<Known> endings() {
            return Holder.branching(design(), place, at)
                    .flatMap(p -> p.in(place.in(design())))
                    .map(s -> known(design().branchesOf(place, (Step.Branching) s)))
                    .orElse(List.of());
        }

        private List<Known> ownEndings() {
            return known(place.ofWindow()
                    .flatMap(design()::faced)
                    .map(FacedWindow::endings)
                    .orElse(List.of()));
        }

        private static List<Known> known(List<Ending> endings) {
            return endings.stream().map(e -> Known.of(e.name())).toList();
        }
    }
}
