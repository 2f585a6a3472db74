package bivouac.desktop.overview;

import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Manner;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** Designs of many windows. */
public final class ManyWindows {

    private ManyWindows() {}

    /** A desk that opens {@code many} windows, each of which opens {@code each}. */
    public static Design of(int many, int each) {
        Design design = Design.startingWith("Desk");
        String desk = design.windows().getFirst().name().shown();
        design = opening(
                design,
                desk,
                IntStream.range(0, many).mapToObj(i -> "Card " + i).toList());
        for (int i = 0; i < many; i++) {
            int card = i;
            design = opening(
                    design,
                    "Card " + i,
                    IntStream.range(0, each)
                            .mapToObj(k -> "Note " + card + " " + k)
                            .toList());
        }
        return design;
    }

    private static Design opening(Design design, String from, List<String> names) {
        for (String name : names) {
            design = design.adding(FacedWindow.of(FacedWindow.Kind.CHILD, name));
            ScriptPlace opened = new ScriptPlace.AtMoment(from, FacedWindow.Moment.OPENED);
            var steps = new ArrayList<>(opened.in(design).steps());
            steps.add(Step.Open.of(name, new Manner.Alongside()));
            design = opened.put(design, new Script(steps));
        }
        return design;
    }
}
