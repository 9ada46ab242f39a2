package roughcut.design;

import static roughcut.measure.Quantity.ANGLE;
import static roughcut.measure.Quantity.CELSIUS;
import static roughcut.measure.Quantity.COUNT;
import static roughcut.measure.Quantity.FORCE;
import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Quantity.PERCENT;
import static roughcut.measure.Quantity.RATIO;

import java.util.Arrays;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import roughcut.measure.Quantity;

/**
 * Every plain decision, in the order in which a maker meets them. Adding one here makes its field,
 * its {@code --set}, its place in the file and its line in the reference.
 */
public final class Decisions {
  private static final Map<String, Decision> ALL = new LinkedHashMap<>();

  public static final NumberDecision SCALE_LENGTH =
      number("scale.length", "Scale length", LENGTH, 640, 200, 1300, 1)
          .hint("Nut line to saddle line before compensation.");
  public static final NumberDecision FRETS =
      number("scale.frets", "Frets", COUNT, 22, 1, 72, 1).hint("How many frets the fretboard has.");
  public static final NumberDecision DIVISIONS =
      number("scale.divisions", "Divisions of the octave", COUNT, 12, 5, 72, 1)
          .hint("Equal steps to the octave; 12 is the usual temperament.");

  public static final NumberDecision NUT_WIDTH =
      number("nut.width", "Width at the nut", LENGTH, 43, 20, 120, 0.5)
          .measured("Fretboard and neck at the nut line.");
  public static final NumberDecision NUT_THICKNESS =
      number("nut.thickness", "Nut thickness", LENGTH, 4, 2, 12, 0.5)
          .measured("Along the strings. The break line of the head is the nut's head side.");
  public static final NumberDecision NUT_EDGE_MARGIN =
      number("nut.edge-margin", "Margin at the nut", LENGTH, 3.5, 1, 15, 0.1)
          .hint("Fretboard edge to the centre of the outer string.");
  public static final ChoiceDecision NUT_SPACING =
      choice(
          "nut.spacing",
          "Strings at the nut",
          StringSpacing.values(),
          "Equal gaps feel even; equal centres measure even.");
  public static final NumberDecision BRIDGE_SPREAD =
      number("bridge.spread", "Spread at the bridge", LENGTH, 52, 10, 200, 0.5)
          .measured("Between the outer strings' centres.");

  public static final NumberDecision FRETBOARD_END_WIDTH =
      number("fretboard.end-width", "Second width", LENGTH, 56, 20, 160, 0.5)
          .measured("The fretboard's width at the place chosen below.");
  public static final ChoiceDecision FRETBOARD_WIDTH_AT =
      choice(
          "fretboard.width-at",
          "Second width at",
          List.of(WidthStation.values()),
          "Where the second width is meant.",
          WidthStation.END);
  public static final NumberDecision FRETBOARD_PAST_LAST =
      number("fretboard.past-last-fret", "Past the last fret", LENGTH, 9.6, 2, 80, 0.5)
          .hint("Last fret to the fretboard's end.");
  public static final NumberDecision FRETBOARD_THICKNESS =
      number("fretboard.thickness", "Fretboard thickness", LENGTH, 6, 2, 15, 0.1)
          .measured("At the crown, after the radius.");
  public static final ChoiceDecision FRETBOARD_SPECIES =
      choice(
          "fretboard.species",
          "Fretboard wood",
          WoodChoice.all(),
          "Of the fretboard.",
          new WoodChoice("robinia", "robinia"));
  public static final NumberDecision RADIUS_NUT =
      number("fretboard.radius-nut", "Radius at the nut", LENGTH, 280, 100, 5000, 10)
          .hint("Of the fretboard's face.");
  public static final NumberDecision RADIUS_END =
      number("fretboard.radius-end", "Radius at the end", LENGTH, 280, 100, 5000, 10)
          .hint("The same as at the nut for a single radius.");

  public static final NumberDecision HEAD_ANGLE =
      number("head.angle", "Head angle", ANGLE, 12.5, 0, 25, 0.5)
          .hint("Between the head's face and the neck's top; 0 is a flat head.");
  public static final NumberDecision HEAD_LENGTH =
      number("head.length", "Head length", LENGTH, 185, 60, 400, 1)
          .hint("Along the head's face, from the break line to the tip.");
  public static final NumberDecision HEAD_THICKNESS =
      number("head.thickness", "Head thickness", LENGTH, 14, 6, 30, 0.5).measured("Finished.");
  public static final NumberDecision HEAD_WIDTH =
      number("head.width", "Head width", LENGTH, 80, 30, 250, 1)
          .hint("Across the widest place of the outline.");
  public static final NumberDecision DRUM_RADIUS =
      number("volute.drum-radius", "Drum radius", LENGTH, 40, 5, 200, 1)
          .hint("Of the sanding drum that leaves the curve behind the nut.");
  public static final NumberDecision SHAFT_THICKNESS =
      number("shaft.thickness", "Shaft at the joint", LENGTH, 16, 8, 80, 0.1)
          .measured("Neck wood without the fretboard, where the scarf is sawn.");
  public static final ChoiceDecision SCARF_SCHOOL =
      choice(
          "scarf.school",
          "Scarf",
          ScarfSchool.values(),
          "Under the fretboard hides the seam; across the head wants a face veneer.");
  public static final NumberDecision SCARF_PLANING =
      number("scarf.planing", "Planing of each bevel", LENGTH, 0, 0, 10, 0.1)
          .hint("Taken off each sawn face to clean it up.");
  public static final NumberDecision SCARF_TRIM =
      number("scarf.trim", "Trim at the tip", LENGTH, 10, 0, 100, 1)
          .hint("Spare length of the head piece.");
  public static final NumberDecision SAW_KERF =
      number("saw.kerf", "Saw kerf", LENGTH, 1, 0, 6, 0.1)
          .measured("What the blade turns to dust.");

  public static final NumberDecision THICKNESS_1 =
      number("neck.thickness-1", "Thickness at fret 1", LENGTH, 20, 8, 60, 0.1)
          .measured("Finished, fretboard included, frets not.");
  public static final NumberDecision THICKNESS_12 =
      number("neck.thickness-12", "At the octave fret", LENGTH, 21, 8, 60, 0.1)
          .measured("Finished, fretboard included, frets not.");
  public static final NumberDecision PROFILE_EXPONENT =
      number("neck.profile-exponent", "Profile exponent", RATIO, 2, 1.3, 5, 0.1)
          .hint("2 is round, 2.5 full, 1.7 a soft V.");
  public static final NumberDecision ROUGHING_MARGIN =
      number("neck.roughing-margin", "Roughing margin", LENGTH, 1.5, 0, 15, 0.1)
          .hint("Left on the back by the saw.");
  public static final NumberDecision JOINT_X =
      number("joint.x", "Body begins", LENGTH, 432, 50, 1200, 1)
          .hint("The body's edge, from the nut line.");
  public static final NumberDecision HEEL_END =
      number("heel.end", "Heel ends", LENGTH, 500, 60, 1300, 1).hint("From the nut line.");
  public static final NumberDecision HEEL_THICKNESS =
      number("heel.thickness", "Heel thickness", LENGTH, 22, 8, 100, 0.5)
          .measured("Neck wood under the fretboard.");
  public static final NumberDecision HEEL_BLEND =
      number("heel.blend-radius", "Heel blend radius", LENGTH, 30, 1, 300, 1)
          .hint("Of the curve from the neck's back into the heel.");

  public static final NumberDecision ROD_START =
      number("rod.start", "Rod channel starts", LENGTH, 2, 0, 300, 1)
          .hint("Its head end, from the nut line.");
  public static final NumberDecision ROD_LENGTH =
      number("rod.length", "Rod channel length", LENGTH, 430, 40, 1000, 1).measured("End to end.");
  public static final NumberDecision ROD_WIDTH =
      number("rod.width", "Rod channel width", LENGTH, 6.4, 2, 30, 0.1).measured("Across.");
  public static final NumberDecision ROD_DEPTH =
      number("rod.depth", "Rod channel depth", LENGTH, 10.4, 2, 40, 0.1)
          .measured("From the neck's top, bed and cap included.");

  public static final NumberDecision SAW_ALLOWANCE =
      number("saw.allowance", "Planing allowance", LENGTH, 1, 0, 10, 0.1)
          .hint("What planing takes off each sawn face; belongs to the saw.");
  public static final NumberDecision JOINTING =
      number("rip.jointing", "Jointing the first edge", LENGTH, 1, 0, 20, 0.5)
          .hint("Lost from the board's width before the first strip.");
  public static final NumberDecision FLATTENING =
      number("blank.flattening", "Flattening of the stack", LENGTH, 1, 0, 10, 0.1)
          .hint("Planed off each face after gluing.");
  public static final NumberDecision END_TRIM =
      number("blank.end-trim", "Trim at each end", LENGTH, 10, 0, 100, 1)
          .hint("Waste for snipe, pins and squaring.");
  public static final NumberDecision WING_TRIM =
      number("head.wing-trim", "Trim of a head wing", LENGTH, 3, 0, 20, 0.5)
          .hint("Left outside the head's outline when a wing is glued on.");
  public static final ChoiceDecision GLUE =
      choice(
          "glue.kind",
          "Glue",
          GlueChoice.all(),
          "Each with its open time and its own behaviour with temperature.",
          GlueChoice.all().get(0));
  public static final NumberDecision TEMPERATURE =
      number("shop.temperature", "Shop and wood today", CELSIUS, 18, -10, 45, 1)
          .hint("Glue sets by it.");
  public static final NumberDecision CLAMPS =
      number("clamp.owned", "Clamps owned", COUNT, 10, 0, 200, 1)
          .hint("That reach round this blank.");
  public static final NumberDecision CLAMP_FORCE =
      number("clamp.force", "Force of one clamp", FORCE, 4, 0.1, 50, 0.5)
          .hint("Tightened by hand.");
  public static final NumberDecision CLAMP_PAD =
      number("clamp.pad", "Clamp pad", LENGTH, 40, 5, 300, 5)
          .hint("Length of the pad along the blank.");
  public static final NumberDecision CAUL =
      number("clamp.caul", "Caul thickness", LENGTH, 20, 0, 200, 5)
          .hint("Spreads each clamp's force at 45°.");
  public static final NumberDecision MOISTURE_NOW =
      number("moisture.now", "Moisture now", PERCENT, 10, 2, 30, 0.5)
          .measured("Of the wood, with a meter.");
  public static final NumberDecision MOISTURE_LATER =
      number("moisture.later", "Moisture where it will live", PERCENT, 8, 2, 30, 0.5)
          .hint("Heated rooms dry wood to about 8 %.");
  public static final NumberDecision MILL_FROM =
      number("mill.from", "Thickness now", LENGTH, 19, 1, 300, 0.1)
          .measured("Of the piece at the planer.");
  public static final NumberDecision MILL_TO =
      number("mill.to", "Thickness wanted", LENGTH, 16, 0.5, 300, 0.1).hint("Never planed past.");
  public static final NumberDecision MILL_BITE =
      number("mill.bite", "A pass takes", LENGTH, 1, 0.05, 10, 0.1)
          .measured("What the machine is set to; F2 enters what it really took.");
  public static final NumberDecision MILL_FINISH =
      number("mill.finish", "Finishing cut", LENGTH, 0.2, 0, 2, 0.05).hint("The last, light pass.");
  public static final NumberDecision BODY_THICKNESS =
      number("body.thickness", "Body thickness", LENGTH, 44, 20, 100, 0.5)
          .measured("Finished, top included.");
  public static final NumberDecision BODY_TOP =
      number("body.top-thickness", "Top", LENGTH, 5.5, 0, 40, 0.5).measured("0 for none.");
  public static final NumberDecision BODY_ACCENT =
      number("body.accent", "Accent veneer", LENGTH, 0.6, 0, 10, 0.1).measured("0 for none.");
  public static final NumberDecision BODY_SANDING =
      number("body.sanding", "Sanding of the body", LENGTH, 0.4, 0, 5, 0.1)
          .hint("Still to come off after gluing, both faces together.");
  public static final NumberDecision BODY_LENGTH =
      number("body.blank-length", "Body blank length", LENGTH, 470, 200, 800, 5)
          .measured("Along the centre line.");
  public static final NumberDecision BODY_WIDTH =
      number("body.blank-width", "Body blank width", LENGTH, 350, 100, 600, 5).measured("Across.");
  public static final ChoiceDecision BODY_SPECIES =
      choice(
          "body.species",
          "Body wood",
          WoodChoice.all(),
          "Of the back.",
          new WoodChoice("elm", "elm"));
  public static final ChoiceDecision TOP_SPECIES =
      choice(
          "body.top-species",
          "Top wood",
          WoodChoice.all(),
          "Of the top.",
          new WoodChoice("pear", "pear"));

  private Decisions() {}

  /** All plain decisions in the order of work. */
  public static Collection<Decision> all() {
    return Collections.unmodifiableCollection(ALL.values());
  }

  /**
   * The decision of that id in this design: a plain one, or one of the parts it has ({@code
   * string.2.gauge}, {@code neck.strip.1.thickness}).
   */
  public static Optional<Decision> find(Design design, String id) {
    Decision plain = ALL.get(id);
    return plain != null ? Optional.of(plain) : PartDecisions.find(design, id);
  }

  private static Draft number(
      String id,
      String label,
      Quantity quantity,
      double usual,
      double least,
      double most,
      double step) {
    return new Draft(id, label, quantity, usual, least, most, step);
  }

  private static ChoiceDecision choice(String id, String label, Choice[] choices, String hint) {
    return choice(id, label, Arrays.asList(choices), hint, choices[0]);
  }

  private static ChoiceDecision choice(
      String id, String label, List<Choice> all, String hint, Choice usual) {
    ChoiceDecision decision =
        new ChoiceDecision(
            id,
            label,
            hint,
            all,
            design -> {
              String word = design.choices().get(id);
              return all.stream().filter(c -> c.word().equals(word)).findFirst().orElse(usual);
            },
            (design, chosen) -> design.withChoice(id, chosen.word()));
    ALL.put(id, decision);
    return decision;
  }

  /** The first half of a number decision's sentence; the second says what it is for. */
  private record Draft(
      String id,
      String label,
      Quantity quantity,
      double usual,
      double least,
      double most,
      double step) {
    NumberDecision hint(String hint) {
      return enter(hint, false);
    }

    NumberDecision measured(String hint) {
      return enter(hint, true);
    }

    private NumberDecision enter(String hint, boolean measurable) {
      NumberDecision decision =
          new NumberDecision(
              id,
              label,
              hint,
              quantity,
              least,
              most,
              step,
              measurable,
              design -> design.numbers().getOrDefault(id, usual),
              (design, value) -> design.withNumber(id, value));
      ALL.put(id, decision);
      return decision;
    }
  }
}
