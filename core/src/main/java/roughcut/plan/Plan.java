package roughcut.plan;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import roughcut.blank.BlankTree;
import roughcut.blank.BoardLayout;
import roughcut.blank.BodyBlank;
import roughcut.blank.BodyMarks;
import roughcut.blank.FaceCheck;
import roughcut.blank.GlueUp;
import roughcut.blank.HeadWings;
import roughcut.blank.MillingPasses;
import roughcut.blank.NeckBlank;
import roughcut.blank.NeckRips;
import roughcut.blank.RipPlan;
import roughcut.blank.RipWaysOut;
import roughcut.blank.SeenLines;
import roughcut.blank.StackWaysOut;
import roughcut.blank.WayOut;
import roughcut.blank.Weights;
import roughcut.blank.WoodPart;
import roughcut.design.Build;
import roughcut.design.Choice;
import roughcut.design.ChoiceDecision;
import roughcut.design.Decisions;
import roughcut.design.Givens;
import roughcut.design.HeadMaking;
import roughcut.design.NeckDecisions;
import roughcut.design.NumberDecision;
import roughcut.finding.Chapter;
import roughcut.finding.Finding;
import roughcut.finding.Finding.Severity;
import roughcut.finding.Topic;
import roughcut.fretboard.FretboardRadius;
import roughcut.geometry.Outline;
import roughcut.layout.FretLayout;
import roughcut.layout.FretboardTaper;
import roughcut.layout.StringSpread;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.neck.NeckDetails;
import roughcut.neck.NeckShape;
import roughcut.neck.OnePieceHead;
import roughcut.neck.RodChannel;
import roughcut.neck.ScarfJoint;
import roughcut.rout.BodyCuts;
import roughcut.shop.Shop;
import roughcut.shop.Species;
import roughcut.shop.SpeciesBook;
import roughcut.thin.ProofWays;
import roughcut.thin.ThinSpot;

/**
 * Everything that follows from a build and a shop: a pure function of the two, whole and immutable,
 * made anew on every edit. For the plan as drawn, ask for {@code Plan.of(build.asDesigned(),
 * shop)}.
 *
 * @param scarf empty on a flat head
 * @param details what is cut into the neck and how
 * @param headFace the head seen square to its face: the break at x = 0, the tip to the right
 * @param parts every rough part wanted from the rack
 * @param boards where those parts lie on the rack's boards
 * @param cuts everything that is cut into the body
 * @param values every worked value by its id, in the order of working
 * @param thinSpots worst first
 * @param findings what can't be, isn't ready or wants a look, apart from thin wood
 * @param drawn the numbers before anything was measured
 */
public record Plan(
    Build build,
    Shop shop,
    FretLayout frets,
    FretboardTaper taper,
    StringSpread strings,
    NeckBlank blank,
    NeckShape neck,
    OnePieceHead onePiece,
    Optional<ScarfJoint> scarf,
    RodChannel rod,
    NeckDetails details,
    Outline headFace,
    FretboardRadius radius,
    FretboardPlan fretboard,
    StringPlan stringPlan,
    BlankTree tree,
    NeckRips rips,
    HeadWings wings,
    GlueUp glueUp,
    MillingPasses milling,
    FaceCheck faceCheck,
    BodyBlank body,
    List<SeenLines> seen,
    List<WoodPart> parts,
    BoardLayout boards,
    List<BodyMarks> bodyMarks,
    Weights weights,
    BodyCuts cuts,
    Map<String, Value> values,
    List<ThinSpot> thinSpots,
    List<Finding> findings,
    Drawn drawn) {

  public static Plan of(Build build, Shop shop) {
    return new Planner(build, shop).plan();
  }

  /** What is found about one topic, the worst first. */
  public List<Finding> about(Topic topic) {
    return findings.stream().filter(f -> f.topic() == topic).toList();
  }

  /** Decisions that exclude each other; the rest is still worked out as far as it goes. */
  public List<Finding> problems() {
    return findings.stream().filter(f -> f.severity() == Severity.IMPOSSIBLE).toList();
  }

  /** How a chapter stands: what is found in it and what wood is left there, in one word or two. */
  public Standing standing(Chapter chapter) {
    return Standing.of(
        findings.stream().filter(f -> f.topic().chapter() == chapter).toList(),
        thinSpots.stream().filter(s -> s.kind().owner() == chapter).toList());
  }

  /** What would make the strips of one wood come out of the rack's boards; none when they do. */
  public List<WayOut> waysOut(RipPlan rip) {
    double end = neck.through() ? neck.joint().value() : neck.heelEnd().value();
    double half = Math.max(taper.halfWidth(0), taper.halfWidth(end));
    Optional<Outline> piece =
        parts.stream()
            .filter(p -> p.id().equals("neck.piece"))
            .map(WoodPart::shape)
            .filter(Objects::nonNull)
            .findFirst();
    double spare = values.get("shaft.spare").value();
    return RipWaysOut.of(build, shop, tree, new RipWaysOut.Needs(half, spare, piece), rip);
  }

  /** What would keep the outline from cutting through the stack's glue lines. */
  public List<WayOut> stackWaysOut() {
    return StackWaysOut.of(build, blank, taper);
  }

  /** What the seated neck leaves to do; none before it was proved, or where all is well. */
  public List<ProofWays.Way> proofWays(Units units) {
    return stringPlan
        .heights()
        .proof()
        .map(p -> ProofWays.of(p, new Givens(build), shop, cuts, units))
        .orElse(List.of());
  }

  /**
   * A number as it counts: measured where it was, decided otherwise, and where it follows from the
   * plan what that has. Drawings and pages take it from here, never from the design.
   */
  public double given(NumberDecision decision) {
    if (decision == Decisions.HEEL_END) {
      return neck.heelEnd().value();
    }
    if (decision == Decisions.HEEL_THICKNESS) {
      return neck.heelThickness().value();
    }
    return new Givens(build).get(decision).value();
  }

  /** A choice as it counts. */
  public <C extends Choice> C given(ChoiceDecision<C> decision) {
    return decision.in(build.design());
  }

  /** How the head is made, in words for a subtitle. */
  public String headWords() {
    if (neck.head().flat()) {
      return "flat headstock";
    }
    return scarf.isPresent() ? "scarfed" : "one-piece headstock";
  }

  /** The value of that id where it is of the way in which this neck is made; empty otherwise. */
  public Optional<Value> setting(String id) {
    HeadMaking making = NeckDecisions.HEAD_MAKING.in(build.design());
    return making.foreign(id) ? Optional.empty() : value(id);
  }

  /** Whether a number comes from the wood: read, or moved by what was read. */
  public boolean fromWood(Value value) {
    return drawn.moved(value);
  }

  /** The worked value of that id. */
  public Optional<Value> value(String id) {
    return Optional.ofNullable(values.get(id));
  }

  /** What the fretboard is made of. */
  public Species fretboardWood() {
    return SpeciesBook.get(Decisions.FRETBOARD_SPECIES.in(build.design()).word());
  }
}
