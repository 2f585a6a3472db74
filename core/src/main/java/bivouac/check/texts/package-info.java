/** What is found about windows and parts as they are drawn and named: texts, names, keys, pictures. */
package bivouac.check.texts;
