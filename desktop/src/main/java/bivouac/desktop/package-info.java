/** The desktop tool. One package a screen; what the tool works on is in {@code work}, and nothing knows the tool. */
package bivouac.desktop;
