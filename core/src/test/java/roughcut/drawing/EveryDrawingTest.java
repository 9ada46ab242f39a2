package roughcut.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.design.BodyFace;
import roughcut.design.Decisions;
import roughcut.design.Handedness;
import roughcut.geometry.Bounds;
import roughcut.geometry.Point;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.rout.Cut;

/** What holds of every drawing, whatever it shows: read from its marks alone. */
class EveryDrawingTest {
  private static String link(Mark mark) {
    return mark instanceof Mark.Text text
        ? text.link()
        : mark instanceof Mark.Dimension dimension ? dimension.link() : null;
  }

  /** Sound marks: in place, in words, and leading somewhere. */
  private static void sound(Plan plan, String name, Drawing drawing) {
    assertThat(drawing.marks()).as(name).isNotEmpty();
    Bounds b = drawing.bounds();
    assertThat(b.width()).as(name).isPositive();
    assertThat(b.height()).as(name).isPositive();
    long seen =
        drawing.marks().stream()
            .filter(m -> AllDrawings.places(m).stream().anyMatch(b::contains))
            .count();
    assertThat(seen)
        .as(name + ": a good deal of it is seen when the whole drawing is")
        .isGreaterThan(drawing.marks().size() / 3);
    Set<String> handles = new HashSet<>();
    for (Mark mark : drawing.marks()) {
      for (Point p : AllDrawings.places(mark)) {
        assertThat(Double.isFinite(p.x()) && Double.isFinite(p.y()))
            .as(() -> name + ": " + mark)
            .isTrue();
      }
      assertThat(AllDrawings.words(mark))
          .as(name)
          .doesNotContain("NaN", "Infinity", "null", "Optional", "\uE000")
          .isEqualTo(AllDrawings.words(mark).stripTrailing());
      if (link(mark) != null) {
        assertThat(
                plan.value(link(mark)).isPresent()
                    || Decisions.find(plan.build().design(), link(mark)).isPresent())
            .as(name + " leads to " + link(mark))
            .isTrue();
      }
      if (mark instanceof Mark.Spot spot) {
        assertThat(spot.index()).isBetween(0, plan.clearances().size() - 1);
      }
      if (mark instanceof Mark.Fill fill) {
        assertThat(fill.shape().area()).as(name).isPositive();
      }
      if (mark instanceof Mark.Handle handle && !handle.bare()) {
        assertThat(handles.add(handle.grip().key())).as(name + ": " + handle.grip().key()).isTrue();
      }
    }
  }

  @Test
  void everyDrawingOfEveryInstrumentIsSound() {
    int drawings = 0;
    for (Build build : Demo.builds(LocalDate.of(2026, 5, 4))) {
      Plan plan = Plan.of(build, Demo.shop());
      for (Map.Entry<String, Drawing> entry : AllDrawings.drawn(plan, Units.MM).entrySet()) {
        sound(plan, build.name() + ", " + entry.getKey(), entry.getValue());
        drawings++;
      }
    }
    assertThat(drawings).isGreaterThan(300);
  }

  @Test
  void unitsChangeTheWordsAndNothingElse() {
    Plan plan = Plan.of(Heron.build(), Demo.shop());
    Map<String, Drawing> mm = AllDrawings.drawn(plan, Units.MM);
    Map<String, Drawing> inches = AllDrawings.drawn(plan, Units.FRACTION_64);
    int different = 0;
    // What is told in sentences is wrapped, and longer in inches.
    mm.keySet().removeIf(name -> name.startsWith("sheet"));
    for (String name : mm.keySet()) {
      List<Mark> a = mm.get(name).marks();
      List<Mark> b = inches.get(name).marks();
      assertThat(b).as(name).hasSameSizeAs(a);
      for (int i = 0; i < a.size(); i++) {
        assertThat(AllDrawings.places(b.get(i))).as(name).isEqualTo(AllDrawings.places(a.get(i)));
        different += AllDrawings.words(a.get(i)).equals(AllDrawings.words(b.get(i))) ? 0 : 1;
      }
    }
    assertThat(different).as("numbers are told in inches").isGreaterThan(60);
  }

  /** Whatever the maker decides, drawings are drawn: a design near the usual, at random. */
  @Test
  void designsAtRandomAreDrawnToo() {
    Random random = new Random(2026);
    for (int i = 0; i < 6; i++) {
      Plan plan =
          Plan.of(Heron.build().asDesigned().withDesign(Heron.random(random, false)), Demo.shop());
      for (Map.Entry<String, Drawing> entry : AllDrawings.drawn(plan, Units.MM).entrySet()) {
        for (Mark mark : entry.getValue().marks()) {
          for (Point p : AllDrawings.places(mark)) {
            assertThat(Double.isFinite(p.x()) && Double.isFinite(p.y()))
                .as(entry.getKey())
                .isTrue();
          }
        }
      }
    }
  }

  @Test
  void theBodyTurnedOverIsItsMirrorImage() {
    for (Build build : Demo.builds(LocalDate.of(2026, 5, 4))) {
      Plan plan = Plan.of(build, Demo.shop());
      Bounds top =
          BodyDrawing.of(plan, Units.MM, BodyFace.TOP, BodyDrawing.Shows.OUTLINE, "").bounds();
      Bounds back =
          BodyDrawing.of(plan, Units.MM, BodyFace.BACK, BodyDrawing.Shows.OUTLINE, "").bounds();
      assertThat(back).as("they lie in the same place on the ruler").isEqualTo(top);
      Set<String> bass = new HashSet<>();
      Set<String> treble = new HashSet<>();
      for (Cut cut : plan.cuts().cuts()) {
        double y = cut.outlines().get(0).centre().y();
        if (Math.abs(y) > 20) {
          (y < 0 ? bass : treble).add("cut." + cut.name());
        }
      }
      for (BodyFace face : BodyFace.values()) {
        for (Mark mark : BodyDrawing.of(plan, Units.MM, face, BodyDrawing.Shows.CUTS, "").marks()) {
          if (mark instanceof Mark.Handle handle && handle.bare()) {
            double seen = handle.ghost().stream().mapToDouble(Point::y).average().orElse(0);
            double y =
                face == BodyFace.TOP ^ plan.given(Decisions.HAND) == Handedness.LEFT ? seen : -seen;
            if (bass.contains(handle.grip().key())) {
              assertThat(y).as(build.name() + " " + face + " " + handle.grip().key()).isNegative();
            } else if (treble.contains(handle.grip().key())) {
              assertThat(y).as(build.name() + " " + face + " " + handle.grip().key()).isPositive();
            }
          }
        }
      }
    }
  }

  @Test
  void theKnifeStepsInOrderAndEveryStopHasItsName() {
    for (Build build : Demo.builds(LocalDate.of(2026, 5, 4))) {
      Plan plan = Plan.of(build, Demo.shop());
      for (List<KnifeStops.Stop> stops : List.of(KnifeStops.of(plan), KnifeStops.ofBody(plan))) {
        assertThat(stops).hasSizeGreaterThan(5);
        for (int i = 1; i < stops.size(); i++) {
          assertThat(stops.get(i).x()).isGreaterThanOrEqualTo(stops.get(i - 1).x());
        }
        for (KnifeStops.Stop stop : stops) {
          assertThat(stops.stream().filter(s -> Math.abs(s.x() - stop.x()) < 0.005))
              .as("named by itself, or by one in the same place")
              .extracting(s -> s.name().toString())
              .contains(KnifeStops.near(stops, plan.frets(), stop.x()).toString());
        }
      }
      assertThat(
              KnifeStops.near(KnifeStops.of(plan), plan.frets(), plan.frets().at(3) + 0.2)
                  .toString())
          .isEqualTo("fret 3");
      assertThat(section(plan, plan.frets().at(3))).isEqualTo("Section at fret 3");
      assertThat(section(plan, plan.frets().at(3) + 4)).isEqualTo("Section between frets 3 and 4");
      assertThat(section(plan, plan.frets().at(4) - 4)).isEqualTo("Section between frets 3 and 4");
      assertThat(section(plan, plan.frets().at(1) / 2)).isEqualTo("Section between nut and fret 1");
      assertThat(section(plan, plan.frets().last().x() + 3))
          .isEqualTo("Section behind fret " + plan.frets().last().number());
      assertThat(section(plan, -4)).isEqualTo("Section before the nut line");
      assertThat(KnifeStops.ofBody(plan))
          .extracting(s -> s.name().toString())
          .noneMatch(n -> n.contains("screw"));
    }
  }

  /** What a section there is called where nothing else is near. */
  private static String section(Plan plan, double x) {
    return KnifeStops.section(List.of(), plan.frets(), x).toString();
  }
}
