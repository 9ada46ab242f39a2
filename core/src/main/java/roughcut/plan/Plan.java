package roughcut.plan;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import roughcut.blank.NeckBlank;
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
    FretLayout frets,
    FretboardTaper taper,
    StringSpread strings,
    NeckBlank blank,
    NeckShape neck,
    OnePieceHead onePiece,
    Optional<ScarfJoint> scarf,
    RodChannel rod,
    FretboardRadius radius,
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
    OnePieceHead onePiece = OnePieceHead.of(head, ledger);
    Optional<ScarfJoint> scarf =
        head.flat() ? Optional.empty() : Optional.of(ScarfJoint.of(givens, head, ledger));
    FretboardRadius radius = FretboardRadius.of(givens, taper, ledger);
    RodChannel rod = RodChannel.of(givens, neck, ledger);
    List<ThinSpot> thin = ThinSpots.of(shop, ledger, frets, strings, blank, neck, rod, radius);
    List<Problem> problems = Problems.of(givens, frets, taper, strings);
    return new Plan(
        build,
        frets,
        taper,
        strings,
        blank,
        neck,
        onePiece,
        scarf,
        rod,
        radius,
        ledger.values(),
        thin,
        problems);
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
