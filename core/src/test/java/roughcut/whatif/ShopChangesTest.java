package roughcut.whatif;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import roughcut.demo.Demo;
import roughcut.measure.Said;
import roughcut.shop.Board;
import roughcut.shop.Limit;
import roughcut.shop.Shop;

/** What happened to a rack, a drawer and the limits is told thing by thing. */
class ShopChangesTest {
  private final Shop shop = Demo.shop();

  @Test
  void theSameShopTellsNothing() {
    assertThat(ShopChanges.between(shop, Demo.shop())).isEmpty();
  }

  @Test
  void boardsComeGoAndChange() {
    Board first = shop.boards().get(0);
    Board second = shop.boards().get(1);
    Shop without = shop.withoutBoard(first.id());
    assertThat(Said.all(ShopChanges.between(shop, without)))
        .containsExactly("board removed: " + first.id());
    assertThat(Said.all(ShopChanges.between(without, shop)))
        .containsExactly("new board: " + first.id());
    Shop changed = shop.changeBoard(second.id(), b -> b.withNote("cut into firewood"));
    assertThat(Said.all(ShopChanges.between(shop, changed)))
        .containsExactly("board changed: " + second.id());
  }

  @Test
  void limitsCuttersAndThePlanerAreTold() {
    Shop next =
        shop.withLimit("rod.least", new Limit(9, 8))
            .withCutters(shop.cutters().subList(1, shop.cutters().size()))
            .withSaws(List.of());
    assertThat(Said.all(ShopChanges.between(shop, next)))
        .contains(
            "new limit: neck under the truss rod",
            "cutter removed: " + shop.cutters().get(0).name())
        .filteredOn(l -> l.startsWith("saw removed: "))
        .hasSize(shop.saws().size());
    assertThat(Said.all(ShopChanges.between(next, shop.withLimits(Map.of()))))
        .contains("limit removed: neck under the truss rod");
  }
}
