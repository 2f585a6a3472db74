/** The whole of a design at a glance: windows in tiers, what opens what, where it is laid out, and as a drawing. */
package bivouac.overview;
