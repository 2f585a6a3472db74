/** The Handover screen: what leaves the tool, file by file, what it would change in a folder, and whether it is proven. */
package bivouac.desktop.handover;
