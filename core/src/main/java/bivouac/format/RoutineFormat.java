package bivouac.format;

import bivouac.design.Expression;
import bivouac.design.NamedScript;
import bivouac.design.Routines;
import bivouac.design.Timer;

/** Named scripts and timers in files: those of a window, and those of the application. */
final class RoutineFormat {

    private RoutineFormat() {}

    /** Both lists of a window or the application. */
    static Routines read(Fields f) throws Unreadable {
        return new Routines(f.list("scripts", RoutineFormat::script), f.list("timers", RoutineFormat::timer));
    }

    private static NamedScript script(Json json) throws Unreadable {
        Fields f = Fields.of(json);
        var script = new NamedScript(
                f.name(),
                f.list("takes", WindowFormat::take),
                f.list("endings", WindowFormat::ending),
                StepFormat.script(f, "do"));
        f.done();
        return script;
    }

    private static Timer timer(Json json) throws Unreadable {
        Fields f = Fields.of(json);
        var timer = new Timer(
                f.name(), new Expression(f.text("every")), f.yes("once", false), StepFormat.script(f, "fires"));
        f.done();
        return timer;
    }

    static JsonOut.Members write(NamedScript script) {
        var out = new JsonOut.Members();
        WindowFormat.write(out, script.name());
        return out.list("takes", script.takes(), WindowFormat::write)
                .list("endings", script.endings(), WindowFormat::write)
                .putUnless(script.script().isEmpty(), "do", StepFormat.write(script.script()));
    }

    static JsonOut.Members write(Timer timer) {
        var out = new JsonOut.Members();
        WindowFormat.write(out, timer.name());
        return out.put("every", timer.every().source())
                .putUnless(!timer.once(), "once", true)
                .putUnless(timer.fires().isEmpty(), "fires", StepFormat.write(timer.fires()));
    }
}
