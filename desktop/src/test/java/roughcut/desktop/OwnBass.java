package roughcut.desktop;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import roughcut.design.Design;
import roughcut.design.Stack;
import roughcut.design.Strip;
import roughcut.file.BuildFile;
import roughcut.record.Build;
import roughcut.shop.StringSpec;

/**
 * A five-string through-neck bass begun from nothing, with a long name: nothing of a demo in it.
 */
final class OwnBass {
  static final String NAME = "Whimbrel five-string through-neck";

  private OwnBass() {}

  static Path in(Path shop) throws IOException {
    List<StringSpec> strings = new ArrayList<>();
    double[][] set = {{1.143, 98}, {1.651, 73.42}, {2.159, 55}, {2.667, 41.2}, {3.302, 30.87}};
    for (double[] one : set) {
      strings.add(new StringSpec(one[0], true, 0, one[1]));
    }
    Design design =
        Design.of(
            Map.ofEntries(
                Map.entry("scale.length", 864.0),
                Map.entry("scale.frets", 24.0),
                Map.entry("nut.width", 46.0),
                Map.entry("bridge.spread", 76.0),
                Map.entry("fretboard.end-width", 74.0),
                Map.entry("fretboard.radius-nut", 400.0),
                Map.entry("fretboard.radius-end", 400.0),
                Map.entry("head.angle", 10.0),
                Map.entry("head.length", 200.0),
                Map.entry("head.width", 82.0),
                Map.entry("joint.x", 575.0),
                Map.entry("rod.length", 560.0)),
            Map.of("neck.fixing", "through", "bridge.kind", "flat-plate"),
            strings,
            Stack.mirroredFromMiddle(
                new Strip("wenge", 30, Strip.Grain.TO_HEEL),
                new Strip("maple", 3, Strip.Grain.TO_HEEL),
                new Strip("wenge", 22, Strip.Grain.TO_HEEL)));
    Path file = shop.resolve("builds/whimbrel.roughcut.json");
    BuildFile.at(file).save(new Build(NAME, design));
    return file;
  }
}
