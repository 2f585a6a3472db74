package bivouac.desktop.overview;

import bivouac.overview.Overview;

/** From how far a design is looked at: its windows with what they open and ask, or all of them by name. */
enum Distance {
    NEAR("near"),
    FAR("far");

    /** The windows that are drawn with all their rows without a choice of the person; more are seen at once by name. */
    static final int MOST_NEAR = 24;

    private final String words;

    Distance(String words) {
        this.words = words;
    }

    String words() {
        return words;
    }

    /** What is shown until the person says otherwise. */
    static Distance usual(Overview state) {
        return state.cards().size() <= MOST_NEAR ? NEAR : FAR;
    }
}
