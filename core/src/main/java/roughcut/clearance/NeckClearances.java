package roughcut.clearance;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.LENGTH;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import roughcut.blank.BlankKeys;
import roughcut.blank.CurvedInsert;
import roughcut.blank.GlueFace;
import roughcut.blank.NeckBlank;
import roughcut.blank.PlacedStrip;
import roughcut.design.BodyDecisions;
import roughcut.design.Decisions;
import roughcut.design.NeckDecisions;
import roughcut.layout.FretLayout;
import roughcut.layout.FretboardTaper;
import roughcut.layout.LayoutKeys;
import roughcut.measure.Precision;
import roughcut.measure.SearchedValue;
import roughcut.measure.TableValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.neck.AccessBore;
import roughcut.neck.Carving;
import roughcut.neck.Headpiece;
import roughcut.neck.NeckDetails;
import roughcut.neck.NeckShape;
import roughcut.neck.RodAccess;
import roughcut.neck.RodChannel;
import roughcut.neck.Tenon;
import roughcut.neck.TunerLayout;
import roughcut.shop.Shop;

/**
 * What remains of the neck: under rod and stiffeners, outside glue lines, in its blank, round
 * access bore, splines and tuners.
 */
public final class NeckClearances {
  /**
   * What there is.
   *
   * @param spots in the order of looking
   * @param side blank outside the neck's outline
   * @param shaft stock below the finished back where it is deepest
   */
  public record Left(List<Clearance> spots, Value side, Value shaft) {}

  private final ClearanceCollector clearances;
  private final ValueRegistry registry;
  private final FretLayout frets;
  private final NeckShape neck;

  private NeckClearances(Shop shop, ValueRegistry registry, FretLayout frets, NeckShape neck) {
    this.clearances = new ClearanceCollector(shop);
    this.registry = registry;
    this.frets = frets;
    this.neck = neck;
  }

  /**
   * Looks the neck through; {@code registry} has the glue lines' places already.
   *
   * @param stock how deep the shaft's wood is
   */
  public static Left of(
      Shop shop,
      FretLayout frets,
      NeckBlank blank,
      NeckShape neck,
      Value stock,
      RodChannel rod,
      NeckDetails details,
      ValueRegistry registry) {
    NeckClearances look = new NeckClearances(shop, registry, frets, neck);
    look.rod(rod);
    look.strips(blank, neck.taper());
    Value shaft = look.stock(stock);
    look.inserts(blank);
    look.details(details);
    look.bow(details.carving().bow());
    Value side = look.blankSides(blank);
    return new Left(look.clearances.list(), side, shaft);
  }

  /** What sanding a bow out leaves of the fretboard's edge; nothing while there is none to sand. */
  private void bow(Carving.Bow bow) {
    if (bow.sanded().value() > 0) {
      clearances.add(
          ClearanceKind.FRETBOARD_EDGE,
          Text.of("fretboard edge, bow sanded out"),
          bow.edge(),
          neck.taper().end().value(),
          NeckDecisions.BOW.id(),
          NeckDecisions.BOW_ROD.id());
    }
  }

  private void rod(RodChannel rod) {
    double x = rod.leastX().value();
    clearances.add(
        ClearanceKind.ROD,
        Text.of("under the rod, {near}", frets.near(x)),
        rod.least(),
        x,
        Decisions.ROD_DEPTH.id(),
        Decisions.THICKNESS_1.id(),
        Decisions.PROFILE_EXPONENT.id(),
        Decisions.ROD_WIDTH.id());
  }

  /**
   * The outer strip beyond each glue line that the outline reaches; both sides of a symmetrical
   * stack are told as one.
   */
  private void strips(NeckBlank blank, FretboardTaper taper) {
    List<GlueFace> told = new ArrayList<>();
    for (int line = 1; line < blank.strips().size(); line++) {
      GlueFace face = blank.strips().get(line).lower();
      if (told.stream().noneMatch(other -> mirrored(other, face))) {
        told.add(face);
        strip(line, face, blank, taper);
      }
    }
  }

  private static boolean mirrored(GlueFace a, GlueFace b) {
    return Math.abs(Math.abs(a.nut()) - Math.abs(b.nut())) < Precision.NEAR
        && Math.abs(Math.abs(a.heel()) - Math.abs(b.heel())) < Precision.NEAR;
  }

  private void strip(int line, GlueFace face, NeckBlank blank, FretboardTaper taper) {
    Value end = neck.through() ? neck.joint() : neck.heelEnd();
    double atNut = taper.halfWidth(0) - Math.abs(face.nut());
    double atEnd = taper.halfWidth(end.value()) - Math.abs(face.at(end.value()));
    // Inside both ends' outline or outside of it at both: it runs out nowhere, or isn't seen.
    boolean nut = atNut <= atEnd;
    double x = nut ? 0 : end.value();
    if (Math.max(atNut, atEnd) <= 0 || !outermost(line, face, x, blank, taper)) {
      return;
    }
    Value glueLine =
        nut
            ? registry.values().get("blank.glue-line." + line + ".offset")
            : SearchedValue.of(
                "blank.glue-line." + line + ".offset-end",
                Text.of("Glue line {line} from the centre line at the end", line),
                Math.abs(face.at(x)),
                LENGTH,
                Text.of("found by placing the strips side by side"),
                blank.provenance().with(end));
    Value left =
        registry.put(
            "blank.strip-outside." + line + (nut ? ".at-nut" : ".at-end"),
            Text.of(
                nut
                    ? "Strip outside glue line {line} at the nut"
                    : "Strip outside glue line {line} at the end",
                line),
            LENGTH,
            "max(0, (w_nut + (w_2 − w_nut) · x / x_2) / 2 − b)",
            in("w_nut", taper.nutWidth()),
            in("w_2", taper.secondWidth()),
            in("x_2", taper.secondAt()),
            in("x", nut ? TableValue.of(LayoutKeys.NUT_LINE, 0, Text.of("at the nut line")) : end),
            in("b", glueLine));
    double crossed =
        blank.crossings().stream()
            .filter(c -> c.line() == line)
            .mapToDouble(c -> c.x().value())
            .findFirst()
            .orElse(x);
    Text what =
        left.value() > 0
            ? nut ? Text.of("outer strip at the nut") : Text.of("outer strip at the end")
            : Text.of("outer strip runs out, {near}", frets.near(crossed));
    PlacedStrip outer = blank.strips().get(face.nut() + face.heel() < 0 ? line - 1 : line);
    List<String> by = new ArrayList<>(outer.decided("thickness"));
    by.add(nut ? Decisions.NUT_WIDTH.id() : Decisions.FRETBOARD_END_WIDTH.id());
    clearances.add(ClearanceKind.OUTER_STRIP, what, left, crossed, by.toArray(String[]::new));
  }

  /** Only the strip next to the edge runs out; the ones inside it are as wide as they were made. */
  private static boolean outermost(
      int line, GlueFace face, double x, NeckBlank blank, FretboardTaper taper) {
    double nextOut =
        face.nut() + face.heel() < 0
            ? blank.strips().get(line - 1).from(x)
            : blank.strips().get(line).to(x);
    return Math.abs(nextOut) >= taper.halfWidth(x);
  }

  private Value stock(Value stock) {
    double from = Math.max(0, neck.back().straightFrom());
    double to = neck.back().straightTo();
    double deepestX = neck.thickness().slope() >= 0 ? to : from;
    Value spare =
        registry.find(
            ClearanceKeys.SHAFT_SPARE,
            stock.value() - neck.thickness().depth(deepestX),
            Text.of("found as shaft less the deepest point of the back, without fretboard"),
            neck.provenance().with(stock));
    clearances.add(
        ClearanceKind.SHAFT_STOCK,
        Text.of("stock under back, {near}", frets.near(deepestX)),
        spare,
        deepestX,
        Decisions.THICKNESS_12.id(),
        Decisions.THICKNESS_1.id(),
        Decisions.SHAFT_THICKNESS.id());
    return spare;
  }

  private void inserts(NeckBlank blank) {
    for (CurvedInsert insert : blank.inserts()) {
      clearances.add(
          ClearanceKind.INSERT,
          Text.of("beside the curved joint {line}", insert.line()),
          insert.left(),
          blank.strips().get(0).lower().heelEnd() / 2,
          Stream.of(insert.swelling().decided("bow"), insert.neighbour().decided("thickness"))
              .flatMap(List::stream)
              .toArray(String[]::new));
    }
  }

  /** Sides of stack and outline are straight: there is least at the nut or at the other end. */
  private Value blankSides(NeckBlank blank) {
    Value end = neck.through() ? neck.joint() : neck.heelEnd();
    double atNut = blank.halfWidth(0) - neck.taper().halfWidth(0);
    double atEnd = blank.halfWidth(end.value()) - neck.taper().halfWidth(end.value());
    boolean nut = atNut < atEnd;
    Value x = nut ? TableValue.of(LayoutKeys.NUT_LINE, 0, Text.of("at the nut line")) : end;
    Value stack =
        SearchedValue.of(
            BlankKeys.BLANK_WIDTH_THERE,
            2 * blank.halfWidth(x.value()),
            Text.of("found where it is closest to the outline"),
            blank.provenance().with(x));
    Value side =
        registry.put(
            ClearanceKeys.BLANK_SIDE_SPARE,
            "W / 2 − (w_nut + (w_2 − w_nut) · x / x_2) / 2",
            in("W", stack),
            in("w_nut", neck.taper().nutWidth()),
            in("w_2", neck.taper().secondWidth()),
            in("x", x),
            in("x_2", neck.taper().secondAt()));
    clearances.add(
        ClearanceKind.BLANK_SIDE,
        Text.of(
            "blank beside the {detail}",
            nut ? Text.of("nut") : neck.through() ? Text.of("neck at the body") : Text.of("heel")),
        side,
        x.value(),
        "neck.strip.1.thickness",
        nut ? Decisions.NUT_WIDTH.id() : Decisions.FRETBOARD_END_WIDTH.id());
    return side;
  }

  private void details(NeckDetails details) {
    details
        .stiffeners()
        .ifPresent(
            s -> {
              double x = s.leastX().value();
              clearances.add(
                  ClearanceKind.STIFFENER,
                  Text.of("stiffener to back, {near}", frets.near(x)),
                  s.least(),
                  x,
                  NeckDecisions.STIFFENER_DEPTH.id(),
                  NeckDecisions.STIFFENER_HEAD.id(),
                  NeckDecisions.STIFFENER_HEEL.id());
              clearances.add(
                  ClearanceKind.STIFFENER_BETWEEN,
                  Text.of("rod to stiffener"),
                  s.between(),
                  s.bass().from(),
                  NeckDecisions.STIFFENER_HEAD.id(),
                  NeckDecisions.STIFFENER_WIDTH.id(),
                  Decisions.ROD_WIDTH.id());
            });
    details.access().ifPresent(this::access);
    details.keyWay().ifPresent(this::keyWay);
    details
        .splines()
        .ifPresent(
            s -> {
              clearances.add(
                  ClearanceKind.SPLINE_BACK,
                  Text.of("spline to back"),
                  s.back(),
                  s.x(),
                  NeckDecisions.SPLINE_DEPTH.id());
              clearances.add(
                  ClearanceKind.SPLINE_ROD,
                  Text.of("spline to rod"),
                  s.rod(),
                  s.x(),
                  NeckDecisions.SPLINE_OFFSET.id());
            });
    if (!details.tuners().tuners().isEmpty()) {
      tuners(details.tuners());
    }
    details.headpiece().ifPresent(this::headpiece);
    details
        .tenon()
        .flatMap(Tenon::beside)
        .ifPresent(
            wood ->
                clearances.add(
                    ClearanceKind.TENON_CHANNEL,
                    Text.of("channel to the side of the tenon"),
                    wood,
                    neck.joint().value(),
                    BodyDecisions.TENON_WIDTH.id(),
                    Decisions.ROD_LENGTH.id(),
                    NeckDecisions.STIFFENER_LENGTH.id()));
  }

  private void headpiece(Headpiece piece) {
    double at = neck.head().at(piece.along().value(), 0).x();
    clearances.add(
        ClearanceKind.HEADPIECE_EDGE,
        Text.of("headpiece screw to edge"),
        piece.edge(),
        at,
        NeckDecisions.HEADPIECE_SPREAD.id(),
        NeckDecisions.HEADPIECE_SCREW.id());
    clearances.add(
        ClearanceKind.HEADPIECE_EDGE,
        Text.of("headpiece screw to end"),
        piece.end(),
        at,
        NeckDecisions.HEAD_STUB.id(),
        NeckDecisions.HEADPIECE_SCREWS_AT.id());
    clearances.add(
        ClearanceKind.HEADPIECE_UNDER,
        Text.of("under the headpiece screws"),
        piece.under(),
        at,
        NeckDecisions.HEADPIECE_BITE.id(),
        NeckDecisions.HEADPIECE_SPREAD.id(),
        Decisions.THICKNESS_1.id());
  }

  private void access(AccessBore bore) {
    double at = neck.head().breakX();
    clearances.add(
        ClearanceKind.ACCESS_BACK,
        Text.of("access hole to back"),
        bore.back(),
        at,
        NeckDecisions.ROD_AXIS.id(),
        NeckDecisions.ACCESS_BORE.id(),
        NeckDecisions.ACCESS_TILT.id());
    clearances.add(
        ClearanceKind.ACCESS_NUT,
        Text.of("access hole under the nut"),
        bore.underNut(),
        at,
        NeckDecisions.ROD_AXIS.id(),
        NeckDecisions.ACCESS_BORE.id());
    clearances.add(
        ClearanceKind.ACCESS_KEY,
        Text.of("key in its hole"),
        bore.key(),
        at,
        NeckDecisions.ACCESS_BORE.id(),
        NeckDecisions.KEY_SIZE.id());
  }

  private void keyWay(RodAccess way) {
    for (RodAccess.Left left : way.lefts()) {
      ClearanceKind kind =
          switch (left.kind()) {
            case BACK -> ClearanceKind.ACCESS_BACK;
            case OVER -> ClearanceKind.ACCESS_OVER;
            case TUNER -> ClearanceKind.ACCESS_TUNER;
            case KEY -> ClearanceKind.ACCESS_KEY;
            case REACH -> ClearanceKind.ACCESS_REACH;
          };
      clearances.add(
          kind, left.what(), left.value(), left.x(), left.changedBy().toArray(String[]::new));
    }
  }

  /** The tuner that has least of each. */
  private void tuners(TunerLayout layout) {
    TunerLayout.Tuner edge = layout.tuners().get(0);
    TunerLayout.Tuner post = edge;
    for (TunerLayout.Tuner tuner : layout.tuners()) {
      edge = tuner.edge().value() < edge.edge().value() ? tuner : edge;
      post = tuner.clearance().value() < post.clearance().value() ? tuner : post;
    }
    clearances.add(
        ClearanceKind.TUNER_EDGE,
        Text.of("tuner {string} to headstock edge", edge.string()),
        edge.edge(),
        x(edge),
        edge.y().value(),
        Decisions.HEAD_WIDTH.id(),
        NeckDecisions.TUNER_FIRST.id(),
        NeckDecisions.TUNER_BUSHING.id());
    if (layout.tuners().size() > 1) {
      clearances.add(
          ClearanceKind.TUNER_POST,
          Text.of("string {string} to a post", post.string()),
          post.clearance(),
          x(post),
          post.y().value(),
          NeckDecisions.TUNER_RULE.id(),
          NeckDecisions.TUNER_SPACING.id());
    }
    layout
        .bodyGap()
        .ifPresent(
            gap ->
                clearances.add(
                    ClearanceKind.TUNER_BODY,
                    Text.of("between tuner bodies"),
                    gap,
                    x(layout.tuners().get(0)),
                    layout.tuners().get(0).y().value(),
                    NeckDecisions.TUNER_SPACING.id(),
                    NeckDecisions.TUNER_BODY.id()));
  }

  private double x(TunerLayout.Tuner tuner) {
    return neck.head().at(tuner.x().value(), 0).x();
  }
}
