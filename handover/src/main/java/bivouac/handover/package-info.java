/** What leaves the tool: programs that behave as they were rehearsed. Knows the core only. */
package bivouac.handover;
