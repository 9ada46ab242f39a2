package roughcut.shop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleConsumer;
import org.junit.jupiter.api.Test;

/** What a shop is made of takes all that can be, to its very limits, and nothing beyond. */
class PartsOfAShopTest {
  private static final double HAIR = 1e-6;

  /** Both limits are taken and what lies a hair beyond isn't, nor what is no number. */
  private static void limits(
      String what,
      double least,
      boolean leastToo,
      double most,
      boolean mostToo,
      DoubleConsumer of) {
    of.accept((least + most) / 2);
    taken(what, leastToo ? least : least + HAIR, of);
    taken(what, mostToo ? most : most - HAIR, of);
    refused(what, leastToo ? least - HAIR : least, of);
    refused(what, mostToo ? most + HAIR : most, of);
    refused(what, Double.NaN, of);
  }

  private static void taken(String what, double value, DoubleConsumer of) {
    try {
      of.accept(value);
    } catch (IllegalArgumentException e) {
      throw new AssertionError(what + " of " + value + " is refused", e);
    }
  }

  private static void refused(String what, double value, DoubleConsumer of) {
    assertThatIllegalArgumentException()
        .as(what + " of " + value)
        .isThrownBy(() -> of.accept(value))
        .satisfies(e -> assertThat(e.getMessage()).isNotBlank());
  }

  private static Board board(
      double length, double runOut, double moisture, double mass, double price) {
    return new Board(
        "B1",
        "pear",
        OptionalDouble.of(length),
        OptionalDouble.of(200),
        OptionalDouble.of(50),
        OptionalDouble.of(moisture),
        Board.Grain.FLAT,
        runOut,
        List.of(),
        false,
        OptionalDouble.of(mass),
        OptionalDouble.of(price),
        "");
  }

  @Test
  void aBoard() {
    limits("length", 0, false, 10_000, true, v -> board(v, 1, 8, 900, 40));
    limits("run-out", 0, true, 45, true, v -> board(900, v, 8, 900, 40));
    limits("moisture", 0, true, 200, true, v -> board(900, 1, v, 900, 40));
    limits("mass", 0, false, 1e6, false, v -> board(900, 1, 8, v, 40));
    limits("price", 0, true, 1e7, false, v -> board(900, 1, 8, 900, v));
  }

  private static Cutter cutter(double... n) {
    return new Cutter(
        "straight",
        CutterKind.STRAIGHT,
        n[0],
        n[1],
        n[2],
        n[3],
        n[4],
        (int) n[5],
        n[6],
        n[7],
        n[8],
        Cutter.Condition.SHARP);
  }

  /** Each of its numbers alone, the others usual. */
  @Test
  void aCutter() {
    double[] usual = {12, 30, 8, 12, 10, 2, 60, 24_000, 1};
    double[][] ends = {
      {0, 150}, {0, 300}, {0, 30}, {0, 150}, {0, 40}, {1, 12}, {0, 400}, {0, 60_000}, {0, 20}
    };
    boolean[] nothingToo = {false, false, false, true, true, true, true, false, true};
    for (int i = 0; i < usual.length; i++) {
      int at = i;
      DoubleConsumer of =
          v -> {
            double[] numbers = usual.clone();
            numbers[at] = v;
            cutter(numbers);
          };
      if (i == 5) { // flutes are counted
        List.of(1, 2, 12).forEach(n -> taken("flutes", n, of));
        List.of(-1, 0, 13).forEach(n -> refused("flutes", n, of));
      } else {
        limits("number " + i, ends[i][0], nothingToo[i], ends[i][1], true, of);
      }
    }
    for (String name : new String[] {null, "", "  ", "x".repeat(61)}) {
      assertThatIllegalArgumentException()
          .isThrownBy(
              () ->
                  new Cutter(
                      name,
                      CutterKind.STRAIGHT,
                      12,
                      30,
                      8,
                      0,
                      0,
                      2,
                      60,
                      24_000,
                      0,
                      Cutter.Condition.SHARP))
          .withMessageContaining("name of at most 60 letters");
    }
  }

  /** No rim goes faster than 40 m/s, and no router than its fastest. */
  @Test
  void aCutterIsTurnedAsItsRimAndTheRouterAllow() {
    for (double diameter : new double[] {3, 12, 25, 31.8, 31.9, 50, 90}) {
      double speed = cutter(diameter, 30, 8, 0, 0, 2, 60, 60_000, 0).speed();
      double rim = Math.PI * diameter / 1000 * speed / 60;
      assertThat(rim).isLessThanOrEqualTo(40 + 1e-9);
      assertThat(speed).isLessThanOrEqualTo(24_000);
      assertThat(rim > 40 - 1e-9 || speed > 24_000 - 1e-9).as("as fast as may be").isTrue();
      assertThat(cutter(diameter, 30, 8, 0, 0, 2, 60, 9000, 0).speed())
          .isCloseTo(Math.min(9000, speed), within(1e-9));
    }
  }

  @Test
  void aPlaner() {
    double high = Double.MAX_VALUE;
    for (double[] bad :
        new double[][] {
          {0, 350, 8, 2.5, 60},
          {310, -HAIR, 8, 2.5, 60},
          {310, 350, -HAIR, 2.5, 60},
          {310, 350, 8, 0, 60},
          {310, 350, 8, 2.5, -HAIR},
          {Double.NaN, 350, 8, 2.5, 60},
          {310, 350, 8, Double.NaN, 60},
          {310, 350, 8, 2.5, Double.NaN}
        }) {
      assertThatIllegalArgumentException()
          .isThrownBy(() -> new Planer(bad[0], bad[1], bad[2], bad[3], bad[4]));
    }
    assertThat(new Planer(HAIR, 0, 0, HAIR, 0).width()).isEqualTo(HAIR);
    assertThat(new Planer(high, 0, 0, 1, 0).width()).isEqualTo(high);
  }

  private static Template template(String name, double thickness, Optional<Double> opening) {
    return new Template(
        name, thickness, "acrylic", Template.Use.ROUTING, false, opening, false, "index holes");
  }

  @Test
  void aTemplate() {
    limits("thickness", 1, true, 50, true, v -> template("t", v, Optional.empty()));
    limits("opening", 0, false, 1000, false, v -> template("t", 12, Optional.of(v)));
    assertThat(template("x".repeat(60), 12, Optional.empty()).name()).hasSize(60);
    for (String name : new String[] {null, " ", "x".repeat(61)}) {
      assertThatIllegalArgumentException()
          .isThrownBy(() -> template(name, 12, Optional.empty()))
          .withMessageContaining("60 letters");
    }
    assertThat(template("t", 9.99, Optional.empty()).routs()).as("it melts").isFalse();
    assertThat(template("t", 10, Optional.empty()).routs()).isTrue();
  }

  private static ShopHours.Opening open(DayOfWeek day, int from, int to) {
    return new ShopHours.Opening(day, LocalTime.of(from, 0), LocalTime.of(to, 0));
  }

  @Test
  void theHoursOfAShop() {
    limits("warmth", -10, true, 45, true, v -> new ShopHours(List.of(), List.of(), v, 1));
    List.of(1, 99).forEach(n -> new ShopHours(List.of(), List.of(), 20, n));
    for (int sets : new int[] {0, 100, -1}) {
      assertThatIllegalArgumentException()
          .isThrownBy(() -> new ShopHours(List.of(), List.of(), 20, sets));
    }
    assertThatIllegalArgumentException().isThrownBy(() -> open(DayOfWeek.MONDAY, 9, 9));
    // In any order; touching, and at the same hours of other days, is no overlap.
    List<ShopHours.Opening> week =
        List.of(
            open(DayOfWeek.TUESDAY, 9, 12),
            open(DayOfWeek.MONDAY, 14, 18),
            open(DayOfWeek.MONDAY, 9, 14));
    ShopHours hours = new ShopHours(week, List.of(), 20, 1);
    assertThat(hours.week()).containsExactly(week.get(2), week.get(1), week.get(0));
    List<ShopHours.Opening> twice = new ArrayList<>(week);
    twice.add(open(DayOfWeek.MONDAY, 17, 20));
    assertThatIllegalArgumentException()
        .isThrownBy(() -> new ShopHours(twice, List.of(), 20, 1))
        .withMessageContaining("Monday");
    LocalDate day = LocalDate.of(2026, 12, 24);
    assertThat(new ShopHours(week, List.of(day.plusDays(1), day, day), 20, 1).closed())
        .containsExactly(day, day.plusDays(1));
  }

  /** Half as long again for each 10 °C under 20, in between as well, and never shorter. */
  @Test
  void theColdMakesAGlueSlow() {
    for (double[] told : new double[][] {{20, 1}, {35, 1}, {10, 1.5}, {0, 2.25}, {-10, 3.375}}) {
      assertThat(ShopHours.USUAL.withWarmth(told[0]).cureFactor())
          .isCloseTo(told[1], within(1e-12));
    }
    double half = ShopHours.USUAL.withWarmth(15).cureFactor();
    assertThat(half * half).isCloseTo(1.5, within(1e-12));
  }

  @Test
  void woodsOfOnesOwn() {
    Species pear = Woods.BOOK.all().get(0);
    List<Species> own = new ArrayList<>();
    for (int i = 0; i < 201; i++) {
      own.add(
          new Species(
              Woods.OWN + i,
              "wood " + i,
              pear.densityLow(),
              pear.density(),
              pear.densityHigh(),
              pear.hardness(),
              pear.radial(),
              pear.tangential(),
              pear.tint(),
              pear.figure(),
              pear.machines(),
              pear.dust()));
    }
    assertThat(new Woods(own.subList(0, 200)).all()).hasSize(Woods.BOOK.all().size() + 200);
    assertThatIllegalArgumentException()
        .isThrownBy(() -> new Woods(own))
        .withMessageContaining("at most 200");
    assertThatIllegalArgumentException()
        .isThrownBy(() -> new Woods(List.of(own.get(3), own.get(3))))
        .withMessageContaining("two woods are called “wood 3”");
  }
}
