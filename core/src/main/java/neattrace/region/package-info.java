/** Areas of enclosed paper, the gaps between them, and what the user decided about gaps. */
package neattrace.region;
