package frame;

import desk.EachRow;
import desk.Fault;
import java.util.List;
import java.util.function.Supplier;

/** What is chosen of a few texts, or of those of a list (P4, P5); of pages one always is (P8). */
final class Chosen {

    private final boolean always;
    private Supplier<List<String>> items;
    private String kept;
    private boolean setting;
    private Runnable person = () -> {};

    Chosen(List<String> items, String first, boolean always) {
        this.items = () -> items;
        this.kept = first;
        this.always = always;
    }

    void follows(Supplier<List<String>> list) {
        items = () -> {
            List<String> all = list.get();
            return all.subList(0, Math.min(EachRow.MOST, all.size()));
        };
    }

    List<String> items() {
        return items.get();
    }

    /** What is chosen; empty for none. */
    String now() {
        List<String> all = items.get();
        return all.contains(kept) ? kept : always && !all.isEmpty() ? all.get(0) : "";
    }

    String chosen() {
        String now = now();
        if (now.isEmpty()) {
            throw new Fault("X3", "nothing is chosen");
        }
        return now;
    }

    void choose(String item) {
        if (!item.isEmpty() && !items.get().contains(item)) {
            throw new Fault("X3", "“" + item + "” is no item");
        }
        kept = item;
    }

    /** While it only shows what is chosen anyway, nobody chooses. */
    void setting(Runnable shows) {
        setting = true;
        shows.run();
        setting = false;
    }

    /** What is done when a person has chosen. */
    void whenByHand(Runnable other) {
        person = other;
    }

    /** The control has another item now. */
    void byHand(String item) {
        if (!setting) {
            kept = item == null ? "" : item;
            person.run();
        }
    }
}
