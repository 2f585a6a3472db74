package bivouac.design;

import java.util.List;

/** A menu of a window's menu bar. */
public record Menu(String text, List<Part.MenuCommand> commands) {
    public Menu {
        commands = List.copyOf(commands);
    }
}
