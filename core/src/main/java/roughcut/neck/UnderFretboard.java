package roughcut.neck;

import static roughcut.measure.Quantity.LENGTH;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roughcut.design.FretboardDecisions;
import roughcut.fretboard.FretPins;
import roughcut.geometry.Point;
import roughcut.layout.FretLayout;
import roughcut.layout.FretboardTaper;
import roughcut.measure.Provenance;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;

/** The fretboard's locating pins, clear of what is let into the neck below. */
public final class UnderFretboard {
  /** Wood that a pin's bore leaves to the fretboard's edge, mm. */
  private static final double EDGE = 4;

  private UnderFretboard() {}

  /** Pins through the second slot and the last but one. */
  public static List<FretPins> pins(
      EffectiveInputs inputs,
      FretLayout frets,
      FretboardTaper taper,
      NeckShape neck,
      RodChannel rod,
      Optional<Stiffeners> stiffeners,
      ValueRegistry registry) {
    Value pin = inputs.get(FretboardDecisions.PIN);
    List<FretPins> pins = new ArrayList<>();
    int count = frets.frets().size();
    for (boolean headEnd : new boolean[] {true, false}) {
      int fret = headEnd ? Math.min(2, count) : Math.max(1, count - 1);
      FretLayout.Fret slot = frets.frets().get(fret - 1);
      Point treble = taper.edge(slot.x(), slot.slant(), 1);
      Point bass = taper.edge(slot.x(), slot.slant(), -1);
      // A leaning slot may pass a channel's end on its way across.
      List<FretPins.Taken> taken = new ArrayList<>(taken(rod, stiffeners, treble.x()));
      taken.addAll(taken(rod, stiffeners, slot.x()));
      taken.addAll(taken(rod, stiffeners, bass.x()));
      FretPins found =
          FretPins.at(
              fret,
              slot.x(),
              slot.slant(),
              Math.min(tenon(neck, treble, bass), Math.min(treble.y(), -bass.y())),
              pin.value(),
              EDGE,
              taken);
      pins.add(found);
      found
          .y()
          .ifPresent(
              y ->
                  registry.find(
                      NeckKeys.PIN_ACROSS.id(headEnd ? "head" : "body"),
                      Text.of("Locating pin in slot {fret}, from the centre line", fret),
                      LENGTH,
                      y,
                      Text.of("found outwards in, 1 mm clear of every channel"),
                      frets
                          .provenance()
                          .and(
                              taper.provenance(),
                              neck.provenance(),
                              rod.provenance(),
                              stiffeners.map(Stiffeners::provenance).orElse(Provenance.NONE))
                          .with(pin)));
    }
    return pins;
  }

  /** As far out as a pin finds wood under a slot behind the body's edge; endless on a full neck. */
  private static double tenon(NeckShape neck, Point treble, Point bass) {
    return Math.max(treble.x(), bass.x()) > neck.joint().value()
        ? neck.tenonHalf()
        : Double.POSITIVE_INFINITY;
  }

  private static List<FretPins.Taken> taken(
      RodChannel rod, Optional<Stiffeners> stiffeners, double x) {
    List<FretPins.Taken> taken = new ArrayList<>();
    List<Channel.Piece> pieces = new ArrayList<>(rod.channel().pieces());
    stiffeners.ifPresent(s -> pieces.addAll(s.treble().pieces()));
    for (Channel.Piece piece : pieces) {
      if (x >= piece.from() - 1 && x <= piece.to() + 1) {
        double y = piece.offsetAt(x);
        taken.add(new FretPins.Taken(y - piece.width() / 2, y + piece.width() / 2));
      }
    }
    return taken;
  }
}
