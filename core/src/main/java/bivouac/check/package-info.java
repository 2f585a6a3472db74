/**
 * Findings: what is wrong or risky in a design, in plain words, with the place to go to. What is known, what is found and how it
 * is put right have rooms of their own; here they are gone through, and what is accepted is told from what is open.
 */
package bivouac.check;
