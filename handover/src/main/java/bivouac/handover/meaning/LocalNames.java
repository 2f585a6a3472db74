package bivouac.handover.meaning;

/** Gives names to what a script makes, in the manner of a language: none twice, and none that the language has. */
public interface LocalNames {

    /** @param wanted an expression name */
    String local(String wanted);

    /** A name that nothing else has there, which is not kept: another one may get it. */
    String passing(String wanted);
}
