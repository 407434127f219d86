/** The window: what is on the screen and how it answers. Computes nothing itself. */
package neattrace.app;
