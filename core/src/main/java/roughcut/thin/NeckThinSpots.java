package roughcut.thin;

import roughcut.layout.FretLayout;
import roughcut.measure.Value;
import roughcut.neck.AccessBore;
import roughcut.neck.NeckDetails;
import roughcut.neck.NeckShape;
import roughcut.neck.RodAccess;
import roughcut.neck.TunerLayout;
import roughcut.shop.Limit;

/** What remains round stiffeners, access bore, splines and tuners. */
final class NeckThinSpots {

  /**
   * Enters a spot: kind, words, wood left, place, decisions; with limits by a diameter or plain.
   */
  interface Enter {
    void spot(
        ThinKind kind,
        Limit usual,
        String what,
        Value left,
        double x,
        double y,
        String... changedBy);

    default void spot(
        ThinKind kind, String what, Value left, double x, double y, String... changedBy) {
      spot(kind, kind.limit(), what, left, x, y, changedBy);
    }
  }

  /** Seen from the side rather than from above. */
  private static final double SIDE = Double.NaN;

  private final Enter enter;
  private final FretLayout frets;
  private final NeckShape neck;

  NeckThinSpots(Enter enter, FretLayout frets, NeckShape neck) {
    this.enter = enter;
    this.frets = frets;
    this.neck = neck;
  }

  void find(NeckDetails details) {
    details
        .stiffeners()
        .ifPresent(
            s -> {
              double x = s.leastX().value();
              enter.spot(
                  ThinKind.STIFFENER,
                  "stiffener to back, " + frets.near(x),
                  s.least(),
                  x,
                  SIDE,
                  "stiffener.depth",
                  "stiffener.offset-head",
                  "stiffener.offset-heel");
              enter.spot(
                  ThinKind.STIFFENER_BETWEEN,
                  "rod to stiffener",
                  s.between(),
                  s.bass().from(),
                  SIDE,
                  "stiffener.offset-head",
                  "stiffener.width",
                  "rod.width");
            });
    details.access().ifPresent(this::access);
    details.keyWay().ifPresent(this::keyWay);
    details
        .splines()
        .ifPresent(
            s -> {
              enter.spot(
                  ThinKind.SPLINE_BACK, "spline to back", s.back(), s.x(), SIDE, "spline.depth");
              enter.spot(
                  ThinKind.SPLINE_ROD, "spline to rod", s.rod(), s.x(), SIDE, "spline.offset");
            });
    tuners(details.tuners());
  }

  private void access(AccessBore bore) {
    double at = neck.head().breakX();
    enter.spot(
        ThinKind.ACCESS_BACK,
        "access bore to back",
        bore.back(),
        at,
        SIDE,
        "rod.axis-depth",
        "access.bore",
        "access.tilt");
    enter.spot(
        ThinKind.ACCESS_NUT,
        "access bore under the nut",
        bore.underNut(),
        at,
        SIDE,
        "rod.axis-depth",
        "access.bore");
    enter.spot(
        ThinKind.ACCESS_KEY, "key in its bore", bore.key(), at, SIDE, "access.bore", "access.key");
  }

  private void keyWay(RodAccess way) {
    for (RodAccess.Left left : way.lefts()) {
      ThinKind kind =
          switch (left.kind()) {
            case BACK -> ThinKind.ACCESS_BACK;
            case OVER -> ThinKind.ACCESS_OVER;
            case TUNER -> ThinKind.ACCESS_TUNER;
            case KEY -> ThinKind.ACCESS_KEY;
            case REACH -> ThinKind.ACCESS_REACH;
          };
      enter.spot(
          kind, left.what(), left.value(), left.x(), SIDE, left.changedBy().toArray(String[]::new));
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
    enter.spot(
        ThinKind.TUNER_EDGE,
        "tuner " + edge.string() + " to head edge",
        edge.edge(),
        x(edge),
        edge.y().value(),
        "head.width",
        "tuner.first",
        "tuner.bushing");
    if (layout.tuners().size() > 1) {
      enter.spot(
          ThinKind.TUNER_POST,
          "string " + post.string() + " to a post",
          post.clearance(),
          x(post),
          post.y().value(),
          "tuner.rule",
          "tuner.spacing");
    }
    layout
        .bodyGap()
        .ifPresent(
            gap ->
                enter.spot(
                    ThinKind.TUNER_BODY,
                    "between tuner bodies",
                    gap,
                    x(layout.tuners().get(0)),
                    layout.tuners().get(0).y().value(),
                    "tuner.spacing",
                    "tuner.body"));
  }

  private double x(TunerLayout.Tuner tuner) {
    return neck.head().at(tuner.x().value(), 0).x();
  }
}
