/** Simulated outside devices and the drawings of the demo; their truth is known exactly. */
package neattrace.standin;
