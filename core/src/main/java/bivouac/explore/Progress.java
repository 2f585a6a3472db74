package bivouac.explore;

/** Told now and then how far an exploration is; asked whether to give up. */
public interface Progress {

    /** Nobody listens, and it goes on to its end. */
    Progress NONE = new Progress() {
        @Override
        public void at(int situations, int depth) {
            // nobody listens
        }

        @Override
        public boolean isStopped() {
            return false;
        }
    };

    /**
     * How far it is.
     *
     * @param situations met so far
     * @param depth how many events lie between the start and those that are looked at
     */
    void at(int situations, int depth);

    /** Whether to give up. */
    boolean isStopped();
}
