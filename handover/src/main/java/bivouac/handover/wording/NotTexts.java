package bivouac.handover.wording;

/** A file that should hold texts and does not; the message says where and what was expected. */
public final class NotTexts extends Exception {

    private static final long serialVersionUID = 1;

    public NotTexts(String message) {
        super(message);
    }
}
