package roughcut.blank;

import java.util.ArrayList;
import java.util.List;
import roughcut.measure.Text;

/**
 * A blank on its way: what it is, how it is made, how large it has to be before the next step, and
 * what it is made from. Blanks of blanks make a tree (handbook page 8).
 *
 * @param how it is made, in words
 * @param length mm
 * @param width mm
 * @param depth mm
 * @param from the parts that it is glued from, or the blank that it is sawn from
 */
public record BlankNode(
    Text name, Text how, double length, double width, double depth, List<BlankNode> from) {
  public BlankNode {
    from = List.copyOf(from);
  }

  /** A node with how many steps stand between it and the finished blank. */
  public record Level(int level, BlankNode node) {}

  /** The whole tree, this one first. */
  public List<Level> all() {
    List<Level> all = new ArrayList<>();
    collect(0, all);
    return all;
  }

  private void collect(int level, List<Level> all) {
    all.add(new Level(level, this));
    from.forEach(child -> child.collect(level + 1, all));
  }
}
