package bivouac.handover.jvm;

import bivouac.design.Each;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.design.Setting;
import bivouac.design.Type;
import bivouac.handover.braces.Lines;
import bivouac.handover.braces.Spelling;
import bivouac.handover.java.JavaExpressions;
import bivouac.handover.meaning.FirstCells;
import bivouac.handover.meaning.Here;
import bivouac.handover.meaning.Meanings;
import bivouac.handover.meaning.PartFacts;
import bivouac.handover.meaning.Say;
import bivouac.plan.PartPlan;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** What all that is written of a window goes by: its names, its texts, its expressions. */
public record WindowWriting(Meanings meanings, JvmWorld world, FacedWindow face, Here here) {

    /** What a script is given that is over only later: the step that does it, and what follows. */
    static final List<String> LATER = List.of("String step", "Runnable then");

    public String shown() {
        return face.name().shown();
    }

    /** The field of a part. */
    public String field(Part part) {
        return world.part(part.name().expression());
    }

    public static String quoted(Part part) {
        return Spelling.literal(part.name().expression());
    }

    public String text(String key, String text) {
        return world.text(key, text, here);
    }

    /** The text of a part, under its name. */
    public String textOf(Part part, String text) {
        return text(part.name().expression(), text);
    }

    /** What stands on the button that cancels the work of a progress; an empty text where it cannot be cancelled (W10). */
    public String cancelText(Part.Progress part) {
        return meanings.program().design().application().mayBeCancelled(part)
                ? text(part.name().expression() + "Cancel", PartFacts.CANCEL)
                : "\"\"";
    }

    public Optional<Say> say(Expression expression) {
        return meanings.of(expression, here);
    }

    public String write(Say say, Type wanted) {
        return new JavaExpressions(world).write(say, wanted);
    }

    /** The method that runs at what a person does to a part. */
    public String method(Part part) {
        String word = part.trigger().map(Part.Trigger::word).orElse("");
        return part.name().expression() + Spelling.upper(word);
    }

    public String activated(Part.ListOfRows list) {
        return Spelling.camel(field(list) + " activated");
    }

    /** The method that says whether a row may be removed; one that always agrees where none is asked. */
    public String mayRemove(Part.ListOfRows list) {
        return world.mayRemove(shown(), list)
                .map(m -> "desk.asking(this, this::" + m + ")")
                .orElse("ignored -> true");
    }

    /** The file of the picture that stands for the window, if it has one of its own. */
    public Optional<String> icon() {
        return Optional.of(face().frame().icon()).filter(PartFacts::isFixed);
    }

    /** The class of the rows of a list. */
    public String row(Part.ListOfRows list) {
        return world.types().of(list.row());
    }

    public String boxed(Type type) {
        return world.types().boxed(type);
    }

    public static String list(List<String> texts) {
        return "List.of(" + texts.stream().map(Spelling::literal).collect(Collectors.joining(", ")) + ")";
    }

    public static List<String> columns(Part.ListOfRows list) {
        return list.columns().stream().map(Type.Column::name).toList();
    }

    /** The rows that a list starts with. */
    public String firstRows(Part.ListOfRows list) {
        return "List.of(" + list.first().stream().map(r -> firstRow(list, r)).collect(Collectors.joining(", ")) + ")";
    }

    private String firstRow(Part.ListOfRows list, List<String> texts) {
        var values = new ArrayList<String>();
        for (int i = 0; i < list.columns().size(); i++) {
            values.add(typed(
                    i < texts.size() ? texts.get(i) : "", list.columns().get(i).type()));
        }
        return "new " + row(list) + "(" + String.join(", ", values) + ")";
    }

    /** The application is not there yet where parts are made, so that a date starts with that of the machine. */
    private String typed(String raw, Type type) {
        return FirstCells.say(raw, type)
                .map(s -> write(s, type))
                .orElseGet(() ->
                        type == Type.DATE ? "LocalDate.now()" : world.types().start(type));
    }

    /** As {@link PartFacts}, for the toolkits. */
    public static boolean isTriggered(Part part) {
        return PartFacts.isTriggered(part);
    }

    /** As {@link PartFacts}, for the toolkits. */
    public static boolean isFixed(Setting setting, boolean told) {
        return PartFacts.isFixed(setting, told);
    }

    /** As {@link PartFacts}, for the toolkits. */
    public static boolean isFixed(String text) {
        return PartFacts.isFixed(text);
    }

    /** As {@link PartFacts}, for the toolkits. */
    public static Optional<String> live(Part part) {
        return PartFacts.live(part);
    }

    /** What a row is of which there is a part for each (P5): the class of a value, or of a window. */
    public String eachType(Part part) {
        return part.each() instanceof Each.OfWindows(String window)
                ? world.classOf(window)
                : boxed(((Type.ListOf)
                                meanings.rowsOf(shown(), part).orElseThrow().type())
                        .of());
    }

    /** What follows a list, or the open windows (P5): conditions for each of them, and what stands on each. */
    public void each(Lines lines, Part part) {
        String field = field(part);
        Here row = Here.ofEach(shown(), part);
        if (part.each() instanceof Each.OfWindows(String window)) {
            if (ticks(part)) {
                lines.add(field + ".tickedWhen(row -> row == this);");
            }
            enabled(lines, part, row);
            lines.add(field + ".rows(desk.opened(" + world.classOf(window) + ".class), row -> "
                    + world.readTitle("row.") + ");");
            return;
        }
        meanings.tickedOf(shown(), part)
                .ifPresent(say -> lines.add(field + ".tickedWhen(row -> " + write(say, Type.YESNO) + ");"));
        enabled(lines, part, row);
        Say rows = meanings.rowsOf(shown(), part).orElseThrow();
        lines.add(field + ".rows(" + write(rows, rows.type()) + ", row -> "
                + world.text(part.name().expression(), PartPlan.content(part), row) + ");");
    }

    /** Tells a choice which list it follows, if it does (P5). */
    public void follows(Lines lines, Part.Choice choice) {
        if (choice.follows().isPresent()) {
            lines.add(field(choice) + ".follows(this::" + PartFacts.items(choice) + ");");
        }
    }

    /** Whether something asks what is selected in a text field (P7). */
    public boolean asksForSelection(Part field) {
        return meanings.asksForSelection(face.name().shown(), field);
    }

    /** As {@link PartFacts}, for the toolkits. */
    public boolean ticks(Part part) {
        return PartFacts.ticks(face, part);
    }

    private void enabled(Lines lines, Part part, Here row) {
        meanings.followed(part.traits().enabled(), row)
                .ifPresent(say -> lines.add(field(part) + ".enabledWhen(row -> " + write(say, Type.YESNO) + ");"));
    }

    /** A call that follows a condition, as far as one is followed. */
    public void follows(Lines lines, Setting setting, String call) {
        meanings.followed(setting, here).ifPresent(say -> lines.add(call + write(say, Type.YESNO) + ");"));
    }
}
