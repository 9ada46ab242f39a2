package roughcut.blank;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.AREA;
import static roughcut.measure.Quantity.COUNT;
import static roughcut.measure.Quantity.FORCE;
import static roughcut.measure.Quantity.MASS;
import static roughcut.measure.Quantity.SECONDS;

import java.util.ArrayList;
import java.util.List;
import roughcut.design.BlankDecisions;
import roughcut.design.Clamping;
import roughcut.measure.ComputedValue;
import roughcut.measure.TableValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;
import roughcut.shop.Glue;
import roughcut.shop.GlueBook;

/**
 * Gluing faces of one size together: whether they are spread and the clamps closed before the glue
 * grabs, in how many stages it is done when not, how much glue, how many clamps (handbook page 3,
 * "Glue-ups").
 *
 * @param time spreading and closing all faces at once
 * @param open what the glue allows at today's temperature
 * @param stages fewest glue-ups that each stay within the open time; 0 when not even one face can
 *     be glued
 * @param faceStages which faces each stage glues, counted from 1 at the bass side
 * @param force that one face wants
 * @param clamps the larger of the two counts; 0 in a vacuum bag
 * @param creeps whether so many veneers lie in it that all at once they creep
 */
public record GlueJob(
    Glue glue,
    Clamping clamping,
    Value faces,
    Value area,
    Value time,
    Value open,
    Value stages,
    List<List<Integer>> faceStages,
    Value mass,
    Value force,
    Value byForce,
    Value bySpacing,
    Value clamps,
    Value owned,
    boolean creeps) {

  /** What a vacuum bag presses with, MPa. */
  public static final double VACUUM = 0.08;

  /**
   * What is to be glued.
   *
   * @param prefix of the values' ids: “glue” for the neck's stack
   * @param clampPrefix of the clamp counts' ids
   * @param faces how many
   * @param length of a face
   * @param depth of a face, across the clamps
   * @param density of the densest wood, kg/m³
   * @param outer thickness of the outermost piece, which spreads the clamps' force
   * @param veneers how many of the pieces are veneers
   */
  record Faces(
      String prefix,
      String clampPrefix,
      Value faces,
      Value length,
      Value depth,
      double density,
      Value outer,
      Clamping clamping,
      int veneers) {
    Faces(
        String prefix,
        String clampPrefix,
        Value faces,
        Value length,
        Value depth,
        double density,
        Value outer,
        Clamping clamping) {
      this(prefix, clampPrefix, faces, length, depth, density, outer, clamping, 0);
    }
  }

  /** Veneers in number swim on each other's glue: from so many on they creep. */
  private static final int CREEPING = 3;

  /** Faces that a glue-up with creeping veneers closes at once: one veneer, or two side by side. */
  private static final int FACES_WITH_VENEERS = 4;

  /** What comes of it, in one sentence. */
  public Text verdict() {
    if (faces().value() == 0) {
      return Text.of("One piece: nothing to glue.");
    }
    if (tooCold()) {
      return Text.of("Too cold for this glue: warm the wood and the room first.");
    }
    if (inTime() && !creeps()) {
      return Text.of("Glue all faces at once: they are closed before the glue grabs.");
    }
    if (creeps() && stages().value() > 0) {
      return Text.of(
          "So many veneers creep when you glue them all at once: glue in {number} "
              + "stages, and press each until it holds.",
          Text.fixed(stages().value(), 0));
    }
    return stages().value() == 0
        ? Text.of("This glue grabs before even one face is closed: use a slower one.")
        : Text.of(
            "Not all at once: glue the halves first, then the middle joint, in {number} stages.",
            Text.fixed(stages().value(), 0));
  }

  static GlueJob of(EffectiveInputs inputs, Faces job, ValueRegistry registry) {
    return new Builder(inputs, job, registry).build();
  }

  /** Whether everything can be glued at once in the time there is. */
  public boolean inTime() {
    return time.value() <= open.value();
  }

  public boolean tooCold() {
    return open.value() == 0;
  }

  /**
   * Faces by stages: from the outside inwards, so that halves come first and the middle joint last.
   */
  static List<List<Integer>> stagesOf(int faces, int stages) {
    List<Integer> order = new ArrayList<>();
    for (int low = 1, high = faces; low <= high; low++, high--) {
      order.add(low);
      if (high > low) {
        order.add(high);
      }
    }
    List<List<Integer>> result = new ArrayList<>();
    for (int i = 0; i < stages; i++) {
      result.add(
          order.subList(faces * i / stages, faces * (i + 1) / stages).stream().sorted().toList());
    }
    return result;
  }

  /** Works one job out, value by value. */
  private static final class Builder {
    private final EffectiveInputs inputs;
    private final Faces job;
    private final ValueRegistry registry;
    private final Glue glue;
    private final Value area;
    private final Value spreading;
    private final Value spreadingArea;
    private final Value begin;
    private final Value each;

    private Builder(EffectiveInputs inputs, Faces job, ValueRegistry registry) {
      this.spreading = inputs.get(BlankDecisions.GLUE_FACE);
      this.spreadingArea = inputs.get(BlankDecisions.GLUE_AREA);
      this.begin = inputs.get(BlankDecisions.GLUE_BEGIN);
      this.each = inputs.get(BlankDecisions.GLUE_CLAMP);
      this.inputs = inputs;
      this.job = job;
      this.registry = registry;
      this.glue = GlueBook.get(inputs.get(BlankDecisions.GLUE).word());
      this.area =
          registry.put(
              job.prefix + ".face-area",
              Text.of("Area of one face"),
              AREA,
              "L · D / 100",
              in("L", job.length),
              in("D", job.depth));
    }

    private boolean nothing() {
      return job.faces.value() == 0;
    }

    private boolean vacuum() {
      return switch (job.clamping) {
        case VACUUM_BAG -> true;
        case CLAMPS -> false;
      };
    }

    GlueJob build() {
      Value faces =
          job.faces.id().equals(job.prefix + ".faces")
              ? job.faces
              : registry.put(
                  job.prefix + ".faces", Text.of("Faces to glue"), COUNT, "N", in("N", job.faces));
      Value force = force();
      Value byForce = byForce(force);
      Value bySpacing = bySpacing();
      Value clamps =
          registry.put(
              job.clampPrefix + ".needed",
              Text.of("Clamps needed"),
              COUNT,
              "max(c_f, c_s)",
              in("c_f", byForce),
              in("c_s", bySpacing));
      Value time =
          registry.put(
              job.prefix + ".time",
              Text.of("Spreading and closing"),
              SECONDS,
              "N · (s + q · A / 100) + b + k · c",
              in("N", faces),
              in("s", spreading),
              in("q", spreadingArea),
              in("A", area),
              in("b", begin),
              in("k", each),
              in("c", clamps));
      Value open = open();
      Value most = mostFaces(clamps, open);
      Value stages = stages(faces, most);
      return new GlueJob(
          glue,
          job.clamping,
          faces,
          area,
          time,
          open,
          stages,
          stagesOf((int) faces.value(), (int) stages.value()),
          mass(faces),
          force,
          byForce,
          bySpacing,
          clamps,
          inputs.get(BlankDecisions.CLAMPS),
          job.veneers >= CREEPING);
    }

    private Value force() {
      Value pressure = inputs.get(BlankDecisions.pressure(job.density));
      return registry.put(
          job.prefix + ".force",
          Text.of("Force on one face"),
          FORCE,
          nothing() ? "0" : "A · 100 · P / 1000",
          in("A", area),
          in("P", pressure));
    }

    private Value byForce(Value force) {
      Value each = inputs.get(BlankDecisions.CLAMP_FORCE);
      boolean none = nothing() || vacuum();
      return registry.put(
          job.clampPrefix + ".by-force",
          Text.of("Clamps by force"),
          COUNT,
          none ? "0" : "ceil(F / f)",
          in("F", force),
          in("f", each));
    }

    private Value bySpacing() {
      Value pad = inputs.get(BlankDecisions.CLAMP_PAD);
      Value caul = inputs.get(BlankDecisions.CAUL);
      Value outer = job.outer;
      boolean none = nothing() || vacuum();
      return registry.put(
          job.clampPrefix + ".by-spacing",
          Text.of("Clamps by spacing"),
          COUNT,
          none ? "0" : "ceil(L / (pad + 2 · (caul + s)))",
          in("L", job.length),
          in("pad", pad),
          in("caul", caul),
          in("s", outer));
    }

    private Value open() {
      Value temperature = inputs.get(BlankDecisions.TEMPERATURE);
      Value openAt20 =
          TableValue.of(
              "glue.open-at-20",
              Text.of("Open time of {glue} at 20 °C", glue.name()),
              glue.open(),
              SECONDS,
              Text.of("glue table"));
      return registry.put(
          job.prefix + ".open-time",
          Text.of("Open time at this temperature"),
          SECONDS,
          openFormula(temperature.value()),
          in("o", openAt20),
          in("T", temperature));
    }

    private String openFormula(double temperature) {
      if (temperature < glue.least()) {
        return "0";
      }
      if (glue.warmthLengthens()) {
        return "o · 1.5^((T − 20) / 10)";
      }
      return temperature > 20 ? "o · 2^(−(T − 20) / 10)" : "o · 1.5^((20 − T) / 10)";
    }

    /** How many faces can be spread and closed within the open time. */
    private Value mostFaces(Value clamps, Value open) {
      String most = "max(0, floor((o − b − k · c) / (s + q · A / 100)))";
      return ComputedValue.of(
          job.prefix + ".faces-at-once",
          Text.of("Faces that can be glued at once"),
          COUNT,
          job.veneers >= CREEPING ? "min(" + most + ", " + FACES_WITH_VENEERS + ")" : most,
          in("o", open),
          in("b", begin),
          in("k", each),
          in("c", clamps),
          in("s", spreading),
          in("q", spreadingArea),
          in("A", area));
    }

    private Value stages(Value faces, Value most) {
      boolean none = nothing() || most.value() == 0;
      return registry.put(
          BlankKeys.GLUE_STAGES.id(job.prefix),
          Text.of("Stages of the glue-up"),
          COUNT,
          none ? "0" : "ceil(N / c)",
          in("N", faces),
          in("c", most));
    }

    private Value mass(Value faces) {
      Value coverage =
          TableValue.of(BlankKeys.GLUE_COVERAGE, glue.coverage(), Text.of("glue table"));
      return registry.put(
          job.prefix + ".mass",
          Text.of("Glue to mix or pour"),
          MASS,
          "N · A / 10000 · q · (1 + r / 100)",
          in("N", faces),
          in("A", area),
          in("q", coverage),
          in("r", inputs.get(BlankDecisions.GLUE_SPARE)));
    }
  }
}
