package roughcut.drawing;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import roughcut.bench.Bench;
import roughcut.bench.Operation;
import roughcut.bench.ReferenceFace;
import roughcut.drawing.Mark.Anchor;
import roughcut.drawing.Mark.Size;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.part.PartId;
import roughcut.plan.Grip;

/**
 * The order of work as a picture: a lane for each part, its operations as blocks along the hours of
 * work, and beneath them the faces that are there, each as a line that ends where an operation
 * takes it away.
 */
public final class BenchDrawing {
  /** Drawn units an hour of work. */
  private static final double HOUR = 15;

  private static final double LEAST = 5.5;
  private static final double BLOCK = 16;
  private static final double FACE = 23;
  private static final double GAP = 7;
  private static final double NAMES = 82;

  private static final String DONE = "#D8D2C5";
  private static final String READY = "#CFE0E6";
  private static final String OWES = "#F0DDB8";

  private final Bench bench;
  private final String chosen;
  private final Sketch sketch;
  private final Map<Operation, double[]> along = new LinkedHashMap<>();
  private double end;

  private BenchDrawing(Bench bench, String chosen, Units units) {
    this.bench = bench;
    this.chosen = chosen;
    this.sketch = new Sketch(units);
  }

  /**
   * Draws it.
   *
   * @param chosen id of the operation that is looked at; may be none
   */
  public static Drawing of(Bench bench, String chosen, Units units) {
    return new BenchDrawing(bench, chosen, units).draw();
  }

  /** How far along the middle of an operation lies, in the drawing's units. */
  public static double from(Bench bench, String operation) {
    BenchDrawing drawing = new BenchDrawing(bench, "", Units.MM);
    drawing.place();
    return drawing.along.entrySet().stream()
        .filter(e -> e.getKey().id().equals(operation))
        .mapToDouble(e -> (e.getValue()[0] + e.getValue()[1]) / 2)
        .findFirst()
        .orElse(0);
  }

  /** The operation that lies so far along: what a block is let go before; empty for the end. */
  public static String at(Bench bench, double x) {
    BenchDrawing drawing = new BenchDrawing(bench, "", Units.MM);
    drawing.place();
    for (Map.Entry<Operation, double[]> one : drawing.along.entrySet()) {
      if (x < one.getValue()[1]) {
        return one.getKey().id();
      }
    }
    return "";
  }

  private void place() {
    double x = 0;
    for (Bench.OperationStatus step : bench.steps()) {
      double wide = Math.max(LEAST, step.operation().minutes() / 60.0 * HOUR);
      along.put(step.operation(), new double[] {x, x + wide});
      x += wide;
    }
    end = x;
  }

  private Drawing draw() {
    place();
    double y = 0;
    for (PartId part : PartId.values()) {
      List<Bench.OperationStatus> steps =
          bench.steps().stream().filter(s -> s.operation().part() == part).toList();
      if (!steps.isEmpty()) {
        y = lane(part, steps, y);
      }
    }
    hours(y);
    return sketch.drawing(
        Text.of("{size} operations", bench.steps().size()),
        new Bounds(-NAMES - 8, y - 14, end + 6, 8));
  }

  private double lane(PartId part, List<Bench.OperationStatus> steps, double top) {
    // Faces that come and go together stand in one row.
    Map<List<List<Double>>, List<String>> rows = new LinkedHashMap<>();
    for (ReferenceFace face : ReferenceFace.values()) {
      if (face.part() == part && !spans(face).isEmpty()) {
        rows.computeIfAbsent(spans(face), s -> new ArrayList<>())
            .add(face.brief().in(sketch.units()));
      }
    }
    double low = top - BLOCK;
    sketch.text(
        Role.OUTLINE, -NAMES, low + BLOCK / 2 - 2, Text.of(part.word()), Anchor.START, Size.NORMAL);
    sketch.line(Role.STOCK, 0, low + BLOCK / 2, end, low + BLOCK / 2);
    steps.forEach(s -> block(s, low));
    double y = low;
    for (Map.Entry<List<List<Double>>, List<String>> row : rows.entrySet()) {
      y -= FACE;
      for (List<Double> span : row.getKey()) {
        face(span, y);
      }
      double x = row.getKey().get(0).get(0) - 3;
      String names = String.join(", ", row.getValue());
      sketch.text(Role.NOTE, x, y - 5, Text.raw(names), Anchor.END, Size.SMALL);
    }
    return y - GAP;
  }

  private void block(Bench.OperationStatus step, double low) {
    double[] x = along.get(step.operation());
    Outline shape = Outline.rectangle(x[0] + 0.4, low, x[1] - 0.4, low + BLOCK);
    boolean looked = step.operation().id().equals(chosen);
    switch (step.state()) {
      case DONE -> {
        sketch.fill(Role.COVERED, shape, DONE);
        sketch.outline(Role.COVERED, shape);
      }
      case READY -> {
        sketch.fill(Role.TOUCH, shape, READY);
        sketch.outline(Role.TOUCH, shape);
      }
      case OWES -> {
        sketch.fill(Role.LOOK, shape, OWES);
        sketch.outline(Role.LOOK, shape);
      }
      case WAITS -> {
        sketch.hatch(Role.STOCK, shape, 3);
        sketch.outline(Role.NOTE, shape);
      }
      case NOT_YET -> sketch.outline(Role.NOTE, shape);
    }
    if (looked) {
      Outline round = Outline.rectangle(x[0] - 0.8, low - 1.2, x[1] + 0.8, low + BLOCK + 1.2);
      sketch.outline(Role.OUTLINE, round);
    }
    sketch.grip(new Grip.Work(step.operation().id()), shape, Mark.Way.ALONG);
  }

  /** Where a face is there: from what makes it to what takes it away, and 1 where that is so. */
  private List<List<Double>> spans(ReferenceFace face) {
    List<List<Double>> all = new ArrayList<>();
    Map<ReferenceFace, Double> open = new EnumMap<>(ReferenceFace.class);
    for (Bench.OperationStatus step : bench.steps()) {
      Operation op = step.operation();
      if (op.destroys().contains(face) && open.containsKey(face)) {
        all.add(List.of(open.remove(face), along.get(op)[0], 1.0));
      }
      if (op.makes().contains(face)) {
        open.putIfAbsent(face, along.get(op)[1]);
      }
    }
    if (open.containsKey(face)) {
      all.add(List.of(open.get(face), end, 0.0));
    }
    return all;
  }

  private void face(List<Double> span, double y) {
    sketch.line(Role.GLUE_LINE, span.get(0), y, span.get(1), y);
    if (span.get(2) == 1) {
      sketch.line(Role.STOP, span.get(1), y - 2, span.get(1), y + 2);
    }
  }

  private void hours(double y) {
    sketch.line(Role.NOTE, 0, y, end, y);
    double minutes = 0;
    double next = 0;
    for (Map.Entry<Operation, double[]> one : along.entrySet()) {
      if (minutes / 60 >= next) {
        double x = one.getValue()[0];
        sketch.line(Role.NOTE, x, y, x, y - 2.5);
        sketch.text(
            Role.NOTE,
            x,
            y - 8,
            Text.of("{round} h", Math.round(minutes / 60)),
            Anchor.MIDDLE,
            Size.SMALL);
        next += 10;
      }
      minutes += one.getKey().minutes();
    }
  }
}
