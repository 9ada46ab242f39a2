package roughcut.clearance;

import java.util.Arrays;
import java.util.Optional;
import roughcut.finding.Chapter;
import roughcut.measure.Text;
import roughcut.shop.Limit;

/**
 * Every kind of thin spot in one table: under what id a shop may keep its own limits, the usual
 * ones in mm (handbook page and heading behind each), what it is called, which part of the plan it
 * belongs to and where in it it is looked at.
 */
public enum ClearanceKind {
  STRING_MARGIN(
      Text.of("Outer string to fretboard edge"),
      "string.margin",
      2.5,
      1.5,
      Chapter.LAYOUT,
      Text.NONE,
      Text.of("2, String spacing")),
  FRETBOARD_EDGE(
      Text.of("Fretboard edge under its radius"),
      "fretboard.edge",
      3.5,
      Limit.NO_STOP,
      Chapter.LAYOUT,
      Text.NONE,
      Text.of("5, Radius")),

  OUTER_STRIP(
      Text.of("Outer strip beside the outline"),
      "blank.outer-strip",
      3,
      Limit.NO_STOP,
      Chapter.BLANKS,
      Text.of("Stack"),
      Text.of("3, The outline and the strips")),
  INSERT(
      Text.of("Wood beside a curved insert"),
      "blank.insert",
      3,
      Limit.NO_STOP,
      Chapter.BLANKS,
      Text.of("Stack"),
      Text.of("3, Curved strips")),
  BLANK_SIDE(
      Text.of("Blank beside the outline"),
      "blank.side",
      1.5,
      0,
      Chapter.BLANKS,
      Text.of("Stack"),
      Text.of("3, Sizes")),
  HEEL_STOCK(
      Text.of("Blank under the heel"),
      "heel.stock",
      0.5,
      0,
      Chapter.BLANKS,
      Text.of("Stack"),
      Text.of("3, Sizes")),

  SHAFT_STOCK(
      Text.of("Shaft over its back contour"),
      "shaft.stock",
      0.5,
      0,
      Chapter.NECK,
      Text.of("Side"),
      Text.of("4, Side profile")),
  ROD(
      Text.of("Neck under the truss rod"),
      "rod.least",
      3.5,
      2.5,
      Chapter.NECK,
      Text.of("Channels"),
      Text.of("4, What remains")),
  STIFFENER(
      Text.of("Neck under a stiffener"),
      "stiffener.least",
      3.5,
      2.5,
      Chapter.NECK,
      Text.of("Channels"),
      Text.of("4, What remains")),
  STIFFENER_BETWEEN(
      Text.of("Between rod and stiffener"),
      "stiffener.between",
      3,
      2,
      Chapter.NECK,
      Text.of("Channels"),
      Text.of("4, Truss rod and stiffeners")),
  ACCESS_BACK(
      Text.of("Access hole to the headstock back"),
      "access.back",
      3,
      1.5,
      Chapter.NECK,
      Text.of("Access"),
      Text.of("6, What remains: bore and anything")),
  ACCESS_NUT(
      Text.of("Access hole to the nut"),
      "access.nut",
      1.5,
      0,
      Chapter.NECK,
      Text.of("Access"),
      Text.of("4, Access hole")),
  ACCESS_KEY(
      Text.of("Room around the key in its hole"),
      "access.key",
      0.6,
      0.2,
      Chapter.NECK,
      Text.of("Access"),
      Text.of("4, Access hole")),
  ACCESS_OVER(
      Text.of("Wood over the access at the fretboard end"),
      "access.over",
      1.5,
      0.8,
      Chapter.NECK,
      Text.of("Access"),
      Text.of("4, at the fretboard's end")),
  ACCESS_TUNER(
      Text.of("Access hole to a tuner hole"),
      "access.tuner",
      3,
      1.5,
      Chapter.NECK,
      Text.of("Access"),
      Text.of("6, What remains: bore and anything")),
  ACCESS_REACH(
      Text.of("Clearance of the key"),
      "access.reach",
      1,
      0,
      Chapter.NECK,
      Text.of("Access"),
      Text.of("4, at the fretboard's end")),
  SPLINE_BACK(
      Text.of("Neck under a spline"),
      "spline.back",
      3.5,
      2.5,
      Chapter.NECK,
      Text.of("Side"),
      Text.of("4, What remains")),
  SPLINE_ROD(
      Text.of("Between spline and rod"),
      "spline.rod",
      3,
      2,
      Chapter.NECK,
      Text.of("Channels"),
      Text.of("4, Truss rod and stiffeners")),
  TUNER_EDGE(
      Text.of("Tuner hole to the headstock edge"),
      "tuner.edge",
      6,
      4,
      Chapter.NECK,
      Text.of("Head"),
      Text.of("4, Head")),
  TUNER_POST(
      Text.of("Tuner hole to the next string"),
      "tuner.post",
      1.5,
      Limit.NO_STOP,
      Chapter.NECK,
      Text.of("Head"),
      Text.of("4, Head")),
  TUNER_BODY(
      Text.of("Between tuners"),
      "tuner.body",
      1,
      0,
      Chapter.NECK,
      Text.of("Head"),
      Text.of("4, Head")),

  SLOT(
      Text.of("Fretboard under a fret slot"),
      "slot.under",
      1.5,
      0.8,
      Chapter.FRETBOARD,
      Text.of("Slots"),
      Text.of("5, Slots")),
  NOTCH(
      Text.of("Fretboard beside its end notch"),
      "fretboard.notch",
      2,
      1,
      Chapter.FRETBOARD,
      Text.of("Slots"),
      Text.of("4, at the fretboard's end")),
  SIDE_DOT(
      Text.of("Around a side dot"),
      "marker.side",
      1,
      0.3,
      Chapter.FRETBOARD,
      Text.of("Markers"),
      Text.of("5, Markers")),

  /** Times the screw's diameter. */
  POCKET_FLOOR_BOLTED(
      Text.of("Pocket floor, bolted neck"),
      "pocket.floor",
      3.5,
      2.5,
      Chapter.BODY,
      Text.of("Pocket"),
      Text.of("6, Neck pocket")),
  POCKET_FLOOR_GLUED(
      Text.of("Pocket floor, glued neck"),
      "pocket.floor",
      12,
      8,
      Chapter.BODY,
      Text.of("Pocket"),
      Text.of("6, Neck pocket")),
  BOLT_TIP(
      Text.of("Neck beyond a bolt tip"),
      "bolt.tip",
      3,
      1.5,
      Chapter.BODY,
      Text.of("Pocket"),
      Text.of("6, What remains: bore and anything")),
  /** Times the screw's diameter. */
  BOLT_EDGE(
      Text.of("Bolt to the heel edge"),
      "bolt.edge",
      2,
      1.5,
      Chapter.BODY,
      Text.of("Pocket"),
      Text.of("6, Neck pocket, Fixing")),
  BOLT_SEAT(
      Text.of("Wood under a bolt head"),
      "bolt.seat",
      5,
      3,
      Chapter.BODY,
      Text.of("Pocket"),
      Text.of("6, What remains: rout floor and opposite face")),
  BOLT_CHANNEL(
      Text.of("Bolt to the rod channel"),
      "bolt.channel",
      2,
      1,
      Chapter.BODY,
      Text.of("Pocket"),
      Text.of("6, What remains: screw and rod")),

  FLOOR(
      Text.of("Floor of a rout"),
      "body.floor",
      5,
      3,
      Chapter.ROUTS,
      Text.of("Cuts"),
      Text.of("6, What remains: rout floor and opposite face")),
  CONTROL_TOP(
      Text.of("Top over a control cavity"),
      "body.control-top",
      3.5,
      2,
      Chapter.ROUTS,
      Text.of("Cuts"),
      Text.of("6, What remains: a control cavity's top")),
  EDGE(
      Text.of("Rout to the body outline"),
      "body.edge",
      8,
      4,
      Chapter.ROUTS,
      Text.of("Cuts"),
      Text.of("6, What remains: rout and body outline")),
  SAME_FACE(
      Text.of("Between routs from one face"),
      "body.same-face",
      4,
      2,
      Chapter.ROUTS,
      Text.of("Cuts"),
      Text.of("6, What remains: two routs, same face")),
  OPPOSITE(
      Text.of("Between routs from both faces"),
      "body.opposite",
      5,
      2.5,
      Chapter.ROUTS,
      Text.of("Cuts"),
      Text.of("6, What remains: two routs, opposite faces")),
  BORE(
      Text.of("Between a hole and anything"),
      "body.bore",
      3,
      1.5,
      Chapter.ROUTS,
      Text.of("Cuts"),
      Text.of("6, What remains: bore and anything")),
  SURFACE(
      Text.of("Rout to a contoured surface"),
      "body.surface",
      5,
      2.5,
      Chapter.ROUTS,
      Text.of("Cuts"),
      Text.of("6, What remains: rout and contoured surface")),
  JACK(
      Text.of("Wall beside the jack hole"),
      "body.jack",
      5,
      3,
      Chapter.ROUTS,
      Text.of("Cuts"),
      Text.of("6, Controls and plates: walls to both faces")),
  HIDDEN(
      Text.of("Rim that hides a rout edge"),
      "body.hidden",
      2,
      1,
      Chapter.ROUTS,
      Text.of("Cuts"),
      Text.of("6, Pickups: rout edge hidden")),
  HARDWARE(
      Text.of("Between pieces of hardware"),
      "body.hardware",
      1,
      0,
      Chapter.ROUTS,
      Text.of("Cuts"),
      Text.of("6, Controls and plates")),
  FITS(
      Text.of("Hardware in its rout"),
      "body.fits",
      0.5,
      0,
      Chapter.ROUTS,
      Text.of("Cuts"),
      Text.of("6, Controls and plates"));

  private final Text words;
  private final String id;
  private final Limit limit;
  private final Chapter owner;
  private final Text view;
  private final Text handbook;

  ClearanceKind(
      Text words, String id, double warn, double fail, Chapter owner, Text view, Text handbook) {
    this.words = words;
    this.id = id;
    this.limit = new Limit(warn, fail);
    this.owner = owner;
    this.view = view;
    this.handbook = handbook;
  }

  /** The kind of that id; the first where two share one. */
  public static Optional<ClearanceKind> find(String id) {
    return Arrays.stream(values()).filter(k -> k.id.equals(id)).findFirst();
  }

  /** What is measured, to tell kinds apart by. */
  public Text words() {
    return words;
  }

  /** Whether its usual limits are told in diameters of a screw. */
  public boolean byDiameter() {
    return this == POCKET_FLOOR_BOLTED || this == BOLT_EDGE;
  }

  /** Under which a shop keeps its own limits. */
  public String id() {
    return id;
  }

  /** The usual limits, mm; or in diameters of the screw where the kind says so. */
  public Limit limit() {
    return limit;
  }

  /** The usual limits where they go by a screw's diameter, mm. */
  Limit limit(double diameter) {
    return new Limit(limit.warn() * diameter, limit.fail() * diameter);
  }

  /** The part of the plan where a spot is told, and nowhere else. */
  public Chapter owner() {
    return owner;
  }

  /** Where in its chapter it is looked at; empty where the chapter has one view. */
  public Text view() {
    return view;
  }

  /** Where it comes from: page and heading. */
  public Text handbook() {
    return handbook;
  }

  /** Whether it is in the body rather than in the neck. */
  boolean inBody() {
    return owner == Chapter.BODY || owner == Chapter.ROUTS;
  }
}
