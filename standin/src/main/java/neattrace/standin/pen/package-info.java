/**
 * Drawing with a simulated pen: strokes through points (centripetal Catmull-Rom splines: Yuksel,
 * Schaefer and Keyser, Computer-Aided Design 43(7), 2011) whose width swells and tapers, shapes
 * that hide what lies behind them, and solid blacks. The result is exact geometry.
 */
package neattrace.standin.pen;
