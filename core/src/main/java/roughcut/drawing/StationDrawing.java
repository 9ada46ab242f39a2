package roughcut.drawing;

import roughcut.clearance.Clearance;
import roughcut.clearance.ClearanceKind;
import roughcut.design.Decisions;
import roughcut.finding.Chapter;
import roughcut.geometry.Bounds;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.plan.Plan;

/**
 * What each station shows: plan above, elevation below, both on the ruler that starts at the nut
 * line.
 */
public enum StationDrawing {
  LAYOUT {
    @Override
    void views(Plan plan, PlanView above, ElevationView side, Runnable toSide) {
      above.wood();
      above.outlines();
      above.fretboard();
      above.strings();
      above.nut();
      above.bodyEdge();
      above.centreLine(plan.frets().saddle().value());
      toSide.run();
      side.wood();
      side.rodHidden();
      side.top();
    }

    @Override
    double rightEnd(Plan plan) {
      return Math.max(super.rightEnd(plan), plan.frets().saddle().value() + 22);
    }
  },
  BLANKS {
    @Override
    void views(Plan plan, PlanView above, ElevationView side, Runnable toSide) {
      above.stock();
      above.wood();
      above.outlines();
      above.strips();
      above.centreLine(plan.neck().heelEnd().value());
      toSide.run();
      side.roughing();
      side.wood();
    }

    @Override
    double below(Plan plan, Sketch sketch, double side) {
      double half = plan.neck().widestHalf();
      SeenView seen = new SeenView(plan, sketch);
      double sideY = side - ElevationView.depth(plan) - 20;
      sketch.origin(0, sideY);
      seen.side();
      double backY = sideY - plan.neck().heelThickness().value() - half - 20;
      sketch.origin(0, backY);
      seen.back();
      sketch.origin(0, 0);
      return side - ElevationView.depth(plan) - (backY - half);
    }
  },
  NECK {
    @Override
    void views(Plan plan, PlanView above, ElevationView side, Runnable toSide) {
      above.wood();
      above.outlines();
      above.tuners();
      above.nut();
      above.rodHidden();
      above.splines();
      above.seam();
      above.bodyEdge();
      above.centreLine(plan.neck().heelEnd().value());
      toSide.run();
      side.roughing();
      side.wood();
      side.rodHidden();
      side.top();
      side.dimensions();
    }
  },
  CHANNELS {
    @Override
    void views(Plan plan, PlanView above, ElevationView side, Runnable toSide) {
      above.stock();
      above.wood();
      above.outlines();
      above.channelsOpen();
      above.stops();
      above.centreLine(plan.neck().heelEnd().value());
      toSide.run();
      side.wood();
      side.rodHidden();
    }

    /** Fence and stops are told beside the edge that they go by. */
    @Override
    double bassRoom() {
      return 44;
    }
  };

  /** Over the plan where its treble side is up, mm. */
  private static final double TREBLE_ROOM = 14;

  /** Room between the plan's lower edge and the neck's top in the elevation, mm. */
  private static final double BETWEEN = 54;

  abstract void views(Plan plan, PlanView above, ElevationView side, Runnable toSide);

  double rightEnd(Plan plan) {
    return Math.max(plan.neck().heelEnd().value(), plan.taper().end().value()) + 12;
  }

  /** Over the plan where its bass side is up, mm. */
  double bassRoom() {
    return TREBLE_ROOM;
  }

  /** What stands below plan and elevation; hands back how much room it takes, mm. */
  double below(Plan plan, Sketch sketch, double side) {
    return 0;
  }

  /** The station's drawing; the plan's centre line is at y = 0. */
  public Drawing of(Plan plan, Units units) {
    Sketch sketch = new Sketch(plan, units);
    double half = PlanView.halfHeight(plan);
    double side = elevationY(plan);
    sketch.seen(View.ABOVE);
    views(
        plan,
        new PlanView(plan, sketch),
        new ElevationView(plan, sketch),
        () -> {
          sketch.seen(View.PLAIN);
          sketch.origin(0, side);
        });
    double below = below(plan, sketch, side);
    sketch.origin(0, 0);
    spots(plan, sketch, side);
    Bounds bounds =
        new Bounds(
            PlanView.tipX(plan) - 24,
            side - ElevationView.depth(plan) - below - 18,
            rightEnd(plan),
            half + (sketch.frame(View.ABOVE).over() ? bassRoom() : TREBLE_ROOM));
    return sketch.drawing(Text.raw(plan.name()), bounds);
  }

  /**
   * Where the neck's top stands in a station's drawing: so far below the plan's centre line, as a
   * negative y.
   */
  public static double elevationY(Plan plan) {
    return -PlanView.halfHeight(plan) - BETWEEN;
  }

  /** Rings the thin spots that need a look, in the view where the wood is seen. */
  private static void spots(Plan plan, Sketch sketch, double side) {
    for (int i = 0; i < plan.clearances().size(); i++) {
      Clearance clearance = plan.clearances().get(i);
      if (clearance.state() != Clearance.State.CLEAR && !clearance.inBody()) {
        Role role = Role.of(clearance.state(), Role.EDGE);
        boolean above = inPlan(clearance);
        sketch.seen(above ? View.ABOVE : View.PLAIN);
        double y = above ? planY(plan, clearance) : spotY(plan, clearance, side);
        sketch.spot(role, clearance.x(), y, clearance.what(), !above, i);
      }
    }
  }

  /**
   * Where a thin spot is seen in a station's drawing: on the neck's edge in the plan, or on its
   * back in the elevation.
   */
  public static double spotY(Plan plan, Clearance clearance, double side) {
    return inPlan(clearance)
        ? View.ABOVE.frame(plan.given(Decisions.HAND)).y(planY(plan, clearance))
        : side - plan.neck().back().depth(clearance.x());
  }

  private static double planY(Plan plan, Clearance clearance) {
    return Double.isNaN(clearance.y()) ? plan.taper().halfWidth(clearance.x()) : clearance.y();
  }

  /** Whether a thin spot is seen from above; the others are seen from the side. */
  private static boolean inPlan(Clearance clearance) {
    return !Double.isNaN(clearance.y())
        || clearance.kind() != ClearanceKind.HEEL_STOCK
            && clearance.kind().owner() == Chapter.BLANKS
        || clearance.kind() == ClearanceKind.STRING_MARGIN;
  }
}
