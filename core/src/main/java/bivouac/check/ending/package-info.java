/** What is found about the start and the end of the application, and about what is taken and given back. */
package bivouac.check.ending;
