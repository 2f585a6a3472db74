package desk;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;

/** A window as the rules see it. The upper half is overridden by the windows of a design, the lower one by the frame. */
public abstract class DeskWindow {

    protected final Desk desk;
    private final String name;
    private final Object key;
    int number;
    DeskWindow owner;
    DeskWindow opener;
    Manner manner = Manner.ALONGSIDE;
    /** Later ones that are waited for block earlier ones (B1). */
    int rank;

    boolean hidden;
    private final List<WorkShown> shown = new ArrayList<>();

    /** @param key tells windows of one name apart, of which there is one for each key (O3); null for none */
    protected DeskWindow(Desk desk, String name, Object key) {
        this.desk = desk;
        this.name = name;
        this.key = key;
    }

    // What a design says

    protected void opened() {}

    protected void broughtBack() {}

    /** The script before closing; {@code false} keeps the window open (C2). */
    protected boolean mayClose(Closing closing) {
        return true;
    }

    /** Whether a way out goes past the script before closing (C2). */
    protected boolean isUnasked(Way way) {
        return false;
    }

    /** Where a way out leads (C1); null where it leads nowhere. */
    protected abstract Ending endingFor(Way way);

    /** The script after closing (C5). */
    protected void afterClosing(Closing closing) {}

    /** Brings live texts and conditions up to date (P3). */
    protected void refresh() {}

    /** Whether the window answers something from outside (F1). */
    protected boolean hears(Outside what) {
        return false;
    }

    /** Answers it. */
    protected void hear(Outside what, List<String> files) {}

    /** The files that it has open (F3). */
    protected List<String> openFiles() {
        return List.of();
    }

    /** What a message box asks. */
    protected String asks() {
        return "";
    }

    /** A message box, file dialog or picker: it is asked nothing before it closes. */
    protected boolean isReadyMade() {
        return false;
    }

    /** A file dialog or a picker, which nobody can take away (C3). */
    protected boolean cannotBeTakenAway() {
        return false;
    }

    /** A part that shows how far work is (W9). */
    protected final void shows(WorkShown part) {
        shown.add(part);
    }

    final List<WorkShown> showing() {
        return shown;
    }

    final List<WorkShown> showing(String task) {
        return shown.stream().filter(s -> s.task().equals(task)).toList();
    }

    // What the frame does

    protected abstract void show();

    protected abstract void toFront();

    protected abstract void leaveScreen();

    /** Off the screen for a while, or back (C9). */
    protected abstract void showHidden(boolean hidden);

    public abstract String title();

    /** What the parts of the window show, a line each, for those who compare. */
    public abstract List<String> seen();

    // For scripts

    public final String name() {
        return name;
    }

    public final Object key() {
        return key;
    }

    /** Its name, and which one it is where several are open. */
    public final String which() {
        return number <= 1 ? name : name + " (" + number + ")";
    }

    public final Desk desk() {
        return desk;
    }

    /** The owner as a window of a kind; fault X3 where there is none. */
    public final <W extends DeskWindow> W owner(Class<W> kind) {
        return needed(owner, kind, "owner");
    }

    /** The window whose script opened this one, as a window of a kind; fault X3 where it has gone. */
    public final <W extends DeskWindow> W opener(Class<W> kind) {
        return needed(opener, kind, "opener");
    }

    private static <W extends DeskWindow> W needed(DeskWindow window, Class<W> kind, String what) {
        if (!kind.isInstance(window)) {
            throw new Fault("X3", "this window has no " + what + " now");
        }
        return kind.cast(window);
    }

    public final DeskWindow owner() {
        return owner;
    }

    public final DeskWindow opener() {
        return opener;
    }

    /** Whether it, or what owns it, is off the screen. */
    public final boolean isHidden() {
        return hidden || owner != null && owner.isHidden();
    }

    /** Whether this is {@code other}, or owned by it, however far below. */
    final boolean within(DeskWindow other) {
        for (DeskWindow w = this; w != null; w = w.owner) {
            if (w == other) {
                return true;
            }
        }
        return false;
    }

    /** The <i>close</i> step of this window's own scripts: goes on only if the request was refused (W6). */
    protected final void close(Supplier<? extends Ending> ending) {
        if (desk.request(this, Way.CLOSE_STEP, ending)) {
            throw new Gone(this);
        }
    }

    /** The close box of the screen: it cancels work that is waited for and shown here (W10), else leaves. */
    public final void closeBox() {
        if (!desk.isCancelledByLeaving(this)) {
            closeBoxUsed();
        }
    }

    /** Escape, likewise. */
    public final void escape() {
        if (!desk.isCancelledByLeaving(this)) {
            escapePressed();
        }
    }

    public void closeBoxUsed() {
        leave(Way.CLOSE_BOX);
    }

    public void escapePressed() {
        leave(Way.ESCAPE);
    }

    protected final void leave(Way way) {
        desk.event(this, () -> {
            if (endingFor(way) != null) {
                desk.request(this, way, () -> endingFor(way));
            }
        });
    }
}
