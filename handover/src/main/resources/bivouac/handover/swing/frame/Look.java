package frame;

import javax.swing.UIManager;
import javax.swing.UnsupportedLookAndFeelException;

/** How it all looks: as the system does where Swing knows how; elsewhere by a look that is the same everywhere. */
public final class Look {

    private static final String ELSEWHERE = "javax.swing.plaf.nimbus.NimbusLookAndFeel";

    private Look() {}

    /** Before the first window is made. */
    public static void set() {
        String system = System.getProperty("os.name");
        boolean known = system.startsWith("Windows") || system.startsWith("Mac");
        try {
            UIManager.setLookAndFeel(known ? UIManager.getSystemLookAndFeelClassName() : ELSEWHERE);
        } catch (ReflectiveOperationException | UnsupportedLookAndFeelException asItWas) {
            System.err.println("The look could not be set: " + asItWas.getMessage());
        }
    }
}
