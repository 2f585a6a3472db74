/**
 * The design of an application's windows: immutable records and sealed interfaces, and the edits on them, which
 * are pure functions from design to design. A wrong or incomplete design can be represented: what is wrong is a
 * finding, found elsewhere, and never an exception from here. Nothing here knows a file, a machine or a screen.
 */
package bivouac.design;
