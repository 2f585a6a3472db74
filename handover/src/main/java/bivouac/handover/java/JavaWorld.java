package bivouac.handover.java;

import bivouac.design.Part;
import bivouac.design.Type;
import bivouac.handover.meaning.Here;
import bivouac.handover.meaning.Say;

/** What the written classes are called, and how their toolkit is asked and set; expressions and scripts go by it. */
public interface JavaWorld {

    JavaTypes types();

    /** The class of a window with a face. */
    String classOf(String window);

    /** The field of a variable of the application, seen from a script or a window. */
    String ofApplication(String variable);

    /** The field of what a window is handed. */
    String take(String window, String take);

    /** The field of a part, by its expression name. */
    String part(String part);

    /** The field of a variable of a window. */
    String variable(String window, String variable);

    /** How a member of a part is read. {@code base} finds its window, with a point; it is empty for the own one. */
    String read(String base, String window, Part part, String member);

    /** The statement that sets a member of a part. */
    String set(String base, String window, Part part, String member, String value, Type type);

    String readTitle(String base);

    String setTitle(String base, String value);

    /** The desk, as it is seen from the class that is written. */
    String desk();

    /** Whatever the application offers to all: {@code app.}, or nothing in its own class. */
    String app();

    /** How an ending is written. */
    Form ending(String window, String ending);

    Form taskEnding(String task, String ending);

    /** How an answer of a named script is written (W11). */
    Form answer(bivouac.design.ScriptPlace.Named script, String ending);

    /** The type of the answers of a named script. */
    String answersOf(bivouac.design.ScriptPlace.Named script);

    /** Whether opening it is worth a class of its own, as of a window with a face; else it is asked by its class. */
    String methodOfTask(String task);

    /** The application's method that runs a task, for steps that answer that it broke, or not (W8). */
    default String methodRunning(String task, boolean mayBreak) {
        return methodOfTask(task) + (mayBreak ? "OrBroke" : "");
    }

    String methodOfHolding(String holding, boolean take);

    /** Whether a holding is of the application, and not of the window that takes it. */
    boolean isOfApplication(String holding);

    /** The method of a named script, with what it is of: {@code app.}, or nothing. */
    String methodOfScript(java.util.Optional<String> window, String script);

    String methodOfTimer(java.util.Optional<String> window, String timer);

    /** The method that says whether a row may be removed; empty where none is asked. */
    java.util.Optional<String> mayRemove(String window, Part list);

    /** The text of a key, which is made for it: a call that gives it, with its values. */
    String text(String key, String text, Here here);

    /**
     * An ending.
     *
     * @param type the record, or the constant of an enum
     */
    record Form(String type, boolean constant) {}

    /** The classes that a name of a window means, for owner and opener of several kinds. */
    default String base(Say.Whose whose, String window) {
        String type = classOf(window) + ".class";
        return switch (whose) {
            case Say.Whose.Me m -> "";
            case Say.Whose.Owner o -> "owner(" + type + ").";
            case Say.Whose.Opener o -> "opener(" + type + ").";
            case Say.Whose.TheOnly t -> desk() + ".the(" + type + ").";
            case Say.Whose.Keyed(Say key) -> desk() + ".the(" + type + ", " + new JavaExpressions(this).key(key) + ").";
            case Say.Whose.KeptByScript(String name) -> desk() + ".there(" + name + ").";
            case Say.Whose.KeptByWindow(String of, String variable) ->
                desk() + ".there(" + variable(of, variable) + ").";
        };
    }
}
