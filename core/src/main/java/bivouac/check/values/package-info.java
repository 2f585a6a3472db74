/** What is found about values: what is read, handed over, given back, converted, and never used. */
package bivouac.check.values;
