/**
 * What a situation is, and nothing else: the open state that the rules work on ({@link bivouac.state.Situation}), and
 * the packed one that is kept and compared ({@link bivouac.state.State}). {@link bivouac.state.Layout} says which bits
 * stand where, once, for reading and for writing.
 */
package bivouac.state;
