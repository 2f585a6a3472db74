package bivouac.design;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Copies of windows and parts. What a copy says of itself follows it, as a rename would carry it; what it says of
 * others stays, and is listed.
 */
public final class Copies {

    private Copies() {}

    /**
     * A design with a copy in it.
     *
     * @param name of the copy: the shown name of a window, the expression name of a part
     * @param still what the copy still names that is not part of it, in words
     */
    public record Copied(Design design, String name, List<String> still) {
        public Copied {
            still = List.copyOf(still);
        }
    }

    /** A window beside itself, under the next free name; empty if there is none of that name. */
    public static Optional<Copied> window(Design design, String window) {
        return design.window(window).map(original -> {
            Name name = design.freeName(window);
            Window copy =
                    Renames.window(design, window, name).window(name.shown()).orElseThrow();
            var all = new ArrayList<>(design.windows());
            all.add(all.indexOf(original) + 1, copy);
            return new Copied(
                    new Design(design.application(), all, design.walkthroughs(), design.accepted(), design.promises()),
                    name.shown(),
                    opened(copy, design));
        });
    }

    /** The windows that a copy still opens, as the original does. */
    private static List<String> opened(Window copy, Design design) {
        Design alone = new Design(design.application().starting(Script.EMPTY), List.of(copy));
        return WaysIn.of(alone).stream()
                .map(w -> "opens " + w.open().window())
                .distinct()
                .toList();
    }

    /** A part of a window, put after another part of a window, or at the end; empty if the window has no face. */
    public static Optional<Copied> part(Design design, String from, Part part, String into, Optional<String> after) {
        Optional<FacedWindow> target = design.faced(into);
        if (target.isEmpty()) {
            return Optional.empty();
        }
        Name name = Names.freeName(
                part.name().shown(),
                Stream.concat(
                                target.get().parts().stream().map(Part::name),
                                target.get().variables().stream().map(Variable::name))
                        .toList());
        Part copy = renamed(design, from, part, name);
        FacedWindow changed = copy instanceof Part.MenuCommand command
                ? target.get().withMenus(withCommand(target.get().menus(), command, after))
                : target.get().withRows(withPart(target.get().rows(), copy, after));
        Design made = design.changingFace(into, f -> changed);
        return Optional.of(
                new Copied(made, copy.name().expression(), from.equals(into) ? List.of() : missing(copy, changed)));
    }

    /** The copy as a rename of the original would leave it, so that its own script speaks of the copy. */
    private static Part renamed(Design design, String from, Part part, Name name) {
        boolean isThere = design.faced(from)
                .flatMap(f -> f.part(part.name().expression()))
                .filter(part::equals)
                .isPresent();
        return isThere
                ? Renames.part(design, from, part.name().expression(), name)
                        .faced(from)
                        .flatMap(f -> f.part(name.expression()))
                        .orElseGet(() -> part.named(name))
                : part.named(name);
    }

    private static List<Menu> withCommand(List<Menu> menus, Part.MenuCommand command, Optional<String> after) {
        var all = new ArrayList<>(menus);
        for (int i = 0; i < all.size(); i++) {
            var commands = new ArrayList<>(all.get(i).commands());
            int at = indexOf(commands, after);
            if (at >= 0 || i == all.size() - 1) {
                commands.add(at < 0 ? commands.size() : at + 1, command);
                all.set(i, new Menu(all.get(i).text(), commands));
                return all;
            }
        }
        all.add(new Menu("Menu", List.of(command)));
        return all;
    }

    private static List<Row> withPart(List<Row> rows, Part part, Optional<String> after) {
        var all = new ArrayList<>(rows);
        for (int i = 0; i < all.size(); i++) {
            if (indexOf(all.get(i).parts(), after) >= 0) {
                all.add(i + 1, Row.of(part).on(all.get(i).page()));
                return all;
            }
        }
        all.add(Row.of(part));
        return all;
    }

    private static int indexOf(List<? extends Part> parts, Optional<String> name) {
        for (int i = 0; i < parts.size(); i++) {
            if (name.equals(Optional.of(parts.get(i).name().expression()))) {
                return i;
            }
        }
        return -1;
    }

    /** What the copy's script names of its old window that the new one does not have. */
    private static List<String> missing(Part copy, FacedWindow window) {
        var missing = new ArrayList<String>();
        copy.trigger()
                .ifPresent(t -> Steps.walk(t.script(), (path, step) -> {
                    if (step instanceof Step.SetValue(String what, Expression to)
                            && what.startsWith("me.")
                            && !isThere(window, what.substring(3))) {
                        missing.add("sets " + what);
                    }
                }));
        return missing.stream().distinct().toList();
    }

    private static boolean isThere(FacedWindow window, String member) {
        String name = member.contains(".") ? member.substring(0, member.indexOf('.')) : member;
        return name.equals("title")
                || window.part(name).isPresent()
                || window.variables().stream()
                        .anyMatch(v -> v.name().expression().equals(name));
    }
}
