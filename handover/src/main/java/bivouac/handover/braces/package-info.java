/** What languages with braces have in common: lines that are indented by them, names and literals. */
package bivouac.handover.braces;
