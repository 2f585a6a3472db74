/** The Departure screen: the end of the application as one ordered plan. */
package bivouac.desktop.departure;
