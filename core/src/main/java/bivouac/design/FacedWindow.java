package bivouac.design;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A window that the developer lays out: main window, child window or dialog.
 *
 * @param instances what is said about opening it again; absent for what rule O3 says of its kind
 * @param owned whether its opener owns it; only a child window can say so (O5)
 * @param said the endings written down; absent for those that rule C1 gives its kind
 * @param waysOut the ways out written down; {@link WaysOut} adds what C1 says of the others
 */
public record FacedWindow(
        Kind of,
        Name name,
        String title,
        Size size,
        boolean resizable,
        Optional<Instances> instances,
        boolean owned,
        List<Take> takes,
        List<Variable> variables,
        List<Menu> menus,
        List<Row> rows,
        Optional<List<Ending>> said,
        Map<Way, WayOut> waysOut,
        Map<Moment, Script> moments)
        implements Window {

    /** The three kinds of windows with a face. */
    public enum Kind {
        MAIN("main window"),
        CHILD("child window"),
        DIALOG("dialog");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** The moments of a window's life that run a script of its own (P2). */
    public enum Moment {
        OPENED("opened"),
        BROUGHT_BACK("brought back"),
        BEFORE_CLOSING("before closing"),
        AFTER_CLOSING("after closing");

        private final String words;

        Moment(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** The starting size of the face in pixels; 0 leaves that side to the contents. */
    public record Size(int width, int height) {
        public static final Size BY_CONTENTS = new Size(0, 0);
    }

    public FacedWindow {
        takes = List.copyOf(takes);
        variables = List.copyOf(variables);
        menus = List.copyOf(menus);
        rows = List.copyOf(rows);
        said = said.map(List::copyOf);
        waysOut = ordered(Way.class, waysOut);
        moments = ordered(Moment.class, moments);
    }

    private static <K extends Enum<K>, V> Map<K, V> ordered(Class<K> type, Map<K, V> map) {
        var sorted = new EnumMap<K, V>(type);
        sorted.putAll(map);
        return java.util.Collections.unmodifiableMap(sorted);
    }

    /** A window of a kind as rules O3 and C1 make it where nothing else is said, with its name for a title. */
    public static FacedWindow of(Kind kind, String name) {
        return new FacedWindow(
                kind,
                Name.of(name),
                name,
                Size.BY_CONTENTS,
                kind != Kind.DIALOG,
                Optional.empty(),
                kind == Kind.DIALOG,
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                Optional.empty(),
                Map.of(),
                Map.of());
    }

    @Override
    public List<Ending> endings() {
        return said.orElse(of == Kind.DIALOG ? WaysOut.OF_A_DIALOG : WaysOut.OF_A_WINDOW);
    }

    /** How many there are at once, as said or as O3 has it. */
    public Instances instancesOrUsual() {
        return instances.orElse(of == Kind.DIALOG || !takes.isEmpty() ? new Instances.Many() : new Instances.Single());
    }

    /** Whether it can be named without saying which instance (R1). */
    public boolean isOneOnly() {
        return of == Kind.MAIN || instancesOrUsual() instanceof Instances.Single;
    }

    public Script moment(Moment which) {
        return moments.getOrDefault(which, Script.EMPTY);
    }

    /** All its parts: menu commands first, then the rows in reading order. */
    public List<Part> parts() {
        return Stream.concat(
                        menus.stream().flatMap(m -> m.commands().stream()),
                        rows.stream().flatMap(r -> r.parts().stream()))
                .toList();
    }

    public Optional<Part> part(String expressionName) {
        return parts().stream()
                .filter(p -> p.name().expression().equals(expressionName))
                .findFirst();
    }

    @Override
    public FacedWindow named(Name other) {
        return new FacedWindow(
                of, other, title, size, resizable, instances, owned, takes, variables, menus, rows, said, waysOut,
                moments);
    }

    public FacedWindow titled(String other) {
        return new FacedWindow(
                of, name, other, size, resizable, instances, owned, takes, variables, menus, rows, said, waysOut,
                moments);
    }

    public FacedWindow sized(Size other, boolean mayResize) {
        return new FacedWindow(
                of, name, title, other, mayResize, instances, owned, takes, variables, menus, rows, said, waysOut,
                moments);
    }

    public FacedWindow living(Optional<Instances> others, boolean isOwned) {
        return new FacedWindow(
                of, name, title, size, resizable, others, isOwned, takes, variables, menus, rows, said, waysOut,
                moments);
    }

    @Override
    public FacedWindow taking(List<Take> other) {
        return new FacedWindow(
                of, name, title, size, resizable, instances, owned, other, variables, menus, rows, said, waysOut,
                moments);
    }

    public FacedWindow holding(List<Variable> other) {
        return new FacedWindow(
                of, name, title, size, resizable, instances, owned, takes, other, menus, rows, said, waysOut, moments);
    }

    public FacedWindow withMenus(List<Menu> other) {
        return new FacedWindow(
                of, name, title, size, resizable, instances, owned, takes, variables, other, rows, said, waysOut,
                moments);
    }

    public FacedWindow withRows(List<Row> other) {
        return new FacedWindow(
                of, name, title, size, resizable, instances, owned, takes, variables, menus, other, said, waysOut,
                moments);
    }

    public FacedWindow ending(List<Ending> other) {
        return new FacedWindow(
                of,
                name,
                title,
                size,
                resizable,
                instances,
                owned,
                takes,
                variables,
                menus,
                rows,
                Optional.of(other),
                waysOut,
                moments);
    }

    public FacedWindow leaving(Way way, WayOut out) {
        var changed = new EnumMap<Way, WayOut>(Way.class);
        changed.putAll(waysOut);
        changed.put(way, out);
        return new FacedWindow(
                of, name, title, size, resizable, instances, owned, takes, variables, menus, rows, said, changed,
                moments);
    }

    public FacedWindow at(Moment moment, Script script) {
        var changed = new EnumMap<Moment, Script>(Moment.class);
        changed.putAll(moments);
        if (script.isEmpty()) {
            changed.remove(moment);
        } else {
            changed.put(moment, script);
        }
        return new FacedWindow(
                of, name, title, size, resizable, instances, owned, takes, variables, menus, rows, said, waysOut,
                changed);
    }

    /** This window with each part that {@code edit} knows replaced; an empty result takes the part away. */
    public FacedWindow mapParts(java.util.function.Function<Part, Optional<Part>> edit) {
        var newMenus = new ArrayList<Menu>();
        for (Menu menu : menus) {
            var commands = menu.commands().stream()
                    .flatMap(c -> edit.apply(c).stream())
                    .map(Part.MenuCommand.class::cast)
                    .toList();
            if (!commands.isEmpty() || menu.commands().isEmpty()) {
                newMenus.add(new Menu(menu.text(), commands));
            }
        }
        var newRows = new ArrayList<Row>();
        for (Row row : rows) {
            var parts =
                    row.parts().stream().flatMap(p -> edit.apply(p).stream()).toList();
            if (!parts.isEmpty()) {
                newRows.add(new Row(parts));
            }
        }
        return withMenus(newMenus).withRows(newRows);
    }

    @Override
    public String kind() {
        return of.words();
    }
}
