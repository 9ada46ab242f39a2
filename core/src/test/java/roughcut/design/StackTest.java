package roughcut.design;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;

/** Editing a stack, one side or both at once, whatever lies in it. */
class StackTest {
  private static final List<String> WOODS = List.of("pear", "elm", "cherry");

  private static Strip strip(Random random) {
    return new Strip(
        WOODS.get(random.nextInt(WOODS.size())),
        1 + random.nextInt(20),
        Strip.Grain.values()[random.nextInt(Strip.Grain.values().length)]);
  }

  private static Stack stack(Random random, boolean mirrored) {
    List<Strip> strips = new ArrayList<>();
    int n = 1 + random.nextInt(9);
    for (int i = 0; i < n; i++) {
      strips.add(strip(random));
    }
    return new Stack(strips, false).withMirrored(mirrored);
  }

  private static Strip plain(Strip strip) {
    return strip.withGrain(Strip.Grain.TO_HEEL);
  }

  private static List<Strip> sorted(Stack stack) {
    return stack.strips().stream()
        .map(StackTest::plain)
        .sorted(Comparator.comparing(Strip::toString))
        .toList();
  }

  @Property(tries = 300)
  void aStripMovesToItsPlaceAndItsMirrorImageWithIt(
      @ForAll @LongRange(min = 0, max = 1_000_000) long seed) {
    Random random = new Random(seed);
    boolean mirrored = random.nextBoolean();
    Stack stack = stack(random, mirrored);
    int n = stack.size();
    int from = random.nextInt(n);
    int to = random.nextInt(n + 4) - 2;
    int place = Math.max(0, Math.min(n - 1, to));
    Stack moved = stack.move(from, to);
    assertThat(moved.mirrored()).isEqualTo(mirrored);
    assertThat(plain(moved.strips().get(place))).isEqualTo(plain(stack.strips().get(from)));
    if (!mirrored) {
      List<Strip> byHand = new ArrayList<>(stack.strips());
      byHand.add(place, byHand.remove(from));
      assertThat(moved.strips()).isEqualTo(byHand);
      return;
    }
    assertThat(moved.symmetrical()).isTrue();
    assertThat(plain(moved.strips().get(n - 1 - place))).isEqualTo(plain(stack.strips().get(from)));
    boolean middle = 2 * from == n - 1 || 2 * place == n - 1;
    if (!middle) {
      assertThat(sorted(moved)).as("nothing lost, nothing new").isEqualTo(sorted(stack));
      assertThat(moved.move(place, from)).as("there and back").isEqualTo(stack);
    }
  }

  @Property(tries = 200)
  void anEditOfOneSideIsMadeOnTheOther(@ForAll @LongRange(min = 0, max = 1_000_000) long seed) {
    Random random = new Random(seed);
    boolean mirrored = random.nextBoolean();
    Stack stack = stack(random, mirrored);
    int n = stack.size();
    int at = random.nextInt(n);
    Stack changed = stack.change(at, s -> s.withThickness(99));
    for (int i = 0; i < n; i++) {
      boolean own = i == at || mirrored && i == n - 1 - at;
      assertThat(changed.strips().get(i).thickness())
          .isEqualTo(own ? 99 : stack.strips().get(i).thickness());
    }
    Stack less = stack.remove(at);
    boolean pair = mirrored && 2 * at != n - 1;
    int left = n - (pair ? 2 : 1);
    assertThat(less.size()).as("the last strip stays").isEqualTo(left == 0 ? n : left);
    if (left > 0) {
      List<Strip> byHand = new ArrayList<>();
      for (int i = 0; i < n; i++) {
        if (i != at && !(pair && i == n - 1 - at)) {
          byHand.add(stack.strips().get(i));
        }
      }
      assertThat(less.strips()).isEqualTo(byHand);
    }
    Stack more = stack.addOutside(new Strip("pear", 3, Strip.Grain.TO_HEEL));
    assertThat(more.size()).isEqualTo(n + (mirrored ? 2 : 1));
    assertThat(more.strips().get(more.size() - 1).thickness()).isEqualTo(3);
    assertThat(more.strips().get(0).thickness())
        .isEqualTo(mirrored ? 3 : stack.strips().get(0).thickness());
  }

  /** The treble side becomes like the bass side, its middle strip and grains that fit stay. */
  @Property(tries = 200)
  void mirroredTheTrebleSideIsLikeTheBassSide(
      @ForAll @LongRange(min = 0, max = 1_000_000) long seed) {
    Stack stack = stack(new Random(seed), false);
    Stack both = stack.withMirrored(true);
    int n = stack.size();
    assertThat(both.symmetrical()).isTrue();
    for (int i = 0; i < (n + 1) / 2; i++) {
      assertThat(both.strips().get(i)).isEqualTo(stack.strips().get(i));
    }
    if (stack.symmetrical()) {
      assertThat(both.strips()).isEqualTo(stack.strips());
    }
    assertThat(both.withMirrored(false).strips()).isEqualTo(both.strips());
  }
}
