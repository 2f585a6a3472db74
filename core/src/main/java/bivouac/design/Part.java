package bivouac.design;

import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;

/** Something on a window. What each holds, and which trigger it has, is said by rules P1 and P2. */
public sealed interface Part {

    Name name();

    Traits traits();

    /** This part with other traits. */
    default Part with(Traits traits) {
        return PartCopy.of(this, name(), script(), traits);
    }

    /** This part with another name. */
    default Part named(Name name) {
        return PartCopy.of(this, name, script(), traits());
    }

    /** The trigger of this part, if its kind has one (P2). */
    Optional<Trigger> trigger();

    /** This part with another script at its trigger; itself if its kind has none. */
    default Part triggering(Script script) {
        return PartCopy.of(this, name(), script, traits());
    }

    private Script script() {
        return trigger().map(Trigger::script).orElse(Script.EMPTY);
    }

    /** The kind in the words of the trade, as on screens and in files. */
    String kind();

    /** What people call it: what stands on it, or beside it, without access key, else its name. */
    default String displayName() {
        return name().shown();
    }

    private static String textOr(String text, Name name) {
        return text.isBlank() ? name.shown() : AccessKey.without(text);
    }

    /** Whether anything can happen to it by a person, while it is enabled and visible (P2, W10). */
    default boolean getsEvents() {
        return trigger().isPresent();
    }

    /** Of what there is one for each (P5). */
    default Each each() {
        return Each.ONCE;
    }

    /** What a part's trigger is called, and its script. */
    record Trigger(String word, Script script) {}

    /** How large a caption is, beside the others; or that it stands in the line at the foot of its window (P8). */
    enum TextSize {
        SMALL,
        NORMAL,
        LARGE,
        TITLE,
        STATUS_LINE;

        public String word() {
            return name().toLowerCase(Locale.ROOT).replace('_', ' ');
        }
    }

    /** A text on the window; with braces, a live one (P3). */
    record Caption(Name name, String text, TextSize size, Traits traits) implements Part {
        public static Caption of(String name, String text) {
            return new Caption(Name.of(name), text, TextSize.NORMAL, Traits.USUAL);
        }

        @Override
        public Optional<Trigger> trigger() {
            return Optional.empty();
        }

        @Override
        public String kind() {
            return "caption";
        }
    }

    /** How a text is typed. */
    enum Entry {
        ONE_LINE("one line"),
        SEVERAL_LINES("several lines"),
        HIDDEN("hidden characters");

        private final String words;

        Entry(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * A text that a person can change.
     *
     * @param label what stands before it
     * @param starts the text that it starts with; braces are read once, when the window opens
     * @param longest the greatest number of characters that it holds (P4)
     */
    record TextField(
            Name name, String label, String starts, OptionalInt longest, Entry entry, Script changed, Traits traits)
            implements Part {
        public static TextField of(String name, String label) {
            return new TextField(
                    Name.of(name), label, "", OptionalInt.empty(), Entry.ONE_LINE, Script.EMPTY, Traits.USUAL);
        }

        @Override
        public Optional<Trigger> trigger() {
            return Optional.of(new Trigger("changed", changed));
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

    /** What a value field is for. */
    enum Holds {
        NUMBER("number field", Type.NUMBER),
        WHOLE("whole-number field", Type.WHOLE),
        DATE("date field", Type.DATE);

        private final String kind;
        private final Type type;

        Holds(String kind, Type type) {
            this.kind = kind;
            this.type = type;
        }

        public String kind() {
            return kind;
        }

        /** The type of {@code me.PART}. */
        public Type type() {
            return type;
        }
    }

    /**
     * A field for a number, a whole number or a date; it may hold text that is none (P4). {@code starts} as for
     * {@link TextField}.
     */
    record ValueField(Name name, String label, Holds holds, String starts, Script changed, Traits traits)
            implements Part {
        public static ValueField of(String name, String label) {
            return of(name, label, Holds.NUMBER);
        }

        public static ValueField of(String name, String label, Holds holds) {
            return new ValueField(Name.of(name), label, holds, "", Script.EMPTY, Traits.USUAL);
        }

        @Override
        public Optional<Trigger> trigger() {
            return Optional.of(new Trigger("changed", changed));
        }

        @Override
        public String kind() {
            return holds.kind();
        }

        @Override
        public String displayName() {
            return textOr(label, name);
        }
    }

    /** How one of a few texts is drawn; it means the same (P8). */
    enum ChoiceLook {
        LIST("drop-down list"),
        RADIO_BUTTONS("radio buttons"),
        PAGES("pages");

        private final String words;

        ChoiceLook(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * One of a few texts (P4).
     *
     * @param items what can be chosen, in order
     * @param follows the list of texts that can be chosen instead of those (P5)
     * @param starts the item chosen when the window opens; empty for none, of pages for the first
     * @param drawn as what; of pages one is always chosen (P8)
     */
    record Choice(
            Name name,
            String label,
            List<String> items,
            Optional<Expression> follows,
            String starts,
            ChoiceLook drawn,
            Script changed,
            Traits traits)
            implements Part {
        public Choice {
            items = List.copyOf(items);
        }

        /** One that is drawn as a drop-down list. */
        public Choice(
                Name name,
                String label,
                List<String> items,
                Optional<Expression> follows,
                String starts,
                Script changed,
                Traits traits) {
            this(name, label, items, follows, starts, ChoiceLook.LIST, changed, traits);
        }

        /** Its items are those of a list of texts. */
        public Choice following(String list) {
            return new Choice(
                    name, label, List.of(), Optional.of(new Expression(list)), starts, drawn, changed, traits);
        }

        public static Choice of(String name, String label, String... items) {
            return new Choice(Name.of(name), label, List.of(items), Optional.empty(), "", Script.EMPTY, Traits.USUAL);
        }

        public Choice labelled(String other) {
            return new Choice(name, other, items, follows, starts, drawn, changed, traits);
        }

        public Choice startingWith(String item) {
            return new Choice(name, label, items, follows, item, drawn, changed, traits);
        }

        public Choice drawn(ChoiceLook as) {
            return new Choice(name, label, items, follows, starts, as, changed, traits);
        }

        public boolean isPages() {
            return drawn == ChoiceLook.PAGES;
        }

        /** The item that is chosen when nothing else is; empty for none. */
        public String usual() {
            boolean known = follows.isPresent() || items.contains(starts);
            return known ? starts : isPages() && !items.isEmpty() ? items.getFirst() : "";
        }

        @Override
        public Optional<Trigger> trigger() {
            return Optional.of(new Trigger("chosen", changed));
        }

        @Override
        public String kind() {
            return "choice";
        }

        @Override
        public String displayName() {
            return textOr(label, name);
        }
    }

    /** What a list can run beside its script for a selection (P2). */
    enum RowMoment {
        ACTIVATED("activated"),
        BEFORE_REMOVING("before removing");

        private final String words;

        RowMoment(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * A list with columns and rows.
     *
     * @param columns by expression name, each with its type
     * @param first the rows that it starts with, as typed; a text for each column
     * @param several whether more than one row can be selected at once
     * @param byHand whether the Delete key removes what is selected, after <em>before removing</em> has agreed
     * @param selected what is run when the person selects other rows
     * @param moments what else is run; a moment without a script is not in it
     */
    record ListOfRows(
            Name name,
            String label,
            List<Type.Column> columns,
            List<List<String>> first,
            boolean several,
            boolean byHand,
            Script selected,
            Map<RowMoment, Script> moments,
            Traits traits)
            implements Part {
        public ListOfRows {
            columns = List.copyOf(columns);
            first = first.stream().map(List::copyOf).toList();
            Map<RowMoment, Script> said = new EnumMap<>(RowMoment.class);
            moments.forEach((moment, script) -> {
                if (!script.isEmpty()) {
                    said.put(moment, script);
                }
            });
            moments = Collections.unmodifiableMap(said);
        }

        /** The type of one of its rows. */
        public Type.RowOf row() {
            return new Type.RowOf(columns);
        }

        public static ListOfRows of(String name, String label, Type.Column... columns) {
            return new ListOfRows(
                    Name.of(name),
                    label,
                    List.of(columns),
                    List.of(),
                    false,
                    false,
                    Script.EMPTY,
                    Map.of(),
                    Traits.USUAL);
        }

        public ListOfRows labelled(String other) {
            return new ListOfRows(name, other, columns, first, several, byHand, selected, moments, traits);
        }

        public ListOfRows with(List<Type.Column> others) {
            return new ListOfRows(name, label, others, first, several, byHand, selected, moments, traits);
        }

        public ListOfRows starting(List<List<String>> rows) {
            return new ListOfRows(name, label, columns, rows, several, byHand, selected, moments, traits);
        }

        public ListOfRows ofSeveral(boolean can) {
            return new ListOfRows(name, label, columns, first, can, byHand, selected, moments, traits);
        }

        public ListOfRows removedByHand(boolean can) {
            return new ListOfRows(name, label, columns, first, several, can, selected, moments, traits);
        }

        public Script at(RowMoment moment) {
            return moments.getOrDefault(moment, Script.EMPTY);
        }

        public ListOfRows at(RowMoment moment, Script script) {
            Map<RowMoment, Script> changed = new EnumMap<>(RowMoment.class);
            changed.putAll(moments);
            changed.put(moment, script);
            return new ListOfRows(name, label, columns, first, several, byHand, selected, changed, traits);
        }

        @Override
        public Optional<Trigger> trigger() {
            return Optional.of(new Trigger("selected", selected));
        }

        @Override
        public String kind() {
            return "list";
        }

        @Override
        public String displayName() {
            return textOr(label, name);
        }
    }

    /**
     * A text that leads somewhere when it is followed.
     *
     * @param address where it leads outside the application; empty for nowhere, then its script does all
     */
    record Link(Name name, String text, String address, Script followed, Traits traits) implements Part {
        public static Link of(String name, String text, String address) {
            return new Link(Name.of(name), text, address, Script.EMPTY, Traits.USUAL);
        }

        @Override
        public Optional<Trigger> trigger() {
            return Optional.of(new Trigger("followed", followed));
        }

        @Override
        public String kind() {
            return "link";
        }

        @Override
        public String displayName() {
            return textOr(text, name);
        }
    }

    /**
     * A picture.
     *
     * @param file its file beside the design, with slashes; holds braces
     */
    record Picture(Name name, String file, Traits traits) implements Part {
        public static Picture of(String name, String file) {
            return new Picture(Name.of(name), file, Traits.USUAL);
        }

        @Override
        public Optional<Trigger> trigger() {
            return Optional.empty();
        }

        @Override
        public String kind() {
            return "picture";
        }
    }

    /**
     * How far work is: a bar, a line of text, and where the work may be cancelled a button that asks for it (W9, W10).
     *
     * @param label what stands before it
     * @param task whose work it shows, by its shown name
     */
    record Progress(Name name, String label, String task, Traits traits) implements Part {
        /** Told where the work is done; and the greatest that {@code me.PART} is. */
        public static final int WHOLE = 100;

        public static Progress of(String name, String label, String task) {
            return new Progress(Name.of(name), label, task, Traits.USUAL);
        }

        public Progress showing(String other) {
            return new Progress(name, label, other, traits);
        }

        /** How it is said in one text: how much is done, and the line. */
        public static String shown(int done, String line) {
            return done + " %" + (line.isEmpty() ? "" : " " + line);
        }

        /** What is told, as it is kept: from 0 to {@link #WHOLE} (W9). */
        public static int within(long told) {
            return Math.clamp(told, 0, WHOLE);
        }

        @Override
        public Optional<Trigger> trigger() {
            return Optional.empty();
        }

        @Override
        public boolean getsEvents() {
            return true;
        }

        @Override
        public String kind() {
            return "progress";
        }

        @Override
        public String displayName() {
            return textOr(label, name);
        }
    }

    /** A yes or no that a person can tick. */
    record TickBox(Name name, String text, boolean ticked, Script changed, Traits traits) implements Part {
        public static TickBox of(String name, String text) {
            return new TickBox(Name.of(name), text, false, Script.EMPTY, Traits.USUAL);
        }

        @Override
        public Optional<Trigger> trigger() {
            return Optional.of(new Trigger("changed", changed));
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
     * @param each of what there is one for each (P5)
     */
    record Button(Name name, String text, boolean isDefault, Each each, Script pressed, Traits traits) implements Part {
        public static Button of(String name, String text) {
            return new Button(Name.of(name), text, false, Each.ONCE, Script.EMPTY, Traits.USUAL);
        }

        public Button forEach(Each other) {
            return new Button(name, text, isDefault, other, pressed, traits);
        }

        @Override
        public Optional<Trigger> trigger() {
            return Optional.of(new Trigger("pressed", pressed));
        }

        @Override
        public String kind() {
            return "button";
        }

        @Override
        public String displayName() {
            return each.isOnce() ? textOr(text, name) : name.shown(); // its text says something else for each
        }
    }

    /**
     * A command in one of the window's menus.
     *
     * @param shortcut the keys that choose it, as {@code Ctrl+N}; empty for none; of one for each row, of the first (P5)
     * @param ticking whether it carries a tick that choosing it turns over
     * @param separated whether a line parts it from the command above
     * @param tool whether it stands in the window's row of tools, too (P8)
     * @param each of what there is one for each (P5)
     * @param does what it does to the field that has the keyboard; it has no script then, and happens to nobody (P6)
     */
    record MenuCommand(
            Name name,
            String text,
            String shortcut,
            boolean ticking,
            boolean separated,
            boolean tool,
            Each each,
            Optional<Editing> does,
            Script chosen,
            Traits traits)
            implements Part {
        /** One that stands in its menu only. */
        public MenuCommand(
                Name name,
                String text,
                String shortcut,
                boolean ticking,
                boolean separated,
                Each each,
                Optional<Editing> does,
                Script chosen,
                Traits traits) {
            this(name, text, shortcut, ticking, separated, false, each, does, chosen, traits);
        }

        public MenuCommand {
            Objects.requireNonNull(shortcut, "shortcut");
            if (does.isPresent() && !canEdit(chosen, each, ticking)) {
                throw new IllegalArgumentException("what edits runs no script, stands there once, and carries no tick");
            }
        }

        public static MenuCommand of(String name, String text, String shortcut) {
            return new MenuCommand(
                    Name.of(name),
                    text,
                    shortcut,
                    false,
                    false,
                    Each.ONCE,
                    Optional.empty(),
                    Script.EMPTY,
                    Traits.USUAL);
        }

        public MenuCommand withShortcut(String keys) {
            return new MenuCommand(name, text, keys, ticking, separated, tool, each, does, chosen, traits);
        }

        public MenuCommand forEach(Each other) {
            return new MenuCommand(name, text, shortcut, ticking, separated, tool, other, does, chosen, traits);
        }

        public MenuCommand withText(String other) {
            return new MenuCommand(name, other, shortcut, ticking, separated, tool, each, does, chosen, traits);
        }

        public MenuCommand ticking(boolean can) {
            return new MenuCommand(name, text, shortcut, can, separated, tool, each, does, chosen, traits);
        }

        public MenuCommand separated(boolean by) {
            return new MenuCommand(name, text, shortcut, ticking, by, tool, each, does, chosen, traits);
        }

        public MenuCommand tool(boolean stands) {
            return new MenuCommand(name, text, shortcut, ticking, separated, stands, each, does, chosen, traits);
        }

        /** One that runs no script; it must have none. */
        public MenuCommand doing(Optional<Editing> what) {
            return new MenuCommand(name, text, shortcut, ticking, separated, tool, each, what, chosen, traits);
        }

        /** Whether it can do one of the platform's own: nothing else is said of it that it would lose. */
        public boolean canEdit() {
            return canEdit(chosen, each, ticking);
        }

        private static boolean canEdit(Script chosen, Each each, boolean ticking) {
            return chosen.isEmpty() && each.isOnce() && !ticking;
        }

        @Override
        public Optional<Trigger> trigger() {
            return does.isPresent() ? Optional.empty() : Optional.of(new Trigger("chosen", chosen));
        }

        @Override
        public String kind() {
            return "menu command";
        }

        @Override
        public String displayName() {
            return each.isOnce() ? textOr(text, name) : name.shown(); // its text says something else for each
        }
    }
}
