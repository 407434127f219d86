/**
 * Connected-component labelling on runs: one pass that joins the runs of neighbouring rows with a
 * union-find forest (He, Chao and Suzuki, "A Run-Based Two-Scan Labeling Algorithm", IEEE TIP
 * 17(5), 2008). Memory grows with runs, not with pixels.
 */
package neattrace.raster.label;
