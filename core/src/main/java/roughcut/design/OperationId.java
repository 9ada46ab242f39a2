package roughcut.design;

import java.util.regex.Pattern;
import roughcut.measure.InvalidValue;
import roughcut.measure.Text;

/**
 * What an operation of the bench is known by, in the log and wherever it is asked whether it was
 * done. Each is named here once, so that a misspelt one doesn't compile; rows of like ones are made
 * by their number or name.
 *
 * @param text as files keep it
 */
public record OperationId(String text) {
  private static final Pattern TEXT = Pattern.compile("[a-z][a-z0-9.-]{0,80}");

  public static final OperationId BOARD_DEEPEN = new OperationId("board.deepen");
  public static final OperationId BOARD_DOTS = new OperationId("board.dots");
  public static final OperationId BOARD_FLUSH = new OperationId("board.flush");
  public static final OperationId BOARD_GLUE = new OperationId("board.glue");
  public static final OperationId BOARD_NUT_END = new OperationId("board.nut-end");
  public static final OperationId BOARD_PINS = new OperationId("board.pins");
  public static final OperationId BOARD_PLANE = new OperationId("board.plane");
  public static final OperationId BOARD_RADIUS = new OperationId("board.radius");
  public static final OperationId BOARD_SLOTS = new OperationId("board.slots");
  public static final OperationId BOARD_STRAIGHT = new OperationId("board.straight");
  public static final OperationId BOARD_TAPER = new OperationId("board.taper");
  public static final OperationId BODY_ARM = new OperationId("body.arm");
  public static final OperationId BODY_BELLY = new OperationId("body.belly");
  public static final OperationId BODY_CARVE = new OperationId("body.carve");
  public static final OperationId BODY_EDGES = new OperationId("body.edges");
  public static final OperationId BODY_FLATTEN = new OperationId("body.flatten");
  public static final OperationId BODY_GLUE = new OperationId("body.glue");
  public static final OperationId BODY_HEEL_CARVE = new OperationId("body.heel-carve");
  public static final OperationId BODY_LINES = new OperationId("body.lines");
  public static final OperationId BODY_MILL = new OperationId("body.mill");
  public static final OperationId BODY_TO_OUTLINE = new OperationId("body.to-outline");
  public static final OperationId BODY_TO_THICKNESS = new OperationId("body.to-thickness");
  public static final OperationId BOLT_PILOTS = new OperationId("bolt.pilots");
  public static final OperationId BRIDGE_FIT = new OperationId("bridge.fit");
  public static final OperationId COVERS_MAKE = new OperationId("covers.make");
  public static final OperationId FINISH_COATS = new OperationId("finish.coats");
  public static final OperationId FINISH_MASK = new OperationId("finish.mask");
  public static final OperationId FINISH_SAND = new OperationId("finish.sand");
  public static final OperationId FRETS_CROWN = new OperationId("frets.crown");
  public static final OperationId FRETS_ENDS = new OperationId("frets.ends");
  public static final OperationId FRETS_LEVEL = new OperationId("frets.level");
  public static final OperationId FRETS_PRESS = new OperationId("frets.press");
  public static final OperationId HEADPIECE_DRILL = new OperationId("headpiece.drill");
  public static final OperationId HEADPIECE_FIT = new OperationId("headpiece.fit");
  public static final OperationId HEAD_OUTLINE = new OperationId("head.outline");
  public static final OperationId HEAD_SAW = new OperationId("head.saw");
  public static final OperationId HEAD_SCARF_GLUE = new OperationId("head.scarf.glue");
  public static final OperationId HEAD_SCARF_PLANE = new OperationId("head.scarf.plane");
  public static final OperationId HEAD_SCARF_SAW = new OperationId("head.scarf.saw");
  public static final OperationId HEAD_STEP_DOWN = new OperationId("head.step-down");
  public static final OperationId HEAD_THICKNESS = new OperationId("head.thickness");
  public static final OperationId HEAD_TUNERS = new OperationId("head.tuners");
  public static final OperationId HEAD_VENEER = new OperationId("head.veneer");
  public static final OperationId HEEL_BLEND = new OperationId("heel.blend");
  public static final OperationId HEEL_FACES = new OperationId("heel.faces");
  public static final OperationId TENON_SAW = new OperationId("tenon.saw");
  public static final OperationId HEEL_WEDGE = new OperationId("heel.wedge");
  public static final OperationId NECK_BACK_SAW = new OperationId("neck.back.saw");
  public static final OperationId NECK_CARVE = new OperationId("neck.carve");
  public static final OperationId NECK_DRY_FIT = new OperationId("neck.dry-fit");
  public static final OperationId NECK_FIT = new OperationId("neck.fit");
  public static final OperationId NECK_FLATTEN = new OperationId("neck.flatten");
  public static final OperationId NECK_GLUE = new OperationId("neck.glue");
  public static final OperationId NECK_GLUE_IN = new OperationId("neck.glue-in");
  public static final OperationId NECK_LINES = new OperationId("neck.lines");
  public static final OperationId NECK_MILL = new OperationId("neck.mill");
  public static final OperationId NECK_OUTLINE = new OperationId("neck.outline");
  public static final OperationId NECK_SCALE_CHECK = new OperationId("neck.scale-check");
  public static final OperationId NECK_SCREW_ON = new OperationId("neck.screw-on");
  public static final OperationId NECK_STRAIGHTEDGE = new OperationId("neck.straightedge");
  public static final OperationId NECK_STRIPS_PLANE = new OperationId("neck.strips.plane");
  public static final OperationId NECK_SUPPORTS = new OperationId("neck.supports");
  public static final OperationId NUT_SHAPE = new OperationId("nut.shape");
  public static final OperationId NUT_SLOTS = new OperationId("nut.slots");
  public static final OperationId ROD_ACCESS = new OperationId("rod.access");
  public static final OperationId ROD_CHANNEL = new OperationId("rod.channel");
  public static final OperationId SETUP_INTONATION = new OperationId("setup.intonation");
  public static final OperationId SETUP_RELIEF = new OperationId("setup.relief");
  public static final OperationId STIFFENER_CHANNELS = new OperationId("stiffener.channels");
  public static final OperationId STRINGS_ON = new OperationId("strings.on");
  public static final OperationId TOP_GLUE = new OperationId("top.glue");
  public static final OperationId TOP_JOINT = new OperationId("top.joint");
  public static final OperationId TOP_RESAW = new OperationId("top.resaw");
  public static final OperationId TUNERS_FIT = new OperationId("tuners.fit");
  public static final OperationId WIRING_SHIELD = new OperationId("wiring.shield");
  public static final OperationId WIRING_SOLDER = new OperationId("wiring.solder");

  public OperationId {
    if (text == null || !TEXT.matcher(text).matches()) {
      throw new InvalidValue(Text.of("“{text}” is no operation id", text));
    }
  }

  /** Sawing a strip of the neck's stack off its board. */
  public static OperationId stripSawn(int number) {
    return new OperationId("neck.strip." + number + ".saw");
  }

  /** A step of the neck's blank after its first gluing, counted from 1. */
  public static OperationId blankStep(int number) {
    return new OperationId("neck.step." + number);
  }

  /** A coat of finish before the last. */
  public static OperationId coat(int number) {
    return new OperationId("finish.coat." + number);
  }

  /** Making a row of like cuts in the body. */
  public static OperationId cut(String row) {
    return new OperationId(CutName.OPERATION + row);
  }

  @Override
  public String toString() {
    return text;
  }
}
