package bivouac.handover.meaning;

import bivouac.design.Type;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** What stands inside expressions. */
public final class Says {

    private Says() {}

    /** The expression and all that stands in it. */
    public static Stream<Say> within(Say say) {
        return Stream.concat(Stream.of(say), parts(say).stream().flatMap(Says::within));
    }

    private static List<Say> parts(Say say) {
        return switch (say) {
            case Say.Call c -> c.arguments();
            case Say.Decides d -> List.of(d.left(), d.right());
            case Say.Choice c -> List.of(c.condition(), c.yes(), c.no());
            case Say.Items i -> i.items();
            case Say.RowOf r -> r.values();
            case Say.Each e ->
                Stream.concat(Stream.of(e.range()), e.bodies().stream()).toList();
            case Say.Column c -> List.of(c.row());
            case Say.Member m -> m.whose() instanceof Say.Whose.Keyed(Say key) ? List.of(key) : List.of();
            case Say.Literal l -> List.of();
            case Say.OfApplication a -> List.of();
            case Say.Today t -> List.of();
            case Say.Traces t -> List.of();
            case Say.Take t -> List.of();
            case Say.Local l -> List.of();
            case Say.OfClosing c -> List.of();
            case Say.TheRow r -> List.of();
            case Say.IsOpen o -> List.of();
            case Say.IsKept k -> List.of();
            case Say.Item i -> List.of();
        };
    }

    /**
     * The expression as a value of a type that its place says: a row or list that is written out has that type, also where an
     * empty list in it does not tell.
     */
    public static Say as(Say say, Type wanted) {
        return switch (say) {
            case Say.RowOf(List<Say> values, Type type)
            when wanted instanceof Type.RowOf row && row.columns().size() == values.size() -> {
                var fitting = new ArrayList<Say>();
                for (int i = 0; i < values.size(); i++) {
                    fitting.add(as(values.get(i), row.columns().get(i).type()));
                }
                yield new Say.RowOf(fitting, wanted);
            }
            case Say.Items(List<Say> items, Type type)
            when wanted instanceof Type.ListOf(Type of) ->
                new Say.Items(items.stream().map(i -> as(i, of)).toList(), wanted);
            case Say.Choice(Say condition, Say yes, Say no, Type type) ->
                new Say.Choice(condition, as(yes, wanted), as(no, wanted), type);
            default -> say;
        };
    }

    /** The locals that an expression reads, by the names that the written program has for them. */
    public static Stream<String> locals(Say say) {
        return within(say).flatMap(s -> local(s).stream());
    }

    private static Optional<String> local(Say say) {
        return switch (say) {
            case Say.Local(String name, var type) -> Optional.of(name);
            case Say.IsKept(Say.Whose whose) -> local(whose);
            case Say.Member m -> local(m.whose());
            default -> Optional.empty();
        };
    }

    /** The local in which a script keeps a window. */
    public static Optional<String> local(Say.Whose whose) {
        return whose instanceof Say.Whose.KeptByScript(String name) ? Optional.of(name) : Optional.empty();
    }

    /** Whether it reads what only the running application has: its values, its windows, its day. */
    public static boolean readsApplication(Say say) {
        return within(say)
                .anyMatch(s -> s instanceof Say.OfApplication
                        || s instanceof Say.Today
                        || s instanceof Say.Traces
                        || s instanceof Say.Member
                        || s instanceof Say.IsOpen
                        || s instanceof Say.IsKept);
    }
}
