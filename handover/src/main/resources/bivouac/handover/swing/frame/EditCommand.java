package frame;

/** A command in a menu that does to the field that had the keyboard last what every field can (P6). */
public final class EditCommand extends MenuCommand {

    private final Editing what;

    public EditCommand(Face window, String name, Editing what) {
        super(window, name, new javax.swing.JMenuItem());
        this.what = what;
    }

    /** It is no event: what comes of it the field tells. */
    @Override
    protected void pressed() {
        window.edit(what);
    }
}
