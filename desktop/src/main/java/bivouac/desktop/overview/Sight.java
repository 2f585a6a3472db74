package bivouac.desktop.overview;

import bivouac.overview.Overview;
import bivouac.overview.OverviewLayout;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/**
 * What of an overview is worth drawing: a design of 500 windows has hundreds of cards, and a person sees a dozen. Says
 * which cards lie in a region and which are tied to one card; knows no node.
 */
final class Sight {

    private Sight() {}

    /** A part of the canvas, in its pixels. */
    record Region(double x, double y, double width, double height) {

        boolean touches(double left, double top, double right, double bottom) {
            return right >= x && left <= x + width && bottom >= y && top <= y + height;
        }

        /** The same with as much around it on every side. */
        Region wider(double by) {
            return new Region(x - by, y - by, width + 2 * by, height + 2 * by);
        }

        boolean holds(Region other) {
            return other.x >= x
                    && other.y >= y
                    && other.x + other.width <= x + width
                    && other.y + other.height <= y + height;
        }
    }

    /** The numbers of the cards that reach into a region, in order. */
    static List<Integer> cards(OverviewLayout layout, Region region) {
        var in = new ArrayList<Integer>();
        for (int i = 0; i < layout.boxes().size(); i++) {
            OverviewLayout.Box b = layout.boxes().get(i);
            if (region.touches(b.x() - OverviewLayout.GUTTER, b.y() - 10, b.x() + b.width(), b.y() + b.height())) {
                in.add(i);
            }
        }
        return in;
    }

    /** The lines that reach into a region, in order. */
    static List<OverviewLayout.Route> routes(OverviewLayout layout, Region region) {
        return layout.routes().stream().filter(r -> reaches(r, region)).toList();
    }

    private static boolean reaches(OverviewLayout.Route route, Region region) {
        double left = Double.MAX_VALUE;
        double top = Double.MAX_VALUE;
        double right = 0;
        double bottom = 0;
        for (OverviewLayout.Corner c : route.corners()) {
            left = Math.min(left, c.x());
            right = Math.max(right, c.x());
            top = Math.min(top, c.y());
            bottom = Math.max(bottom, c.y());
        }
        return region.touches(left, top, right, bottom);
    }

    /** A card with those that open it and those that it opens. */
    static Set<Integer> tiedTo(Overview state, int card) {
        var tied = new TreeSet<Integer>();
        tied.add(card);
        for (Overview.Line line : state.lines()) {
            if (line.from() == card) {
                tied.add(line.to());
            } else if (line.to() == card && line.from() >= 0) {
                tied.add(line.from());
            }
        }
        return tied;
    }
}
