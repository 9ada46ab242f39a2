package roughcut.shop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.Test;
import roughcut.measure.InvalidValue;

/** What a shop takes just so, and what is just too much. */
class ShopEdgesTest {
  private static final LocalDate DAY = LocalDate.of(2026, 5, 20);

  private static Saw saw(double kerf, double allowance, double resaw, double height) {
    return new Saw("bandsaw", kerf, allowance, resaw, height);
  }

  private static ShelfItem item(String name, String group, LocalDate on, double size) {
    return new ShelfItem(
        name, group, "", Map.of(), Map.of("length", size), Map.of("width", size), on);
  }

  private static Shelf shelf(int count, boolean twice) {
    List<ShelfItem> items = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      items.add(item(twice ? "one" : "rod " + i, "rod", DAY, 4));
    }
    return new Shelf(List.of(), items);
  }

  @Test
  void theLastThatIsTaken() {
    Map<String, ThrowingCallable> taken = new LinkedHashMap<>();
    taken.put("kerf", () -> saw(10, 1, 1, 300));
    taken.put("no kerf", () -> saw(0, 0, 0, 1));
    taken.put("allowances", () -> saw(1, 20, 20, 2000));
    taken.put("lowest", () -> new StringSpec(0.1, false, 0, 10));
    taken.put("highest", () -> new StringSpec(5, true, 4.99, 2000));
    taken.put("a name", () -> item("x".repeat(60), "rod", DAY, 0));
    taken.put("many", () -> shelf(Shelf.MOST, false));
    taken.put(
        "one name in two groups",
        () ->
            new Shelf(
                List.of(), List.of(item("one", "rod", DAY, 1), item("one", "bridge", DAY, 1))));
    taken.forEach((name, act) -> assertThatCode(act).as(name).doesNotThrowAnyException());
  }

  @Test
  void justTooMuchIsRefused() {
    Map<String, ThrowingCallable> refused = new LinkedHashMap<>();
    refused.put("kerf", () -> saw(10.01, 1, 1, 300));
    refused.put("less than no kerf", () -> saw(-0.01, 1, 1, 300));
    refused.put("kerf that is no number", () -> saw(Double.NaN, 1, 1, 300));
    refused.put("allowance", () -> saw(1, 20.01, 1, 300));
    refused.put("less than no allowance", () -> saw(1, -0.01, 1, 300));
    refused.put("resawing", () -> saw(1, 1, 20.01, 300));
    refused.put("less than none for resawing", () -> saw(1, 1, -0.01, 300));
    refused.put("no height", () -> saw(1, 1, 1, 0));
    refused.put("height", () -> saw(1, 1, 1, 2000.1));
    refused.put("no name", () -> new Saw(" ", 1, 1, 1, 300));
    refused.put("too low", () -> new StringSpec(0.4, false, 0, 9.9));
    refused.put("too high", () -> new StringSpec(0.4, false, 0, 2000.1));
    refused.put("no pitch", () -> new StringSpec(0.4, false, 0, Double.NaN));
    refused.put("too thin", () -> new StringSpec(0.09, false));
    refused.put("too thick", () -> new StringSpec(5.01, true));
    refused.put("core", () -> new StringSpec(1, true, 5, 110));
    refused.put("less than no core", () -> new StringSpec(1, true, -0.1, 110));
    refused.put("item without a name", () -> item("", "rod", DAY, 1));
    refused.put("long name", () -> item("x".repeat(61), "rod", DAY, 1));
    refused.put("item of no kind", () -> item("one", " ", DAY, 1));
    refused.put("item of no kind at all", () -> item("one", null, DAY, 1));
    refused.put("item of no day", () -> item("one", "rod", null, 1));
    refused.put("size that is none", () -> item("one", "rod", DAY, Double.POSITIVE_INFINITY));
    refused.put("too many", () -> shelf(Shelf.MOST + 1, false));
    refused.put("twice", () -> shelf(2, true));
    refused.forEach(
        (name, act) -> assertThatThrownBy(act).as(name).isInstanceOf(InvalidValue.class));
    assertThat(refused).hasSize(25);
  }
}
