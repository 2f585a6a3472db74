/** Benchmarks: the speeds of the architecture, each printed by one run. Not shipped, and never a test. */
package bivouac.bench;
