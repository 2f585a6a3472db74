/**
 * Scripts as sentences: how a step reads, and how a typed line becomes a step. Without any interface, so that what is
 * typed, completed and refused can be tested plainly.
 */
package bivouac.sentence;
