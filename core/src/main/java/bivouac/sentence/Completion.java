package bivouac.sentence;

import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Take;
import bivouac.design.Window;
import bivouac.plan.Program;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What could be typed next in a line: words of steps, windows, endings, names of values. */
public final class Completion {

    private static final int MOST = 8;

    private Completion() {}

    /**
     * Something offered.
     *
     * @param shown what is listed
     * @param from where in the line its text goes, up to the caret
     * @param text what is put in
     * @param selectFrom the place to be filled next, in the whole line; equal to {@code selectTo} for the caret only
     */
    public record Offer(String shown, int from, String text, int selectFrom, int selectTo) {
        static Offer of(String shown, int from, String text) {
            return new Offer(shown, from, text, from + text.length(), from + text.length());
        }
    }

    /** What is offered for a line up to the caret, best first; none where nothing is known. */
    public static List<Offer> offers(Program program, ScriptPlace place, StepPath at, String line) {
        Design design = program.design();
        String lower = StepTyping.lower(line);
        Stream<Offer> offers;
        if (lower.startsWith("open ")) {
            offers = windows(design, line.substring(5), 5);
        } else if (lower.startsWith("run ") && !lower.startsWith("run new")) {
            offers = tasks(design, line.substring(4), 4);
        } else if (lower.startsWith("take ") && !lower.startsWith("take new")) {
            offers = holdings(design, line.substring(5), 5);
        } else if (lower.startsWith("give back ")) {
            offers = holdings(design, line.substring(10), 10);
        } else if (lower.startsWith("stop task ")) {
            offers = tasks(design, line.substring(10), 10);
        } else if (reaches(lower) > 0) {
            offers = windows(design, line.substring(reaches(lower)), reaches(lower));
        } else if (lower.startsWith("when ")) {
            offers = endingsOfOpened(design, place, at, line);
        } else if (lower.startsWith("close with ")) {
            offers = endings(
                    place.ofWindow()
                            .flatMap(design::window)
                            .map(Window::endings)
                            .orElse(List.of()),
                    line,
                    11);
        } else if (hasExpression(lower)) {
            offers = names(program.namesAt(place, at), line);
        } else {
            offers = beginnings(line);
        }
        return offers.limit(MOST).toList();
    }

    /** Where the window begins that a line hides, shows or brings to the front; 0 if it does none of these. */
    private static int reaches(String line) {
        for (var how : Step.Reach.How.values()) {
            if (line.startsWith(how.words() + " ")) {
                return how.words().length() + 1;
            }
        }
        return 0;
    }

    private static boolean hasExpression(String line) {
        return line.startsWith("set ")
                || line.startsWith("if ")
                || line.startsWith("else if ")
                || line.contains("←")
                || line.startsWith("end the application code ")
                || (line.startsWith("note ") || line.startsWith("message ") || line.startsWith("ask "))
                        && line.lastIndexOf('{') > line.lastIndexOf('}');
    }

    private static Stream<Offer> beginnings(String line) {
        String wanted = StepTyping.lower(line.stripLeading());
        return StepTyping.beginnings().stream()
                .filter(b -> b.startsWith(wanted) && !b.equals(wanted))
                .map(Completion::beginning);
    }

    /** A word with the places that follow it, the first of them chosen. */
    private static Offer beginning(String word) {
        String text =
                switch (word) {
                    case "message" -> "message `text`";
                    case "ask" -> "ask `text` with Yes, No";
                    case "set" -> "set ";
                    case "note" -> "note `text`";
                    case "stay open", "end the application", "else", "not there yet" -> word;
                    case String s
                    when List.of(CarefulWay.values()).stream()
                            .anyMatch(w -> w.words().equals(s)) -> word;
                    default -> word + " ";
                };
        int from = text.indexOf("`text`") + 1;
        return from > 0 ? new Offer(word, 0, text, from, from + 4) : Offer.of(word, 0, text);
    }

    private static Stream<Offer> windows(Design design, String typed, int from) {
        String wanted = StepTyping.lower(typed);
        return design.windows().stream()
                .filter(w -> StepTyping.lower(w.name().shown()).contains(wanted)
                        && !w.name().shown().equals(typed.strip()))
                .map(w -> window(w, from));
    }

    /** A window with what it has to be handed, the first value chosen. */
    private static Offer window(Window window, int from) {
        return named(window.name().shown(), window.takes(), from);
    }

    private static Offer named(String name, List<Take> takes, int from) {
        List<Take> needed = takes.stream().filter(t -> t.byDefault().isEmpty()).toList();
        if (needed.isEmpty()) {
            return Offer.of(name, from, name);
        }
        String handing = needed.stream()
                .map(t -> t.name().expression() + " ← " + t.type())
                .collect(Collectors.joining(", ", " handing ", ""));
        int arrow = from + name.length() + handing.indexOf("← ") + 2;
        return new Offer(
                name,
                from,
                name + handing,
                arrow,
                arrow + needed.getFirst().type().toString().length());
    }

    private static Stream<Offer> endingsOfOpened(Design design, ScriptPlace place, StepPath at, String line) {
        List<Ending> endings = Stream.of(
                        at.last() > 0 ? Optional.of(at.next(-1)) : Optional.<StepPath>empty(), at.outer())
                .flatMap(Optional::stream)
                .flatMap(p -> p.in(place.in(design)).stream())
                .filter(Step.Branching.class::isInstance)
                .findFirst()
                .map(s -> design.endingsOf((Step.Branching) s))
                .orElse(List.of());
        return endings(endings, line, 5);
    }

    /** A task with what it has to be handed, the first value chosen. */
    private static Stream<Offer> tasks(Design design, String typed, int from) {
        String wanted = StepTyping.lower(typed);
        return design.application().tasks().stream()
                .filter(t -> StepTyping.lower(t.name().shown()).contains(wanted)
                        && !t.name().shown().equals(typed.strip()))
                .map(t -> named(t.name().shown(), t.takes(), from));
    }

    private static Stream<Offer> holdings(Design design, String typed, int from) {
        String wanted = StepTyping.lower(typed);
        return design.application().holdings().stream()
                .map(h -> h.name().shown())
                .filter(h -> StepTyping.lower(h).contains(wanted) && !h.equals(typed.strip()))
                .map(h -> Offer.of(h, from, h));
    }

    private static Stream<Offer> endings(List<Ending> endings, String line, int from) {
        String wanted = StepTyping.lower(line.substring(Math.min(from, line.length())));
        return endings.stream()
                .map(Ending::name)
                .filter(e -> StepTyping.lower(e).startsWith(wanted) && !e.equals(wanted))
                .map(e -> Offer.of(e, from, e));
    }

    /** Completes the dotted name that the line ends in. */
    public static Stream<Offer> names(Collection<String> known, String line) {
        int from = line.length();
        while (from > 0 && (Character.isJavaIdentifierPart(line.charAt(from - 1)) || line.charAt(from - 1) == '.')) {
            from--;
        }
        String wanted = StepTyping.lower(line.substring(from));
        int at = from;
        if (wanted.isEmpty()) {
            return Stream.empty();
        }
        var found = new ArrayList<String>(known.stream().sorted().toList());
        found.removeIf(n -> n.equals(line.substring(at)));
        return Stream.concat(
                        found.stream().filter(n -> StepTyping.lower(n).startsWith(wanted)),
                        found.stream()
                                .filter(n -> !StepTyping.lower(n).startsWith(wanted)
                                        && StepTyping.lower(n).contains("." + wanted)))
                .map(n -> Offer.of(n, at, n));
    }
}
