package roughcut.neck;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import roughcut.design.DrawnOutline;
import roughcut.design.HeadShapes;
import roughcut.design.NeckDecisions;
import roughcut.geometry.Arc;
import roughcut.geometry.Bounds;
import roughcut.geometry.Cubic;
import roughcut.geometry.Line;
import roughcut.geometry.Outline;
import roughcut.geometry.Path;
import roughcut.geometry.Point;
import roughcut.geometry.Segment;
import roughcut.geometry.Similarity;
import roughcut.measure.Precision;
import roughcut.record.EffectiveInputs;

/**
 * A headstock's outline that was drawn elsewhere, put to the neck: turned as it was decided, its
 * end towards the neck on the break line, the middle of that end on the centre line, stretched to
 * the length and width that were decided.
 */
final class DrawnHead {
  /** What runs along the break line within so much is the end itself, mm. */
  private static final double ON_BREAK = 0.05;

  private DrawnHead() {}

  /**
   * As a face: along from the break line, across with the treble side positive.
   *
   * @param length along the face from the break line, mm
   * @param width across all of it, mm
   */
  static HeadFace of(DrawnOutline drawn, EffectiveInputs inputs, double length, double width) {
    Path turned = turned(drawn, inputs);
    double aside = inputs.get(NeckDecisions.HEAD_OUTLINE_ASIDE).value();
    Outline outline = new Outline(turned);
    Bounds b = outline.bounds();
    // A line has no width to stretch; what comes of it is told beside the nut.
    double along = length / Math.max(Precision.TOUCHING, b.width());
    double across = width / Math.max(Precision.TOUCHING, b.height());
    double middle = HeadShapes.middle(outline);
    UnaryOperator<Point> placed =
        p -> new Point((b.right() - p.x()) * along, (p.y() - middle) * across + aside);
    List<HeadFace.Stretch> round = new ArrayList<>();
    for (Segment segment : turned.segments()) {
      for (HeadFace.Stretch stretch : segment.fold(Cubics.ALL)) {
        round.add(stretch.through(placed));
      }
    }
    return HeadFace.of(fromBass(round));
  }

  /** As it lies with its end towards the neck at the right. */
  private static Path turned(DrawnOutline drawn, EffectiveInputs inputs) {
    Similarity over =
        switch (inputs.get(NeckDecisions.HEAD_OUTLINE_FLIP)) {
          case YES -> Similarity.turningOver();
          case NO -> Similarity.moving(0, 0);
        };
    double turn = Math.toRadians(inputs.get(NeckDecisions.HEAD_OUTLINE_TURN).value());
    return drawn.path().through(over.then(Similarity.turning(turn)));
  }

  /** Round the tip from the bass side to the treble side, without what runs along the break. */
  private static List<HeadFace.Stretch> fromBass(List<HeadFace.Stretch> round) {
    List<HeadFace.Stretch> all = new ArrayList<>(round);
    if (area(all) < 0) {
      all = new ArrayList<>();
      for (int i = round.size() - 1; i >= 0; i--) {
        all.add(round.get(i).reversed());
      }
    }
    int after = 0;
    for (int i = 0; i < all.size(); i++) {
      if (onBreak(all.get(i)) && !onBreak(all.get((i + 1) % all.size()))) {
        after = (i + 1) % all.size();
      }
    }
    List<HeadFace.Stretch> face = new ArrayList<>();
    for (int i = 0; i < all.size(); i++) {
      HeadFace.Stretch next = all.get((after + i) % all.size());
      if (!onBreak(next)) {
        face.add(next);
      }
    }
    return face.size() < 2 ? all : face;
  }

  private static boolean onBreak(HeadFace.Stretch stretch) {
    return stretch.curve().a().x() < ON_BREAK && stretch.curve().d().x() < ON_BREAK;
  }

  /** Of the corners between the pieces: more than 0 where they run anticlockwise. */
  private static double area(List<HeadFace.Stretch> round) {
    double twice = 0;
    for (HeadFace.Stretch stretch : round) {
      Cubic piece = stretch.curve();
      twice += piece.a().x() * piece.d().y() - piece.d().x() * piece.a().y();
    }
    return twice;
  }

  /** Lines and arcs as cubics, which stay curves when they are stretched. */
  private static final class Cubics
      implements Segment.Cases<List<HeadFace.Stretch>, RuntimeException> {
    static final Cubics ALL = new Cubics();

    @Override
    public List<HeadFace.Stretch> line(Line line) {
      return List.of(HeadFace.straight(line.a(), line.b()));
    }

    @Override
    public List<HeadFace.Stretch> arc(Arc arc) {
      return arc.cubics().stream().map(c -> new HeadFace.Stretch(c, false)).toList();
    }

    @Override
    public List<HeadFace.Stretch> cubic(Cubic cubic) {
      return List.of(new HeadFace.Stretch(cubic, false));
    }
  }
}
