package roughcut.rout;

import static roughcut.measure.Quantity.AREA;
import static roughcut.measure.Quantity.COUNT;
import static roughcut.measure.Quantity.DENSITY;
import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Quantity.MASS;
import static roughcut.measure.Quantity.VOLUME;

import roughcut.measure.ValueKey;
import roughcut.measure.ValueRow;

/**
 * Ids, labels and quantities of the numbers of what is cut into the body that are told; each is
 * named here once.
 */
public final class RoutKeys {
  public static final ValueKey BALANCE_BEHIND_STRAP =
      new ValueKey("balance.behind-strap", "Balance point behind the front strap button", LENGTH);
  public static final ValueKey BALANCE_X =
      new ValueKey("balance.x", "Balance point of the instrument, from the nut line", LENGTH);
  public static final ValueKey BODY_BALANCE_X =
      new ValueKey("body.balance-x", "Balance point of the body", LENGTH);
  public static final ValueKey BODY_CAP =
      new ValueKey("body.cap", "Top and veneer over it", LENGTH);
  public static final ValueKey BODY_CAP_DENSITY =
      new ValueKey("body.cap-density", "Density of the top", DENSITY);
  public static final ValueKey BODY_CAP_VOLUME =
      new ValueKey("body.cap-volume", "Top and veneer among it", VOLUME);
  public static final ValueKey BODY_CARVED_VOLUME =
      new ValueKey("body.carved-volume", "Rounded and carved", VOLUME);
  public static final ValueKey BODY_CUT_TO_COME =
      new ValueKey("body.cut-to-come", "Still to cut away", VOLUME);
  public static final ValueKey BODY_CUT_VOLUME =
      new ValueKey("body.cut-volume", "Cut away", VOLUME);
  public static final ValueKey BODY_DENSITY =
      new ValueKey("body.density", "Density of the back", DENSITY);
  public static final ValueKey BODY_FRONT =
      new ValueKey("body.front", "Front of the longer horn", LENGTH);
  public static final ValueKey BODY_MASS = new ValueKey("body.mass", "Measured body weight", MASS);
  public static final ValueKey BODY_MASS_NOW =
      new ValueKey("body.mass-now", "Current body, estimated", MASS);
  public static final ValueKey BODY_SHAPE_TO_COME =
      new ValueKey("body.shape-to-come", "Edge, rounding and carving still to come", VOLUME);
  public static final ValueKey BOLT_BODY_BORE =
      new ValueKey(
          "bolt.body-bore", "Hole through the body, so that only the bolt head pulls", LENGTH);
  public static final ValueKey BOLT_CHANNEL =
      new ValueKey("bolt.channel", "Bolt to the nearest channel in the neck", FINE_LENGTH);
  public static final ValueKey BOLT_EDGE =
      new ValueKey("bolt.edge", "Bolt centre to the heel edge", LENGTH);
  public static final ValueKey BOLT_PILOT = new ValueKey("bolt.pilot", "Insert hole", LENGTH);
  public static final ValueKey BOLT_SEAT =
      new ValueKey("bolt.seat", "Wood under the bolt heads", LENGTH);
  public static final ValueKey BOLT_TIP_CLEARANCE =
      new ValueKey("bolt.tip-clearance", "Bolt tip below the fretboard", FINE_LENGTH);
  public static final ValueKey BRIDGE_BLOCK_DEPTH =
      new ValueKey("bridge-block.depth", "Block rout, right through", LENGTH);
  public static final ValueKey BRIDGE_POST_BORE =
      new ValueKey("bridge.post.bore", "Bridge post hole", FINE_LENGTH);
  public static final ValueKey BRIDGE_POST_STOP =
      new ValueKey("bridge.post.stop", "Bridge posts, drilling depth", LENGTH);
  public static final ValueKey BRIDGE_POST_BORE_FOR_FINISH =
      new ValueKey(
          "bridge.post.bore-for-finish",
          "Post hole that still fits with finish in it",
          FINE_LENGTH);
  public static final ValueKey BRIDGE_TAIL_BORE_FOR_FINISH =
      new ValueKey(
          "bridge.tail.bore-for-finish",
          "Tailpiece post hole that still fits with finish in it",
          FINE_LENGTH);
  public static final ValueKey BODY_PLANED_TO =
      new ValueKey("body.planed-to", "Planed body thickness", LENGTH);
  public static final ValueKey BODY_THICKNESS_FINISHED =
      new ValueKey("body.thickness-finished", "Body thickness with finish", FINE_LENGTH);
  public static final ValueKey BRIDGE_TAIL_ALONG =
      new ValueKey(
          "bridge.tail.along", "Tailpiece posts, along the neck from the nut line", FINE_LENGTH);
  public static final ValueKey BRIDGE_TAIL_ASIDE =
      new ValueKey(
          "bridge.tail.aside", "Tailpiece posts, each side of the string line", FINE_LENGTH);
  public static final ValueKey BRIDGE_TAIL_STOP =
      new ValueKey("bridge.tail.stop", "Tailpiece posts, drilling depth", LENGTH);
  public static final ValueKey BRIDGE_TOP_DEPTH =
      new ValueKey("bridge.top-depth", "Depth of the upper rout, as listed", LENGTH);
  public static final ValueKey BRIDGE_X = new ValueKey("bridge.x", "Bridge position", LENGTH);
  public static final ValueKey CONTROL_TOP_LEFT =
      new ValueKey("control.top-left", "Top left over the controls", LENGTH);
  public static final ValueKey FERRULE_BORE_FOR_FINISH =
      new ValueKey(
          "ferrule.bore-for-finish", "Ferrule hole that still fits with finish in it", FINE_LENGTH);
  public static final ValueKey FERRULE_STOP =
      new ValueKey("ferrule.stop", "Ferrules from the back, drilling depth", LENGTH);
  public static final ValueKey FITTINGS_BALANCE_X =
      new ValueKey("fittings.balance-x", "Balance point of the fittings", LENGTH);
  public static final ValueKey FITTINGS_MASS =
      new ValueKey("fittings.mass", "Fittings, as listed", MASS);
  public static final ValueKey INSTRUMENT_MASS =
      new ValueKey("instrument.mass", "Instrument weight, estimated", MASS);
  public static final ValueKey NECK_BALANCE_X =
      new ValueKey("neck.balance-x", "Balance point of the neck", LENGTH);
  public static final ValueKey POCKET_AREA =
      new ValueKey("pocket.area", "Floor of the pocket", AREA);
  public static final ValueKey POCKET_CORNER_MISMATCH =
      new ValueKey(
          "pocket.corner-mismatch",
          "Gap of square heel corners, from the smaller cutter's radius",
          FINE_LENGTH);
  public static final ValueKey POCKET_DEPTH_END =
      new ValueKey("pocket.depth.end", "Pocket depth at the heel end", FINE_LENGTH);
  public static final ValueKey POCKET_TILT =
      new ValueKey("pocket.tilt", "Pocket floor deeper at the body edge by", FINE_LENGTH);
  public static final ValueKey POCKET_DEPTH_FRONT =
      new ValueKey("pocket.depth.front", "Pocket depth at the body edge", FINE_LENGTH);
  public static final ValueKey POCKET_FIRST_CLEARANCE =
      new ValueKey(
          "pocket.first-clearance", "First cut of the pocket, clearance per side", FINE_LENGTH);
  public static final ValueKey POCKET_FLOOR =
      new ValueKey("pocket.floor", "Floor left under the pocket", LENGTH);
  public static final ValueKey POCKET_HEEL_GAP =
      new ValueKey(
          "pocket.heel-gap", "Gap at the end of a square heel in the tilted pocket", FINE_LENGTH);
  public static final ValueKey REACH_ACCESS_FRET =
      new ValueKey("reach.access-fret", "Last fret before the treble cutaway", COUNT);
  public static final ValueKey REACH_CUTAWAY =
      new ValueKey("reach.cutaway", "End of the treble cutaway, from the nut line", LENGTH);
  public static final ValueKey REACH_FIRST_FRET =
      new ValueKey("reach.first-fret", "Fret 1 from the front of the longer horn", LENGTH);
  public static final ValueKey RELIEF_COUNT = new ValueKey("relief.count", "Relief holes", COUNT);
  public static final ValueKey RELIEF_OVER =
      new ValueKey("relief.over", "Body above its target weight", MASS);
  public static final ValueKey RELIEF_WANTED =
      new ValueKey("relief.wanted", "Body too heavy without relief holes by", MASS);
  public static final ValueKey SPRINGS_LISTED_DEPTH =
      new ValueKey("springs.listed-depth", "Depth of the spring rout, as listed", LENGTH);
  public static final ValueKey STRAP_FRONT =
      new ValueKey("strap.front", "Front strap button", LENGTH);
  public static final ValueKey TUNERS_X = new ValueKey("tuners.x", "Tuner position", LENGTH);

  // Names of rows of numbers, by fret, string, rout or bar.
  public static final ValueRow BIT = new ValueRow("rout.{}.bit");
  public static final ValueRow BIT_BELOW = new ValueRow("rout.{}.bit-2");
  public static final ValueRow STOP_NOW = new ValueRow("rout.{}.stop-now");
  public static final ValueRow PASS_DEPTH_NOW = new ValueRow("pass.{}.depth-now");
  public static final ValueRow PASS_SETTING = new ValueRow("pass.{}.{}.setting");
  public static final ValueRow PASS_SHIM = new ValueRow("pass.pocket.shim");
  public static final ValueRow TEMPLATE_LENGTH = new ValueRow("template.{}.opening-length");
  public static final ValueRow TEMPLATE_WIDTH = new ValueRow("template.{}.opening-width");
  public static final ValueRow POCKET_CLEARANCE_FINISHED =
      new ValueRow("pocket.clearance-finished");
  public static final ValueRow BOLT_LENGTH = new ValueRow("bolt.length");
  public static final ValueRow BOLT_PILOT_STOP = new ValueRow("bolt.pilot-stop");
  public static final ValueRow COVER_LENGTH = new ValueRow("cavity.{}.cover-length");
  public static final ValueRow COVER_WIDTH = new ValueRow("cavity.{}.cover-width");

  private RoutKeys() {}
}
