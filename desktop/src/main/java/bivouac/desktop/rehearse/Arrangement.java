package bivouac.desktop.rehearse;

import bivouac.design.FacedWindow;
import bivouac.design.MessageBox;
import bivouac.design.WindowFrame;
import bivouac.machine.Scene;
import bivouac.machine.Sighting.Which;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Point2D;

/** Where the windows of the desk stand, and which are minimised. No rule depends on it (S1). */
final class Arrangement {

    private final Map<Which, Point2D> places = new HashMap<>();
    private final Set<Which> minimised = new HashSet<>();

    /** The windows from the lowest to the topmost: owned above their owners (O5), and those on top above all others. */
    static List<Scene.OpenWindow> inOrder(Scene scene) {
        var order = new ArrayList<Scene.OpenWindow>();
        var left = new ArrayList<>(scene.windows());
        while (!left.isEmpty()) {
            Scene.OpenWindow next = left.stream()
                    .filter(w -> w.owner().isEmpty()
                            || left.stream()
                                    .noneMatch(o -> o.which().equals(w.owner().get())))
                    .findFirst()
                    .orElse(left.getFirst());
            left.remove(next);
            order.add(next);
        }
        var onTop = order.stream().filter(w -> isOnTop(w, order)).toList();
        order.removeAll(onTop);
        order.addAll(onTop);
        return order;
    }

    /** What is owned by a window that stays on top does so too. */
    private static boolean isOnTop(Scene.OpenWindow window, List<Scene.OpenWindow> all) {
        boolean itself = window.design() instanceof FacedWindow f && f.frame().onTop();
        return itself
                || window.owner()
                        .flatMap(o ->
                                all.stream().filter(w -> w.which().equals(o)).findFirst())
                        .filter(o -> isOnTop(o, all))
                        .isPresent();
    }

    /** Where a window stands; a new one a little lower and to the right of its owner, or of those before it. */
    Point2D place(Scene.OpenWindow window, int others) {
        return places.computeIfAbsent(window.which(), w -> placeFor(window, others));
    }

    /**
     * Whether a window that opens is to stand in the middle of the desk. Main and child windows are set beside each other
     * all the same, so that a rehearsal shows them all.
     */
    static boolean isCentred(Scene.OpenWindow window) {
        return switch (window.design()) {
            case MessageBox box -> box.place() == WindowFrame.Place.CENTRE;
            case FacedWindow face ->
                face.of() == FacedWindow.Kind.DIALOG && face.frame().place() == WindowFrame.Place.CENTRE;
            default -> false;
        };
    }

    void move(Which which, Point2D place) {
        places.put(which, place);
    }

    private Point2D placeFor(Scene.OpenWindow window, int others) {
        Point2D from = window.owner().map(places::get).orElse(null);
        boolean modeless = window.design() instanceof FacedWindow f && f.of() == FacedWindow.Kind.CHILD;
        if (from != null && modeless) {
            int step = window.which().serial() % 4;
            return from.add(300 + 24 * step, 170 + 30 * step);
        }
        if (from != null) {
            return from.add(24, 72);
        }
        int step = others % 8;
        return new Point2D(20 + 34 * step, 18 + 30 * step);
    }

    void minimise(Which which) {
        minimised.add(which);
    }

    void restore(Which which) {
        minimised.remove(which);
    }

    /** Whether a person put a window out of the way; {@link #noteOpened} says when it is back. */
    boolean isMinimised(Scene.OpenWindow window) {
        return minimised.contains(window.which());
    }

    /** A window that comes to the front, or that has a window of its own opened, is in the way again. */
    void noteOpened(Scene before, Scene after) {
        if (before == null || after.windows().isEmpty()) {
            return;
        }
        Which top = after.windows().getLast().which();
        boolean rose = before.windows().isEmpty()
                || !before.windows().getLast().which().equals(top);
        if (rose) {
            minimised.remove(top);
            after.windows().getLast().owner().ifPresent(minimised::remove);
        }
        minimised.removeIf(
                w -> after.windows().stream().noneMatch(o -> o.which().equals(w)));
    }

    /** The windows that are to be seen on the desk, from the lowest to the topmost. */
    List<Scene.OpenWindow> onDesk(Scene scene) {
        return inOrder(scene).stream()
                .filter(w -> !w.hidden() && !isMinimised(w))
                .toList();
    }

    /** The topmost window on the desk that can be used: it takes the keyboard. */
    Optional<Scene.OpenWindow> usable(Scene scene) {
        return onDesk(scene).stream().filter(w -> w.blockedBy().isEmpty()).reduce((lower, upper) -> upper);
    }

    /**
     * Whether a window keeps the keyboard that it has: while it can be used, and is the topmost that can, or owns that one,
     * which stands above it all the same (O5).
     */
    boolean keepsKeyboard(Scene scene, Which holder) {
        boolean isUsable = onDesk(scene).stream()
                .anyMatch(w -> w.which().equals(holder) && w.blockedBy().isEmpty());
        return isUsable
                && usable(scene)
                        .filter(top -> top.which().equals(holder)
                                || top.owner().filter(holder::equals).isPresent())
                        .isPresent();
    }
}
