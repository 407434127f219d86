package neattrace.raster;

/** Weights of a Gaussian at whole steps; they sum up to one. */
public final class GaussianKernel {

    private GaussianKernel() {}

    /**
     * The weights from {@code -radius} to {@code radius}.
     *
     * @param sigma standard deviation in steps, above zero
     */
    public static double[] of(double sigma, int radius) {
        double[] kernel = new double[2 * radius + 1];
        double sum = 0;
        for (int k = -radius; k <= radius; k++) {
            kernel[k + radius] = Math.exp(-k * k / (2 * sigma * sigma));
            sum += kernel[k + radius];
        }
        for (int k = 0; k < kernel.length; k++) {
            kernel[k] /= sum;
        }
        return kernel;
    }

    /** The same in single precision, for pictures. */
    public static float[] floats(double sigma, int radius) {
        double[] exact = of(sigma, radius);
        float[] kernel = new float[exact.length];
        for (int k = 0; k < kernel.length; k++) {
            kernel[k] = (float) exact[k];
        }
        return kernel;
    }
}
