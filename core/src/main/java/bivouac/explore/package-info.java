/**
 * Every situation that a design can get into, met breadth first over the same machine that the rehearsal runs; what is
 * found there, and the shortest trails that show it.
 */
package bivouac.explore;
