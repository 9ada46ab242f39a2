package roughcut.drawing;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import roughcut.bench.Bench;
import roughcut.design.BodyFace;
import roughcut.design.DrawnPart;
import roughcut.geometry.Point;
import roughcut.measure.NumberWriter;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.rout.Cut;
import roughcut.shop.Board;
import roughcut.shop.Cutter;

/** Every drawing there is of a plan, and what can be read from marks alone. */
public final class AllDrawings {
  /** Of more cuts than this the rest is drawn like these. */
  private static final int MOST_CUTS = 12;

  private static final int MOST_CUTTERS = 6;

  /** What is ready, cured or due hangs on no day of a test. */
  private static final LocalDateTime NOON = LocalDateTime.of(2026, 5, 4, 12, 0);

  private AllDrawings() {}

  /** Every drawing by its name, drawn when it is asked for. */
  public static Map<String, Supplier<Drawing>> of(Plan plan, Units units) {
    Map<String, Supplier<Drawing>> all = new LinkedHashMap<>();
    for (StationDrawing station : StationDrawing.values()) {
      all.put(station.name(), () -> station.of(plan, units));
    }
    for (Sheet sheet : Sheet.values()) {
      all.put("sheet " + sheet.name(), () -> sheet.of(plan, units));
    }
    all.put("boards", () -> BoardsDrawing.of(plan, units));
    for (Board board : plan.shop().boards()) {
      all.put("board " + board.id(), () -> BoardFace.of(plan, board, units));
    }
    all.put("glue-up", () -> GlueUpDrawing.of(plan, units));
    all.put("milling", () -> MillingDrawing.of(plan, units));
    all.put("body blank", () -> BodyBlankDrawing.of(plan, units));
    all.put("head", () -> HeadDrawing.of(plan, units));
    all.put("access", () -> AccessDrawing.of(plan, units));
    all.put("carving", () -> CarvingDrawing.of(plan, units));
    all.put("bridge", () -> BridgeDrawing.of(plan, units));
    all.put("heights", () -> HeightsDrawing.of(plan, units));
    for (BodyFace face : BodyFace.values()) {
      for (BodyDrawing.Shows shows : BodyDrawing.Shows.values()) {
        all.put("body " + face + " " + shows, () -> BodyDrawing.of(plan, units, face, shows, ""));
      }
    }
    for (DrawnPart part : DrawnPart.WHOLE) {
      Supplier<Drawing> under =
          part.equals(DrawnPart.HEAD)
              ? () -> HeadDrawing.of(plan, units)
              : () -> BodyDrawing.of(plan, units, BodyFace.TOP, BodyDrawing.Shows.OUTLINE, "");
      View view = part.equals(DrawnPart.HEAD) ? View.ABOVE : View.of(BodyFace.TOP);
      all.put(
          "points of " + part.kind(),
          () ->
              OutlinePoints.over(
                  under.get(), plan, units, part, view, new OutlinePoints.Shown(2, 4, true)));
    }
    for (Cut cut : plan.cuts().cuts().stream().limit(MOST_CUTS).toList()) {
      all.put(
          "cut " + cut.name(),
          () -> BodyDrawing.of(plan, units, BodyFace.TOP, BodyDrawing.Shows.CUTS, cut.name()));
      all.put(
          "passes " + cut.name(),
          () -> BodyDrawing.of(plan, units, BodyFace.BACK, BodyDrawing.Shows.PASSES, cut.name()));
    }
    double end = plan.neck().heelEnd().value();
    for (double x : new double[] {0, end / 3, end / 2, end}) {
      // A name that a rounding of the last place leaves as it is.
      all.put("section at " + NumberWriter.fixed(x, 3), () -> SectionView.at(plan, x, units));
    }
    return all;
  }

  /** What is drawn beside the instrument's own views, and turns round for no left hand. */
  public static Map<String, Supplier<Drawing>> beside(Plan plan, Units units) {
    Map<String, Supplier<Drawing>> all = new LinkedHashMap<>();
    all.put("portrait", () -> InstrumentPortrait.of(plan));
    all.put("bench", () -> BenchDrawing.of(Bench.of(plan, NOON), "", units));
    for (Cutter cutter : plan.shop().cutters().stream().limit(MOST_CUTTERS).toList()) {
      all.put("cutter " + cutter.name(), () -> CutterDrawing.of(plan, cutter, units));
    }
    plan.asDrawn()
        .ifPresent(
            drawn ->
                all.put(
                    "as built over as designed",
                    () ->
                        AsBuilt.over(
                            StationDrawing.NECK.of(plan, units),
                            StationDrawing.NECK.of(drawn, units),
                            units)));
    return all;
  }

  /** All of them drawn. */
  static Map<String, Drawing> drawn(Plan plan, Units units) {
    Map<String, Drawing> all = new LinkedHashMap<>();
    of(plan, units).forEach((name, drawing) -> all.put(name, drawing.get()));
    return all;
  }

  /** The places that a mark stands at. */
  public static List<Point> places(Mark mark) {
    if (mark instanceof Mark.Stroke path) {
      return path.points();
    }
    if (mark instanceof Mark.Fill fill) {
      return fill.shape().corners();
    }
    if (mark instanceof Mark.Text text) {
      return List.of(text.at());
    }
    if (mark instanceof Mark.Dimension dimension) {
      return List.of(dimension.a(), dimension.b());
    }
    if (mark instanceof Mark.Spot spot) {
      return List.of(spot.at());
    }
    Mark.Handle handle = (Mark.Handle) mark;
    List<Point> all = new ArrayList<>(handle.ghost());
    all.add(handle.at());
    return all;
  }

  /** The words that a mark says; empty for none. */
  public static String words(Mark mark) {
    return mark instanceof Mark.Text text
        ? text.text()
        : mark instanceof Mark.Dimension dimension
            ? dimension.text()
            : mark instanceof Mark.Spot spot ? spot.text() : "";
  }
}
