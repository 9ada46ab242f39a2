package roughcut.machining;

import java.util.ArrayList;
import java.util.List;
import roughcut.gcode.Program;
import roughcut.gcode.Step;
import roughcut.gcode.Zeros;
import roughcut.geometry.Point;
import roughcut.geometry.Point3;

/**
 * A stretch of a cutter's way as seen from above, in the plan.
 *
 * @param rapid whether it is gone in air
 * @param points of it, in their order
 */
public record CutterWay(boolean rapid, List<Point> points) {
  public CutterWay {
    points = List.copyOf(points);
  }

  /** All of a program's way, as its text leads a cutter: what is drawn is what would be done. */
  public static List<CutterWay> of(MachineProgram program, FaceFrame frame) {
    List<CutterWay> ways = new ArrayList<>();
    List<Point> points = new ArrayList<>();
    boolean rapid = true;
    for (Step.Move move : Program.read(program.text(), Zeros.WORK, false).moves()) {
      if (points.isEmpty() || move.rapid() != rapid) {
        close(ways, rapid, points);
        rapid = move.rapid();
        points.add(planned(frame, move.from()));
      }
      points.add(planned(frame, move.to()));
    }
    close(ways, rapid, points);
    return ways;
  }

  private static Point planned(FaceFrame frame, Point3 at) {
    return frame.planned(at.flat());
  }

  /** Straight up or down nothing is seen. */
  private static void close(List<CutterWay> ways, boolean rapid, List<Point> points) {
    if (points.stream().distinct().count() > 1) {
      ways.add(new CutterWay(rapid, points));
    }
    points.clear();
  }
}
