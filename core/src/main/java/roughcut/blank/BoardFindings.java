package roughcut.blank;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Predicate;
import roughcut.finding.Finding;
import roughcut.finding.Findings;
import roughcut.measure.Text;
import roughcut.record.EffectiveInputs;
import roughcut.shop.Board;
import roughcut.shop.Saw;
import roughcut.shop.Shop;

/** What is found wrong, or wants a look, about the boards that parts are cut from. */
final class BoardFindings {
  /** Wood for indoors, %, and how far two glued boards may differ, points. */
  private static final double DAMP = 10;

  private static final double APART = 2;

  private BoardFindings() {}

  /**
   * The neck's and the fretboard's parts that have no wood, or lie where they can't be sawn; the
   * body's tell of themselves, strips by their rip plan, and small parts may wait.
   */
  static void ofParts(BoardLayout layout, Findings all) {
    Predicate<WoodPart> ours =
        p ->
            switch (p.use()) {
              case NECK, NECK_STEP, HEAD_WING, FRETBOARD, SMALL -> true;
              case NECK_STRIP, BODY, BODY_STRIP, BODY_WING, TOP -> false;
            };
    layout.wanting(ours).forEach(r -> all.get(where(r), r.text()));
    layout.smallWanting(ours).forEach(r -> all.look(where(r), r.text()));
    for (BoardLayout.Laid laid : layout.laid()) {
      if (!laid.trouble().isEmpty() && !BlankReadiness.ofBody(laid.part())) {
        all.get(
            Finding.ofBoard(laid.board()),
            Text.of("{part}: {trouble}", laid.part().label(), laid.trouble()));
      }
    }
  }

  static String where(BoardLayout.Reason reason) {
    return reason.board().isEmpty() ? "" : Finding.ofBoard(reason.board());
  }

  /** Parts that lie over a mark which the maker had rather not have in them. */
  static void marked(
      BoardLayout layout, Shop shop, Predicate<BoardLayout.Laid> which, Findings all) {
    for (BoardLayout.Laid laid : layout.laid()) {
      if (!laid.trouble().isEmpty() || !which.test(laid)) {
        continue;
      }
      shop.board(laid.board())
          .ifPresent(
              board ->
                  laid.shunned(board)
                      .forEach(
                          mark ->
                              all.look(
                                  Finding.ofBoard(board.id()),
                                  Text.of(
                                      "{part} lies over “{mark}” on {id}",
                                      laid.part().label(),
                                      mark.words(),
                                      board.id()))));
    }
  }

  /** Once strips are off a board it is narrower than on its label. */
  static Optional<Text> hasStarted(RipPlan plan) {

    int sawn = plan.notRecorded().size();
    return sawn == 0 || plan.strips().isEmpty() || plan.board().isEmpty() || plan.partly()
        ? Optional.empty()
        : Optional.of(
            sawn == 1
                ? Text.of(
                    "{wood}: a strip is sawn off {id}. Measure the width that is left",
                    plan.wood().name(),
                    plan.board().get().id())
                : Text.of(
                    "{wood}: {sawn} strips are sawn off {id}. Measure the width that is left",
                    plan.wood().name(),
                    sawn,
                    plan.board().get().id()));
  }

  /** A saw that can't cut as high as the board lies: said of the one that was chosen by name. */
  static void sawHeight(EffectiveInputs inputs, Shop shop, NeckRips rips, Findings all) {
    Optional<Saw> saw =
        inputs
            .design()
            .sawFor("rip")
            .flatMap(n -> shop.saws().stream().filter(s -> s.name().equals(n)).findFirst());
    if (saw.isEmpty() || rips.plans().stream().allMatch(p -> p.strips().isEmpty())) {
      return;
    }
    if (saw.get().wanders()) {
      List<Text> others =
          shop.saws().stream()
              .filter(s -> !s.wanders())
              .map(s -> Text.of("the {s}", s.name()))
              .toList();
      all.get(
          others.isEmpty()
              ? Text.of("the blade of the {name} is dull and wanders: sharpen it", saw.get().name())
              : Text.of(
                  "the blade of the {name} is dull and wanders: sharpen it, or rip with {saws}",
                  saw.get().name(),
                  Text.joined(others, " or ")));
    }
    double high =
        rips.plans().stream()
            .filter(p -> !p.strips().isEmpty())
            .flatMap(p -> p.board().stream())
            .filter(b -> b.thickness().isPresent())
            .mapToDouble(b -> b.thickness().getAsDouble())
            .max()
            .orElse(rips.depth().value());
    if (high > saw.get().height()) {
      all.get(
          Text.of(
              "the {name} cuts {height} high, and the boards are {high} high: plane them "
                  + "first, or use another saw",
              saw.get().name(),
              Text.length(saw.get().height(), 0),
              Text.length(high, 0)));
    }
  }

  static void moisture(NeckRips rips, Findings all) {
    moisture(
        rips.plans().stream()
            .filter(p -> !p.strips().isEmpty())
            .flatMap(p -> p.board().stream())
            .toList(),
        all);
  }

  static void moisture(List<Board> boards, Findings all) {
    double driest = Double.MAX_VALUE;
    double dampest = -1;
    String wettest = "";
    for (Board board : boards) {
      OptionalDouble moisture = board.moisture();
      if (moisture.isEmpty()) {
        all.look(
            Finding.ofBoard(board.id()), Text.of("board {id}: moisture not measured", board.id()));
        continue;
      }
      driest = Math.min(driest, moisture.getAsDouble());
      wettest = moisture.getAsDouble() > dampest ? board.id() : wettest;
      dampest = Math.max(dampest, moisture.getAsDouble());
      if (moisture.getAsDouble() > DAMP) {
        all.look(
            Finding.ofBoard(board.id()),
            Text.of(
                "board {id} is at {number} % moisture, more than 10 % for indoors",
                board.id(), Text.fixed(moisture.getAsDouble(), 1)));
      }
    }
    if (dampest - driest > APART) {
      all.stop(
          Finding.ofBoard(wettest),
          Text.of(
              "the boards differ by {number} % moisture: let them settle together first",
              Text.fixed(dampest - driest, 1)));
    }
  }
}
