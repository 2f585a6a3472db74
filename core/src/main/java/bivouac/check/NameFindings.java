package bivouac.check;

import bivouac.check.Finding.Kind;
import bivouac.check.Finding.Place;
import bivouac.check.Finding.Weight;
import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.MessageBox;
import bivouac.design.Name;
import bivouac.design.Names;
import bivouac.design.Part;
import bivouac.design.Take;
import bivouac.design.Type;
import bivouac.design.Variable;
import bivouac.design.Window;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
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
        tasksAndHoldings(found, design);
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
                face.variables().forEach(v -> kept(found, design, face, v));
                face.parts().forEach(p -> columns(found, face, p));
            }
            if (window instanceof FileDialog dialog) {
                labels(found, dialog);
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

    private static void tasksAndHoldings(List<Finding> found, Design design) {
        var tasks = design.application().tasks();
        shownTwice(
                found,
                tasks.stream().map(t -> t.name().shown()).toList(),
                name -> "Two tasks are called “" + name + "”.",
                "Steps that run it always mean the first; rename one.",
                Place.APPLICATION);
        for (var task : tasks) {
            shownTwice(
                    found,
                    task.endings().stream().map(Ending::name).toList(),
                    name -> "The task " + task.name() + " has the ending “" + name + "” twice.",
                    "Only the first is ever met; rename one.",
                    Place.APPLICATION);
            twice(
                    found,
                    "The task " + task.name() + " takes",
                    Place.APPLICATION,
                    task.takes().stream().map(Take::name));
        }
        shownTwice(
                found,
                design.application().holdings().stream()
                        .map(h -> h.name().shown())
                        .toList(),
                name -> "Two holdings are called “" + name + "”.",
                "Steps that take it always mean the first; rename one.",
                Place.APPLICATION);
    }

    /** O9: a variable that keeps a window has to name one, and begins with none. */
    private static void kept(List<Finding> found, Design design, FacedWindow face, Variable variable) {
        if (variable.type() instanceof Type.WindowOf(String window)) {
            Place place = Place.window(face.name().shown());
            String whose = "“" + variable.name() + "” of " + face.name();
            if (design.window(window).isEmpty()) {
                found.add(new Finding(
                        Weight.WRONG,
                        Kind.DANGLING,
                        whose + " keeps “" + window + "”, and there is no window of that name.",
                        "Nothing can ever be kept in it (O9); give it the name of a window.",
                        place));
            }
            if (variable.starts().isPresent()) {
                found.add(new Finding(
                        Weight.WRONG,
                        Kind.EXPRESSION,
                        whose + " keeps a window, and cannot begin with a value.",
                        "It is filled by “open " + window + " as "
                                + variable.name().expression() + "” (O9).",
                        place));
            }
        }
    }

    private static void columns(List<Finding> found, FacedWindow face, Part part) {
        if (part instanceof Part.ListOfRows list) {
            shownTwice(
                    found,
                    list.columns().stream().map(Type.Column::name).toList(),
                    name -> list.displayName() + " on " + face.name() + " has the column “" + name + "” twice.",
                    "Expressions cannot tell the two apart; rename one.",
                    Place.part(face.name().shown(), list.name().expression()));
        }
    }

    private static void labels(List<Finding> found, FileDialog dialog) {
        shownTwice(
                found,
                dialog.filters().stream().map(FileDialog.Filter::label).toList(),
                name -> dialog.name() + " has two filters called “" + name + "”.",
                "Nobody can tell them apart, and only the first can be chosen; rename one.",
                Place.window(dialog.name().shown()));
    }

    private static void endings(List<Finding> found, Window window) {
        var names = window instanceof MessageBox box
                ? box.answers().stream().map(MessageBox.Answer::ending).toList()
                : window.endings().stream().map(Ending::name).toList();
        shownTwice(
                found,
                names,
                name -> window.name() + " has the ending “" + name + "” twice.",
                "Openers cannot tell the two apart; rename one.",
                Place.window(window.name().shown()));
    }

    /** @param what what is wrong with a name that stands there twice */
    private static void shownTwice(
            List<Finding> found, List<String> names, UnaryOperator<String> what, String why, Place place) {
        Set<String> seen = new HashSet<>();
        names.stream().filter(n -> !seen.add(n)).distinct().forEach(n -> add(found, what.apply(n), why, place));
    }

    private static void twice(List<Finding> found, String who, Place place, Stream<Name> names) {
        Set<String> seen = new HashSet<>();
        names.forEach(name -> {
            if (!seen.add(name.expression())) {
                add(
                        found,
                        who + " “" + name.expression() + "” twice.",
                        "Expressions always mean the first; rename one.",
                        place);
            }
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
