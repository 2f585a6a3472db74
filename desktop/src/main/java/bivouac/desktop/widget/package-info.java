/** Small pieces that the screens share. They hold no decisions about designs, and set no colours from code. */
package bivouac.desktop.widget;
