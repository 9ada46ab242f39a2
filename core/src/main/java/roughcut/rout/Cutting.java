package roughcut.rout;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import roughcut.finding.Finding;
import roughcut.finding.Topic;
import roughcut.geometry.Point;
import roughcut.measure.Basis;

/**
 * The slab while cuts are worked out, each where it keeps clear of those before it: the one place
 * where they are gathered. Once all are there, {@link #done} tells them.
 */
final class Cutting extends Slab {
  private final List<Cut> cuts = new ArrayList<>();
  private final List<Part> parts = new ArrayList<>();
  private final List<Trouble> troubles = new ArrayList<>();

  /** Controls over which all of the top is left. */
  final Set<String> levelTops = new LinkedHashSet<>();

  private final Map<String, Basis> shaped = new LinkedHashMap<>();

  Cutting(Slab slab) {
    super(slab);
  }

  /**
   * Makes what one fitting asks for; whatever is asked for meanwhile shapes the cuts and parts that
   * come of it.
   *
   * @param upstream what they hang on besides: the neck, the strings
   */
  <T> T making(Basis upstream, Supplier<T> work) {
    Set<String> before = new HashSet<>(shaped.keySet());
    var watched =
        givens.watched(
            () -> {
              givens.note(upstream);
              return work.get();
            });
    cuts.stream()
        .map(Cut::name)
        .filter(n -> !before.contains(n))
        .forEach(n -> shaped.putIfAbsent(n, watched.asked()));
    parts.stream()
        .map(Part::id)
        .filter(n -> !before.contains(CutSlab.PART + n))
        .forEach(n -> shaped.putIfAbsent(CutSlab.PART + n, watched.asked()));
    return watched.made();
  }

  /** The same where nothing comes of it but cuts and parts. */
  void making(Basis upstream, Runnable work) {
    making(
        upstream,
        () -> {
          work.run();
          return true;
        });
  }

  /**
   * Adds a cut as it is drawn.
   *
   * @return the cut as it really is: where it was cut, or read to be
   */
  Cut add(Cut cut) {
    Cut real = Places.real(this, cut);
    cuts.add(real);
    return real;
  }

  void add(Part part) {
    parts.add(part);
  }

  /** Puts a cut in another's place. */
  void replace(Cut before, Cut now) {
    cuts.set(cuts.indexOf(before), now);
    shaped.put(now.name(), basis(before).and(soFar()));
  }

  void trouble(String decisionId, String message, Point at) {
    trouble(Topic.ROUTS, decisionId, message, at);
  }

  void trouble(Topic topic, String decisionId, String message, Point at) {
    troubles.add(
        new Trouble(new Finding(Finding.Severity.IMPOSSIBLE, topic, decisionId, message), at));
  }

  /** Something that can be had and wants a look. */
  void look(String decisionId, String message, Point at) {
    troubles.add(
        new Trouble(new Finding(Finding.Severity.LOOK, Topic.ROUTS, decisionId, message), at));
  }

  /** What shapes a cut. */
  Basis basis(Cut cut) {
    return shaped.getOrDefault(cut.name(), Basis.NONE);
  }

  /** What shapes all cuts so far, and the body that they are in. */
  Basis everything() {
    return Basis.all(shaped.values()).and(surface.basis());
  }

  /** The cut of that name; what is being made hangs on it from now on. */
  Optional<Cut> cut(String name) {
    Optional<Cut> cut = cuts.stream().filter(c -> c.name().equals(name)).findFirst();
    cut.ifPresent(c -> givens.note(basis(c)));
    return cut;
  }

  /** The cuts so far. */
  List<Cut> cuts() {
    return List.copyOf(cuts);
  }

  /** The slab with all that is cut so far. */
  CutSlab done() {
    return new CutSlab(this, cuts, parts, troubles, shaped);
  }
}
