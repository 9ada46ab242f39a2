package roughcut.blank;

import roughcut.geometry.Outline;

/**
 * A rough part to be sawn from a board, grain along it.
 *
 * @param id stable, for laying it by hand
 * @param label what it is
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
    String label,
    String species,
    double length,
    double width,
    double thickness,
    boolean strong,
    boolean seen,
    boolean small,
    Outline shape) {
  /** A rectangle. */
  static WoodPart rectangle(
      String id, String label, String species, double length, double width, double thickness) {
    return new WoodPart(id, label, species, length, width, thickness, true, true, false, null);
  }

  WoodPart hidden() {
    return new WoodPart(id, label, species, length, width, thickness, strong, false, small, shape);
  }

  double volume() {
    return length * width * thickness;
  }
}
