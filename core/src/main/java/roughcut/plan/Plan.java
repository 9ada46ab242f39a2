package roughcut.plan;

import java.util.List;
import java.util.Map;
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
import roughcut.blank.SeenLines;
import roughcut.blank.Weights;
import roughcut.blank.WoodPart;
import roughcut.clearance.Clearance;
import roughcut.clearance.ClearanceKind;
import roughcut.design.Choice;
import roughcut.design.ChoiceDecision;
import roughcut.design.Decisions;
import roughcut.design.Fitting;
import roughcut.design.FittingType;
import roughcut.design.Handedness;
import roughcut.design.HeadMaking;
import roughcut.design.NeckDecisions;
import roughcut.design.NumberDecision;
import roughcut.design.Strip;
import roughcut.finding.Chapter;
import roughcut.finding.Finding;
import roughcut.finding.Finding.Severity;
import roughcut.finding.Topic;
import roughcut.fretboard.FretboardRadius;
import roughcut.layout.FretLayout;
import roughcut.layout.FretboardTaper;
import roughcut.layout.MultiscaleLayout;
import roughcut.layout.StringSpread;
import roughcut.measure.Quantity;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.neck.HeadFace;
import roughcut.neck.NeckDetails;
import roughcut.neck.NeckShape;
import roughcut.neck.OnePieceHead;
import roughcut.neck.RodChannel;
import roughcut.neck.ScarfJoint;
import roughcut.record.Build;
import roughcut.record.EffectiveInputs;
import roughcut.record.Log;
import roughcut.rout.BodyCuts;
import roughcut.shop.Shop;
import roughcut.shop.Species;
import roughcut.shop.StringSpec;
import roughcut.strings.NutWork;

/**
 * Everything that follows from a build and a shop: a pure function of the two, whole and immutable,
 * whatever was planned before it. For the plan as drawn, ask for {@code Plan.of(build.asDesigned(),
 * shop)}.
 *
 * @param result what all chapters hold together
 * @param drawn the numbers before anything was measured
 */
public record Plan(
    Build build,
    Shop shop,
    LayoutPlan layout,
    FretboardPlan fretboard,
    StringPlan stringPlan,
    NeckPlan neckPlan,
    BlankPlan blanks,
    BodyPlan bodyPlan,
    ChapterResult result,
    AsDesignedPlan drawn) {

  public static Plan of(Build build, Shop shop) {
    return new LazyPlan(build, shop).plan();
  }

  /** Every number by its id, in the order of working. */
  public Map<String, Value> values() {
    return result.values();
  }

  /** The worst first. */
  public List<Clearance> clearances() {
    return result.clearances();
  }

  /** What can't be, isn't ready or wants a look, apart from thin wood. */
  public List<Finding> findings() {
    return result.findings();
  }

  /** What the instrument is called. */
  public String name() {
    return build.name();
  }

  /** The neck's strips from the bass side, as they really are. */
  public List<Strip> neckStrips() {
    return new EffectiveInputs(build).neckStrips();
  }

  /** The strips of a laminated body back, as they really are. */
  public List<Strip> bodyStrips() {
    return new EffectiveInputs(build).bodyStrips();
  }

  /** What is fitted under that name. */
  public Optional<Fitting> fitting(String name) {
    return build.design().fitting(name);
  }

  /** What is fitted of one type, in the order in which it is listed. */
  public List<Fitting> fittings(FittingType type) {
    return build.design().fittings(type);
  }

  /** What was read and done. */
  public Log log() {
    return build.log();
  }

  /** The strings as bought, from the treble side. */
  public List<StringSpec> stringSet() {
    return build.design().strings();
  }

  public FretLayout frets() {
    return layout.frets();
  }

  public FretboardTaper taper() {
    return layout.taper();
  }

  public StringSpread strings() {
    return layout.strings();
  }

  public FretboardRadius radius() {
    return fretboard.radius();
  }

  /** The neck's stack of strips. */
  public NeckBlank blank() {
    return neckPlan.blank();
  }

  public NeckShape neck() {
    return neckPlan.shape();
  }

  public OnePieceHead onePiece() {
    return neckPlan.head().onePiece();
  }

  /** Empty where the head is made otherwise. */
  public Optional<ScarfJoint> scarf() {
    return neckPlan.head().scarf();
  }

  public RodChannel rod() {
    return neckPlan.rod();
  }

  /** What is cut into the neck and how. */
  public NeckDetails details() {
    return neckPlan.details();
  }

  /** The head seen square to its face: the break at x = 0, the tip to the right. */
  public HeadFace headFace() {
    return neckPlan.head().face();
  }

  /** Nut, slots and break angles. */
  public NutWork nutWork() {
    return neckPlan.nut();
  }

  public BlankTree tree() {
    return blanks.tree();
  }

  public NeckRips rips() {
    return blanks.rips();
  }

  public HeadWings wings() {
    return blanks.wings();
  }

  public GlueUp glueUp() {
    return blanks.glueUp();
  }

  public MillingPasses milling() {
    return blanks.milling();
  }

  public FaceCheck faceCheck() {
    return blanks.faceCheck();
  }

  /** The body's blank. */
  public BodyBlank body() {
    return blanks.body();
  }

  /** Where glue lines are seen. */
  public List<SeenLines> seen() {
    return blanks.seen();
  }

  /** Every rough part wanted from the rack. */
  public List<WoodPart> parts() {
    return blanks.parts();
  }

  /** Where those parts lie on the rack's boards. */
  public BoardLayout boards() {
    return blanks.boards();
  }

  public Weights weights() {
    return blanks.weights();
  }

  /** Everything that is cut into the body. */
  public BodyCuts cuts() {
    return bodyPlan.cuts();
  }

  public List<BodyMarks> bodyMarks() {
    return bodyPlan.marks();
  }

  /** What is found about one topic, the worst first. */
  public List<Finding> about(Topic topic) {
    return findings().stream().filter(f -> f.topic() == topic).toList();
  }

  /** Decisions that exclude each other; the rest is still worked out as far as it goes. */
  public List<Finding> problems() {
    return findings().stream().filter(f -> f.severity() == Severity.IMPOSSIBLE).toList();
  }

  /** How a chapter stands: what is found in it and what wood is left there, in one word or two. */
  public ChapterStatus standing(Chapter chapter) {
    return ChapterStatus.of(
        findings().stream().filter(f -> f.topic().chapter() == chapter).toList(),
        clearances().stream().filter(s -> s.kind().owner() == chapter).toList());
  }

  /**
   * A number as it counts: measured where it was, decided otherwise, and where it follows from the
   * plan what that has. Drawings and pages take it from here, never from the design.
   */
  public double given(NumberDecision decision) {
    if (decision == Decisions.HEEL_END) {
      return neck().heelEnd().value();
    }
    if (decision == Decisions.HEEL_THICKNESS) {
      return neck().heelThickness().value();
    }
    return new EffectiveInputs(build).get(decision).value();
  }

  /** A choice as it counts. */
  public <C extends Choice> C given(ChoiceDecision<C> decision) {
    return decision.in(build.design());
  }

  /** The state of so much left somewhere, by the shop's own limit: of others than the thinnest. */
  public Clearance.State state(ClearanceKind kind, Value left) {
    return state(kind, left.value());
  }

  /** How wood of that thickness stands to the shop's limits of a kind, mm. */
  public Clearance.State state(ClearanceKind kind, double left) {
    return Clearance.stateOf(shop.limit(kind.id(), kind.limit()), left);
  }

  /** The scale, or both of a fan, in words for a subtitle. */
  public Text scaleWords() {
    MultiscaleLayout fan = frets().fan();
    return fan.fanned()
        ? Text.of(
            "{treble} – {bass}",
            Text.figure(fan.treble(), Quantity.ROUGH_LENGTH),
            Text.shown(fan.bass(), Quantity.ROUGH_LENGTH))
        : Text.only(Text.shown(frets().scale().value(), Quantity.ROUGH_LENGTH));
  }

  /** The hand that it is made for, in words for a subtitle; nothing of the usual one. */
  public Text handWords() {
    return switch (given(Decisions.HAND)) {
      case RIGHT -> Text.NONE;
      case LEFT -> Handedness.LEFT.label();
    };
  }

  /** How the head is made, in words for a subtitle. */
  public Text headWords() {
    if (details().headpiece().isPresent()) {
      return Text.of("headless");
    }
    if (neck().head().flat()) {
      return Text.of("flat headstock");
    }
    return scarf().isPresent() ? Text.of("scarfed") : Text.of("one-piece headstock");
  }

  /** The value of that id where it is of the way in which this neck is made; empty otherwise. */
  public Optional<Value> setting(String id) {
    HeadMaking making = NeckDecisions.HEAD_MAKING.in(build.design());
    return making.foreign(id) ? Optional.empty() : value(id);
  }

  /** Whether a number comes from the wood: read, or moved by what was read. */
  public boolean fromWood(Value value) {
    return drawn.differingNumbers(value);
  }

  /** The plan before anything was measured; empty where nothing was. */
  public Optional<Plan> asDrawn() {
    return drawn.different();
  }

  /** The worked value of that id. */
  public Optional<Value> value(String id) {
    return Optional.ofNullable(values().get(id));
  }

  /** What the fretboard is made of. */
  public Species fretboardWood() {
    return wood(Decisions.FRETBOARD_SPECIES.in(build.design()).word());
  }

  /** The parts of this instrument that are of a wood, by their names. */
  public List<Text> partsOf(String wood) {
    return parts().stream().filter(p -> p.species().equals(wood)).map(WoodPart::label).toList();
  }

  /** The wood of that id, as the shop knows it. */
  public Species wood(String id) {
    return shop.woods().get(id);
  }
}
