/**
 * A stand-in for a cutter: reads cut files as they were written, HP-GL (Hewlett-Packard, "HP-GL/2
 * and HP RTL Reference Guide", from memory) and DXF (release 12), by readers of its own, and cuts
 * on the screen. The tip of a drag knife trails behind its pivot along a tractrix; the whole sheet
 * lies off by a drift.
 */
package neattrace.standin.cutter;
