package bivouac.design;

/**
 * Something that happens after a while, or again and again (V4). It belongs to a window, or to the application.
 *
 * @param every after how many seconds it fires
 * @param once whether it is off again once it has fired
 */
public record Timer(Name name, Expression every, boolean once, Script fires) {

    /** One that fires again and again, and does nothing yet. */
    public static Timer of(String name, String every) {
        return new Timer(Name.of(name), new Expression(every), false, Script.EMPTY);
    }

    public Timer firing(Script other) {
        return new Timer(name, every, once, other);
    }

    public Timer onlyOnce() {
        return new Timer(name, every, true, fires);
    }
}
