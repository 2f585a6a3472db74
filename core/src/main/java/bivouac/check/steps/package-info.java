/** What is found about the course of scripts: steps never run, done twice, parts that nobody can use any more. */
package bivouac.check.steps;
