package bivouac.design;

import java.util.List;

/** Parts that stand side by side. Where they stand follows from the order of rows and parts, not from pixels. */
public record Row(List<Part> parts) {
    public Row {
        parts = List.copyOf(parts);
    }

    public static Row of(Part... parts) {
        return new Row(List.of(parts));
    }
}
