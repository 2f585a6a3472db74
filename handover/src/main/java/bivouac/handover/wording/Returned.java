package bivouac.handover.wording;

/**
 * A text as it came back.
 *
 * @param key which text of the design it is, as in {@link bivouac.design.Wording}
 * @param before what stood in the design when the file was written
 * @param after what it is to be; the same as before where nobody changed it
 */
public record Returned(String key, String before, String after) {}
