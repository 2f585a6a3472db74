package bivouac.design;

import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;

/** Something on a window. What each holds, and which trigger it has, is said by rules P1 and P2. */
public sealed interface Part {

    Name name();

    Setting enabled();

    Setting visible();

    /** This part with another name. */
    Part named(Name name);

    /** The trigger of this part, if its kind has one (P2). */
    Optional<Trigger> trigger();

    /** This part with another script at its trigger; itself if its kind has none. */
    Part triggering(Script script);

    /** The kind in the words of the trade, as on screens and in files. */
    String kind();

    /** What people call it: what stands on it, or beside it, without access key, else its name. */
    default String displayName() {
        return name().shown();
    }

    private static String textOr(String text, Name name) {
        return text.isBlank() ? name.shown() : AccessKey.without(text);
    }

    /** What a part's trigger is called, and its script. */
    record Trigger(String word, Script script) {}

    /** A text on the window; with braces, a live one (P3). */
    record Caption(Name name, String text, Setting enabled, Setting visible) implements Part {
        public static Caption of(String name, String text) {
            return new Caption(Name.of(name), text, Setting.YES, Setting.YES);
        }

        @Override
        public Caption named(Name other) {
            return new Caption(other, text, enabled, visible);
        }

        @Override
        public Optional<Trigger> trigger() {
            return Optional.empty();
        }

        @Override
        public Part triggering(Script script) {
            return this;
        }

        @Override
        public String kind() {
            return "caption";
        }
    }

    /**
     * A line of text that a person can change.
     *
     * @param label what stands before it
     * @param starts the text that it starts with; braces are read once, when the window opens
     * @param longest the greatest number of characters that it holds (P4)
     */
    record TextField(
            Name name,
            String label,
            String starts,
            OptionalInt longest,
            Script changed,
            Setting enabled,
            Setting visible)
            implements Part {
        public static TextField of(String name, String label) {
            return new TextField(Name.of(name), label, "", OptionalInt.empty(), Script.EMPTY, Setting.YES, Setting.YES);
        }

        @Override
        public TextField named(Name other) {
            return new TextField(other, label, starts, longest, changed, enabled, visible);
        }

        @Override
        public Optional<Trigger> trigger() {
            return Optional.of(new Trigger("changed", changed));
        }

        @Override
        public Part triggering(Script script) {
            return new TextField(name, label, starts, longest, script, enabled, visible);
        }

        @Override
        public String kind() {
            return "text field";
        }

        @Override
        public String displayName() {
            return textOr(label, name);
        }
    }

    /** A field for a number; it may hold text that is none (P4). {@code starts} as for {@link TextField}. */
    record NumberField(Name name, String label, String starts, Script changed, Setting enabled, Setting visible)
            implements Part {
        public static NumberField of(String name, String label) {
            return new NumberField(Name.of(name), label, "", Script.EMPTY, Setting.YES, Setting.YES);
        }

        @Override
        public NumberField named(Name other) {
            return new NumberField(other, label, starts, changed, enabled, visible);
        }

        @Override
        public Optional<Trigger> trigger() {
            return Optional.of(new Trigger("changed", changed));
        }

        @Override
        public Part triggering(Script script) {
            return new NumberField(name, label, starts, script, enabled, visible);
        }

        @Override
        public String kind() {
            return "number field";
        }

        @Override
        public String displayName() {
            return textOr(label, name);
        }
    }

    /** A yes or no that a person can tick. */
    record TickBox(Name name, String text, boolean ticked, Script changed, Setting enabled, Setting visible)
            implements Part {
        public static TickBox of(String name, String text) {
            return new TickBox(Name.of(name), text, false, Script.EMPTY, Setting.YES, Setting.YES);
        }

        @Override
        public TickBox named(Name other) {
            return new TickBox(other, text, ticked, changed, enabled, visible);
        }

        @Override
        public Optional<Trigger> trigger() {
            return Optional.of(new Trigger("changed", changed));
        }

        @Override
        public Part triggering(Script script) {
            return new TickBox(name, text, ticked, script, enabled, visible);
        }

        @Override
        public String kind() {
            return "tick box";
        }

        @Override
        public String displayName() {
            return textOr(text, name);
        }
    }

    /**
     * A button.
     *
     * @param text what stands on it; {@code &} before a letter makes it the access key
     * @param isDefault whether Enter presses it (P2)
     */
    record Button(Name name, String text, boolean isDefault, Script pressed, Setting enabled, Setting visible)
            implements Part {
        public static Button of(String name, String text) {
            return new Button(Name.of(name), text, false, Script.EMPTY, Setting.YES, Setting.YES);
        }

        @Override
        public Button named(Name other) {
            return new Button(other, text, isDefault, pressed, enabled, visible);
        }

        @Override
        public Optional<Trigger> trigger() {
            return Optional.of(new Trigger("pressed", pressed));
        }

        @Override
        public Part triggering(Script script) {
            return new Button(name, text, isDefault, script, enabled, visible);
        }

        @Override
        public String kind() {
            return "button";
        }

        @Override
        public String displayName() {
            return textOr(text, name);
        }
    }

    /**
     * A command in one of the window's menus.
     *
     * @param shortcut the keys that choose it, as {@code Ctrl+N}; empty for none
     */
    record MenuCommand(Name name, String text, String shortcut, Script chosen, Setting enabled, Setting visible)
            implements Part {
        public MenuCommand {
            Objects.requireNonNull(shortcut, "shortcut");
        }

        public static MenuCommand of(String name, String text, String shortcut) {
            return new MenuCommand(Name.of(name), text, shortcut, Script.EMPTY, Setting.YES, Setting.YES);
        }

        @Override
        public MenuCommand named(Name other) {
            return new MenuCommand(other, text, shortcut, chosen, enabled, visible);
        }

        @Override
        public Optional<Trigger> trigger() {
            return Optional.of(new Trigger("chosen", chosen));
        }

        @Override
        public Part triggering(Script script) {
            return new MenuCommand(name, text, shortcut, script, enabled, visible);
        }

        @Override
        public String kind() {
            return "menu command";
        }

        @Override
        public String displayName() {
            return textOr(text, name);
        }
    }
}
