package bivouac.check.texts;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.Place;
import bivouac.check.ways.DesignRepair;
import bivouac.check.ways.NameRepair;
import bivouac.check.ways.NameRepair.Of;
import bivouac.check.ways.RemovalRepair;
import bivouac.design.Application;
import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.FacedWindow;
import bivouac.design.MessageBox;
import bivouac.design.Name;
import bivouac.design.Names;
import bivouac.design.Part;
import bivouac.design.Routines;
import bivouac.design.Take;
import bivouac.design.Type;
import bivouac.design.Variable;
import bivouac.design.Window;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/** Names used twice, and names that expressions cannot use (V5). */
public final class NameFindings {

    private final List<Finding> found;

    private NameFindings(List<Finding> found) {
        this.found = found;
    }

    public static void into(List<Finding> found, Design design) {
        var names = new NameFindings(found);
        var app = design.application();
        names.twice(
                "The application has",
                Place.APPLICATION,
                app.variables().stream().map(Variable::name),
                n -> NameRepair.second(Of.VALUE, "", n));
        names.windows(design);
        names.tasksAndHoldings(app);
        names.routines("The application", Place.APPLICATION, "", app.routines());
        for (Window window : design.windows()) {
            String name = window.name().shown();
            Place place = Place.window(name);
            names.twice(
                    name + " takes",
                    place,
                    window.takes().stream().map(Take::name),
                    n -> NameRepair.second(Of.TAKE, name, n));
            names.endings(window);
            if (window instanceof FacedWindow face) {
                names.twice(
                        name + " has", place, face.memberNames().stream(), n -> NameRepair.second(Of.MEMBER, name, n));
                names.routines(name, place, name, face.routines());
                PartNameFindings.into(found, design, face);
                face.variables().forEach(v -> names.kept(design, face, v));
                face.parts().forEach(p -> names.columns(face, p));
            }
        }
    }

    private void windows(Design design) {
        Set<String> shown = new HashSet<>();
        Set<String> inExpressions = new HashSet<>();
        for (Window window : design.windows()) {
            Name name = window.name();
            Place place = Place.window(name.shown());
            if (!shown.add(name.shown())) {
                add(
                        "Two windows are called “" + name.shown() + "”.",
                        "Steps that open it always mean the first; rename one.",
                        place,
                        NameRepair.second(Of.WINDOW, "", name.shown()));
            } else if (!inExpressions.add(name.expression())) {
                add(
                        "Two windows are “" + name.expression() + "” in expressions; one of them is " + name.shown()
                                + ".",
                        "Expressions always mean the first; give one another name.",
                        place,
                        NameRepair.second(Of.WINDOW, "", name.expression()));
            }
            unusable(name, place, new NameRepair(Of.WINDOW, "", "", name.expression(), 0));
        }
    }

    private void tasksAndHoldings(Application app) {
        shownTwice(
                app.tasks().stream().map(t -> t.name().shown()).toList(),
                name -> "Two tasks are called “" + name + "”.",
                "Steps that run it always mean the first; rename one.",
                Place.APPLICATION,
                name -> NameRepair.second(Of.TASK, "", name));
        for (var task : app.tasks()) {
            String of = task.name().shown();
            shownTwice(
                    task.endings().stream().map(Ending::name).toList(),
                    name -> "The task " + of + " has the ending “" + name + "” twice.",
                    "Only the first is ever met; rename one.",
                    Place.APPLICATION,
                    name -> NameRepair.second(Of.ENDING_OF_TASK, of, name));
            twice(
                    "The task " + of + " takes",
                    Place.APPLICATION,
                    task.takes().stream().map(Take::name),
                    name -> NameRepair.second(Of.TAKE_OF_TASK, of, name));
        }
        shownTwice(
                app.holdings().stream().map(h -> h.name().shown()).toList(),
                name -> "Two holdings are called “" + name + "”.",
                "Steps that take it always mean the first; rename one.",
                Place.APPLICATION,
                name -> NameRepair.second(Of.HOLDING, "", name));
    }

    /** W7, V4: steps name scripts and timers as they are shown. */
    private void routines(String who, Place place, String window, Routines routines) {
        shownTwice(
                routines.scripts().stream().map(s -> s.name().shown()).toList(),
                name -> who + " has two scripts called “" + name + "”.",
                "Steps that do it always mean the first; rename one.",
                place,
                name -> NameRepair.second(Of.SCRIPT, window, name));
        shownTwice(
                routines.timers().stream().map(t -> t.name().shown()).toList(),
                name -> who + " has two timers called “" + name + "”.",
                "Steps that start or stop it always mean the first; rename one.",
                place,
                name -> NameRepair.second(Of.TIMER, window, name));
    }

    /** O9: a variable that keeps a window has to name one, and begins with none. */
    private void kept(Design design, FacedWindow face, Variable variable) {
        if (variable.type() instanceof Type.WindowOf(String window)) {
            String name = face.name().shown();
            String whose = "“" + variable.name() + "” of " + name;
            if (design.window(window).isEmpty()) {
                found.add(new Finding(
                        Weight.WRONG,
                        Kind.DANGLING,
                        whose + " keeps “" + window + "”, and there is no window of that name.",
                        "Nothing can ever be kept in it (O9); give it the name of a window.",
                        Place.window(name),
                        List.of(
                                new DesignRepair.MakeWindow(window, FacedWindow.Kind.CHILD, List.of()),
                                new RemovalRepair.RemoveValue(
                                        Optional.of(name), variable.name().expression()))));
            }
            if (variable.starts().isPresent()) {
                found.add(new Finding(
                        Weight.WRONG,
                        Kind.EXPRESSION,
                        whose + " keeps a window, and cannot begin with a value.",
                        "It is filled by “open " + window + " as "
                                + variable.name().expression() + "” (O9).",
                        Place.window(name),
                        List.of(new DesignRepair.BeginsEmpty(
                                name, variable.name().expression()))));
            }
        }
    }

    private void columns(FacedWindow face, Part part) {
        if (part instanceof Part.ListOfRows list) {
            String window = face.name().shown();
            String of = list.name().expression();
            shownTwice(
                    list.columns().stream().map(Type.Column::name).toList(),
                    name -> list.displayName() + " on " + window + " has the column “" + name + "” twice.",
                    "Expressions cannot tell the two apart; rename one.",
                    Place.part(window, of),
                    name -> new NameRepair(Of.COLUMN, window, of, name, 1));
        }
    }

    private void endings(Window window) {
        String of = window.name().shown();
        var names = window instanceof MessageBox box
                ? box.answers().stream().map(MessageBox.Answer::ending).toList()
                : window.endings().stream().map(Ending::name).toList();
        shownTwice(
                names,
                name -> of + " has the ending “" + name + "” twice.",
                "Openers cannot tell the two apart; rename one.",
                Place.window(of),
                name -> NameRepair.second(Of.ENDING, of, name));
    }

    /** @param what what is wrong with a name that stands there twice */
    private void shownTwice(
            List<String> names,
            UnaryOperator<String> what,
            String why,
            Place place,
            Function<String, NameRepair> repair) {
        Set<String> seen = new HashSet<>();
        names.stream()
                .filter(n -> !seen.add(n))
                .distinct()
                .forEach(n -> add(what.apply(n), why, place, repair.apply(n)));
    }

    private void twice(String who, Place place, Stream<Name> names, Function<String, NameRepair> second) {
        Set<String> seen = new HashSet<>();
        names.forEach(name -> {
            NameRepair repair = second.apply(name.expression());
            if (!seen.add(name.expression())) {
                add(
                        who + " “" + name.expression() + "” twice.",
                        "Expressions always mean the first; rename one.",
                        place,
                        repair);
            }
            unusable(name, place, repair.ofTheFirst());
        });
    }

    private void unusable(Name name, Place place, NameRepair repair) {
        if (!Names.isUsable(name.expression())) {
            add(
                    "“" + name.expression() + "” cannot be used as a name in expressions.",
                    "Use letters, digits and _, beginning with a letter, and no word that expressions keep for themselves.",
                    place,
                    repair);
        }
    }

    private void add(String what, String why, Place place, NameRepair repair) {
        found.add(new Finding(Weight.WRONG, Kind.NAME_TWICE, what, why, place, List.of(repair)));
    }
}
