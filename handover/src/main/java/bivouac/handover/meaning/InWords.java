package bivouac.handover.meaning;

import bivouac.check.Checked;
import bivouac.check.Findings;
import bivouac.check.known.Beside;
import bivouac.design.FacedWindow;
import bivouac.design.Instances;
import bivouac.design.MessageBox;
import bivouac.plan.Program;
import java.util.stream.Collectors;

/** What a written program says of its design to who reads it, the same in every language. */
public final class InWords {

    private InWords() {}

    /** A window by its name, its kind, and how many there can be. */
    public static String window(FacedWindow face) {
        Instances instances = face.instancesOrUsual();
        String many = instances instanceof Instances.Single ? "" : ", " + instances.words();
        return face.name().shown() + ": " + face.of().words() + many;
    }

    /** The sign beside the text of a message box; empty for none. */
    public static String icon(MessageBox box) {
        return switch (box.severity()) {
            case INFO -> "ℹ";
            case QUESTION -> "?";
            case WARNING -> "⚠";
            case ERROR -> "✖";
            case NONE -> "";
        };
    }

    /** What is found in the design, as a list of its README. */
    public static String findings(Program program) {
        Checked checked = Findings.checked(program, Beside.UNKNOWN);
        String open = checked.open().stream().map(f -> "- " + f.what()).collect(Collectors.joining("\n"));
        String accepted = checked.accepted().stream()
                .map(t -> "- accepted on " + t.why().on() + ": " + t.finding().what() + " "
                        + t.why().because())
                .collect(Collectors.joining("\n"));
        String all = open.isEmpty() || accepted.isEmpty() ? open + accepted : open + "\n" + accepted;
        return all.isEmpty() ? "None." : all;
    }
}
