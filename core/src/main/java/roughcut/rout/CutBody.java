package roughcut.rout;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import roughcut.measure.Provenance;

/** The slab with all that is cut into it: nothing is added any more, and everybody may read it. */
final class CutBody extends BodyStock {
  /** Sets parts apart from cuts of the same name. */
  static final String PART = "part ";

  final List<Cut> cuts;
  final List<HardwareSolid> parts;
  final List<CutProblem> problems;

  /** What shapes cuts by their names, and parts by their ids behind {@link #PART}. */
  final Map<String, Provenance> bases;

  private final Provenance everything;

  CutBody(
      BodyStock stock,
      List<Cut> cuts,
      List<HardwareSolid> parts,
      List<CutProblem> problems,
      Map<String, Provenance> shaped) {
    super(stock);
    this.cuts = List.copyOf(cuts);
    this.parts = List.copyOf(parts);
    this.problems = List.copyOf(problems);
    this.bases = Map.copyOf(shaped);
    // In the order of making, which a copied map doesn't keep.
    this.everything =
        Provenance.all(new LinkedHashMap<>(shaped).values()).and(surface.provenance());
  }

  /** What shapes a cut. */
  Provenance provenance(Cut cut) {
    return bases.getOrDefault(cut.name(), Provenance.NONE);
  }

  /** What shapes all cuts, and the body that they are in. */
  Provenance everything() {
    return everything;
  }

  /** The cut of that name. */
  Optional<Cut> cut(String name) {
    return cuts.stream().filter(c -> c.name().equals(name)).findFirst();
  }
}
