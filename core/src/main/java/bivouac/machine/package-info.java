/**
 * The rules of window life ({@code docs/semantics.md}), once. A {@link bivouac.plan.Program} is a design compiled;
 * {@link bivouac.machine.Machine} takes a state and an event to the next state, and tells a watch what was seen.
 * Rehearsal and checks use the same machine; there is no second one.
 */
package bivouac.machine;
