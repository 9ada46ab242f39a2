package roughcut.thin;

import java.util.Arrays;
import java.util.Optional;
import roughcut.finding.Chapter;
import roughcut.shop.Limit;

/**
 * Every kind of thin spot in one table: under what id a shop may keep its own limits, the usual
 * ones in mm (handbook page and heading behind each), which part of the plan it belongs to and
 * where in it it is looked at.
 */
public enum ThinKind {
  STRING_MARGIN("string.margin", 2.5, 1.5, Chapter.LAYOUT, "", "2, String spacing"),
  FRETBOARD_EDGE("fretboard.edge", 3.5, Limit.NO_STOP, Chapter.LAYOUT, "", "5, Radius"),

  OUTER_STRIP(
      "blank.outer-strip",
      3,
      Limit.NO_STOP,
      Chapter.BLANKS,
      "Stack",
      "3, The outline and the strips"),
  INSERT("blank.insert", 3, Limit.NO_STOP, Chapter.BLANKS, "Stack", "3, Curved strips"),
  BLANK_SIDE("blank.side", 1.5, 0, Chapter.BLANKS, "Stack", "3, Sizes"),
  HEEL_STOCK("heel.stock", 0.5, 0, Chapter.BLANKS, "Stack", "3, Sizes"),

  SHAFT_STOCK("shaft.stock", 0.5, 0, Chapter.NECK, "Side", "4, Side profile"),
  ROD("rod.least", 3.5, 2.5, Chapter.NECK, "Channels", "4, What remains"),
  STIFFENER("stiffener.least", 3.5, 2.5, Chapter.NECK, "Channels", "4, What remains"),
  STIFFENER_BETWEEN(
      "stiffener.between", 3, 2, Chapter.NECK, "Channels", "4, Truss rod and stiffeners"),
  ACCESS_BACK("access.back", 3, 1.5, Chapter.NECK, "Access", "6, What remains: bore and anything"),
  ACCESS_NUT("access.nut", 1.5, 0, Chapter.NECK, "Access", "4, Access hole"),
  ACCESS_KEY("access.key", 0.6, 0.2, Chapter.NECK, "Access", "4, Access hole"),
  ACCESS_OVER("access.over", 1.5, 0.8, Chapter.NECK, "Access", "4, at the fretboard's end"),
  ACCESS_TUNER(
      "access.tuner", 3, 1.5, Chapter.NECK, "Access", "6, What remains: bore and anything"),
  ACCESS_REACH("access.reach", 1, 0, Chapter.NECK, "Access", "4, at the fretboard's end"),
  SPLINE_BACK("spline.back", 3.5, 2.5, Chapter.NECK, "Side", "4, What remains"),
  SPLINE_ROD("spline.rod", 3, 2, Chapter.NECK, "Channels", "4, Truss rod and stiffeners"),
  TUNER_EDGE("tuner.edge", 6, 4, Chapter.NECK, "Head", "4, Head"),
  TUNER_POST("tuner.post", 1.5, Limit.NO_STOP, Chapter.NECK, "Head", "4, Head"),
  TUNER_BODY("tuner.body", 1, 0, Chapter.NECK, "Head", "4, Head"),

  SLOT("slot.under", 1.5, 0.8, Chapter.FRETBOARD, "Slots", "5, Slots"),
  NOTCH("fretboard.notch", 2, 1, Chapter.FRETBOARD, "Slots", "4, at the fretboard's end"),
  SIDE_DOT("marker.side", 1, 0.3, Chapter.FRETBOARD, "Markers", "5, Markers"),

  /** Times the screw's diameter. */
  POCKET_FLOOR_BOLTED("pocket.floor", 3.5, 2.5, Chapter.BODY, "Pocket", "6, Neck pocket"),
  POCKET_FLOOR_GLUED("pocket.floor", 12, 8, Chapter.BODY, "Pocket", "6, Neck pocket"),
  BOLT_TIP("bolt.tip", 3, 1.5, Chapter.BODY, "Pocket", "6, What remains: bore and anything"),
  /** Times the screw's diameter. */
  BOLT_EDGE("bolt.edge", 2, 1.5, Chapter.BODY, "Pocket", "6, Neck pocket, Fixing"),
  BOLT_CHANNEL("bolt.channel", 2, 1, Chapter.BODY, "Pocket", "6, What remains: screw and rod"),

  FLOOR("body.floor", 5, 3, Chapter.ROUTS, "Cuts", "6, What remains: rout floor and opposite face"),
  CONTROL_TOP(
      "body.control-top", 3.5, 2, Chapter.ROUTS, "Cuts", "6, What remains: a control cavity's top"),
  EDGE("body.edge", 8, 4, Chapter.ROUTS, "Cuts", "6, What remains: rout and body outline"),
  SAME_FACE("body.same-face", 4, 2, Chapter.ROUTS, "Cuts", "6, What remains: two routs, same face"),
  OPPOSITE(
      "body.opposite", 5, 2.5, Chapter.ROUTS, "Cuts", "6, What remains: two routs, opposite faces"),
  BORE("body.bore", 3, 1.5, Chapter.ROUTS, "Cuts", "6, What remains: bore and anything"),
  SURFACE(
      "body.surface", 5, 2.5, Chapter.ROUTS, "Cuts", "6, What remains: rout and contoured surface"),
  JACK("body.jack", 5, 3, Chapter.ROUTS, "Cuts", "6, Controls and plates: walls to both faces"),
  HIDDEN("body.hidden", 2, 1, Chapter.ROUTS, "Cuts", "6, Pickups: rout edge hidden"),
  HARDWARE("body.hardware", 1, 0, Chapter.ROUTS, "Cuts", "6, Controls and plates"),
  FITS("body.fits", 0.5, 0, Chapter.ROUTS, "Cuts", "6, Controls and plates");

  private final String id;
  private final Limit limit;
  private final Chapter owner;
  private final String view;
  private final String handbook;

  ThinKind(String id, double warn, double fail, Chapter owner, String view, String handbook) {
    this.id = id;
    this.limit = new Limit(warn, fail);
    this.owner = owner;
    this.view = view;
    this.handbook = handbook;
  }

  /** The kind of that id; the first where two share one. */
  public static Optional<ThinKind> find(String id) {
    return Arrays.stream(values()).filter(k -> k.id.equals(id)).findFirst();
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
  public String view() {
    return view;
  }

  /** Where it comes from: page and heading. */
  public String handbook() {
    return handbook;
  }

  /** Whether it is in the body rather than in the neck. */
  boolean inBody() {
    return owner == Chapter.BODY || owner == Chapter.ROUTS;
  }
}
