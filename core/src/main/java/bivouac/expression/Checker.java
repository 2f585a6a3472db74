package bivouac.expression;

import bivouac.design.Type;
import dev.cel.common.CelAbstractSyntaxTree;
import dev.cel.common.ast.CelConstant;
import dev.cel.common.ast.CelExpr;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Understands a parsed expression: looks its names up in the scope and gives every piece its type (V2, V3). Ours and not
 * CEL's own checker, which builds its whole environment anew for each expression: that takes a hundred times as long,
 * knows rows only as maps of anything, and speaks of overloads. Tests hold the two against each other.
 *
 * <p>Recursion is as deep as the expression, which {@link Source} bounds.
 */
final class Checker<E extends Surroundings> {

    private final CelAbstractSyntaxTree parsed;
    private final String source;
    private final Scope<E> scope;
    private final List<Problem> problems = new ArrayList<>();
    private final Map<String, Type> locals = new HashMap<>();

    Checker(CelAbstractSyntaxTree parsed, String source, Scope<E> scope) {
        this.parsed = parsed;
        this.source = source;
        this.scope = scope;
    }

    /** The expression understood; empty if something in it is wrong, which is in {@link #problems} then. */
    Optional<Term<E>> check() {
        Optional<Term<E>> term = check(parsed.getExpr());
        return problems.isEmpty() ? term : Optional.empty();
    }

    /** What is wrong, in order of place. */
    List<Problem> problems() {
        return Expressions.sorted(problems);
    }

    private Optional<Term<E>> check(CelExpr e) {
        return switch (e.getKind()) {
            case CONSTANT -> constant(e);
            case IDENT -> name(e);
            case SELECT -> e.select().testOnly() ? wrong(e, "this asks nothing here") : name(e);
            case CALL -> call(e);
            case LIST -> items(e);
            case MAP -> row(e);
            case STRUCT -> wrong(e, "a row is written as {\"column\": value}, with nothing before its brace");
            case COMPREHENSION, NOT_SET -> wrong(e, "this is no value of a design");
        };
    }

    private Optional<Term<E>> constant(CelExpr e) {
        CelConstant constant = e.constant();
        return switch (constant.getKind()) {
            case BOOLEAN_VALUE -> Optional.of(new Term.Constant<>(Value.of(constant.booleanValue()), Type.YESNO));
            case INT64_VALUE -> Optional.of(new Term.Constant<>(new Value.Whole(constant.int64Value()), Type.WHOLE));
            case DOUBLE_VALUE ->
                Double.isFinite(constant.doubleValue())
                        ? Optional.of(new Term.Constant<>(new Value.Number(constant.doubleValue()), Type.NUMBER))
                        : wrong(e, "the number is too large");
            case STRING_VALUE -> Optional.of(new Term.Constant<>(Value.of(constant.stringValue()), Type.TEXT));
            case NULL_VALUE -> wrong(e, "null is no value of a design");
            default -> wrong(e, "this is no value of a design");
        };
    }

    /** A chain of selections: the longest beginning that the scope knows is the name, the rest are columns. */
    private Optional<Term<E>> name(CelExpr e) {
        var words = new ArrayDeque<String>();
        CelExpr at = e;
        while (at.getKind() == CelExpr.ExprKind.Kind.SELECT && !at.select().testOnly()) {
            words.addFirst(at.select().field());
            at = at.select().operand();
        }
        if (at.getKind() != CelExpr.ExprKind.Kind.IDENT) {
            Optional<Term<E>> row = check(at);
            return row.flatMap(r -> columns(r, List.copyOf(words), e));
        }
        words.addFirst(at.ident().name());
        List<String> all = List.copyOf(words);
        Type local = locals.get(all.getFirst());
        if (local != null) {
            return columns(new Term.Local<>(all.getFirst(), local), all.subList(1, all.size()), e);
        }
        for (int n = all.size(); n > 0; n--) {
            String dotted = String.join(".", all.subList(0, n));
            Optional<Scope.Binding<E>> found = scope.find(dotted);
            if (found.isPresent()) {
                Type type = Types.plain(found.get().type());
                return columns(new Term.Name<>(dotted, found.get(), type), all.subList(n, all.size()), e);
            }
        }
        String dotted = String.join(".", all);
        problems.add(problem(at.id(), Problems.unknown(dotted, scope), dotted.length(), Problems.meant(dotted, scope)));
        return Optional.empty();
    }

    private Optional<Term<E>> columns(Term<E> from, List<String> names, CelExpr e) {
        Term<E> term = from;
        for (String name : names) {
            Optional<Type> type = term.type() instanceof Type.RowOf row ? Types.column(row, name) : Optional.empty();
            if (type.isEmpty()) {
                return wrong(e, noColumn(term.type(), name));
            }
            term = new Term.Column<>(term, name, type.get());
        }
        return Optional.of(term);
    }

    private static String noColumn(Type type, String name) {
        return type instanceof Type.RowOf row
                ? "the row has no column “" + name + "”; it has "
                        + String.join(
                                ", ",
                                row.columns().stream().map(Type.Column::name).toList())
                : "“" + name + "” means nothing of a " + type;
    }

    private Optional<Term<E>> items(CelExpr e) {
        var items = new ArrayList<Term<E>>();
        Type of = new Type.Unknown();
        boolean whole = true;
        for (CelExpr element : e.list().elements()) {
            Optional<Term<E>> item = check(element);
            whole &= item.isPresent();
            if (item.isPresent()) {
                Optional<Type> joined = Types.join(of, item.get().type());
                if (joined.isEmpty()) {
                    return wrong(
                            element,
                            "a list holds values of one type; a " + item.get().type() + " stands here beside a " + of);
                }
                of = joined.get();
                items.add(item.get());
            }
        }
        return whole ? Optional.of(new Term.Items<>(items, new Type.ListOf(of))) : Optional.empty();
    }

    private Optional<Term<E>> row(CelExpr e) {
        var columns = new LinkedHashMap<String, Term<E>>();
        boolean whole = true;
        for (CelExpr.CelMap.Entry entry : e.map().entries()) {
            Optional<Term<E>> name = check(entry.key());
            Optional<Term<E>> value = check(entry.value());
            whole &= name.isPresent() && value.isPresent();
            if (name.isEmpty() || value.isEmpty()) {
                continue;
            }
            if (!(name.get() instanceof Term.Constant<E>(Value.Text(String column), Type t)) || column.isBlank()) {
                return wrong(entry.key(), "a row is written with the names of its columns in quotes: {\"name\": …}");
            }
            if (columns.put(column, value.get()) != null) {
                return wrong(entry.key(), "the row has two values for “" + column + "”");
            }
        }
        if (whole && columns.isEmpty()) {
            return wrong(e, "a row has at least one column: {\"name\": …}");
        }
        return whole ? Optional.of(row(columns)) : Optional.empty();
    }

    private static <E extends Surroundings> Term<E> row(Map<String, Term<E>> columns) {
        var types = new ArrayList<Type.Column>();
        columns.forEach((name, value) -> types.add(new Type.Column(name, value.type())));
        return new Term.Row<>(List.copyOf(columns.keySet()), List.copyOf(columns.values()), new Type.RowOf(types));
    }

    // Calls

    private Optional<Term<E>> call(CelExpr e) {
        CelExpr.CelCall call = e.call();
        Optional<Term.Each.How> each = each(call);
        return switch (call.function()) {
            case "isOpen" -> isOpen(e);
            case "_&&_", "_||_" -> decides(e);
            case "_?_:_" -> choice(e);
            default -> each.isPresent() ? each(e, each.get()) : strict(e);
        };
    }

    private Optional<Term<E>> isOpen(CelExpr e) {
        List<CelExpr> arguments = e.call().args();
        if (arguments.size() != 1 || arguments.getFirst().getKind() != CelExpr.ExprKind.Kind.IDENT) {
            return wrong(e, "isOpen takes the name of a window: isOpen(plan)");
        }
        String name = arguments.getFirst().ident().name();
        return scope.isOpen(name)
                .<Term<E>>map(binding -> new Term.IsOpen<>(name, binding))
                .or(() -> {
                    problems.add(problem(
                            arguments.getFirst().id(),
                            "“" + name + "” is no window of which there is one only",
                            name.length()));
                    return Optional.empty();
                });
    }

    private Optional<Term<E>> decides(CelExpr e) {
        List<CelExpr> sides = e.call().args();
        Optional<Term<E>> left = yesNo(sides.get(0));
        Optional<Term<E>> right = yesNo(sides.get(1));
        boolean on = e.call().function().equals("_||_");
        return left.flatMap(l -> right.map(r -> new Term.Decides<>(on, l, r)));
    }

    private Optional<Term<E>> yesNo(CelExpr e) {
        return check(e).flatMap(t -> t.type().equals(Type.YESNO) ? Optional.of(t) : noYesNo(e, t));
    }

    /** A name that stands where a yes or no is wanted was probably to be asked for its value. */
    private Optional<Term<E>> noYesNo(CelExpr e, Term<E> term) {
        String message = "a yes or no is wanted here, and this is a " + term.type();
        Optional<String> asked = term instanceof Term.Name<E> name
                ? Proposed.converted(name.dotted(), term.type(), Type.YESNO)
                : Optional.empty();
        return asked.isPresent() ? wrong(e, message, ((Term.Name<E>) term).dotted(), asked) : wrong(e, message);
    }

    private Optional<Term<E>> choice(CelExpr e) {
        List<CelExpr> three = e.call().args();
        Optional<Term<E>> condition = yesNo(three.get(0));
        Optional<Term<E>> yes = check(three.get(1));
        Optional<Term<E>> no = check(three.get(2));
        if (condition.isEmpty() || yes.isEmpty() || no.isEmpty()) {
            return Optional.empty();
        }
        Optional<Type> type = Types.join(yes.get().type(), no.get().type());
        return type.isPresent()
                ? Optional.of(new Term.Choice<>(condition.get(), yes.get(), no.get(), type.get()))
                : wrong(
                        three.get(2),
                        "both sides of a choice are of one type; they are a "
                                + yes.get().type() + " and a " + no.get().type());
    }

    private Optional<Term<E>> strict(CelExpr e) {
        CelExpr.CelCall call = e.call();
        var arguments = new ArrayList<Term<E>>();
        boolean whole = true;
        for (CelExpr argument : arguments(call)) {
            Optional<Term<E>> term = check(argument);
            whole &= term.isPresent();
            term.ifPresent(arguments::add);
        }
        Optional<Function> function = Function.named(call.function());
        if (function.isEmpty()) {
            return noFunction(e);
        }
        Optional<String> form = Problems.wrongForm(function.get(), call.target().isPresent());
        if (form.isPresent()) {
            return wrong(e, form.get());
        }
        return whole ? called(e, function.get(), arguments) : Optional.empty();
    }

    private static List<CelExpr> arguments(CelExpr.CelCall call) {
        var all = new ArrayList<CelExpr>();
        call.target().ifPresent(all::add);
        all.addAll(call.args());
        return all;
    }

    private Optional<Term<E>> called(CelExpr e, Function function, List<Term<E>> arguments) {
        Optional<Term<E>> column = column(function, arguments);
        if (column.isPresent()) {
            return column;
        }
        List<Type> types = arguments.stream().map(Term::type).toList();
        Optional<Type> gives = function.gives(types);
        if (gives.isEmpty()) {
            return takesNoSuch(e, function, arguments, types);
        }
        Optional<String> pattern = Problems.wrongPattern(function, arguments);
        return pattern.isPresent()
                ? wrong(e.call().args().getLast(), pattern.get())
                : Optional.of(new Term.Call<>(function, arguments, gives.get()));
    }

    /** {@code row["column"]} is {@code row.column}. */
    private static <E extends Surroundings> Optional<Term<E>> column(Function function, List<Term<E>> arguments) {
        return function == Function.INDEX
                        && arguments.get(0).type() instanceof Type.RowOf row
                        && arguments.get(1) instanceof Term.Constant<E>(Value.Text(String name), Type t)
                ? Types.column(row, name).map(type -> new Term.Column<>(arguments.get(0), name, type))
                : Optional.empty();
    }

    // What is done with each item

    private static Optional<Term.Each.How> each(CelExpr.CelCall call) {
        if (call.target().isEmpty()) {
            return Optional.empty();
        }
        for (Term.Each.How how : Term.Each.How.values()) {
            if (how.word().equals(call.function())) {
                return Optional.of(how);
            }
        }
        return Optional.empty();
    }

    private Optional<Term<E>> each(CelExpr e, Term.Each.How how) {
        CelExpr.CelCall call = e.call();
        List<CelExpr> arguments = call.args();
        int most = how == Term.Each.How.MAP ? 3 : 2;
        if (arguments.size() < 2
                || arguments.size() > most
                || arguments.getFirst().getKind() != CelExpr.ExprKind.Kind.IDENT) {
            return wrong(
                    e,
                    how.word() + " takes a name for the item and what is asked of it: list." + how.word()
                            + "(item, …)");
        }
        Optional<Term<E>> range = check(call.target().orElseThrow());
        if (range.isEmpty()) {
            return Optional.empty();
        }
        if (!(range.get().type() instanceof Type.ListOf(Type of))) {
            return wrong(
                    e,
                    how.word() + " goes through a list, and this is a "
                            + range.get().type());
        }
        String variable = arguments.getFirst().ident().name();
        Type before = locals.put(variable, of);
        Optional<List<Term<E>>> bodies = bodies(how, arguments.subList(1, arguments.size()));
        if (before == null) {
            locals.remove(variable);
        } else {
            locals.put(variable, before);
        }
        return bodies.map(b -> new Term.Each<>(how, range.get(), variable, b, gives(how, range.get(), b)));
    }

    private Optional<List<Term<E>>> bodies(Term.Each.How how, List<CelExpr> sources) {
        var bodies = new ArrayList<Term<E>>();
        for (int i = 0; i < sources.size(); i++) {
            CelExpr source = sources.get(i);
            boolean last = i == sources.size() - 1;
            Optional<Term<E>> body =
                    switch (how) {
                        case ALL, EXISTS, EXISTS_ONE, FILTER -> yesNo(source);
                        case MAP -> last ? check(source) : yesNo(source);
                        case SORT_BY -> ordered(source);
                    };
            body.ifPresent(bodies::add);
        }
        return bodies.size() == sources.size() ? Optional.of(bodies) : Optional.empty();
    }

    /** What a list is sorted by: of two such values one comes first. */
    private Optional<Term<E>> ordered(CelExpr e) {
        Optional<Term<E>> key = check(e);
        return key.filter(k -> !Function.isOrdered(k.type())).isPresent()
                ? wrong(
                        e,
                        "a list is sorted by a text, a number, a date, or a yes or no, and this is a "
                                + key.get().type())
                : key;
    }

    private static <E extends Surroundings> Type gives(Term.Each.How how, Term<E> range, List<Term<E>> bodies) {
        return switch (how) {
            case ALL, EXISTS, EXISTS_ONE -> Type.YESNO;
            case FILTER, SORT_BY -> range.type();
            case MAP -> new Type.ListOf(bodies.getLast().type());
        };
    }

    // Problems

    /** A function is written where its call is, behind what it is asked of. */
    private Optional<Term<E>> noFunction(CelExpr e) {
        String name = e.call().function();
        String message = Problems.noFunction(name);
        Optional<String> meant = Problems.meantFunction(name);
        int at = source.indexOf(name + "(");
        boolean isOne = at >= 0 && source.indexOf(name + "(", at + 1) < 0;
        if (meant.isEmpty() || !isOne) {
            return wrong(e, message);
        }
        problems.add(new Problem(message, at, at + name.length(), meant));
        return Optional.empty();
    }

    /** A text and something else are joined by showing that; told of what is shown, where it is a name. */
    private Optional<Term<E>> takesNoSuch(CelExpr e, Function function, List<Term<E>> arguments, List<Type> types) {
        String message = Problems.takesNoSuch(function, types);
        if (function == Function.ADD && types.contains(Type.TEXT)) {
            int other = types.indexOf(Type.TEXT) == 0 ? 1 : 0;
            if (arguments.get(other) instanceof Term.Name<E> name) {
                Optional<String> shown = Proposed.converted(name.dotted(), name.type(), Type.TEXT);
                return wrong(e.call().args().get(other), message, name.dotted(), shown);
            }
        }
        return wrong(e, message);
    }

    private <T> Optional<T> wrong(CelExpr e, String message, String name, Optional<String> instead) {
        problems.add(problem(beginning(e).id(), message, name.length(), instead));
        return Optional.empty();
    }

    private <T> Optional<T> wrong(CelExpr e, String message) {
        problems.add(problem(beginning(e).id(), message, source.length()));
        return Optional.empty();
    }

    /** Where a name begins; the place of a selection is its last point. */
    private static CelExpr beginning(CelExpr e) {
        CelExpr at = e;
        while (at.getKind() == CelExpr.ExprKind.Kind.SELECT) {
            at = at.select().operand();
        }
        return at;
    }

    private Problem problem(long id, String message, int length) {
        return problem(id, message, length, Optional.empty());
    }

    private Problem problem(long id, String message, int length, Optional<String> instead) {
        int codePoints = parsed.getSource().getPositionsMap().getOrDefault(id, 0);
        int from = source.offsetByCodePoints(0, Math.clamp(codePoints, 0, source.codePointCount(0, source.length())));
        return new Problem(message, from, Math.min(source.length(), from + Math.max(1, length)), instead);
    }
}
