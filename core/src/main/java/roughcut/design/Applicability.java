package roughcut.design;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import roughcut.measure.Text;
import roughcut.shop.BridgeBook;
import roughcut.shop.BridgeKind;

/**
 * Which decisions count in a design as it is built, and why one doesn't: a through-neck has no
 * bolts, a flat headstock no scarf, what is solved for isn't decided. What doesn't count isn't
 * shown, and a search says why.
 */
public final class Applicability {
  /**
   * One rule.
   *
   * @param only where the decisions of those ids count, in words after “counts only”
   */
  private record Rule(Pattern ids, Text only, Predicate<Design> counts) {}

  private static Rule rule(String ids, Text only, Predicate<Design> counts) {
    return new Rule(Pattern.compile(ids), only, counts);
  }

  private static final List<Rule> RULES =
      List.of(
          rule(
              "access\\.pocket-.*|access\\.cover-lap",
              Text.of("where the rod is adjusted from a pocket in the headstock"),
              Applicability::headPocket),
          rule(
              "access\\.(tilt|pilot|chuck)",
              Text.of("where the rod is adjusted through an access hole from the headstock"),
              Applicability::headBore),
          rule(
              "access\\.bore",
              Text.of("where the rod isn't adjusted from a pocket in the headstock"),
              d -> !headPocket(d)),
          rule(
              "access\\.(well|bit-held)",
              Text.of("where the rod is adjusted from the heel"),
              Applicability::fromHeel),
          rule(
              "fretboard\\.notch-length",
              Text.of("where the rod is adjusted at the fretboard end"),
              d -> fromFretboardEnd(d) || FretboardDecisions.NOTCH_LENGTH.in(d) > 0),
          rule(
              "fretboard\\.notch-width",
              Text.of("with a notch in the fretboard end"),
              d -> FretboardDecisions.NOTCH_LENGTH.in(d) > 0),
          rule(
              "course\\.at-.*",
              Text.of("where several strings run in a course"),
              d -> Decisions.COURSE_STRINGS.in(d) > 1),
          rule(
              "stiffener\\.(?!count).*",
              Text.of("with stiffeners"),
              d -> NeckDecisions.STIFFENERS.in(d) >= 2),
          rule(
              "rod\\.adjuster-(width|depth)",
              Text.of("where the adjuster end has its own length"),
              d -> NeckDecisions.ROD_ADJUSTER_LENGTH.in(d) > 0),
          rule(
              "scarf\\..*",
              Text.of("with a scarf joint"),
              d -> scarfed(d) && Decisions.HEAD_ANGLE.in(d) > 0),
          rule(
              "head\\.(angle|length|width|thickness|(face|back)-veneer|veneer-species|outline-.*)"
                  + "|tuner\\..*|drum\\.height|hardware\\.tuners-share",
              Text.of("on a neck with a headstock"),
              d -> !headless(d)),
          rule(
              "head\\.stub|headpiece\\..*", Text.of("on a headless neck"), Applicability::headless),
          rule("head\\.angle", Text.of("on a headstock that isn't flat"), d -> !stepped(d)),
          rule("head\\.step(-radius)?", Text.of("on a flat headstock"), Applicability::stepped),
          rule(
              "wire\\.tang-clear",
              Text.of("with a bound fretboard"),
              d -> FretboardDecisions.BOUND.in(d) > 0),
          rule(
              "spline\\.(?!count).*",
              Text.of("with splines"),
              d -> NeckDecisions.SPLINES.in(d) > 0),
          rule(
              "head\\.veneer-species",
              Text.of("with a face veneer"),
              d -> Decisions.HEAD_VENEER.in(d) > 0),
          rule(
              "tuner\\.line-(offset|slope)",
              Text.of("where the tuners stand along a line"),
              d -> NeckDecisions.TUNER_RULE.in(d) == TunerRule.ALONG_A_LINE),
          rule(
              "tuner\\.edge-distance",
              Text.of("where the tuners stand along the edge"),
              d -> NeckDecisions.TUNER_RULE.in(d) == TunerRule.ALONG_THE_EDGE),
          rule("nut\\.behind-zero-fret", Text.of("with a zero fret"), Applicability::onZeroFret),
          rule("nut\\.lip", Text.of("with a nut in a slot"), Applicability::slotted),
          rule("nut\\.screws-reach", Text.of("with a locking nut"), Applicability::locking),
          rule(
              "slot\\.first-depth|fretboard\\.edge-dropped",
              Text.of("where slots are deepened later"),
              Applicability::deepened),
          rule(
              "frets\\.fall-away-from",
              Text.of("with a fall-away"),
              d -> FretboardDecisions.FALL_AWAY.in(d) > 0),
          rule("scale\\.perpendicular-fret", Text.of("with two scales"), StringDecisions::fanned),
          rule(
              "scale\\.length",
              Text.of("where neither side has its own scale"),
              d ->
                  StringDecisions.SCALE_BASS.in(d) == 0 || StringDecisions.SCALE_TREBLE.in(d) == 0),
          rule(
              "compensation\\.(treble|angle)",
              Text.of("where compensation is a straight line"),
              d -> StringDecisions.COMPENSATION.in(d) == CompensationBy.STRAIGHT_LINE),
          rule(
              "string\\.\\d+\\.own-compensation",
              Text.of("where compensation is your own table"),
              d -> StringDecisions.COMPENSATION.in(d) == CompensationBy.OWN_TABLE),
          rule(
              "saddle\\.height",
              Text.of("where it isn't calculated from the others"),
              d -> solve(d) != SolveFor.SADDLE),
          rule(
              "pocket\\.exposed",
              Text.of("where it isn't calculated from the others"),
              d -> solve(d) != SolveFor.EXPOSED),
          rule(
              "neck\\.angle",
              Text.of("where it isn't calculated from the others"),
              d -> solve(d) != SolveFor.ANGLE),
          rule(
              "heel\\.(end|thickness)|pocket\\.(?!exposed).*",
              Text.of("on a neck that ends in a heel"),
              d -> !through(d)),
          rule("neck\\.angle-made", Text.of("on a neck that ends in a heel"), d -> !through(d)),
          rule(
              "heel\\.taper-made",
              Text.of("where the heel is planed to a taper or sits on a wedge"),
              d -> !through(d) && !tiltsFloor(d)),
          rule("tenon\\..*", Text.of("on a neck that is glued in"), Applicability::glued),
          rule("core\\.laid", Text.of("on a neck that runs through"), Applicability::through),
          rule(
              "bolt\\..*|insert\\..*",
              Text.of("on a neck that is bolted on"),
              Applicability::screwed),
          rule("insert\\..*", Text.of("with inserts"), Applicability::inserted),
          rule(
              "bolt\\.bite",
              Text.of("with screws; for inserts their length counts"),
              d -> !inserted(d)),
          rule(
              "bolt\\.head",
              Text.of("with a counterbore"),
              d -> RoutDecisions.BOLT_COUNTERBORE.in(d) > 0),
          rule(
              "bolt\\.across-end",
              Text.of("with two pairs or more"),
              d -> RoutDecisions.BOLT_COUNT.in(d) >= 4),
          rule(
              "bridge\\.(top|block)-(from|along|across)|springs\\..*",
              Text.of("with a pivoting bridge"),
              d -> bridge(d).cuts().top().there()),
          rule(
              "bridge\\.post-.*",
              Text.of("with a bridge on posts"),
              d -> bridge(d).cuts().postBore() > 0),
          rule(
              "bridge\\.stud-pilot",
              Text.of("with a bridge or a tailpiece on posts"),
              d -> bridge(d).cuts().postBore() > 0 || bridge(d).cuts().tail().there()),
          rule(
              "bridge\\.string-bore|ferrule\\..*",
              Text.of("with strings through the body"),
              d -> RoutDecisions.STRUNG_THROUGH.in(d) == YesNo.YES),
          rule(
              "body\\.strip\\..*",
              Text.of("with a back of strips"),
              d -> laminated(d) && !through(d)),
          rule("outline\\.sizes", Text.of("with a curve of your own"), d -> d.drawn().isEmpty()),
          rule(
              "outline\\.treble\\..*",
              Text.of(
                  "where the sides differ; on a symmetrical body the bass side's points move both"),
              d -> SurfaceDecisions.OUTLINE_MIRROR.in(d) == YesNo.NO),
          rule(
              "body\\.halves", Text.of("with a back of two halves"), d -> halved(d) && !through(d)),
          rule(
              "body\\.back|body\\.blank-(length|width)|body\\.laid-.*",
              Text.of("on a body that isn't two wings"),
              d -> !through(d)),
          rule(
              "body\\.top-species|top\\..*",
              Text.of("with a top"),
              d -> BodyDecisions.BODY_TOP.in(d) > 0),
          rule(
              "binding\\.(?!layers).*",
              Text.of("with binding"),
              d -> BodyDecisions.BINDING_LAYERS.in(d) > 0),
          rule(
              "arm\\.(reach|turn)",
              Text.of("with an arm contour"),
              d -> SurfaceDecisions.ARM_DEPTH.in(d) > 0),
          rule(
              "belly\\.(reach|length|turn)",
              Text.of("with a belly contour"),
              d -> SurfaceDecisions.BELLY_DEPTH.in(d) > 0),
          rule(
              "heel-carve\\.(reach|length|turn)",
              Text.of("with a heel carve"),
              d -> SurfaceDecisions.HEEL_CARVE_DEPTH.in(d) > 0),
          rule(
              "carve\\.(width|ledge)",
              Text.of("with a carved top"),
              d -> SurfaceDecisions.CARVE_DROP.in(d) > 0),
          rule(
              "outline\\.(scale|turn|flip|along|aside)",
              Text.of("with a drawn outline"),
              d -> d.drawn().isPresent()),
          rule(
              "head\\.outline-.*",
              Text.of("with a drawn headstock outline"),
              d -> d.drawn(DrawnPart.HEAD).isPresent()),
          rule(
              "body\\.(length|lower-width|waist-width|upper-width|horn-.*|slant)"
                  + "|outline\\.(mirror|bass\\..*|treble\\..*)",
              Text.of("with the standard curve"),
              d -> d.drawn().isEmpty()),
          rule(
              "relief\\.(diameter|left|clear|edge)",
              Text.of("with a target body weight"),
              d -> RoutDecisions.MASS_TARGET.in(d) > 0));

  private Applicability() {}

  /** Where a decision would count, where it doesn't in this design; empty where it does. */
  public static Optional<Text> idle(Design design, String id) {
    for (Rule rule : RULES) {
      if (rule.ids.matcher(id).matches() && !rule.counts.test(design)) {
        return Optional.of(Text.of("Used only {only}", rule.only));
      }
    }
    return Optional.empty();
  }

  private static boolean headPocket(Design d) {
    return switch (NeckDecisions.ROD_REACH.in(d)) {
      case HEAD_POCKET -> true;
      case HEAD_BORE, HEEL, FRETBOARD_END -> false;
    };
  }

  private static boolean headBore(Design d) {
    return switch (NeckDecisions.ROD_REACH.in(d)) {
      case HEAD_BORE -> true;
      case HEAD_POCKET, HEEL, FRETBOARD_END -> false;
    };
  }

  private static boolean fromHeel(Design d) {
    return switch (NeckDecisions.ROD_REACH.in(d)) {
      case HEEL -> true;
      case HEAD_BORE, HEAD_POCKET, FRETBOARD_END -> false;
    };
  }

  private static boolean fromFretboardEnd(Design d) {
    return switch (NeckDecisions.ROD_REACH.in(d)) {
      case FRETBOARD_END -> true;
      case HEAD_BORE, HEAD_POCKET, HEEL -> false;
    };
  }

  private static boolean scarfed(Design d) {
    return switch (NeckDecisions.HEAD_MAKING.in(d)) {
      case SCARF -> true;
      case ONE_PIECE, FLAT, HEADLESS -> false;
    };
  }

  private static boolean headless(Design d) {
    return switch (NeckDecisions.HEAD_MAKING.in(d)) {
      case HEADLESS -> true;
      case SCARF, ONE_PIECE, FLAT -> false;
    };
  }

  private static boolean stepped(Design d) {
    return switch (NeckDecisions.HEAD_MAKING.in(d)) {
      case FLAT -> true;
      case SCARF, ONE_PIECE, HEADLESS -> false;
    };
  }

  private static boolean onZeroFret(Design d) {
    return switch (FretboardDecisions.NUT_KIND.in(d)) {
      case ZERO_FRET -> true;
      case END, SLOT, SHELF, LOCKING -> false;
    };
  }

  private static boolean slotted(Design d) {
    return switch (FretboardDecisions.NUT_KIND.in(d)) {
      case SLOT -> true;
      case END, SHELF, ZERO_FRET, LOCKING -> false;
    };
  }

  private static boolean locking(Design d) {
    return switch (FretboardDecisions.NUT_KIND.in(d)) {
      case LOCKING -> true;
      case END, SLOT, SHELF, ZERO_FRET -> false;
    };
  }

  private static Choice solve(Design d) {
    return StringDecisions.SOLVE_FOR.in(d);
  }

  private static boolean through(Design d) {
    return switch (BodyDecisions.NECK_JOINT.in(d)) {
      case THROUGH -> true;
      case BOLT_ON, SET_NECK -> false;
    };
  }

  private static boolean glued(Design d) {
    return switch (BodyDecisions.NECK_JOINT.in(d)) {
      case SET_NECK -> true;
      case BOLT_ON, THROUGH -> false;
    };
  }

  private static boolean screwed(Design d) {
    return switch (BodyDecisions.NECK_JOINT.in(d)) {
      case BOLT_ON -> true;
      case SET_NECK, THROUGH -> false;
    };
  }

  private static boolean deepened(Design d) {
    return switch (FretboardDecisions.SLOT_SCHOOL.in(d)) {
      case AT_FIRST -> false;
      case AFTER_RADIUS, MIDWAY -> true;
    };
  }

  private static boolean tiltsFloor(Design d) {
    return switch (StringDecisions.ANGLE_MADE.in(d)) {
      case TILTED_FLOOR -> true;
      case PLANED_HEEL, WEDGE -> false;
    };
  }

  private static boolean inserted(Design d) {
    return switch (RoutDecisions.BOLT_KIND.in(d)) {
      case INSERTS -> true;
      case SCREWS_PLATE, SCREWS_FERRULES -> false;
    };
  }

  private static boolean laminated(Design d) {
    return switch (BodyDecisions.BODY_BACK.in(d)) {
      case STRIPS -> true;
      case HALVES, ONE_PIECE -> false;
    };
  }

  private static boolean halved(Design d) {
    return switch (BodyDecisions.BODY_BACK.in(d)) {
      case HALVES -> true;
      case STRIPS, ONE_PIECE -> false;
    };
  }

  private static BridgeKind bridge(Design d) {
    return BridgeBook.get(StringDecisions.BRIDGE.in(d).word());
  }
}
