package roughcut.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.StringLength;

/** Numbers there and back in every unit, and anything typed at all. */
class NumberProperties {
  @Provide
  Arbitrary<Units> units() {
    return Arbitraries.of(Units.MM, Units.DECIMAL_INCH, Units.FRACTION_64);
  }

  /** What a field shows for typing on is read back as the same number, to the last figure shown. */
  @Property
  void whatIsShownForTypingIsReadBack(
      @ForAll @DoubleRange(min = -3000, max = 3000) double mm, @ForAll("units") Units units)
      throws InvalidInput {
    for (Quantity quantity : new Quantity[] {Quantity.LENGTH, Quantity.FINE_LENGTH}) {
      String shown = NumberWriter.editable(mm, quantity, units);
      double back = NumberReader.length(shown, units);
      String again = NumberWriter.editable(back, quantity, units);
      // 1.750 in is 1 3/4 in once it is that.
      assertThat(NumberReader.length(again, units)).as(shown).isCloseTo(back, within(1e-9));
      assertThat(back).isCloseTo(mm, within(units.metric() ? 0.051 : 0.21));
    }
  }

  /** A fraction is what its parts say, in lowest terms or not. */
  @Property
  void fractionsOfAnInchAreWhatTheySay(
      @ForAll @IntRange(min = 0, max = 40) int whole,
      @ForAll @IntRange(min = 1, max = 128) int of,
      @ForAll @IntRange(min = 0, max = 6) int power)
      throws InvalidInput {
    int under = 1 << power;
    int over = of % under;
    if (over == 0) {
      return;
    }
    double inches = whole + (double) over / under;
    String text = (whole == 0 ? "" : whole + " ") + over + "/" + under + " in";
    assertThat(NumberReader.length(text, Units.MM)).isCloseTo(inches * 25.4, within(1e-9));
    assertThat(NumberReader.length(text.replace(" in", ""), Units.FRACTION_64))
        .isCloseTo(inches * 25.4, within(1e-9));
    String exact = NumberWriter.text(inches * 25.4, Quantity.LENGTH, Units.FRACTION_64);
    assertThat(NumberReader.length(exact, Units.FRACTION_64))
        .isCloseTo(inches * 25.4, within(1e-9));
  }

  /** Comma or point, with the unit or without, spaces or none: one number. */
  @Property
  void everyWayOfWritingANumberIsTheSameNumber(
      @ForAll @IntRange(min = 0, max = 2000) int whole,
      @ForAll @IntRange(min = 0, max = 99) int part)
      throws InvalidInput {
    String point = whole + "." + (part < 10 ? "0" : "") + part;
    double mm = whole + part / 100.0;
    for (String text :
        new String[] {
          point, point.replace('.', ','), point + " mm", point + "mm", "  " + point, "+" + point
        }) {
      assertThat(NumberReader.length(text, Units.MM)).as(text).isCloseTo(mm, within(1e-9));
    }
    assertThat(NumberReader.length(point + " cm", Units.MM)).isCloseTo(10 * mm, within(1e-9));
    assertThat(NumberReader.length(point + "\"", Units.MM)).isCloseTo(25.4 * mm, within(1e-9));
  }

  /** Anything typed is a number or refused with what was typed; nothing else comes of it. */
  @Property(tries = 2000)
  void anythingTypedIsReadOrRefused(
      @ForAll @StringLength(max = 14) String text, @ForAll("units") Units units) {
    try {
      assertThat(NumberReader.length(text, units)).isFinite();
    } catch (InvalidInput e) {
      assertThat(e.getMessage()).isNotBlank();
    }
  }
}
