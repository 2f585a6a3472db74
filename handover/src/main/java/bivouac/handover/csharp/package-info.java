/** How C# is written: names, types, expressions, scripts. No toolkit is in here. */
package bivouac.handover.csharp;
