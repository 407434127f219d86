/**
 * How each kind of goods is made, as a person decides it: values alone, kept in the job. Figures
 * that a printer or a material sets are those of the goods themselves.
 */
package neattrace.goods.making;
