package roughcut.whatif;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import roughcut.bench.OutdatedCut;
import roughcut.bench.Route;
import roughcut.clearance.PocketClearances;
import roughcut.design.CutName;
import roughcut.design.FretboardDecisions;
import roughcut.design.OperationId;
import roughcut.design.StringDecisions;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.DoneOperation;
import roughcut.record.EffectiveInputs;
import roughcut.record.Log;
import roughcut.record.Proposal;
import roughcut.record.Reading;
import roughcut.rout.Pocket;
import roughcut.shop.BridgeKind;
import roughcut.shop.Limit;
import roughcut.strings.NeckProof;
import roughcut.strings.Seating;
import roughcut.strings.Seating.Where;
import roughcut.strings.StringKeys;

/**
 * What the seated neck leaves to do where it doesn't sit as it was to, the cheap ones first
 * (handbook page 7, "What mends what"). Each is carried out on a model of the seated neck, the
 * readings are taken there again, and the whole plan is made with them: what doesn't bring the
 * saddle where it is wanted, leaves too thin a floor or stops anything else isn't offered.
 */
public final class SeatWays {
  /** What brought the neck to its seat. */
  public static final String POCKET = CutName.operation("pocket");

  /** Nobody lets a bridge in, or stands it on a plate, by more than this, mm. */
  private static final double MOST_UNDER_BRIDGE = 6;

  /** How makers mend a seat that is off. */
  public enum Kind {
    LOWER_SADDLES(Text.of("Lower the saddles"), 5, Text.of("nothing is cut")),
    RAISE_SADDLES(Text.of("Raise the saddles"), 5, Text.of("nothing is cut")),
    SHIM(
        Text.of("Full-face shim of the neck's wood under the heel"),
        45,
        Text.of("a glue line beside the heel. Never shim one corner")),
    DEEPEN(Text.of("Deepen the whole floor of the pocket"), 25, Text.of("it doesn't show")),
    PLANE_HEEL(Text.of("Plane the whole underside of the heel"), 25, Text.of("it doesn't show")),
    FLOOR_AT_EDGE(
        Text.of(
            "Cut the pocket floor deeper at the body edge, tapering to nothing at the heel end"),
        30,
        Text.of("it doesn't show")),
    PLANE_AT_EDGE(
        Text.of("Plane the heel at the body edge, tapering to nothing at its end"),
        30,
        Text.of("a gap behind the heel end")),
    WEDGE_AT_END(
        Text.of("Full-face wedge, thick at the heel end, tapering to nothing at the body edge"),
        45,
        Text.of("a glue line beside the heel")),
    FLOOR_AT_END(
        Text.of(
            "Cut the pocket floor deeper at the heel end, tapering to nothing at the body edge"),
        30,
        Text.of("it doesn't show")),
    WEDGE_AT_EDGE(
        Text.of("Full-face wedge, thick at the body edge, tapering to nothing at the heel end"),
        45,
        Text.of("a glue line beside the heel")),
    LET_IN_BRIDGE(
        Text.of("Recess the bridge into the body"),
        60,
        Text.of("the recess shows round the bridge")),
    PLATE_UNDER_BRIDGE(
        Text.of("Put a plate under the bridge"), 40, Text.of("the edge of the plate shows"));

    private final Text words;
    private final int minutes;
    private final Text look;

    Kind(Text words, int minutes, Text look) {
      this.words = words;
      this.minutes = minutes;
      this.look = look;
    }

    /** Hands-on time, by rule of thumb. */
    public int minutes() {
      return minutes;
    }
  }

  /**
   * One way out.
   *
   * @param by how much is taken away or put there at its thickest, or how far the saddles move, mm
   * @param then the neck as it sits afterwards
   * @param saddle height over the body's top at the neck end that the saddle needs then, mm
   * @param proposal what it is and costs, and what it does to the build's log
   */
  public record Way(Kind kind, double by, Seating then, double saddle, Proposal proposal) {}

  private final Plan plan;
  private final EffectiveInputs inputs;
  private final NeckProof proof;
  private final double rise;

  /** Between the plane of the frets at the saddle line and the saddle, mm. */
  private final double over;

  private Plan wanted;

  private SeatWays(Plan plan, NeckProof proof) {
    this.plan = plan;
    this.inputs = new EffectiveInputs(plan.build());
    this.proof = proof;
    this.rise = inputs.get(StringDecisions.CARVE_RISE).value();
    this.over = proof.saddle().value() - proof.seating().atSaddle();
  }

  /** The ways, the cheap ones first; none where the neck sits as it was to, or that was taken. */
  public static List<Way> of(Plan plan) {
    Optional<NeckProof> proof = plan.stringPlan().heights().proof();
    if (proof.isEmpty() || accepted(plan, proof.get())) {
      return List.of();
    }
    return new SeatWays(plan, proof.get()).all();
  }

  /** Whether the maker took the seat as it is. */
  private static boolean accepted(Plan plan, NeckProof proof) {
    return plan.log()
        .done(POCKET)
        .filter(
            d -> d.accepts(StringKeys.PROOF_SADDLE.id(), proof.saddle().value(), OutdatedCut.SEEN))
        .isPresent();
  }

  private List<Way> all() {
    List<Way> ways = new ArrayList<>();
    double up = -proof.deepen().value();
    boolean glued = plan.log().isDone(OperationId.NECK_GLUE_IN);
    boolean heel = plan.cuts().pocket().isPresent() && !glued;
    saddles(ways, up);
    if (heel && !proof.fits()) {
      seat(ways, up);
    }
    bridge(ways, up);
    return ways;
  }

  /** The saddles take it up while the bridge's range lasts. */
  private void saddles(List<Way> ways, double up) {
    BridgeKind bridge = plan.stringPlan().bridge().kind();
    double needs = proof.saddle().value();
    boolean reached = plan.stringPlan().heights().reaches(bridge);
    if (!proof.fits() && reached) {
      Kind kind = up > 0 ? Kind.LOWER_SADDLES : Kind.RAISE_SADDLES;
      Text range =
          Text.of(
              "to {needs}; this bridge goes from {least} to {most}",
              Text.length(needs, 2),
              Text.length(bridge.heightLeast() + footing(), 1),
              Text.length(bridge.heightMost() + footing(), 1));
      ways.add(
          new Way(
              kind,
              Math.abs(up),
              proof.seating(),
              needs,
              new Proposal(
                  said(kind, Math.abs(up), range),
                  b -> accepted(b, kind.words.small().in(Units.MM)))));
    }
  }

  /** What is cut away or put under the heel, by what is off: the height, the angle or both. */
  private void seat(List<Way> ways, double up) {
    double high = proof.seating().joint() - proof.wanted().joint();
    double leans = (proof.seating().tan() - proof.wanted().tan()) * proof.seating().run();
    if (high < -OutdatedCut.SEEN && up > 0) {
      tried(Kind.SHIM, Where.FULL_FACE, up).ifPresent(ways::add);
    }
    if (high > OutdatedCut.SEEN && up < 0) {
      tried(Kind.DEEPEN, Where.FULL_FACE, up).ifPresent(ways::add);
      tried(Kind.PLANE_HEEL, Where.FULL_FACE, up).ifPresent(ways::add);
    }
    if (leans < -OutdatedCut.SEEN && up > 0) {
      tried(Kind.FLOOR_AT_EDGE, Where.BODY_EDGE, up).ifPresent(ways::add);
      tried(Kind.PLANE_AT_EDGE, Where.BODY_EDGE, up).ifPresent(ways::add);
      tried(Kind.WEDGE_AT_END, Where.HEEL_END, up).ifPresent(ways::add);
    }
    if (leans > OutdatedCut.SEEN && up < 0) {
      tried(Kind.FLOOR_AT_END, Where.HEEL_END, up).ifPresent(ways::add);
      tried(Kind.WEDGE_AT_EDGE, Where.BODY_EDGE, up).ifPresent(ways::add);
    }
  }

  private Optional<Way> tried(Kind kind, Where where, double up) {
    double under = proof.seating().under(where, up);
    boolean takes =
        switch (kind) {
          case DEEPEN, PLANE_HEEL, FLOOR_AT_EDGE, PLANE_AT_EDGE, FLOOR_AT_END -> true;
          case SHIM, WEDGE_AT_END, WEDGE_AT_EDGE -> false;
          case LOWER_SADDLES, RAISE_SADDLES, LET_IN_BRIDGE, PLATE_UNDER_BRIDGE -> false;
        };
    // A way that would have to go the other way round is none: wood can't be cut on.
    if (Double.isNaN(under) || Math.abs(under) < OutdatedCut.SEEN || under < 0 != takes) {
      return Optional.empty();
    }
    boolean floor = kind == Kind.DEEPEN || kind == Kind.FLOOR_AT_EDGE || kind == Kind.FLOOR_AT_END;
    double left =
        floor ? floorLeft(where, -under) : plan.cuts().pocket().orElseThrow().floor().value();
    Limit limit = floorLimit();
    if (floor && left < limit.fail()) {
      return Optional.empty();
    }
    Seating then = proof.seating().raised(where, under);
    if (!fixes(then)) {
      return Optional.empty();
    }
    Text floors =
        floor
            ? (left < limit.warn()
                ? Text.of(
                    "floor left {left}, less than {warn}",
                    Text.length(left, 1),
                    Text.length(limit.warn(), 1))
                : Text.of("floor left {left}", Text.length(left, 1)))
            : Text.NONE;
    Text stands =
        Text.joined(
            List.of(
                Text.of(
                    "the fretboard is then {length} above the body",
                    Text.length(then.joint() - fret() - board(), 2)),
                floors),
            "; ");
    return Optional.of(
        new Way(
            kind,
            Math.abs(under),
            then,
            then.atSaddle() + over,
            new Proposal(
                said(kind, Math.abs(under), stands), b -> withProposal(b, kind, Math.abs(under)))));
  }

  /**
   * The plan with the neck as it would sit and read there again: does it mend, and stop nothing?
   */
  private boolean fixes(Seating then) {
    LocalDateTime at =
        plan.build().measured().values().stream()
            .map(Reading::at)
            .max(Comparator.naturalOrder())
            .orElse(LocalDateTime.of(2000, 1, 1, 0, 0));
    Build read =
        unread(plan.build())
            .withReading(Reading.of(StringDecisions.STANDING.id(), then.joint() - fret(), at))
            .withReading(Reading.of(StringDecisions.STRAIGHTEDGE.id(), then.atSaddle() - rise, at));
    try {
      Plan tried = Plan.of(read, plan.shop());
      boolean fits = tried.stringPlan().heights().proof().filter(NeckProof::fits).isPresent();
      return fits && FixSuggestions.stopsNothing(plan, wanted(), tried);
    } catch (IllegalArgumentException e) {
      return false; // it can't be made so
    }
  }

  /** The plan of the seat as it was to be. */
  private Plan wanted() {
    if (wanted == null) {
      wanted = Plan.of(unread(plan.build()), plan.shop());
    }
    return wanted;
  }

  private double floorLeft(Where where, double deeper) {
    Pocket pocket = plan.cuts().pocket().orElseThrow();
    double front = pocket.front().value() + where.atEdge() * deeper;
    double end = pocket.end().value() + where.atEnd() * deeper;
    double thick = pocket.floor().value() + Math.max(pocket.front().value(), pocket.end().value());
    return thick - Math.max(front, end);
  }

  private double footing() {
    return plan.stringPlan().heights().footing();
  }

  private Limit floorLimit() {
    return plan.shop()
        .limit(
            PocketClearances.floorKind(plan.cuts()).id(),
            PocketClearances.floorLimit(inputs, plan.cuts()));
  }

  /** What the bridge can do where its saddles don't reach. */
  private void bridge(List<Way> ways, double up) {
    BridgeKind bridge = plan.stringPlan().bridge().kind();
    double needs = proof.saddle().value() - footing();
    double low = bridge.heightLeast() - needs;
    double high = needs - bridge.heightMost();
    Kind kind = low > 0 ? Kind.LET_IN_BRIDGE : Kind.PLATE_UNDER_BRIDGE;
    double by = Math.max(low, high);
    if (by > 0 && by <= MOST_UNDER_BRIDGE) {
      ways.add(
          new Way(
              kind,
              by,
              proof.seating(),
              proof.saddle().value(),
              new Proposal(
                  said(
                      kind,
                      by,
                      Text.of(
                          "its saddles then reach {height}", Text.length(needs + footing(), 1))),
                  b -> accepted(b, kind.words.small().in(Units.MM)))));
    }
  }

  private Text said(Kind kind, double by, Text then) {
    return Text.of(
        "{words}, {by}: {then}; about {minutes} min; {look}",
        kind.words,
        Text.length(by, 2),
        then,
        kind.minutes,
        kind.look);
  }

  private double fret() {
    return inputs.get(FretboardDecisions.WIRE_HEIGHT).value();
  }

  private double board() {
    return proof.joint().value() - fret() - proof.exposed().value();
  }

  /** The pocket as it is counts as made, and everything that it is off by is taken. */
  private Build accepted(Build build, String how) {
    Optional<DoneOperation> done = build.log().done(POCKET);
    if (done.isEmpty()) {
      return build;
    }
    DoneOperation next =
        done.get().accepting(StringKeys.PROOF_SADDLE.id(), proof.saddle().value(), how);
    for (OutdatedCut outdated : OutdatedCut.of(plan, Route.of(plan))) {
      if (outdated.operation().id().equals(POCKET)) {
        next = next.accepting(outdated.planned().id(), outdated.planned().value());
      }
    }
    return build.withLog(build.log().with(next));
  }

  /** It was done: what was read before says nothing any more, and is asked for again. */
  private Build withProposal(Build build, Kind kind, double by) {
    Build unread = unread(build);
    Log log = unread.log();
    Text how = Text.of("{how}, {by}", kind.words.small(), Text.length(by, 2));
    return log.done(POCKET)
        .map(d -> unread.withLog(log.with(d.saying(how.in(Units.MM)))))
        .orElse(unread);
  }

  private static Build unread(Build build) {
    Build next = build;
    for (String id : OutdatedCut.results(build, POCKET)) {
      next = next.withoutMeasured(id);
    }
    return next;
  }
}
