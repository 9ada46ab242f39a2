package roughcut.design;

import static roughcut.measure.Quantity.ANGLE;
import static roughcut.measure.Quantity.COUNT;
import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Quantity.RATIO;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import roughcut.measure.Text;
import roughcut.shop.Saw;

/**
 * Every plain decision: those of layout and neck, and the books of the other groups. Adding one to
 * a book makes its field, its {@code --set}, its place in the file and its line in the reference.
 */
public final class Decisions {
  private static final DecisionBook BOOK = new DecisionBook();

  public static final ChoiceDecision<Handedness> HAND =
      BOOK.choice(
          "instrument.hand",
          "Handedness",
          Handedness.values(),
          "Left-handed mirrors every drawing, sheet and template. Bass and treble keep "
              + "their names.");
  public static final NumberDecision SCALE_LENGTH =
      BOOK.number("scale.length", "Scale length", LENGTH, 640, 200, 1300, 1)
          .hint("Nut line to saddle line, before compensation.");
  public static final NumberDecision FRETS =
      BOOK.number("scale.frets", "Number of frets", COUNT, 22, 1, 72, 1).hint("On the fretboard.");
  public static final NumberDecision DIVISIONS =
      BOOK.number("scale.divisions", "Divisions of the octave", COUNT, 12, 5, 72, 1)
          .hint("Equal steps per octave. The usual temperament has 12.");
  public static final NumberDecision NUT_WIDTH =
      BOOK.number("nut.width", "Nut width", LENGTH, 43, 20, 120, 0.5)
          .result("Across the fretboard at the nut line, after tapering.", OperationId.BOARD_TAPER);
  public static final NumberDecision NUT_THICKNESS =
      BOOK.number("nut.thickness", "Nut thickness", LENGTH, 4, 2, 12, 0.5)
          .inHand(
              "Along the strings. The break line of the headstock is at the headstock side "
                  + "of the nut.");
  public static final NumberDecision NUT_EDGE_MARGIN =
      BOOK.number("nut.edge-margin", "Edge margin at the nut", LENGTH, 3.5, 1, 15, 0.1)
          .hint("From the fretboard edge to the centre of the outer string.");
  public static final ChoiceDecision<StringSpacing> NUT_SPACING =
      BOOK.choice(
          "nut.spacing",
          "Spacing at the nut",
          StringSpacing.values(),
          "Equal gaps feel even; equal centres measure even.");
  public static final NumberDecision COURSE_STRINGS =
      BOOK.number("course.strings", "Strings in a course", COUNT, 1, 1, 3, 1)
          .hint("2 where strings run in pairs, 1 where each runs alone.");
  public static final NumberDecision COURSE_AT_NUT =
      BOOK.number("course.at-nut", "Course spacing at the nut", FINE_LENGTH, 1.9, 0.5, 8, 0.1)
          .hint("Centre to centre of neighbouring strings in a course.");
  public static final NumberDecision COURSE_AT_SADDLE =
      BOOK.number(
              "course.at-saddle", "Course spacing at the bridge", FINE_LENGTH, 2.5, 0.5, 10, 0.1)
          .inHand("Centre to centre of neighbouring strings in a course.");
  public static final NumberDecision BRIDGE_SPREAD =
      BOOK.number("bridge.spread", "Spacing at the bridge", LENGTH, 52, 10, 200, 0.5)
          .inHand("Centre to centre of the outer strings.");
  public static final NumberDecision FRETBOARD_END_WIDTH =
      BOOK.number("fretboard.end-width", "Fretboard width", LENGTH, 56, 20, 160, 0.5)
          .result(
              "Across the fretboard at the place chosen below, after tapering.",
              OperationId.BOARD_TAPER);
  public static final ChoiceDecision<WidthStation> FRETBOARD_WIDTH_AT =
      BOOK.choice(
          "fretboard.width-at",
          "Width measured at",
          List.of(WidthStation.values()),
          "The place where that width is measured.",
          WidthStation.END);
  public static final NumberDecision FRETBOARD_PAST_LAST =
      BOOK.number("fretboard.past-last-fret", "Fretboard overhang", LENGTH, 9.6, 2, 80, 0.5)
          .result(
              "From the last fret to the end of the fretboard. Measure it on the real "
                  + "fretboard once it is cut.",
              OperationId.BOARD_TAPER);
  public static final NumberDecision FRETBOARD_THICKNESS =
      BOOK.number("fretboard.thickness", "Fretboard thickness", LENGTH, 6, 2, 15, 0.1)
          .result("At the crown over the glue line, after radiusing.", OperationId.BOARD_RADIUS);
  public static final ChoiceDecision<WoodChoice> FRETBOARD_SPECIES =
      BOOK.wood(
          "fretboard.species",
          "Fretboard wood",
          "Of the fretboard.",
          new WoodChoice("robinia", Text.of("robinia")));
  public static final NumberDecision RADIUS_NUT =
      BOOK.number("fretboard.radius-nut", "Radius at the nut", LENGTH, 280, 100, 5000, 10)
          .hint("Of the fretboard face.");
  public static final NumberDecision RADIUS_END =
      BOOK.number("fretboard.radius-end", "Radius at the end", LENGTH, 280, 100, 5000, 10)
          .hint("As at the nut for a single radius.");
  public static final NumberDecision HEAD_ANGLE =
      BOOK.number("head.angle", "Headstock angle", ANGLE, 12.5, 0, 25, 0.5)
          .result(
              "Between headstock face and neck top, with a bevel gauge. 0 is a flat headstock.",
              OperationId.HEAD_SCARF_GLUE,
              OperationId.HEAD_SAW);
  public static final NumberDecision HEAD_LENGTH =
      BOOK.number("head.length", "Headstock length", LENGTH, 185, 60, 400, 1)
          .hint("Along the headstock face, from the break line to the tip.");
  public static final NumberDecision HEAD_THICKNESS =
      BOOK.number("head.thickness", "Headstock thickness", LENGTH, 14, 6, 30, 0.5)
          .result("Between the finished faces of the headstock.", OperationId.HEAD_THICKNESS);
  public static final NumberDecision HEAD_WIDTH =
      BOOK.number("head.width", "Headstock width", LENGTH, 80, 30, 250, 1)
          .hint("Across the widest place of the outline.");
  public static final NumberDecision HEAD_VENEER =
      BOOK.number("head.face-veneer", "Face veneer", LENGTH, 0, 0, 8, 0.1)
          .inHand("On the headstock face; 0 for none. It hides joints and glue lines.");
  public static final NumberDecision HEAD_BACK_VENEER =
      BOOK.number("head.back-veneer", "Back veneer", LENGTH, 0, 0, 8, 0.1)
          .inHand("On the headstock back, bent over the volute; 0 for none.");
  public static final NumberDecision DRUM_RADIUS =
      BOOK.number("volute.drum-radius", "Drum radius", LENGTH, 40, 5, 200, 1)
          .hint("Of the sanding drum that shapes the curve behind the nut.");
  public static final NumberDecision SHAFT_THICKNESS =
      BOOK.number("shaft.thickness", "Neck thickness at scarf", LENGTH, 16, 8, 80, 0.1)
          .result(
              "From neck top to back where the scarf is sawn, without fretboard.",
              OperationId.NECK_FLATTEN);
  public static final ChoiceDecision<ScarfSchool> SCARF_SCHOOL =
      BOOK.choice(
          "scarf.school",
          "Scarf joint",
          ScarfSchool.values(),
          "Under the fretboard the joint is hidden. In the headstock it needs a face veneer.");
  public static final NumberDecision SCARF_PLANING =
      BOOK.number("scarf.planing", "Bevel planing", LENGTH, 0, 0, 10, 0.1)
          .hint("Removed from each sawn face to clean it up.");
  public static final NumberDecision SCARF_TRIM =
      BOOK.number("scarf.trim", "Trim at the tip", LENGTH, 10, 0, 100, 1)
          .hint("Spare length of the headstock piece.");
  public static final NumberDecision SAW_KERF =
      BOOK.number("saw.kerf", "Saw kerf", LENGTH, 1, 0, Saw.MOST_KERF, 0.1)
          .inHand("Width of the saw cut.");
  public static final NumberDecision THICKNESS_1 =
      BOOK.number("neck.thickness-1", "Thickness at fret 1", LENGTH, 20, 8, 60, 0.1)
          .result(
              "From fretboard face to the middle of the back, without fret.",
              OperationId.NECK_CARVE);
  public static final NumberDecision THICKNESS_12 =
      BOOK.number("neck.thickness-12", "Thickness at fret 12", LENGTH, 21, 8, 60, 0.1)
          .result(
              "From fretboard face to the middle of the back, without fret.",
              OperationId.NECK_CARVE);
  public static final NumberDecision PROFILE_EXPONENT =
      BOOK.number("neck.profile-exponent", "Profile exponent", RATIO, 2, 1.3, 5, 0.1)
          .hint("2 is round, 2.5 full, 1.7 a soft V.");
  public static final NumberDecision ROUGHING_MARGIN =
      BOOK.number("neck.roughing-margin", "Roughing margin", LENGTH, 1.5, 0, 15, 0.1)
          .hint("Left on the back by the saw.");
  public static final NumberDecision JOINT_X =
      BOOK.number("joint.x", "Body edge", LENGTH, 432, 50, 1200, 1)
          .assembly(
              "From the nut line along the centre line to the edge of the body, neck seated.",
              OperationId.cut("pocket"));
  public static final NumberDecision HEEL_END =
      BOOK.number("heel.end", "Heel end", LENGTH, 500, 60, 1300, 1).hint("From the nut line.");
  public static final NumberDecision HEEL_THICKNESS =
      BOOK.number("heel.thickness", "Heel thickness", LENGTH, 22, 8, 100, 0.5)
          .result(
              "From the neck top to the flat of the heel, without fretboard.",
              OperationId.HEEL_FACES);
  public static final NumberDecision HEEL_BLEND =
      BOOK.number("heel.blend-radius", "Heel blend radius", LENGTH, 30, 1, 300, 1)
          .hint("Of the curve from the back of the neck into the heel.");
  public static final NumberDecision ROD_START =
      BOOK.number("rod.start", "Rod channel start", LENGTH, 2, 0, 300, 1)
          .hint("Head end of the channel, from the nut line.");
  public static final NumberDecision ROD_LENGTH =
      BOOK.number("rod.length", "Rod channel length", LENGTH, 430, 40, 1000, 1)
          .inHand("End to end.");
  public static final NumberDecision ROD_WIDTH =
      BOOK.number("rod.width", "Rod channel width", LENGTH, 6.4, 2, 30, 0.1)
          .inHand("Width of the rod in hand at its widest.");
  public static final NumberDecision ROD_DEPTH =
      BOOK.number("rod.depth", "Rod channel depth", LENGTH, 10.4, 2, 40, 0.1)
          .inHand("Height of the rod in hand, plus bed and cap.");

  /**
   * All of them by id, put together when they are first asked for: a book that names a decision of
   * another would else be read while it is being written.
   */
  private static final class All {
    static final Map<String, Decision> BY_ID = new LinkedHashMap<>();

    static {
      for (DecisionBook book :
          List.of(
              BOOK,
              NeckDecisions.BOOK,
              FretboardDecisions.BOOK,
              StringDecisions.BOOK,
              BlankDecisions.BOOK,
              BodyDecisions.BOOK,
              SurfaceDecisions.BOOK,
              RoutDecisions.BOOK)) {
        for (Decision decision : book.decisions()) {
          if (BY_ID.putIfAbsent(decision.id(), decision) != null) {
            throw new IllegalStateException("decided twice: " + decision.id());
          }
        }
      }
    }
  }

  private Decisions() {}

  /** All plain decisions in the order of work. */
  public static Collection<Decision> all() {
    return Collections.unmodifiableCollection(All.BY_ID.values());
  }

  /** All decisions that there are in a design: the plain ones, its parts' and its fittings'. */
  public static List<Decision> of(Design design) {
    List<Decision> all = new ArrayList<>(All.BY_ID.values());
    all.addAll(PartDecisions.of(design));
    return all;
  }

  /**
   * Whether this program has decisions of such an id, be there such a part in a design or not: a
   * number of a pickup that was taken out is none that a newer program wrote.
   */
  public static boolean knows(String id) {
    return All.BY_ID.containsKey(id) || PartDecisions.knows(id);
  }

  /**
   * The decision of that id in this design: a plain one, or one of the parts it has ({@code
   * string.2.gauge}, {@code neck.strip.1.thickness}).
   */
  public static Optional<Decision> find(Design design, String id) {
    Decision plain = All.BY_ID.get(id);
    return plain != null ? Optional.of(plain) : PartDecisions.find(design, id);
  }
}
