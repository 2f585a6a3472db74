package bivouac.design;

import java.util.List;

/** What belongs to the application as a whole and to no window. */
public record Application(String name, About about, List<Variable> variables, Script start, DepartureRule departure) {

    /** Facts for an about box; each may be empty. */
    public record About(String version, String rights, String comments, String link) {
        public static final About NOTHING = new About("", "", "", "");
    }

    public Application {
        variables = List.copyOf(variables);
    }

    public Application named(String other) {
        return new Application(other, about, variables, start, departure);
    }

    public Application about(About other) {
        return new Application(name, other, variables, start, departure);
    }

    public Application holding(List<Variable> other) {
        return new Application(name, about, other, start, departure);
    }

    public Application starting(Script other) {
        return new Application(name, about, variables, other, departure);
    }

    public Application departing(DepartureRule other) {
        return new Application(name, about, variables, start, other);
    }
}
