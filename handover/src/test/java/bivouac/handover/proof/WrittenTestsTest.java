package bivouac.handover.proof;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.format.DesignFile;
import bivouac.handover.Handover;
import bivouac.handover.Toolkit;
import bivouac.handover.WrittenFile;
import java.io.StringWriter;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.net.URL;
import java.net.URLClassLoader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.TreeMap;
import javax.tools.ToolProvider;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The tests of the desk that every program in Java has: they hold, and each fails where its rule is broken. */
class WrittenTestsTest {

    @TempDir
    Path folder;

    @BeforeEach
    void write() throws Exception {
        var design = DesignFile.read(Path.of("../examples/ferry-bell.bivouac"));
        for (WrittenFile file : Handover.write(design, Toolkit.SWING)) {
            if (file.path().contains("/desk/")) {
                Path path = folder.resolve(file.path().replaceFirst(".*/desk/", ""));
                Files.writeString(path, file.text());
            }
        }
    }

    private void change(String from, String to) throws Exception {
        Path path = folder.resolve("Desk.java");
        String text = Files.readString(path);
        assertThat(text).contains(from);
        Files.writeString(path, text.replace(from, to));
    }

    /** What came of each test, by its name: nothing, or what went wrong. */
    private TreeMap<String, String> run() throws Exception {
        var compiler = ToolProvider.getSystemJavaCompiler();
        Path classes = Files.createTempDirectory(folder, "classes");
        var said = new StringWriter();
        try (var files = compiler.getStandardFileManager(null, null, null);
                var all = Files.list(folder)) {
            List<Path> sources = all.filter(p -> p.toString().endsWith(".java")).toList();
            boolean right = compiler.getTask(
                            said,
                            files,
                            null,
                            List.of(
                                    "-proc:none",
                                    "-Xlint:all",
                                    "-cp",
                                    System.getProperty("java.class.path"),
                                    "-d",
                                    classes.toString()),
                            null,
                            files.getJavaFileObjectsFromPaths(sources))
                    .call();
            assertThat(right).as(said.toString()).isTrue();
        }
        var outcomes = new TreeMap<String, String>();
        try (var loader = new URLClassLoader(
                new URL[] {classes.toUri().toURL()}, getClass().getClassLoader())) {
            Class<?> type = loader.loadClass("desk.DeskTest");
            for (Method method : type.getDeclaredMethods()) {
                if (method.isAnnotationPresent(Test.class)) {
                    outcomes.put(method.getName(), outcome(type, method));
                }
            }
        }
        return outcomes;
    }

    private static String outcome(Class<?> type, Method method) throws Exception {
        var constructor = type.getDeclaredConstructor();
        constructor.setAccessible(true);
        method.setAccessible(true);
        try {
            method.invoke(constructor.newInstance());
            return "";
        } catch (InvocationTargetException e) {
            return String.valueOf(e.getCause());
        }
    }

    private List<String> failing() throws Exception {
        return run().entrySet().stream()
                .filter(e -> !e.getValue().isEmpty())
                .map(e -> e.getKey())
                .toList();
    }

    @Test
    void they_hold() throws Exception {
        assertThat(run())
                .hasSizeGreaterThan(7)
                .allSatisfy((name, wrong) -> assertThat(wrong).as(name).isEmpty());
    }

    @Test
    void who_is_blocked_is_tested() throws Exception {
        change("case WAITS_FOR_OWNER -> ", "case WAITS_FOR_OWNER -> false && ");
        assertThat(failing()).contains("a_waiting_window_blocks_its_owner_and_not_what_stands_beside_it");
    }

    @Test
    void the_order_of_giving_back_is_tested() throws Exception {
        change("held.push(", "held.add(");
        assertThat(failing()).contains("holdings_are_given_back_the_last_taken_first");
    }

    @Test
    void that_what_is_done_in_every_window_stops_is_tested() throws Exception {
        change("if (answer != null && until.test(answer)) {", "if (until == null) {");
        assertThat(failing()).contains("a_script_is_done_in_every_window_the_newest_first_until_one_gives_up");
    }

    @Test
    void that_a_fault_ends_who_does_it_is_tested() throws Exception {
        change(
                "} catch (Gone gone) {\n            if (!frame.ended",
                "} catch (Fault gone) {\n            if (!frame.ended && gone == null");
        assertThat(failing()).contains("a_fault_in_a_script_that_is_done_ends_the_one_that_does_it");
    }

    @Test
    void that_tasks_of_closing_are_waited_for_is_tested() throws Exception {
        change("topScript().filter(s -> s.waitsForAll).isPresent()", "topScript().isEmpty()");
        assertThat(failing()).contains("a_task_of_closing_is_waited_for_and_another_one_is_not");
    }

    @Test
    void that_one_refusal_keeps_all_is_tested() throws Exception {
        change("&& !mayClose(window, closing)) {", "&& !mayClose(window, closing) && closing.way() == null) {");
        assertThat(failing())
                .contains(
                        "what_a_window_owns_is_asked_too_and_one_refusal_keeps_all",
                        "a_departure_that_is_refused_changes_nothing");
    }
}
