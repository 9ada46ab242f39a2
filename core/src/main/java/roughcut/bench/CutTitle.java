package roughcut.bench;

import java.util.List;
import roughcut.measure.Text;
import roughcut.rout.Cut;
import roughcut.rout.CutKind;

/** What one would tell a helper to do for a row of cuts. */
final class CutTitle {
  private static final String SCREW = "'s screw";

  private CutTitle() {}

  /** For cuts of one kind that are made together. */
  static Text of(List<Cut> cuts) {
    Cut first = cuts.get(0);
    return Text.of("{what}, {from}", what(first, cuts.size()), from(first));
  }

  /** What lies under a top is made in the face that it is glued to. */
  private static Text from(Cut cut) {
    return cut.kind() == CutKind.CHANNEL || cut.kind() == CutKind.CHAMBER
        ? Text.of("from the glue face")
        : cut.from().words();
  }

  private static Text what(Cut cut, int count) {
    Text kind = unnumbered(cut.words());
    Text one =
        count == 1 ? Text.of("the {cut}", cut.words()) : Text.of("{count} {cut}s", count, kind);
    return switch (cut.kind()) {
      case POCKET -> Text.of("Rout {one}", one);
      case PICKUP -> Text.of("Rout for {one}", one);
      case CAVITY -> Text.of("Rout the cavity for {one}", one);
      case CHAMBER -> Text.of("Hollow out {one}", one);
      case CHANNEL -> Text.of("Rout the channel for {one}", one);
      case BRIDGE, BLOCK, SPRINGS -> Text.of("Cut {one}", one);
      case SLOT -> Text.of("Drill, saw and file the slot of {one}", one);
      case WIRE -> Text.of("Drill the channel for {one}", one);
      case STRING ->
          count == 1
              ? Text.of("Drill {one}", one)
              : Text.of("Drill through for {count} strings", count);
      case SCREW ->
          count > 1 && kind.template().endsWith(SCREW)
              ? Text.of("Drill for the {part}: {count} screws", kind.args().get(0), count)
              : Text.of("Drill for {one}", one);
      case JACK, SHAFT, BOLT, POST, STRAP -> Text.of("Drill for {one}", one);
      case RELIEF, BORE -> Text.of("Drill {one}", one);
    };
  }

  /** What it is called without the number that tells it from others of its row. */
  private static Text unnumbered(Text words) {
    for (int i = words.args().size() - 1; i >= 0; i--) {
      if (words.args().get(i).counts()) {
        return words.without(i);
      }
    }
    return words;
  }
}
