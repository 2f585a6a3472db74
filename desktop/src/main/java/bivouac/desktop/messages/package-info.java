/** The Messages screen: every message box drawn side by side. */
package bivouac.desktop.messages;
