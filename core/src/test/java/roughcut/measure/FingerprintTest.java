package roughcut.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Numbers are one where all that they were made from is, however far back; else they aren't. */
class FingerprintTest {
  private static final LocalDate DAY = LocalDate.of(2026, 5, 4);

  /** A chain of sums, each of the one before taken twice: as a tree it has 2^60 leaves. */
  private static Value deep(double first, LocalDate read) {
    Value value = DecidedValue.of("d", Text.of("D"), first, Quantity.LENGTH);
    if (read != null) {
      value = new MeasuredValue(value, first, read);
    }
    for (int i = 0; i < 60; i++) {
      value =
          ComputedValue.of(
              "s" + i,
              Text.of("Sum"),
              Quantity.LENGTH,
              "(a + b) / 2",
              ComputedValue.in("a", value),
              ComputedValue.in("b", value));
    }
    return value;
  }

  @Test
  void aDeepNumberIsComparedAtOnce() {
    assertThat(deep(40, null)).isEqualTo(deep(40, null));
    assertThat(deep(40, null)).isNotEqualTo(deep(40.000001, null));
    // The same number by a reading, or read on another day, isn't the same.
    assertThat(deep(40, DAY)).isNotEqualTo(deep(40, null));
    assertThat(deep(40, DAY)).isNotEqualTo(deep(40, DAY.plusDays(1)));
    assertThat(deep(40, DAY)).isEqualTo(deep(40, DAY));
  }

  @Test
  void symbolsFormulasAndNamesCount() {
    Value a = DecidedValue.of("a", Text.of("A"), 3, Quantity.LENGTH);
    Value b = DecidedValue.of("b", Text.of("B"), 3, Quantity.LENGTH);
    Set<Long> prints = new HashSet<>();
    List<Value> all = new ArrayList<>();
    all.add(
        ComputedValue.of(
            "x",
            Text.of("X"),
            Quantity.LENGTH,
            "p + q",
            ComputedValue.in("p", a),
            ComputedValue.in("q", b)));
    all.add(
        ComputedValue.of(
            "x",
            Text.of("X"),
            Quantity.LENGTH,
            "p + q",
            ComputedValue.in("p", b),
            ComputedValue.in("q", a)));
    all.add(
        ComputedValue.of(
            "x",
            Text.of("X"),
            Quantity.LENGTH,
            "q + p",
            ComputedValue.in("p", a),
            ComputedValue.in("q", b)));
    all.add(
        ComputedValue.of(
            "x",
            Text.of("Y"),
            Quantity.LENGTH,
            "p + q",
            ComputedValue.in("p", a),
            ComputedValue.in("q", b)));
    all.add(
        ComputedValue.of(
            "y",
            Text.of("X"),
            Quantity.LENGTH,
            "p + q",
            ComputedValue.in("p", a),
            ComputedValue.in("q", b)));
    all.add(SearchedValue.of("x", Text.of("X"), 6, Quantity.LENGTH, Text.of("found"), a, b));
    all.add(SearchedValue.of("x", Text.of("X"), 6, Quantity.LENGTH, Text.of("found"), b, a));
    all.add(SearchedValue.of("x", Text.of("X"), 6, Quantity.LENGTH, Text.of("least"), a, b));
    all.add(TableValue.of("x", Text.of("X"), 6, Quantity.LENGTH, Text.of("a table")));
    all.add(TableValue.of("x", Text.of("X"), 6, Quantity.LENGTH, Text.of("another")));
    all.add(DecidedValue.of("x", Text.of("X"), 6, Quantity.LENGTH));
    all.add(DecidedValue.of("x", Text.of("X"), 6, Quantity.ANGLE));
    all.forEach(v -> assertThat(prints.add(v.print())).as(v.toString()).isTrue());
  }

  /** Thrown together at random, no two bases of other values are taken for one. */
  @Test
  void basesAreOneWhereTheirValuesAre() {
    Random random = new Random(7);
    Set<Long> prints = new HashSet<>();
    for (int i = 0; i < 20_000; i++) {
      Value v = DecidedValue.of("v", Text.of("V"), random.nextDouble(), Quantity.LENGTH);
      assertThat(prints.add(Provenance.of(v).with(v).print())).isTrue();
    }
    Value a = DecidedValue.of("a", Text.of("A"), 1, Quantity.LENGTH);
    Value again = DecidedValue.of("a", Text.of("A"), 1, Quantity.LENGTH);
    assertThat(Provenance.of(a))
        .isEqualTo(Provenance.of(again))
        .hasSameHashCodeAs(Provenance.of(again));
    assertThat(Provenance.of(a).with(a)).isNotEqualTo(Provenance.of(a));
    assertThat(Provenance.NONE).isEqualTo(Provenance.of());
  }
}
