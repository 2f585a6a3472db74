package bivouac.design;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Where a script stands in a design. Windows are named by their shown name, parts by their expression name. */
public sealed interface ScriptPlace {

    /** The start of the application. */
    record Start() implements ScriptPlace {
        @Override
        public String words() {
            return "start";
        }
    }

    /** The departure plan (D4). */
    record Plan() implements ScriptPlace {
        @Override
        public String words() {
            return "departure plan";
        }
    }

    /** A named script of a window, or of the application; by its shown name (W7). */
    record Named(Optional<String> window, String name) implements ScriptPlace {
        @Override
        public String words() {
            return window.map(w -> w + ", ").orElse("") + "do " + name;
        }
    }

    /** What a timer of a window, or of the application, does; by its shown name (V4). */
    record OfTimer(Optional<String> window, String name) implements ScriptPlace {
        @Override
        public String words() {
            return window.map(w -> w + ", ").orElse("") + "timer " + name;
        }
    }

    /** A moment of a window's life. */
    record AtMoment(String window, FacedWindow.Moment moment) implements ScriptPlace {
        @Override
        public String words() {
            return window + ", " + moment.words();
        }
    }

    /** The trigger of a part. */
    record AtPart(String window, String part) implements ScriptPlace {
        @Override
        public String words() {
            return window + ", " + part;
        }
    }

    /** Another trigger of a list than the one that all parts of its kind have first (P2). */
    record AtRow(String window, String part, Part.RowMoment moment) implements ScriptPlace {
        @Override
        public String words() {
            return window + ", " + part + ", " + moment.words();
        }
    }

    /** For people: where it is. */
    String words();

    /** For people who see which window it is of: what runs it; empty for the trigger of a part. */
    default String ownWords() {
        return switch (this) {
            case Start s -> s.words();
            case Plan p -> p.words();
            case Named n -> "do " + n.name();
            case OfTimer t -> "timer " + t.name();
            case AtMoment m -> m.moment().words();
            case AtPart p -> "";
            case AtRow r -> r.moment().words();
        };
    }

    /** The same, with the part whose trigger it is, as {@code naming} names it. */
    default String ownWords(Design design, Function<Part, String> naming) {
        Optional<FacedWindow> face = ofWindow().flatMap(design::faced);
        Optional<String> part =
                ofPart().map(name -> face.flatMap(f -> f.part(name)).map(naming).orElse(name));
        return Stream.concat(part.stream(), Stream.of(ownWords()))
                .filter(words -> !words.isEmpty())
                .collect(Collectors.joining(", "));
    }

    /** Those of the application, or of a window, that belong to no part and to no moment of its life. */
    static List<ScriptPlace> routines(Optional<String> window, Routines routines) {
        var places = new ArrayList<ScriptPlace>();
        routines.scripts().forEach(s -> places.add(new Named(window, s.name().shown())));
        routines.timers().forEach(t -> places.add(new OfTimer(window, t.name().shown())));
        return List.copyOf(places);
    }

    /**
     * What <em>not there yet</em> says where it stands here: of the part whose trigger it is; of a named script, which many may
     * do, only that it is not.
     */
    default String notThereYet(Design design) {
        return ofWindow()
                        .flatMap(design::faced)
                        .flatMap(f -> ofPart().flatMap(f::part))
                        .map(Part::displayName)
                        .orElse("this")
                + " is not there yet.";
    }

    /** The window whose script it is; none for a script of the application. */
    default Optional<String> ofWindow() {
        return switch (this) {
            case Start s -> Optional.empty();
            case Plan p -> Optional.empty();
            case Named n -> n.window();
            case OfTimer t -> t.window();
            case AtMoment m -> Optional.of(m.window());
            case AtPart p -> Optional.of(p.window());
            case AtRow r -> Optional.of(r.window());
        };
    }

    /** The part whose script it is, by its expression name. */
    default Optional<String> ofPart() {
        return switch (this) {
            case Start s -> Optional.empty();
            case Plan p -> Optional.empty();
            case Named n -> Optional.empty();
            case OfTimer t -> Optional.empty();
            case AtMoment m -> Optional.empty();
            case AtPart p -> Optional.of(p.part());
            case AtRow r -> Optional.of(r.part());
        };
    }

    /** Whether it is the script of a moment of some window's life. */
    default boolean isAt(FacedWindow.Moment moment) {
        return this instanceof AtMoment m && m.moment() == moment;
    }

    /** Whether its tasks run in the foreground, whatever they say (W5): before and after closing, and in the plan. */
    default boolean isOfClosing() {
        return isAt(FacedWindow.Moment.BEFORE_CLOSING)
                || isAt(FacedWindow.Moment.AFTER_CLOSING)
                || this instanceof Plan;
    }

    /** Whether it is that further script of some list. */
    default boolean isAt(Part.RowMoment moment) {
        return this instanceof AtRow r && r.moment() == moment;
    }

    /** The script that stands here; empty if there is no such place. */
    default Script in(Design design) {
        return switch (this) {
            case Start s -> design.application().start();
            case Plan p -> design.application().leaving().plan();
            case Named n ->
                routines(design, n.window())
                        .script(n.name())
                        .map(NamedScript::script)
                        .orElse(Script.EMPTY);
            case OfTimer t ->
                routines(design, t.window()).timer(t.name()).map(Timer::fires).orElse(Script.EMPTY);
            case AtMoment m ->
                design.faced(m.window()).map(w -> w.moment(m.moment())).orElse(Script.EMPTY);
            case AtPart p ->
                design.faced(p.window())
                        .flatMap(w -> w.part(p.part()))
                        .flatMap(Part::trigger)
                        .map(Part.Trigger::script)
                        .orElse(Script.EMPTY);
            case AtRow r -> list(design, r).map(l -> l.at(r.moment())).orElse(Script.EMPTY);
        };
    }

    /** The named scripts and timers of a window, or of the application. */
    static Routines routines(Design design, Optional<String> window) {
        return window.isEmpty()
                ? design.application().routines()
                : window.flatMap(design::faced).map(FacedWindow::routines).orElse(Routines.NONE);
    }

    /** The design with other named scripts and timers of a window, or of the application. */
    static Design put(Design design, Optional<String> window, UnaryOperator<Routines> edit) {
        Routines changed = edit.apply(routines(design, window));
        return window.map(w -> design.changingFace(w, f -> f.with(changed)))
                .orElseGet(() -> design.with(design.application().with(changed)));
    }

    private static Optional<Part.ListOfRows> list(Design design, AtRow row) {
        return design.faced(row.window())
                .flatMap(w -> w.part(row.part()))
                .filter(Part.ListOfRows.class::isInstance)
                .map(Part.ListOfRows.class::cast);
    }

    /** The design with another script here. */
    default Design put(Design design, Script script) {
        return switch (this) {
            case Start s -> design.with(design.application().starting(script));
            case Plan p ->
                design.with(design.application()
                        .leaving(design.application().leaving().planning(script)));
            case Named n -> put(design, n.window(), r -> r.changingScript(n.name(), s -> s.with(script)));
            case OfTimer t -> put(design, t.window(), r -> r.changingTimer(t.name(), s -> s.firing(script)));
            case AtMoment m -> design.changingFace(m.window(), w -> w.at(m.moment(), script));
            case AtPart p ->
                design.changingFace(
                        p.window(),
                        w -> w.mapParts(part -> Optional.of(
                                part.name().expression().equals(p.part()) ? part.triggering(script) : part)));
            case AtRow r ->
                design.changingFace(
                        r.window(),
                        w -> w.mapParts(part -> Optional.of(
                                part instanceof Part.ListOfRows l
                                                && l.name().expression().equals(r.part())
                                        ? l.at(r.moment(), script)
                                        : part)));
        };
    }

    /** All places of a design, with what stands there; those of windows with a face even where empty. */
    static Map<ScriptPlace, Script> all(Design design) {
        var places = new LinkedHashMap<ScriptPlace, Script>();
        places.put(new Start(), design.application().start());
        places.put(new Plan(), design.application().leaving().plan());
        add(places, Optional.empty(), design.application().routines());
        for (Window window : design.windows()) {
            if (window instanceof FacedWindow face) {
                String name = face.name().shown();
                for (var moment : FacedWindow.Moment.values()) {
                    places.put(new AtMoment(name, moment), face.moment(moment));
                }
                add(places, Optional.of(name), face.routines());
                for (Part part : face.parts()) {
                    part.trigger()
                            .ifPresent(
                                    t -> places.put(new AtPart(name, part.name().expression()), t.script()));
                    if (part instanceof Part.ListOfRows list) {
                        for (var moment : Part.RowMoment.values()) {
                            places.put(new AtRow(name, part.name().expression(), moment), list.at(moment));
                        }
                    }
                }
            }
        }
        return places;
    }

    private static void add(Map<ScriptPlace, Script> places, Optional<String> window, Routines routines) {
        routines.scripts().forEach(s -> places.put(new Named(window, s.name().shown()), s.script()));
        routines.timers().forEach(t -> places.put(new OfTimer(window, t.name().shown()), t.fires()));
    }
}
