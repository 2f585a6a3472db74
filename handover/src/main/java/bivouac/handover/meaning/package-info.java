/**
 * What a design means for the program to be written, in no language: expressions with every name resolved, texts as keys
 * and values. It is told from the same {@link bivouac.plan.Program} that the rehearsal runs.
 */
package bivouac.handover.meaning;
