package bivouac.design;

import java.util.List;

/** One named result of a window, and the values that it gives back. */
public record Ending(String name, List<Give> gives) {

    /** What comes back where a window could not be created, with the reason (O7). */
    public static final Ending COULD_NOT = of("could not", Give.of("reason", Type.TEXT));

    /** What every task can end as, though nobody wrote it: the work threw, with the reason (W8). */
    public static final Ending BROKE = of("broke", Give.of("reason", Type.TEXT));

    /** What a task that may be cancelled can end as, once it was asked to (W10). */
    public static final Ending CANCELLED = of("cancelled");

    public Ending {
        gives = List.copyOf(gives);
    }

    public static Ending of(String name, Give... gives) {
        return new Ending(name, List.of(gives));
    }

    /** A value that an ending hands back. */
    public record Give(Name name, Type type) {
        public static Give of(String name, Type type) {
            return new Give(Name.of(name), type);
        }
    }
}
