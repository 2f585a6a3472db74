/**
 * Expressions: CEL's parser and checker with our types, functions and scopes (rules V1 to V3), and the evaluation of
 * what was checked. A scope says what a name means; nothing here knows a machine or a screen.
 */
package bivouac.expression;
