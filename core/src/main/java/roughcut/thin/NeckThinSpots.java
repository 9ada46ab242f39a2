package roughcut.thin;

import roughcut.layout.FretLayout;
import roughcut.measure.Worked;
import roughcut.neck.AccessBore;
import roughcut.neck.NeckDetails;
import roughcut.neck.NeckShape;
import roughcut.neck.RodAccess;
import roughcut.neck.TunerLayout;
import roughcut.shop.Limit;

/** What remains round stiffeners, access bore, splines and tuners. */
final class NeckThinSpots {
  private static final Limit CHANNEL = new Limit(3.5, 2.5);
  private static final Limit BETWEEN = new Limit(3, 2);
  private static final Limit BORE = new Limit(3, 1.5);
  private static final Limit UNDER_NUT = new Limit(1.5, 0);
  private static final Limit OVER = new Limit(1.5, 0.8);
  private static final Limit REACH = new Limit(1, 0);
  private static final Limit TUNER_EDGE = new Limit(6, 4);
  private static final Limit POST = Limit.warnOnly(1.5);
  private static final Limit BODY = new Limit(1, 0);
  private static final Limit KEY = new Limit(0.6, 0.2);

  /** Enters a spot: kind, words, wood left, limit, place, decisions. */
  interface Enter {
    void spot(
        String kind,
        String what,
        Worked left,
        Limit limit,
        double x,
        double y,
        String... changedBy);
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
                  "stiffener.least",
                  "stiffener to back, " + frets.near(x),
                  s.least(),
                  CHANNEL,
                  x,
                  SIDE,
                  "stiffener.depth",
                  "stiffener.offset-head",
                  "stiffener.offset-heel");
              enter.spot(
                  "stiffener.between",
                  "rod to stiffener",
                  s.between(),
                  BETWEEN,
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
                  "spline.back", "spline to back", s.back(), CHANNEL, s.x(), SIDE, "spline.depth");
              enter.spot(
                  "spline.rod", "spline to rod", s.rod(), BETWEEN, s.x(), SIDE, "spline.offset");
            });
    tuners(details.tuners());
  }

  private void access(AccessBore bore) {
    double at = neck.head().breakX();
    enter.spot(
        "access.back",
        "access bore to back",
        bore.back(),
        BORE,
        at,
        SIDE,
        "rod.axis-depth",
        "access.bore",
        "access.tilt");
    enter.spot(
        "access.nut",
        "access bore under the nut",
        bore.underNut(),
        UNDER_NUT,
        at,
        SIDE,
        "rod.axis-depth",
        "access.bore");
    enter.spot(
        "access.key", "key in its bore", bore.key(), KEY, at, SIDE, "access.bore", "access.key");
  }

  private void keyWay(RodAccess way) {
    for (RodAccess.Left left : way.lefts()) {
      Limit limit =
          switch (left.kind()) {
            case BACK -> BORE;
            case OVER -> OVER;
            case TUNER -> BETWEEN;
            case KEY -> KEY;
            case REACH -> REACH;
          };
      enter.spot(
          left.kind().id(),
          left.what(),
          left.value(),
          limit,
          left.x(),
          SIDE,
          left.changedBy().toArray(String[]::new));
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
        "tuner.edge",
        "tuner " + edge.string() + " to head edge",
        edge.edge(),
        TUNER_EDGE,
        x(edge),
        edge.y().value(),
        "head.width",
        "tuner.first",
        "tuner.bushing");
    if (layout.tuners().size() > 1) {
      enter.spot(
          "tuner.post",
          "string " + post.string() + " to a post",
          post.clearance(),
          POST,
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
                    "tuner.body",
                    "between tuner bodies",
                    gap,
                    BODY,
                    x(layout.tuners().get(0)),
                    layout.tuners().get(0).y().value(),
                    "tuner.spacing",
                    "tuner.body"));
  }

  private double x(TunerLayout.Tuner tuner) {
    return neck.head().at(tuner.x().value(), 0).x();
  }
}
