/** The Window screen: ways in, the face with its scripts, ways out. Everything is edited where it is seen. */
package bivouac.desktop.window;
