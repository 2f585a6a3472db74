package bivouac.handover.python;

/**
 * How a written class sees the program.
 *
 * @param app how it reaches the application
 * @param desk how it reaches the desk
 * @param self how it calls the window whose script it is; {@code None} in a script of the application
 * @param window the shown name of the window that is written; empty for none
 */
public record PyView(String app, String desk, String self, String window) {

    public static PyView ofWindow(String window) {
        return new PyView("self.app", "self.desk", "self", window);
    }

    /** @param self the window, in a script that windows call */
    public static PyView ofApplication(String self) {
        return new PyView("self", "self.desk", self, "");
    }

    /** Where what is handed over is a parameter: in samples of tasks, and in the method that asks. */
    public static PyView ofParameters(String app) {
        return new PyView(app, app + ".desk", "None", "");
    }

    boolean isOfWindow() {
        return self.equals("self");
    }

    String today() {
        return app.isEmpty() ? "datetime.date.today()" : app + ".today";
    }
}
