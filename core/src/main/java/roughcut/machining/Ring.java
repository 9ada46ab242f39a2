package roughcut.machining;

import java.util.ArrayList;
import java.util.List;
import roughcut.gcode.Leg;
import roughcut.geometry.Arc;
import roughcut.geometry.Arcs;
import roughcut.geometry.Biarcs;
import roughcut.geometry.Cubic;
import roughcut.geometry.Line;
import roughcut.geometry.Path;
import roughcut.geometry.Point;
import roughcut.geometry.Point3;
import roughcut.geometry.Segment;

/** A closed way at one height, of straight and round pieces only, as a controller knows them. */
final class Ring {
  private final List<Segment> pieces;

  private Ring(List<Segment> pieces) {
    this.pieces = List.copyOf(pieces);
  }

  /** Along a closed line. */
  static Ring of(Path line) {
    List<Segment> pieces = new ArrayList<>();
    for (Segment segment : line.segments()) {
      pieces.addAll(
          segment.fold(
              new Segment.Cases<List<Segment>, RuntimeException>() {
                @Override
                public List<Segment> line(Line line) {
                  return List.of(line);
                }

                @Override
                public List<Segment> arc(Arc arc) {
                  // Halves: a whole circle ends where it begins, and some controllers leave it out.
                  return Math.abs(arc.sweep()) > Math.PI
                      ? List.of(arc.part(0, 0.5), arc.part(0.5, 1))
                      : List.of(arc);
                }

                @Override
                public List<Segment> cubic(Cubic cubic) {
                  return Biarcs.of(cubic, Arcs.CHORD_ERROR / 2);
                }
              }));
    }
    return new Ring(pieces);
  }

  Point start() {
    return pieces.get(0).start();
  }

  /**
   * Down along it, round and round until it is deep enough, and once round from there.
   *
   * @param from height at its start
   * @param to height of the round that counts, no higher
   * @param slope at most so steeply: mm down for each mm along
   */
  List<Leg> down(double from, double to, double slope) {
    List<Leg> legs = new ArrayList<>();
    double z = from;
    int i = 0;
    Segment piece = pieces.get(0);
    while (z > to) {
      double drop = piece.length() * slope;
      if (z - drop > to) {
        z -= drop;
        legs.add(leg(piece, z, Leg.Pace.ENTERING));
        i = (i + 1) % pieces.size();
        piece = pieces.get(i);
      } else {
        double share = (z - to) / drop;
        z = to;
        if (share > 0 && share < 1) {
          legs.add(leg(piece.part(0, share), z, Leg.Pace.ENTERING));
          return round(legs, i, share, z);
        }
        legs.add(leg(piece, z, Leg.Pace.ENTERING));
        i = (i + 1) % pieces.size();
      }
    }
    return round(legs, i, 0, z);
  }

  /** Once round from a place on one of its pieces. */
  private List<Leg> round(List<Leg> legs, int first, double share, double z) {
    if (share > 0) {
      legs.add(leg(pieces.get(first).part(share, 1), z, Leg.Pace.CUTTING));
    } else {
      legs.add(leg(pieces.get(first), z, Leg.Pace.CUTTING));
    }
    for (int k = 1; k < pieces.size(); k++) {
      legs.add(leg(pieces.get((first + k) % pieces.size()), z, Leg.Pace.CUTTING));
    }
    if (share > 0) {
      legs.add(leg(pieces.get(first).part(0, share), z, Leg.Pace.CUTTING));
    }
    return legs;
  }

  private static Leg leg(Segment piece, double z, Leg.Pace pace) {
    Point end = piece.end();
    Point3 to = new Point3(end.x(), end.y(), z);
    return piece
        .round()
        .<Leg>map(arc -> new Leg.Round(to, arc.centre(), arc.sweep(), pace))
        .orElseGet(() -> new Leg.Straight(to, pace));
  }
}
