package roughcut.drawing;

import java.util.ArrayList;
import java.util.List;
import roughcut.design.BodyFace;
import roughcut.geometry.Point;
import roughcut.machining.BodyPrograms;
import roughcut.machining.CutterWay;
import roughcut.machining.MachineProgram;
import roughcut.machining.SimulationFault;
import roughcut.measure.Units;
import roughcut.plan.Plan;

/** A body on a CNC router: its routs, the work's zero and the cutter's way through them. */
public final class ProgramDrawing {
  /** Half of the cross at the zero, mm. */
  private static final double CROSS = 6;

  /** More faults than that are told beside the drawing. */
  private static final int MOST_SPOTS = 40;

  private ProgramDrawing() {}

  /** The body before its programs are worked out. */
  public static Drawing bare(Plan plan, Units units, BodyFace face) {
    return BodyDrawing.of(plan, units, face, BodyDrawing.Shows.PROGRAMS, "");
  }

  /**
   * With one program's way on it.
   *
   * @param chosen of the programs; none where there are none
   */
  public static Drawing of(Plan plan, Units units, BodyPrograms programs, int chosen) {
    BodyFace face = programs.frame().face();
    Drawing body = bare(plan, units, face);
    Sketch sketch = new Sketch(plan, units);
    sketch.seen(View.of(face));
    if (chosen < programs.programs().size()) {
      way(sketch, programs, programs.programs().get(chosen));
    }
    Point zero = programs.frame().zero();
    sketch.line(Role.STOP, zero.x() - CROSS, zero.y(), zero.x() + CROSS, zero.y());
    sketch.line(Role.STOP, zero.x(), zero.y() - CROSS, zero.x(), zero.y() + CROSS);
    List<Mark> marks = new ArrayList<>(body.marks());
    marks.addAll(sketch.marks());
    return new Drawing(body.title(), marks, body.bounds(), body.pieces());
  }

  private static void way(Sketch sketch, BodyPrograms programs, MachineProgram program) {
    for (CutterWay way : CutterWay.of(program, programs.frame())) {
      sketch.path(way.rapid() ? Role.STOCK : Role.MEASURED, false, way.points());
    }
    int spots = 0;
    for (SimulationFault fault : program.report().faults()) {
      if (fault.at().isPresent() && spots++ < MOST_SPOTS) {
        Point at = programs.frame().planned(fault.at().get().flat());
        sketch.spot(
            fault.stops() ? Role.STOP : Role.LOOK, at.x(), at.y(), fault.words(), false, spots);
      }
    }
  }
}
