package roughcut.blank;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.LENGTH;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import roughcut.design.Decisions;
import roughcut.layout.FretboardTaper;
import roughcut.measure.ComputedValue;
import roughcut.measure.Precision;
import roughcut.measure.Provenance;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;
import roughcut.record.Measurables;

/**
 * The laminated neck blank: strips side by side with the centre line in the middle of the stack,
 * and where the tapering outline cuts through a glue line so that the outer strip is gone between
 * there and the nut (handbook page 3).
 *
 * @param width sum of the finished thicknesses, where the blank is widest
 * @param strips from the bass side to the treble side
 * @param crossings glue lines that the outline crosses, from the bass side
 * @param inserts the curved strips
 */
public record NeckBlank(
    Value width,
    List<PlacedStrip> strips,
    List<Crossing> crossings,
    List<CurvedInsert> inserts,
    Provenance provenance) {

  /**
   * A glue line cut through by the outline.
   *
   * @param line counted from 1 at the bass side
   * @param offset of the glue line from the centre line at the crossing, treble positive
   * @param x where half the neck's width equals the glue line's distance from the centre
   */
  public record Crossing(int line, double offset, Value x) {}

  public NeckBlank {
    strips = List.copyOf(strips);
    crossings = List.copyOf(crossings);
    inserts = List.copyOf(inserts);
  }

  public static NeckBlank of(EffectiveInputs inputs, FretboardTaper taper, ValueRegistry registry) {
    StackLayers stack = StackLayers.of(inputs);
    Value heelEnd = inputs.get(Decisions.HEEL_END);
    double nut = stack.layers().stream().mapToDouble(StackLayers.Layer::nut).sum();
    double heel = stack.layers().stream().mapToDouble(StackLayers.Layer::heel).sum();
    boolean tapered = !stack.width().equals(stack.widthAtHeel());
    String sum =
        tapered ? "max(" + stack.width() + ", " + stack.widthAtHeel() + ")" : stack.width();
    Value strips =
        ComputedValue.of(
            Measurables.BLANK_WIDTH.key(), sum, stack.terms().toArray(ComputedValue.Input[]::new));
    Optional<Value> read = inputs.read(Measurables.BLANK_WIDTH, strips);
    Value width =
        read.map(w -> registry.put(BlankKeys.BLANK_WIDTH, "W", in("W", w)))
            .orElseGet(
                () ->
                    registry.put(
                        BlankKeys.BLANK_WIDTH,
                        sum,
                        stack.terms().toArray(ComputedValue.Input[]::new)));
    // What was planed off a glued stack came off its outer strips, on both sides alike.
    double off = (width.value() - strips.value()) / 2;
    List<PlacedStrip> placed = place(stack.layers(), nut, heel, heelEnd.value(), off);
    reveals(placed, taper, heelEnd, registry, width);
    Provenance provenance =
        Provenance.of(stack.terms().stream().map(ComputedValue.Input::value).toList())
            .with(heelEnd, width);
    List<Crossing> crossings = new ArrayList<>();
    boolean plain = inputs.design().neckSteps().isEmpty() && !tapered;
    for (int line = 1; line < placed.size(); line++) {
      GlueFace face = placed.get(line).lower();
      Value distance = glueLine(line, face, width, stack.terms(), plain, registry);
      crossings.addAll(
          GlueLineCrossing.of(line, face, distance, provenance, taper, heelEnd, registry));
    }
    return new NeckBlank(
        width, placed, crossings, CurvedInsert.all(placed, provenance, registry), provenance);
  }

  private static List<PlacedStrip> place(
      List<StackLayers.Layer> layers, double nut, double heel, double heelEnd, double off) {
    int n = layers.size();
    List<GlueFace> faces = new ArrayList<>();
    double y = -nut / 2;
    double z = -heel / 2;
    for (int i = 0; i <= n; i++) {
      double outer = i == 0 ? -off : i == n ? off : 0;
      double bow = i == 0 || i == n ? 0 : bow(layers, i);
      faces.add(new GlueFace(y + outer, z + outer, bow, heelEnd));
      y += i < n ? layers.get(i).nut() : 0;
      z += i < n ? layers.get(i).heel() : 0;
    }
    List<PlacedStrip> placed = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      placed.add(
          new PlacedStrip(
              layers.get(i).strip(), layers.get(i).number(), faces.get(i), faces.get(i + 1)));
    }
    return placed;
  }

  /**
   * A strip swells outwards only; a veneer beside it follows the curve, so that its own far face is
   * bowed as much.
   */
  private static double bow(List<StackLayers.Layer> layers, int face) {
    double bow = 0;
    int n = layers.size();
    for (int i = 0; i < n; i++) {
      double own = layers.get(i).strip().bow();
      if (own == 0) {
        continue;
      }
      if (2 * i + 1 >= n && face > i && veneersBetween(layers, i + 1, face)) {
        bow += own;
      }
      if (2 * i + 1 <= n && face <= i && veneersBetween(layers, face, i)) {
        bow -= own;
      }
    }
    return bow;
  }

  private static boolean veneersBetween(List<StackLayers.Layer> layers, int from, int to) {
    return layers.subList(from, to).stream().allMatch(l -> l.strip().veneer());
  }

  private static Value glueLine(
      int line,
      GlueFace face,
      Value width,
      List<ComputedValue.Input> strips,
      boolean plain,
      ValueRegistry registry) {
    String id = "blank.glue-line." + line + ".offset";
    Text label = Text.of("Glue line {line} from the centre line", line);
    if (!plain) {
      return registry.find(
          id,
          Text.of("{label} at the nut", label),
          LENGTH,
          Math.abs(face.nut()),
          Text.of("found by placing the strips side by side"),
          Provenance.of(strips.stream().map(ComputedValue.Input::value).toList()));
    }
    List<ComputedValue.Input> inputs = new ArrayList<>(strips.subList(0, line));
    inputs.add(in("W", width));
    String sum =
        strips.subList(0, line).stream()
            .map(ComputedValue.Input::symbol)
            .collect(Collectors.joining(" + "));
    return registry.put(
        id, label, LENGTH, "abs(" + sum + " − W / 2)", inputs.toArray(ComputedValue.Input[]::new));
  }

  /**
   * What stands out beside a fretboard that is glued on before the neck has its outline: alike on
   * both sides when it lies on the centre line.
   */
  private static void reveals(
      List<PlacedStrip> strips,
      FretboardTaper taper,
      Value heelEnd,
      ValueRegistry registry,
      Value width) {
    double end = Math.min(taper.end().value(), heelEnd.value());
    Provenance provenance = taper.provenance().with(width, heelEnd);
    for (boolean nut : new boolean[] {true, false}) {
      double x = nut ? 0 : end;
      double half = (strips.get(strips.size() - 1).to(x) - strips.get(0).from(x)) / 2;
      registry.find(
          nut ? BlankKeys.REVEAL_NUT : BlankKeys.REVEAL_END,
          half - taper.halfWidth(x),
          Text.of("found between the blank edge and the fretboard edge"),
          provenance);
    }
  }

  /** Half the width at x. */
  public double halfWidth(double x) {
    PlacedStrip last = strips.get(strips.size() - 1);
    return (last.to(x) - strips.get(0).from(x)) / 2;
  }

  /** Its side towards the treble; the bass side mirrors it. */
  public GlueFace side() {
    return strips.get(strips.size() - 1).upper();
  }

  /** Half the width where the blank is widest. */
  public double halfWidth() {
    return width.value() / 2;
  }

  /** Bass side and treble side alike, wood by wood and face by face. */
  public boolean symmetrical() {
    for (int i = 0; i < strips.size(); i++) {
      PlacedStrip bass = strips.get(i);
      PlacedStrip treble = strips.get(strips.size() - 1 - i);
      if (!bass.strip().species().equals(treble.strip().species())
          || Math.abs(bass.from() + treble.to()) > Precision.NEAR
          || Math.abs(bass.from(bass.lower().heelEnd()) + treble.to(bass.lower().heelEnd()))
              > Precision.NEAR) {
        return false;
      }
    }
    return true;
  }

  /** The strip that holds an offset at x; the outermost beyond the blank's sides. */
  public PlacedStrip at(double x, double y) {
    for (PlacedStrip strip : strips) {
      if (y <= strip.to(x)) {
        return strip;
      }
    }
    return strips.get(strips.size() - 1);
  }
}
