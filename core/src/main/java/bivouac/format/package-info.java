/**
 * Reading and writing design files ({@code docs/format.md}). What is wrong in a file is reported with line, column,
 * path and what was expected; a file is written beside the old one, flushed, and put in its place.
 */
package bivouac.format;
