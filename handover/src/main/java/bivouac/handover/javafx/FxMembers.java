package bivouac.handover.javafx;

import bivouac.design.Part;
import bivouac.handover.java.JavaNames;

/** How the members of parts (P1) are asked and set on the controls of JavaFX. */
final class FxMembers {

    private FxMembers() {}

    /** How a member is read, of the part that a field holds. */
    static String read(String field, Part part, String member) {
        if (member.startsWith(".selected.")) {
            return field + ".selected()." + JavaNames.safe(member.substring(10)) + "()";
        }
        return switch (member) {
            case ".enabled" -> "isEnabled(" + field + ")";
            case ".visible" -> "isVisible(" + field + ")";
            case ".readOnly" -> "isReadOnly(" + field + ")";
            case ".font" -> "font(" + field + ")";
            case ".colour" -> "colour(" + field + ")";
            case ".changed" -> "isChanged(" + field + ")";
            case ".selection.from", ".selection.to", ".selection.text" ->
                "selection(" + field + ")" + member.substring(10) + "()";
            case ".typed" -> field + ".getText()";
            case ".given" -> field + ".given()";
            case ".anyChosen" -> field + ".anyChosen()";
            case ".ticked" -> field + ".isSelected()";
            case ".text" -> text(field, part);
            case ".rows" -> field + ".rows()";
            case ".selected" -> field + ".selected()";
            case ".anySelected" -> field + ".anySelected()";
            case ".selectedNumber" -> field + ".selectedNumber()";
            case ".allSelected" -> field + ".allSelected()";
            case "" ->
                switch (part) {
                    case Part.ValueField v -> field + ".value()";
                    case Part.Choice c -> field + ".chosen()";
                    case Part.TickBox b -> field + ".isSelected()";
                    case Part.Picture p -> "picture(" + field + ")";
                    case Part.Progress p -> field + ".done()";
                    case Part.Caption _,
                            Part.TextField _,
                            Part.ListOfRows _,
                            Part.Link _,
                            Part.Button _,
                            Part.MenuCommand _ -> text(field, part);
                };
            default -> throw new IllegalArgumentException(member);
        };
    }

    private static String text(String field, Part part) {
        if (part instanceof Part.Progress) {
            return field + ".text()";
        }
        boolean marked =
                part instanceof Part.Button || part instanceof Part.MenuCommand || part instanceof Part.TickBox;
        return marked ? "marked(" + field + ".getText())" : field + ".getText()";
    }

    /** P7: the cursor stands before another text, and JavaFX puts it there before the same, too. */
    static String put(String field, Part.TextField part, String value) {
        return "selection(" + field + ").put(" + held(part, value) + ");";
    }

    /** As much of a text as the field holds (P4). */
    private static String held(Part.TextField field, String value) {
        return field.longest().isPresent()
                ? "Values.cut(" + value + ", " + field.longest().getAsInt() + ")"
                : value;
    }

    /** The statement that sets a member. */
    static String set(String field, Part part, String member, String value) {
        return switch (member) {
            case ".enabled" -> "enabled(" + field + ", " + value + ");";
            case ".visible" -> "visible(" + field + ", " + value + ");";
            case ".readOnly" -> "readOnly(" + field + ", " + value + ");";
            case ".font" -> "font(" + field + ", " + value + ");";
            case ".colour" -> "colour(" + field + ", " + value + ");";
            case ".rows" -> field + ".rows(" + value + ");";
            case ".selectedNumber" -> field + ".selectNumber(" + value + ");";
            case ".selected" -> field + ".change(r -> " + value + ");";
            case ".ticked" -> field + ".setSelected(" + value + ");";
            case ".changed" -> "changed(" + field + ", " + value + ");";
            case ".selection.from", ".selection.to", ".selection.text" ->
                "selection(" + field + ")" + member.substring(10) + "(" + value + ");";
            case ".typed" -> field + ".setText(" + value + ");";
            case "", ".text" ->
                switch (part) {
                    case Part.ValueField v -> field + ".value(" + value + ");";
                    case Part.Choice c -> field + ".choose(" + value + ");";
                    case Part.TickBox b -> field + ".setSelected(" + value + ");";
                    case Part.Picture p -> "picture(" + field + ", " + value + ");";
                    case Part.TextField f -> field + ".setText(" + held(f, value) + ");";
                    case Part.Button b -> field + ".setText(mnemonic(" + value + "));";
                    case Part.MenuCommand c -> field + ".setText(mnemonic(" + value + "));";
                    case Part.Caption _, Part.ListOfRows _, Part.Link _, Part.Progress _ ->
                        field + ".setText(" + value + ");";
                };
            default -> throw new IllegalArgumentException(member);
        };
    }
}
