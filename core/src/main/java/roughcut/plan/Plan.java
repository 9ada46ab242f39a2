package roughcut.plan;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import roughcut.blank.BlankReadiness;
import roughcut.blank.BodyBlank;
import roughcut.blank.GlueUp;
import roughcut.blank.HeadWings;
import roughcut.blank.MillingPasses;
import roughcut.blank.Movement;
import roughcut.blank.NeckBlank;
import roughcut.blank.NeckRips;
import roughcut.blank.RipPlan;
import roughcut.blank.RipWaysOut;
import roughcut.blank.WayOut;
import roughcut.design.Build;
import roughcut.design.Decisions;
import roughcut.design.Givens;
import roughcut.fretboard.FretboardRadius;
import roughcut.layout.FretLayout;
import roughcut.layout.FretboardTaper;
import roughcut.layout.StringSpread;
import roughcut.measure.Ledger;
import roughcut.measure.Worked;
import roughcut.neck.HeadLine;
import roughcut.neck.NeckShape;
import roughcut.neck.OnePieceHead;
import roughcut.neck.RodChannel;
import roughcut.neck.ScarfJoint;
import roughcut.shop.Shop;
import roughcut.shop.Species;
import roughcut.shop.SpeciesBook;
import roughcut.thin.ThinSpot;
import roughcut.thin.ThinSpots;

/**
 * Everything that follows from a build and a shop: a pure function of the two, whole and immutable,
 * made anew on every edit. For the plan as drawn, ask for {@code Plan.of(build.asDesigned(),
 * shop)}.
 *
 * @param scarf empty on a flat head
 * @param values every worked value by its id, in the order of working
 * @param thinSpots worst first
 * @param problems decisions that exclude each other; the rest of the plan is still worked out as
 *     far as it goes
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
    FretboardRadius radius,
    NeckRips rips,
    GlueUp glueUp,
    MillingPasses milling,
    BodyBlank body,
    List<BlankReadiness.Question> openForBlank,
    Map<String, Worked> values,
    List<ThinSpot> thinSpots,
    List<Problem> problems) {

  public static Plan of(Build build, Shop shop) {
    Givens givens = new Givens(build);
    Ledger ledger = new Ledger();
    FretLayout frets = FretLayout.of(givens, ledger);
    FretboardTaper taper = FretboardTaper.of(givens, frets, ledger);
    StringSpread strings = StringSpread.of(givens, frets, ledger);
    NeckBlank blank = NeckBlank.of(givens, taper, ledger);
    NeckShape neck = NeckShape.of(givens, frets, taper);
    HeadLine head = neck.head();
    OnePieceHead onePiece = OnePieceHead.of(head, neck.heelEnd(), ledger);
    Optional<ScarfJoint> scarf =
        head.flat() ? Optional.empty() : Optional.of(ScarfJoint.of(givens, head, ledger));
    FretboardRadius radius = FretboardRadius.of(givens, taper, ledger);
    RodChannel rod = RodChannel.of(givens, neck, ledger);
    Worked blankLength = scarf.map(ScarfJoint::blankLength).orElse(onePiece.length());
    NeckRips rips = NeckRips.of(givens, shop, blankLength, ledger);
    GlueUp glueUp = GlueUp.of(givens, rips.length(), rips.depth(), ledger);
    ledger.put(
        "stack.width",
        blank.width().label(),
        blank.width().quantity(),
        blank.width().value(),
        "W",
        Worked.in("W", blank.width()));
    HeadWings.of(givens, blank.width(), ledger);
    Movement.of(givens, blank.width(), ledger);
    MillingPasses milling = MillingPasses.of(givens, ledger);
    BodyBlank body = BodyBlank.of(givens, ledger);
    List<ThinSpot> thin = ThinSpots.of(shop, ledger, frets, strings, blank, neck, rod, radius);
    List<Problem> problems = Problems.of(givens, frets, taper, strings);
    List<BlankReadiness.Question> open =
        BlankReadiness.of(
            rips,
            glueUp,
            ledger.values().get("blank.side-spare").value(),
            ledger.values().get("shaft.spare").value());
    return new Plan(
        build,
        shop,
        frets,
        taper,
        strings,
        blank,
        neck,
        onePiece,
        scarf,
        rod,
        radius,
        rips,
        glueUp,
        milling,
        body,
        open,
        ledger.values(),
        thin,
        problems);
  }

  /** What would make the strips of one wood come out of the rack's boards; none when they do. */
  public List<WayOut> waysOut(RipPlan rip) {
    Worked blankLength = scarf.map(ScarfJoint::blankLength).orElse(onePiece.length());
    double half = Math.max(taper.halfWidth(0), taper.halfWidth(neck.heelEnd().value()));
    return RipWaysOut.of(build, shop, blankLength, half, rip);
  }

  /** The worked value of that id. */
  public Optional<Worked> value(String id) {
    return Optional.ofNullable(values.get(id));
  }

  /** What the fretboard is made of. */
  public Species fretboardWood() {
    return SpeciesBook.get(Decisions.FRETBOARD_SPECIES.in(build.design()).word());
  }
}
