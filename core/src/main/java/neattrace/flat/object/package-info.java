/**
 * Shapes by object: areas that were named as a group are one shape of that name, all others are one
 * where they touch. Union by JTS (overlay on a coverage or OverlayNG); which piece a place lies in
 * is told by an index of the pieces' boxes (STR-tree: Leutenegger et al., ICDE 1997).
 */
package neattrace.flat.object;
