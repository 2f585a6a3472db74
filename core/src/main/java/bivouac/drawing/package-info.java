/** Drawings for documents: SVG, light, whatever the look of the tool. Knows nothing of designs. */
package bivouac.drawing;
