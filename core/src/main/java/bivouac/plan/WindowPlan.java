package bivouac.plan;

import bivouac.design.Braces;
import bivouac.design.Ending;
import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.Instances;
import bivouac.design.MessageBox;
import bivouac.design.Outside;
import bivouac.design.Part;
import bivouac.design.Picker;
import bivouac.design.ReadyMade;
import bivouac.design.Routines;
import bivouac.design.Take;
import bivouac.design.Type;
import bivouac.design.Variable;
import bivouac.design.Way;
import bivouac.design.WayOut;
import bivouac.design.WaysOut;
import bivouac.design.Window;
import bivouac.expression.Compiled;
import bivouac.expression.Term;
import bivouac.expression.TextTemplate;
import bivouac.expression.Value;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** A window, compiled: which slots an instance of it has, and how what it shows is made. */
public final class WindowPlan {

    /** The slot of the title; 0 in it where the title is live. */
    public static final int TITLE = 0;

    /** The slot of a message box's text, a file dialog's first folder, or what a picker shows first. */
    public static final int TEXT = 1;

    private static final int FIRST_TAKE = 2;

    public final int number;
    private final Window window;
    private final Optional<FacedWindow> face;
    private final List<Ending> endings;
    private final int escapeEnding;
    private final List<PartPlan> parts = new ArrayList<>();
    private final Map<String, PartPlan> byName = new HashMap<>();
    private final Map<Way, WayPlan> waysOut = new EnumMap<>(Way.class);
    private final Map<FacedWindow.Moment, ScriptPlan> moments = new EnumMap<>(FacedWindow.Moment.class);
    private final List<Optional<Compiled<Reading>>> takeDefaults = new ArrayList<>();
    private final List<Optional<Compiled<Reading>>> variableStarts = new ArrayList<>();
    private final int firstVariable;
    private final int firstTimer;
    private final int slots;
    private final List<TimerPlan> timers = new ArrayList<>();
    private final boolean titleLive;
    private boolean usesOpener;
    private final List<Variable> variables;
    private final List<Keep> keeps;
    private final boolean canBeOwned;
    private final Instances instances;
    private final int keySlot;
    /** It looks the same each time it opens, whatever has happened before. */
    private boolean startsAlike;

    private boolean mayFaultAtRest;
    private List<PartPlan> faulting = List.of();
    private Map<Outside, Heard> heard = Map.of();
    private List<Integer> fileSlots = List.of();
    private TextTemplate<Reading> title;
    private TextTemplate<Reading> text;
    private Optional<Compiled<Reading>> pickerStart = Optional.empty();

    /** Where a way out leads in a program. */
    public sealed interface WayPlan {
        record Absent() implements WayPlan {}

        record Pressing(int part) implements WayPlan {}

        record Leads(int ending, List<Op.Hand> gives, boolean unasked) implements WayPlan {}
    }

    private static final WayPlan ABSENT = new WayPlan.Absent();

    WindowPlan(int number, Window window) {
        this.number = number;
        this.window = window;
        this.face = window instanceof FacedWindow f ? Optional.of(f) : Optional.empty();
        var all = new ArrayList<>(window.endings());
        if (face.isPresent() && window.ending(WaysOut.CLOSED).isEmpty()) {
            all.add(Ending.of(WaysOut.CLOSED));
        }
        this.endings = List.copyOf(all);
        this.escapeEnding = window instanceof ReadyMade r
                ? r.escapeEnding().map(this::endingNumber).orElse(0)
                : 0;
        this.variables = face.map(FacedWindow::variables).orElse(List.of());
        this.keeps = keeps(variables);
        this.canBeOwned =
                face.map(f -> f.of() != FacedWindow.Kind.MAIN && f.owned()).orElse(true);
        this.firstVariable = FIRST_TAKE + window.takes().size();
        int at = firstVariable + variables().size();
        for (Part part : face.map(FacedWindow::parts).orElse(List.of())) {
            parts.add(new PartPlan(number, parts.size(), part, at));
            at += parts.getLast().slots();
        }
        this.firstTimer = at;
        this.slots = at + routines().timers().size();
        parts.stream()
                .filter(p -> byName.putIfAbsent(p.part.name().expression(), p) != null)
                .forEach(PartPlan::shadowed);
        this.instances = face.map(FacedWindow::instancesOrUsual).orElse(new Instances.Many());
        this.keySlot = findKeySlot();
        this.titleLive = face.isPresent() && Braces.isLive(window.title());
    }

    void link(Linker linker) {
        title = linker.text(linker.at("title"), window.title());
        text = linker.text(linker.at("text"), opensSaying());
        if (window instanceof Picker picker) {
            pickerStart = picker.starts()
                    .map(e -> linker.expression(
                            linker.at("what is picked first"), e, picker.of().type()));
        }
        for (Take take : window.takes()) {
            takeDefaults.add(take.byDefault()
                    .map(e -> linker.expression(linker.at(take.name().shown()), e, take.type())));
        }
        for (Variable v : variables()) {
            variableStarts.add(v.starts()
                    .filter(e -> !(v.type() instanceof Type.WindowOf))
                    .map(e -> linker.expression(linker.at(v.name().shown()), e, v.type())));
        }
        timers.addAll(TimerPlan.of(routines().timers(), firstTimer, linker));
        parts.forEach(p -> p.link(linker));
        startsAlike = window.takes().isEmpty()
                && pickerStart.isEmpty()
                && (titleLive || !title.isLive())
                && !text.isLive()
                && variables().stream().noneMatch(v -> startsWithToday(v.type()))
                && variableStarts.stream().flatMap(Optional::stream).allMatch(WindowPlan::isConstant)
                && parts.stream().allMatch(PartPlan::startsAlike);
        faulting = parts.stream().filter(PartPlan::mayFault).toList();
        mayFaultAtRest = titleLive && title.mayFault() || !faulting.isEmpty();
        face.ifPresent(f -> {
            for (var moment : FacedWindow.Moment.values()) {
                moments.put(moment, linker.script(moment));
            }
            heard = linker.named(f.routines());
            fileSlots = findFileSlots(f);
            timers.forEach(t -> t.link(linker));
            for (Way way : Way.values()) {
                waysOut.put(way, wayOut(WaysOut.of(f, way), linker, way));
            }
        });
    }

    private static boolean isConstant(Compiled<Reading> expression) {
        return expression.term().filter(Term.Constant.class::isInstance).isPresent();
    }

    private static boolean startsWithToday(Type type) {
        return type == Type.Plain.DATE || type instanceof Type.RowOf;
    }

    private WayPlan wayOut(WayOut out, Linker linker, Way way) {
        return switch (out) {
            case WayOut.Absent a -> new WayPlan.Absent();
            case WayOut.AsPressing(String name) ->
                parts.stream()
                        .filter(p -> p.part.name().expression().equals(name))
                        .findFirst()
                        .<WayPlan>map(p -> new WayPlan.Pressing(p.number))
                        .orElse(new WayPlan.Absent());
            case WayOut.LeadsTo l -> {
                int ending = endingNumber(l.ending());
                yield ending == 0
                        ? new WayPlan.Leads(endingNumber(WaysOut.CLOSED), List.of(), l.unasked())
                        : new WayPlan.Leads(ending, linker.gives(way, ending(ending), l.gives()), l.unasked());
            }
        };
    }

    public Window window() {
        return window;
    }

    public Optional<FacedWindow> face() {
        return face;
    }

    public boolean isBox() {
        return window instanceof MessageBox;
    }

    /** Whether it is a message box, file dialog or picker: always waited for, and ended by its own events only. */
    public boolean isReadyMade() {
        return window instanceof ReadyMade;
    }

    /** C3: a file dialog or picker cannot be taken away. */
    public boolean cannotBeTakenAway() {
        return window instanceof FileDialog || window instanceof Picker;
    }

    /** What stands in the text slot: what a message box says, or where a file dialog begins. */
    private String opensSaying() {
        return switch (window) {
            case MessageBox box -> box.text();
            case FileDialog dialog -> dialog.startsIn();
            case Picker picker -> "";
            case FacedWindow face -> "";
        };
    }

    /** O5: whether its kind can have an owner, and it says so. */
    public boolean canBeOwned() {
        return canBeOwned;
    }

    /** O7: the system may fail to create it. */
    public boolean mayFail() {
        return face.map(FacedWindow::mayFail).orElse(false);
    }

    public int slots() {
        return slots;
    }

    public List<PartPlan> parts() {
        return parts;
    }

    /** The first part of an expression name. */
    public Optional<PartPlan> part(String expressionName) {
        return Optional.ofNullable(byName.get(expressionName));
    }

    public List<Variable> variables() {
        return variables;
    }

    /**
     * A variable that keeps an open window (O9).
     *
     * @param number among those of its window, from 0
     * @param window shown name of the window that is kept
     */
    public record Keep(int number, String name, String window) {}

    public List<Keep> keeps() {
        return keeps;
    }

    /** The variable of an expression name that keeps a window. */
    Optional<Keep> keep(String name) {
        return keeps.stream().filter(k -> k.name().equals(name)).findFirst();
    }

    private static List<Keep> keeps(List<Variable> variables) {
        var keeps = new ArrayList<Keep>();
        for (Variable v : variables) {
            if (v.type() instanceof Type.WindowOf(String window)) {
                keeps.add(new Keep(keeps.size(), v.name().expression(), window));
            }
        }
        return List.copyOf(keeps);
    }

    /** The script that answers what comes from outside (F1). */
    public Optional<Heard> hears(Outside what) {
        return Optional.ofNullable(heard.get(what));
    }

    boolean isHearing() {
        return !heard.isEmpty();
    }

    /** Where it keeps the files that it has open (F3); none where nothing asks what becomes of them. */
    public List<Integer> fileSlots() {
        return fileSlots;
    }

    private List<Integer> findFileSlots(FacedWindow face) {
        if (heard.keySet().stream().noneMatch(Outside::isOfOpenFile)) {
            return List.of();
        }
        return Stream.concat(
                        face.fileTakes().stream().map(t -> takeSlot(face.takes().indexOf(t))),
                        face.fileVariables().stream()
                                .map(v -> variableSlot(face.variables().indexOf(v))))
                .toList();
    }

    public int takeSlot(int take) {
        return FIRST_TAKE + take;
    }

    public int variableSlot(int variable) {
        return firstVariable + variable;
    }

    Optional<Compiled<Reading>> takeDefault(int take) {
        return takeDefaults.get(take);
    }

    Optional<Compiled<Reading>> variableStart(int variable) {
        return variableStarts.get(variable);
    }

    /** What the slots of its title and text can hold. */
    void titleRange(Ranges ranges) {
        ranges.text(Cells.cell(this, TITLE), title);
        if (isReadyMade() && pickerStart.isEmpty()) {
            ranges.text(Cells.cell(this, TEXT), text);
        } else {
            ranges.any(Cells.cell(this, TEXT));
            pickerStart.ifPresent(e -> ranges.feed(e, Ranges.NO_SCRIPT, Cells.cell(this, TEXT)));
        }
    }

    private Routines routines() {
        return face.map(FacedWindow::routines).orElse(Routines.NONE);
    }

    /** Its timers; an instance has a slot for each, which says whether it is on. */
    public List<TimerPlan> timers() {
        return timers;
    }

    /** The type of its key. */
    public Type keyType() {
        return window.takes().get(keySlot - FIRST_TAKE).type();
    }

    /** Its endings, the built-in one included; numbers count from 1. */
    public List<Ending> endings() {
        return endings;
    }

    public Ending ending(int number) {
        return endings.get(number - 1);
    }

    /** C6: the ending of a <em>close</em> step that names none. */
    public String usualEnding() {
        return face.map(WaysOut::usualEnding).orElse(WaysOut.CLOSED);
    }

    /** C7, C8: the ending of a ready-made window to which close box and Escape lead; 0 for none. */
    public int escapeEnding() {
        return escapeEnding;
    }

    /** 0 if it has no such ending. */
    public int endingNumber(String name) {
        for (int i = 0; i < endings.size(); i++) {
            if (endings.get(i).name().equals(name)) {
                return i + 1;
            }
        }
        return 0;
    }

    public WayPlan wayOut(Way way) {
        return waysOut.getOrDefault(way, ABSENT);
    }

    public ScriptPlan moment(FacedWindow.Moment moment) {
        return moments.get(moment);
    }

    public Instances instances() {
        return instances;
    }

    /** The slot of the take that tells instances apart; -1 if none does. */
    public int keySlot() {
        return keySlot;
    }

    private int findKeySlot() {
        if (instances() instanceof Instances.OneForEach(String key)) {
            for (int i = 0; i < window.takes().size(); i++) {
                if (window.takes().get(i).name().expression().equals(key)) {
                    return takeSlot(i);
                }
            }
        }
        return -1;
    }

    /** Something in it names the opener, so an instance has to remember who that is. Called while it is compiled. */
    void useOpener() {
        usesOpener = true;
    }

    /** Whether an instance has to remember who opened it: only if something in it names that. */
    public boolean usesOpener() {
        return usesOpener;
    }

    /** What its live title reads. */
    List<Compiled<Reading>> liveTitle() {
        return titleLive ? title.expressions() : List.of();
    }

    public boolean titleLive() {
        return titleLive;
    }

    /** Whether it takes nothing, and nothing that it begins with follows from anything. */
    public boolean startsAlike() {
        return startsAlike;
    }

    /**
     * Takes, variables, parts and texts of a new instance.
     *
     * @param handed by take what is handed over, null for what is not
     */
    public void start(Starting from, Instance inst, Value[] handed) {
        for (int i = 0; i < handed.length; i++) {
            if (handed[i] != null) {
                inst.set(takeSlot(i), handed[i]);
            } else {
                inst.set(
                        takeSlot(i),
                        from.value(takeDefaults.get(i), window.takes().get(i).type(), Value.NONE));
            }
        }
        for (int i = 0; i < variables().size(); i++) {
            Type type = variables().get(i).type();
            inst.set(variableSlot(i), from.value(variableStarts.get(i), type, Value.startOf(type, from.today())));
        }
        parts.forEach(p -> p.start(from, inst));
        if (!titleLive) {
            inst.set(TITLE, Value.of(from.text(title)));
        }
        if (isReadyMade()) {
            inst.set(
                    TEXT,
                    pickerStart.isPresent()
                            ? from.value(pickerStart, pickerType(), Value.EMPTY)
                            : Value.of(from.text(text)));
        }
    }

    private Type pickerType() {
        return window instanceof Picker picker ? picker.of().type() : Type.TEXT;
    }

    public String title(Reading in, Instance inst) {
        return titleLive ? title.text(in.of(inst)) : inst.value(TITLE).shown();
    }

    /** Whether something on it can be a fault at rest (E2, P3). */
    public boolean mayFaultAtRest() {
        return mayFaultAtRest;
    }

    /** The parts on which something can be a fault at rest. */
    public List<PartPlan> faulting() {
        return faulting;
    }

    /** Whether its title can be fault at rest. */
    public boolean titleMayFault() {
        return titleLive && title.mayFault();
    }
}
