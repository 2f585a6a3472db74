package bivouac.reading;

import java.util.ArrayList;
import java.util.List;

/** The rows of a list, each itself and not its number (P2), and which one is selected. */
final class SecondRows {

    /** A row, told from others that look alike. */
    static final class One {
        final String name;

        One(String name) {
            this.name = name;
        }
    }

    private final List<One> rows = new ArrayList<>(List.of(new One("x"), new One("y")));
    private One selected;

    void add(String name) {
        rows.add(new One(name));
    }

    /** @param number from 1; 0 for none */
    void select(int number) {
        selected = number == 0 ? null : rows.get(number - 1);
    }

    boolean isSelected(int number) {
        return rows.get(number - 1) == selected;
    }

    List<String> names() {
        return rows.stream().map(r -> r.name).toList();
    }

    int size() {
        return rows.size();
    }

    /** The one that is selected; null for none. */
    One selected() {
        return selected;
    }

    void remove(One row) {
        rows.remove(row);
        selected = selected == row ? null : selected;
    }

    @Override
    public String toString() {
        return rows.stream().map(r -> r.name).toList() + " " + (rows.indexOf(selected) + 1);
    }
}
