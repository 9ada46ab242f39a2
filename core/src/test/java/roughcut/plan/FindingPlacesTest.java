package roughcut.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import roughcut.demo.Demo;
import roughcut.design.BodyDecisions;
import roughcut.design.Decisions;
import roughcut.design.Design;
import roughcut.design.WoodChoice;
import roughcut.finding.Finding;
import roughcut.measure.Text;
import roughcut.record.Build;
import roughcut.shop.Board;
import roughcut.shop.Shop;

/** What is found leads to where it is mended: a decision that there is, or a board in the rack. */
class FindingPlacesTest {
  private static final LocalDate DAY = LocalDate.of(2026, 5, 20);

  private static List<String> lost(Build build, Shop shop) {
    List<String> lost = new ArrayList<>();
    for (Finding finding : Plan.of(build, shop).findings()) {
      Optional<String> board = finding.board();
      boolean there =
          finding.where().isEmpty()
              || board.map(b -> shop.board(b).isPresent()).orElse(false)
              || board.isEmpty() && Decisions.find(build.design(), finding.where()).isPresent();
      if (!there) {
        lost.add(finding.where() + ": " + finding.words());
      }
    }
    return lost;
  }

  @Test
  void everyPlaceIsThere() {
    for (Build build : Demo.builds(DAY)) {
      assertThat(lost(build, Demo.shop())).as(build.name()).isEmpty();
    }
  }

  /** What stops a demo, but for what has to be bought, is at a field or a board. */
  @Test
  void whatStopsHasItsPlace() {
    List<String> nowhere =
        Demo.builds(DAY).stream()
            .flatMap(b -> Plan.of(b, Demo.shop()).findings().stream())
            .filter(f -> f.stops() && !f.missing() && f.where().isEmpty())
            .map(Finding::words)
            .toList();
    assertThat(nowhere).isEmpty();
  }

  /** A board that isn't measured, is damp or has a mark in the way is named as a place. */
  @Test
  void whatIsWrongWithABoardIsAtTheBoard() {
    List<Finding> ofBoards =
        Demo.builds(DAY).stream()
            .flatMap(b -> Plan.of(b, Demo.shop()).findings().stream())
            .filter(f -> f.board().isPresent())
            .toList();
    assertThat(ofBoards).anyMatch(f -> f.words().contains("isn't measured"));
    assertThat(ofBoards).anyMatch(f -> f.words().contains("moisture"));
    assertThat(ofBoards)
        .allSatisfy(
            f ->
                assertThat(Demo.shop().boards().stream().map(Board::id))
                    .contains(f.board().orElseThrow()));
    // Of boards that are too far apart it is the wettest that has to wait.
    Design damp =
        BodyDecisions.BODY_SPECIES.with(
            Demo.avocet().design(), new WoodChoice("lime", Text.of("lime")));
    Plan avocet = Plan.of(Demo.avocet().withDesign(damp), Demo.shop());
    double wettest =
        avocet.boards().laid().stream()
            .filter(l -> l.part().use().ofBody())
            .flatMap(l -> Demo.shop().board(l.board()).stream())
            .mapToDouble(b -> b.moisture().orElse(0))
            .max()
            .orElseThrow();
    Finding apart =
        avocet.findings().stream()
            .filter(f -> f.words().contains("Let them settle"))
            .findFirst()
            .orElseThrow();
    assertThat(Demo.shop().board(apart.board().orElseThrow()).orElseThrow().moisture())
        .hasValue(wettest);
    assertThat(Finding.ofBoard("elm 1")).isNotEqualTo(Finding.ofBoard("elm"));
  }
}
