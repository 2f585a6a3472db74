package bivouac.desktop.window;

import bivouac.design.AccessKey;
import bivouac.design.FacedWindow;
import bivouac.design.Menu;
import bivouac.design.Part;
import bivouac.desktop.widget.Ui;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;

/** The menus of a face as a bar, as the window will have them; the one that is chosen, or has the chosen part, unfolds. */
final class FaceMenus extends VBox {

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    /** Which menu a person unfolded, over many drawings: of one window at a time. */
    static final class Unfolded {
        private String window = "";
        private String menu = "";

        void take(String ofWindow, String other) {
            window = ofWindow;
            menu = other;
        }

        /** The menu with the chosen part, else what was unfolded by hand in that window. */
        Optional<Menu> of(FacedWindow face, Optional<String> part) {
            return face.menus().stream()
                    .filter(m -> m.commands().stream()
                            .anyMatch(c -> part.equals(Optional.of(c.name().expression()))))
                    .findFirst()
                    .or(() -> face.menus().stream()
                            .filter(m -> face.name().shown().equals(window)
                                    && m.text().equals(menu))
                            .findFirst());
        }
    }

    private final FacedWindow face;
    private final Unfolded unfolded;
    private final Function<Part.MenuCommand, Node> draw;

    /** @param draw a command that can be chosen */
    FaceMenus(FacedWindow face, Optional<String> part, Unfolded unfolded, Function<Part.MenuCommand, Node> draw) {
        this.face = face;
        this.unfolded = unfolded;
        this.draw = draw;
        getStyleClass().add("face-menus");
        show(unfolded.of(face, part));
    }

    private void show(Optional<Menu> open) {
        var bar = Ui.row(2);
        for (Menu menu : face.menus()) {
            Button name = Ui.button(
                    AccessKey.without(menu.text()),
                    "face-menu-" + AccessKey.without(menu.text()),
                    () -> turn(menu, open),
                    "face-menu");
            name.pseudoClassStateChanged(CHOSEN, open.equals(Optional.of(menu)));
            name.setAccessibleText("Menu " + AccessKey.without(menu.text()) + ", "
                    + menu.commands().size() + " commands");
            bar.getChildren().add(name);
        }
        getChildren().setAll(bar);
        open.ifPresent(menu -> getChildren().add(commands(menu.commands())));
    }

    private void turn(Menu menu, Optional<Menu> open) {
        boolean folds = open.equals(Optional.of(menu));
        unfolded.take(face.name().shown(), folds ? "" : menu.text());
        show(folds ? Optional.empty() : Optional.of(menu));
        Node name = lookup("#face-menu-" + AccessKey.without(menu.text()));
        if (name != null) {
            name.requestFocus();
        }
    }

    private Node commands(List<Part.MenuCommand> commands) {
        var column = Ui.styled(Ui.column(0), "face-commands");
        for (Part.MenuCommand command : commands) {
            Node one = draw.apply(command);
            if (command.separated() && !column.getChildren().isEmpty()) {
                one.getStyleClass().add("separated");
            }
            column.getChildren().add(one);
        }
        return column;
    }
}
