package bivouac.desktop.window;

import bivouac.desktop.widget.TextBlock;
import bivouac.desktop.work.Work;
import bivouac.sentence.Declarations;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;

/** A field that holds things of one kind, one a line: holdings, tasks, paths. */
final class LineBlock {

    private LineBlock() {}

    /** Reads one thing from its line. */
    interface Reader<T> {
        T read(String line) throws Declarations.Wrong;
    }

    /** @param take told of all of them; of none if one line is wrong, which is said then */
    static <T> TextBlock of(
            Work work, String id, String accessible, List<String> now, Reader<T> reader, Consumer<List<T>> take) {
        return new TextBlock(id, accessible, String.join("\n", now), typed -> {
            try {
                var all = new ArrayList<T>();
                for (String line : typed.lines().toList()) {
                    if (!line.isBlank()) {
                        all.add(reader.read(line.strip()));
                    }
                }
                take.accept(all);
                return "";
            } catch (Declarations.Wrong e) {
                work.say(e.getMessage());
                return e.getMessage();
            }
        });
    }
}
