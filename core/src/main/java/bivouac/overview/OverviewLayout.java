package bivouac.overview;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.eclipse.elk.alg.layered.options.LayeredMetaDataProvider;
import org.eclipse.elk.alg.layered.options.LayeredOptions;
import org.eclipse.elk.alg.layered.options.LayeringStrategy;
import org.eclipse.elk.alg.layered.options.NodePlacementStrategy;
import org.eclipse.elk.core.RecursiveGraphLayoutEngine;
import org.eclipse.elk.core.data.LayoutMetaDataService;
import org.eclipse.elk.core.math.ElkPadding;
import org.eclipse.elk.core.options.CoreOptions;
import org.eclipse.elk.core.options.Direction;
import org.eclipse.elk.core.options.EdgeRouting;
import org.eclipse.elk.core.options.PortConstraints;
import org.eclipse.elk.core.options.PortSide;
import org.eclipse.elk.core.util.BasicProgressMonitor;
import org.eclipse.elk.graph.ElkEdge;
import org.eclipse.elk.graph.ElkNode;
import org.eclipse.elk.graph.ElkPort;
import org.eclipse.elk.graph.util.ElkGraphUtil;

/**
 * Where the cards and lines of an overview go: layered by tier, lines at right angles from their row to their card.
 * The layered algorithm is the layout library's; its cost grows a little faster than the number of lines. Made off the
 * interface thread.
 */
public record OverviewLayout(List<Box> boxes, List<Route> routes, double width, double height) {

    /** The port where lines arrive, below a card's top. */
    public static final double ARRIVES_AT = 16;

    /** Where the first tier begins, behind the wall. */
    public static final double FIRST = 36;

    /** The gutter between tiers: room for the ending tags. */
    public static final double GUTTER = 100;

    public record Box(double x, double y, double width, double height) {}

    /** A line's corners, from its row to its card. */
    public record Route(Overview.Line line, List<Corner> corners) {}

    public record Corner(double x, double y) {}

    /** @param sizes of the cards, and of their rows the heights from the card's top to the row's middle */
    public static OverviewLayout of(Overview state, List<CardSize> sizes, double startWallY) {
        LayoutMetaDataService.getInstance().registerLayoutMetaDataProviders(new LayeredMetaDataProvider());
        ElkNode graph = graph();
        ElkNode start = node(graph, 1, 40, 0);
        var nodes = new ArrayList<ElkNode>();
        for (int i = 0; i < state.cards().size(); i++) {
            nodes.add(node(
                    graph,
                    sizes.get(i).width(),
                    sizes.get(i).height(),
                    state.cards().get(i).tier() + 1));
        }
        Map<ElkEdge, Overview.Line> edges = new HashMap<>();
        Map<Integer, ElkPort> arrivals = new HashMap<>();
        for (Overview.Line line : state.lines()) {
            ElkNode from = line.from() < 0 ? start : nodes.get(line.from());
            double y =
                    line.from() < 0 ? startWallY : sizes.get(line.from()).rows().get(line.row());
            ElkPort out = port(from, PortSide.EAST, from.getWidth(), Math.min(y, from.getHeight()));
            ElkPort in = arrivals.computeIfAbsent(line.to(), n -> port(nodes.get(n), PortSide.WEST, 0, ARRIVES_AT));
            edges.put(ElkGraphUtil.createSimpleEdge(out, in), line);
        }
        new RecursiveGraphLayoutEngine().layout(graph, new BasicProgressMonitor());
        return read(graph, nodes, edges).closer();
    }

    /** What stands at the wall needs no room for tags before it, so all of it moves left by the room that is too much. */
    private OverviewLayout closer() {
        double first = boxes.stream().mapToDouble(Box::x).min().orElse(0);
        double by = Math.max(0, first - FIRST);
        var moved = boxes.stream()
                .map(b -> new Box(b.x() - by, b.y(), b.width(), b.height()))
                .toList();
        var routed = routes.stream()
                .map(r -> new Route(
                        r.line(),
                        r.corners().stream()
                                .map(c -> new Corner(nearer(c.x(), first, by), c.y()))
                                .toList()))
                .toList();
        return new OverviewLayout(moved, routed, width - by, height);
    }

    /** Corners before the first tier stand in what is left of the room, in the same order. */
    private static double nearer(double x, double first, double by) {
        return x >= first ? x - by : x * (first - by) / first;
    }

    /** A card as it will be drawn. */
    public record CardSize(double width, double height, List<Double> rows) {}

    private static ElkNode graph() {
        ElkNode graph = ElkGraphUtil.createGraph();
        graph.setProperty(CoreOptions.ALGORITHM, "org.eclipse.elk.layered");
        graph.setProperty(LayeredOptions.DIRECTION, Direction.RIGHT);
        graph.setProperty(LayeredOptions.EDGE_ROUTING, EdgeRouting.ORTHOGONAL);
        graph.setProperty(LayeredOptions.PARTITIONING_ACTIVATE, true);
        graph.setProperty(LayeredOptions.SPACING_NODE_NODE_BETWEEN_LAYERS, GUTTER);
        graph.setProperty(LayeredOptions.SPACING_EDGE_NODE_BETWEEN_LAYERS, 18.0);
        graph.setProperty(LayeredOptions.SPACING_NODE_NODE, 24.0);
        graph.setProperty(LayeredOptions.SPACING_EDGE_NODE, 16.0);
        graph.setProperty(LayeredOptions.PADDING, new ElkPadding(22, 16, 12, 0));
        graph.setProperty(LayeredOptions.LAYERING_STRATEGY, LayeringStrategy.LONGEST_PATH);
        graph.setProperty(LayeredOptions.NODE_PLACEMENT_STRATEGY, NodePlacementStrategy.LINEAR_SEGMENTS);
        graph.setProperty(LayeredOptions.THOROUGHNESS, 2);
        graph.setProperty(LayeredOptions.RANDOM_SEED, 1);
        graph.setProperty(LayeredOptions.SEPARATE_CONNECTED_COMPONENTS, false);
        return graph;
    }

    private static ElkNode node(ElkNode graph, double width, double height, int tier) {
        ElkNode node = ElkGraphUtil.createNode(graph);
        node.setDimensions(width, height);
        node.setProperty(LayeredOptions.PORT_CONSTRAINTS, PortConstraints.FIXED_POS);
        node.setProperty(LayeredOptions.PARTITIONING_PARTITION, tier);
        return node;
    }

    private static ElkPort port(ElkNode node, PortSide side, double x, double y) {
        ElkPort port = ElkGraphUtil.createPort(node);
        port.setProperty(LayeredOptions.PORT_SIDE, side);
        port.setLocation(x, y);
        return port;
    }

    private static OverviewLayout read(ElkNode graph, List<ElkNode> nodes, Map<ElkEdge, Overview.Line> edges) {
        var boxes = nodes.stream()
                .map(n -> new Box(n.getX(), n.getY(), n.getWidth(), n.getHeight()))
                .toList();
        var routes = new ArrayList<Route>();
        for (ElkEdge edge : graph.getContainedEdges()) {
            var corners = new ArrayList<Corner>();
            edge.getSections().forEach(s -> {
                corners.add(new Corner(s.getStartX(), s.getStartY()));
                s.getBendPoints().forEach(b -> corners.add(new Corner(b.getX(), b.getY())));
                corners.add(new Corner(s.getEndX(), s.getEndY()));
            });
            routes.add(new Route(edges.get(edge), List.copyOf(corners)));
        }
        return new OverviewLayout(boxes, List.copyOf(routes), graph.getWidth(), graph.getHeight());
    }
}
