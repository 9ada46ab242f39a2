package roughcut.design;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.UnaryOperator;
import roughcut.measure.InvalidValue;
import roughcut.measure.Text;

/**
 * A laminated blank: strips in order from the bass side to the treble side. While {@code mirrored}
 * is set, an edit of one side is made on the other too; an odd one out is allowed by clearing it.
 *
 * @param strips at least one, at most {@value #MOST_STRIPS}
 */
public record Stack(List<Strip> strips, boolean mirrored) {
  public static final int MOST_STRIPS = 41;

  public Stack {
    strips = List.copyOf(strips);
    if (strips.isEmpty() || strips.size() > MOST_STRIPS) {
      throw new InvalidValue(
          Text.of("a neck has 1 to {most} strips, not {count}", MOST_STRIPS, strips.size()));
    }
  }

  /** A mirrored stack given from the middle strip outwards. */
  public static Stack mirroredFromMiddle(Strip middle, Strip... outwards) {
    List<Strip> strips = new ArrayList<>();
    for (int i = outwards.length - 1; i >= 0; i--) {
      strips.add(outwards[i]);
    }
    strips.add(middle);
    Collections.addAll(strips, outwards);
    return new Stack(strips, true);
  }

  public int size() {
    return strips.size();
  }

  /** Whether the two sides are alike in wood and thickness; grain may differ. */
  public boolean symmetrical() {
    for (int i = 0; i < size() / 2; i++) {
      Strip bass = strips.get(i);
      Strip treble = strips.get(size() - 1 - i);
      if (!bass.withGrain(treble.grain()).equals(treble)) {
        return false;
      }
    }
    return true;
  }

  /** This stack with one strip changed, and its mirror image too when mirrored. */
  public Stack change(int index, UnaryOperator<Strip> change) {
    List<Strip> next = new ArrayList<>(strips);
    Strip changed = change.apply(strips.get(index));
    next.set(index, changed);
    int other = size() - 1 - index;
    if (mirrored && other != index) {
      next.set(other, change.apply(strips.get(other)));
    }
    return new Stack(next, mirrored);
  }

  /**
   * This stack with a strip put on the outside: one at each side when mirrored, otherwise at the
   * treble side.
   *
   * @throws IllegalArgumentException when that makes too many
   */
  public Stack addOutside(Strip strip) {
    List<Strip> next = new ArrayList<>(strips);
    next.add(strip);
    if (mirrored) {
      next.add(0, strip);
    }
    return new Stack(next, mirrored);
  }

  /**
   * This stack without one strip, and without its mirror image when mirrored; the last strip stays.
   */
  public Stack remove(int index) {
    List<Strip> next = new ArrayList<>(strips);
    int other = size() - 1 - index;
    next.remove(Math.max(index, mirrored ? other : index));
    if (mirrored && other != index) {
      next.remove(Math.min(index, other));
    }
    return next.isEmpty() ? this : new Stack(next, mirrored);
  }

  /**
   * This stack with a strip moved to another place; when mirrored, its mirror image moves the other
   * way. Places outside the stack are taken as its ends.
   */
  public Stack move(int from, int to) {
    int target = Math.max(0, Math.min(size() - 1, to));
    List<Strip> next = new ArrayList<>(strips);
    if (!mirrored) {
      next.add(target, next.remove(from));
      return new Stack(next, false);
    }
    int middle = (size() - 1) / 2;
    if (from > middle || from == middle && target > middle && size() % 2 == 1) {
      // The bass side is copied: what is moved at the treble side is moved there.
      return move(size() - 1 - from, size() - 1 - target);
    }
    int other = size() - 1 - target;
    Collections.swap(next, from, target);
    if (target != other && from != size() - 1 - from) {
      Collections.swap(next, size() - 1 - from, other);
    }
    for (int i = 0; i < size() / 2; i++) {
      next.set(size() - 1 - i, next.get(i).withGrain(next.get(size() - 1 - i).grain()));
    }
    return new Stack(next, true);
  }

  /** Mirrored editing on or off. Switching it on makes the treble side like the bass side. */
  public Stack withMirrored(boolean on) {
    if (!on || symmetrical()) {
      return new Stack(strips, on);
    }
    List<Strip> next = new ArrayList<>(strips);
    for (int i = 0; i < size() / 2; i++) {
      next.set(size() - 1 - i, next.get(i));
    }
    return new Stack(next, true);
  }
}
