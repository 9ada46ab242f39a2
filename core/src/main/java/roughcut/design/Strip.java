package roughcut.design;

/**
 * One strip of a laminated blank.
 *
 * @param species id of the wood in the species book
 * @param thickness finished thickness across the stack, mm; more than 0
 * @param grain which way the grain rises when the strip lies in the stack
 */
public record Strip(String species, double thickness, Grain grain) {
  /** Direction in which grain rises towards the playing face. */
  public enum Grain {
    TO_HEEL,
    TO_HEAD
  }

  /**
   * Strips below and above these finished thicknesses (mm) are refused: a veneer's least and a
   * plank's most.
   */
  public static final double LEAST = 0.3;

  public static final double MOST = 150;

  public Strip {
    if (species == null || species.isBlank()) {
      throw new IllegalArgumentException("a strip needs a species");
    }
    if (!(thickness >= LEAST && thickness <= MOST)) {
      throw new IllegalArgumentException(
          "a strip is between " + LEAST + " and " + MOST + " mm thick, not " + thickness);
    }
    if (grain == null) {
      grain = Grain.TO_HEEL;
    }
  }

  public Strip withThickness(double mm) {
    return new Strip(species, mm, grain);
  }

  public Strip withSpecies(String id) {
    return new Strip(id, thickness, grain);
  }

  public Strip withGrain(Grain direction) {
    return new Strip(species, thickness, direction);
  }
}
