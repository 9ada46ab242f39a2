package roughcut.memo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;

/** A block is made anew exactly when something that it was made of is otherwise. */
class MemoTest {
  private static final UnaryOperator<Object> BLIND = q -> "";

  /** A block that asks for some ids and says how often it was made. */
  private static List<Object> made(Memo memo, Object key, List<?> from, String... asks) {
    return memo.block(
        key,
        from,
        () -> {
          for (String id : asks) {
            memo.asked(id);
          }
          return new ArrayList<>();
        });
  }

  @Test
  void whatWasNotAskedForMayChange() {
    Memo first = new Memo();
    Object a = made(first, "a", List.of(), "x", "y");
    Memo second = first.next(Set.of("z"));
    assertThat(made(second, "a", List.of(), "x")).isSameAs(a);
    assertThat(second.remade()).isEmpty();
    // Once more: it still hangs on what it asked for when it was made, not on what it would now.
    Memo third = second.next(Set.of("y"));
    assertThat(made(third, "a", List.of(), "x")).isNotSameAs(a);
    assertThat(third.remade()).containsExactly("a");
  }

  @Test
  void aBlockThatLookedThroughAllIsMadeOnAnyChange() {
    Memo first = new Memo();
    Object a =
        first.block(
            "a",
            List.of(),
            () -> {
              first.everything();
              return new Object();
            });
    assertThat(first.next(Set.of()).block("a", List.of(), Object::new)).isSameAs(a);
    assertThat(first.next(Set.of("x")).block("a", List.of(), Object::new)).isNotSameAs(a);
  }

  @Test
  void whatItIsMadeOfHasToBeTheSameObject() {
    Memo first = new Memo();
    List<String> from = new ArrayList<>(List.of("1"));
    Object a = made(first, "a", List.of(from));
    assertThat(made(first.next(Set.of()), "a", List.of(from))).isSameAs(a);
    assertThat(made(first.next(Set.of()), "a", List.of(new ArrayList<>(from)))).isNotSameAs(a);
    assertThat(made(first.next(Set.of()), "a", List.of(from, from))).isNotSameAs(a);
  }

  /** What an inner block asks for is asked for by the outer one, too. */
  @Test
  void anOuterBlockHangsOnWhatInnerOnesAskFor() {
    Memo first = new Memo();
    Object[] inner = new Object[1];
    Object outer =
        first.block(
            "outer",
            List.of(),
            () -> {
              inner[0] = made(first, "inner", List.of(), "x");
              return new Object();
            });
    Memo other = first.next(Set.of("y"));
    assertThat(other.block("outer", List.of(), Object::new)).isSameAs(outer);
    // Taken whole, its inner block is still there for the plan after.
    Memo third = other.next(Set.of("z"));
    third.block(
        "outer",
        List.of(new Object()),
        () -> {
          assertThat(made(third, "inner", List.of(), "x")).isSameAs(inner[0]);
          return new Object();
        });
    assertThat(third.remade()).containsExactly("outer");
    assertThat(first.next(Set.of("x")).block("outer", List.of(), Object::new)).isNotSameAs(outer);
    // The inner block taken as it was still tells the outer one, made anew, what it asked for.
    Memo fourth = third.next(Set.of("x"));
    assertThat(fourth.block("outer", List.of(), Object::new)).isNotSameAs(outer);
    assertThat(fourth.remade()).containsExactly("outer");
  }

  @Test
  void whatItLookedAtHasToBeAsItWas() {
    Map<Object, Object> there = new HashMap<>(Map.of("cut", "deep"));
    Memo first = new Memo();
    Object a =
        first.block(
            "a",
            List.of(),
            there::get,
            () -> {
              first.used("cut", there.get("cut"));
              return new Object();
            });
    assertThat(first.next(Set.of()).block("a", List.of(), there::get, Object::new)).isSameAs(a);
    there.put("other", "wide");
    assertThat(first.next(Set.of()).block("a", List.of(), there::get, Object::new)).isSameAs(a);
    there.put("cut", "shallow");
    assertThat(first.next(Set.of()).block("a", List.of(), there::get, Object::new)).isNotSameAs(a);
  }

  /** A block that may not look keeps nothing of what was seen in it; it is made of its list. */
  @Test
  void whatABlindBlockSawIsNotAskedAgain() {
    Memo first = new Memo();
    Object a =
        first.block(
            "a",
            List.of(),
            () -> {
              first.used("cut", "deep");
              return new Object();
            });
    assertThat(first.next(Set.of()).block("a", List.of(), Object::new)).isSameAs(a);
  }

  /** Inside of one that may look it would be taken as it was though what it saw is otherwise. */
  @Test
  void aBlindBlockInsideOneThatLooksMayNotLook() {
    Memo memo = new Memo();
    assertThatThrownBy(
            () ->
                memo.block(
                    "outer",
                    List.of(),
                    BLIND,
                    () ->
                        memo.block(
                            "inner",
                            List.of(),
                            () -> {
                              memo.used("cut", "deep");
                              return "";
                            })))
        .isInstanceOf(IllegalStateException.class)
        .hasMessageContaining("cut");
  }

  @Test
  void equalThingsStayTheSame() {
    Memo first = new Memo();
    List<Integer> a = first.same("list", new ArrayList<>(List.of(1, 2)));
    Memo second = first.next(Set.of("all"));
    assertThat(second.same("list", new ArrayList<>(List.of(1, 2)))).isSameAs(a);
    Memo third = second.next(Set.of());
    List<Integer> b = third.same("list", new ArrayList<>(List.of(1, 3)));
    assertThat(b).containsExactly(1, 3);
    assertThat(third.next(Set.of()).same("list", new ArrayList<>(List.of(9)), (x, y) -> true))
        .isSameAs(b);
  }

  @Test
  void whatStandsInOthersPlacesCountsAsChangedWhereItIs() {
    Memo first = new Memo();
    first.entries(Map.of("heel", 22.0));
    Object a = made(first, "a", List.of(), "heel");
    Object b = made(first, "b", List.of(), "nut");
    Memo same = first.next(Set.of());
    same.entries(Map.of("heel", 22.0));
    assertThat(made(same, "a", List.of(), "heel")).isSameAs(a);
    Memo deeper = same.next(Set.of());
    made(same, "b", List.of(), "nut");
    deeper.entries(Map.of("heel", 23.0));
    assertThat(made(deeper, "a", List.of(), "heel")).isNotSameAs(a);
    Memo gone = first.next(Set.of());
    gone.entries(Map.of());
    assertThat(made(gone, "a", List.of(), "heel")).isNotSameAs(a);
    assertThat(made(gone, "b", List.of(), "nut")).isSameAs(b);
  }

  @Test
  void aKeyStandsForOneBlock() {
    Memo memo = new Memo();
    made(memo, "a", List.of());
    assertThatThrownBy(() -> made(memo, "a", List.of()))
        .isInstanceOf(IllegalStateException.class)
        .hasMessageContaining("a");
  }

  /** A block that fails leaves nothing open: the next one's questions are its own. */
  @Test
  void aBlockThatFailsIsNoBlock() {
    Memo first = new Memo();
    assertThatThrownBy(
            () ->
                first.block(
                    "a",
                    List.of(),
                    BLIND,
                    () -> {
                      first.asked("x");
                      throw new IllegalArgumentException("no");
                    }))
        .hasMessage("no");
    Object b = made(first, "b", List.of(), "y");
    assertThat(made(first.next(Set.of("x")), "b", List.of(), "y")).isSameAs(b);
  }

  @Test
  void mapsTellWhatTheyAreAskedFor() {
    List<String> asked = new ArrayList<>();
    QuestionListener ears =
        new QuestionListener() {
          @Override
          public void asked(String id) {
            asked.add(id);
          }

          @Override
          public void everything() {
            asked.add("*");
          }
        };
    Map<String, Integer> map = new RecordingMap<>(Map.of("a", 1, "b", 2), ears);
    assertThat(map.get("a")).isEqualTo(1);
    assertThat(map.getOrDefault("c", 7)).isEqualTo(7);
    assertThat(map.containsKey("b")).isTrue();
    assertThat(asked).containsExactly("a", "c", "b");
    assertThat(map).hasSize(2);
    assertThat(asked).contains("*");
    asked.clear();
    Map<String, Integer> over = new LayeredMap<>(Map.of("a", 9), map);
    assertThat(over.get("a")).isEqualTo(9);
    assertThat(asked).isEmpty();
    assertThat(over.get("b")).isEqualTo(2);
    assertThat(over.containsKey("c")).isFalse();
    assertThat(asked).containsExactly("b", "c");
    assertThat(over).containsExactlyInAnyOrderEntriesOf(Map.of("a", 9, "b", 2));
  }

  /** Random sheets of sums, each made of cells and other sums, against sums from nothing. */
  @Test
  void randomSumsAreThoseFromNothing() {
    for (int seed = 0; seed < 200; seed++) {
      Random random = new Random(seed);
      Map<String, Integer> cells = new HashMap<>();
      for (int i = 0; i < 6; i++) {
        cells.put("c" + i, random.nextInt(3));
      }
      Memo memo = new Memo();
      Set<String> changed = Set.of();
      for (int step = 0; step < 12; step++) {
        Memo next = memo.next(changed);
        Map<String, Integer> heard = new RecordingMap<>(Map.copyOf(cells), next);
        List<Object> sums = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
          int own = i;
          List<Object> from = List.copyOf(sums.subList(0, i / 2));
          Object sum = next.block("s" + i, from, () -> next.same("v" + own, sum(own, heard, from)));
          assertThat(sum).as("seed %d", seed).isEqualTo(sum(own, cells, from));
          sums.add(sum);
        }
        memo = next;
        String cell = "c" + random.nextInt(6);
        int value = random.nextInt(3);
        changed = cells.get(cell) == value ? Set.of() : Set.of(cell);
        cells.put(cell, value);
      }
    }
  }

  /** Which cells count hangs on the first cell: what is asked for changes from plan to plan. */
  private static List<Integer> sum(int own, Map<String, Integer> cells, List<Object> from) {
    int sum = cells.get("c" + own) > 0 ? cells.get("c" + (own + 1)) : 0;
    for (Object other : from) {
      sum += ((List<?>) other).stream().mapToInt(x -> (Integer) x).sum();
    }
    return new ArrayList<>(List.of(sum));
  }
}
