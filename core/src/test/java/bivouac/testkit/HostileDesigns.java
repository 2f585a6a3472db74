package bivouac.testkit;

import bivouac.design.Application;
import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Instances;
import bivouac.design.Manner;
import bivouac.design.Part;
import bivouac.design.Row;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Type;
import bivouac.design.Variable;
import bivouac.design.Window;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Designs made to harm: pressing <em>go</em> on <em>Desk</em> would take minutes or gigabytes. Each shows one way of
 * doing so; the benchmark measures what each takes.
 */
public enum HostileDesigns {
    LISTS_DOUBLED {
        @Override
        List<Step> go() {
            return repeated(set("app.l", "app.l + app.l"));
        }
    },
    LISTS_OF_LISTS {
        @Override
        List<Step> go() {
            return repeated(set("app.ll", "app.ll + app.ll"), set("app.ll", "[app.l, app.l, app.l] + app.ll"));
        }
    },
    TEXTS_DOUBLED {
        @Override
        List<Step> go() {
            return repeated(set("app.t", "app.t + app.t"));
        }
    },
    TEXTS_IN_BRACES {
        @Override
        List<Step> go() {
            return repeated(new Step.Note("{app.t}{app.t}"), set("app.t", "app.t + app.t"));
        }
    },
    TITLES_IN_BRACES {
        @Override
        List<Step> go() {
            return repeated(set("app.t", "app.t + app.t"), Step.Open.of("Ask", new Manner.Alongside()));
        }
    },
    PATTERNS_WITH_COUNTS {
        @Override
        List<Step> go() {
            return repeated(
                    set("app.p", "app.p + \"{30}\""),
                    set("app.p", "\"(\" + app.p + \")\""),
                    set("app.y", "app.t.matches(app.p) || true"),
                    set("app.t", "app.t + app.t"));
        }
    },
    PATTERNS_OVER_LONG_TEXTS {
        @Override
        List<Step> go() {
            return repeated(set("app.t", "app.t + app.t"), set("app.y", "app.t.matches(\"(x|y|xx){400}z\")"));
        }
    },
    MAPS_OVER_LONG_LISTS {
        @Override
        List<Step> go() {
            var steps = new ArrayList<Step>();
            for (int i = 0; i < 10; i++) {
                steps.add(set("app.l", "app.l + app.l"));
            }
            steps.addAll(repeated(set("app.l", "app.l.map(i, i + 1)")));
            return steps;
        }
    },
    MAPS_INSIDE_MAPS {
        @Override
        List<Step> go() {
            return List.of(
                    set("app.l", "app.l + app.l + app.l + app.l + app.l + app.l + app.l + app.l"),
                    set("app.y", "app.l.all(a, app.l.all(b, app.l.all(c, app.l.all(d, a + b + c + d > 0))))"));
        }
    },
    LISTS_COMPARED {
        @Override
        List<Step> go() {
            var steps = new ArrayList<Step>();
            for (int i = 0; i < 14; i++) {
                steps.add(set("app.l", "app.l + app.l"));
            }
            steps.addAll(repeated(set("app.y", "app.l == app.l + [2]"), set("app.y", "7 in app.l")));
            return steps;
        }
    },
    ROWS_ADDED {
        @Override
        List<Step> go() {
            return repeated(new Step.AddRow("me.rows", List.of()));
        }
    },
    WINDOWS_WITHOUT_END {
        @Override
        List<Step> go() {
            return repeated(Step.Open.of("Card", new Manner.Alongside()));
        }
    },
    WINDOWS_THAT_OPEN_EACH_OTHER {
        @Override
        List<Step> go() {
            return List.of(Step.Open.of("Chain", new Manner.Alongside()));
        }
    },
    ASKED_WITHOUT_END {
        @Override
        List<Step> go() {
            return List.of(Step.Open.of("Hydra", new Manner.Alongside()), Step.EndApplication.plain());
        }
    },
    NOTES_WITHOUT_END {
        @Override
        List<Step> go() {
            return repeated(new Step.Note("again"));
        }
    };

    /** What happens on <em>go</em>. */
    abstract List<Step> go();

    static Step set(String path, String value) {
        return Step.SetValue.of(path, value);
    }

    static List<Step> repeated(Step... steps) {
        var all = new ArrayList<>(List.of(steps));
        all.add(new Step.Again());
        return List.of(new Step.Repeat(new Script(all)));
    }

    public Design design() {
        var rows = Part.ListOfRows.of("rows", "Rows", new Type.Column("a", Type.TEXT));
        var desk = FacedWindow.of(FacedWindow.Kind.MAIN, "Desk")
                .withRows(List.of(
                        Row.of(rows),
                        Row.of(Part.Button.of("go", "Go").triggering(new Script(go()))),
                        Row.of(Part.Button.of("other", "Other").triggering(Script.of(new Step.Note("other"))))));
        var application = new Application(
                "Hostile",
                Application.About.NOTHING,
                List.of(
                        Variable.of("l", new Type.ListOf(Type.WHOLE), "[" + "1, ".repeat(19) + "1]"),
                        Variable.of("ll", new Type.ListOf(new Type.ListOf(Type.WHOLE)), "[[1, 2], [3]]"),
                        Variable.of("t", Type.TEXT, "\"xxxxxxxx\""),
                        Variable.of("p", Type.TEXT, "\"a\""),
                        Variable.of("y", Type.YESNO, "false")),
                Script.of(Step.Open.of("Desk", new Manner.Alongside())),
                new DepartureRule.OnlyWhenTold());
        return new Design(application, List.of(desk, many("Card"), opening("Chain"), asking(), ask()));
    }

    private static FacedWindow many(String name) {
        return FacedWindow.of(FacedWindow.Kind.CHILD, name).living(Optional.of(new Instances.Many()), false);
    }

    private static FacedWindow opening(String name) {
        return many(name).at(FacedWindow.Moment.OPENED, Script.of(Step.Open.of(name, new Manner.Alongside())));
    }

    private static FacedWindow asking() {
        return many("Hydra")
                .at(FacedWindow.Moment.BEFORE_CLOSING, Script.of(Step.Open.of("Hydra", new Manner.Alongside())));
    }

    private static Window ask() {
        return many("Ask").titled("{app.t}{app.t}");
    }
}
