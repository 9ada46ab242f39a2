package roughcut.thin;

import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Worked.in;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import roughcut.blank.BlankTree;
import roughcut.blank.CurvedInsert;
import roughcut.blank.NeckBlank;
import roughcut.design.Givens;
import roughcut.fretboard.FretboardRadius;
import roughcut.fretboard.Slots;
import roughcut.layout.FretLayout;
import roughcut.layout.FretboardTaper;
import roughcut.layout.StringSpread;
import roughcut.measure.Found;
import roughcut.measure.Known;
import roughcut.measure.Ledger;
import roughcut.measure.Value;
import roughcut.neck.NeckDetails;
import roughcut.neck.NeckShape;
import roughcut.neck.RodChannel;
import roughcut.rout.BodyCuts;
import roughcut.shop.Limit;
import roughcut.shop.Shop;

/**
 * Finds the thin spots of an instrument, worst first. The limits are the handbook's unless the shop
 * has its own.
 */
public final class ThinSpots {

  private final Shop shop;
  private final Ledger ledger;

  private final FretLayout frets;
  private final List<ThinSpot> found = new ArrayList<>();

  private ThinSpots(Shop shop, Ledger ledger, FretLayout frets) {

    this.shop = shop;
    this.ledger = ledger;
    this.frets = frets;
  }

  /** Every thin spot, the worst first: by state, then by how little of the limit is left. */
  public static List<ThinSpot> of(
      Shop shop,
      Ledger ledger,
      Givens givens,
      FretLayout frets,
      StringSpread strings,
      NeckBlank blank,
      NeckShape neck,
      RodChannel rod,
      FretboardRadius radius,
      BlankTree tree,
      NeckDetails details,
      Slots slots,
      BodyCuts body,
      Value sideDots) {
    ThinSpots spots = new ThinSpots(shop, ledger, frets);
    spots.rod(rod);
    spots.strips(blank, neck.taper());
    spots.strings(strings, neck.taper());
    spots.fretboardEdge(radius);
    spots.stock(neck);
    spots.heel(neck, tree);
    spots.inserts(blank);
    new NeckThinSpots(spots::addAt, frets, neck).find(details);
    spots.blankSides(blank, neck);
    spots.fretboard(slots, sideDots);
    new BodyThinSpots(spots::addAt, givens, ledger, body).find();
    spots.found.replaceAll(new BodyNow(givens, body)::of);
    spots.found.sort(Comparator.comparing(ThinSpot::state).thenComparingDouble(ThinSpot::share));
    return List.copyOf(spots.found);
  }

  private void addAt(
      ThinKind kind,
      Limit usual,
      String what,
      Value left,
      double x,
      double y,
      String... changedBy) {
    found.add(
        new ThinSpot(kind, what, left, shop.limit(kind.id(), usual), x, y, List.of(changedBy)));
  }

  private void add(ThinKind kind, String what, Value left, double x, String... changedBy) {
    addAt(kind, kind.limit(), what, left, x, Double.NaN, changedBy);
  }

  private void rod(RodChannel rod) {
    double x = rod.leastX().value();
    add(
        ThinKind.ROD,
        "under the rod, " + frets.near(x),
        rod.least(),
        x,
        "rod.depth",
        "neck.thickness-1",
        "neck.profile-exponent",
        "rod.width");
  }

  /**
   * The outer strip beyond each glue line that the outline reaches; both sides of a symmetrical
   * stack are told as one.
   */
  private void strips(NeckBlank blank, FretboardTaper taper) {
    double heel = Math.max(taper.halfWidth(0), taper.secondWidth().value() / 2);
    List<Double> told = new ArrayList<>();
    for (int line = 1; line < blank.strips().size(); line++) {
      double offset = blank.strips().get(line).from();
      double b = Math.abs(offset);
      if (b >= heel || told.stream().anyMatch(other -> Math.abs(other - b) < 1e-6)) {
        continue;
      }
      told.add(b);
      strip(line, offset, blank, taper);
    }
  }

  private void strip(int line, double offset, NeckBlank blank, FretboardTaper taper) {
    Value glueLine = ledger.values().get("blank.glue-line." + line + ".offset");
    double crossed =
        blank.crossings().stream()
            .filter(c -> c.line() == line)
            .mapToDouble(c -> c.x().value())
            .findFirst()
            .orElse(0);
    // Only the strip next to the edge can run out; the ones inside it are as wide as they were
    // made.
    double nextOut =
        offset < 0 ? blank.strips().get(line - 1).from() : blank.strips().get(line).to();
    if (Math.abs(nextOut) < taper.halfWidth(0)) {
      return;
    }
    Value left =
        ledger.put(
            "blank.strip-outside." + line + ".at-nut",
            "Strip outside glue line " + line + " at the nut",
            LENGTH,
            "max(0, w_nut / 2 − b)",
            in("w_nut", taper.nutWidth()),
            in("b", glueLine));
    String what =
        left.value() > 0
            ? "outer strip at the nut"
            : "outer strip runs out, " + frets.near(crossed);
    int outer = offset < 0 ? line : line + 1;
    add(
        ThinKind.OUTER_STRIP,
        what,
        left,
        crossed,
        "neck.strip." + outer + ".thickness",
        "nut.width");
  }

  private void strings(StringSpread strings, FretboardTaper taper) {
    FretLayout.Fret last = frets.last();
    Value width = taper.fretWidths().get(last.number() - 1);
    Value worst = null;
    for (int number = 1; number <= strings.count(); number += Math.max(1, strings.count() - 1)) {
      Value nut = strings.atNut().get(number - 1);
      Value saddle = strings.atSaddle().get(number - 1);
      Value margin =
          ledger.put(
              "string." + number + ".margin-at-last-fret",
              "Fretboard edge to string " + number + " at the last fret",
              FINE_LENGTH,
              "w / 2 − abs(y_n + (y_s − y_n) · (d − x_n) / l)",
              in("w", width),
              in("y_n", nut),
              in("y_s", saddle),
              in("d", last.fromNut()),
              in(
                  "x_n",
                  Found.of(
                      "string." + number + ".nut-line",
                      "Nut at string " + number,
                      strings.nutX(number),
                      FINE_LENGTH,
                      "found along the string",
                      strings.lengthwise(number))),
              in(
                  "l",
                  Found.of(
                      "string." + number + ".scale",
                      "Scale of string " + number,
                      strings.scale(number),
                      LENGTH,
                      "found along the string",
                      strings.lengthwise(number))));
      worst = worst == null || margin.value() < worst.value() ? margin : worst;
    }
    add(
        ThinKind.STRING_MARGIN,
        "string to edge, fret " + last.number(),
        worst,
        last.x(),
        "fretboard.end-width",
        "bridge.spread",
        "nut.edge-margin");
  }

  private void fretboardEdge(FretboardRadius radius) {
    boolean nut = radius.edgeAtNut().value() < radius.edgeAtEnd().value();
    add(
        ThinKind.FRETBOARD_EDGE,
        "fretboard edge, " + (nut ? "nut" : "end"),
        nut ? radius.edgeAtNut() : radius.edgeAtEnd(),
        nut ? 0 : radius.end(),
        "fretboard.thickness",
        nut ? "fretboard.radius-nut" : "fretboard.radius-end");
  }

  /** Under slots, beside side dots. */
  private void fretboard(Slots slots, Value sideDots) {
    add(
        ThinKind.SLOT,
        "under slot, fret " + slots.least().number(),
        slots.least().under(),
        slots.least().x(),
        "fretboard.thickness",
        "wire.tang",
        "slot.clearance");
    Value notch = ledger.values().get("fretboard.notch-left");
    if (notch != null) {
      add(
          ThinKind.NOTCH,
          "end notch to the last slot",
          notch,
          frets.last().x(),
          "fretboard.notch-length",
          "fretboard.past-last-fret");
    }
    add(ThinKind.SIDE_DOT, "side dot to slot", sideDots, frets.last().x(), "marker.side");
  }

  private void stock(NeckShape neck) {
    double from = Math.max(0, neck.back().straightFrom());
    double to = neck.back().straightTo();
    double deepestX = neck.thickness().slope() >= 0 ? to : from;
    Value shaft = neck.shaft();
    Value spare =
        ledger.find(
            "shaft.spare",
            "Shaft stock below the finished back where it is deepest",
            LENGTH,
            shaft.value() - neck.thickness().depth(deepestX),
            "found as shaft less the deepest of the thickness line without fretboard",
            neck.basis().with(shaft));
    add(
        ThinKind.SHAFT_STOCK,
        "stock under back, " + frets.near(deepestX),
        spare,
        deepestX,
        "neck.thickness-12",
        "neck.thickness-1",
        "shaft.thickness");
  }

  /** Stock below the heel, with its block when it has one. */
  private void heel(NeckShape neck, BlankTree tree) {
    Value spare =
        ledger.put(
            "heel.spare",
            "Stock below the heel",
            LENGTH,
            "s − h",
            in("s", tree.heelDepth()),
            in("h", neck.heelThickness()));
    add(
        ThinKind.HEEL_STOCK,
        "stock under heel",
        spare,
        neck.joint().value(),
        "heel.thickness",
        "shaft.thickness");
  }

  private void inserts(NeckBlank blank) {
    for (CurvedInsert insert : blank.inserts()) {
      add(
          ThinKind.INSERT,
          "beside the curved joint " + insert.line(),
          insert.left(),
          blank.strips().get(0).lower().heelEnd() / 2,
          "neck.strip." + insert.line() + ".bow");
    }
  }

  private void blankSides(NeckBlank blank, NeckShape neck) {
    double end = neck.through() ? neck.joint().value() : neck.heelEnd().value();
    double widestX = neck.taper().halfWidth(end) > neck.taper().halfWidth(0) ? end : 0;
    Value side =
        ledger.put(
            "blank.side-spare",
            "Blank outside the neck's outline, each side",
            LENGTH,
            "W / 2 − (w_nut + (w_2 − w_nut) · x / x_2) / 2",
            in("W", blank.width()),
            in("w_nut", neck.taper().nutWidth()),
            in("w_2", neck.taper().secondWidth()),
            in(
                "x",
                widestX > 0
                    ? neck.through() ? neck.joint() : neck.heelEnd()
                    : Known.of("nut.line", "Nut line", 0, FINE_LENGTH, "where the nut line is")),
            in("x_2", neck.taper().secondAt()));
    add(
        ThinKind.BLANK_SIDE,
        "blank beside the " + (widestX > 0 ? "heel" : "nut"),
        side,
        widestX,
        "neck.strip.1.thickness",
        "fretboard.end-width");
  }
}
