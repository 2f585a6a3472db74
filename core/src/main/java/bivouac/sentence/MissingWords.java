package bivouac.sentence;

import bivouac.design.Given;
import bivouac.design.Step;
import bivouac.design.Target;
import java.util.Optional;

/** What a typed step does not say yet, and cannot do without. */
final class MissingWords {

    private MissingWords() {}

    /** What is missing, in a sentence that shows how it is said; empty if nothing is. */
    static Optional<String> of(Step step) {
        Optional<String> unnamed = step.pieces().givens().stream()
                .filter(g -> g.name().isBlank())
                .map(g -> g.value().source())
                .findFirst()
                .map(v -> "Say under which name “" + v + "” goes there: name ← " + v + ".");
        Optional<String> given = step.pieces().givens().stream()
                .filter(g -> g.value().source().isBlank())
                .map(Given::name)
                .findFirst()
                .map(n -> "Say what “" + n + "” is: " + n + " ← its value.");
        return unnamed.or(() -> given).or(() -> Optional.of(itself(step)).filter(s -> !s.isEmpty()));
    }

    private static String itself(Step step) {
        return switch (step) {
            case Step.Open o -> named(o.window(), "Say which window: open Arrival form.");
            case Step.RunTask r -> named(r.task(), "Say which task: run write register.");
            case Step.TakeHolding t -> named(t.holding(), "Say which holding: take register lock.");
            case Step.GiveBack g -> named(g.holding(), "Say which holding: give back register lock.");
            case Step.Do d -> done(d);
            case Step.Return r -> named(r.ending(), "Say how the script ends: return saved.");
            case Step.TurnTimer t ->
                named(t.timer(), "Say which timer: " + t.how().words() + " clock.");
            case Step.Focus f -> named(f.part(), "Say which part: focus me.name.");
            case Step.CancelTask c -> named(c.task(), "Say which task: cancel task write register.");
            case Step.StopTask s -> named(s.task(), "Say which task: stop task write register.");
            case Step.SetValue(String path, var value) ->
                path.isBlank() || value.source().isBlank()
                        ? "Say what is set, and to what: set " + (path.isBlank() ? "me.name" : path) + " ← its value."
                        : "";
            case Step.SetIn(String member, var in, var value) ->
                member.isBlank() || value.source().isBlank()
                        ? "Say what is set, and to what: set notes of every Guest card ← its value."
                        : "";
            case Step.If i -> named(i.cases().getFirst().condition().source(), "Say when: if me.name == \"\".");
            case Step.Let(String name, var value) ->
                name.isBlank() || value.source().isBlank() ? "Say its name and its value: let total be app.a + 2." : "";
            case Step.AddRow a -> named(a.list(), "Say which list: add row to me.guests with guest ← \"\".");
            case Step.ChangeRow c -> named(c.list(), "Say which list: change row of me.guests with nights ← 3.");
            case Step.RemoveRow r -> named(r.list(), "Say which list: remove row of me.guests.");
            case Step.Note n -> named(n.text(), "Say what is noted: note `text`.");
            case Step.Close c -> "";
            case Step.StayOpen s -> "";
            case Step.EndApplication e -> "";
            case Step.KeepRow k -> "";
            case Step.Repeat r -> "";
            case Step.Again a -> "";
            case Step.KeptValues k -> "";
            case Step.NotThereYet n -> "";
            case Step.Reach r -> "";
            case Step.Off(Step kept) -> itself(kept);
        };
    }

    private static String done(Step.Do step) {
        boolean noWindow = step.in().filter(MissingWords::isUnnamed).isPresent();
        return step.script().isBlank()
                ? "Say which named script: do tidy."
                : step.until().stream().anyMatch(String::isBlank)
                        ? "Say at which ending the others are left: until cancelled."
                        : noWindow ? "Say in which window: do tidy in every Guest card." : "";
    }

    private static boolean isUnnamed(Target target) {
        return switch (target) {
            case Target.Single(String window) -> window.isBlank();
            case Target.Keyed(String window, var key) ->
                window.isBlank() || key.source().isBlank();
            case Target.Every(String window) -> window.isBlank();
            case Target.Kept(String name) -> name.isBlank();
            case Target.Me _, Target.Owner _, Target.Opener _ -> false;
        };
    }

    private static String named(String name, String otherwise) {
        return name.isBlank() ? otherwise : "";
    }
}
