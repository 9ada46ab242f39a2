package roughcut.geometry;

import java.util.function.Function;

/** What is cut away or stands on the body: a solid without hollows. */
public sealed interface Solid extends Convex permits Prism, Cylinder {
  /** An answer for each kind of solid; whoever asks has to know them all. */
  <T> T fold(Function<Prism, T> prism, Function<Cylinder, T> bore);

  /**
   * Where an upright line at that place of the plan lies in the solid: its least and its greatest
   * z; null where it misses.
   */
  double[] chord(double x, double y);

  /** The box around it. */
  Box box();
}
