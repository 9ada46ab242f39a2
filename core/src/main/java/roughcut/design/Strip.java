package roughcut.design;

import roughcut.measure.InvalidValue;
import roughcut.measure.Text;

/**
 * One strip of a laminated blank.
 *
 * @param species id of the wood in the species book
 * @param thickness finished thickness across the stack, mm, more than 0; at the nut line when the
 *     strip is tapered
 * @param heelThickness finished thickness at the heel's end, mm; the same as {@code thickness} in a
 *     strip that isn't tapered
 * @param bow how far the strip's outward face swells sideways halfway between the nut line and the
 *     heel's end, mm, taken from its neighbour; both faces of a middle strip. 0 for a straight one
 * @param grain which way the grain rises when the strip lies in the stack
 */
public record Strip(
    String species, double thickness, double heelThickness, double bow, Grain grain) {
  /** Direction in which grain rises towards the playing face. */
  public enum Grain {
    TO_HEEL,
    TO_HEAD;

    public Grain other() {
      return this == TO_HEEL ? TO_HEAD : TO_HEEL;
    }
  }

  /**
   * Strips below and above these finished thicknesses (mm) are refused: a veneer's least and a
   * plank's most.
   */
  public static final double LEAST = 0.3;

  public static final double MOST = 150;

  /** Thinner than this a strip is a veneer, mm. */
  public static final double VENEER = 2;

  /** A curved insert deeper than this is no strip any more, mm. */
  public static final double DEEPEST_BOW = 40;

  public Strip {
    if (species == null || species.isBlank()) {
      throw new InvalidValue(Text.of("a strip needs a wood"));
    }
    if (!allowed(thickness) || !allowed(heelThickness)) {
      throw new InvalidValue(
          Text.of(
              "a strip is between {least} and {most} thick, not {thickness}",
              Text.length(LEAST, 1),
              Text.length(MOST, 1),
              Text.length(allowed(thickness) ? heelThickness : thickness, 2)));
    }
    if (!(bow >= 0 && bow <= DEEPEST_BOW)) {
      throw new InvalidValue(
          Text.of(
              "a strip's bow is between 0 and {most}, not {bow}",
              Text.length(DEEPEST_BOW, 1),
              Text.length(bow, 2)));
    }
    if (grain == null) {
      grain = Grain.TO_HEEL;
    }
  }

  /** A straight strip of one thickness. */
  public Strip(String species, double thickness, Grain grain) {
    this(species, thickness, thickness, 0, grain);
  }

  private static boolean allowed(double mm) {
    return mm >= LEAST && mm <= MOST;
  }

  public boolean tapered() {
    return thickness != heelThickness;
  }

  public boolean veneer() {
    return Math.max(thickness, heelThickness) < VENEER;
  }

  /** This strip with that thickness; an untapered one stays so. */
  public Strip withThickness(double mm) {
    return new Strip(species, mm, tapered() ? heelThickness : mm, bow, grain);
  }

  public Strip withHeelThickness(double mm) {
    return new Strip(species, thickness, mm, bow, grain);
  }

  public Strip withBow(double mm) {
    return new Strip(species, thickness, heelThickness, mm, grain);
  }

  public Strip withSpecies(String id) {
    return new Strip(id, thickness, heelThickness, bow, grain);
  }

  public Strip withGrain(Grain direction) {
    return new Strip(species, thickness, heelThickness, bow, direction);
  }
}
