/** Windows Forms: the classes of windows and of the application in C#, and the project around them. */
package bivouac.handover.forms;
