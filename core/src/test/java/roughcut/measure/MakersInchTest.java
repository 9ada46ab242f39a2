package roughcut.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Fractions where makers use them, thousandths where a fraction would say nothing. */
class MakersInchTest {
  @ParameterizedTest
  @CsvSource({
    "304.8, LENGTH, 12 in", // a fretboard's radius
    "42.8625, LENGTH, 1 11/16 in", // a nut
    "6.35, LENGTH, 1/4 in",
    "1.5875, LENGTH, 1/16 in", // small, and a fraction all the same
    "1.778, LENGTH, 0.070 in", // an action
    "0.2, LENGTH, 0.008 in", // relief
    "35.92, FINE_LENGTH, 1.414 in", // a fret, marked with a knife
    "38.1, FINE_LENGTH, 1 1/2 in",
    "-0.45, LENGTH, −0.018 in",
    "0, LENGTH, 0 in"
  })
  void isWhatAMakerReads(double mm, Quantity quantity, String read) {
    assertThat(NumberWriter.text(mm, quantity, Units.FRACTION_64)).isEqualTo(read);
  }

  /** Fields show what can be read off a rule or a caliper, not every figure that is kept. */
  @ParameterizedTest
  @CsvSource({
    "43, LENGTH, 1.693",
    "395, LENGTH, 15.551",
    "640, LENGTH, 25.197",
    "42.8625, LENGTH, 1 11/16",
    "12.7, LENGTH, 1/2",
    "35.92, FINE_LENGTH, 1.4142",
    "1.6, LENGTH, 0.063",
    "0.2, LENGTH, 0.00787"
  })
  void aFieldShowsWhatAMakerReadsOff(double mm, Quantity quantity, String shown) {
    assertThat(NumberWriter.editable(mm, quantity, Units.FRACTION_64)).isEqualTo(shown);
  }

  /** A field, too: and what it shows is within a 250th of what is kept, however small. */
  @Property
  void aFieldShowsNothingAsNothing(@ForAll @DoubleRange(min = 0.02, max = 2000) double mm)
      throws InvalidInput {
    for (Units units : new Units[] {Units.DECIMAL_INCH, Units.FRACTION_64}) {
      String shown = NumberWriter.editable(mm, Quantity.LENGTH, units);
      assertThat(NumberReader.length(shown, units))
          .as(shown)
          .isCloseTo(mm, within(Math.min(0.0128, mm / 100)));
    }
  }

  /** Nothing that is there is shown as nothing, in whatever fraction the maker works. */
  @Property
  void nothingCollapsesToZero(@ForAll @DoubleRange(min = 0.02, max = 2000) double mm) {
    for (int finest : new int[] {8, 16, 32, 64}) {
      Units units = new Units(Units.System.FRACTION, finest);
      String shown = NumberWriter.number(mm, Quantity.LENGTH, units);
      assertThat(shown).isNotEqualTo("0").isNotEqualTo("0.000");
    }
  }

  /** What is shown of a small or fine length is within half a thousandth of it when read back. */
  @Property
  void whatIsShownInThousandthsIsReadBack(@ForAll @DoubleRange(min = 0.02, max = 900) double mm)
      throws InvalidInput {
    String fine = NumberWriter.number(mm, Quantity.FINE_LENGTH, Units.FRACTION_64);
    assertThat(NumberReader.length(fine, Units.FRACTION_64)).isCloseTo(mm, within(0.0128));
  }
}
