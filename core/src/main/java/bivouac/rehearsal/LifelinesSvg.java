package bivouac.rehearsal;

import bivouac.design.Design;
import bivouac.drawing.Ink;
import bivouac.drawing.Svg;
import java.util.List;

/** Lifelines as a drawing that documents can hold; light, whatever the look of the tool. */
public final class LifelinesSvg {

    /** As wide as a page shows it without scrolling. */
    private static final double PAGE = 1200;

    private static final String BLOCKED = "blocked";

    private LifelinesSvg() {}

    /** The drawing of a trail of a design. */
    public static String of(Design design, Lifelines lines, List<Moment> trail) {
        LifelinesPlan plan = LifelinesPlan.of(lines, PAGE);
        LifelinesDrawing drawing = LifelinesDrawing.of(design, plan, trail);
        return Svg.of(plan.width(), plan.height(), svg -> {
            svg.hatch(BLOCKED, Ink.EMBER);
            svg.rect(0, 0, plan.width(), plan.height(), Ink.PAPER, Ink.NONE, 0);
            drawing.blocks().forEach(b -> block(svg, b));
            drawing.words().forEach(w -> words(svg, w));
        });
    }

    private static void block(Svg svg, LifelinesDrawing.Block block) {
        switch (block.kind()) {
            case TIE -> rect(svg, block, Ink.EMBER, Ink.NONE, 0);
            case BAR -> rect(svg, block, Ink.RAISED, Ink.LINE, 3);
            case WAITED -> rect(svg, block, Ink.RAISED, Ink.EMBER, 3);
            case BLOCKED -> svg.hatched(block.x(), block.y(), block.width(), block.height(), BLOCKED, 3);
            case TASK, HOLDING -> rect(svg, block, Ink.INK, Ink.NONE, 0);
            case RING -> rect(svg, block, Ink.RAISED, Ink.INK, 4);
        }
    }

    private static void rect(Svg svg, LifelinesDrawing.Block block, Ink fill, Ink stroke, int corner) {
        svg.rect(block.x(), block.y(), block.width(), block.height(), fill, stroke, corner);
    }

    private static void words(Svg svg, LifelinesDrawing.Words words) {
        Ink fill =
                switch (words.saying()) {
                    case NAME, TASK, HOLDING -> Ink.INK;
                    case EVENT, ENDING -> Ink.QUIET;
                    case HANDED, GIVES -> Ink.LAKE;
                };
        svg.words(words.x(), words.y(), words.text(), words.whole(), words.most(), fill, false);
    }
}
