package roughcut.blank;

import static roughcut.measure.Quantity.AREA;
import static roughcut.measure.Quantity.COUNT;
import static roughcut.measure.Quantity.COVERAGE;
import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Quantity.MASS;
import static roughcut.measure.Quantity.PERCENT;
import static roughcut.measure.Quantity.RATIO;

import roughcut.measure.ValueKey;
import roughcut.measure.ValueRow;

/**
 * Ids, labels and quantities of the numbers of blanks, boards and glue that are told; each is named
 * here once.
 */
public final class BlankKeys {
  public static final ValueKey BINDING_BENDS_TO =
      new ValueKey("binding.bends-to", "Smallest bending radius of a layer", LENGTH);
  public static final ValueKey BINDING_CHANNEL_WIDTH =
      new ValueKey("binding.channel-width", "Binding channel width", FINE_LENGTH);
  public static final ValueKey BINDING_LENGTH =
      new ValueKey("binding.length", "Length of one binding layer", LENGTH);
  public static final ValueKey BINDING_TIGHTEST =
      new ValueKey("binding.tightest", "Tightest radius of the outline", LENGTH);
  public static final ValueKey BLANK_WIDTH =
      new ValueKey("blank.width", "Neck blank width", LENGTH);
  public static final ValueKey BLANK_LENGTH_SPARE =
      new ValueKey("blank.length-spare", "Spare length of the neck blank", LENGTH);
  public static final ValueKey BOARD_LABEL =
      new ValueKey("board.label-width", "Listed width of the board", LENGTH);
  public static final ValueKey BLANK_WIDTH_AT_HEAD =
      new ValueKey(
          "blank.width-at-head", "Width of the strips where the headstock is widest", LENGTH);
  public static final ValueKey BOARD_YIELD =
      new ValueKey("board.yield", "Yield of the boards", PERCENT);
  public static final ValueKey BOARDS_AREA =
      new ValueKey("boards.area", "Face area of the boards used", AREA);
  public static final ValueKey BODY_BACK_THICKNESS =
      new ValueKey("body.back-thickness", "Plane the back to", LENGTH);
  public static final ValueKey BODY_BLANK_MASS =
      new ValueKey("body.blank-mass", "Body blank before cutting", MASS);
  public static final ValueKey BODY_CORE_AREA =
      new ValueKey("body.core-area", "Neck core in it", AREA);
  public static final ValueKey BODY_SLAB_MASS =
      new ValueKey("body.slab-mass", "Body without routs, estimated", MASS);
  public static final ValueKey CHECK_ALLOWED =
      new ValueKey("check.allowed", "Allowed gap under the straightedge", FINE_LENGTH);
  public static final ValueKey CHECK_ALLOWED_SQUARE =
      new ValueKey("check.allowed-square", "Allowed gap at the square", FINE_LENGTH);
  public static final ValueKey CHECK_LEAN =
      new ValueKey("check.lean", "Edge out of square, mm in 100", RATIO);
  public static final ValueKey CHECK_PER_300 =
      new ValueKey("check.per-300", "Allowed over 300 mm", FINE_LENGTH);
  public static final ValueKey CHECK_SQUARE_PER_30 =
      new ValueKey("check.square-per-30", "Allowed over 30 mm of height", FINE_LENGTH);
  public static final ValueKey BLANK_WIDTH_THERE =
      new ValueKey("blank.width-there", "Blank width where it has least to spare", LENGTH);
  public static final ValueKey GLUE_COVERAGE = new ValueKey("glue.coverage", "Coverage", COVERAGE);
  public static final ValueKey GLUE_FACES = new ValueKey("glue.faces", "Faces to glue", COUNT);
  public static final ValueKey GLUE_OUTER =
      new ValueKey("glue.outer", "Thinner of the outermost strips", LENGTH);
  public static final ValueKey HEAD_REACHES =
      new ValueKey("head.reaches", "Headstock outline from the centre line there", LENGTH);
  public static final ValueKey INSERT_CHORD =
      new ValueKey("joint.chord", "Nut line to the heel end, where the joint ends", LENGTH);
  public static final ValueKey HEEL_STOCK =
      new ValueKey("heel.stock", "Core stock in the body, block included", LENGTH);
  public static final ValueKey MILL_FINISH_PASS =
      new ValueKey("mill.finish-pass", "Last, light pass", LENGTH);
  public static final ValueKey MILL_FULL_PASSES =
      new ValueKey("mill.full-passes", "Full-depth passes", COUNT);
  public static final ValueKey MILL_PASSES = new ValueKey("mill.passes", "Total passes", COUNT);
  public static final ValueKey MILL_REMAINDER =
      new ValueKey("mill.remainder", "Then a pass of", LENGTH);
  public static final ValueKey MOISTURE_MOVEMENT =
      new ValueKey("moisture.movement", "Expected change in blank width", FINE_LENGTH);
  public static final ValueKey NECK_BARS_MASS =
      new ValueKey("neck.bars-mass", "Rod and stiffeners, less the wood of their channels", MASS);
  public static final ValueKey NECK_FRETBOARD_MASS =
      new ValueKey("neck.fretboard-mass", "Fretboard", MASS);
  public static final ValueKey NECK_HEAD_MASS = new ValueKey("neck.head-mass", "Head", MASS);
  public static final ValueKey NECK_MASS =
      new ValueKey("neck.mass", "Measured weight of the neck", MASS);
  public static final ValueKey NECK_SHAFT_MASS =
      new ValueKey("neck.shaft-mass", "Shaft and heel", MASS);
  public static final ValueKey PARTS_AREA =
      new ValueKey("parts.area", "Face area of the parts", AREA);
  public static final ValueKey RESAW_LEAF_THICKNESS =
      new ValueKey("resaw.leaf-thickness", "Plane both leaves to", LENGTH);
  public static final ValueKey RESAW_LEAVES =
      new ValueKey("resaw.leaves", "Leaves from the board thickness", COUNT);
  public static final ValueKey RESAW_NEED =
      new ValueKey("resaw.need", "Board thickness for two leaves", LENGTH);
  public static final ValueKey RESAW_ROUGH =
      new ValueKey("resaw.rough", "Rough leaf of the top", LENGTH);
  public static final ValueKey RESAW_SHORT =
      new ValueKey("resaw.short", "Missing thickness for two leaves", LENGTH);
  public static final ValueKey STACK_DEPTH =
      new ValueKey("stack.depth", "Depth of each strip", LENGTH);
  public static final ValueKey STACK_LENGTH =
      new ValueKey("stack.length", "Length of each strip", LENGTH);
  public static final ValueKey STRIP = new ValueKey("strip", "Strip", LENGTH);
  public static final ValueKey STRIPS = new ValueKey("strips", "Strips to saw", COUNT);
  public static final ValueKey STRIPS_COUNT =
      new ValueKey("strips.count", "Number of neck strips", COUNT);
  public static final ValueKey TOP_FACES =
      new ValueKey("top.faces", "Number of faces under the top", COUNT);

  public static final ValueKey REVEAL_NUT =
      new ValueKey("board.reveal-nut", "Blank beside the fretboard at the nut, per side", LENGTH);
  public static final ValueKey REVEAL_END =
      new ValueKey("board.reveal-end", "Blank beside the fretboard at its end, per side", LENGTH);

  // Names of rows of numbers, by fret, string, rout or bar.
  public static final ValueRow BOARD_WIDTH = new ValueRow("board.{}.width");
  public static final ValueRow GLUE_STAGES = new ValueRow("{}.stages");
  public static final ValueRow STRIP_SAWN = new ValueRow("rip.{}.strip.{}");

  private BlankKeys() {}
}
