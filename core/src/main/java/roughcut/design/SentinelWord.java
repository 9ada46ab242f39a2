package roughcut.design;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/**
 * Where a number stands for there being none: no veneer is not a veneer of 0 mm. The maker reads
 * and types the word; files keep the number.
 *
 * @param value that stands for it
 * @param word what is read in its place
 */
record SentinelWord(double value, String word) {
  private static final java.util.regex.Pattern COIL =
      java.util.regex.Pattern.compile("pickup\\.[a-z0-9-]+\\.coil");

  private static final Map<String, SentinelWord> ALL = new HashMap<>();

  static {
    all(
        0,
        "none",
        "body.top-thickness",
        "body.accent",
        "binding.layers",
        "head.face-veneer",
        "head.back-veneer",
        "fretboard.notch-length",
        "fretboard.binding",
        "template.scale",
        "inlay.fret",
        "spline.count",
        "rod.adjuster-length",
        "carve.station",
        "body.mass-target",
        "arm.depth",
        "belly.depth",
        "heel-carve.depth",
        "carve.drop");
    all(0, "square", "edge.round-top", "edge.round-back");
    all(0, "full width", "tenon.width");
    all(0, "as the heel", "tenon.depth");
    all(
        0,
        "as listed",
        "bridge.post-bore",
        "bridge.post-depth",
        "springs.length",
        "bridge.posts",
        "bridge.height-least",
        "bridge.height-most",
        "bridge.anchor-back");
    all(-100, "as listed", "bridge.forward", "bridge.rear", "bridge.slant");
    all(
        0,
        "none yet",
        "body.weighed",
        "neck.weighed",
        "top.leaf-1",
        "top.leaf-2",
        "neck.nut-to-octave",
        "proof.standing",
        "proof.straightedge");
    all(0, "not listed", "pickup.neck.coil");
    all(0, "by bearing", "template.bush");
    all(0, "single scale", "scale.bass", "scale.treble");
  }

  private static void all(double value, String word, String... ids) {
    for (String id : ids) {
      ALL.put(id, new SentinelWord(value, word));
    }
  }

  /** What stands for no number in a decision; empty where every number is one. */
  static Optional<SentinelWord> of(String id) {
    return Optional.ofNullable(ALL.get(COIL.matcher(id).replaceFirst("pickup.neck.coil")));
  }

  /** Ids of all decisions that have one, for tests. */
  static Iterable<String> ids() {
    return ALL.keySet();
  }
}
