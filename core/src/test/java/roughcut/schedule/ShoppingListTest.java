package roughcut.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.blank.BoardLayout;
import roughcut.blank.WoodPart;
import roughcut.demo.Demo;
import roughcut.design.Fitting;
import roughcut.design.FittingType;
import roughcut.design.ShelfGroup;
import roughcut.measure.Said;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.Reading;
import roughcut.shop.Shelf;
import roughcut.shop.ShelfItem;
import roughcut.shop.Shop;
import roughcut.shop.ShopHours;
import roughcut.start.ShelfTransfer;

/** What is to be bought, and what is laid out before a session. */
class ShoppingListTest {
  private static final LocalDateTime NOW = LocalDateTime.of(2026, 5, 4, 12, 0);

  private static List<ShoppingList.Line> shopping(Build build) {
    return ShoppingList.shopping(Plan.of(build, Demo.shop()), Units.MM);
  }

  /** What was measured is in hand; what was not is to be had. */
  @Test
  void hardwareIsOnTheListUntilItIsMeasured() {
    Build build = Heron.build();
    Fitting pickup =
        build.design().fittings().stream()
            .filter(f -> f.type() == FittingType.PICKUP)
            .findFirst()
            .orElseThrow();
    assertThat(shopping(build))
        .anyMatch(l -> l.what().toString().startsWith(pickup.words().toString()));
    Build measured =
        build.withReading(Reading.of(pickup.id("length"), 83.5, LocalDate.of(2026, 5, 1)));
    assertThat(shopping(measured))
        .noneMatch(l -> l.what().toString().startsWith(pickup.words().toString()));
  }

  @Test
  void woodThatLiesOnNoBoardIsToBeHad() {
    Plan bare = Plan.of(Heron.build(), Demo.shop().withBoards(List.of()));
    assertThat(ShoppingList.shopping(bare, Units.MM))
        .anyMatch(l -> l.what().toString().startsWith("wood for"));
    Plan noCutters = Plan.of(Heron.build(), Demo.shop().withCutters(List.of()));
    assertThat(ShoppingList.shopping(noCutters, Units.MM))
        .anyMatch(l -> l.why().toString().contains("drawer"));
    for (Plan any : List.of(bare, noCutters)) {
      assertThat(ShoppingList.shopping(any, Units.FRACTION_64))
          .as("one who reads inches meets no millimetre")
          .noneMatch(
              l ->
                  (l.what().in(Units.FRACTION_64) + " " + l.why().in(Units.FRACTION_64))
                      .matches(".*\\d mm\\b.*"));
    }
  }

  private static BoardLayout.Laid laid(Random random, String board) {
    double length = 1 + random.nextInt(6);
    double width = 1 + random.nextInt(6);
    WoodPart part =
        new WoodPart(
            "part",
            Text.of("part"),
            WoodPart.Use.NECK,
            "maple",
            length,
            width,
            20,
            true,
            true,
            false,
            null);
    return new BoardLayout.Laid(
        part, board, random.nextInt(10), random.nextInt(10), false, false, Text.NONE);
  }

  private static boolean has(BoardLayout.Laid laid, double x, double y) {
    return x > laid.x()
        && x < laid.x() + laid.part().length()
        && y > laid.y()
        && y < laid.y() + laid.part().width();
  }

  /** Held against walking the board cell by cell. */
  @Test
  void twoPartsMeetWhereTheyShareWood() {
    Random random = new Random(5);
    int met = 0;
    for (int i = 0; i < 400; i++) {
      BoardLayout.Laid one = laid(random, "plank");
      BoardLayout.Laid two = laid(random, "plank");
      boolean shared = false;
      for (double x = 0.5; x < 16; x++) {
        for (double y = 0.5; y < 16; y++) {
          shared |= has(one, x, y) && has(two, x, y);
        }
      }
      assertThat(one.meets(two)).as(one + " " + two).isEqualTo(shared);
      assertThat(two.meets(one)).isEqualTo(shared);
      assertThat(one.meets(laid(random, "other"))).isFalse();
      met += shared ? 1 : 0;
    }
    assertThat(met).isBetween(50, 350);
  }

  @Test
  void aBoardThatTwoBuildsWantAtOnePlaceIsSaid() {
    Plan heron = Plan.of(Heron.build(), Demo.shop());
    Plan again = Plan.of(Heron.build().withName("Second"), Demo.shop());
    Set<String> boards =
        heron.boards().laid().stream().map(BoardLayout.Laid::board).collect(Collectors.toSet());
    List<ShoppingList.Line> twice = ShoppingList.twice(heron, List.of(heron, again));
    assertThat(twice)
        .extracting(l -> l.what().toString())
        .containsExactlyInAnyOrderElementsOf(boards);
    assertThat(twice).allMatch(l -> l.why().toString().contains("Second's "));
    assertThat(ShoppingList.twice(heron, List.of(heron))).isEmpty();
    Plan elsewhere = Plan.of(Heron.build(), Demo.shop().withBoards(List.of()));
    assertThat(ShoppingList.twice(heron, List.of(heron, elsewhere))).isEmpty();
  }

  /** One pickup in hand can't go into two bodies; measured otherwise, it is another one. */
  @Test
  void aPieceThatTwoBuildsCountOnIsSaid() {
    Reading read = Reading.of("pickup.neck.length", 83.7, LocalDate.of(2026, 4, 2));
    Build first = Heron.build().withReading(read);
    Fitting neck = first.design().fitting("neck").orElseThrow();
    ShelfItem pickup = ShelfTransfer.keep(first, neck, "Number 7", LocalDate.of(2026, 4, 2));
    Build second = Demo.avocet();
    Fitting other =
        second.design().fittings().stream()
            .filter(f -> f.type() == FittingType.PICKUP)
            .findFirst()
            .orElseThrow();
    second = ShelfTransfer.take(second, pickup, other);
    assertThat(pieces(pickup, first, second))
        .containsExactly(
            "Number 7, from the inventory: you have one, but it is planned for Avocet's "
                + other.words().toString()
                + " too");
    assertThat(pieces(pickup, first)).isEmpty();
    assertThat(pieces(pickup, first, Demo.avocet())).isEmpty();
    Reading larger = Reading.of(other.id("length"), 83.8, LocalDate.of(2026, 4, 3));
    assertThat(pieces(pickup, first, second.withReading(larger))).isEmpty();
    ShelfItem listed =
        ShelfTransfer.keep(Heron.build(), neck, "From the list", LocalDate.of(2026, 4, 2));
    assertThat(pieces(listed, first, first.withName("Twin"))).isEmpty();

    Build rod = Heron.build().withReading(Reading.of("rod.length", 431, LocalDate.of(2026, 4, 2)));
    ShelfItem kept = ShelfTransfer.keep(rod, ShelfGroup.ROD, "Rod 431", LocalDate.of(2026, 4, 2));
    assertThat(kept.measured()).isNotEmpty();
    assertThat(pieces(kept, rod, ShelfTransfer.take(Demo.avocet(), kept)))
        .singleElement()
        .asString()
        .endsWith("planned for Avocet's truss rod too");
  }

  private static List<String> pieces(ShelfItem item, Build... builds) {
    Shop shop = Demo.shop().withBoards(List.of()).withShelf(Shelf.EMPTY.with(item));
    List<Plan> plans = Stream.of(builds).map(b -> Plan.of(b, shop)).toList();
    return ShoppingList.twice(plans.get(0), plans).stream()
        .map(l -> l.what().toString() + ": " + l.why().toString())
        .toList();
  }

  /** The next session is the first day of work, with every tool of its operations, and no other. */
  @Test
  void theNextSessionIsTheFirstDaysWork() {
    List<Plan> plans =
        Demo.builds(NOW.toLocalDate()).stream().map(b -> Plan.of(b, Demo.shop())).toList();
    Schedule schedule =
        Schedule.of(
            ShopPlanning.of(plans, ShopHours.USUAL, Map.of()),
            ShopHours.USUAL,
            NOW,
            ZoneId.of("Europe/Berlin"));
    ShoppingList.NextSession session = ShoppingList.session(schedule, plans).orElseThrow();
    List<String> first =
        schedule.blocks().stream()
            .filter(b -> b.start().toLocalDate().equals(session.from().toLocalDate()))
            .map(b -> plans.get(b.task().build()).name() + ": " + b.task().title().toString())
            .toList();
    assertThat(Said.all(session.operations())).isEqualTo(first).isNotEmpty();
    assertThat(session.take())
        .isNotEmpty()
        .allMatch(l -> first.stream().anyMatch(l.why().toString()::contains));
  }
}
