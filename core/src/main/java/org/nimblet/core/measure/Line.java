package org.nimblet.core.measure;

/**
 * A straight line through points by least squares.
 *
 * @param slope how much it rises for one to the right
 * @param atZero where it stands at 0
 */
record Line(double slope, double atZero) {

  /** Through points; level through their mean where all lie on one x. */
  static Line through(double[] x, double[] y) {
    double meanX = mean(x);
    double meanY = mean(y);
    double products = 0;
    double squares = 0;
    for (int i = 0; i < x.length; i++) {
      products += (x[i] - meanX) * (y[i] - meanY);
      squares += (x[i] - meanX) * (x[i] - meanX);
    }
    double slope = squares == 0 ? 0 : products / squares;
    return new Line(slope, meanY - slope * meanX);
  }

  double at(double x) {
    return atZero + slope * x;
  }

  static double mean(double[] values) {
    double sum = 0;
    for (double value : values) {
      sum += value;
    }
    return values.length == 0 ? 0 : sum / values.length;
  }

  /** The standard deviation of a sample; 0 of fewer than two. */
  static double spread(double[] values) {
    double mean = mean(values);
    double squares = 0;
    for (double value : values) {
      squares += (value - mean) * (value - mean);
    }
    return values.length < 2 ? 0 : Math.sqrt(squares / (values.length - 1));
  }
}
