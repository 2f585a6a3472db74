package bivouac.desktop.window;

import bivouac.check.finding.Finding;
import bivouac.design.Design;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.desktop.widget.Drafts;
import bivouac.desktop.widget.DragOrder;
import bivouac.desktop.widget.DrawnList;
import bivouac.desktop.widget.LineField;
import bivouac.desktop.widget.TokenFlow;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Chosen;
import bivouac.desktop.work.Clip;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Work;
import bivouac.sentence.Completion;
import bivouac.sentence.LineCheck;
import bivouac.sentence.ScriptLines;
import bivouac.sentence.Sentences;
import bivouac.sentence.StepTyping;
import bivouac.sentence.Token;
import bivouac.sentence.Typed;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/**
 * A script as sentences, written from the keyboard. A line has the keyboard like any control: Enter edits it, Delete
 * takes it away, Ctrl+Enter begins a line after it, Alt with the arrows moves it. The last line is where the next step
 * is typed.
 */
public final class ScriptPane extends VBox {

    private static final double INDENT = 20;

    private static final PseudoClass OFF = PseudoClass.getPseudoClass("off");
    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");
    private static final PseudoClass MISSING = PseudoClass.getPseudoClass("missing");

    private final Work work;
    private final DrawnList drawn = new DrawnList(getChildren());
    private final Drafts<ScriptPlace> drafts = new Drafts<>();
    private Optional<Editing> editing = Optional.empty();

    /** How many lines were typed or given up: each begins with a field of its own. */
    private int linesTyped;

    private Situation shown;
    private ScriptPlace place;

    /** Where a line is typed: a new step before what stands there, or in place of it; and in which script that is. */
    private record Editing(StepPath at, boolean replaces, Script in) {
        boolean isAt(StepPath path, Script script) {
            return at.equals(path) && in.equals(script);
        }
    }

    /** Where a step can be dragged to; of a branch, to its end. */
    private final DragOrder<StepPath> order =
            new DragOrder<>((from, to, behind) -> drop(from, behind ? to.next(1) : to));

    public ScriptPane(Work work) {
        this.work = work;
        setId("script");
        getStyleClass().add("script");
    }

    public void show(Situation s, ScriptPlace of) {
        if (!of.equals(place)) {
            editing = Optional.empty();
        }
        place = of;
        shown = s;
        // what is undone, redone or changed elsewhere leaves no line standing where a step was to go before
        boolean gone = editing.isPresent() && !editing.get().in().equals(script());
        boolean typing = gone && isTyping();
        if (gone) {
            editing = Optional.empty();
            linesTyped++;
        }
        draw();
        if (typing) {
            focusEnd();
        }
    }

    private boolean isTyping() {
        return getScene() != null && Ui.isInside(getScene().getFocusOwner(), this);
    }

    /** Takes a situation that looks the same: what is typed from now on is checked against its program. */
    void know(Situation s) {
        shown = s;
    }

    private void draw() {
        Script script = script();
        List<ScriptLines.Line> lines = ScriptLines.of(shown.design(), place);
        var all = new ArrayList<DrawnList.Item>();
        boolean placed = false;
        for (ScriptLines.Line line : lines) {
            if (line instanceof ScriptLines.StepLine s && isEdited(s.path())) {
                Editing e = editing.orElseThrow();
                placed = true;
                all.add(field(
                        e,
                        s.indent(),
                        e.replaces() ? Sentences.line(s.path().in(script).orElseThrow()) : ""));
                if (e.replaces()) {
                    continue;
                }
            }
            all.add(row(line, script));
            if (line instanceof ScriptLines.BranchLine b && isEntryOf(b, script)) {
                all.add(field(editing.orElseThrow(), b.indent() + 1, ""));
                placed = true;
            }
        }
        if (editing.isPresent() && !placed && editing.get().at().depth() > 0) {
            // the entry after the last step of an inner script stands under the lines of that script
            Editing e = editing.get();
            int after = ScriptLines.linesBefore(e.at(), lines);
            int indent = e.at().last() > 0
                    ? indent(e.at().next(-1), lines)
                    : e.at().outer().map(o -> indent(o, lines) + 1).orElse(0);
            all.add(Math.min(after, all.size()), field(e, indent, ""));
        }
        all.add(field(new Editing(StepPath.of(script.steps().size()), false, script), 0, ""));
        drawn.show(all);
    }

    /** How far a step stands in. */
    private static int indent(StepPath path, List<ScriptLines.Line> lines) {
        return lines.stream()
                .filter(l -> l instanceof ScriptLines.StepLine s && s.path().equals(path))
                .mapToInt(ScriptLines.Line::indent)
                .findFirst()
                .orElse(path.depth());
    }

    private Script script() {
        return place.in(shown.design());
    }

    private boolean isEdited(StepPath path) {
        return editing.isPresent() && editing.get().at().equals(path);
    }

    /** A branch that holds nothing yet has no line to type before; the entry stands right under it. */
    private boolean isEntryOf(ScriptLines.BranchLine branch, Script script) {
        return editing.isPresent()
                && branch.empty()
                && branch.entry(script).equals(Optional.of(editing.get().at()));
    }

    private DrawnList.Item row(ScriptLines.Line line, Script script) {
        List<String> kinds = TokenFlow.kinds(line.tokens(), shown.design());
        return switch (line) {
            case ScriptLines.StepLine s -> {
                List<Finding> wrong = wrong(s.path(), 0);
                yield new DrawnList.Item(List.of(s, kinds, wrong), () -> stepRow(s, wrong));
            }
            case ScriptLines.BranchLine b -> {
                Optional<StepPath> entry = b.entry(script);
                List<Finding> wrong = b.inner() > 0 ? wrong(b.step(), b.inner()) : List.of();
                yield new DrawnList.Item(List.of(b, kinds, entry, wrong), () -> branchRow(b, entry, wrong));
            }
        };
    }

    /** A line that has the keyboard like any control. */
    private HBox row(ScriptLines.Line line, String number) {
        var flow = new TokenFlow(line.tokens(), shown.design());
        HBox.setHgrow(flow, Priority.ALWAYS);
        var row = Ui.styled(Ui.row(0, Ui.styled(Ui.label(number), "step-number"), flow), "step-line");
        HBox.setMargin(flow, new Insets(0, 0, 0, line.indent() * INDENT));
        row.setAlignment(Pos.TOP_LEFT);
        // a line that wraps is never squeezed into its neighbour while a scroll bar comes or goes
        row.setMinHeight(USE_PREF_SIZE);
        row.setFocusTraversable(true);
        row.setAccessibleText(
                String.join(" ", line.tokens().stream().map(Token::text).toList()));
        return row;
    }

    private Node stepRow(ScriptLines.StepLine s, List<Finding> wrong) {
        HBox row = row(s, Integer.toString(s.number()));
        row.setId("step-" + s.path().numbers());
        row.pseudoClassStateChanged(OFF, s.off());
        row.pseudoClassStateChanged(WRONG, !wrong.isEmpty());
        order.add(row, s.path());
        row.setOnKeyPressed(e -> stepKey(e, s, script()));
        row.setOnMouseClicked(e -> {
            row.requestFocus();
            if (e.getClickCount() == 2) {
                edit(s.path(), true);
            }
        });
        return wrong.isEmpty() ? row : Ui.column(0, row, why(wrong));
    }

    private Node branchRow(ScriptLines.BranchLine b, Optional<StepPath> entry, List<Finding> wrong) {
        HBox row = row(b, "");
        row.setId("branch-" + b.step().numbers() + b.inner() + b.ending());
        row.pseudoClassStateChanged(MISSING, b.isMissing());
        entry.ifPresent(at -> order.addPlace(row, at));
        row.setOnKeyPressed(e -> branchKey(e, b, script()));
        row.setOnMouseClicked(e -> {
            row.requestFocus();
            if (e.getClickCount() == 2) {
                enter(b, script());
            }
        });
        row.pseudoClassStateChanged(WRONG, !wrong.isEmpty());
        return wrong.isEmpty() ? row : Ui.column(0, row, why(wrong));
    }

    /** What is wrong with a step, or, from 1 on, with the condition that leads into one more of its scripts. */
    private List<Finding> wrong(StepPath path, int inner) {
        return shown.findings().stream()
                .filter(f -> f.place().script().equals(Optional.of(place))
                        && f.place().step().equals(Optional.of(path))
                        && f.place().inner().orElse(0) == inner)
                .toList();
    }

    private Node why(List<Finding> wrong) {
        var lines = Ui.styled(Ui.column(2), "step-why");
        for (Finding f : wrong) {
            lines.getChildren()
                    .add(Ui.styled(
                            Ui.wrapped(f.whatHere(shown.design())),
                            "problem-text",
                            f.weight().word()));
        }
        return lines;
    }

    // Keys

    private void stepKey(KeyEvent e, ScriptLines.StepLine line, Script script) {
        if (e.getCode() == KeyCode.ENTER) {
            edit(e.isControlDown() ? line.path().next(1) : line.path(), !e.isControlDown());
            e.consume();
        } else if (e.getCode() == KeyCode.DELETE) {
            take(line.path().remove(script), "step " + line.number() + " removed");
            e.consume();
        } else if (e.isAltDown() && (e.getCode() == KeyCode.UP || e.getCode() == KeyCode.DOWN)) {
            move(line.path(), script, e.getCode() == KeyCode.UP ? -1 : 1);
            e.consume();
        } else if (e.isControlDown() && copies(e.getCode(), line, script)) {
            e.consume();
        } else if (e.getCode() == KeyCode.SPACE) {
            Step step = line.path().in(script).orElseThrow();
            Step other = step instanceof Step.Off(Step kept) ? kept : new Step.Off(step);
            take(
                    line.path().replace(script, other),
                    "step " + line.number() + (line.off() ? " switched on" : " switched off"));
            e.consume();
        } else {
            arrows(e);
        }
    }

    /** Ctrl+C copies the step with all in it, Ctrl+V puts what was copied after it, Ctrl+D does both. */
    private boolean copies(KeyCode key, ScriptLines.StepLine line, Script script) {
        Step step = line.path().in(script).orElseThrow();
        switch (key) {
            case C -> work.copy(new Clip.OfStep(step), "step " + line.number());
            case D -> take(line.path().next(1).insert(script, step), "step " + line.number() + " duplicated");
            case V -> {
                if (work.clip() instanceof Clip.OfStep(Step copied)) {
                    take(line.path().next(1).insert(script, copied), "step put in: " + Sentences.line(copied));
                }
            }
            default -> {
                return false;
            }
        }
        return true;
    }

    private void branchKey(KeyEvent e, ScriptLines.BranchLine line, Script script) {
        if (e.getCode() == KeyCode.ENTER) {
            enter(line, script);
            e.consume();
        } else if (e.getCode() == KeyCode.DELETE && !line.isMissing()) {
            removeBranch(line, script);
            e.consume();
        } else {
            arrows(e);
        }
    }

    private void arrows(KeyEvent e) {
        if (e.getCode() != KeyCode.UP && e.getCode() != KeyCode.DOWN) {
            return;
        }
        var lines = lookupAll(".step-line").stream().toList();
        int at = lines.indexOf(getScene().getFocusOwner());
        int next = at + (e.getCode() == KeyCode.UP ? -1 : 1);
        if (next >= 0 && next < lines.size()) {
            lines.get(next).requestFocus();
        } else if (next == lines.size()) {
            focusEnd();
        }
        e.consume();
    }

    private void move(StepPath path, Script script, int by) {
        Step step = path.in(script).orElseThrow();
        StepPath to = path.next(by);
        if (to.last() >= 0 && to.in(script).isPresent()) {
            take(to.insert(path.remove(script), step), "step moved");
        }
    }

    private void drop(StepPath from, StepPath to) {
        Script script = script();
        Script moved = from.moveTo(script, to);
        if (!moved.equals(script)) {
            take(moved, "step " + from.number(script) + " moved");
        }
    }

    /** Begins typing in a branch, and writes the branch first where there is none. */
    private void enter(ScriptLines.BranchLine line, Script script) {
        if (line.isMissing()) {
            var open = (Step.Branching) line.step().in(script).orElseThrow();
            var branches = new java.util.ArrayList<>(open.branches());
            branches.add(new Step.Branch(line.ending(), Script.EMPTY));
            Script changed = line.step().replace(script, open.withBranches(branches));
            editing = Optional.of(new Editing(line.step().into(branches.size() - 1, 0), false, changed));
            take(changed, "branch for " + line.ending() + " added");
        } else {
            line.entry(script).ifPresent(at -> edit(at, false));
        }
    }

    private void removeBranch(ScriptLines.BranchLine line, Script script) {
        Step holder = line.step().in(script).orElseThrow();
        Step changed =
                switch (holder) {
                    case Step.Branching o -> {
                        var branches = new java.util.ArrayList<>(o.branches());
                        branches.remove(line.inner());
                        yield o.withBranches(branches);
                    }
                    case Step.If i when line.inner() == i.cases().size() -> new Step.If(i.cases(), Optional.empty());
                    case Step.If i -> {
                        var cases = new java.util.ArrayList<>(i.cases());
                        cases.remove(line.inner());
                        yield new Step.If(cases, i.otherwise());
                    }
                    case Step.Close _, Step.EndApplication _, Step.Repeat _, Step.Off _, Step.Plain _ -> holder;
                };
        take(line.step().replace(script, changed), "branch removed");
    }

    // Typing

    private void edit(StepPath at, boolean replaces) {
        editing = Optional.of(new Editing(at, replaces, script()));
        linesTyped++;
        draw();
        focusEditing();
    }

    private void focusEditing() {
        Node field = lookup("#step-typing");
        if (field == null) {
            field = lookup("#next-step");
        }
        if (field != null) {
            field.requestFocus();
        }
    }

    /** From where a line is typed to the line above it. */
    private void focusLineAbove() {
        Node typing = getScene().getFocusOwner();
        double y = typing.localToScene(0, 0).getY();
        lookupAll(".step-line").stream()
                .filter(n -> n.localToScene(0, 0).getY() < y)
                .reduce((above, below) -> below)
                .ifPresent(Node::requestFocus);
    }

    /** Puts the keyboard where the next step is typed. */
    void focusEnd() {
        Node field = lookup("#next-step");
        if (field != null) {
            field.requestFocus();
        }
    }

    private DrawnList.Item field(Editing where, int indent, String line) {
        boolean last =
                where.at().depth() == 0 && where.at().last() == script().steps().size();
        // not by the script that it is for: where only something else in it changes, what is typed stays
        return new DrawnList.Item(
                List.of(where.at(), where.replaces(), indent, line, last, linesTyped, place),
                () -> newField(where.at(), where.replaces(), indent, line, last));
    }

    private Node newField(StepPath at, boolean replaces, int indent, String line, boolean last) {
        String prompt = last && at.last() == 0
                ? "What happens then? Type: message, open, set, close…"
                : "The next step. Tab: its next place";
        var field = new LineField(
                        last ? "next-step" : "step-typing",
                        prompt,
                        typed -> Completion.offers(shown.program(), place, at, typed),
                        (typed, byTab) -> finish(at, replaces, typed))
                .takingAtEnter(
                        (typed, offers) -> Completion.atEnter(shown.program(), place, at, replaces, typed, offers))
                .checking(typed -> LineCheck.problem(shown.program(), place, at, typed))
                .onUp(this::focusLineAbove)
                .onCancel(this::stopTyping)
                .with(last ? drafts.of(place) : line);
        if (last) {
            ScriptPlace of = place;
            field.field().textProperty().addListener((o, was, is) -> drafts.keep(of, is));
        }
        field.field().addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.isControlDown()
                    && e.getCode() == KeyCode.V
                    && field.field().getText().isEmpty()
                    && work.clip() instanceof Clip.OfStep(Step copied)) {
                take(at.insert(script(), copied), "step put in: " + Sentences.line(copied));
                focusEditing();
                e.consume();
            }
        });
        VBox.setMargin(field, new Insets(2, 0, 2, 20 + indent * INDENT));
        return field;
    }

    private void stopTyping() {
        editing = Optional.empty();
        drafts.keep(place, "");
        linesTyped++;
        draw();
        focusEnd();
    }

    private String finish(StepPath at, boolean replaces, String typed) {
        if (typed.isBlank()) {
            stopTyping();
            return "";
        }
        Design design = shown.design();
        return switch (new StepTyping(design, place, at, replaces).read(typed)) {
            case Typed.Unfinished(String why) -> why;
            case Typed.Done done -> {
                Optional<Editing> before = editing;
                drafts.keep(place, "");
                editing = replaces
                        ? Optional.empty()
                        : Optional.of(new Editing(done.next(), false, place.in(done.design())));
                Optional<String> refused = work.changed(done.design(), done.did(), Chosen.script(place));
                if (refused.isPresent()) {
                    editing = before;
                    yield refused.get();
                }
                linesTyped++;
                draw();
                focusEditing();
                yield "";
            }
        };
    }

    private void take(Script script, String did) {
        work.change(place.put(shown.design(), script), did, Chosen.script(place));
        if (editing.isPresent()) {
            focusEditing();
        }
    }
}
