package bivouac.desktop.frame;

import bivouac.design.Design;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Saving;
import bivouac.desktop.work.Work;
import bivouac.format.DesignFile;
import bivouac.format.DesignFormat;
import bivouac.format.Difference;
import bivouac.format.FileVersion;
import bivouac.format.Unreadable;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ForkJoinPool;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;

/** Asks what to do with a file that somebody else has changed or taken away since it was read, and shows what differs. */
final class ChangedOnDisk {

    /** Lines shown at the most; a person who needs more compares the files. */
    private static final int MOST_LINES = 400;

    private final Work work;
    private final Overlay overlay;

    ChangedOnDisk(Work work, Overlay overlay) {
        this.work = work;
        this.overlay = overlay;
    }

    /**
     * What is on disk now.
     *
     * @param opened empty if it is no design
     * @param why it is none
     */
    private record There(Optional<DesignFile.Opened> opened, String why, Difference difference) {

        static There of(Path file, Design mine) {
            try {
                DesignFile.Opened opened = DesignFile.open(file);
                return new There(
                        Optional.of(opened),
                        "",
                        Difference.between(DesignFormat.write(opened.design()), DesignFormat.write(mine)));
            } catch (Unreadable e) {
                return new There(Optional.empty(), e.getMessage(), new Difference(List.of(), 0));
            }
        }
    }

    /**
     * Asks.
     *
     * @param over saves over what is there
     * @param elsewhere saves under another name
     */
    void ask(Saving.Changed changed, Runnable over, Runnable elsewhere) {
        String name = changed.file().getFileName().toString();
        if (changed.there().equals(FileVersion.ABSENT)) {
            overlay.ask(
                    name + " is not there any more",
                    "It was deleted or moved since it was read here.",
                    List.of(
                            new Overlay.Choice("Save it again", "changed-over", over),
                            new Overlay.Choice("Save under another name…", "changed-elsewhere", elsewhere),
                            new Overlay.Choice("Go back", "changed-back", () -> {})));
            return;
        }
        Design mine = work.now().design();
        work.background()
                .run(
                        ForkJoinPool.commonPool(),
                        "comparing with what is on disk",
                        () -> There.of(changed.file(), mine),
                        there -> show(name, there, over, elsewhere));
    }

    private void show(String name, There there, Runnable over, Runnable elsewhere) {
        var choices = new ArrayList<Overlay.Choice>();
        there.opened()
                .ifPresent(o -> choices.add(
                        new Overlay.Choice("Take what is on disk", "changed-take", () -> work.takeFromDisk(o))));
        choices.add(new Overlay.Choice("Save mine over it", "changed-over", over));
        choices.add(new Overlay.Choice("Save mine under another name…", "changed-elsewhere", elsewhere));
        choices.add(new Overlay.Choice("Go back", "changed-back", () -> {}));
        String places = there.difference().changes() == 1
                ? "1 place"
                : there.difference().changes() + " places";
        String what = there.opened().isPresent()
                ? "Somebody else changed it since it was read here. It differs from yours in " + places
                        + ". Taking it can be undone; saving over it cannot."
                : "Somebody else changed it since it was read here, and it is no design now: " + there.why();
        overlay.ask(
                name + " was changed on disk",
                what,
                there.opened().map(o -> lines(there.difference())),
                choices,
                choices.getLast().action());
    }

    private static Node lines(Difference difference) {
        var lines = new VBox();
        lines.setId("changed-lines");
        difference.lines().stream().limit(MOST_LINES).forEach(l -> lines.getChildren()
                .add(line(l)));
        if (difference.lines().size() > MOST_LINES) {
            lines.getChildren().add(Ui.label("… and more", "quiet"));
        }
        var scroll = new ScrollPane(lines);
        scroll.setMaxHeight(360);
        scroll.setFitToWidth(true);
        return Ui.styled(Ui.column(4, Ui.label("− on disk   + yours", "quiet"), scroll), "difference");
    }

    private static Node line(Difference.Line line) {
        String mark =
                switch (line.of()) {
                    case BOTH -> "  ";
                    case FIRST -> "− ";
                    case SECOND -> "+ ";
                    case LEFT_OUT -> "⋯";
                };
        return Ui.label(
                mark + line.text(),
                "difference-line",
                switch (line.of()) {
                    case FIRST -> "on-disk";
                    case SECOND -> "mine";
                    case BOTH, LEFT_OUT -> "same";
                });
    }
}
