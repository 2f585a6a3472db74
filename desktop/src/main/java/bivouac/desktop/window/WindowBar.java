package bivouac.desktop.window;

import bivouac.design.Copies;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Instances;
import bivouac.design.Name;
import bivouac.design.Names;
import bivouac.design.ReadyMade;
import bivouac.design.Removal;
import bivouac.design.Renames;
import bivouac.design.Window;
import bivouac.desktop.widget.Mark;
import bivouac.desktop.widget.ShareBar;
import bivouac.desktop.widget.TextLine;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Chosen;
import bivouac.desktop.work.Work;
import bivouac.rehearsal.Covered;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.Region;

/** The bar over the Window screen: name and kind, how many there are at once, who owns it. */
final class WindowBar {

    /** Wide enough for the usual words; what is longer gives way to what stands beside it. */
    private static final double INSTANCES = 150;

    private static final double LEAST_NAME = 90;

    private final Work work;

    WindowBar(Work work) {
        this.work = work;
    }

    /** All that is seen in it, and all by which it changes the design. */
    List<?> says(Window window) {
        var says = new ArrayList<Object>(List.of(window.name(), window.kind(), share(window), notRehearsed(window)));
        if (window instanceof FacedWindow face) {
            says.addAll(List.of(face.of(), face.takes(), face.instancesOrUsual(), face.owned(), face.resizable()));
        }
        return says;
    }

    List<Node> nodes(Window window) {
        var nodes =
                new ArrayList<Node>(List.of(new Mark(window), name(window), whole(Ui.label(window.kind(), "quiet"))));
        if (window instanceof FacedWindow face) {
            nodes.add(instances(face));
            if (face.of() == FacedWindow.Kind.CHILD) {
                nodes.add(owned(face));
            }
            nodes.add(resizable(face));
        }
        nodes.add(Ui.spring());
        nodes.add(rehearsed(window));
        nodes.add(Ui.wholeLink(
                "Rehearse from here",
                "rehearse-from",
                () -> work.rehearseFrom(window.name().shown())));
        nodes.add(Ui.wholeLink("Duplicate", "duplicate-window", () -> duplicate(window)));
        nodes.add(Ui.wholeLink("Remove", "remove-window", () -> remove(window)));
        return nodes;
    }

    /** Words that are never cut; the name of the window has room to give. */
    private static <R extends Region> R whole(R words) {
        words.setMinWidth(Region.USE_PREF_SIZE);
        return words;
    }

    /** How much of it was rehearsed; pointing at it says what was not. */
    private Node rehearsed(Window window) {
        Covered.Share share = share(window);
        var words = Ui.label(ShareBar.words(share), share.isWhole() ? "fine" : "quiet");
        words.setId("rehearsed");
        String missing = notRehearsed(window);
        words.setTooltip(new Tooltip(missing.isEmpty() ? "All of it was rehearsed." : missing));
        return Ui.row(6, new ShareBar(share), words);
    }

    private Covered.Share share(Window window) {
        return work.now().rehearsed().covered().share(window.name().shown());
    }

    private String notRehearsed(Window window) {
        return work.now().rehearsed().covered().missing().stream()
                .filter(c -> c.window().equals(window.name().shown()))
                .map(c -> "not yet: " + c.words())
                .collect(Collectors.joining("\n"));
    }

    private Node name(Window window) {
        var field = new TextLine(
                        "window-name", "Name of the window", window.name().shown(), text -> {
                            Design design = work.now().design();
                            Name name = Name.of(text);
                            boolean taken = design.windows().stream()
                                    .filter(w -> !w.name().equals(window.name()))
                                    .anyMatch(w -> w.name().shown().equals(name.shown())
                                            || w.name().expression().equals(name.expression()));
                            if (taken || text.isBlank() || !Names.isUsable(name.expression())) {
                                String why = "“" + text
                                        + "” is taken by another window, or no name that expressions can use.";
                                work.say(why);
                                return why;
                            }
                            work.change(
                                    Renames.window(design, window.name().shown(), name),
                                    window.name() + " is now " + name + ", everywhere",
                                    Chosen.window(name.shown()));
                            return "";
                        })
                .trimmed();
        field.getStyleClass().add("window-name");
        field.setMinWidth(LEAST_NAME);
        field.setPrefColumnCount(Math.clamp(window.name().shown().length(), 8, 22));
        return field;
    }

    private Node instances(FacedWindow face) {
        var choice = new ChoiceBox<String>();
        choice.setId("instances");
        choice.setAccessibleText("How many at once");
        choice.setPrefWidth(INSTANCES);
        choice.setMinWidth(INSTANCES);
        Map<String, Instances> choices = new LinkedHashMap<>();
        Stream.concat(
                        Stream.of(new Instances.Many(), new Instances.Single()),
                        face.takes().stream()
                                .map(t -> new Instances.OneForEach(t.name().expression())))
                .forEach(i -> choices.put(i.words(), i));
        choice.getItems().addAll(choices.keySet());
        choice.setValue(face.instancesOrUsual().words());
        choice.setOnAction(e -> {
            String value = choice.getValue();
            Instances chosen = choices.get(value);
            change(face, f -> f.living(Optional.of(chosen), f.owned()), face.name() + ": " + value);
        });
        return choice;
    }

    private Node owned(FacedWindow face) {
        var box = whole(new CheckBox("owned by its opener"));
        box.setId("owned");
        box.setSelected(face.owned());
        box.setOnAction(e -> change(
                face,
                f -> f.living(f.instances(), box.isSelected()),
                face.name() + (box.isSelected() ? " is owned by its opener" : " is independent")));
        return box;
    }

    private Node resizable(FacedWindow face) {
        var box = whole(new CheckBox("resizable"));
        box.setId("resizable");
        box.setSelected(face.resizable());
        box.setOnAction(e -> change(
                face,
                f -> f.sized(f.size(), box.isSelected()),
                face.name() + (box.isSelected() ? " is resizable" : " is not resizable")));
        return box;
    }

    private void change(FacedWindow face, java.util.function.UnaryOperator<FacedWindow> edit, String did) {
        work.change(work.now().design().changingFace(face.name().shown(), edit), did);
    }

    private void duplicate(Window window) {
        String name = window.name().shown();
        Copies.window(work.now().design(), name)
                .ifPresent(c -> work.paste(c, name + " duplicated as " + c.name(), Chosen.window(c.name())));
    }

    /** A removal says what else it touches, and is undone from the foot strip. */
    private void remove(Window window) {
        Design design = work.now().design();
        String name = window.name().shown();
        var touched = Removal.touchedByWindow(design, name).sentences();
        String also = touched.isEmpty() ? "" : "; left dangling: " + String.join(", ", touched);
        work.change(
                Removal.window(design, name),
                (window instanceof ReadyMade r ? r.kind() + " " : "") + name + " removed" + also);
    }
}
