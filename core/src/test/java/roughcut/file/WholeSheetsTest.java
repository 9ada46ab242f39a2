package roughcut.file;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.drawing.AllDrawings;
import roughcut.drawing.Drawing;
import roughcut.drawing.Mark;
import roughcut.drawing.Role;
import roughcut.drawing.Sheet;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.record.Build;

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
        Bounds b = drawing.bounds().expanded(0.5);
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
        left += (int) tiling.sheets() - tiling.tiles().size();
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
    Bounds room = mark instanceof Mark.Stroke ? b : b.expanded(40);
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

  /** Cut with a saw along a line glued over a joint of paper, an opening comes out stepped. */
  @Test
  void aTemplateThatFitsIsWholeOnOneSheet() {
    int whole = 0;
    int spread = 0;
    for (Build build : builds()) {
      Drawing drawing = Sheet.TEMPLATES.of(Plan.of(build, Demo.shop()), Units.DECIMAL_INCH);
      for (Paper paper : Paper.values()) {
        List<Tiling.Tile> tiles = Tiling.of(drawing, paper).tiles();
        for (Bounds piece : drawing.pieces()) {
          double spare =
              Math.min(paper.width() - 24 - piece.width(), paper.height() - 24 - piece.height());
          if (Math.abs(spare) < 0.5) {
            continue; // so near that it is told neither way below
          }
          boolean fits = spare > 0;
          long over =
              tiles.stream()
                  .filter(
                      t ->
                          holds(t.shows(), new Point(piece.left(), piece.low()))
                              && holds(t.shows(), new Point(piece.right(), piece.high())))
                  .count();
          assertThat(over > 0).as("%s %s: %s", build.name(), paper, piece).isEqualTo(fits);
          whole += fits ? 1 : 0;
          spread += fits ? 0 : 1;
        }
        assertThat(tiles.stream().map(Tiling.Tile::name)).doesNotHaveDuplicates();
      }
    }
    assertThat(whole).isGreaterThan(40);
    assertThat(spread).isPositive();
  }

  /** Random pieces in a row: each whole once where it fits, and no more sheets than pieces. */
  @Test
  void smallPiecesShareASheetAndNoneIsCut() {
    Random random = new Random(3);
    int shared = 0;
    for (int run = 0; run < 300; run++) {
      List<Bounds> pieces = new ArrayList<>();
      double x = 0;
      for (int i = 0; i < 1 + random.nextInt(8); i++) {
        double wide = 10 + random.nextDouble() * 250;
        double high = 10 + random.nextDouble() * 170;
        pieces.add(new Bounds(x, -high, x + wide, 0));
        x += wide + 5 + random.nextDouble() * 40;
      }
      List<Mark> marks = new ArrayList<>();
      for (Bounds b : pieces) {
        marks.add(
            new Mark.Stroke(
                Role.OUTLINE,
                Outline.rectangle(b.left(), b.low(), b.right(), b.high()).corners(),
                true));
      }
      Drawing drawing =
          new Drawing("pieces", marks, pieces.stream().reduce(Bounds::and).orElseThrow(), pieces);
      List<Tiling.Tile> tiles = Tiling.of(drawing, Paper.A4).tiles();
      assertThat(tiles.size()).isLessThanOrEqualTo(pieces.size());
      shared += pieces.size() - tiles.size();
      for (Bounds b : pieces) {
        assertThat(tiles)
            .filteredOn(
                t ->
                    holds(t.shows(), new Point(b.left(), b.low()))
                        && holds(t.shows(), new Point(b.right(), b.high())))
            .hasSizeGreaterThanOrEqualTo(1);
      }
    }
    assertThat(shared).isGreaterThan(100);
  }
}
