/** The design as documents that people read without the tool. */
package bivouac.handover.document;
