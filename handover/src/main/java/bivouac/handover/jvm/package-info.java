/** Programs in Java: the classes of windows and of the application, and the project around them, for any of its toolkits. */
package bivouac.handover.jvm;
