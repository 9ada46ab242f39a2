package roughcut.start;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import roughcut.measure.NamedKind;
import roughcut.shop.StringSpec;

/**
 * What is to be built, as one would say it, with the sizes that are usual for it. Lengths in mm.
 */
public enum InstrumentKind implements NamedKind {
  SIX_STRINGS(
      "Six-string guitar",
      Tuning.GUITAR,
      6,
      640,
      new Sizes(43, 56, 52, 185, 80, 16.5, 20.5, 21.5, 22)),
  SEVEN_STRINGS(
      "Seven-string guitar",
      Tuning.GUITAR,
      7,
      660,
      new Sizes(48, 62, 61, 205, 80, 18, 20.5, 22, 22)),
  EIGHT_STRINGS(
      "Eight-string guitar",
      Tuning.GUITAR,
      8,
      686,
      new Sizes(55, 72, 71, 225, 84, 18.5, 20.5, 22.5, 23)),
  NINE_STRINGS(
      "Nine-string guitar",
      Tuning.GUITAR,
      9,
      711,
      new Sizes(62, 82, 81, 240, 100, 20, 22, 23.5, 24)),
  TEN_STRINGS(
      "Ten-string guitar",
      Tuning.GUITAR,
      10,
      737,
      new Sizes(69, 92, 91, 265, 108, 20.5, 22.5, 24, 24.5)),
  TWELVE_STRINGS(
      "Twelve-string guitar",
      Tuning.TWELVE,
      12,
      640,
      new Sizes(48, 60, 54, 250, 84, 17.5, 21, 22, 22.5)),
  TENOR("Tenor guitar", Tuning.TENOR, 4, 584, new Sizes(34, 44, 40, 160, 76, 16.5, 20.5, 21.5, 22)),
  BARITONE(
      "Baritone guitar",
      Tuning.BARITONE,
      6,
      686,
      new Sizes(44, 57, 52, 190, 80, 17.5, 21, 21.5, 22.5)),
  FOUR_STRING_BASS(
      "Four-string bass", Tuning.BASS, 4, 864, new Sizes(42, 63, 57, 200, 80, 19, 21.5, 23.5, 24)),
  FIVE_STRING_BASS(
      "Five-string bass", Tuning.BASS, 5, 864, new Sizes(47, 74, 76, 225, 86, 19, 21.5, 23.5, 24)),
  SIX_STRING_BASS(
      "Six-string bass",
      Tuning.SIX_BASS,
      6,
      864,
      new Sizes(54, 86, 93, 250, 90, 19.5, 22, 24, 24.5)),
  EIGHT_STRING_BASS(
      "Eight-string bass",
      Tuning.PAIRED_BASS,
      8,
      864,
      new Sizes(45, 68, 62, 250, 86, 19.5, 22, 24, 24.5)),
  TEN_STRING_BASS(
      "Ten-string bass",
      Tuning.PAIRED_BASS,
      10,
      864,
      new Sizes(51, 80, 81, 255, 92, 20, 22.5, 24.5, 25));

  /** The usual slant of a bridge, mm. */
  static final double SLANT = 2;

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

  /** Gauges as sold, whether wound, and pitch, Hz: string 1 first. */
  private enum Tuning {
    GUITAR(
        false,
        new double[][] {
          {0.254, 0, 329.63},
          {0.330, 0, 246.94},
          {0.432, 0, 196.00},
          {0.660, 1, 146.83},
          {0.914, 1, 110.00},
          {1.168, 1, 82.41},
          {1.575, 1, 61.74},
          {2.032, 1, 46.25},
          {2.540, 1, 34.65},
          {3.302, 1, 25.96}
        }),
    /** Six pairs, two in unison and four an octave apart, the thin one towards the bass. */
    TWELVE(
        false,
        new double[][] {
          {0.254, 0, 329.63},
          {0.254, 0, 329.63},
          {0.356, 0, 246.94},
          {0.356, 0, 246.94},
          {0.584, 1, 196.00},
          {0.229, 0, 392.00},
          {0.762, 1, 146.83},
          {0.305, 0, 293.66},
          {1.016, 1, 110.00},
          {0.432, 0, 220.00},
          {1.270, 1, 82.41},
          {0.660, 1, 164.81}
        }),
    /** In fifths. */
    TENOR(
        false,
        new double[][] {
          {0.229, 0, 440.00}, {0.356, 0, 293.66}, {0.584, 1, 196.00}, {0.813, 1, 130.81}
        }),
    BARITONE(
        false,
        new double[][] {
          {0.330, 0, 246.94},
          {0.432, 0, 185.00},
          {0.711, 1, 146.83},
          {0.965, 1, 110.00},
          {1.270, 1, 82.41},
          {1.651, 1, 61.74}
        }),
    BASS(
        true,
        new double[][] {
          {1.143, 1, 98.00},
          {1.651, 1, 73.42},
          {2.159, 1, 55.00},
          {2.667, 1, 41.20},
          {3.302, 1, 30.87}
        }),
    SIX_BASS(
        true,
        new double[][] {
          {0.813, 1, 130.81},
          {1.143, 1, 98.00},
          {1.651, 1, 73.42},
          {2.159, 1, 55.00},
          {2.667, 1, 41.20},
          {3.302, 1, 30.87}
        }),
    /** Pairs an octave apart, the thin one towards the bass. */
    PAIRED_BASS(
        true,
        new double[][] {
          {1.143, 1, 98.00},
          {0.432, 0, 196.00},
          {1.651, 1, 73.42},
          {0.660, 1, 146.83},
          {2.159, 1, 55.00},
          {0.914, 1, 110.00},
          {2.667, 1, 41.20},
          {1.168, 1, 82.41},
          {3.302, 1, 30.87},
          {1.575, 1, 61.74}
        });

    private final boolean bass;
    private final double[][] strings;

    Tuning(boolean bass, double[][] strings) {
      this.bass = bass;
      this.strings = strings;
    }
  }

  private final String label;
  private final Tuning tuning;
  private final int count;
  private final double scale;
  private final Sizes sizes;

  InstrumentKind(String label, Tuning tuning, int count, double scale, Sizes sizes) {
    this.label = label;
    this.tuning = tuning;
    this.count = count;
    this.scale = scale;
    this.sizes = sizes;
  }

  /**
   * The kind with so many strings.
   *
   * @param bass a bass where a guitar has as many
   * @param baritone a guitar tuned a fourth lower
   * @param tenor a guitar of four strings in fifths
   */
  public static Optional<InstrumentKind> of(
      int strings, boolean bass, boolean baritone, boolean tenor) {
    return Arrays.stream(values())
        .filter(k -> k.count == strings)
        .filter(k -> !bass || k.bass())
        .filter(k -> baritone == (k.tuning == Tuning.BARITONE))
        .filter(k -> tenor == (k.tuning == Tuning.TENOR))
        .findFirst();
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
    return tuning.bass;
  }

  /** How many strings run together in a course; 1 where each runs alone. */
  public int inCourse() {
    return switch (tuning) {
      case TWELVE, PAIRED_BASS -> 2;
      case GUITAR, TENOR, BARITONE, BASS, SIX_BASS -> 1;
    };
  }

  /** How much further back the bridge's bass end stands, as its compensation asks for, mm. */
  double slant() {
    return switch (this) {
      case TEN_STRINGS -> 14;
      case SIX_STRINGS,
              SEVEN_STRINGS,
              EIGHT_STRINGS,
              NINE_STRINGS,
              TWELVE_STRINGS,
              TENOR,
              BARITONE,
              FOUR_STRING_BASS,
              FIVE_STRING_BASS,
              SIX_STRING_BASS,
              EIGHT_STRING_BASS,
              TEN_STRING_BASS ->
          SLANT;
    };
  }

  Sizes sizes() {
    return sizes;
  }

  public int count() {
    return count;
  }

  /** A usual set, string 1 first. */
  List<StringSpec> strings() {
    return Arrays.stream(tuning.strings)
        .limit(count)
        .map(s -> new StringSpec(s[0], s[1] > 0, 0, s[2]))
        .toList();
  }
}
