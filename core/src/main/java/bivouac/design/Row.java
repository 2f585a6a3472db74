package bivouac.design;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Parts that stand side by side. Where they stand follows from the order of rows and parts, not from pixels.
 *
 * @param group the title of the frame that it stands in, with the rows beside it that name the same; empty for none
 * @param page the page that it stands on; empty where it stands in the window itself (P8)
 */
public record Row(List<Part> parts, String group, Optional<Page> page) {

    /**
     * A page of a window.
     *
     * @param pages the choice that is drawn as pages, by its expression name
     * @param item which of them
     */
    public record Page(String pages, String item) {}

    public Row {
        parts = List.copyOf(parts);
    }

    /** One that stands in the window itself. */
    public Row(List<Part> parts, String group) {
        this(parts, group, Optional.empty());
    }

    public static Row of(Part... parts) {
        return new Row(List.of(parts), "");
    }

    /** With other parts, in the same place. */
    public Row with(List<Part> others) {
        return new Row(others, group, page);
    }

    /** In another group. */
    public Row in(String other) {
        return new Row(parts, other, page);
    }

    /** On another page, or on none. */
    public Row on(Optional<Page> other) {
        return new Row(parts, group, other);
    }

    /** Whether a part stands in it, by its expression name. */
    public boolean holds(String part) {
        return parts.stream().anyMatch(p -> p.name().expression().equals(part));
    }

    /** Whether it is one of buttons, and nothing else. */
    public boolean isButtons() {
        return !parts.isEmpty() && parts.stream().allMatch(Part.Button.class::isInstance);
    }

    /** Whether it is the line at the foot of its window, under everything else (P8). */
    public boolean isStatusLine() {
        return group.isEmpty()
                && page.isEmpty()
                && !parts.isEmpty()
                && parts.stream().allMatch(p -> p instanceof Part.Caption c && c.size() == Part.TextSize.STATUS_LINE);
    }

    /** Rows in runs of one group each, on one page, in order; rows without a group are runs of their own. */
    public static List<List<Row>> runs(List<Row> rows) {
        var runs = new ArrayList<List<Row>>();
        for (Row row : rows) {
            boolean goesOn = !row.group.isEmpty()
                    && !runs.isEmpty()
                    && runs.getLast().getLast().group.equals(row.group)
                    && runs.getLast().getLast().page.equals(row.page);
            if (!goesOn) {
                runs.add(new ArrayList<>());
            }
            runs.getLast().add(row);
        }
        return runs.stream().map(List::copyOf).toList();
    }
}
