package roughcut.design;

import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import roughcut.shop.BodyShapeBook;
import roughcut.shop.BodyShapeBook.BodyShape;

/** A body shape of the book as decisions about the outline. */
public final class BodyShapes {
  private BodyShapes() {}

  /** The design with that shape: its main measures, no point moved, nothing drawn elsewhere. */
  public static Design set(Design design, BodyShape shape) {
    Map<String, Double> numbers = new TreeMap<>(design.numbers());
    PartDecisions.bodyPoints().forEach(p -> numbers.remove(p.id()));
    Design next = design.withNumbers(numbers).withDrawn(Optional.empty());
    next = BodyDecisions.BODY_LENGTH.with(next, shape.length());
    next = BodyDecisions.BODY_UPPER.with(next, shape.upper());
    next = BodyDecisions.BODY_WAIST.with(next, shape.waist());
    next = BodyDecisions.BODY_LOWER.with(next, shape.lower());
    next = BodyDecisions.BODY_HORN_BASS.with(next, shape.hornBass());
    next = BodyDecisions.BODY_HORN_TREBLE.with(next, shape.hornTreble());
    return BodyDecisions.BODY_SLANT.with(next, shape.slant());
  }

  /** The shape of the book that the design has as it stands; empty for the maker's own. */
  public static Optional<BodyShape> matching(Design design) {
    boolean moved = PartDecisions.bodyPoints().stream().anyMatch(p -> p.in(design) != 0);
    return moved || design.drawn().isPresent()
        ? Optional.empty()
        : BodyShapeBook.all().stream().filter(s -> same(design, s)).findFirst();
  }

  private static boolean same(Design design, BodyShape s) {
    return BodyDecisions.BODY_LENGTH.in(design) == s.length()
        && BodyDecisions.BODY_UPPER.in(design) == s.upper()
        && BodyDecisions.BODY_WAIST.in(design) == s.waist()
        && BodyDecisions.BODY_LOWER.in(design) == s.lower()
        && BodyDecisions.BODY_HORN_BASS.in(design) == s.hornBass()
        && BodyDecisions.BODY_HORN_TREBLE.in(design) == s.hornTreble()
        && BodyDecisions.BODY_SLANT.in(design) == s.slant();
  }
}
