package bivouac.plan;

import bivouac.design.Ending;
import bivouac.design.Given;
import bivouac.design.Name;
import bivouac.design.Take;
import bivouac.design.Type;
import bivouac.expression.Problem;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The values that a step says, each for its place: a take, a give, a column. */
final class Handing {

    private final Linker linker;
    private final StepRef ref;
    private final Scopes.At scope;
    private final String hasNo;

    /** @param hasNo what is said of a value for a place that is not there, before the name: {@code Form takes no} */
    Handing(Linker linker, StepRef ref, Scopes.At scope, String hasNo) {
        this.linker = linker;
        this.ref = ref;
        this.scope = scope;
        this.hasNo = hasNo;
    }

    /** Where a value can go. */
    record Place(Name name, Type type) {
        Place(Take take) {
            this(take.name(), take.type());
        }

        Place(Ending.Give give) {
            this(give.name(), give.type());
        }

        Place(Type.Column column) {
            this(new Name(column.name(), column.name()), column.type());
        }
    }

    /** The values in the order in which they are said; one for a place that is not there is reported. */
    List<Op.Hand> said(List<Place> places, List<Given> values) {
        List<String> names = places.stream().map(p -> p.name().expression()).toList();
        var hands = new ArrayList<Op.Hand>();
        for (Given value : values) {
            int index = names.lastIndexOf(value.name());
            if (index < 0) {
                noPlace(value);
            } else {
                hands.add(hand(index, places.get(index), value.value()));
            }
        }
        return List.copyOf(hands);
    }

    /** Reports the values for takes that are not there. */
    void strangers(List<Take> takes, List<Given> values) {
        values.stream()
                .filter(v -> takes.stream().noneMatch(t -> t.name().expression().equals(v.name())))
                .forEach(this::noPlace);
    }

    /** The value for one take: what is said, or its default; none if it has none. */
    Optional<Op.Hand> orDefault(int index, Take take, List<Given> values) {
        return values.stream()
                .filter(v -> v.name().equals(take.name().expression()))
                .map(Given::value)
                .findFirst()
                .or(take::byDefault)
                .map(value -> hand(index, new Place(take), value));
    }

    private Op.Hand hand(int index, Place place, bivouac.design.Expression value) {
        return linker.hand(
                index, place, value, ScriptPlanner.spot(ref, place.name().shown()), scope);
    }

    private void noPlace(Given value) {
        linker.report(
                ScriptPlanner.spot(ref, value.name()),
                value.value().source(),
                List.of(new Problem(hasNo + " “" + value.name() + "”", 0, 1)));
    }
}
