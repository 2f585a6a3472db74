package bivouac.design;

import java.util.ArrayList;
import java.util.List;

/** A menu of a window's menu bar. */
public record Menu(String text, List<Part.MenuCommand> commands) {
    public Menu {
        commands = List.copyOf(commands);
    }

    /** With more commands behind those that it has. */
    public Menu and(List<Part.MenuCommand> more) {
        var all = new ArrayList<>(commands);
        all.addAll(more);
        return new Menu(text, all);
    }
}
