/** Pictures of the screens, made from a design without any display. */
package bivouac.desktop.pictures;
