/** What is found about closing, and about asking first: questions, refusals, what is unsaved. */
package bivouac.check.closing;
