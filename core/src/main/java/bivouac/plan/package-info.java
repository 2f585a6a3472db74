/**
 * A design compiled once: {@link bivouac.plan.Program} has its scripts flat, its names bound to slots, its targets
 * resolved and its expressions ready to be evaluated; and knows what can be kept where.
 */
package bivouac.plan;
