/** The frame around every screen: screens bar, roster, foot strip, finding things, asking before work is lost. */
package bivouac.desktop.frame;
