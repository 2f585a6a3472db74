/** Findings: what is wrong or risky in a design, in plain words, with the place to go to. */
package bivouac.check;
