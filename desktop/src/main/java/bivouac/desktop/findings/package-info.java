/** The Findings screen: what is wrong, why it matters, and ways to put it right. */
package bivouac.desktop.findings;
