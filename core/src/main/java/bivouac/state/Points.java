package bivouac.state;

import bivouac.plan.Cells;
import bivouac.plan.Program;
import bivouac.plan.RestPoint;
import java.util.List;

/** The rest points of a program by number, and how the slots are written that a script still needs at each. */
final class Points {

    private static final int KINDS = RestPoint.Kind.values().length;

    private final List<RestPoint> points;
    private final int width;
    /** By script: one more than the number of the point of an operation and a kind; 0 for none. */
    private final int[][] numbers;

    private final Code[][] codes;

    Points(Program program, Values values) {
        this.points = program.restPoints();
        this.width = Bits.width(points.size());
        this.numbers = new int[program.scriptCount()][];
        this.codes = new Code[points.size()][];
        Cells cells = program.cells();
        for (int i = 0; i < points.size(); i++) {
            RestPoint point = points.get(i);
            int script = point.script();
            if (numbers[script] == null) {
                numbers[script] = new int[program.script(script).ops().size() * KINDS];
            }
            numbers[script][place(point.at(), point.kind())] = i + 1;
            codes[i] = point.values().stream()
                    .map(s -> Code.of(cells.rangeIn(script, s), values))
                    .toArray(Code[]::new);
        }
    }

    private static int place(int at, RestPoint.Kind kind) {
        return at * KINDS + kind.ordinal();
    }

    /** Passes the number of a point; {@code known} is that of what is written. */
    int pass(int known, Bits io) {
        return io.bits(known, width);
    }

    int number(int script, int at, RestPoint.Kind kind) {
        int number = numbers[script] == null ? 0 : numbers[script][place(at, kind)];
        if (number == 0) {
            throw new IllegalStateException("Script " + script + " cannot rest at " + at + " as " + kind);
        }
        return number - 1;
    }

    RestPoint point(int number) {
        return points.get(number);
    }

    Code[] codes(int number) {
        return codes[number];
    }
}
