/** What the tool works on: the design with its history, its file, the rehearsal, what is chosen. No nodes. */
package bivouac.desktop.work;
