package roughcut.drawing;

import java.util.ArrayList;
import java.util.List;
import roughcut.bench.Operation;
import roughcut.design.BodyFace;
import roughcut.design.OperationId;
import roughcut.geometry.Bounds;
import roughcut.geometry.Frame;
import roughcut.geometry.Point;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.record.DoneOperation;
import roughcut.rout.Cut;
import roughcut.rout.CutKind;

/** The drawing that belongs to one operation, close to where it is made. */
public final class OperationDrawing {
  /** So much is shown around a cut, mm. */
  private static final double ROUND = 45;

  private static final List<OperationId> AT_HEAD =
      List.of(
          OperationId.HEAD_SAW,
          OperationId.HEAD_STEP_DOWN,
          OperationId.HEAD_VENEER,
          OperationId.HEAD_THICKNESS,
          OperationId.HEAD_OUTLINE,
          OperationId.HEAD_TUNERS,
          OperationId.HEADPIECE_DRILL,
          OperationId.HEADPIECE_FIT);

  private OperationDrawing() {}

  public static Drawing of(Plan plan, Operation operation, Units units) {
    List<Cut> cuts =
        plan.cuts().cuts().stream()
            .filter(c -> DoneOperation.cut(c.row()).equals(operation.id()))
            .toList();
    if (!cuts.isEmpty()) {
      return cut(plan, cuts, units);
    }
    return bare(station(plan, operation, units));
  }

  private static Drawing station(Plan plan, Operation operation, Units units) {
    return switch (operation.chapter()) {
      case LAYOUT -> StationDrawing.LAYOUT.of(plan, units);
      case BLANKS -> BoardsDrawing.of(plan, units);
      case FRETBOARD -> FretboardDrawing.sheet(plan, units);
      case NECK ->
          operation.is(OperationId.NECK_CARVE)
              ? CarvingDrawing.of(plan, units)
              : AT_HEAD.stream().anyMatch(operation::is)
                  ? HeadDrawing.of(plan, units)
                  : operation.is(OperationId.ROD_ACCESS)
                      ? AccessDrawing.of(plan, units)
                      : operation.is(OperationId.ROD_CHANNEL)
                              || operation.is(OperationId.STIFFENER_CHANNELS)
                          ? StationDrawing.CHANNELS.of(plan, units)
                          : StationDrawing.NECK.of(plan, units);
      case STRINGS -> BridgeDrawing.of(plan, units);
      case BODY, ROUTS -> BodyDrawing.of(plan, units, BodyFace.TOP, BodyDrawing.Shows.OUTLINE, "");
    };
  }

  private static Drawing cut(Plan plan, List<Cut> cuts, Units units) {
    Cut first = cuts.get(0);
    BodyFace face = first.from().opens(BodyFace.BACK) ? BodyFace.BACK : BodyFace.TOP;
    Drawing whole = BodyDrawing.of(plan, units, face, BodyDrawing.Shows.CUTS, first.name());
    Frame frame = BodyDrawing.frame(plan, face);
    Bounds near =
        cuts.stream()
            .flatMap(c -> c.shapes().stream())
            .map(o -> o.bounds())
            .reduce(Bounds::and)
            .orElseThrow();
    Bounds round = frame.of(near).expanded(ROUND);
    List<Mark> marks = new ArrayList<>(bare(whole).marks());
    for (Cut cut : cuts) {
      if (cut.kind() == CutKind.POCKET) {
        continue; // rails round the neck place it
      }
      Point at = frame.of(cut.shapes().get(0).centre());
      double y = at.y();
      if (Math.abs(y) >= 1) {
        marks.add(
            new Mark.Dimension(
                Role.DIMENSION,
                new Point(at.x(), 0),
                new Point(at.x(), y),
                0,
                NumberWriter.text(Math.abs(y), Quantity.LENGTH, units),
                null));
      }
      marks.add(
          new Mark.Text(
              Role.DIMENSION,
              new Point(at.x(), y + (y < 0 ? -9 : 7)),
              NumberWriter.text(at.x() - plan.neck().joint().value(), Quantity.LENGTH, units)
                  + " from the body edge",
              Mark.Anchor.MIDDLE,
              Mark.Size.NORMAL,
              0,
              null));
    }
    return new Drawing(first.words().in(units), marks, round);
  }

  /** Without what can be taken hold of: there is nothing to drag at a machine. */
  private static Drawing bare(Drawing drawing) {
    return new Drawing(
        drawing.title(),
        drawing.marks().stream().filter(m -> !m.toBeAsked()).toList(),
        drawing.bounds());
  }
}
