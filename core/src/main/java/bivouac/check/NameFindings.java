package bivouac.check;

import bivouac.check.Finding.Kind;
import bivouac.check.Finding.Place;
import bivouac.check.Finding.Weight;
import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.FacedWindow;
import bivouac.design.MessageBox;
import bivouac.design.Name;
import bivouac.design.Names;
import bivouac.design.Take;
import bivouac.design.Variable;
import bivouac.design.Window;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/** Names used twice, and names that expressions cannot use (V5). */
final class NameFindings {

    private NameFindings() {}

    static void into(List<Finding> found, Design design) {
        twice(
                found,
                "The application has",
                Place.APPLICATION,
                design.application().variables().stream().map(Variable::name));
        windows(found, design);
        for (Window window : design.windows()) {
            String name = window.name().shown();
            twice(
                    found,
                    name + " takes",
                    Place.window(name),
                    window.takes().stream().map(Take::name));
            endings(found, window);
            if (window instanceof FacedWindow face) {
                twice(found, name + " has", Place.window(name), face.memberNames().stream());
                PartNames.into(found, design, face);
            }
        }
    }

    private static void windows(List<Finding> found, Design design) {
        Set<String> shown = new HashSet<>();
        Set<String> inExpressions = new HashSet<>();
        for (Window window : design.windows()) {
            Name name = window.name();
            if (!shown.add(name.shown())) {
                add(
                        found,
                        "Two windows are called “" + name.shown() + "”.",
                        "Steps that open it always mean the first; rename one.",
                        Place.window(name.shown()));
            } else if (!inExpressions.add(name.expression())) {
                add(
                        found,
                        "Two windows are “" + name.expression() + "” in expressions; one of them is " + name.shown()
                                + ".",
                        "Expressions always mean the first; give one another name.",
                        Place.window(name.shown()));
            }
            unusable(found, name, Place.window(name.shown()));
        }
    }

    private static void endings(List<Finding> found, Window window) {
        Set<String> seen = new HashSet<>();
        var names = window instanceof MessageBox box
                ? box.answers().stream().map(MessageBox.Answer::ending).toList()
                : window.endings().stream().map(Ending::name).toList();
        for (String name : names) {
            if (!seen.add(name)) {
                add(
                        found,
                        window.name() + " has the ending “" + name + "” twice.",
                        "Openers cannot tell the two apart; rename one.",
                        Place.window(window.name().shown()));
            }
        }
    }

    private static void twice(List<Finding> found, String who, Place place, Stream<Name> names) {
        var seen = new ArrayList<String>();
        names.forEach(name -> {
            if (seen.contains(name.expression())) {
                add(
                        found,
                        who + " “" + name.expression() + "” twice.",
                        "Expressions always mean the first; rename one.",
                        place);
            }
            seen.add(name.expression());
            unusable(found, name, place);
        });
    }

    private static void unusable(List<Finding> found, Name name, Place place) {
        if (!Names.isUsable(name.expression())) {
            add(
                    found,
                    "“" + name.expression() + "” cannot be used as a name in expressions.",
                    "Use letters, digits and _, beginning with a letter, and no word that expressions keep for themselves.",
                    place);
        }
    }

    private static void add(List<Finding> found, String what, String why, Place place) {
        found.add(new Finding(Weight.WRONG, Kind.NAME_TWICE, what, why, place));
    }
}
