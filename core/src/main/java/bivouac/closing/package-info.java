/**
 * How every window closes, told from the design alone: for each way of closing it (C1) what is asked, checked, run and
 * given back before the ending that it leads to. The Closings screen, findings and documents go by this.
 */
package bivouac.closing;
