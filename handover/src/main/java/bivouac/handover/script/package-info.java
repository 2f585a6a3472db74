/**
 * What the scripts of a written program do, between the steps of a design and the languages: acts whose names are resolved.
 * What a step means is decided here, once for all languages.
 */
package bivouac.handover.script;
