package bivouac.expression;

import dev.cel.common.CelAbstractSyntaxTree;
import dev.cel.common.ast.CelExpr;
import dev.cel.common.types.CelType;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The names that an expression uses, looked up in its scope. Walks with its own stack, since expressions of hostile
 * files may be nested as deep as the parser lets them.
 */
record NamesUsed<E>(
        Map<String, CelType> declared, Map<String, Scope.Reader<E>> readers, List<Problem> problems, boolean mayFault) {

    static <E> NamesUsed<E> in(CelAbstractSyntaxTree parsed, String source, Scope<E> scope) {
        var walk = new Walk<>(parsed, source, scope);
        walk.run();
        return new NamesUsed<>(
                Map.copyOf(walk.declared), walk.readers, Expressions.sorted(walk.problems), walk.mayFault);
    }

    private static final class Walk<E> {
        private final CelAbstractSyntaxTree parsed;
        private final String source;
        private final Scope<E> scope;
        private final Map<String, CelType> declared = new LinkedHashMap<>();
        private final Map<String, Scope.Reader<E>> readers = new LinkedHashMap<>();
        private final List<Problem> problems = new ArrayList<>();
        private boolean mayFault;

        private record At(CelExpr expr, Set<String> locals) {}

        private final Deque<At> open = new ArrayDeque<>();

        Walk(CelAbstractSyntaxTree parsed, String source, Scope<E> scope) {
            this.parsed = parsed;
            this.source = source;
            this.scope = scope;
        }

        void run() {
            open.push(new At(parsed.getExpr(), Set.of()));
            while (!open.isEmpty()) {
                At at = open.pop();
                visit(at.expr(), at.locals());
            }
        }

        private void visit(CelExpr e, Set<String> locals) {
            switch (e.getKind()) {
                case IDENT, SELECT -> name(e, locals);
                case CALL -> call(e, locals);
                case LIST -> e.list().elements().forEach(i -> open.push(new At(i, locals)));
                case COMPREHENSION -> {
                    var c = e.comprehension();
                    var inner = new HashSet<>(locals);
                    inner.add(c.iterVar());
                    inner.add(c.accuVar());
                    open.push(new At(c.iterRange(), locals));
                    open.push(new At(c.accuInit(), locals));
                    open.push(new At(c.loopCondition(), inner));
                    open.push(new At(c.loopStep(), inner));
                    open.push(new At(c.result(), inner));
                }
                case CONSTANT, NOT_SET -> {
                    // holds no name
                }
                case STRUCT, MAP -> problems.add(problem(e.id(), "a map in braces is no value of a design", 1));
            }
        }

        private void call(CelExpr e, Set<String> locals) {
            var call = e.call();
            if (call.function().equals("isOpen")
                    && call.args().size() == 1
                    && call.args().get(0).getKind() == CelExpr.ExprKind.Kind.IDENT) {
                window(call.args().get(0));
                return;
            }
            call.target().ifPresent(t -> open.push(new At(t, locals)));
            call.args().forEach(a -> open.push(new At(a, locals)));
        }

        private void window(CelExpr e) {
            String name = e.ident().name();
            Optional<Scope.Reader<E>> reader = scope.isOpen(name);
            if (reader.isEmpty()) {
                problems.add(problem(e.id(), "“" + name + "” is no window of which there is one only", name.length()));
                return;
            }
            declared.put(name, CelTypes.WINDOW);
            readers.put(name, reader.get());
        }

        /** A chain of selections: the longest beginning that the scope knows is the name, the rest are columns. */
        private void name(CelExpr e, Set<String> locals) {
            var words = new ArrayDeque<String>();
            CelExpr at = e;
            while (at.getKind() == CelExpr.ExprKind.Kind.SELECT) {
                words.addFirst(at.select().field());
                at = at.select().operand();
            }
            if (at.getKind() != CelExpr.ExprKind.Kind.IDENT) {
                open.push(new At(at, locals));
                return;
            }
            words.addFirst(at.ident().name());
            if (locals.contains(words.getFirst())) {
                return;
            }
            var whole = List.copyOf(words);
            for (int n = whole.size(); n > 0; n--) {
                String dotted = String.join(".", whole.subList(0, n));
                var found = scope.find(dotted);
                if (found.isPresent()) {
                    declared.put(dotted, CelTypes.toCel(found.get().type()));
                    readers.put(dotted, found.get().reader());
                    mayFault |= found.get().mayFault();
                    return;
                }
            }
            String dotted = String.join(".", whole);
            problems.add(problem(at.id(), Problems.unknown(dotted, scope), dotted.length()));
        }

        private Problem problem(long id, String message, int length) {
            int codePoints = parsed.getSource().getPositionsMap().getOrDefault(id, 0);
            int from =
                    source.offsetByCodePoints(0, Math.clamp(codePoints, 0, source.codePointCount(0, source.length())));
            return new Problem(message, from, Math.min(source.length(), from + Math.max(1, length)));
        }
    }
}
