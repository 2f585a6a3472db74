package desk;

/** Whether the system could do something (O7, H2). */
public sealed interface Tried extends Ending {

    record Done() implements Tried {}

    record CouldNot(String reason) implements Tried {}
}
