/**
 * Parting a coloured under-drawing from dark ink by colour deconvolution: in optical density both
 * add up, so each pixel is a share of grey ink plus a share of the pencil's colour (A. Ruifrok and
 * D. Johnston, "Quantification of Histochemical Staining by Color Deconvolution", Analytical and
 * Quantitative Cytology and Histology 23(4), 2001). The pencil's colour is measured on the sheet.
 */
package neattrace.sheet.pencil;
