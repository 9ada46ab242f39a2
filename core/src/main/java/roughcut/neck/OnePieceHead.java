package roughcut.neck;

import static roughcut.measure.ComputedValue.in;

import java.util.Optional;
import roughcut.geometry.Outline;
import roughcut.measure.TableValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;

/**
 * The head sawn from the same deep blank as the shaft: what depth that wants, the lines to draw on
 * the blank's side, and how far the grain runs through the head before it comes out. The strength
 * of such a head rests on that length (handbook page 4, "One piece").
 *
 * @param depth of the blank for the head alone; shaft or heel may want more
 * @param length of that blank, from the tip to the heel's end
 * @param breakAt the break line on the top, from the blank's head end
 * @param faceAtEnd the face's line on the blank's head end, below the top
 * @param backBelow the head's back below its face, straight down
 * @param shape the head in the elevation
 */
public record OnePieceHead(
    Value depth, Value length, Value breakAt, Value faceAtEnd, Value backBelow, Outline shape) {

  public static OnePieceHead of(HeadLine head, Value heelEnd, Value trim, ValueRegistry registry) {
    double length = head.length().value();
    double thickness = head.thickness().value();
    Outline shape =
        Outline.of(
            head.at(0, 0), head.at(0, thickness), head.at(length, thickness), head.at(length, 0));
    Value breakAt =
        registry.put(
            NeckKeys.HEAD_ONE_PIECE_BREAK,
            "e + ℓ_h · cos(θ)",
            in("e", trim),
            in("ℓ_h", head.length()),
            in("θ", head.angle()));
    return new OnePieceHead(
        registry.put(
            NeckKeys.HEAD_ONE_PIECE_DEPTH,
            "ℓ_h · sin(θ) + t_h · cos(θ)",
            in("ℓ_h", head.length()),
            in("θ", head.angle()),
            in("t_h", head.thickness())),
        registry.put(
            NeckKeys.HEAD_ONE_PIECE_LENGTH,
            "x_heel + nut + ℓ_h · cos(θ)",
            in("x_heel", heelEnd),
            in("nut", head.nutThickness()),
            in("ℓ_h", head.length()),
            in("θ", head.angle())),
        breakAt,
        registry.put(
            NeckKeys.HEAD_ONE_PIECE_FACE,
            "x_b · tan(θ)",
            in("x_b", breakAt),
            in("θ", head.angle())),
        registry.put(
            NeckKeys.HEAD_ONE_PIECE_BACK,
            "t_h / cos(θ)",
            in("t_h", head.thickness()),
            in("θ", head.angle())),
        shape);
  }

  /**
   * Length of unbroken grain through the head, at worst: a board whose grain runs out of its face
   * adds that to the head's angle. Empty on a head without an angle, where it runs all the way.
   *
   * @param runOut the most of the boards that the neck is sawn from, degrees
   */
  public static Optional<Value> grain(HeadLine head, double runOut, ValueRegistry registry) {
    if (head.flat()) {
      return Optional.empty();
    }
    Value runs = TableValue.of(NeckKeys.BOARD_RUN_OUT, runOut, Text.of("listed size of the board"));
    return Optional.of(
        registry.put(
            NeckKeys.HEAD_GRAIN_THROUGH,
            runOut > 0 ? "t_h / sin(θ + ρ)" : "t_h / sin(θ)",
            in("t_h", head.thickness()),
            in("θ", head.angle()),
            in("ρ", runs)));
  }
}
