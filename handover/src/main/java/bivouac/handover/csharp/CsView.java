package bivouac.handover.csharp;

/**
 * How a written class sees the program.
 *
 * @param app how it reaches the application, with a point; empty in its own class
 * @param self how it calls the window whose script it is; {@code null} in a script of the application
 * @param today how it asks for the day
 * @param window the shown name of the window that is written; empty for none
 */
public record CsView(String app, String self, String today, String window) {

    public static CsView ofWindow(String window) {
        return new CsView("app.", "this", "app.Today", window);
    }

    /** @param self the window, in a script that windows call */
    public static CsView ofApplication(String self) {
        return new CsView("", self, "Today", "");
    }

    /** Where no application is: in first rows, and in the samples of the developer's own tasks. */
    public static CsView ofNothing() {
        return new CsView("", "null", "DateTime.Today", "");
    }

    /** @param app how the application is reached, with a point, from where samples are made */
    public static CsView ofSamples(String app) {
        return new CsView(app, "null", app + "Today", "");
    }

    /** In the method of the application's own class that names it to others. */
    String application() {
        return app.isEmpty() ? "this" : "app";
    }
}
