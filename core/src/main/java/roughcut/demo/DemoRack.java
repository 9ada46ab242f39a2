package roughcut.demo;

import java.util.List;
import java.util.OptionalDouble;
import roughcut.shop.Board;
import roughcut.shop.Board.Grain;
import roughcut.shop.BoardMark;
import roughcut.shop.BoardMark.Intent;
import roughcut.shop.BoardMark.Kind;

/**
 * Fourteen boards with marks, one never measured across, one too damp, one that can't be replaced.
 */
final class DemoRack {
  private DemoRack() {}

  static List<Board> boards() {
    return List.of(
        board(
            "cherry-1",
            "cherry",
            1650,
            88,
            27,
            8.5,
            Grain.QUARTER,
            "straight all along",
            new BoardMark(Kind.KNOT, 980, 30, 40, 30, Intent.AVOID, "tight knot")),
        board("hornbeam-1", "hornbeam", 940, 36, 24, 8.0, Grain.QUARTER, "for stripes"),
        board("hornbeam-2", "hornbeam", 620, 120, 30, 9.0, Grain.FLAT, "short"),
        board("plum-1", "plum", 1240, 58, 31, 9.0, Grain.RIFT, "the dark one"),
        board(
            "plum-2",
            "plum",
            1190,
            92,
            29,
            9.5,
            Grain.FLAT,
            "pale edge",
            new BoardMark(Kind.SAPWOOD, 0, 0, 1190, 8, Intent.HIDE, "sapwood")),
        board("plum-3", "plum", 960, 118, 27, 8.5, Grain.QUARTER, "for the bass neck"),
        board("bog-oak-1", "bog-oak", 690, 84, 9, 8.0, Grain.QUARTER, "from the ditch"),
        board("larch-1", "larch", 1310, 70, 34, 9.0, Grain.QUARTER, "old beam"),
        new Board(
            "elm-1",
            "elm",
            OptionalDouble.of(1080),
            OptionalDouble.of(190),
            OptionalDouble.of(52),
            OptionalDouble.of(8.5),
            Grain.FLAT,
            0,
            List.of(new BoardMark(Kind.FIGURE, 300, 40, 260, 110, Intent.SHOW, "burr")),
            true,
            OptionalDouble.of(6400),
            OptionalDouble.empty(),
            "from the fallen tree by the gate"),
        board("pear-1", "pear", 540, 210, 21, 8.0, Grain.FLAT, "for a bookmatched top"),
        new Board(
            "robinia-1",
            "robinia",
            OptionalDouble.of(720),
            OptionalDouble.empty(),
            OptionalDouble.of(12),
            OptionalDouble.of(8),
            Grain.QUARTER,
            0,
            List.of(),
            false,
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            "width to be measured"),
        board("lime-1", "lime", 1180, 240, 50, 14.5, Grain.FLAT, "still damp"),
        board(
            "yew-1",
            "yew",
            760,
            80,
            30,
            9.0,
            Grain.RIFT,
            "short",
            new BoardMark(Kind.CHECK, 640, 20, 120, 14, Intent.AVOID, "end check")),
        board("boxwood-1", "boxwood", 420, 45, 40, 9.0, Grain.RIFT, "for small parts"));
  }

  private static Board board(
      String id,
      String species,
      double length,
      double width,
      double thickness,
      double moisture,
      Grain grain,
      String note,
      BoardMark... marks) {
    return new Board(
        id,
        species,
        OptionalDouble.of(length),
        OptionalDouble.of(width),
        OptionalDouble.of(thickness),
        OptionalDouble.of(moisture),
        grain,
        0,
        List.of(marks),
        false,
        OptionalDouble.empty(),
        OptionalDouble.empty(),
        note);
  }
}
