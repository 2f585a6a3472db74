package bivouac.handover;

/** A design that cannot be handed over; the message says what, where and why. */
public final class NotHandedOver extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public NotHandedOver(String sentence) {
        super(sentence);
    }
}
