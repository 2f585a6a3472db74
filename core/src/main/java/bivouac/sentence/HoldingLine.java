package bivouac.sentence;

import bivouac.design.Holding;
import bivouac.design.Name;
import java.util.ArrayList;

/** A holding of the application as one typed line, and back: {@code weather radio: the application's, may fail}. */
public final class HoldingLine {

    private static final String OF_APPLICATION = "the application's";
    private static final String MAY_FAIL = "may fail";
    private static final String LEAVES_TRACE = "leaves a trace";
    private static final String MAY_STAY = "giving back may fail";

    private HoldingLine() {}

    public static String write(Holding holding) {
        var said = new ArrayList<String>();
        if (holding.ofApplication()) {
            said.add(OF_APPLICATION);
        }
        if (holding.mayFail()) {
            said.add(MAY_FAIL);
        }
        if (holding.leavesTrace()) {
            said.add(LEAVES_TRACE);
        }
        if (holding.mayStay()) {
            said.add(MAY_STAY);
        }
        return holding.name().shown() + (said.isEmpty() ? "" : ": " + String.join(", ", said));
    }

    /** Reads a holding back from its line. */
    public static Holding read(String line) throws Declarations.Wrong {
        int colon = line.indexOf(':');
        String name = (colon < 0 ? line : line.substring(0, colon)).strip();
        if (name.isEmpty()) {
            throw new Declarations.Wrong("A holding needs a name, for example: register lock: leaves a trace.");
        }
        var holding = new Holding(Name.of(name), false, false, false, false);
        for (String said : colon < 0 ? new String[0] : line.substring(colon + 1).split(",")) {
            holding = switch (said.strip()) {
                case OF_APPLICATION -> holding.ofTheApplication();
                case MAY_FAIL -> holding.failing();
                case LEAVES_TRACE -> holding.leavingATrace();
                case MAY_STAY -> holding.failingToGoBack();
                case "" -> holding;
                default ->
                    throw new Declarations.Wrong("“" + said.strip() + "” says nothing of a holding; it can be "
                            + OF_APPLICATION + ", it " + MAY_FAIL + ", it " + LEAVES_TRACE + ", or " + MAY_STAY + ".");
            };
        }
        return holding;
    }
}
