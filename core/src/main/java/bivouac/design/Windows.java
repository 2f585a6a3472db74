package bivouac.design;

import java.util.AbstractList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.RandomAccess;

/** The windows of a design, which never change, found by their shown names at once however many there are. */
final class Windows extends AbstractList<Window> implements RandomAccess {

    private final List<Window> all;
    /** Made when first asked for; making it twice in two threads does no harm. */
    private volatile Map<String, Window> byName;

    private Windows(List<Window> all) {
        this.all = all;
    }

    static Windows of(List<Window> windows) {
        return windows instanceof Windows same ? same : new Windows(List.copyOf(windows));
    }

    /** The first window of a name. */
    Optional<Window> find(String shownName) {
        Map<String, Window> index = byName;
        if (index == null) {
            index = new HashMap<>();
            for (Window window : all) {
                index.putIfAbsent(window.name().shown(), window);
            }
            byName = index;
        }
        return Optional.ofNullable(index.get(shownName));
    }

    @Override
    public Window get(int index) {
        return all.get(index);
    }

    @Override
    public int size() {
        return all.size();
    }
}
