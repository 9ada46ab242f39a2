package roughcut.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.List;
import javafx.geometry.Point2D;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import roughcut.design.Decisions;
import roughcut.design.DrawnPart;
import roughcut.design.Handedness;
import roughcut.geometry.Chain;
import roughcut.geometry.Point;
import roughcut.geometry.Segment;
import roughcut.plan.PointOutline;

/** A body and a headstock drawn point by point, by mouse and by numbers. */
class OutlineEditorTest extends WindowTest {
  @Start
  void start(Stage shown) throws IOException {
    open(shown);
  }

  @Stop
  void stop() {
    close();
  }

  private Chain chain(DrawnPart part) {
    return PointOutline.drawn(session().plan().get(), part).orElseThrow().chain();
  }

  private Segment stretch(int number) {
    return chain(DrawnPart.BODY).segments().get(number);
  }

  @Test
  void aBodyIsDrawnByItsPoints() {
    page(4, "Outline");
    assertThat(there("outline.points")).isTrue();
    click("outline.points");
    assertThat(there("outline.points")).isFalse();
    Point was = chain(DrawnPart.BODY).at(6);
    dragHandle("body.6.point", 9, -11);
    Point is = chain(DrawnPart.BODY).at(6);
    assertThat(is.x() - was.x()).isCloseTo(9, within(1.1));
    assertThat(is.y() - was.y()).as("the bass side is below").isCloseTo(-11, within(1.1));
    assertThat(text("outline.point.which")).startsWith("Point 7 of ");

    type(robot, "outline.point.along", "612.5");
    type(robot, "outline.point.across", "-140");
    assertThat(chain(DrawnPart.BODY).at(6).distance(new Point(612.5, -140))).isLessThan(0.01);
    assertThat(there("outline.point.apart")).isFalse();
    pick("outline.point.measure", "point 3");
    double far = chain(DrawnPart.BODY).at(2).distance(new Point(612.5, -140));
    assertThat(text("outline.point.apart"))
        .startsWith(String.format(java.util.Locale.ROOT, "%.1f mm straight", far));
    pick("outline.point.measure", "nothing");
    assertThat(there("outline.point.apart")).isFalse();
    Point pull = chain(DrawnPart.BODY).pullAfter(6).orElseThrow();
    dragHandle("body.6.after", 10, 10);
    assertThat(chain(DrawnPart.BODY).pullAfter(6).orElseThrow().distance(pull))
        .isCloseTo(Math.hypot(10, 10), within(1.5));
    assertThat(chain(DrawnPart.BODY).smooth(6)).isTrue();

    pick("outline.point.corner", "corner");
    assertThat(chain(DrawnPart.BODY).smooth(6)).isFalse();
    pick("outline.point.kind", "straight");
    assertThat(stretch(6).straight()).isTrue();
    pick("outline.point.kind", "arc");
    assertThat(stretch(6).round()).isPresent();
    int points = chain(DrawnPart.BODY).points();
    click("outline.point.add");
    assertThat(chain(DrawnPart.BODY).points()).isEqualTo(points + 1);
    assertThat(text("outline.point.which")).startsWith("Point 8 of ");
    click("outline.point.remove");
    assertThat(chain(DrawnPart.BODY).points()).isEqualTo(points);
    undo();
    assertThat(chain(DrawnPart.BODY).points()).isEqualTo(points + 1);
    click("outline.point.fair");
    Chain fair = chain(DrawnPart.BODY);
    assertThat(fair.segments().get(9).curvature(1))
        .isCloseTo(fair.segments().get(10).curvature(0), within(1e-6));
    click("outline.point.mirror");
    Chain alike = chain(DrawnPart.BODY);
    for (int i = 0; i < alike.points(); i++) {
      Point p = alike.at(i);
      assertThat(alike.nearest(new Point(p.x(), -p.y())).distance()).isLessThan(0.05);
    }
    click("outline.own");
    assertThat(there("outline.points")).isTrue();
    assertThat(session().build().get().design().drawn()).isEmpty();
  }

  /** In whole numbers by keys alone: the next point, its place, in inches too. */
  @Test
  void aHeadstockIsDrawnByItsPoints() {
    page(3, "Head");
    click("head.outline.points");
    double width = Decisions.HEAD_WIDTH.in(session().build().get().design());
    for (int i = 0; i < 5; i++) {
      show(() -> find(robot, "head.outline.point.on", Button.class).fire());
    }
    assertThat(text("head.outline.point.which")).isEqualTo("Point 6 of 7");
    type(robot, "head.outline.point.across", "44");
    assertThat(chain(DrawnPart.HEAD).at(5).distance(new Point(-49.95, 44)))
        .as("it stays as far along")
        .isLessThan(0.01);
    type(robot, "head.outline.point.along", "2 1/2 in");
    assertThat(chain(DrawnPart.HEAD).at(5).distance(new Point(-63.5, 44))).isLessThan(0.01);
    assertThat(Decisions.HEAD_WIDTH.in(session().build().get().design()))
        .as("the width tells the truth")
        .isCloseTo(width / 2 + 44, within(0.01));
    assertThat(session().plan().get().headFace().reach(1, 63.5)).isCloseTo(44, within(0.02));
    dragHandle("head.3.point", -6, 9);
    assertThat(text("head.outline.point.which")).isEqualTo("Point 4 of 7");
    assertThat(Decisions.HEAD_LENGTH.in(session().build().get().design()))
        .isCloseTo(191.0, within(1.0));
    undo();
    assertThat(chain(DrawnPart.HEAD).at(5).distance(new Point(-63.5, 44))).isLessThan(0.01);
    // The first point stays at the nut.
    for (int i = 0; i < 4; i++) {
      show(() -> find(robot, "head.outline.point.on", Button.class).fire());
    }
    assertThat(text("head.outline.point.which")).isEqualTo("Point 1 of 7");
    assertThat(find(robot, "head.outline.point.along", javafx.scene.Node.class).isDisabled())
        .isTrue();
  }

  /** A double click on the line puts a point there; Delete takes it out; beside it, all is seen. */
  @Test
  void pointsAreAddedAndTakenOutOnTheDrawing() {
    page(4, "Outline");
    click("outline.points");
    int points = chain(DrawnPart.BODY).points();
    Point on = stretch(5).at(0.4);
    Point2D at = screen(on.x(), on.y());
    robot.moveTo(at).doubleClickOn(MouseButton.PRIMARY);
    settle();
    assertThat(chain(DrawnPart.BODY).points()).isEqualTo(points + 1);
    assertThat(chain(DrawnPart.BODY).at(6).distance(on)).isLessThan(1.5);
    assertThat(text("outline.point.which")).startsWith("Point 7 of ");
    robot.push(KeyCode.DELETE);
    settle();
    assertThat(chain(DrawnPart.BODY).points()).isEqualTo(points);
    robot.moveTo(screen(on.x(), on.y() / 2)).doubleClickOn(MouseButton.PRIMARY);
    settle();
    assertThat(chain(DrawnPart.BODY).points()).isEqualTo(points);
  }

  /** A cavity's points on its card, from the back too; given up, it follows its controls again. */
  @Test
  void aCavityIsDrawnByItsPoints() {
    DrawnPart part = new DrawnPart(DrawnPart.Kind.CAVITY, "controls");
    page(5, "Cuts");
    pick("cut.which", "controls");
    assertThat(there("cavity.controls.x")).as("it stands where its controls do").isFalse();
    double area = area();
    click("fitting.outline.points");
    assertThat(design().drawn(part)).isPresent();
    assertThat(area()).isCloseTo(area, within(2.0));
    assertThat(there("cavity.controls.x")).isTrue();
    assertThat(there("cavity.controls.wall")).isFalse();
    Point was = chain(part).at(8);
    dragHandle("cavity.controls.8.point", -4, -5);
    assertThat(chain(part).at(8).x() - was.x()).isCloseTo(-4, within(1.1));
    assertThat(chain(part).at(8).y() - was.y()).isCloseTo(-5, within(1.1));
    assertThat(text("fitting.outline.point.which")).startsWith("Point 9 of ");
    assertThat(area()).isGreaterThan(area + 20);
    type(robot, "fitting.outline.point.along", "671.25");
    assertThat(chain(part).at(8).x()).isCloseTo(671.25, within(0.01));
    double moved = design().numbers().get("cavity.controls.x");
    type(robot, "cavity.controls.x", Double.toString(moved - 12));
    assertThat(chain(part).at(8).x()).as("all of it goes along").isCloseTo(659.25, within(0.01));
    assertThat(text("fitting.trouble")).contains("stands out of the");
    undo();
    // Another cut's card: nothing of this one's points is left on the drawing.
    pick("cut.which", "tone control");
    assertThat(handles("cavity.controls.")).isZero();
    pick("cut.which", "controls");
    assertThat(handles("cavity.controls.")).isEqualTo(chain(part).points());
    assertThat(text("fitting.outline.own")).isEqualTo("Follow the controls");
    click("fitting.outline.own");
    assertThat(design().drawn(part)).isEmpty();
    assertThat(area()).isCloseTo(area, within(0.1));
  }

  private long handles(String begins) {
    return window.surface().targets().stream()
        .filter(h -> h.handle() != null && h.handle().grip().key().startsWith(begins))
        .filter(h -> h.handle().grip().key().endsWith(".point"))
        .count();
  }

  private double area() {
    return session().plan().get().cuts().cut("controls").orElseThrow().steps().get(1).area();
  }

  /** Down an open list by keys, one after the other: it is the last that is begun from. */
  @Test
  void aHeadstockIsBegunFromAShape() {
    page(3, "Head");
    click("head.outline.start");
    robot.push(KeyCode.DOWN).push(KeyCode.DOWN).push(KeyCode.DOWN);
    settle();
    assertThat(design().drawn(DrawnPart.HEAD)).as("nothing while it is gone through").isEmpty();
    robot.push(KeyCode.ENTER);
    until(() -> design().drawn(DrawnPart.HEAD).isPresent());
    assertThat(plan().given(roughcut.design.NeckDecisions.TUNERS_TREBLE)).isZero();
    assertThat(picked("head.outline.start")).isEqualTo("in line");
    pick("head.outline.start", "paddle");
    assertThat(picked("head.outline.start")).isEqualTo("paddle");
    dragHandle("head.3.point", -5, 4);
    assertThat(find(robot, "head.outline.start", ComboBox.class).getValue())
        .as("no longer the shape that it was begun from")
        .isNull();
    pick("head.outline.start", "leaf");
    assertThat(design().drawn(DrawnPart.HEAD)).isEmpty();
  }

  @SuppressWarnings("unchecked")
  private String picked(String id) {
    ComboBox<Object> box = find(robot, id, ComboBox.class);
    return box.getConverter().toString(box.getValue());
  }

  /** For a left hand the drawing is turned over: what is dragged follows the mouse. */
  @Test
  void aLeftHandersPointFollowsTheMouse() {
    show(
        () ->
            session()
                .make(
                    "left",
                    "left",
                    b -> b.withDesign(Decisions.HAND.with(b.design(), Handedness.LEFT))));
    for (String face : List.of("Outline", "Head")) {
      DrawnPart part = face.equals("Head") ? DrawnPart.HEAD : DrawnPart.BODY;
      page(part == DrawnPart.HEAD ? 3 : 4, face);
      click(part == DrawnPart.HEAD ? "head.outline.points" : "outline.points");
      String grip = part.key() + ".2.point";
      Point seen = handle(grip).at();
      dragHandle(grip, 4, 6);
      Point now = handle(grip).at();
      assertThat(now.distance(seen.plus(4, 6))).as(face).isLessThan(1.6);
    }
  }
}
