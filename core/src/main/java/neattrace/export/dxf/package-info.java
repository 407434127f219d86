/**
 * DXF of release 12, which cutters and plotters read: POLYLINE entities on named layers, in mm, y
 * up (Autodesk, <i>Drawing Interchange File Formats</i>, Release 12, 1992; group codes from
 * memory).
 */
package neattrace.export.dxf;
