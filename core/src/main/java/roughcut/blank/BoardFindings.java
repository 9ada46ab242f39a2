package roughcut.blank;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Predicate;
import roughcut.finding.Finding;
import roughcut.finding.Findings;
import roughcut.finding.Message;
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
    layout.wanting(ours).forEach(r -> all.get(where(r), r.message()));
    layout.smallWanting(ours).forEach(r -> all.look(where(r), r.message()));
    for (BoardLayout.Laid laid : layout.laid()) {
      if (!laid.trouble().isEmpty() && !BlankReadiness.ofBody(laid.part())) {
        all.get(Finding.ofBoard(laid.board()), chosen(laid));
      }
    }
  }

  /** A place on a board that the maker chose and that won't do. */
  static Message chosen(BoardLayout.Laid laid) {
    return Message.of(
            Text.of(
                "{part} can't be sawn where it is on board {board}: {trouble}.",
                laid.part().label().capital(),
                laid.board(),
                laid.trouble()))
        .fix(Text.of("Drag it elsewhere on the board, or let the program place it."));
  }

  /** A wood of which there is no board. */
  static Message none(String wood) {
    return Message.of(Text.of("There is no {wood} in your wood rack.", wood))
        .fix(Text.of("Add a board of it, or choose another wood."));
  }

  /** A board of which one size was never measured. */
  static Message unmeasured(Board board) {
    return Message.of(
            Text.of(
                "The {size} of board {id} isn't measured.",
                board.unmeasured().orElseThrow(),
                board.id()))
        .fix(Text.of("Measure it and write it down on the Wood rack page."));
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
                                  Message.of(
                                          Text.of(
                                              "{part} is over “{mark}” on board {id}.",
                                              laid.part().label().capital(),
                                              mark.words(),
                                              board.id()))
                                      .fix(
                                          Text.of(
                                              "Move it on the board, or live with the mark.")))));
    }
  }

  /** Once strips are off a board it is narrower than on its label. */
  static Optional<Message> hasStarted(RipPlan plan) {
    int sawn = plan.notRecorded().size();
    return sawn == 0 || plan.strips().isEmpty() || plan.board().isEmpty() || plan.partly()
        ? Optional.empty()
        : Optional.of(
            Message.of(
                    sawn == 1
                        ? Text.of("A strip is sawn off board {id}.", plan.board().get().id())
                        : Text.of(
                            "{sawn} strips are sawn off board {id}.",
                            sawn,
                            plan.board().get().id()))
                .why(Text.of("It is narrower now than on its label."))
                .fix(Text.of("Measure the width that is left.")));
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
          Message.of(Text.of("The blade of the {name} is dull and wanders.", saw.get().name()))
              .why(Text.of("Its strips come out thin somewhere along the cut."))
              .fix(
                  others.isEmpty()
                      ? Text.of("Sharpen or replace it first.")
                      : Text.of("Sharpen it, or rip with {saws}.", Text.joined(others, " or "))));
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
          Message.of(
                  Text.of(
                      "The {name} cuts {height} high, and the boards are {high} high.",
                      saw.get().name(),
                      Text.length(saw.get().height(), 0),
                      Text.length(high, 0)))
              .fix(Text.of("Plane them first, or use another saw.")));
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
            Finding.ofBoard(board.id()),
            Message.of(Text.of("The moisture of board {id} isn't measured.", board.id()))
                .why(Text.of("Damp wood shrinks after the joint is glued."))
                .fix(Text.of("Measure it with a moisture meter.")));
        continue;
      }
      driest = Math.min(driest, moisture.getAsDouble());
      wettest = moisture.getAsDouble() > dampest ? board.id() : wettest;
      dampest = Math.max(dampest, moisture.getAsDouble());
      if (moisture.getAsDouble() > DAMP) {
        all.look(
            Finding.ofBoard(board.id()),
            Message.of(
                    Text.of(
                        "Board {id} is at {number} % moisture, over the {most} % for indoors.",
                        board.id(), Text.fixed(moisture.getAsDouble(), 1), Text.fixed(DAMP, 0)))
                .why(Text.of("It shrinks and warps as it dries."))
                .fix(Text.of("Let it dry in the shop, stacked on sticks.")));
      }
    }
    if (dampest - driest > APART) {
      all.stop(
          Finding.ofBoard(wettest),
          Message.of(
                  Text.of(
                      "The boards differ by {number} % moisture, over the {most} % maximum.",
                      Text.fixed(dampest - driest, 1), Text.fixed(APART, 0)))
              .why(Text.of("One shrinks more than the other and pulls the joint."))
              .fix(Text.of("Let them settle together first.")));
    }
  }
}
