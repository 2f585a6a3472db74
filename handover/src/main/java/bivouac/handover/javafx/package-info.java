/** Programs for JavaFX: which control a part is, how it is asked and set, and the project around it. */
package bivouac.handover.javafx;
