package bivouac.design;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/** A menu of a window's menu bar. */
public record Menu(String text, List<Part.MenuCommand> commands) {
    public Menu {
        commands = List.copyOf(commands);
    }

    /**
     * The menus of a bar in which the one of a text, whatever its access key, is another.
     *
     * @param at where it is put if there is none, then empty at first
     */
    public static List<Menu> changing(List<Menu> menus, String text, int at, UnaryOperator<Menu> edit) {
        var all = new ArrayList<>(menus);
        for (int i = 0; i < all.size(); i++) {
            if (AccessKey.without(all.get(i).text()).equals(AccessKey.without(text))) {
                all.set(i, edit.apply(all.get(i)));
                return all;
            }
        }
        all.add(Math.min(at, all.size()), edit.apply(new Menu(text, List.of())));
        return all;
    }

    /** With more commands behind those that it has. */
    public Menu and(List<Part.MenuCommand> more) {
        var all = new ArrayList<>(commands);
        all.addAll(more);
        return new Menu(text, all);
    }
}
