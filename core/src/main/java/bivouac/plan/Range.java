package bivouac.plan;

import bivouac.expression.Value;
import java.util.List;

/** What a cell can hold in all that a program can do. */
public sealed interface Range {

    /** 0 or 1, and no value. */
    record Flag() implements Range {}

    /** Always the same number of a slot that holds 0 or 1, since nothing sets it. */
    record FixedFlag(int number) implements Range {}

    /** One of few values. */
    record Few(List<Value> values) implements Range {
        public Few {
            values = List.copyOf(values);
        }
    }

    /** Whatever a person types, a system gives, or an expression makes. */
    record Any() implements Range {}
}
