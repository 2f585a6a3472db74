package bivouac.design;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/** Edits that change a name and carry every reference to it, those in expressions and texts included. */
public final class Renames {

    private Renames() {}

    /** Renames the window shown as {@code from}. The new name has to be free. */
    public static Design window(Design design, String from, Name to) {
        Optional<Window> window = design.window(from);
        if (window.isEmpty()) {
            return design;
        }
        String before = window.get().name().expression();
        var carried = new DesignMapper() {
            @Override
            String expression(String source, Optional<Window> scope) {
                return Paths.replace(source, List.of(before), List.of(to.expression()));
            }

            @Override
            String window(String shownName) {
                return shownName.equals(from) ? to.shown() : shownName;
            }

            @Override
            Walkthrough walkthrough(Walkthrough walkthrough) {
                return walkthrough.windowRenamed(from, to.shown());
            }

            @Override
            Accepted accepted(Accepted accepted) {
                return accepted.renamed(from, to.shown());
            }
        }.map(design);
        return carried.changing(from, w -> w.named(to));
    }

    /** Renames a part of a window; {@code from} is its expression name. */
    public static Design part(Design design, String window, String from, Name to) {
        return member(design, window, from, to.expression())
                .changingFace(
                        window,
                        w -> w.mapParts(p -> Optional.of(p.name().expression().equals(from) ? p.named(to) : p)));
    }

    /**
     * Other items of a choice; where there are as many as before, one that is gone has become the new one in its place, and
     * what stood on its page, or began with it, goes along (P8).
     */
    public static Design items(Design design, String window, Part.Choice choice, List<String> items) {
        List<String> before = choice.items();
        String name = choice.name().expression();
        UnaryOperator<String> now = item -> {
            int at = before.size() == items.size() && !items.contains(item) ? before.indexOf(item) : -1;
            return at >= 0 && !before.contains(items.get(at)) ? items.get(at) : item;
        };
        var other = new Part.Choice(
                choice.name(),
                choice.label(),
                items,
                items.equals(before) ? choice.follows() : Optional.empty(),
                now.apply(choice.starts()),
                choice.drawn(),
                choice.changed(),
                choice.traits());
        return design.changingFace(window, f -> f.changingPart(name, other))
                .changingFace(
                        window,
                        f -> f.withRows(f.rows().stream()
                                .map(r -> r.on(r.page()
                                        .map(p ->
                                                p.pages().equals(name) ? new Row.Page(name, now.apply(p.item())) : p)))
                                .toList()));
    }

    /** Renames a variable of a window. */
    public static Design variable(Design design, String window, String from, Name to) {
        boolean keeps = design.faced(window).stream()
                .flatMap(w -> w.variables().stream())
                .anyMatch(v -> v.name().expression().equals(from) && v.type() instanceof Type.WindowOf);
        Design carried =
                keeps ? keeping(design, window, from, to.expression()) : member(design, window, from, to.expression());
        return carried.changingFace(window, w -> w.holding(renamed(w.variables(), from, to)));
    }

    /** A window that a variable keeps is named by that alone: {@code NAME.…}, {@code kept NAME}, {@code open … as NAME}. */
    private static Design keeping(Design design, String window, String from, String to) {
        return new DesignMapper() {
            @Override
            String expression(String source, Optional<Window> scope) {
                return isOwn(scope) ? Paths.replace(source, List.of(from), List.of(to)) : source;
            }

            @Override
            String kept(String name, Optional<Window> in) {
                return isOwn(in) && name.equals(from) ? to : name;
            }

            private boolean isOwn(Optional<Window> scope) {
                return scope.map(s -> s.name().shown().equals(window)).orElse(false);
            }
        }.map(design);
    }

    /** Renames a variable of the application. */
    public static Design variable(Design design, String from, Name to) {
        var carried = paths(design, List.of("app", from), List.of("app", to.expression()));
        return carried.with(
                carried.application().holding(renamed(carried.application().variables(), from, to)));
    }

    /** Renames a task of the application. */
    public static Design task(Design design, String from, Name to) {
        Design carried = steps(design, DesignMapper.Named.TASK, from, to.shown());
        var tasks = carried.application().tasks().stream()
                .map(t -> t.name().shown().equals(from) ? t.named(to) : t)
                .toList();
        return carried.with(carried.application().working(tasks));
    }

    /** Renames a holding of the application. */
    public static Design holding(Design design, String from, Name to) {
        Design carried = steps(design, DesignMapper.Named.HOLDING, from, to.shown());
        var holdings = carried.application().holdings().stream()
                .map(h -> h.name().shown().equals(from)
                        ? new Holding(to, h.ofApplication(), h.mayFail(), h.leavesTrace(), h.mayStay())
                        : h)
                .toList();
        return carried.with(carried.application().withHoldings(holdings));
    }

    /** What steps and the lines of walkthroughs call by a name. */
    private static Design steps(Design design, DesignMapper.Named kind, String from, String to) {
        return new DesignMapper() {
            @Override
            String named(Named of, String shownName) {
                return of == kind && shownName.equals(from) ? to : shownName;
            }

            @Override
            Walkthrough walkthrough(Walkthrough walkthrough) {
                return walkthrough.quotedRenamed(from, to);
            }

            @Override
            Accepted accepted(Accepted accepted) {
                return accepted.renamed(from, to);
            }
        }.map(design);
    }

    /** Renames a take of a window, where it is read and where it is handed over. */
    public static Design take(Design design, String window, String from, Name to) {
        var carried = new DesignMapper() {
            @Override
            String expression(String source, Optional<Window> scope) {
                boolean own = scope.map(s -> s.name().shown().equals(window)).orElse(false);
                return own ? Paths.replace(source, List.of("takes", from), List.of("takes", to.expression())) : source;
            }

            @Override
            String given(String name, String to1) {
                return to1.equals(window) && name.equals(from) ? to.expression() : name;
            }
        }.map(design);
        return carried.changing(
                window,
                w -> w.taking(w.takes().stream()
                        .map(t -> t.name().expression().equals(from) ? new Take(to, t.type(), t.byDefault()) : t)
                        .toList()));
    }

    private static List<Variable> renamed(List<Variable> variables, String from, Name to) {
        return variables.stream()
                .map(v -> v.name().expression().equals(from) ? new Variable(to, v.type(), v.starts(), v.kept()) : v)
                .toList();
    }

    private static Design paths(Design design, List<String> from, List<String> to) {
        return new DesignMapper() {
            @Override
            String expression(String source, Optional<Window> scope) {
                return Paths.replace(source, from, to);
            }
        }.map(design);
    }

    /** Carries the new name of a part or variable of {@code window}: {@code me.…}, {@code WINDOW.…}, {@code owner.…}. */
    private static Design member(Design design, String window, String from, String to) {
        String inExpressions =
                design.window(window).map(w -> w.name().expression()).orElse(window);
        Set<String> opened = openedBy(design, window);
        return new DesignMapper() {
            @Override
            String expression(String source, Optional<Window> scope) {
                String out = Paths.replace(source, List.of(inExpressions, from), List.of(inExpressions, to));
                String at = scope.map(s -> s.name().shown()).orElse("");
                if (at.equals(window)) {
                    out = Paths.replace(out, List.of("me", from), List.of("me", to));
                }
                if (opened.contains(at)) {
                    out = Paths.replace(out, List.of("owner", from), List.of("owner", to));
                    out = Paths.replace(out, List.of("opener", from), List.of("opener", to));
                }
                return out;
            }

            @Override
            String part(String expressionName, Optional<Window> in) {
                boolean own = in.map(s -> s.name().shown().equals(window)).orElse(false);
                return own && expressionName.equals(from) ? to : expressionName;
            }

            @Override
            Walkthrough walkthrough(Walkthrough walkthrough) {
                return walkthrough.partRenamed(window, from, to);
            }

            @Override
            Accepted accepted(Accepted accepted) {
                return accepted.finding().contains(window) ? accepted.renamed(from, to) : accepted;
            }
        }.map(design);
    }

    private static Set<String> openedBy(Design design, String window) {
        return WaysIn.of(design).stream()
                .filter(w -> w.place().ofWindow().filter(window::equals).isPresent())
                .map(w -> w.open().window())
                .collect(Collectors.toSet());
    }
}
