package roughcut.desktop.session;

import static roughcut.desktop.words.Words.say;

import java.util.OptionalDouble;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import roughcut.caliper.Caliper;
import roughcut.caliper.Sample;
import roughcut.caliper.Settling;

/** The caliper that is connected: what it shows, whether it has settled, what it told of itself. */
public final class ConnectedCaliper implements Caliper.Hearer {
  private final ReadOnlyObjectWrapper<Double> shown = new ReadOnlyObjectWrapper<>();
  private final ReadOnlyObjectWrapper<OptionalDouble> settled =
      new ReadOnlyObjectWrapper<>(OptionalDouble.empty());
  private final ReadOnlyStringWrapper told = new ReadOnlyStringWrapper("");
  private final Settling settling = new Settling();

  /** What it shows, mm; null before the first reading and after it was lost. */
  public ReadOnlyObjectProperty<Double> shown() {
    return shown.getReadOnlyProperty();
  }

  /** The value on which it has settled, mm. */
  public ReadOnlyObjectProperty<OptionalDouble> settled() {
    return settled.getReadOnlyProperty();
  }

  /** What is wrong with it, in words; empty for nothing. */
  public ReadOnlyStringProperty told() {
    return told.getReadOnlyProperty();
  }

  @Override
  public void read(Sample sample) {
    shown.set(sample.mm());
    settling.add(sample);
    settled.set(settling.settled());
  }

  @Override
  public void told(Caliper.Trouble trouble) {
    told.set(say(trouble.words()));
    if (trouble == Caliper.Trouble.DROPPED) {
      settling.forget();
      settled.set(OptionalDouble.empty());
      shown.set(null);
    }
  }

  /** It is well again. */
  public void well() {
    told.set("");
  }
}
