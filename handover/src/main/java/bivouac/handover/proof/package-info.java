/** Whether a written program does what was rehearsed: what has to be seen, event by event (E3). */
package bivouac.handover.proof;
