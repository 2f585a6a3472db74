/** What a finding is: how heavy, of which kind, where, and what can be done about it. */
package bivouac.check.finding;
