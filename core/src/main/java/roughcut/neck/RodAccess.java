package roughcut.neck;

import java.util.List;
import java.util.Optional;
import roughcut.finding.Message;
import roughcut.fretboard.Slots;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;
import roughcut.strings.Heights;

/**
 * The way to a rod's adjuster that isn't a bore from the head: a pocket in the head's face, a bore
 * from the heel's end, or the fretboard's end (handbook page 4, "Channel"). What is cut, what it
 * leaves, and how the key gets there.
 *
 * @param name what is cut, in words
 * @param settings what saw, drill and router are set to, in the order of work
 * @param lefts what remains
 * @param cuts in the elevation: x from the nut line, z from the neck's top
 * @param key the key's axis in the elevation, from the adjuster outwards
 * @param steps at the bench, in order
 * @param trouble what keeps the key from the adjuster, in words
 */
public record RodAccess(
    Text name,
    List<Value> settings,
    List<Left> lefts,
    List<Outline> cuts,
    List<Point> key,
    List<Text> steps,
    Optional<Message> problem) {

  /**
   * What such a cut leaves.
   *
   * @param kind of thin spot
   * @param what in the maker's words
   * @param x where, from the nut line, mm
   * @param changedBy ids of the decisions that would change it
   */
  public record Left(Kind kind, Text what, Value value, double x, List<String> changedBy) {
    public Left {
      changedBy = List.copyOf(changedBy);
    }

    static Left of(Kind kind, Text what, Value value, double x, String... changedBy) {
      return new Left(kind, what, value, x, List.of(changedBy));
    }
  }

  /** What limits it is held against. */
  public enum Kind {
    /** Wood between a cut and the neck's back or side. */
    BACK,
    /** Wood over a cut, under the fretboard's face or slots or the glue line. */
    OVER,
    /** Wood from a pocket to a tuner's bore. */
    TUNER,
    /** Room round the key. */
    KEY,
    /** How far a cut gets past the adjuster that it is for. */
    REACH
  }

  /** From a pocket in the head's face. */
  public static RodAccess headPocket(
      EffectiveInputs inputs,
      NeckShape neck,
      HeadFace face,
      TunerLayout tuners,
      ValueRegistry registry) {
    return HeadPocket.of(inputs, neck, face, tuners, registry);
  }

  /** From the heel's end. */
  public static RodAccess heelBore(
      EffectiveInputs inputs,
      NeckShape neck,
      RodChannel rod,
      Heights heights,
      ValueRegistry registry) {
    return HeelBore.of(inputs, neck, rod, heights, registry);
  }

  /** From the fretboard's end. */
  public static RodAccess fretboardEnd(
      EffectiveInputs inputs, NeckShape neck, RodChannel rod, Slots slots, ValueRegistry registry) {
    return FretboardEnd.of(inputs, neck, rod, slots, registry);
  }

  public RodAccess {
    settings = List.copyOf(settings);
    lefts = List.copyOf(lefts);
    cuts = List.copyOf(cuts);
    key = List.copyOf(key);
    steps = List.copyOf(steps);
  }
}
