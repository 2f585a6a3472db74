package frame;

import desk.EachRow;
import desk.Fault;
import java.util.List;
import java.util.function.Supplier;
import javax.swing.JPanel;

/**
 * One of a few texts, or none (P4); or of those of a list that it follows (P5). It is drawn as a drop-down list, as radio
 * buttons, or as pages, of which one is always chosen (P8).
 */
public final class Choice extends Part {

    private final Items box;
    private Supplier<List<String>> items;
    private String kept;
    private boolean setting;

    public Choice(Face window, String name, List<String> items, String first) {
        this(window, name, items, first, new DropDown());
    }

    public static Choice radioButtons(Face window, String name, List<String> items, String first) {
        return new Choice(window, name, items, first, new RadioButtons());
    }

    public static Choice pages(Face window, String name, List<String> items, String first) {
        return new Choice(window, name, items, first, new Pages());
    }

    private Choice(Face window, String name, List<String> items, String first, Items box) {
        super(window, name, box.component());
        this.box = box;
        this.items = () -> items;
        this.kept = first;
        refresh();
        box.whenChosen(now -> {
            if (!setting && !now.equals(content())) {
                kept = now;
                happens();
            }
        });
    }

    /** Its items are those of a list, as it stands; what was chosen and is none of them any more counts as none. */
    public void follows(Supplier<List<String>> list) {
        items = () -> {
            List<String> all = list.get();
            return all.subList(0, Math.min(EachRow.MOST, all.size()));
        };
    }

    /** Shows what can be chosen now, and what is. */
    public void refresh() {
        setting = true;
        List<String> all = items.get();
        box.show(all, among(all));
        setting = false;
    }

    private String among(List<String> all) {
        return all.contains(kept) ? kept : box instanceof Pages && !all.isEmpty() ? all.get(0) : "";
    }

    /** What is chosen; fault X3 where nothing is. */
    public String chosen() {
        if (!anyChosen()) {
            throw new Fault("X3", "nothing is chosen");
        }
        return content();
    }

    public boolean anyChosen() {
        return !content().isEmpty();
    }

    public void choose(String item) {
        if (!item.isEmpty() && !items.get().contains(item)) {
            throw new Fault("X3", "“" + item + "” is no item");
        }
        kept = item;
        refresh();
    }

    /** Where what stands on one of its pages is laid out. */
    JPanel page(String item) {
        return ((Pages) box).page(item);
    }

    /** As a person does. */
    public void press(String item) {
        box.press(item);
    }

    @Override
    boolean isTall() {
        return box instanceof Pages pages && pages.isTall();
    }

    @Override
    boolean isWide() {
        return super.isWide() || box instanceof Pages;
    }

    @Override
    protected void apply() {
        box.usable(usable());
    }

    @Override
    public String content() {
        return among(items.get());
    }
}
