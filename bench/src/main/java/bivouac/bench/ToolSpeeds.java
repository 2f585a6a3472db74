package bivouac.bench;

import bivouac.design.Design;
import bivouac.desktop.App;
import bivouac.desktop.widget.Refocus;
import bivouac.desktop.work.Chosen;
import bivouac.desktop.work.Examples;
import bivouac.desktop.work.Journals;
import bivouac.desktop.work.Screen;
import bivouac.format.DesignFile;
import bivouac.machine.Event;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.function.IntConsumer;
import java.util.function.IntUnaryOperator;
import javafx.application.Platform;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;
import javafx.stage.Stage;

/** Speeds of the tool itself, on a display that is not there: first window, overview laid out, typing, a press. */
public final class ToolSpeeds {

    /** Where unsaved work of the benchmark is kept: nobody's. */
    private static final Path STATE = Path.of(System.getProperty("java.io.tmpdir"), "bivouac-bench-state");

    private ToolSpeeds() {}

    public static void main(String[] args) throws Exception {
        long from = Long.getLong("bivouac.started");
        Design hut = DesignFile.read(Examples.usual());
        var started = new CompletableFuture<Void>();
        Platform.startup(() -> started.complete(null));
        started.join();
        App app = open(hut);
        pulse();
        System.out.println("first window of the tool, from the start of the process: "
                + (System.currentTimeMillis() - from) + " ms");
        app.settled().join();
        pulse();
        System.out.println("    with Ridge Hut laid out and checked: " + (System.currentTimeMillis() - from) + " ms");
        List<String> sizes = args.length == 0 ? List.of("100", "500", "500") : List.of(args);
        for (String size : sizes) {
            large(app, Integer.parseInt(size));
        }
        Platform.exit();
    }

    private static void large(App app, int windows) throws Exception {
        Design design = LargeDesigns.of(windows);
        long from = System.nanoTime();
        on(() -> {
            app.work().take(design, "");
            app.work().show(Screen.OVERVIEW);
            return null;
        });
        long blocked = System.nanoTime();
        pulse();
        long drawn = System.nanoTime();
        app.settled().join();
        pulse();
        System.out.println(windows + " windows: taken in " + ms(from, blocked) + " ms, its overview drawn after "
                + ms(from, drawn) + " ms, and with what is found in it after " + ms(from, System.nanoTime()) + " ms");
        moving(app);
        typing(app);
        pressing(app);
    }

    /** Through the overview, as fast as frames come, each of which waits until the one before is painted. */
    private static void moving(App app) throws Exception {
        var scrolled = (ScrollPane) on(() -> app.root().lookup(".overview-scroll"));
        moving(app, "scrolled", i -> {
            scrolled.setVvalue(i % 2);
            scrolled.setHvalue(i / 120.0);
        });
        moving(app, "from window to window", i -> app.work().choose(Chosen.window("Sheet " + i % 40)));
    }

    private static void moving(App app, String how, IntConsumer move) throws Exception {
        int frames = 120;
        long worst = 0;
        long from = System.nanoTime();
        for (int i = 0; i < frames; i++) {
            int at = i;
            long one = System.nanoTime();
            on(() -> {
                        move.accept(at);
                        return frame(app);
                    })
                    .join();
            worst = Math.max(worst, System.nanoTime() - one);
        }
        System.out.println("    the overview moved through, " + how + ": "
                + frames * 1_000_000_000L / (System.nanoTime() - from) + " frames a second (the slowest after "
                + worst / 1_000_000 + " ms)");
    }

    private static void typing(App app) throws Exception {
        on(() -> {
            app.work().goTo(Chosen.window("Sheet 1"));
            return null;
        });
        app.settled().join();
        pulse();
        long worst = 0;
        long sum = 0;
        String text = "set me.shown ← me.name + \"!\"";
        for (int i = 0; i < text.length(); i++) {
            String letter = text.substring(i, i + 1);
            long from = System.nanoTime();
            on(() -> {
                var field = (TextInputControl) Refocus.find(app.root(), "next-step");
                field.requestFocus();
                field.appendText(letter);
                return null;
            });
            pulse();
            long took = System.nanoTime() - from;
            worst = Math.max(worst, took);
            sum += took;
        }
        System.out.println("    a letter typed is drawn after " + sum / text.length() / 1_000_000 + " ms (worst "
                + worst / 1_000_000 + " ms)");
        editing(app);
    }

    /** From an edit until its findings are drawn, on the Window screen first and then on each of the others. */
    private static void editing(App app) throws Exception {
        System.out.println("    findings of an edit are drawn on the Window screen after" + edits(app, 7, "Other")
                + " ms (walkthroughs played after)");
        for (Screen screen : Screen.values()) {
            on(() -> {
                app.work().show(screen);
                return null;
            });
            app.settled().join();
            pulse();
            System.out.println("        on " + screen + " after" + edits(app, 5, screen.name()) + " ms");
        }
    }

    private static String edits(App app, int many, String called) throws Exception {
        var all = new StringBuilder();
        for (int i = 0; i < many; i++) {
            String title = called + " " + i;
            var found = new CompletableFuture<Void>();
            long edit = System.nanoTime();
            Runnable deaf = on(() -> {
                app.work()
                        .change(
                                app.work().now().design().changing("Sheet 2", w -> ((bivouac.design.FacedWindow) w)
                                        .titled(title)),
                                "title");
                return app.work().listen(s -> {
                    if (s.isCompiled()) {
                        found.complete(null);
                    }
                });
            });
            found.join();
            pulse();
            all.append(' ').append(ms(edit, System.nanoTime()));
            app.work().settled().join();
            all.append(" (").append(ms(edit, System.nanoTime())).append(')');
            on(() -> {
                deaf.run();
                return null;
            });
        }
        return all.toString();
    }

    private static void pressing(App app) throws Exception {
        on(() -> {
            app.work().show(Screen.REHEARSAL);
            return null;
        });
        pulse();
        // the last button of the desk counts, and all before it open a window
        int counts = app.work().now().rehearsal().scene().windows().getFirst().parts().stream()
                .filter(p -> p.design().name().expression().equals("count"))
                .findFirst()
                .orElseThrow()
                .number();
        pressing(app, "a press that opens a window is on the desk", i -> i);
        pressing(app, "a press that opens none, with 21 open, is on the desk", i -> counts);
    }

    private static void pressing(App app, String what, IntUnaryOperator parts) throws Exception {
        long worst = 0;
        long sum = 0;
        long all = 0;
        long blocked = 0;
        for (int i = 0; i < 20; i++) {
            int part = parts.applyAsInt(i);
            var heard = new Heard();
            long from = System.nanoTime();
            var seen = on(() -> {
                app.work().act(new Event.Press(0, part));
                return frame(app);
            });
            seen.join();
            long took = System.nanoTime() - from;
            app.settled().join();
            frame(app).join();
            all += System.nanoTime() - from;
            blocked = Math.max(blocked, heard.longest());
            worst = Math.max(worst, took);
            sum += took;
        }
        System.out.println("    " + what + " after " + sum / 20 / 1_000_000 + " ms (worst " + worst / 1_000_000
                + " ms), all around it after " + all / 20 / 1_000_000 + " ms; the interface hears nothing for at most "
                + blocked / 1_000_000 + " ms");
    }

    /** Done when the next frame is laid out and handed to be drawn. */
    private static CompletableFuture<Void> frame(App app) {
        var done = new CompletableFuture<Void>();
        Runnable listen = () -> {
            var scene = app.root().getScene();
            var once = new Runnable() {
                @Override
                public void run() {
                    scene.removePostLayoutPulseListener(this);
                    done.complete(null);
                }
            };
            scene.addPostLayoutPulseListener(once);
            Platform.requestNextPulse();
        };
        if (Platform.isFxApplicationThread()) {
            listen.run();
        } else {
            Platform.runLater(listen);
        }
        return done;
    }

    /** How long the interface thread does not answer, asked all the time from another one. */
    private static final class Heard {
        private final Thread asking = new Thread(this::ask, "asking");
        private volatile boolean over;
        private long longest;

        Heard() {
            asking.setDaemon(true);
            asking.start();
        }

        private void ask() {
            while (!over) {
                var answer = new CompletableFuture<Void>();
                long from = System.nanoTime();
                Platform.runLater(() -> answer.complete(null));
                answer.join();
                longest = Math.max(longest, System.nanoTime() - from);
                java.util.concurrent.locks.LockSupport.parkNanos(500_000);
            }
        }

        long longest() throws InterruptedException {
            over = true;
            asking.join();
            return longest;
        }
    }

    private static App open(Design design) throws Exception {
        return on(() -> {
            var app = new App(
                    new Stage(), design, Optional.empty(), LocalDate.of(2026, 11, 23), new Journals(STATE), true);
            app.show();
            return app;
        });
    }

    /** Until all that was asked for is laid out. */
    private static void pulse() throws Exception {
        var done = new CompletableFuture<Void>();
        Platform.runLater(() -> Platform.runLater(() -> done.complete(null)));
        done.join();
    }

    private static <T> T on(Callable<T> task) throws Exception {
        var done = new CompletableFuture<T>();
        Platform.runLater(() -> {
            try {
                done.complete(task.call());
            } catch (Exception e) {
                done.completeExceptionally(e);
            }
        });
        return done.get();
    }

    private static long ms(long from, long to) {
        return (to - from) / 1_000_000;
    }
}
