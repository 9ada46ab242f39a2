package roughcut.machining;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import roughcut.geometry.Point3;
import roughcut.machining.SimulationFault.Kind;
import roughcut.measure.Text;

/** Of each kind the worst in each line; a helix cuts a thousand times in one. */
final class FaultList {
  private record Key(Kind kind, int line) {}

  private final Map<Key, SimulationFault> worst = new LinkedHashMap<>();

  /** The words are only made where nothing worse is there. */
  void add(Kind kind, int line, Point3 at, double amount, Supplier<Text> words) {
    Key key = new Key(kind, line);
    SimulationFault before = worst.get(key);
    if (before == null || before.amount() < amount) {
      worst.put(key, new SimulationFault(kind, line, words.get(), Optional.ofNullable(at), amount));
    }
  }

  /** Each of them: a line may have several that the text itself shows. */
  List<SimulationFault> with(List<SimulationFault> text) {
    List<SimulationFault> all = new ArrayList<>(text);
    all.addAll(worst.values());
    all.sort(Comparator.comparingInt(SimulationFault::line).thenComparing(SimulationFault::kind));
    return all;
  }
}
