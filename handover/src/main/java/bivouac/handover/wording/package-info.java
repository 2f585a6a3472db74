/**
 * The texts of a design out to those who write and translate, and in again: XLIFF 2.1 for translation tools, CSV for
 * spreadsheets, and what would change before it is taken.
 */
package bivouac.handover.wording;
