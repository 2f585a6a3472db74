package bivouac.plan;

import bivouac.design.FacedWindow;
import bivouac.design.Take;
import bivouac.design.Type;
import bivouac.design.Variable;
import bivouac.expression.EvaluationFault;
import bivouac.expression.Scope;
import bivouac.expression.Value;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

/** The scopes of a program: which names can be read and set where (V2, R1). */
final class Scopes {

    private final Program program;
    private final Map<String, WindowPlan> byExpressionName = new HashMap<>();
    private final Map<String, Integer> variables = new HashMap<>();
    /** The names that all scopes of a window know, or of the application; made when first asked for. */
    private final Map<Optional<WindowPlan>, List<String>> baseNames = new ConcurrentHashMap<>();

    /** Whether the program stands: what is asked of names from then on is no part of it, and changes nothing in it. */
    private volatile boolean asked;

    Scopes(Program program) {
        this.program = program;
        for (WindowPlan plan : program.windows()) {
            byExpressionName.putIfAbsent(plan.window().name().expression(), plan);
        }
        List<Variable> all = program.design().application().variables();
        for (int i = 0; i < all.size(); i++) {
            variables.putIfAbsent(all.get(i).name().expression(), i);
        }
    }

    /** All that the program reads has been found. */
    void stand() {
        asked = true;
    }

    /** A name that a script made: {@code result.x}, {@code NAME.x}, {@code way}. */
    static Access local(Type type, int slot) {
        return Access.plain(type, new Cell.OfScript(slot), in -> in.value(in.local(slot)));
    }

    /** The scope of a script or text of {@code me}, with what the script has made so far. */
    At at(Optional<WindowPlan> me, Map<String, Access> locals) {
        return at(me, locals, Map.of());
    }

    /** @param kept the windows that the script keeps under a name; those of the window's variables are known anyway */
    At at(Optional<WindowPlan> me, Map<String, Access> locals, Map<String, Kept> kept) {
        return new At(me, locals, kept);
    }

    /** A window that is kept under a name (O9, R2). */
    record Kept(KeptAt at, WindowPlan window) {

        PartPlan.Whose whose() {
            return switch (at) {
                case KeptAt.InScript(int slot) -> in -> in.kept(slot);
                case KeptAt.InWindow(int number) -> in -> in.me().kept(number).orElseThrow(Kept::gone);
            };
        }

        /** What its members are found by, beside their own cells. */
        Access found(Access member) {
            return switch (at) {
                case KeptAt.InScript(int slot) ->
                    member.alsoOf(new Cell.OfScript(slot)).thatMayFault();
                case KeptAt.InWindow w -> member.thatMayFault();
            };
        }

        static EvaluationFault gone() {
            return new EvaluationFault("the window that is kept here is not open");
        }
    }

    final class At implements Scope<Reading> {
        private final Optional<WindowPlan> me;
        private final Map<String, Access> locals;
        private final Map<String, Kept> kept;

        At(Optional<WindowPlan> me, Map<String, Access> locals, Map<String, Kept> kept) {
            this.me = me;
            this.locals = Map.copyOf(locals);
            this.kept = Map.copyOf(kept);
        }

        /** The window that is kept under a name: by the script, or by a variable of its window (O9). */
        Optional<Kept> kept(String name) {
            return Optional.ofNullable(kept.get(name)).or(() -> me.flatMap(m -> m.keep(name))
                    .flatMap(k -> program.window(k.window()).map(w -> new Kept(new KeptAt.InWindow(k.number()), w))));
        }

        @Override
        public Optional<Binding<Reading>> find(String dotted) {
            return access(dotted).map(At::binding);
        }

        private static Binding<Reading> binding(Access access) {
            return new Binding<>(access.type(), access.reader(), access.mayFault(), access);
        }

        /** What a dotted name stands for, to be read or set. */
        Optional<Access> access(String dotted) {
            Access local = locals.get(dotted);
            if (local != null) {
                return Optional.of(local);
            }
            int dot = dotted.indexOf('.');
            if (dot < 0) {
                return Optional.empty();
            }
            String first = dotted.substring(0, dot);
            String rest = dotted.substring(dot + 1);
            return switch (first) {
                case "app" -> ofApplication(rest);
                case "me" -> me.flatMap(p -> member(p, rest, Reading::me));
                case "takes" -> me.flatMap(p -> take(p, rest));
                case "owner" -> ofAll(owners(), rest, this::owner);
                case "opener" -> ofOpener(rest);
                default -> {
                    Optional<Kept> kept = kept(first);
                    if (kept.isPresent()) {
                        yield member(kept.get().window(), rest, kept.get().whose())
                                .map(kept.get()::found);
                    }
                    WindowPlan plan = byExpressionName.get(first);
                    yield plan == null || !isOneOnly(plan)
                            ? Optional.empty()
                            : elsewhere(member(plan, rest, in -> in.theOnly(plan)));
                }
            };
        }

        /** The list that a dotted name stands for, found when it is needed; known to be one by its rows. */
        Optional<ListIn> list(String dotted) {
            int dot = dotted.indexOf('.');
            return dot < 0 || access(dotted + ".rows").isEmpty() ? Optional.empty() : Optional.of(found(dotted, dot));
        }

        /** The part that a dotted name stands for, found when it is needed. */
        Optional<ListIn> part(String dotted) {
            int dot = dotted.indexOf('.');
            if (dot < 0) {
                return Optional.empty();
            }
            ListIn found = found(dotted, dot);
            List<WindowPlan> all = windows(dotted.substring(0, dot));
            boolean known = !all.isEmpty()
                    && all.stream().allMatch(w -> w.part(found.part()).isPresent());
            return known ? Optional.of(found) : Optional.empty();
        }

        private ListIn found(String dotted, int dot) {
            return new ListIn(whose(dotted.substring(0, dot)), dotted.substring(dot + 1));
        }

        /** The windows that a word can stand for. */
        private List<WindowPlan> windows(String word) {
            return switch (word) {
                case "me" -> me.stream().toList();
                case "owner" -> owners();
                case "opener" -> openersOfMe();
                default ->
                    kept(word)
                            .map(Kept::window)
                            .or(() -> Optional.ofNullable(byExpressionName.get(word))
                                    .filter(Scopes::isOneOnly))
                            .stream()
                            .toList();
            };
        }

        private PartPlan.Whose whose(String word) {
            return switch (word) {
                case "me" -> Reading::me;
                case "owner" -> this::owner;
                case "opener" -> this::opener;
                default ->
                    kept(word).map(Kept::whose).orElseGet(() -> {
                        WindowPlan plan = byExpressionName.get(word);
                        return in -> in.theOnly(plan);
                    });
            };
        }

        private Optional<Access> ofOpener(String rest) {
            if (!asked) {
                me.ifPresent(WindowPlan::useOpener);
            }
            return ofAll(openersOfMe(), rest, this::opener);
        }

        private Instance owner(Reading in) {
            return needed(in.me().owner(), "owner");
        }

        private Instance opener(Reading in) {
            return needed(in.me().opener(), "opener");
        }

        private Instance needed(Optional<Instance> inst, String word) {
            return inst.orElseThrow(() -> new EvaluationFault("this window has no " + word + " now"));
        }

        private List<WindowPlan> openersOfMe() {
            return me.map(program.owners()::openers).orElse(List.of());
        }

        private List<WindowPlan> owners() {
            return me.map(program.owners()::owners).orElse(List.of());
        }

        /** A member that every window it can be has, with the same type (R1). */
        private Optional<Access> ofAll(List<WindowPlan> all, String rest, PartPlan.Whose whose) {
            if (all.isEmpty()) {
                return Optional.empty();
            }
            var byWindow = new HashMap<WindowPlan, Access>();
            Type type = null;
            boolean settable = true;
            boolean plain = true;
            var cells = new LinkedHashSet<Cell>();
            for (WindowPlan plan : all) {
                Optional<Access> one = member(plan, rest, whose);
                if (one.isEmpty() || type != null && !type.equals(one.get().type())) {
                    return Optional.empty();
                }
                type = one.get().type();
                settable &= one.get().writer().isPresent();
                plain &= one.get().plain();
                cells.addAll(one.get().cells());
                byWindow.put(plan, one.get());
            }
            Scope.Reader<Reading> read =
                    in -> of(byWindow, whose.in(in)).reader().read(in);
            Access.Writer write =
                    (in, v) -> of(byWindow, whose.in(in)).writer().orElseThrow().write(in, v);
            return Optional.of(new Access(
                    type, read, settable ? Optional.of(write) : Optional.empty(), true, List.copyOf(cells), plain));
        }

        private Access of(Map<WindowPlan, Access> byWindow, Instance inst) {
            Access access = byWindow.get(inst.plan());
            if (access == null) {
                throw new EvaluationFault(inst.plan().window().name().shown() + " has nothing of that name");
            }
            return access;
        }

        @Override
        public Optional<Binding<Reading>> isOpen(String window) {
            return kept(window)
                    .map(k -> isOpen(k.at()))
                    .or(() -> Optional.ofNullable(byExpressionName.get(window))
                            .map(p -> following(List.of(), in -> Value.of(in.isOpen(p)))))
                    .map(At::binding);
        }

        private static Access isOpen(KeptAt at) {
            return switch (at) {
                case KeptAt.InScript(int slot) ->
                    following(List.of(new Cell.OfScript(slot)), in -> Value.of(in.isKept(slot)));
                case KeptAt.InWindow(int number) ->
                    following(List.of(), in -> Value.of(in.me().kept(number).isPresent()));
            };
        }

        private static Access following(List<Cell> cells, Reader<Reading> reader) {
            return Access.following(Type.YESNO, cells, reader);
        }

        @Override
        public Optional<String> whyUnknown(String dotted) {
            String first = dotted.contains(".") ? dotted.substring(0, dotted.indexOf('.')) : dotted;
            return switch (first) {
                case "result" ->
                    locals.keySet().stream().noneMatch(l -> l.startsWith("result."))
                            ? Optional.of("only in a branch is there a result, and only that of its own ending")
                            : Optional.empty();
                case "me", "takes" ->
                    // a named script of the application may take something all the same (W7)
                    me.isEmpty() && locals.keySet().stream().noneMatch(l -> l.startsWith(first + "."))
                            ? Optional.of("a script of the application has no window of its own")
                            : me.flatMap(m -> m.keep(dotted.substring(dotted.indexOf('.') + 1)))
                                    .map(k ->
                                            "“" + k.name() + "” keeps an open window and is no value; what is in it is"
                                                    + " read as " + k.name() + ".…");
                case "owner" -> owners().isEmpty() ? Optional.of("there is no owner here") : Optional.empty();
                case "opener" -> openersOfMe().isEmpty() ? Optional.of("no window opens this one") : Optional.empty();
                default ->
                    Optional.ofNullable(byExpressionName.get(first))
                            .filter(p -> p.face().isPresent() && !isOneOnly(p))
                            .map(p -> "several " + p.window().name().shown()
                                    + " can be open, and the name alone does not say which");
            };
        }

        @Override
        public Collection<String> names() {
            var names = new ArrayList<String>(locals.keySet());
            kept.forEach((name, one) -> members(one.window()).forEach(m -> names.add(name + "." + m)));
            names.addAll(baseNames.computeIfAbsent(me, this::allNames));
            return names;
        }

        private List<String> allNames(Optional<WindowPlan> of) {
            var names = new ArrayList<String>();
            program.design()
                    .application()
                    .variables()
                    .forEach(v -> names.add("app." + v.name().expression()));
            names.add("app.today");
            names.add("app.traces");
            of.ifPresent(p -> {
                p.window().takes().forEach(t -> names.add("takes." + t.name().expression()));
                members(p).forEach(m -> names.add("me." + m));
                p.keeps().forEach(k -> program.window(k.window())
                        .ifPresent(w -> members(w).forEach(m -> names.add(k.name() + "." + m))));
            });
            if (!owners().isEmpty()) {
                members(owners().getFirst()).forEach(m -> names.add("owner." + m));
            }
            if (!openersOfMe().isEmpty()) {
                members(openersOfMe().getFirst()).forEach(m -> names.add("opener." + m));
            }
            byExpressionName.forEach((name, plan) -> {
                if (isOneOnly(plan) && plan.face().isPresent()) {
                    members(plan).forEach(m -> names.add(name + "." + m));
                }
            });
            return List.copyOf(names);
        }
    }

    /** Another window need not be open, so reading it may fault (R3). */
    private static Optional<Access> elsewhere(Optional<Access> access) {
        return access.map(Access::thatMayFault);
    }

    private static boolean isOneOnly(WindowPlan plan) {
        return plan.face().map(FacedWindow::isOneOnly).orElse(false);
    }

    private Optional<Access> ofApplication(String name) {
        if (name.equals("today")) {
            return Optional.of(Access.plain(Type.DATE, Cell.OfRun.TODAY, in -> new Value.Date(in.today())));
        }
        if (name.equals("traces")) {
            return Optional.of(Access.plain(new Type.ListOf(Type.TEXT), Cell.OfRun.TRACES, Reading::traces));
        }
        return Optional.ofNullable(variables.get(name)).map(slot -> {
            Access.Writer write = (in, v) -> in.setVariable(slot, v);
            return Access.plain(
                    program.design().application().variables().get(slot).type(),
                    new Cell.OfApplication(slot),
                    in -> in.variable(slot),
                    write);
        });
    }

    private static Optional<Access> take(WindowPlan plan, String name) {
        List<Take> takes = plan.window().takes();
        for (int i = 0; i < takes.size(); i++) {
            if (takes.get(i).name().expression().equals(name)) {
                int slot = plan.takeSlot(i);
                return Optional.of(Access.plain(takes.get(i).type(), new Cell.OfWindow(plan.number, slot), in -> in.me()
                        .value(slot)));
            }
        }
        return Optional.empty();
    }

    /** A member of a window, seen from that window itself. */
    static Optional<Access> of(WindowPlan plan, String member) {
        return member(plan, member, Reading::me);
    }

    private static Optional<Access> member(WindowPlan plan, String name, PartPlan.Whose whose) {
        if (name.equals("title") && plan.face().isPresent()) {
            Access.Writer write = (in, v) -> whose.in(in).set(WindowPlan.TITLE, v);
            Scope.Reader<Reading> read = in -> Value.of(plan.title(in, whose.in(in)));
            return Optional.of(
                    plan.titleLive()
                            ? Access.following(Type.TEXT, List.of(), read).thatMayFault()
                            : Access.plain(Type.TEXT, new Cell.OfWindow(plan.number, WindowPlan.TITLE), read, write));
        }
        for (int i = 0; i < plan.variables().size(); i++) {
            Variable v = plan.variables().get(i);
            if (v.name().expression().equals(name) && !(v.type() instanceof Type.WindowOf)) {
                int slot = plan.variableSlot(i);
                Access.Writer write = (in, value) -> whose.in(in).set(slot, value);
                return Optional.of(Access.plain(
                        v.type(),
                        new Cell.OfWindow(plan.number, slot),
                        in -> whose.in(in).value(slot),
                        write));
            }
        }
        int dot = name.indexOf('.');
        String part = dot < 0 ? name : name.substring(0, dot);
        String member = dot < 0 ? "" : name.substring(dot);
        return plan.part(part).map(p -> p.accesses(whose).get(member));
    }

    private static Collection<String> members(WindowPlan plan) {
        var names = new ArrayList<String>();
        plan.variables().stream()
                .filter(v -> !(v.type() instanceof Type.WindowOf))
                .forEach(v -> names.add(v.name().expression()));
        PartPlan.Whose nobody = in -> null;
        for (PartPlan part : plan.parts()) {
            part.accesses(nobody)
                    .keySet()
                    .forEach(m -> names.add(part.part.name().expression() + m));
        }
        if (plan.face().isPresent()) {
            names.add("title");
        }
        return names;
    }

    /** What a named script or a task takes, as names: {@code takes.x}. */
    static Map<String, Access> takes(List<Take> takes, int firstSlot) {
        var locals = new LinkedHashMap<String, Access>();
        for (int i = 0; i < takes.size(); i++) {
            locals.put(
                    "takes." + takes.get(i).name().expression(),
                    local(takes.get(i).type(), firstSlot + i));
        }
        return locals;
    }

    /** The values of an ending as names: {@code result.x}, or {@code NAME.x}. */
    static Map<String, Access> results(String prefix, List<bivouac.design.Ending.Give> gives, int firstSlot) {
        var locals = new LinkedHashMap<String, Access>();
        for (int i = 0; i < gives.size(); i++) {
            locals.put(
                    prefix + "." + gives.get(i).name().expression(),
                    local(gives.get(i).type(), firstSlot + i));
        }
        return locals;
    }
}
