package roughcut.blank;

import roughcut.geometry.Outline;
import roughcut.measure.Text;

/**
 * A rough part to be sawn from a board, grain along it.
 *
 * @param id stable, for laying it by hand
 * @param label what it is
 * @param use where in the instrument it goes
 * @param species its wood
 * @param length along the grain, rough, mm
 * @param width across, rough, mm
 * @param thickness rough, mm
 * @param strong whether marks that spoil strength have to be kept out of it
 * @param seen whether marks to be hidden have to be kept out of it, and marks to be shown are
 *     wanted
 * @param small whether an offcut will do
 * @param shape its outline inside length × width when it is no rectangle, or null; two alike are
 *     nested head to tail
 */
public record WoodPart(
    String id,
    Text label,
    Use use,
    String species,
    double length,
    double width,
    double thickness,
    boolean strong,
    boolean seen,
    boolean small,
    Outline shape) {
  /** Where in the instrument a part goes. */
  public enum Use {
    /** A neck sawn whole. */
    NECK,
    NECK_STRIP,
    /** What is glued on to the neck's stack: cap, block, centre strip, wings. */
    NECK_STEP,
    HEAD_WING,
    FRETBOARD,
    /** A back in one piece, or half of it. */
    BODY,
    BODY_STRIP,
    BODY_WING,
    TOP,
    /** Something small of the maker's own. */
    SMALL;

    /** Whether it goes into the body's blank. */
    public boolean ofBody() {
      return switch (this) {
        case BODY, BODY_STRIP, BODY_WING, TOP -> true;
        case NECK, NECK_STRIP, NECK_STEP, HEAD_WING, FRETBOARD, SMALL -> false;
      };
    }
  }

  /** A rectangle. */
  static WoodPart rectangle(
      String id,
      Text label,
      Use use,
      String species,
      double length,
      double width,
      double thickness) {
    return new WoodPart(id, label, use, species, length, width, thickness, true, true, false, null);
  }

  WoodPart hidden() {
    return new WoodPart(
        id, label, use, species, length, width, thickness, strong, false, small, shape);
  }

  double volume() {
    return length * width * thickness;
  }
}
