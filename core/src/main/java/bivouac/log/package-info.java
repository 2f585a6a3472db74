/** What is kept of the tool itself: where, and a log of its starts and faults, with nothing of a design in it. */
package bivouac.log;
