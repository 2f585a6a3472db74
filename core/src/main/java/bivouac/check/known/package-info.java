/** What is known of a design where a finding is looked for: at a step, in an expression, from words, in its message boxes; and where that is. */
package bivouac.check.known;
