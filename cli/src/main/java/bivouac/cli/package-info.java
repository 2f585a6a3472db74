/** The command line: checking and rehearsing designs in terminals and on build servers. */
package bivouac.cli;
