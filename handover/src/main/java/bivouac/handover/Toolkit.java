package bivouac.handover;

import java.util.Optional;

/** For what a program is written. */
public enum Toolkit {
    JAVAFX("javafx", "JavaFX", "Java 25, Maven", "// ", ".java"),
    TK("tk", "Tk", "Python 3.10 or newer", "# ", ".py"),
    SWING("swing", "Swing", "Java 25, Maven", "// ", ".java"),
    FORMS("forms", "Windows Forms", "C# 7, .NET 8 or Mono", "// ", ".cs");

    private final String word;
    private final String shown;
    private final String needs;
    private final String remark;
    private final String sourceEnd;

    Toolkit(String word, String shown, String needs, String remark, String sourceEnd) {
        this.word = word;
        this.shown = shown;
        this.needs = needs;
        this.remark = remark;
        this.sourceEnd = sourceEnd;
    }

    /** As on the command line. */
    public String word() {
        return word;
    }

    /** As people call it. */
    public String shown() {
        return shown;
    }

    /** What a program for it is built and run with. */
    public String needs() {
        return needs;
    }

    /** A remark in its language. */
    public String remark(String words) {
        return remark + words;
    }

    /** How the names of its source files end, as {@code .java}. */
    public String sourceEnd() {
        return sourceEnd;
    }

    public static Optional<Toolkit> of(String word) {
        for (Toolkit toolkit : values()) {
            if (toolkit.word.equals(word)) {
                return Optional.of(toolkit);
            }
        }
        return Optional.empty();
    }
}
