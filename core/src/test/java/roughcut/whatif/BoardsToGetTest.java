package roughcut.whatif;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import roughcut.blank.WoodPart;
import roughcut.demo.Demo;
import roughcut.design.Handedness;
import roughcut.design.HeadMaking;
import roughcut.design.NeckJoint;
import roughcut.finding.Finding;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.shop.Board;
import roughcut.shop.Shop;
import roughcut.start.InstrumentKind;
import roughcut.start.NewInstrument;

/** What is offered is wood that all of it comes out of, and no more of it than is missing. */
class BoardsToGetTest {
  private static final Shop EMPTY = Shop.usual("own");

  private static Plan begun(InstrumentKind kind, NeckJoint joint, HeadMaking head) {
    return Plan.of(
        new NewInstrument(
                "x",
                kind,
                kind.scale(),
                kind.scale(),
                kind.frets(),
                joint,
                head,
                Handedness.RIGHT,
                NewInstrument.Timber.USUAL)
            .build(),
        EMPTY);
  }

  private static Plan with(Build build, Shop shop, List<Board> boards) {
    Shop next = shop;
    for (Board board : boards) {
      next = next.addBoard(board);
    }
    return Plan.of(build, next);
  }

  @ParameterizedTest
  @EnumSource(InstrumentKind.class)
  void anEmptyRackIsFilledWithOneBoardOfEachWood(InstrumentKind kind) {
    for (NeckJoint joint : NeckJoint.values()) {
      for (HeadMaking head : HeadMaking.values()) {
        Plan plan = begun(kind, joint, head);
        List<Board> boards = BoardsToGet.of(plan);
        assertThat(boards)
            .as(kind + " " + joint + " " + head)
            .extracting(Board::species)
            .containsExactlyInAnyOrder("maple", "red-alder", "rosewood");
        Plan filled = with(plan.build(), EMPTY, boards);
        assertThat(filled.findings()).noneMatch(Finding::missing);
        assertThat(filled.rips().fit()).isTrue();
        assertThat(filled.boards().homeless()).isEmpty();
        for (Board board : boards) {
          double width = board.width().orElseThrow();
          assertThat(width % 10).isZero();
          assertThat(board.length().orElseThrow() % 50).isZero();
          assertThat(board.thickness().orElseThrow() % 5).isZero();
          double thickest =
              plan.parts().stream()
                  .filter(p -> p.species().equals(board.species()))
                  .mapToDouble(WoodPart::thickness)
                  .max()
                  .orElseThrow();
          assertThat(board.thickness().orElseThrow() - thickest).isBetween(0.0, 4.999);
          // A board a step narrower is none: nothing is offered wider than it has to be.
          Board narrower = board.withWidth(OptionalDouble.of(width - 20));
          Plan less =
              with(
                  plan.build(),
                  EMPTY,
                  boards.stream().map(b -> b == board ? narrower : b).toList());
          assertThat(less.findings()).as(board.toString()).anyMatch(Finding::missing);
        }
      }
    }
  }

  @Test
  void whatOnlyHasToBeMeasuredIsNotBoughtAgain() {
    Plan heron = Plan.of(Demo.heron(LocalDate.of(2026, 5, 4)), Demo.shop());
    assertThat(heron.findings()).anyMatch(f -> f.words().contains("robinia-1 isn't measured"));
    assertThat(BoardsToGet.of(heron)).isEmpty();
  }

  @Test
  void itIsSaidInSizesThatAreSold() {
    Plan plan = begun(InstrumentKind.SIX_STRINGS, NeckJoint.BOLT_ON, HeadMaking.SCARF);
    assertThat(BoardsToGet.of(plan))
        .extracting(b -> BoardsToGet.words(plan, b).toString())
        .allMatch(w -> w.matches("Add [a-z ]+ \\d+ × \\d+ × \\d+ mm"));
  }
}
