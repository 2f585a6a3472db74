package bivouac.handover;

/**
 * What becomes of one file of a folder when a program is written there.
 *
 * @param path below the folder, with slashes
 * @param there what is there now; empty for nothing
 * @param written what is to be there; empty where the file is not part of the program any more
 */
public record Change(String path, Kind kind, String there, String written) {

    /** How it stands to what was written before. */
    public enum Kind {
        NEW("new"),
        SAME("as it was"),
        REPLACED("written anew"),
        /** Changed by hand since it was written, or never written by us. */
        EDITED("changed by hand, kept"),
        OWN("yours, kept"),
        /** The developer's own, and what it was made from has changed since. */
        OWN_TO_FOLLOW("yours, kept; has to follow the design"),
        /** No part of the program any more. */
        REMOVED("no part of it any more, removed"),
        REMOVED_EDITED("no part of it any more, changed by hand, kept");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** Whether the developer's work would be lost if the file were written over or removed. */
        public boolean isByHand() {
            return this == EDITED || this == REMOVED_EDITED;
        }
    }
}
