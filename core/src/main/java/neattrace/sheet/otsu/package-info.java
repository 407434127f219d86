/**
 * Global threshold by the largest between-class variance: N. Otsu, "A Threshold Selection Method
 * from Gray-Level Histograms", IEEE Transactions on Systems, Man, and Cybernetics 9(1), 1979.
 */
package neattrace.sheet.otsu;
