/** What the situations of a design tell, once they were explored. */
package bivouac.check.situations;
