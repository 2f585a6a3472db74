/**
 * Acting a design out: the trail of events over the machine, going back to any moment, and replaying the trail when
 * the design has changed. Events are named here, so that a trail can be kept, read and compared.
 */
package bivouac.rehearsal;
