package roughcut.blank;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import roughcut.design.Placement;
import roughcut.finding.Message;
import roughcut.measure.ComputedValue;
import roughcut.measure.Provenance;
import roughcut.measure.SearchedValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.shop.Board;
import roughcut.shop.BoardMark;
import roughcut.shop.Woods;

/**
 * Parts laid on the rack's boards: first those that the maker laid by hand, then the large ones,
 * then small ones in the offcuts. A part lies with its grain along the board, where the board is
 * thick enough and no mark stands in the way that matters to it; wood that can't be replaced is
 * taken last. A good first fit, not the best there is (handbook page 3).
 *
 * @param laid in the order of laying
 * @param homeless parts that found no place, with the reason
 * @param yields share of each used board's face that becomes parts, %, by the board's name
 */
public record BoardLayout(List<Laid> laid, List<Homeless> homeless, Map<String, Double> yields) {
  /**
   * A part in its place.
   *
   * @param x its beginning, mm from the board's end
   * @param y its lower edge, mm from the board's lower edge
   * @param turned end for end
   * @param byHand laid by the maker
   * @param trouble what is wrong with a place chosen by hand, or empty
   */
  public record Laid(
      WoodPart part,
      String board,
      double x,
      double y,
      boolean turned,
      boolean byHand,
      Text trouble) {
    /** Marks of its board that it had better not have in it. */
    public List<BoardMark> shunned(Board on) {
      return on.marks().stream()
          .filter(m -> FreeBoard.avoided(m, part))
          .filter(m -> m.overlaps(x, y, x + part.length(), y + part.width()))
          .toList();
    }

    /** Whether another part wants some of the same wood. */
    public boolean meets(Laid other) {
      return board.equals(other.board())
          && x < other.x + other.part.length()
          && other.x < x + part.length()
          && y < other.y + other.part.width()
          && other.y < y + part.width();
    }
  }

  /** Wood that is sawn off a board already, mm from its beginning and its lower edge. */
  public record Gone(String board, double x, double y, double length, double width) {}

  /** A part without a place. */
  public record Homeless(WoodPart part, Reason why) {}

  /**
   * Why a part has no place.
   *
   * @param board that has to be measured for it; empty where no board would help
   */
  public record Reason(Message message, String board) {}

  /** Why some parts have no place, a line for each reason; small parts may wait and aren't told. */
  public List<Reason> wanting(Predicate<WoodPart> parts) {
    return wanting(homeless, h -> !h.part().small() && parts.test(h.part()));
  }

  /** Why some small parts have no place, a line for each reason. */
  public List<Reason> smallWanting(Predicate<WoodPart> parts) {
    return wanting(homeless, h -> h.part().small() && parts.test(h.part()));
  }

  private static List<Reason> wanting(List<Homeless> homeless, Predicate<Homeless> which) {
    Map<Reason, List<Text>> byReason = new LinkedHashMap<>();
    homeless.stream()
        .filter(which)
        .sorted(Comparator.comparing(h -> h.part().id()))
        .forEach(
            h -> byReason.computeIfAbsent(h.why(), w -> new ArrayList<>()).add(h.part().label()));
    return byReason.entrySet().stream()
        .map(
            e ->
                new Reason(
                    new Message(
                        Text.of(
                            "{parts}: {reason}",
                            together(e.getValue()).capital(),
                            e.getKey().message().what().small()),
                        e.getKey().message().why(),
                        e.getKey().message().fix()),
                    e.getKey().board()))
        .toList();
  }

  /** Names in a row; of “neck strip 1, neck strip 2” the second is told by its number. */
  private static Text together(List<Text> labels) {
    List<Text> said = new ArrayList<>();
    String before = "";
    for (Text label : labels) {
      boolean more = label.template().equals(before) && label.numbers().size() == 1;
      said.add(more ? Text.only(label.args().get(0)) : label);
      before = label.template();
    }
    return Text.joined(said, ", ");
  }

  public BoardLayout {
    laid = List.copyOf(laid);
    homeless = List.copyOf(homeless);
  }

  /**
   * Lays the parts out.
   *
   * @param byHand places chosen by the maker, by the part's id
   * @param ripped strips that lie where the rip plan puts them
   * @param gone what is off the boards already
   * @param kerf between two parts, mm
   */
  public static BoardLayout of(
      List<WoodPart> parts,
      List<Board> boards,
      Woods woods,
      Map<String, Placement> byHand,
      List<Laid> ripped,
      List<Gone> gone,
      double kerf) {
    Map<String, FreeBoard> free = new LinkedHashMap<>();
    boards.stream()
        .sorted(
            Comparator.comparing(Board::irreplaceable)
                .thenComparingDouble(b -> b.length().orElse(0) * b.width().orElse(0)))
        .forEach(b -> free.put(b.id(), new FreeBoard(b, kerf)));
    for (Gone one : gone) {
      free.get(one.board()).take(one.x(), one.y(), one.length(), one.width());
    }
    List<Laid> laid = new ArrayList<>();
    List<WoodPart> open = new ArrayList<>();
    Set<String> done = new HashSet<>();
    for (Laid strip : ripped) {
      if (!byHand.containsKey(strip.part().id())) {
        laid.add(strip);
        done.add(strip.part().id());
        free.get(strip.board())
            .take(strip.x(), strip.y(), strip.part().length(), strip.part().width());
      }
    }
    for (WoodPart part : parts) {
      if (done.contains(part.id())) {
        continue;
      }
      Placement placement = byHand.get(part.id());
      FreeBoard board = placement == null ? null : free.get(placement.board());
      if (board == null) {
        open.add(part);
      } else {
        laid.add(
            new Laid(
                part,
                placement.board(),
                placement.x(),
                placement.y(),
                placement.turned(),
                true,
                board.problem(part, placement.x(), placement.y())));
        board.take(placement.x(), placement.y(), part.length(), part.width());
      }
    }
    open.sort(
        Comparator.comparing(WoodPart::small)
            .thenComparing(Comparator.comparingDouble(WoodPart::volume).reversed()));
    List<Homeless> homeless = new ArrayList<>();
    new FirstFit(free, woods, laid, homeless, kerf).layAll(open);
    return new BoardLayout(laid, homeless, yields(laid, free));
  }

  private static Map<String, Double> yields(List<Laid> laid, Map<String, FreeBoard> free) {
    Map<String, Double> used = new LinkedHashMap<>();
    for (Laid one : laid) {
      double area =
          one.part().shape() == null
              ? one.part().length() * one.part().width()
              : one.part().shape().area();
      used.merge(one.board(), area, Double::sum);
    }
    Map<String, Double> yields = new LinkedHashMap<>();
    used.forEach(
        (id, area) -> {
          Board board = free.get(id).board();
          if (board.length().isPresent() && board.width().isPresent()) {
            yields.put(
                id, 100 * area / (board.length().getAsDouble() * board.width().getAsDouble()));
          }
        });
    return yields;
  }

  /**
   * Share of all used boards that becomes parts; nothing while no board is used.
   *
   * @param provenance what sizes the parts
   */
  public Optional<Value> yield(List<Board> boards, Provenance provenance, ValueRegistry registry) {
    double parts = 0;
    double used = 0;
    for (Board board : boards) {
      if (yields.containsKey(board.id())) {
        double area = board.length().getAsDouble() * board.width().getAsDouble();
        used += area;
        parts += yields.get(board.id()) / 100 * area;
      }
    }
    if (used == 0) {
      return Optional.empty();
    }
    Value partArea =
        SearchedValue.of(
            BlankKeys.PARTS_AREA,
            parts / 100,
            Text.of("found by placing the parts on the boards"),
            provenance);
    Value boardArea =
        SearchedValue.of(
            BlankKeys.BOARDS_AREA,
            used / 100,
            Text.of("found by placing the parts on the boards"),
            provenance);
    return Optional.of(
        registry.put(
            BlankKeys.BOARD_YIELD,
            "100 · A_p / A_b",
            ComputedValue.in("A_p", partArea),
            ComputedValue.in("A_b", boardArea)));
  }

  /** Where a part lies; empty when it found no place. */
  public Optional<Laid> of(String partId) {
    return laid.stream().filter(l -> l.part().id().equals(partId)).findFirst();
  }

  /** What lies on a board. */
  public List<Laid> on(String board) {
    return laid.stream().filter(l -> l.board().equals(board)).toList();
  }

  /** The parts being laid, one after the other. */
  private record FirstFit(
      Map<String, FreeBoard> free,
      Woods woods,
      List<Laid> laid,
      List<Homeless> homeless,
      double kerf) {
    void layAll(List<WoodPart> parts) {
      List<WoodPart> waiting = new ArrayList<>(parts);
      while (!waiting.isEmpty()) {
        WoodPart part = waiting.remove(0);
        if (part.shape() != null) {
          WoodPart twin =
              waiting.stream()
                  .filter(p -> p.shape() != null && p.shape().equals(part.shape()))
                  .findFirst()
                  .orElse(null);
          if (twin != null && pair(part, twin)) {
            waiting.remove(twin);
            continue;
          }
        }
        if (!one(part)) {
          homeless.add(new Homeless(part, why(part)));
        }
      }
    }

    private boolean one(WoodPart part) {
      return place(part, part.width())
          .map(p -> laid.add(new Laid(part, p.board, p.x, p.y, false, false, Text.NONE)))
          .orElse(false);
    }

    /** Two alike, head to tail. */
    private boolean pair(WoodPart part, WoodPart twin) {
      double step = Nesting.step(part.shape(), part.length(), kerf);
      Optional<Place> place = place(part, part.width() + step);
      place.ifPresent(
          p -> {
            laid.add(new Laid(part, p.board, p.x, p.y, false, false, Text.NONE));
            laid.add(new Laid(twin, p.board, p.x, p.y + step, true, false, Text.NONE));
          });
      return place.isPresent();
    }

    private record Place(String board, double x, double y) {}

    private Optional<Place> place(WoodPart part, double width) {
      List<FreeBoard> order = new ArrayList<>(free.values());
      // A board already begun is used up before another is cut into; precious wood stays last.
      order.sort(
          Comparator.comparing((FreeBoard b) -> b.board().irreplaceable())
              .thenComparing(b -> !b.alreadySawn()));
      for (FreeBoard board : order) {
        double[] at = board.find(part, width);
        if (at != null) {
          board.take(at[0], at[1], part.length(), width);
          return Optional.of(new Place(board.board().id(), at[0], at[1]));
        }
      }
      return Optional.empty();
    }

    private Reason why(WoodPart part) {
      List<Board> wood =
          free.values().stream()
              .map(FreeBoard::board)
              .filter(b -> b.species().equals(part.species()))
              .toList();
      String named = woods.get(part.species()).name();
      if (wood.isEmpty()) {
        return new Reason(BoardFindings.none(named), "");
      }
      List<Board> known = wood.stream().filter(b -> b.unmeasured().isEmpty()).toList();
      if (known.isEmpty()) {
        Board board = wood.get(0);
        return new Reason(BoardFindings.unmeasured(board), board.id());
      }
      Text small =
          tooSmall(
                  named,
                  known,
                  Text.of("thick"),
                  b -> b.thickness().getAsDouble(),
                  part.thickness())
              .or(
                  () ->
                      tooSmall(
                          named,
                          known,
                          Text.of("long"),
                          b -> b.length().getAsDouble(),
                          part.length()))
              .or(
                  () ->
                      tooSmall(
                          named,
                          known,
                          Text.of("wide"),
                          b -> b.width().getAsDouble(),
                          part.width()))
              .orElse(Text.of("The boards of it are full, or marked where there is room."));
      return new Reason(
          Message.of(small).fix(Text.of("Bring a larger board, or move other parts on it.")), "");
    }

    private static Optional<Text> tooSmall(
        String wood,
        List<Board> boards,
        Text what,
        java.util.function.ToDoubleFunction<Board> size,
        double wanted) {
      double most = boards.stream().mapToDouble(size).max().orElse(0);
      return most >= wanted
          ? Optional.empty()
          : Optional.of(
              Text.of(
                  "No board of {wood} is {what} enough: {most} of {ceil}.",
                  wood,
                  what,
                  Text.length(most, 0),
                  Text.length(Math.ceil(wanted), 0)));
    }
  }
}
