/** The Closings screen: every window against every way of closing it. */
package bivouac.desktop.closings;
