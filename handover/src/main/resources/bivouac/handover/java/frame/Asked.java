package frame;

import desk.Desk;
import java.util.List;

/** A window that only asks: a message box, a file dialog, a picker. It is asked nothing before it closes (C7, C8). */
public abstract class Asked extends FrameWindow {

    private final boolean system;

    /** @param system whether it stands for one of the system's own, which nobody can take away (C3) */
    protected Asked(Desk desk, String name, boolean system) {
        super(desk, name, null);
        this.system = system;
    }

    @Override
    public abstract void closeBoxUsed();

    @Override
    public void escapePressed() {
        closeBoxUsed();
    }

    @Override
    protected boolean isReadyMade() {
        return true;
    }

    @Override
    protected boolean cannotBeTakenAway() {
        return system;
    }

    @Override
    public List<String> seen() {
        return List.of();
    }
}
