package bivouac.handover.jvm;

import bivouac.design.Part;
import bivouac.handover.braces.Lines;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** A toolkit of Java: which control a part is, how it is asked and set, and what its programs have beside their classes. */
public interface JvmToolkit {

    /** The folder of its source among the resources, as {@code javafx}. */
    String folder();

    /** The classes of its frame, each a file of that name. */
    List<String> frame();

    /** What the written classes import, by the names that stand in them: of its frame, and of the toolkit. */
    Map<String, String> imports();

    /** Classes that no written one may hide beside those that are imported. */
    Set<String> classes();

    /** How a member of a part is read, of the part that a field holds. */
    String read(String field, Part part, String member);

    /** The statement that sets a member of a part. */
    String set(String field, Part part, String member, String value);

    /** The same of the text of a field of which something asks what is selected (P7). */
    default String put(String field, Part.TextField part, String value) {
        return set(field, part, "", value);
    }

    String setTitle(String base, String value);

    /** A text with {@code &} before its access key, as the toolkit is told it. */
    String marked(String text);

    /** How a part is pressed as by a person, without the final sign. */
    String press(String field);

    WindowParts parts(WindowWriting writing);

    /** The loop of the program's events, made. */
    String loop();

    /**
     * The body of the method that starts the program.
     *
     * @param application its class
     * @param make makes the application, from a loop and a worker
     * @param begin what is done with it, which is called {@code app}
     */
    Lines main(String application, Make make, Lines begin);

    /** How an application is made. */
    interface Make {
        String with(String loop, String worker);
    }
}
