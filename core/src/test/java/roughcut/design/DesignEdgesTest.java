package roughcut.design;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import roughcut.demo.Demo;
import roughcut.measure.InvalidValue;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.shop.BodyShapeBook;
import roughcut.shop.StringSpec;

/** What a design may hold, where one decision ends and another begins. */
class DesignEdgesTest {
  private static final Design HERON = Demo.heron(LocalDate.of(2026, 5, 20)).design();

  /** Every number of a build may be its least and its most, and nothing beyond them. */
  @Test
  void limitsAreTheLastThatIsAllowed() {
    int asked = 0;
    for (Decision decision : Decisions.of(HERON)) {
      Optional<NumberDecision> number = decision.number();
      if (number.isEmpty()) {
        continue;
      }
      NumberDecision n = number.get();
      asked++;
      assertThat(n.least()).as(n.id()).isLessThan(n.most());
      assertThat(n.in(n.with(HERON, n.least()))).as(n.id()).isEqualTo(n.least());
      assertThat(n.in(n.with(HERON, n.most()))).as(n.id()).isEqualTo(n.most());
      double step = n.quantity() == Quantity.COUNT ? 1 : n.step() / 10;
      for (double beyond : new double[] {n.least() - step, n.most() + step}) {
        assertThatThrownBy(() -> n.with(HERON, beyond))
            .as(n.id())
            .isInstanceOf(InvalidValue.class)
            .hasMessageContaining(n.label().toString());
        assertThat(n.clampedInto(beyond)).as(n.id()).isBetween(n.least(), n.most());
      }
    }
    assertThat(asked).isGreaterThan(400);
  }

  /**
   * An arrow key goes a step on and back to where it was; in inches a fraction that is on a rule.
   */
  @Test
  void arrowKeysGoInStepsOfARule() {
    for (Decision decision : Decisions.of(HERON)) {
      decision
          .number()
          .filter(n -> n.most() - n.least() > 4 * n.step())
          .ifPresent(
              n -> {
                double middle = n.least() + 2 * n.step();
                for (Units units : List.of(Units.MM, Units.DECIMAL_INCH, Units.FRACTION_64)) {
                  double on = n.stepped(middle, 1, units);
                  double one =
                      !n.quantity().isLength() || units.metric()
                          ? n.step()
                          : n.step() < 1 ? 25.4 / 64 : 25.4 / 16;
                  double expected =
                      n.quantity() == Quantity.COUNT
                          ? middle + one
                          : Math.min(n.most(), middle + one);
                  assertThat(on).as(n.id()).isEqualTo(expected, within(2e-6));
                }
                assertThat(n.stepped(n.most(), 1, Units.MM)).as(n.id()).isEqualTo(n.most());
                assertThat(n.stepped(n.least(), -1, Units.MM)).as(n.id()).isEqualTo(n.least());
              });
    }
  }

  /** A shape of the book is known as that one until any of what makes it is otherwise. */
  @Test
  void aShapeOfTheBookIsKnownUntilAnythingOfItIsMoved() {
    for (BodyShapeBook.BodyShape shape : BodyShapeBook.all()) {
      Design shaped = BodyShapes.set(HERON, shape);
      assertThat(BodyShapes.matching(shaped)).as(shape.name()).contains(shape);
      for (NumberDecision part :
          List.of(
              BodyDecisions.BODY_LENGTH,
              BodyDecisions.BODY_UPPER,
              BodyDecisions.BODY_WAIST,
              BodyDecisions.BODY_LOWER,
              BodyDecisions.BODY_HORN_BASS,
              BodyDecisions.BODY_HORN_TREBLE,
              BodyDecisions.BODY_SLANT)) {
        double now = part.in(shaped);
        double other = part.allows(now + 0.7) ? now + 0.7 : now - 0.7;
        assertThat(BodyShapes.matching(part.with(shaped, other)))
            .as(shape.name() + ", " + part.id())
            .isNotEqualTo(Optional.of(shape));
      }
      for (String side : List.of("bass", "treble")) {
        assertThat(BodyShapes.matching(shaped.withNumber("outline." + side + ".2.out", 0.5)))
            .as(shape.name() + ", a point dragged on the " + side + " side")
            .isEmpty();
        assertThat(BodyShapes.matching(shaped.withNumber("outline." + side + ".2.out", 0.0)))
            .as(shape.name() + ", dragged and put back")
            .contains(shape);
      }
    }
  }

  /** What an edit touches is told by its ids; where parts come or go everything is planned anew. */
  @Test
  void changesAreToldByWhatIsDecidedOtherwise() {
    assertThat(DesignChange.between(HERON, HERON)).contains(Set.of());
    assertThat(DesignChange.between(HERON, Decisions.NUT_WIDTH.with(HERON, 44.5)))
        .contains(Set.of("nut.width"));
    assertThat(
            DesignChange.between(HERON, BodyDecisions.NECK_JOINT.with(HERON, NeckJoint.SET_NECK)))
        .contains(Set.of("neck.fixing"));
    Map<String, Double> fewer = new TreeMap<>(HERON.numbers());
    String gone = fewer.keySet().iterator().next();
    fewer.remove(gone);
    Design released = HERON.withNumbers(fewer);
    assertThat(DesignChange.between(HERON, released)).contains(Set.of(gone));
    assertThat(DesignChange.between(released, HERON)).contains(Set.of(gone));
    for (UnaryOperator<Design> parts :
        List.<UnaryOperator<Design>>of(
            d -> d.withStrings(d.strings().subList(1, d.strings().size())),
            d -> d.withStrings(changed(d.strings())),
            d -> d.withNeckStack(d.neckStack().remove(0)),
            d -> d.withFittings(d.fittings().subList(1, d.fittings().size())))) {
      assertThat(DesignChange.between(HERON, parts.apply(HERON))).isEmpty();
    }
  }

  private static List<StringSpec> changed(List<StringSpec> strings) {
    List<StringSpec> next = new ArrayList<>(strings);
    StringSpec first = next.get(0);
    next.set(0, new StringSpec(first.gauge() + 0.1, first.wound(), first.core(), first.pitch()));
    return next;
  }
}
