package bivouac.sentence;

import bivouac.design.Expression;
import bivouac.design.Given;
import bivouac.design.Manner;
import bivouac.design.Step;
import bivouac.design.Target;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** How steps read. The texts of the tokens, put together with blanks, are a line that {@link StepTyping} reads back. */
public final class Sentences {

    private Sentences() {}

    /** The sentence of a step, without the scripts inside it. */
    public static List<Token> of(Step step) {
        var out = new ArrayList<Token>();
        switch (step) {
            case Step.Open o -> open(out, o);
            case Step.Close c -> close(out, c);
            case Step.StayOpen s -> out.add(new Token.Keyword("stay open"));
            case Step.SetValue(String path, Expression value) -> {
                out.add(new Token.Keyword("set"));
                out.add(new Token.ValueName(path));
                out.add(new Token.Plain("←"));
                out.add(new Token.ExpressionText(value.source()));
            }
            case Step.SetIn(String member, Target in, Expression value) -> {
                out.add(new Token.Keyword("set"));
                out.add(new Token.ValueName(member));
                out.add(new Token.Plain("of"));
                target(out, in);
                out.add(new Token.Plain("←"));
                out.add(new Token.ExpressionText(value.source()));
            }
            case Step.If i -> condition(out, "if", i.cases().getFirst().condition());
            case Step.EndApplication e -> {
                out.add(new Token.Keyword("end the application"));
                e.code().ifPresent(code -> {
                    out.add(new Token.Plain("code"));
                    out.add(new Token.ExpressionText(code.source()));
                });
                e.saying().ifPresent(text -> {
                    out.add(new Token.Plain("saying"));
                    out.add(new Token.Quoted(text));
                });
            }
            case Step.Note(String text) -> {
                out.add(new Token.Keyword("note"));
                out.add(new Token.Quoted(text));
            }
            case Step.RunTask r -> run(out, r);
            case Step.TakeHolding t -> {
                out.add(new Token.Keyword("take"));
                out.add(new Token.ValueName(t.holding()));
            }
            case Step.GiveBack g -> {
                out.add(new Token.Keyword("give back"));
                out.add(new Token.ValueName(g.holding()));
            }
            case Step.Do d -> {
                out.add(new Token.Keyword("do"));
                out.add(new Token.ValueName(d.script()));
                elsewhere(out, d);
                givens(out, "handing", d.handOver());
            }
            case Step.Return r -> {
                out.add(new Token.Keyword("return"));
                out.add(new Token.EndingName(r.ending()));
                givens(out, "giving", r.gives());
            }
            case Step.TurnTimer t -> {
                out.add(new Token.Keyword(t.how().words()));
                out.add(new Token.ValueName(t.timer()));
            }
            case Step.Focus(String part) -> {
                out.add(new Token.Keyword("focus"));
                out.add(new Token.ValueName(part));
            }
            case Step.CancelTask(String task) -> {
                out.add(new Token.Keyword("cancel task"));
                out.add(new Token.ValueName(task));
            }
            case Step.StopTask(String task) -> {
                out.add(new Token.Keyword("stop task"));
                out.add(new Token.ValueName(task));
            }
            case Step.AddRow a -> {
                out.add(new Token.Keyword("add row to"));
                out.add(new Token.ValueName(a.list()));
                givens(out, "with", a.values());
            }
            case Step.ChangeRow c -> {
                out.add(new Token.Keyword("change row of"));
                out.add(new Token.ValueName(c.list()));
                givens(out, "with", c.values());
            }
            case Step.RemoveRow(String list, boolean unasked) -> {
                out.add(new Token.Keyword("remove row of"));
                out.add(new Token.ValueName(list));
                if (unasked) {
                    out.add(new Token.Plain("unasked"));
                }
            }
            case Step.KeepRow k -> out.add(new Token.Keyword("keep the row"));
            case Step.Let(String name, Expression value) -> {
                out.add(new Token.Keyword("let"));
                out.add(new Token.ValueName(name));
                out.add(new Token.Plain("be"));
                out.add(new Token.ExpressionText(value.source()));
            }
            case Step.Repeat r -> out.add(new Token.Keyword("repeat"));
            case Step.Again a -> out.add(new Token.Keyword("again"));
            case Step.KeptValues k -> out.add(new Token.Keyword(k.how().words()));
            case Step.NotThereYet n -> out.add(new Token.Keyword("not there yet"));
            case Step.Reach r -> {
                out.add(new Token.Keyword(r.how().words()));
                target(out, r.target());
            }
            case Step.Off(Step inner) -> out.addAll(of(inner));
        }
        return List.copyOf(out);
    }

    /** The line as it is typed. */
    public static String line(Step step) {
        return of(step).stream()
                .map(t -> t instanceof Token.Quoted q ? '`' + q.text() + '`' : t.text())
                .filter(t -> !t.isEmpty())
                .collect(Collectors.joining(" "))
                .replace(" ,", ",");
    }

    static void condition(List<Token> out, String word, Expression condition) {
        out.add(new Token.Keyword(word));
        out.add(new Token.ExpressionText(condition.source()));
    }

    private static void open(List<Token> out, Step.Open o) {
        out.add(new Token.Keyword("open"));
        out.add(new Token.WindowName(o.window()));
        out.add(new Token.Plain(manner(o.manner())));
        o.as().ifPresent(name -> {
            out.add(new Token.Plain("as"));
            out.add(new Token.ValueName(name));
        });
        givens(out, "handing", o.handOver());
    }

    /** The manner as it stands in the sentence. */
    public static String manner(Manner manner) {
        return switch (manner) {
            case Manner.WaitsForOwner w -> "and wait, for its owner";
            case Manner.WaitsForApplication w -> "and wait, for the application";
            case Manner.Alongside a -> "alongside";
            case Manner.InPlace i -> "in place";
        };
    }

    private static void close(List<Token> out, Step.Close c) {
        out.add(new Token.Keyword("close"));
        target(out, c.target());
        c.ending().ifPresent(e -> {
            out.add(new Token.Plain("with"));
            out.add(new Token.EndingName(e));
        });
        givens(out, "giving", c.gives());
    }

    /** In which window a script is done, and what is made of how it ends (W11, W12). */
    private static void elsewhere(List<Token> out, Step.Do d) {
        d.in().ifPresent(target -> {
            out.add(new Token.Plain("in"));
            if (target instanceof Target.Me) {
                out.add(new Token.Plain(TargetTyping.ME));
            }
            target(out, target);
        });
        for (int i = 0; i < d.until().size(); i++) {
            out.add(new Token.Plain(i == 0 ? "until" : "or"));
            out.add(new Token.EndingName(d.until().get(i)));
        }
        d.as().ifPresent(name -> {
            out.add(new Token.Plain("as"));
            out.add(new Token.ValueName(name));
        });
    }

    private static void target(List<Token> out, Target target) {
        switch (target) {
            case Target.Me m -> {
                // its own window needs no naming
            }
            case Target.Owner o -> out.add(new Token.Plain("owner"));
            case Target.Opener o -> out.add(new Token.Plain("opener"));
            case Target.Single(String window) -> out.add(new Token.WindowName(window));
            case Target.Keyed(String window, Expression key) -> {
                out.add(new Token.WindowName(window));
                out.add(new Token.Plain("for"));
                out.add(new Token.ExpressionText(key.source()));
            }
            case Target.Every(String window) -> {
                out.add(new Token.Plain("every"));
                out.add(new Token.WindowName(window));
            }
            case Target.Kept(String name) -> {
                out.add(new Token.Plain("kept"));
                out.add(new Token.ValueName(name));
            }
        }
    }

    private static void run(List<Token> out, Step.RunTask r) {
        out.add(new Token.Keyword("run"));
        out.add(new Token.ValueName(r.task()));
        if (r.background()) {
            out.add(new Token.Plain(r.mayBeStopped() ? "in the background, may be stopped" : "in the background"));
        }
        r.as().ifPresent(name -> {
            out.add(new Token.Plain("as"));
            out.add(new Token.ValueName(name));
        });
        givens(out, "handing", r.handOver());
    }

    private static void givens(List<Token> out, String word, List<Given> givens) {
        for (int i = 0; i < givens.size(); i++) {
            out.add(new Token.Plain(i == 0 ? word : ","));
            out.add(new Token.ValueName(givens.get(i).name()));
            out.add(new Token.Plain("←"));
            out.add(new Token.ExpressionText(givens.get(i).value().source()));
        }
    }
}
