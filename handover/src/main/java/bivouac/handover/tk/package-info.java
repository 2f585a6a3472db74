/** Programs in Python for Tk: which class each part is, how windows are laid out, and what else is written around them. */
package bivouac.handover.tk;
