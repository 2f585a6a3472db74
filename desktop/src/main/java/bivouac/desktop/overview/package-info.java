/** The Overview screen: the whole application from the start wall to the departure wall. */
package bivouac.desktop.overview;
