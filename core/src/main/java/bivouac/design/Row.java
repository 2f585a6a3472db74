package bivouac.design;

import java.util.ArrayList;
import java.util.List;

/**
 * Parts that stand side by side. Where they stand follows from the order of rows and parts, not from pixels.
 *
 * @param group the title of the frame that it stands in, with the rows beside it that name the same; empty for none
 */
public record Row(List<Part> parts, String group) {
    public Row {
        parts = List.copyOf(parts);
    }

    public static Row of(Part... parts) {
        return new Row(List.of(parts), "");
    }

    /** With other parts, in the same group. */
    public Row with(List<Part> others) {
        return new Row(others, group);
    }

    /** In another group. */
    public Row in(String other) {
        return new Row(parts, other);
    }

    /** Rows in runs of one group each, in order; rows without a group are runs of their own. */
    public static List<List<Row>> runs(List<Row> rows) {
        var runs = new ArrayList<List<Row>>();
        for (Row row : rows) {
            boolean goesOn = !row.group.isEmpty()
                    && !runs.isEmpty()
                    && runs.getLast().getLast().group.equals(row.group);
            if (!goesOn) {
                runs.add(new ArrayList<>());
            }
            runs.getLast().add(row);
        }
        return runs.stream().map(List::copyOf).toList();
    }
}
