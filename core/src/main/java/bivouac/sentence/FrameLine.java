package bivouac.sentence;

import bivouac.design.FacedWindow;
import bivouac.design.WindowFrame;
import java.util.ArrayList;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What a window's frame is told as one typed line, and back. */
public final class FrameLine {

    private FrameLine() {}

    /** {@code least 320 x 200, stays on top, not maximised, icon hut.png, opens where it was last}. */
    public static String write(FacedWindow window) {
        WindowFrame f = window.frame();
        WindowFrame usual = WindowFrame.usual(window.of());
        var all = new ArrayList<String>();
        if (!window.size().equals(FacedWindow.Size.BY_CONTENTS)) {
            all.add(window.size().width() + " x " + window.size().height());
        }
        if (!f.least().equals(FacedWindow.Size.BY_CONTENTS)) {
            all.add("least " + f.least().width() + " x " + f.least().height());
        }
        if (f.onTop()) {
            all.add("stays on top");
        }
        if (f.minimises() != usual.minimises()) {
            all.add(f.minimises() ? "minimised" : "not minimised");
        }
        if (f.maximises() != usual.maximises()) {
            all.add(f.maximises() ? "maximised" : "not maximised");
        }
        if (!f.icon().isEmpty()) {
            all.add("icon " + f.icon());
        }
        if (f.place() != usual.place()) {
            all.add("opens " + f.place().words());
        }
        if (window.mayFail()) {
            all.add("may fail to open");
        }
        return String.join(", ", all);
    }

    private static final Pattern SIZE = Pattern.compile("(?:least )?([0-9]{1,4}) ?[x×] ?([0-9]{1,4})");

    /** Reads what is said of a frame; what is not said is as usual. */
    public static FacedWindow read(String line, FacedWindow before) throws Declarations.Wrong {
        WindowFrame f = WindowFrame.usual(before.of());
        FacedWindow.Size size = FacedWindow.Size.BY_CONTENTS;
        boolean fails = false;
        for (String one : line.split(",")) {
            String w = one.strip();
            Matcher m = SIZE.matcher(w);
            if (m.matches()) {
                var read = new FacedWindow.Size(Integer.parseInt(m.group(1)), Integer.parseInt(m.group(2)));
                if (w.startsWith("least")) {
                    f = new WindowFrame(read, f.minimises(), f.maximises(), f.onTop(), f.icon(), f.place());
                } else {
                    size = read;
                }
            } else if (w.equals("may fail to open")) {
                fails = true;
            } else if (!w.isEmpty()) {
                f = frameWord(w, f);
            }
        }
        return before.framed(f).sized(size, before.resizable()).failing(fails);
    }

    private static WindowFrame frameWord(String w, WindowFrame f) throws Declarations.Wrong {
        if (w.equals("stays on top")) {
            return new WindowFrame(f.least(), f.minimises(), f.maximises(), true, f.icon(), f.place());
        }
        if (w.endsWith("minimised")) {
            return new WindowFrame(f.least(), w.equals("minimised"), f.maximises(), f.onTop(), f.icon(), f.place());
        }
        if (w.endsWith("maximised")) {
            return new WindowFrame(f.least(), f.minimises(), w.equals("maximised"), f.onTop(), f.icon(), f.place());
        }
        if (w.startsWith("icon ")) {
            return new WindowFrame(
                    f.least(),
                    f.minimises(),
                    f.maximises(),
                    f.onTop(),
                    w.substring(5).strip(),
                    f.place());
        }
        Optional<WindowFrame.Place> place =
                w.startsWith("opens ") ? WindowFrame.Place.of(w.substring(6).strip()) : Optional.empty();
        if (place.isEmpty()) {
            throw new Declarations.Wrong(
                    "“" + w + "” says nothing of a frame; write for example 480 x 320, least 320 x 200, "
                            + "stays on top, not maximised, icon hut.png, opens over its owner, may fail to open.");
        }
        return new WindowFrame(f.least(), f.minimises(), f.maximises(), f.onTop(), f.icon(), place.get());
    }
}
