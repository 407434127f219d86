/**
 * Colours run on beneath the neighbours that lie above them, so that soft edges and plates that
 * shift a little show no paper between them. Only along edges that two colours share: to bare paper
 * and to the page nothing grows.
 */
package neattrace.flat.spread;
