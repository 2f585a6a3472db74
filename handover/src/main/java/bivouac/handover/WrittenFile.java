package bivouac.handover;

/**
 * A file of a written program.
 *
 * @param path below the folder, with slashes
 * @param own whether it is the developer's: written once, and never over what is there
 */
public record WrittenFile(String path, String text, boolean own) {}
