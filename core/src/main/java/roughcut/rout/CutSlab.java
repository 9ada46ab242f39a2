package roughcut.rout;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import roughcut.measure.Basis;

/** The slab with all that is cut into it: nothing is added any more, and everybody may read it. */
final class CutSlab extends Slab {
  /** Sets parts apart from cuts of the same name. */
  static final String PART = "part ";

  final List<Cut> cuts;
  final List<Part> parts;
  final List<Trouble> troubles;

  /** What shapes cuts by their names, and parts by their ids behind {@link #PART}. */
  final Map<String, Basis> bases;

  private final Basis everything;

  CutSlab(
      Slab slab,
      List<Cut> cuts,
      List<Part> parts,
      List<Trouble> troubles,
      Map<String, Basis> shaped) {
    super(slab);
    this.cuts = List.copyOf(cuts);
    this.parts = List.copyOf(parts);
    this.troubles = List.copyOf(troubles);
    this.bases = Map.copyOf(shaped);
    // In the order of making, which a copied map doesn't keep.
    this.everything = Basis.all(new LinkedHashMap<>(shaped).values()).and(surface.basis());
  }

  /** What shapes a cut. */
  Basis basis(Cut cut) {
    return bases.getOrDefault(cut.name(), Basis.NONE);
  }

  /** What shapes all cuts, and the body that they are in. */
  Basis everything() {
    return everything;
  }

  /** The cut of that name. */
  Optional<Cut> cut(String name) {
    return cuts.stream().filter(c -> c.name().equals(name)).findFirst();
  }
}
