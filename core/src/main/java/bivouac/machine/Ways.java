package bivouac.machine;

import bivouac.design.Way;

/** The values of {@code way} as small numbers: those of {@link Way} in order, then a <em>close</em> step. */
final class Ways {

    static final int CLOSE_STEP = Way.values().length;
    static final int COUNT = CLOSE_STEP + 1;

    private Ways() {}

    static String words(int way) {
        return way == CLOSE_STEP ? Way.CLOSE_STEP : Way.values()[way].words();
    }
}
