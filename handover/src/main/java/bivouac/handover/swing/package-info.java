/** Swing: which part each is, how it is asked and set, and what its programs need beside the classes of Java. */
package bivouac.handover.swing;
