/**
 * Lines as single paths, for pens, engravers and whoever wants to set their width anew: the middle
 * of each stroke as curves, with its usual width; solid blacks as outlines.
 */
package neattrace.trace.stroke;
