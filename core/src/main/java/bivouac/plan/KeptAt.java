package bivouac.plan;

/** Where an open window is kept under a name (O9). */
public sealed interface KeptAt {

    /** In a slot of the script that opened it, for the rest of that script. */
    record InScript(int slot) implements KeptAt {}

    /** In a variable of the window whose script opened it: the how-manieth of those that keep a window, from 0. */
    record InWindow(int number) implements KeptAt {}
}
