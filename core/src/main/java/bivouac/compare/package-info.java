/** Two versions of a design compared by what they do: where the same events lead to something else, and what was found. */
package bivouac.compare;
