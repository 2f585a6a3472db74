package bivouac.sentence;

import bivouac.design.ScriptPlace;
import bivouac.design.StepPath;
import bivouac.design.Take;
import bivouac.plan.Program;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
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
        /** A line, up to the caret, with this taken. */
        String in(String line) {
            return line.substring(0, Math.min(from, line.length())) + text;
        }

        static Offer of(String shown, int from, String text) {
            return new Offer(shown, from, text, from + text.length(), from + text.length());
        }
    }

    /** What is offered for a line up to the caret, best first; none where nothing is known. */
    public static List<Offer> offers(Program program, ScriptPlace place, StepPath at, String line) {
        Stream<Offer> offers =
                switch (Wanted.of(program, place, at, line)) {
                    case Wanted.StepWord w -> beginnings(line);
                    case Wanted.OneOf(int from, List<Wanted.Known> known, boolean anywhere) ->
                        named(known, line.substring(from), from, anywhere);
                    case Wanted.Value(Collection<String> known) -> names(known, line);
                };
        return offers.limit(MOST).toList();
    }

    /**
     * The offer that Enter takes: what is typed is its beginning, and is nothing finished by itself. A name that is known
     * is finished, and so is a line that says the same without the rest.
     */
    public static Optional<Offer> atEnter(
            Program program, ScriptPlace place, StepPath at, boolean replaces, String line, List<Offer> offers) {
        Optional<Offer> begun = offers.stream()
                .filter(o -> StepTyping.lower(o.in(line)).startsWith(StepTyping.lower(line))
                        && o.in(line).strip().length() > line.strip().length())
                .findFirst();
        boolean named =
                switch (Wanted.of(program, place, at, line)) {
                    case Wanted.StepWord w -> false;
                    case Wanted.OneOf(int from, List<Wanted.Known> known, boolean anywhere) ->
                        known.stream().anyMatch(k -> k.name()
                                .equalsIgnoreCase(line.substring(from).strip()));
                    case Wanted.Value(Collection<String> known) -> known.contains(tail(line));
                };
        if (begun.isEmpty() || named) {
            return Optional.empty();
        }
        var typing = new StepTyping(program.design(), place, at, replaces);
        Typed read = typing.read(line);
        // “else” is a step by itself, though “else if” begins with it
        boolean whole = read instanceof Typed.Done && StepTyping.beginnings().contains(StepTyping.lower(line.strip()));
        return whole || typing.read(begun.get().in(line)).sameAs(read) ? Optional.empty() : begun;
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

    private static Stream<Offer> named(List<Wanted.Known> known, String typed, int from, boolean anywhere) {
        String wanted = StepTyping.lower(typed);
        return known.stream()
                .filter(k -> {
                    String name = StepTyping.lower(k.name());
                    boolean fits = anywhere ? name.contains(wanted) : name.startsWith(wanted);
                    return fits && !name.equals(wanted.strip());
                })
                // what begins so comes before what only holds it
                .sorted(Comparator.comparing(k -> !StepTyping.lower(k.name()).startsWith(wanted)))
                .map(k -> named(k.name(), k.takes(), from));
    }

    /** A name with what it has to be handed, the first value chosen. */
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

    /** The dotted name that a line ends in, as far as it is typed. */
    private static String tail(String line) {
        int from = line.length();
        while (from > 0 && (Character.isJavaIdentifierPart(line.charAt(from - 1)) || line.charAt(from - 1) == '.')) {
            from--;
        }
        return line.substring(from);
    }

    /** Completes the dotted name that the line ends in. */
    public static Stream<Offer> names(Collection<String> known, String line) {
        int at = line.length() - tail(line).length();
        String wanted = StepTyping.lower(line.substring(at));
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
