package bivouac;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.source.tree.AnyPatternTree;
import com.sun.source.tree.BindingPatternTree;
import com.sun.source.tree.CaseTree;
import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.tree.DeconstructionPatternTree;
import com.sun.source.tree.DefaultCaseLabelTree;
import com.sun.source.tree.PatternCaseLabelTree;
import com.sun.source.tree.PatternTree;
import com.sun.source.tree.SwitchExpressionTree;
import com.sun.source.tree.SwitchTree;
import com.sun.source.util.JavacTask;
import com.sun.source.util.SourcePositions;
import com.sun.source.util.TreeScanner;
import com.sun.source.util.Trees;
import java.io.IOException;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import javax.tools.JavaFileObject;
import javax.tools.SimpleJavaFileObject;
import javax.tools.ToolProvider;
import org.junit.jupiter.api.Test;

/**
 * A switch over steps, parts, events or operations says of each kind what is done: a kind that is added does not compile until
 * everybody has said what it means to them. Neither {@code default} nor a pattern for all of them is allowed beside single ones;
 * a group that is sealed itself, like all steps without scripts, is.
 */
class CompleteSwitchesTest {

    private static final Set<String> ROOTS = Set.of("Step", "Part", "Event", "Op");

    @Test
    void none_is_answered_by_default() throws IOException {
        var found = new ArrayList<String>();
        var sources = new ArrayList<Source>();
        for (String module : List.of("core", "handover", "cli", "desktop")) {
            try (Stream<Path> files = Files.walk(Path.of("..", module, "src/main/java"))) {
                for (Path file :
                        files.filter(f -> f.toString().endsWith(".java")).toList()) {
                    sources.add(new Source(file.getFileName().toString(), Files.readString(file)));
                }
            }
        }
        assertThat(look(sources, found)).isGreaterThan(80);
        assertThat(found).isEmpty();
    }

    @Test
    void what_is_not_allowed_is_found() throws IOException {
        var found = new ArrayList<String>();
        String text = """
                class A {
                    int a(Step s) { return switch (s) { case Step.Open o -> 1; default -> 2; }; }
                    int b(Step s) { return switch (s) { case Step.Open o when true -> 1; case Step other -> 2; }; }
                    int c(Step s) { return switch (s) { case Step.Open o -> 1; case Step.Plain _ -> 2; }; }
                    int d(String s) { return switch (s) { case "a" -> 1; default -> 2; }; }
                    void e(Event e) { switch (e) { case Event.Press(int i, int p) -> d(""); default -> d(""); } }
                }
                """;
        assertThat(look(List.of(new Source("A.java", text)), found)).isEqualTo(4);
        assertThat(found).containsExactly("A.java:2", "A.java:3", "A.java:6");
    }

    /** A text that stands for a file. */
    private static final class Source extends SimpleJavaFileObject {

        private final String text;

        Source(String name, String text) {
            super(URI.create("string:///" + name), JavaFileObject.Kind.SOURCE);
            this.text = text;
        }

        @Override
        public CharSequence getCharContent(boolean ignored) {
            return text;
        }
    }

    /** Answers how many switches over one of the roots there are. */
    private static int look(List<Source> sources, List<String> found) throws IOException {
        var task = (JavacTask) ToolProvider.getSystemJavaCompiler().getTask(null, null, null, null, null, sources);
        SourcePositions positions = Trees.instance(task).getSourcePositions();
        int switches = 0;
        for (CompilationUnitTree unit : task.parse()) {
            String path = unit.getSourceFile().toUri().getPath();
            var scanner = new Scanner(path.substring(path.lastIndexOf('/') + 1), found, positions);
            scanner.unit = unit;
            scanner.scan(unit, null);
            switches += scanner.switches;
        }
        return switches;
    }

    private static final class Scanner extends TreeScanner<Void, Void> {

        private final SourcePositions positions;
        private final String name;
        private final List<String> found;
        private CompilationUnitTree unit;
        private int switches;

        Scanner(String name, List<String> found, SourcePositions positions) {
            this.positions = positions;
            this.name = name;
            this.found = found;
        }

        @Override
        public Void visitSwitch(SwitchTree tree, Void none) {
            cases(tree.getCases(), positions.getStartPosition(unit, tree));
            return super.visitSwitch(tree, none);
        }

        @Override
        public Void visitSwitchExpression(SwitchExpressionTree tree, Void none) {
            cases(tree.getCases(), positions.getStartPosition(unit, tree));
            return super.visitSwitchExpression(tree, none);
        }

        private void cases(List<? extends CaseTree> cases, long at) {
            var roots = new TreeSet<String>();
            boolean takesTheRest = false;
            for (CaseTree one : cases) {
                for (var label : one.getLabels()) {
                    takesTheRest |= label instanceof DefaultCaseLabelTree;
                    if (label instanceof PatternCaseLabelTree pattern) {
                        String type = type(pattern.getPattern());
                        takesTheRest |= ROOTS.contains(type);
                        int dot = type.indexOf('.');
                        if (dot > 0 && ROOTS.contains(type.substring(0, dot))) {
                            roots.add(type.substring(0, dot));
                        }
                    }
                }
            }
            if (!roots.isEmpty()) {
                switches++;
                if (takesTheRest) {
                    found.add(name + ":" + unit.getLineMap().getLineNumber(at));
                }
            }
        }

        private static String type(PatternTree pattern) {
            return switch (pattern) {
                case BindingPatternTree binding ->
                    binding.getVariable().getType().toString();
                case DeconstructionPatternTree record ->
                    record.getDeconstructor().toString();
                case AnyPatternTree any -> "";
                default -> "";
            };
        }
    }
}
