package bivouac.design;

import java.util.Optional;
import java.util.regex.Pattern;

/**
 * A value of the application or of a window's instance.
 *
 * @param starts its starting value; without one it starts as the empty value of its type
 * @param kept whether it outlives the run (D6); a window's own variable never does
 */
public record Variable(Name name, Type type, Optional<Expression> starts, boolean kept) {

    /** How values are called that say that something would be lost. */
    private static final Pattern UNSAVED = Pattern.compile("(?i).*(unsaved|changed|dirty|modified|pending).*");

    /** Whether it is a yes or no whose name says that something is not saved yet. */
    public boolean saysUnsaved() {
        return type == Type.Plain.YESNO && UNSAVED.matcher(name.expression()).matches();
    }

    private static final Pattern SAVED = Pattern.compile("(is|all)?saved", Pattern.CASE_INSENSITIVE);

    /** Whether it is a yes or no whose name says that all is saved: no means what yes means in {@link #saysUnsaved}. */
    public boolean saysSaved() {
        return type == Type.Plain.YESNO && SAVED.matcher(name.expression()).matches();
    }

    public static Variable of(String name, Type type, String starts) {
        return new Variable(Name.of(name), type, Optional.of(new Expression(starts)), false);
    }
}
