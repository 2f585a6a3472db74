/** Ways to put right what is found, each with one press. */
package bivouac.check.ways;
