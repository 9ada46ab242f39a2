package roughcut.machining;

import roughcut.design.BodyFace;
import roughcut.geometry.Bounds;
import roughcut.geometry.Frame;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Prism;
import roughcut.geometry.Similarity;

/**
 * How a body lies on a machine, a face up: x runs on along the strings, y to the treble side,
 * turned round for a left-handed one and again for the back (handbook page 6, "Driven by numbers";
 * page 11, "Turn over": about the centre line). z is counted up from the face.
 *
 * @param face that lies up
 * @param zero the place of the work's zero in the plan
 * @param level z of the face in the plan, where z runs down
 * @param mirrors whether y is turned round
 */
public record FaceFrame(BodyFace face, Point zero, double level, boolean mirrors) {
  static FaceFrame of(BodyFace face, Frame hand, Point zero, double level) {
    Frame turned =
        switch (face) {
          case TOP -> Frame.PLAIN;
          case BACK -> new Frame(false, true);
        };
    return new FaceFrame(face, zero, level, hand.then(turned).mirrors());
  }

  private Similarity similarity() {
    Similarity moved = Similarity.moving(-zero.x(), -zero.y());
    return mirrors ? moved.then(Similarity.turningOver()) : moved;
  }

  Point of(Point place) {
    return similarity().of(place);
  }

  /** Where a place of the machine lies in the plan. */
  public Point planned(Point place) {
    return zero.plus(place.x(), mirrors ? -place.y() : place.y());
  }

  Outline of(Outline shape) {
    return shape.through(similarity());
  }

  Bounds of(Bounds b) {
    return Bounds.of(of(new Point(b.left(), b.low())), of(new Point(b.right(), b.high())));
  }

  /** A floor of the plan, which may lean along. */
  LeaningFloor floor(Prism solid) {
    double slope =
        switch (face) {
          case TOP -> -solid.lean();
          case BACK -> solid.lean();
        };
    return new LeaningFloor(height(solid.floorAt(zero.x())), slope);
  }

  /** Height over the face of a z of the plan. */
  double height(double z) {
    return switch (face) {
      case TOP -> level - z;
      case BACK -> z - level;
    };
  }
}
