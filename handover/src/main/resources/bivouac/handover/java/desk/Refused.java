package desk;

/** Ends a script that says <i>stay open</i> somewhere below the one that was asked (C2). Only the desk catches it. */
@SuppressWarnings("serial")
final class Refused extends RuntimeException {

    Refused() {
        super(null, null, false, false);
    }
}
