package bivouac.desktop.window;

import bivouac.closing.Departing;
import bivouac.design.ScriptPlace;
import bivouac.desktop.widget.DepartureChoice;
import bivouac.desktop.widget.Mark;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Chosen;
import bivouac.desktop.work.Screen;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Work;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.layout.VBox;

/** What asks for the end, who is asked, the plan, what is given back and kept, the exit codes: the Departure screen has all. */
final class DepartureInShort {

    private final Work work;

    DepartureInShort(Work work) {
        this.work = work;
    }

    List<Node> draw(Situation s) {
        Departing departing = Departing.of(s.program());
        var nodes = new ArrayList<Node>();
        nodes.add(head("The application ends"));
        nodes.add(new DepartureChoice(() -> work.now().design(), "departure-rule", work::change));
        nodes.add(head("Who is asked, in this order"));
        nodes.add(asked(departing));
        nodes.add(Ui.row(
                6,
                head("Then the plan"),
                Ui.spring(),
                Ui.link("Write it", "plan-steps", () -> work.goTo(Chosen.script(new ScriptPlace.Plan())))));
        nodes.add(Ui.label(departing.planInShort(), "plain"));
        nodes.add(head("Then given back"));
        nodes.add(Ui.wrapped(departing.givenBackInShort(), "plain"));
        nodes.add(head("Then kept for the next start"));
        nodes.add(Ui.wrapped(departing.keptInShort(), "plain"));
        nodes.add(head("Exit code"));
        departing.codesInShort().forEach(c -> nodes.add(Ui.label(c, "plain")));
        nodes.add(Ui.row(0, Ui.link("The whole departure", "to-departure", () -> work.show(Screen.DEPARTURE))));
        return nodes;
    }

    private static Node head(String words) {
        return Ui.label(words, "card-head-small");
    }

    private static Node asked(Departing departing) {
        var asked = Ui.styled(new VBox(), "card");
        int number = 1;
        for (Departing.Asked one : departing.asked()) {
            asked.getChildren()
                    .add(Ui.styled(
                            Ui.row(
                                    6,
                                    Ui.label(Integer.toString(number++), "trail-number"),
                                    new Mark(one.window()),
                                    Ui.shortened(one.window().name().shown(), "plain"),
                                    Ui.spring(),
                                    Ui.label(Departing.inShort(one), "small")),
                            "rows-card-row"));
        }
        return asked;
    }
}
