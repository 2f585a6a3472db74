package bivouac.machine;

import bivouac.design.Braces;
import bivouac.design.Ending;
import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.Instances;
import bivouac.design.MessageBox;
import bivouac.design.Part;
import bivouac.design.Picker;
import bivouac.design.ReadyMade;
import bivouac.design.Take;
import bivouac.design.Type;
import bivouac.design.Variable;
import bivouac.design.Way;
import bivouac.design.WayOut;
import bivouac.design.WaysOut;
import bivouac.design.Window;
import bivouac.expression.Budget;
import bivouac.expression.Compiled;
import bivouac.expression.NoValue;
import bivouac.expression.TextTemplate;
import bivouac.expression.Value;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A window, compiled: which slots an instance of it has, and how what it shows is made. */
final class WindowPlan {

    /** The slot of the title; 0 in it where the title is live. */
    static final int TITLE = 0;

    /** The slot of a message box's text, a file dialog's first folder, or what a picker shows first. */
    static final int TEXT = 1;

    private static final int FIRST_TAKE = 2;

    final int number;
    private final Program program;
    private final Window window;
    private final Optional<FacedWindow> face;
    private final List<Ending> endings;
    private final List<PartPlan> parts = new ArrayList<>();
    private final Map<String, PartPlan> byName = new HashMap<>();
    private final Map<Way, WayPlan> waysOut = new EnumMap<>(Way.class);
    private final Map<FacedWindow.Moment, ScriptPlan> moments = new EnumMap<>(FacedWindow.Moment.class);
    private final List<Optional<Compiled<Reading>>> takeDefaults = new ArrayList<>();
    private final List<Optional<Compiled<Reading>>> variableStarts = new ArrayList<>();
    private final int firstVariable;
    private final int slots;
    private final boolean titleLive;
    private boolean usesOpener;
    private final int keySlot;
    private boolean mayFaultAtRest;
    private TextTemplate<Reading> title;
    private TextTemplate<Reading> text;
    private Optional<Compiled<Reading>> pickerStart = Optional.empty();

    /** Where a way out leads in a program. */
    sealed interface WayPlan {
        record Absent() implements WayPlan {}

        record Pressing(int part) implements WayPlan {}

        record Leads(int ending, List<Op.Hand> gives, boolean unasked) implements WayPlan {}
    }

    WindowPlan(Program program, int number, Window window) {
        this.program = program;
        this.number = number;
        this.window = window;
        this.face = window instanceof FacedWindow f ? Optional.of(f) : Optional.empty();
        var all = new ArrayList<>(window.endings());
        if (face.isPresent() && window.ending(WaysOut.CLOSED).isEmpty()) {
            all.add(Ending.of(WaysOut.CLOSED));
        }
        this.endings = List.copyOf(all);
        this.firstVariable = FIRST_TAKE + window.takes().size();
        int at = firstVariable + variables().size();
        for (Part part : face.map(FacedWindow::parts).orElse(List.of())) {
            parts.add(new PartPlan(parts.size(), part, at));
            at += PartPlan.SLOTS;
        }
        this.slots = at;
        parts.stream()
                .filter(p -> byName.putIfAbsent(p.part.name().expression(), p) != null)
                .forEach(PartPlan::shadowed);
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
            variableStarts.add(
                    v.starts().map(e -> linker.expression(linker.at(v.name().shown()), e, v.type())));
        }
        parts.forEach(p -> p.link(linker));
        mayFaultAtRest = titleLive && title.mayFault() || parts.stream().anyMatch(PartPlan::mayFault);
        face.ifPresent(f -> {
            for (var moment : FacedWindow.Moment.values()) {
                moments.put(moment, linker.script(moment));
            }
            for (Way way : Way.values()) {
                waysOut.put(way, wayOut(WaysOut.of(f, way), linker, way));
            }
        });
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

    Program program() {
        return program;
    }

    Window window() {
        return window;
    }

    Optional<FacedWindow> face() {
        return face;
    }

    boolean isBox() {
        return window instanceof MessageBox;
    }

    /** Whether it is a message box, file dialog or picker: always waited for, and ended by its own events only. */
    boolean isReadyMade() {
        return window instanceof ReadyMade;
    }

    /** C3: a file dialog or picker cannot be taken away. */
    boolean cannotBeTakenAway() {
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

    /** O7: the system may fail to create it. */
    boolean mayFail() {
        return face.map(FacedWindow::mayFail).orElse(false);
    }

    int slots() {
        return slots;
    }

    List<PartPlan> parts() {
        return parts;
    }

    /** The first part of an expression name. */
    Optional<PartPlan> part(String expressionName) {
        return Optional.ofNullable(byName.get(expressionName));
    }

    List<Variable> variables() {
        return face.map(FacedWindow::variables).orElse(List.of());
    }

    int takeSlot(int take) {
        return FIRST_TAKE + take;
    }

    int variableSlot(int variable) {
        return firstVariable + variable;
    }

    /** The declared range of a slot; every slot has one, so that a state can be packed. */
    int range(int slot) {
        int part = slot - firstVariable - variables().size();
        return part < 0 ? Values.RANGE : PartPlan.range(part % PartPlan.SLOTS);
    }

    /** Its endings, the built-in one included; numbers count from 1. */
    List<Ending> endings() {
        return endings;
    }

    Ending ending(int number) {
        return endings.get(number - 1);
    }

    /** 0 if it has no such ending. */
    int endingNumber(String name) {
        for (int i = 0; i < endings.size(); i++) {
            if (endings.get(i).name().equals(name)) {
                return i + 1;
            }
        }
        return 0;
    }

    WayPlan wayOut(Way way) {
        return waysOut.getOrDefault(way, new WayPlan.Absent());
    }

    ScriptPlan moment(FacedWindow.Moment moment) {
        return moments.get(moment);
    }

    Instances instances() {
        return face.map(FacedWindow::instancesOrUsual).orElse(new Instances.Many());
    }

    /** The slot of the take that tells instances apart; -1 if none does. */
    int keySlot() {
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
    boolean usesOpener() {
        return usesOpener;
    }

    boolean titleLive() {
        return titleLive;
    }

    /** Takes, variables, parts and texts of a new instance, whose handed-over takes are set already. */
    void start(Run run, Inst inst, boolean[] handed) {
        var here = new Reading(run, inst, null);
        for (int i = 0; i < window.takes().size(); i++) {
            if (!handed[i]) {
                Take take = window.takes().get(i);
                inst.set(
                        takeSlot(i),
                        startValue(
                                run,
                                here,
                                takeDefaults.get(i),
                                take.type(),
                                take.byDefault().isPresent()));
            }
        }
        for (int i = 0; i < variables().size(); i++) {
            inst.set(
                    variableSlot(i),
                    startValue(
                            run, here, variableStarts.get(i), variables().get(i).type(), true));
        }
        parts.forEach(p -> p.start(run, inst));
        if (!titleLive) {
            inst.set(TITLE, Value.of(run.textOr(title, here)));
        }
        if (isReadyMade()) {
            inst.set(
                    TEXT,
                    pickerStart.isPresent()
                            ? startValue(run, here, pickerStart, pickerType(), true)
                            : Value.of(run.textOr(text, here)));
        }
    }

    private Type pickerType() {
        return window instanceof Picker picker ? picker.of().type() : Type.TEXT;
    }

    private static Value startValue(
            Run run, Reading here, Optional<Compiled<Reading>> starts, Type type, boolean emptyIfNone) {
        try {
            return starts.map(c -> c.evaluate(here).as(type))
                    .orElse(emptyIfNone ? Value.startOf(type, run.today()) : Value.NONE);
        } catch (NoValue fault) {
            run.fault(fault, "", Optional.empty());
            return Value.startOf(type, run.today());
        }
    }

    String title(Run run, Inst inst) {
        return titleLive
                ? run.deeper(() -> title.text(new Reading(run, inst, null)))
                : inst.value(TITLE).shown();
    }

    boolean mayFaultAtRest() {
        return mayFaultAtRest;
    }

    /** Evaluates what may fault in it; what does is a fault each, with its place. */
    void checkAtRest(Run run, Inst inst) {
        if (titleLive && title.mayFault()) {
            atRest(run, inst, "title", () -> title(run, inst));
        }
        for (PartPlan part : parts) {
            atRest(run, inst, part.part.name().shown(), () -> part.check(run, inst));
        }
    }

    private static void atRest(Run run, Inst inst, String what, Runnable check) {
        try {
            run.within(Budget.OF_A_TEXT, () -> {
                check.run();
                return true;
            });
        } catch (NoValue fault) {
            run.fault(fault, inst.which() + ", " + what, Optional.empty());
        }
    }
}
