package roughcut.file;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.design.Build;
import roughcut.drawing.AllDrawings;
import roughcut.drawing.Drawing;
import roughcut.drawing.Mark;
import roughcut.drawing.Sheet;
import roughcut.geometry.Bounds;
import roughcut.geometry.Point;
import roughcut.measure.Units;
import roughcut.plan.Plan;

/** What is drawn on a full-size sheet is on its pages, and no page is printed for nothing. */
class WholeSheetsTest {
  private static List<Build> builds() {
    List<Build> all = new ArrayList<>(Demo.builds(LocalDate.of(2026, 5, 4)));
    Build heron = Heron.build();
    for (String[] settings :
        new String[][] {
          {"neck.fixing=through", "body.length=480"},
          {"neck.fixing=through", "scale.length=860", "joint.x=560", "body.length=420"},
          {"head.made=flat", "head.length=260"},
        }) {
      all.add(heron.asDesigned().withDesign(Heron.set(heron.design(), settings)));
    }
    return all;
  }

  @Test
  void everythingDrawnLiesOnTheSheet() {
    for (Build build : builds()) {
      Plan plan = Plan.of(build, Demo.shop());
      for (Sheet sheet : Sheet.values()) {
        Drawing drawing = sheet.of(plan, Units.MM);
        Bounds b = drawing.bounds().grown(0.5);
        for (Mark mark : drawing.marks()) {
          for (Point p : AllDrawings.places(mark)) {
            assertThat(
                    p.x() >= b.left()
                        && p.x() <= b.right()
                        && p.y() >= b.low()
                        && p.y() <= b.high())
                .as("%s, %s: %s of %s", build.name(), sheet, p, mark.role())
                .isTrue();
          }
        }
      }
    }
  }

  @Test
  void everyTileShowsSomethingAndAllThatIsDrawnIsOnOne() {
    int left = 0;
    for (Build build : builds()) {
      Plan plan = Plan.of(build, Demo.shop());
      for (Sheet sheet : Sheet.values()) {
        Drawing drawing = sheet.of(plan, Units.MM);
        Tiling tiling = Tiling.of(drawing, Paper.A4);
        left += (int) tiling.sheets() - tiling.printed();
        for (Mark mark : drawing.marks()) {
          for (Point p : AllDrawings.places(mark)) {
            assertThat(tiling.tiles())
                .as("%s %s", build.name(), sheet)
                .anyMatch(t -> holds(t.shows(), p));
          }
        }
        if (tiling.sheets() > 1) {
          for (Tiling.Tile tile : tiling.tiles()) {
            assertThat(drawing.marks())
                .as("%s %s %s", build.name(), sheet, tile.name())
                .anyMatch(m -> touches(m, tile.shows()));
          }
        }
      }
    }
    assertThat(left).as("blank pages that are no longer printed").isPositive();
  }

  private static boolean holds(Bounds b, Point p) {
    return p.x() >= b.left() - 0.5
        && p.x() <= b.right() + 0.5
        && p.y() >= b.low() - 0.5
        && p.y() <= b.high() + 0.5;
  }

  /** Walked in small steps, words by the room that they may take. */
  private static boolean touches(Mark mark, Bounds b) {
    List<Point> p = AllDrawings.places(mark);
    Bounds room = mark instanceof Mark.Path ? b : b.grown(40);
    for (int i = 0; i < p.size(); i++) {
      Point a = p.get(i);
      Point z = p.get((i + 1) % p.size());
      for (int k = 0; k <= 40; k++) {
        if (holds(room, a.towards(z, k / 40.0))) {
          return true;
        }
      }
    }
    return false;
  }
}
