package bivouac.design;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A window that the developer lays out: main window, child window or dialog.
 *
 * @param instances what is said about opening it again; absent for what rule O3 says of its kind
 * @param owned whether its opener owns it; only a child window can say so (O5)
 * @param said the endings written down; absent for those that rule C1 gives its kind
 * @param mayFail whether the system may fail to create it (O7)
 * @param routines its named scripts and timers
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
        Map<Moment, Script> moments,
        WindowFrame frame,
        boolean mayFail,
        Routines routines)
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
                Map.of(),
                WindowFrame.usual(kind),
                false,
                Routines.NONE);
    }

    @Override
    public List<Ending> endings() {
        return said.orElse(of == Kind.DIALOG ? WaysOut.OF_A_DIALOG : WaysOut.OF_A_WINDOW);
    }

    /** How many there are at once, as said or as O3 has it. */
    public Instances instancesOrUsual() {
        return instances.orElse(of == Kind.DIALOG || !takes.isEmpty() ? new Instances.Many() : new Instances.Single());
    }

    /** Whether it can be named without saying which instance (R1): a main window too, unless it says otherwise. */
    public boolean isOneOnly() {
        return of == Kind.MAIN && instances.isEmpty() || instancesOrUsual() instanceof Instances.Single;
    }

    public Script moment(Moment which) {
        return moments.getOrDefault(which, Script.EMPTY);
    }

    /** The pages that rows can stand on: of choices drawn as pages with items of their own, in reading order (P8). */
    public List<Row.Page> pages() {
        return pagesIn(rows);
    }

    private static Stream<Row.Page> pagesIn(Row row) {
        return row.parts().stream()
                .filter(p ->
                        p instanceof Part.Choice c && c.isPages() && c.follows().isEmpty())
                .flatMap(p -> ((Part.Choice) p)
                        .items().stream().map(i -> new Row.Page(p.name().expression(), i)));
    }

    /** The page that a row stands on: one of pages above it; where it names another, it stands in the window itself (P8). */
    public Optional<Row.Page> pageOf(Row row) {
        return row.page().filter(page -> rows.stream()
                .takeWhile(above -> above != row)
                .flatMap(FacedWindow::pagesIn)
                .anyMatch(page::equals));
    }

    /** The pages of the choices in some rows. */
    public List<Row.Page> pagesIn(List<Row> some) {
        return some.stream().flatMap(FacedWindow::pagesIn).toList();
    }

    /** The pages that a part stands on, the innermost first. */
    public List<Row.Page> pagesOf(Part part) {
        var all = new ArrayList<Row.Page>();
        Optional<Row.Page> page = rowOf(part.name().expression()).flatMap(this::pageOf);
        while (page.isPresent()) {
            all.add(page.get());
            page = rowOf(page.get().pages()).flatMap(this::pageOf);
        }
        return List.copyOf(all);
    }

    /** The row in which a part stands, by its expression name; a menu command stands in none. */
    public Optional<Row> rowOf(String part) {
        return rows.stream().filter(r -> r.holds(part)).findFirst();
    }

    /** With the row of a part as another. */
    public FacedWindow changingRowOf(String part, UnaryOperator<Row> change) {
        return withRows(
                rows.stream().map(r -> r.holds(part) ? change.apply(r) : r).toList());
    }

    /** What must be true for a part on pages to be seen, beside its own {@code visible}; empty for any other part (P8). */
    public Optional<Expression> pageShown(Part part) {
        List<Row.Page> on = pagesOf(part);
        return on.isEmpty()
                ? Optional.empty()
                : Optional.of(new Expression(on.stream()
                        .map(p -> "me." + p.pages() + ".visible && me." + p.pages() + " == "
                                + Expression.literal(p.item()))
                        .collect(Collectors.joining(" && "))));
    }

    /** The rows of its body: all but the status line. */
    public List<Row> bodyRows() {
        return rows.stream().filter(r -> !r.isStatusLine()).toList();
    }

    /** What stands in the line at its foot, in reading order (P8). */
    public List<Part> statusLine() {
        return rows.stream()
                .filter(Row::isStatusLine)
                .flatMap(r -> r.parts().stream())
                .toList();
    }

    /** The commands in the row of tools, in the order of the menus (P8). */
    public List<Part.MenuCommand> tools() {
        return menus.stream()
                .flatMap(m -> m.commands().stream())
                .filter(Part.MenuCommand::tool)
                .toList();
    }

    /** All its parts: menu commands first, then the rows in reading order. */
    public List<Part> parts() {
        return Stream.concat(
                        menus.stream().flatMap(m -> m.commands().stream()),
                        rows.stream().flatMap(r -> r.parts().stream()))
                .toList();
    }

    public Optional<Part> part(String expressionName) {
        // asked for every event that is listed, so no list is made of all of them
        for (Menu menu : menus) {
            for (Part part : menu.commands()) {
                if (part.name().expression().equals(expressionName)) {
                    return Optional.of(part);
                }
            }
        }
        for (Row row : rows) {
            for (Part part : row.parts()) {
                if (part.name().expression().equals(expressionName)) {
                    return Optional.of(part);
                }
            }
        }
        return Optional.empty();
    }

    /** The names of its variables and parts, which have to differ: expressions say {@code me.NAME} to both. */
    public List<Name> memberNames() {
        return java.util.stream.Stream.concat(
                        variables.stream().map(Variable::name), parts().stream().map(Part::name))
                .toList();
    }

    @Override
    public FacedWindow named(Name other) {
        return copy(c -> c.name = other);
    }

    public FacedWindow titled(String other) {
        return copy(c -> c.title = other);
    }

    public FacedWindow sized(Size other, boolean mayResize) {
        return copy(c -> {
            c.size = other;
            c.resizable = mayResize;
        });
    }

    public FacedWindow living(Optional<Instances> others, boolean isOwned) {
        return copy(c -> {
            c.instances = others;
            c.owned = isOwned;
        });
    }

    @Override
    public FacedWindow taking(List<Take> other) {
        return copy(c -> c.takes = other);
    }

    public FacedWindow holding(List<Variable> other) {
        return copy(c -> c.variables = other);
    }

    public FacedWindow withMenus(List<Menu> other) {
        return copy(c -> c.menus = other);
    }

    public FacedWindow withRows(List<Row> other) {
        return copy(c -> c.rows = other);
    }

    public FacedWindow ending(List<Ending> other) {
        return copy(c -> c.said = Optional.of(other));
    }

    /** What it is handed that is a file: one that it has open (F3). */
    public List<Take> fileTakes() {
        return takes.stream().filter(t -> t.type() == Type.Plain.FILE).toList();
    }

    /** Its own values that are files: those that it has open (F3). */
    public List<Variable> fileVariables() {
        return variables.stream().filter(v -> v.type() == Type.Plain.FILE).toList();
    }

    public FacedWindow leaving(Way way, WayOut out) {
        return copy(c -> {
            c.waysOut = new EnumMap<>(Way.class);
            c.waysOut.putAll(waysOut);
            c.waysOut.put(way, out);
        });
    }

    public FacedWindow at(Moment moment, Script script) {
        return copy(c -> {
            c.moments = new EnumMap<>(Moment.class);
            c.moments.putAll(moments);
            c.moments.remove(moment);
            if (!script.isEmpty()) {
                c.moments.put(moment, script);
            }
        });
    }

    public FacedWindow framed(WindowFrame other) {
        return copy(c -> c.frame = other);
    }

    public FacedWindow failing(boolean may) {
        return copy(c -> c.mayFail = may);
    }

    public FacedWindow with(Routines other) {
        return copy(c -> c.routines = other);
    }

    private FacedWindow copy(java.util.function.Consumer<Copy> change) {
        var copy = new Copy(this);
        change.accept(copy);
        return new FacedWindow(
                of,
                copy.name,
                copy.title,
                copy.size,
                copy.resizable,
                copy.instances,
                copy.owned,
                copy.takes,
                copy.variables,
                copy.menus,
                copy.rows,
                copy.said,
                copy.waysOut,
                copy.moments,
                copy.frame,
                copy.mayFail,
                copy.routines);
    }

    /** The one place where a changed window is put together, so that no change forgets a component. */
    private static final class Copy {
        private Name name;
        private String title;
        private Size size;
        private boolean resizable;
        private Optional<Instances> instances;
        private boolean owned;
        private List<Take> takes;
        private List<Variable> variables;
        private List<Menu> menus;
        private List<Row> rows;
        private Optional<List<Ending>> said;
        private Map<Way, WayOut> waysOut;
        private Map<Moment, Script> moments;
        private WindowFrame frame;
        private boolean mayFail;
        private Routines routines;

        Copy(FacedWindow from) {
            name = from.name;
            title = from.title;
            size = from.size;
            resizable = from.resizable;
            instances = from.instances;
            owned = from.owned;
            takes = from.takes;
            variables = from.variables;
            menus = from.menus;
            rows = from.rows;
            said = from.said;
            waysOut = from.waysOut;
            moments = from.moments;
            frame = from.frame;
            mayFail = from.mayFail;
            routines = from.routines;
        }
    }

    /**
     * This window with a part replaced, by its expression name. Enter presses one button at most (P2), so one that becomes
     * the default takes that from the others.
     */
    public FacedWindow changingPart(String name, Part other) {
        boolean takesEnter = other instanceof Part.Button b && b.isDefault();
        return mapParts(p -> {
            if (p.name().expression().equals(name)) {
                return Optional.of(other);
            }
            return Optional.of(
                    takesEnter && p instanceof Part.Button b && b.isDefault()
                            ? new Part.Button(b.name(), b.text(), false, b.each(), b.pressed(), b.traits())
                            : p);
        });
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
                newRows.add(row.with(parts));
            }
        }
        return withMenus(newMenus).withRows(newRows);
    }

    @Override
    public String kind() {
        return of.words();
    }
}
