/** Python, without any toolkit: names, values and scripts as a person would write them. */
package bivouac.handover.python;
