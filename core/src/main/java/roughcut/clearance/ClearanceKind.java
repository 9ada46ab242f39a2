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
      Text.of("The outer string slips off the fretboard when it is pulled sideways."),
      "string.margin",
      2.5,
      1.5,
      Chapter.LAYOUT,
      Text.NONE,
      Text.of("2, String spacing")),
  FRETBOARD_EDGE(
      Text.of("Fretboard edge under its radius"),
      Text.of("Fret ends lift where little wood holds their tang."),
      "fretboard.edge",
      3.5,
      Limit.NO_STOP,
      Chapter.LAYOUT,
      Text.NONE,
      Text.of("5, Radius")),

  OUTER_STRIP(
      Text.of("Outer strip beside the outline"),
      Text.of("A strip so narrow runs out along the neck and splits off."),
      "blank.outer-strip",
      3,
      Limit.NO_STOP,
      Chapter.BLANKS,
      Text.of("Stack"),
      Text.of("3, The outline and the strips")),
  INSERT(
      Text.of("Wood beside a curved insert"),
      Text.of("The wood splits along the curve when it is clamped."),
      "blank.insert",
      3,
      Limit.NO_STOP,
      Chapter.BLANKS,
      Text.of("Stack"),
      Text.of("3, Curved strips")),
  BLANK_SIDE(
      Text.of("Blank beside the outline"),
      Text.of("The outline can't be trimmed clean where no waste is left."),
      "blank.side",
      1.5,
      0,
      Chapter.BLANKS,
      Text.of("Stack"),
      Text.of("3, Sizes")),
  HEEL_STOCK(
      Text.of("Blank under the heel"),
      Text.of("Planing and sanding the heel goes below its final size."),
      "heel.stock",
      0.5,
      0,
      Chapter.BLANKS,
      Text.of("Stack"),
      Text.of("3, Sizes")),

  SHAFT_STOCK(
      Text.of("Shaft over its back contour"),
      Text.of("The back is flat where it should be round."),
      "shaft.stock",
      0.5,
      0,
      Chapter.NECK,
      Text.of("Side"),
      Text.of("4, Side profile")),
  ROD(
      Text.of("Neck under the truss rod"),
      Text.of("The rod pushes through the back when it is tightened."),
      "rod.least",
      3.5,
      2.5,
      Chapter.NECK,
      Text.of("Channels"),
      Text.of("4, What remains")),
  STIFFENER(
      Text.of("Neck under a stiffener"),
      Text.of("The channel shows or feels soft through the back."),
      "stiffener.least",
      3.5,
      2.5,
      Chapter.NECK,
      Text.of("Channels"),
      Text.of("4, What remains")),
  STIFFENER_BETWEEN(
      Text.of("Between rod and stiffener"),
      Text.of("The wall between the channels breaks out under the cutter."),
      "stiffener.between",
      3,
      2,
      Chapter.NECK,
      Text.of("Channels"),
      Text.of("4, Truss rod and stiffeners")),
  ACCESS_BACK(
      Text.of("Access hole to the headstock back"),
      Text.of("The hole comes out in the back of the headstock."),
      "access.back",
      3,
      1.5,
      Chapter.NECK,
      Text.of("Access"),
      Text.of("6, What remains: bore and anything")),
  ACCESS_NUT(
      Text.of("Access hole to the nut"),
      Text.of("The nut has nothing to sit on, and its seat breaks out."),
      "access.nut",
      1.5,
      0,
      Chapter.NECK,
      Text.of("Access"),
      Text.of("4, Access hole")),
  ACCESS_KEY(
      Text.of("Room around the key in its hole"),
      Text.of("The key jams before it turns the rod."),
      "access.key",
      0.6,
      0.2,
      Chapter.NECK,
      Text.of("Access"),
      Text.of("4, Access hole")),
  ACCESS_OVER(
      Text.of("Wood over the access at the fretboard end"),
      Text.of("The wood over the key breaks away."),
      "access.over",
      1.5,
      0.8,
      Chapter.NECK,
      Text.of("Access"),
      Text.of("4, at the fretboard's end")),
  ACCESS_TUNER(
      Text.of("Access hole to a tuner hole"),
      Text.of("The wood between the two holes breaks out."),
      "access.tuner",
      3,
      1.5,
      Chapter.NECK,
      Text.of("Access"),
      Text.of("6, What remains: bore and anything")),
  ACCESS_REACH(
      Text.of("Clearance of the key"),
      Text.of("The key doesn't reach the rod."),
      "access.reach",
      1,
      0,
      Chapter.NECK,
      Text.of("Access"),
      Text.of("4, at the fretboard's end")),
  TENON_CHANNEL(
      Text.of("Beside a channel in the tenon"),
      Text.of("The wall to the channel breaks, and glue runs in."),
      "tenon.channel",
      3,
      2,
      Chapter.NECK,
      Text.of("Channels"),
      Text.of("4, Truss rod and stiffeners")),
  SPLINE_BACK(
      Text.of("Neck under a spline"),
      Text.of("The spline shows when the back is carved."),
      "spline.back",
      3.5,
      2.5,
      Chapter.NECK,
      Text.of("Side"),
      Text.of("4, What remains")),
  SPLINE_ROD(
      Text.of("Between spline and rod"),
      Text.of("The wall to the rod channel breaks out."),
      "spline.rod",
      3,
      2,
      Chapter.NECK,
      Text.of("Channels"),
      Text.of("4, Truss rod and stiffeners")),
  TUNER_EDGE(
      Text.of("Tuner hole to the headstock edge"),
      Text.of("The wood beside the hole splits when the tuner is screwed tight."),
      "tuner.edge",
      6,
      4,
      Chapter.NECK,
      Text.of("Head"),
      Text.of("4, Head")),
  TUNER_POST(
      Text.of("Tuner hole to the next string"),
      Text.of("The string rubs on another post and goes out of tune."),
      "tuner.post",
      1.5,
      Limit.NO_STOP,
      Chapter.NECK,
      Text.of("Head"),
      Text.of("4, Head")),
  TUNER_BODY(
      Text.of("Between tuners"),
      Text.of("Two tuners can't be mounted side by side."),
      "tuner.body",
      1,
      0,
      Chapter.NECK,
      Text.of("Head"),
      Text.of("4, Head")),
  HEADPIECE_EDGE(
      Text.of("Headpiece screw to the edge of the neck"),
      Text.of("The wood beside the screw splits under the pull of the strings."),
      "headpiece.edge",
      4,
      2,
      Chapter.NECK,
      Text.of("Head"),
      Text.of("4, Head")),
  HEADPIECE_UNDER(
      Text.of("Neck under a headpiece screw"),
      Text.of("The screw comes out through the back of the neck."),
      "headpiece.under",
      3,
      1.5,
      Chapter.NECK,
      Text.of("Head"),
      Text.of("4, Head")),

  SLOT(
      Text.of("Fretboard under a fret slot"),
      Text.of("The fretboard breaks along the slot when the fret is pressed."),
      "slot.under",
      1.5,
      0.8,
      Chapter.FRETBOARD,
      Text.of("Slots"),
      Text.of("5, Slots")),
  NOTCH(
      Text.of("Fretboard beside its end notch"),
      Text.of("The wood beside the notch breaks off."),
      "fretboard.notch",
      2,
      1,
      Chapter.FRETBOARD,
      Text.of("Slots"),
      Text.of("4, at the fretboard's end")),
  SIDE_DOT(
      Text.of("Around a side dot"),
      Text.of("The drill runs into the slot or the glue line."),
      "marker.side",
      1,
      0.3,
      Chapter.FRETBOARD,
      Text.of("Markers"),
      Text.of("5, Markers")),

  /** Times the screw's diameter. */
  POCKET_FLOOR_BOLTED(
      Text.of("Pocket floor, bolted neck"),
      Text.of("The neck screws pull through the floor."),
      "pocket.floor",
      3.5,
      2.5,
      Chapter.BODY,
      Text.of("Pocket"),
      Text.of("6, Neck pocket")),
  POCKET_FLOOR_GLUED(
      Text.of("Pocket floor, glued neck"),
      Text.of("The floor gives under the pull of the strings, and the neck leans."),
      "pocket.floor",
      12,
      8,
      Chapter.BODY,
      Text.of("Pocket"),
      Text.of("6, Neck pocket")),
  BOLT_TIP(
      Text.of("Neck beyond a bolt tip"),
      Text.of("The bolt comes out through the fretboard."),
      "bolt.tip",
      3,
      1.5,
      Chapter.BODY,
      Text.of("Pocket"),
      Text.of("6, What remains: bore and anything")),
  /** Times the screw's diameter. */
  BOLT_EDGE(
      Text.of("Bolt to the heel edge"),
      Text.of("The heel splits when the bolt is tightened."),
      "bolt.edge",
      2,
      1.5,
      Chapter.BODY,
      Text.of("Pocket"),
      Text.of("6, Neck pocket, Fixing")),
  BOLT_SEAT(
      Text.of("Wood under a bolt head"),
      Text.of("The head pulls into the wood."),
      "bolt.seat",
      5,
      3,
      Chapter.BODY,
      Text.of("Pocket"),
      Text.of("6, What remains: rout floor and opposite face")),
  BOLT_CHANNEL(
      Text.of("Bolt to the rod channel"),
      Text.of("The bolt runs into the rod channel."),
      "bolt.channel",
      2,
      1,
      Chapter.BODY,
      Text.of("Pocket"),
      Text.of("6, What remains: screw and rod")),

  FLOOR(
      Text.of("Floor of a rout"),
      Text.of("The floor sounds hollow and breaks when something is dropped on it."),
      "body.floor",
      5,
      3,
      Chapter.ROUTS,
      Text.of("Cuts"),
      Text.of("6, What remains: rout floor and opposite face")),
  CONTROL_TOP(
      Text.of("Top over a control cavity"),
      Text.of("The controls' nuts pull through the top."),
      "body.control-top",
      3.5,
      2,
      Chapter.ROUTS,
      Text.of("Cuts"),
      Text.of("6, What remains: a control cavity's top")),
  EDGE(
      Text.of("Rout to the body outline"),
      Text.of("The wall breaks out at a knock."),
      "body.edge",
      8,
      4,
      Chapter.ROUTS,
      Text.of("Cuts"),
      Text.of("6, What remains: rout and body outline")),
  SAME_FACE(
      Text.of("Between routs from one face"),
      Text.of("The wall between them breaks out under the cutter."),
      "body.same-face",
      4,
      2,
      Chapter.ROUTS,
      Text.of("Cuts"),
      Text.of("6, What remains: two routs, same face")),
  OPPOSITE(
      Text.of("Between routs from both faces"),
      Text.of("A cutter a little too deep breaks through to the other side."),
      "body.opposite",
      5,
      2.5,
      Chapter.ROUTS,
      Text.of("Cuts"),
      Text.of("6, What remains: two routs, opposite faces")),
  BORE(
      Text.of("Between a hole and anything"),
      Text.of("The drill wanders and breaks through."),
      "body.bore",
      3,
      1.5,
      Chapter.ROUTS,
      Text.of("Cuts"),
      Text.of("6, What remains: bore and anything")),
  SURFACE(
      Text.of("Rout to a contoured surface"),
      Text.of("Carving or rounding the face opens the rout."),
      "body.surface",
      5,
      2.5,
      Chapter.ROUTS,
      Text.of("Cuts"),
      Text.of("6, What remains: rout and contoured surface")),
  JACK(
      Text.of("Wall beside the jack hole"),
      Text.of("The wall cracks when somebody steps on the cable."),
      "body.jack",
      5,
      3,
      Chapter.ROUTS,
      Text.of("Cuts"),
      Text.of("6, Controls and plates: walls to both faces")),
  HIDDEN(
      Text.of("Rim that hides a rout edge"),
      Text.of("The edge of the rout shows beside what should cover it."),
      "body.hidden",
      2,
      1,
      Chapter.ROUTS,
      Text.of("Cuts"),
      Text.of("6, Pickups: rout edge hidden")),
  HARDWARE(
      Text.of("Between pieces of hardware"),
      Text.of("The two parts touch, and one can't be mounted."),
      "body.hardware",
      1,
      0,
      Chapter.ROUTS,
      Text.of("Cuts"),
      Text.of("6, Controls and plates")),
  FITS(
      Text.of("Hardware in its rout"),
      Text.of("The part doesn't go in once the finish is on."),
      "body.fits",
      0.5,
      0,
      Chapter.ROUTS,
      Text.of("Cuts"),
      Text.of("6, Controls and plates"));

  private final Text words;
  private final Text why;
  private final String id;
  private final Limit limit;
  private final Chapter owner;
  private final Text view;
  private final Text handbook;

  ClearanceKind(
      Text words,
      Text why,
      String id,
      double warn,
      double fail,
      Chapter owner,
      Text view,
      Text handbook) {
    this.words = words;
    this.why = why;
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

  /** What happens to the wood where too little is left: one sentence. */
  public Text why() {
    return why;
  }

  /** The same where it isn't known to happen: a clearance may be under its target and do. */
  public Text risk() {
    return Text.of("With too little, {what}", why.small());
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
