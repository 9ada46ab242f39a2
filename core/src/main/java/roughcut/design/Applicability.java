package roughcut.design;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.regex.Pattern;
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
  private record Rule(Pattern ids, String only, Predicate<Design> counts) {}

  private static Rule rule(String ids, String only, Predicate<Design> counts) {
    return new Rule(Pattern.compile(ids), only, counts);
  }

  private static final List<Rule> RULES =
      List.of(
          rule(
              "access\\.pocket-.*|access\\.cover-lap",
              "where the rod is worked from a pocket in the headstock",
              Applicability::headPocket),
          rule(
              "access\\.(tilt|pilot|chuck)",
              "where the rod is worked through a bore from the headstock",
              Applicability::headBore),
          rule(
              "access\\.bore",
              "where the rod isn't worked from a pocket in the headstock",
              d -> !headPocket(d)),
          rule(
              "access\\.(well|bit-held)",
              "where the rod is worked from the heel",
              Applicability::fromHeel),
          rule(
              "fretboard\\.notch-length",
              "where the rod is worked at the fretboard's end",
              d -> fromFretboardEnd(d) || FretboardDecisions.NOTCH_LENGTH.in(d) > 0),
          rule(
              "fretboard\\.notch-width",
              "with a notch in the fretboard's end",
              d -> FretboardDecisions.NOTCH_LENGTH.in(d) > 0),
          rule(
              "stiffener\\.(?!count).*",
              "with stiffeners",
              d -> NeckDecisions.STIFFENERS.in(d) >= 2),
          rule(
              "rod\\.adjuster-(width|depth)",
              "where the adjuster's end has a length of its own",
              d -> NeckDecisions.ROD_ADJUSTER_LENGTH.in(d) > 0),
          rule(
              "scarf\\..*",
              "with a scarf joint",
              d -> scarfed(d) && Decisions.HEAD_ANGLE.in(d) > 0),
          rule("head\\.angle", "on a headstock that isn't flat", d -> !stepped(d)),
          rule("head\\.step(-radius)?", "on a flat headstock", Applicability::stepped),
          rule(
              "wire\\.tang-clear",
              "with a bound fretboard",
              d -> FretboardDecisions.BOUND.in(d) > 0),
          rule("spline\\.(?!count).*", "with splines", d -> NeckDecisions.SPLINES.in(d) > 0),
          rule("head\\.veneer-species", "with a face veneer", d -> Decisions.HEAD_VENEER.in(d) > 0),
          rule(
              "tuner\\.line-(offset|slope)",
              "where the tuners stand along a line",
              d -> NeckDecisions.TUNER_RULE.in(d) != TunerRule.STRAIGHT_PULL),
          rule("nut\\.behind-zero-fret", "with a zero fret", Applicability::onZeroFret),
          rule("nut\\.lip", "with a nut in a slot", Applicability::slotted),
          rule("nut\\.screws-reach", "with a locking nut", Applicability::locking),
          rule(
              "slot\\.first-depth|fretboard\\.edge-dropped",
              "where slots are deepened later",
              Applicability::deepened),
          rule(
              "frets\\.fall-away-from",
              "with a fall-away",
              d -> FretboardDecisions.FALL_AWAY.in(d) > 0),
          rule(
              "scale\\.perpendicular-fret",
              "with two scales",
              d -> StringDecisions.SCALE_BASS.in(d) > 0 || StringDecisions.SCALE_TREBLE.in(d) > 0),
          rule(
              "scale\\.length",
              "where both sides have no scale of their own",
              d ->
                  StringDecisions.SCALE_BASS.in(d) == 0 || StringDecisions.SCALE_TREBLE.in(d) == 0),
          rule(
              "compensation\\.(treble|angle)",
              "where compensation is a straight line",
              d -> StringDecisions.COMPENSATION.in(d) == CompensationBy.STRAIGHT_LINE),
          rule(
              "string\\.\\d+\\.own-compensation",
              "where compensation is your own table",
              d -> StringDecisions.COMPENSATION.in(d) == CompensationBy.OWN_TABLE),
          rule(
              "saddle\\.height",
              "where it isn't found from the others",
              d -> solve(d) != SolveFor.SADDLE),
          rule(
              "pocket\\.exposed",
              "where it isn't found from the others",
              d -> solve(d) != SolveFor.EXPOSED),
          rule(
              "neck\\.angle",
              "where it isn't found from the others",
              d -> solve(d) != SolveFor.ANGLE),
          rule(
              "heel\\.(end|thickness)|pocket\\.(?!exposed).*",
              "on a neck that ends in a heel",
              d -> !through(d)),
          rule("neck\\.angle-made", "on a neck that ends in a heel", d -> !through(d)),
          rule(
              "heel\\.taper-made",
              "where the heel is planed to a taper, or lies on a wedge",
              d -> !through(d) && !tiltsFloor(d)),
          rule("core\\.laid", "on a neck that runs through", Applicability::through),
          rule("bolt\\..*|insert\\..*", "on a neck that is bolted on", Applicability::screwed),
          rule("insert\\..*", "with inserts", Applicability::inserted),
          rule("bolt\\.bite", "with screws: an insert's length counts instead", d -> !inserted(d)),
          rule("bolt\\.head", "with a counterbore", d -> RoutDecisions.BOLT_COUNTERBORE.in(d) > 0),
          rule(
              "bolt\\.across-end",
              "with two pairs or more",
              d -> RoutDecisions.BOLT_COUNT.in(d) >= 4),
          rule(
              "bridge\\.(top|block)-(from|along|across)|springs\\..*",
              "with a pivoting bridge",
              d -> bridge(d).cuts().top().there()),
          rule("bridge\\.post-.*", "with a bridge on posts", d -> bridge(d).cuts().postBore() > 0),
          rule(
              "bridge\\.string-bore|ferrule\\..*",
              "with strings through the body",
              d -> RoutDecisions.STRUNG_THROUGH.in(d) == YesNo.YES),
          rule("body\\.strip\\..*", "with a back of strips", d -> laminated(d) && !through(d)),
          rule("outline\\.sizes", "with a curve of our own", d -> d.drawn().isEmpty()),
          rule(
              "outline\\.treble\\..*",
              "where the sides aren't alike: the bass side's points move both",
              d -> SurfaceDecisions.OUTLINE_MIRROR.in(d) == YesNo.NO),
          rule("body\\.halves", "with a back of two halves", d -> halved(d) && !through(d)),
          rule(
              "body\\.back|body\\.blank-(length|width)|body\\.laid-.*",
              "on a body that isn't two wings",
              d -> !through(d)),
          rule("body\\.top-species|top\\..*", "with a top", d -> BodyDecisions.BODY_TOP.in(d) > 0),
          rule(
              "binding\\.(?!layers).*",
              "with binding",
              d -> BodyDecisions.BINDING_LAYERS.in(d) > 0),
          rule(
              "arm\\.(reach|turn)",
              "with an arm contour",
              d -> SurfaceDecisions.ARM_DEPTH.in(d) > 0),
          rule(
              "belly\\.(reach|length|turn)",
              "with a belly contour",
              d -> SurfaceDecisions.BELLY_DEPTH.in(d) > 0),
          rule(
              "heel-carve\\.(reach|length|turn)",
              "with a heel carve",
              d -> SurfaceDecisions.HEEL_CARVE_DEPTH.in(d) > 0),
          rule(
              "carve\\.(width|ledge)",
              "with a carved top",
              d -> SurfaceDecisions.CARVE_DROP.in(d) > 0),
          rule(
              "outline\\.(scale|turn|flip|along|aside)",
              "with an outline drawn elsewhere",
              d -> d.drawn().isPresent()),
          rule(
              "body\\.(length|lower-width|waist-width|upper-width|horn-.*|slant)"
                  + "|outline\\.(mirror|bass\\..*|treble\\..*)",
              "with an outline shaped here",
              d -> d.drawn().isEmpty()),
          rule(
              "relief\\.(diameter|left|clear|edge)",
              "with a target for the body's weight",
              d -> RoutDecisions.MASS_TARGET.in(d) > 0));

  private Applicability() {}

  /** Where a decision would count, where it doesn't in this design; empty where it does. */
  public static Optional<String> idle(Design design, String id) {
    for (Rule rule : RULES) {
      if (rule.ids.matcher(id).matches() && !rule.counts.test(design)) {
        return Optional.of("counts only " + rule.only);
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
      case ONE_PIECE, FLAT -> false;
    };
  }

  private static boolean stepped(Design d) {
    return switch (NeckDecisions.HEAD_MAKING.in(d)) {
      case FLAT -> true;
      case SCARF, ONE_PIECE -> false;
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
