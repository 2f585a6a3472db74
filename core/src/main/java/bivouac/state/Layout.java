package bivouac.state;

import bivouac.design.DepartureRule;
import bivouac.design.Outside;
import bivouac.design.Picker;
import bivouac.design.PretendFiles;
import bivouac.expression.Value;
import bivouac.plan.Cell;
import bivouac.plan.Cells;
import bivouac.plan.Deciding;
import bivouac.plan.Program;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * What is kept of the situations of a program, and in how many bits; the same for all of them. A situation that is
 * closed into a state and opened again is the same to every rule and every expression.
 */
public final class Layout {

    /** Above so many windows a state says which are open by their numbers, and not by a bit for each. */
    private static final int MOST_FLAGS = 64;

    final Program program;
    /** The values that have the first numbers in every run. */
    private final List<Value> constants;

    /** The values of one search, which a folded layout looks at itself. */
    private final Optional<Values> own;

    final WindowLayout[] windows;
    final Points points;
    /** The codes of the variables of the application that matter; null for the others. */
    final Code[] variables;

    /** By variable of the application: its place in a tight state; null for those that have none. */
    final Place[] places;

    /** By window: its place in a tight state; null for those that have none. */
    final Field[] fields;

    /** The windows that have no field. */
    final int[] others;

    /** The first bit behind the fields and the places of variables. */
    final int fieldsEnd;

    final boolean remembersClosing;
    final boolean readsToday;
    final boolean readsTraces;
    final boolean filesChange;
    final boolean endsSaying;
    final boolean flags;
    /** The number of the list of pretend files that are there at first. */
    final int firstFiles;

    final int noTraces;

    /** The one of a program, which all that run it share. */
    public static Layout of(Program program) {
        return program.made(Layout.class, p -> new Layout(p, Optional.empty()));
    }

    /** The one for looking at every situation, in which values on which nothing depends count as one. */
    public static Layout folded(Program program, Folding folding) {
        return new Layout(program, Optional.of(folding));
    }

    private Layout(Program program, Optional<Folding> folding) {
        this.program = program;
        Value firstFiles = new Value.Items(PretendFiles.in(program.design()).paths().stream()
                .sorted()
                .map(Value::of)
                .toList());
        Value noTraces = new Value.Items(List.of());
        var all = new ArrayList<>(program.cells().constants());
        all.add(firstFiles);
        all.add(noTraces);
        folding.ifPresent(f -> all.addAll(f.values()));
        this.constants = List.copyOf(all);
        Values values = new Values(constants);
        this.own = folding.map(f -> values);
        var openings = new Openings(program);
        this.windows = program.windows().stream()
                .map(w -> WindowLayout.of(w, program, values, openings, folding))
                .toArray(WindowLayout[]::new);
        this.points = new Points(program, values);
        Cells cells = program.cells();
        this.variables = new Code[program.variables().size()];
        for (int i = 0; i < variables.length; i++) {
            Cell cell = new Cell.OfApplication(i);
            variables[i] = cells.matters(cell) ? Code.of(cell, cells.range(cell), values, folding) : null;
        }
        this.remembersClosing = program.design().application().departure() instanceof DepartureRule.LastWindow;
        this.readsToday =
                folding.map(Folding::readsToday).orElseGet(() -> cells.matters(Cell.OfRun.TODAY) || usesDates(program));
        this.readsTraces = cells.matters(Cell.OfRun.TRACES);
        this.filesChange =
                (openings.writes() || filesGo(program)) && (folding.isEmpty() || Deciding.filesDecide(program));
        this.endsSaying = openings.endsSaying();
        this.flags = windows.length <= MOST_FLAGS;
        this.fields = new Field[windows.length];
        this.places = new Place[variables.length];
        this.fieldsEnd = placeVariables(flags ? place(openings) : Walk.HEADER);
        this.others = IntStream.range(0, windows.length)
                .filter(w -> fields[w] == null)
                .toArray();
        this.firstFiles = values.number(firstFiles);
        this.noTraces = values.number(noTraces);
    }

    private int place(Openings openings) {
        int end = Walk.HEADER;
        for (WindowLayout window : windows) {
            boolean simple = window.once()
                    && !window.plan().usesOpener()
                    && window.plan().keeps().isEmpty()
                    && Arrays.stream(window.owners()).allMatch(o -> windows[o].once());
            var field = new Field(window, openings.isAlwaysOwned(window.plan()));
            if (simple && field.width() <= Field.WIDEST) {
                fields[window.plan().number] = field;
                end = field.place(end);
            }
        }
        return end;
    }

    private int placeVariables(int from) {
        int end = from;
        for (int i = 0; i < variables.length; i++) {
            if (variables[i] != null) {
                places[i] = Place.at(end, variables[i].width());
                end = Math.max(end, places[i].end());
            }
        }
        return end;
    }

    /** Values of a type that starts with today can come to be at any time. */
    private static boolean usesDates(Program program) {
        return program.variables().stream().anyMatch(v -> Folding.holdsDate(v.type()))
                || program.windows().stream()
                        .anyMatch(w -> w.window().takes().stream().anyMatch(t -> Folding.holdsDate(t.type()))
                                || w.variables().stream().anyMatch(v -> Folding.holdsDate(v.type()))
                                || w.window() instanceof Picker p && p.of() == Picker.Of.DATE
                                || w.parts().stream()
                                        .anyMatch(p -> p.rowsOf().isPresent()
                                                && p.rowsOf().orElseThrow().list().columns().stream()
                                                        .anyMatch(c -> Folding.holdsDate(c.type()))));
    }

    public Program program() {
        return program;
    }

    /** The values of a run that begins: those that the program can hold have the same numbers in each. */
    public Values newValues() {
        return own.orElseGet(() -> new Values(constants));
    }

    /** Whether a window can be open only once, and has its place in every tight state. */
    public boolean isAtItsPlace(int window) {
        return fields[window] != null;
    }

    /**
     * Where values stand in a tight state.
     *
     * @param numbers by which bits what is touched is told
     */
    public Outline outline(Touched numbers) {
        return new Outline(this, numbers);
    }

    /** The number of the list of pretend files that are there at first. */
    public int firstFiles() {
        return firstFiles;
    }

    /** Whether anything looks for what a killed run left behind (D7). */
    public boolean readsTraces() {
        return readsTraces;
    }

    /** Whether it makes a difference which day it is (V4). */
    public boolean readsToday() {
        return readsToday;
    }

    /** The number of today's value: {@code kept}, if states keep one. */
    public int todayOr(int kept, int otherwise) {
        return readsToday ? kept : otherwise;
    }

    /** F3: a file that is gone is no pretend file any more. */
    private static boolean filesGo(Program program) {
        return program.windows().stream()
                .anyMatch(w -> w.hears(Outside.FILE_GONE).isPresent());
    }
}
