/** The Rehearsal screen: the trail so far, the desk with usable windows, and what can happen now. */
package bivouac.desktop.rehearse;
