package bivouac.sentence;

import bivouac.design.Design;
import bivouac.design.Expression;
import bivouac.design.Target;
import java.util.ArrayList;
import java.util.List;

/** Reads which open window a typed step means (R2). */
final class TargetTyping {

    /** The window whose script it is, where it has to be said. */
    static final String ME = "this window";

    private final List<String> windows;
    private final List<String> ends;

    /** @param ends the words behind it, with a blank on either side */
    TargetTyping(Design design, String... ends) {
        this.windows = design.windows().stream().map(w -> w.name().shown()).toList();
        this.ends = List.of(ends);
    }

    Target read(Words words) {
        boolean named = words.goesOnWith(windows);
        if (!named && words.take(ME)) {
            return new Target.Me();
        }
        if (!named && words.take("owner")) {
            return new Target.Owner();
        }
        if (!named && words.take("opener")) {
            return new Target.Opener();
        }
        if (!named && words.take("kept")) {
            return new Target.Kept(words.word());
        }
        boolean every = !named && words.take("every");
        var behind = new ArrayList<>(ends);
        behind.addFirst(" for ");
        String window = words.longestOf(windows, behind);
        if (every) {
            return new Target.Every(window);
        }
        return words.take("for")
                ? new Target.Keyed(window, new Expression(words.longestOf(List.of(), ends)))
                : new Target.Single(window);
    }
}
