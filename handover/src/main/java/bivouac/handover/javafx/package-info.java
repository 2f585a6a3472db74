/** JavaFX: which control each part is, how it is asked and set, and what its programs need beside the classes of Java. */
package bivouac.handover.javafx;
