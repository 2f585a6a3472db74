package bivouac.check;

import bivouac.check.Finding.Kind;
import bivouac.check.Finding.Place;
import bivouac.check.Finding.Weight;
import bivouac.design.Design;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Setting;
import bivouac.design.Step;
import bivouac.design.StepPath;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Typed texts that are taken for more than they are: a conversion that can be reached with a text that is no
 * number, a field read that may hold none (X3), and two texts joined where a sum was surely meant.
 *
 * <p>Told from the text of the conditions above a step: a conversion counts as guarded where some condition that leads to
 * it, or stands before it in the same expression, asks whether that very text can be converted. That a condition asks it
 * the wrong way round is not seen here; the exploration will see it.
 */
final class GuardFindings {

    private static final Pattern CONVERSION = Pattern.compile("\\b(number|whole|date)\\(\\s*([a-zA-Z][\\w.]*)\\s*\\)");
    private static final Pattern MEMBER = Pattern.compile("\\bme\\.([a-zA-Z]\\w*)(\\.\\w+)?");
    private static final Pattern SUM = Pattern.compile("\\s*me\\.([a-zA-Z]\\w*)\\s*\\+\\s*me\\.([a-zA-Z]\\w*)\\s*");

    private static final Pattern NAME = Pattern.compile("[a-zA-Z]\\w*(\\.[a-zA-Z]\\w*)+");

    private final List<Finding> found;
    private final Optional<FacedWindow> window;
    private final ScriptPlace place;

    private GuardFindings(List<Finding> found, Optional<FacedWindow> window, ScriptPlace place) {
        this.found = found;
        this.window = window;
        this.place = place;
    }

    static void into(List<Finding> found, Design design) {
        Map<String, FacedWindow> faces = new HashMap<>();
        design.windows().forEach(w -> {
            if (w instanceof FacedWindow face) {
                faces.putIfAbsent(face.name().shown(), face);
            }
        });
        design.scripts().forEach((place, script) -> {
            if (!script.isEmpty()) {
                new GuardFindings(found, place.ofWindow().map(faces::get), place).whole(script);
            }
        });
    }

    /** A part that cannot be used unless a condition holds is guarded by that condition (P2). */
    private void whole(Script script) {
        String asked = place.ofPart()
                .flatMap(name -> window.flatMap(w -> w.part(name)))
                .map(guarded -> guarded.traits().enabled())
                .filter(Setting.Follows.class::isInstance)
                .map(s -> ((Setting.Follows) s).condition().source())
                .orElse("");
        script(script, Optional.empty(), 0, asked);
    }

    /** @param asked all conditions that lead to this script, one after the other */
    private void script(Script script, Optional<StepPath> outer, int inner, String asked) {
        for (int i = 0; i < script.steps().size(); i++) {
            int number = i;
            StepPath path = outer.map(o -> o.into(inner, number)).orElseGet(() -> StepPath.of(number));
            step(script.steps().get(i), path, asked);
        }
    }

    private void step(Step step, StepPath path, String asked) {
        if (step instanceof Step.Off) {
            return;
        }
        if (step instanceof Step.If choice) {
            cases(choice, path, asked);
            return;
        }
        expressions(step).forEach(e -> expression(e.source(), path, asked));
        for (int i = 0; i < step.inner().size(); i++) {
            script(step.inner().get(i).script(), Optional.of(path), i, asked);
        }
    }

    /** What an earlier case asked is known in the later ones. */
    private void cases(Step.If choice, StepPath path, String asked) {
        var known = new StringBuilder(asked);
        for (int i = 0; i < choice.cases().size(); i++) {
            Step.If.Case one = choice.cases().get(i);
            expression(one.condition().source(), path, known.toString());
            known.append(' ').append(one.condition().source());
            script(one.script(), Optional.of(path), i, known.toString());
        }
        choice.otherwise()
                .ifPresent(s -> script(s, Optional.of(path), choice.cases().size(), known.toString()));
    }

    private static List<Expression> expressions(Step step) {
        var all = new ArrayList<Expression>();
        switch (step) {
            case Step.SetValue set -> all.add(set.value());
            case Step.SetIn set -> all.add(set.value());
            case Step.Open open -> open.handOver().stream().map(Given::value).forEach(all::add);
            case Step.RunTask run -> run.handOver().stream().map(Given::value).forEach(all::add);
            case Step.Close close -> close.gives().stream().map(Given::value).forEach(all::add);
            case Step.EndApplication end -> end.code().ifPresent(all::add);
            case Step.Let let -> all.add(let.value());
            case Step.AddRow add -> add.values().forEach(g -> all.add(g.value()));
            case Step.ChangeRow change -> change.values().forEach(g -> all.add(g.value()));
            default -> {
                // no expression, or one that is shown and so met at rest
            }
        }
        return all;
    }

    private void expression(String source, StepPath path, String asked) {
        Set<String> said = new LinkedHashSet<>();
        Matcher conversion = CONVERSION.matcher(source);
        while (conversion.find()) {
            String function = conversion.group(1);
            String what = conversion.group(2);
            String question =
                    "is" + Character.toUpperCase(function.charAt(0)) + function.substring(1) + "(" + what + ")";
            if (!holds(asked, question) && !holds(source.substring(0, conversion.start()), question)) {
                said.add("“" + conversion.group() + "” can be reached with a text that is no " + noun(function)
                        + "; ask “" + question + "” first.");
            }
        }
        Matcher member = MEMBER.matcher(source);
        while (member.find()) {
            Optional<Part.ValueField> field = field(member.group(1));
            String question = "me." + member.group(1) + ".given";
            if (field.isPresent()
                    && member.group(2) == null
                    && !isAsked(asked, field.get(), question)
                    && !isAsked(source.substring(0, member.start()), field.get(), question)) {
                said.add("“" + member.group() + "” can be read while "
                        + field.get().displayName() + " holds no "
                        + field.get().holds().type() + "; ask “" + question + "” first.");
            }
        }
        said.forEach(what -> found.add(new Finding(
                Weight.RISKY,
                Kind.UNGUARDED,
                place.words() + ": " + what,
                "The script would end there with a fault (X3), and nobody would be told.",
                Place.step(place, path))));
        sum(source, path);
        twice(source, path);
    }

    /** A name that stands twice in one sum was surely pasted, and one of the two not changed. */
    private void twice(String source, StepPath path) {
        List<String> terms = Stream.of(source.split("\\+")).map(String::strip).toList();
        terms.stream()
                .filter(t -> NAME.matcher(t).matches())
                .filter(t -> terms.indexOf(t) != terms.lastIndexOf(t))
                .distinct()
                .forEach(t -> found.add(new Finding(
                        Weight.HINT,
                        Kind.SUM,
                        place.words() + ": “" + t + "” stands twice in the sum “" + source.strip() + "”.",
                        "If the sum was copied, one of the two may mean another value; else write it times two.",
                        Place.step(place, path))));
    }

    /** Asking whether what was typed can be converted is as good as asking whether the field holds a value. */
    private static boolean isAsked(String conditions, Part.ValueField field, String question) {
        return holds(conditions, question)
                || holds(conditions, "(me." + field.name().expression() + ".typed)");
    }

    private static boolean holds(String conditions, String question) {
        return conditions.replace(" ", "").contains(question);
    }

    private static String noun(String function) {
        return function.equals("whole") ? "whole number" : function;
    }

    private Optional<Part.ValueField> field(String name) {
        return window.flatMap(w -> w.part(name))
                .filter(Part.ValueField.class::isInstance)
                .map(Part.ValueField.class::cast);
    }

    /** Nothing between two typed texts: people who join texts put at least a space there. */
    private void sum(String source, StepPath path) {
        Matcher sum = SUM.matcher(source);
        if (sum.matches() && isText(sum.group(1)) && isText(sum.group(2))) {
            found.add(new Finding(
                    Weight.RISKY,
                    Kind.UNGUARDED,
                    place.words() + ": “" + source.strip() + "” joins two typed texts; “1” and “2” make “12”.",
                    "If a sum is meant, make them number fields; if they are to be joined, put something between.",
                    Place.step(place, path)));
        }
    }

    private boolean isText(String name) {
        return window.flatMap(w -> w.part(name))
                .filter(Part.TextField.class::isInstance)
                .isPresent();
    }
}
