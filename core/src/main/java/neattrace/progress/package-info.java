/** How long work tells what it is doing and learns that it is no longer wanted. */
package neattrace.progress;
