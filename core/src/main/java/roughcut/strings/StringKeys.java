package roughcut.strings;

import static roughcut.measure.Quantity.ANGLE;
import static roughcut.measure.Quantity.COUNT;
import static roughcut.measure.Quantity.DENSITY;
import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Quantity.NEWTON;
import static roughcut.measure.Quantity.PRESSURE;
import static roughcut.measure.Quantity.RATIO;

import roughcut.measure.ValueKey;
import roughcut.measure.ValueRow;

/**
 * Ids, labels and quantities of the numbers of strings, nut and saddles that are told; each is
 * named here once.
 */
public final class StringKeys {
  public static final ValueKey ACTION_LAST_FRET =
      new ValueKey(
          "action.last-fret", "String height over the last fret, with fall-away", FINE_LENGTH);
  public static final ValueKey ACTION_12_TURNS =
      new ValueKey("setup.action-12.turns", "Turns at the treble post, up", RATIO);
  public static final ValueKey ACTION_12_BASS_TURNS =
      new ValueKey("setup.action-12-bass.turns", "Turns at the bass post, up", RATIO);
  public static final ValueKey NUT_TO_FILE =
      new ValueKey("setup.nut-to-file", "Still to file at the nut", FINE_LENGTH);
  public static final ValueKey RELIEF_OVER =
      new ValueKey("setup.relief-over", "Relief above target", FINE_LENGTH);
  public static final ValueKey ACTION_ZERO_FRET =
      new ValueKey("action.zero-fret", "Strings rest on the zero fret", FINE_LENGTH);
  public static final ValueKey BREAK_NUT =
      new ValueKey("break.nut", "Least break angle over the nut", ANGLE);
  public static final ValueKey BRIDGE_ANCHOR_HEIGHT =
      new ValueKey("bridge.anchor-height", "Height above the body there", LENGTH);
  public static final ValueKey BRIDGE_WINDOW_BACK =
      new ValueKey("bridge.window.back", "Bridge range, back", LENGTH);
  public static final ValueKey BRIDGE_WINDOW_FRONT =
      new ValueKey("bridge.window.front", "Bridge range, front", LENGTH);
  public static final ValueKey HEIGHTS_IN_POCKET =
      new ValueKey("heights.in-pocket", "Neck sits in a pocket", COUNT);
  public static final ValueKey HEIGHTS_POCKET_LENGTH =
      new ValueKey("heights.pocket-length", "Joint to heel end", LENGTH);
  public static final ValueKey HEIGHTS_RUN =
      new ValueKey("heights.run", "Joint to saddle line", LENGTH);
  public static final ValueKey RELIEF_AT_SADDLE =
      new ValueKey(
          "heights.relief-at-saddle", "Effect of relief on the saddle height", FINE_LENGTH);
  public static final ValueKey HEEL_TAPER = new ValueKey("heel.taper", "Heel taper", FINE_LENGTH);
  public static final ValueKey HEEL_AT_EDGE =
      new ValueKey("heel.at-edge", "Heel and wedge on the floor at the body edge", FINE_LENGTH);
  public static final ValueKey HEEL_AT_END =
      new ValueKey("heel.at-end", "Heel and wedge on the floor at the heel end", FINE_LENGTH);
  public static final ValueKey NUT_GUIDE_LOWER =
      new ValueKey("nut.guide-lower", "Slots below the top of the zero fret", FINE_LENGTH);
  public static final ValueKey PROOF_ANGLE =
      new ValueKey("proof.angle", "Measured neck angle", ANGLE);
  public static final ValueKey PROOF_DEEPEN =
      new ValueKey("proof.deepen", "Lower the whole neck by, for the planned saddle", FINE_LENGTH);
  public static final ValueKey PROOF_EXPOSED =
      new ValueKey("proof.exposed", "Measured fretboard height above the body", FINE_LENGTH);
  public static final ValueKey PROOF_FLOOR = new ValueKey("proof.floor", "Floor left then", LENGTH);
  public static final ValueKey PROOF_JOINT =
      new ValueKey("proof.joint", "Measured fret tops above the body at the joint", FINE_LENGTH);
  public static final ValueKey PROOF_SADDLE =
      new ValueKey("proof.saddle", "Saddle height really needed", FINE_LENGTH);
  public static final ValueKey PROOF_STANDING_WANTED =
      new ValueKey("proof.standing-wanted", "Fretboard height at the body edge", FINE_LENGTH);
  public static final ValueKey PROOF_STRAIGHTEDGE_WANTED =
      new ValueKey(
          "proof.straightedge-wanted", "Straightedge height at the saddle line", FINE_LENGTH);
  public static final ValueKey STEEL_DENSITY = new ValueKey("steel.density", "Steel", DENSITY);
  public static final ValueKey STEEL_ELASTICITY =
      new ValueKey("steel.elasticity", "Steel", PRESSURE);
  public static final ValueKey CORE_LEAST =
      new ValueKey("core.least", "Core of the thinnest wound string", FINE_LENGTH);
  public static final ValueKey CORE_SHARE =
      new ValueKey("core.share", "Core, share of the gauge", RATIO);
  public static final ValueKey STRING = new ValueKey("string", "String", COUNT);
  public static final ValueKey STRINGS_KAPPA =
      new ValueKey("strings.kappa", "Share of a clamped end", RATIO);
  public static final ValueKey STRINGS_SPREAD_THERE =
      new ValueKey("strings.spread-there", "Outer string spacing at the chosen place", FINE_LENGTH);
  public static final ValueKey STRINGS_TOTAL_TENSION =
      new ValueKey("strings.total-tension", "Total tension", NEWTON);

  public static final ValueKey SADDLE_OVER_BASE =
      new ValueKey(
          "bridge.saddle-over-base", "Saddle above the finished top under the bridge", FINE_LENGTH);

  public static final ValueKey HEEL_ON_FILM_EDGE =
      new ValueKey("heel.on-film-edge", "Heel and film at the body edge", FINE_LENGTH);
  public static final ValueKey HEEL_ON_FILM_END =
      new ValueKey("heel.on-film-end", "Heel and film at the heel end", FINE_LENGTH);

  // Names of rows of numbers, by fret, string, rout or bar.
  public static final ValueRow HEIGHT_AT_JOINT = new ValueRow("heights.joint");
  public static final ValueRow NUT_SLOT_BOTTOM = new ValueRow("nut.string.{}.slot-bottom");

  private StringKeys() {}
}
