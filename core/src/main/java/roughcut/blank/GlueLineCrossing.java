package roughcut.blank;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.LENGTH;

import java.util.ArrayList;
import java.util.List;
import roughcut.blank.NeckBlank.Crossing;
import roughcut.geometry.RootSearch;
import roughcut.layout.FretboardTaper;
import roughcut.measure.ComputedValue;
import roughcut.measure.Precision;
import roughcut.measure.Provenance;
import roughcut.measure.SearchedValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;

/**
 * Where the neck's outline cuts through a glue line: half the width h(x) equals the line's distance
 * b(x) from the centre (handbook page 3, "Against the outline"). Straight lines cross once at most,
 * a curved insert's may cross twice.
 */
final class GlueLineCrossing {
  private static final int PIECES = 96;

  private GlueLineCrossing() {}

  static List<Crossing> of(
      int line,
      GlueFace face,
      Value distance,
      Provenance provenance,
      FretboardTaper taper,
      Value heelEnd,
      ValueRegistry registry) {
    if (!face.straight()) {
      return curved(line, face, distance, provenance, taper, heelEnd, registry);
    }
    double b = Math.abs(face.nut());
    double atNut = taper.halfWidth(0);
    double widening = (taper.secondWidth().value() / 2 - atNut) / taper.secondAt().value();
    double spreading = (Math.abs(face.heel()) - b) / heelEnd.value();
    double x = (b - atNut) / (widening - spreading);
    if (!(x > 0) || x >= heelEnd.value() || face.nut() * face.heel() < 0) {
      return List.of();
    }
    List<ComputedValue.Input> inputs = new ArrayList<>();
    inputs.add(in("b", distance));
    inputs.add(in("w_nut", taper.nutWidth()));
    inputs.add(in("w_2", taper.secondWidth()));
    inputs.add(in("x_2", taper.secondAt()));
    String formula = "(b − w_nut / 2) / (w_2 / 2 − w_nut / 2) · x_2";
    if (spreading != 0) {
      inputs.add(
          in(
              "b_h",
              SearchedValue.of(
                  "blank.glue-line." + line + ".offset-heel",
                  Text.of("Glue line {line} from the centre line at the heel", line),
                  Math.abs(face.heel()),
                  LENGTH,
                  Text.of("found by placing the strips side by side"),
                  provenance)));
      inputs.add(in("x_h", heelEnd));
      formula = "(b − w_nut / 2) / ((w_2 / 2 − w_nut / 2) / x_2 − (b_h − b) / x_h)";
    }
    return List.of(new Crossing(line, face.at(x), work(line, formula, inputs, registry)));
  }

  private static List<Crossing> curved(
      int line,
      GlueFace face,
      Value distance,
      Provenance provenance,
      FretboardTaper taper,
      Value heelEnd,
      ValueRegistry registry) {
    List<Crossing> found = new ArrayList<>();
    for (double x :
        RootSearch.of(
            at -> Math.abs(face.at(at)) - taper.halfWidth(at),
            0,
            heelEnd.value(),
            PIECES,
            Precision.NEAR)) {
      Value where =
          registry.find(
              "blank.crossing." + line + (found.isEmpty() ? ".x" : ".x-" + (found.size() + 1)),
              called(line),
              LENGTH,
              x,
              Text.of("found where the curved line meets the outline"),
              taper.provenance().and(provenance).with(distance));
      found.add(new Crossing(line, face.at(x), where));
    }
    return found;
  }

  private static Value work(
      int line, String formula, List<ComputedValue.Input> inputs, ValueRegistry registry) {
    return registry.put(
        "blank.crossing." + line + ".x",
        called(line),
        LENGTH,
        formula,
        inputs.toArray(ComputedValue.Input[]::new));
  }

  private static Text called(int line) {
    return Text.of("Outline crosses glue line {line}, from the nut line", line);
  }
}
