package roughcut.start;

import java.util.List;
import roughcut.measure.NamedKind;
import roughcut.shop.StringSpec;

/**
 * What is to be built, as one would say it, with the sizes that are usual for it. Lengths in mm.
 */
public enum InstrumentKind implements NamedKind {
  SIX_STRINGS("Six-string guitar", 640, new Sizes(43, 56, 52, 185, 80, 16.5, 20.5, 21.5, 22)),
  SEVEN_STRINGS("Seven-string guitar", 660, new Sizes(48, 62, 61, 205, 80, 18, 20.5, 22, 22)),
  FOUR_STRING_BASS("Four-string bass", 864, new Sizes(42, 63, 57, 200, 80, 19, 21.5, 23.5, 24)),
  FIVE_STRING_BASS("Five-string bass", 864, new Sizes(47, 74, 76, 225, 86, 19, 21.5, 23.5, 24));

  /**
   * Usual sizes of a neck and its strings.
   *
   * @param octave width of the fretboard at the twelfth fret
   * @param spread of the strings at the bridge, outer centres
   * @param first thickness of the neck at the first fret
   */
  record Sizes(
      double nut,
      double octave,
      double spread,
      double headLength,
      double headWidth,
      double shaft,
      double first,
      double twelfth,
      double heel) {}

  private static final double[][] GUITAR = {
    {0.254, 0, 329.63},
    {0.330, 0, 246.94},
    {0.432, 0, 196.00},
    {0.660, 1, 146.83},
    {0.914, 1, 110.00},
    {1.168, 1, 82.41},
    {1.575, 1, 61.74}
  };
  private static final double[][] BASS = {
    {1.143, 1, 98.00}, {1.651, 1, 73.42}, {2.159, 1, 55.00}, {2.667, 1, 41.20}, {3.302, 1, 30.87}
  };

  private final String label;
  private final double scale;
  private final Sizes sizes;

  InstrumentKind(String label, double scale, Sizes sizes) {
    this.label = label;
    this.scale = scale;
    this.sizes = sizes;
  }

  public String label() {
    return label;
  }

  /** Usual scale length, mm. */
  public double scale() {
    return scale;
  }

  /** How many frets it usually has. */
  public int frets() {
    return bass() ? 21 : 22;
  }

  public boolean bass() {
    return this == FOUR_STRING_BASS || this == FIVE_STRING_BASS;
  }

  Sizes sizes() {
    return sizes;
  }

  public int count() {
    return switch (this) {
      case SIX_STRINGS -> 6;
      case SEVEN_STRINGS -> 7;
      case FOUR_STRING_BASS -> 4;
      case FIVE_STRING_BASS -> 5;
    };
  }

  /** A usual set, string 1 first: gauges as sold, tuned in fourths with a third in a guitar's. */
  List<StringSpec> strings() {
    double[][] set = bass() ? BASS : GUITAR;
    return java.util.Arrays.stream(set)
        .limit(count())
        .map(s -> new StringSpec(s[0], s[1] > 0, 0, s[2]))
        .toList();
  }
}
