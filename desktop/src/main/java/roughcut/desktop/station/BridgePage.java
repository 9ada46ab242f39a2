package roughcut.desktop.station;

import static roughcut.desktop.words.Words.say;

import java.util.Optional;
import javafx.scene.control.Label;
import roughcut.design.RoutDecisions;
import roughcut.design.ShelfGroup;
import roughcut.design.StringDecisions;
import roughcut.desktop.control.FactTable;
import roughcut.desktop.control.ShelfRow;
import roughcut.desktop.draw.Handles;
import roughcut.desktop.session.StationContext;
import roughcut.drawing.BridgeDrawing;
import roughcut.drawing.Drawing;
import roughcut.fretboard.FretboardKeys;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.plan.Plan;
import roughcut.rout.CutLocations;
import roughcut.rout.RoutKeys;
import roughcut.strings.Bridge;
import roughcut.strings.StringKeys;

/** Where the bridge goes: its window, the datum dragged in it, and every hole's places. */
final class BridgePage extends PlainPage {
  private final StationContext context;
  private final PagedStation station;
  private final FactTable window = new FactTable();
  private final FactTable holes = new FactTable();
  private final Label trouble = new Label();

  BridgePage(StationContext context, PagedStation station) {
    this.context = context;
    this.station = station;
  }

  @Override
  Panel makePanel() {
    return new Panel(context)
        .node(turner(station))
        .heading(say("Decisions"))
        .decisions(
            StringDecisions.BRIDGE,
            StringDecisions.BRIDGE_PLACE,
            StringDecisions.NUT_TO_OCTAVE,
            StringDecisions.STRING_LINE_OFF,
            StringDecisions.COMPENSATION)
        .node(ShelfRow.of(ShelfGroup.BRIDGE, context.session()))
        .more(
            StringDecisions.BRIDGE_FORWARD,
            StringDecisions.BRIDGE_REAR,
            StringDecisions.BRIDGE_POSTS,
            StringDecisions.BRIDGE_SLANT,
            StringDecisions.BRIDGE_LOW,
            StringDecisions.BRIDGE_HIGH,
            StringDecisions.BRIDGE_ANCHOR,
            RoutDecisions.STRUNG_THROUGH,
            RoutDecisions.STRING_BORE,
            RoutDecisions.FERRULE_BORE,
            RoutDecisions.FERRULE_DEPTH,
            RoutDecisions.POST_BORE,
            RoutDecisions.POST_DEPTH,
            RoutDecisions.POST_SINK,
            RoutDecisions.STUD_PILOT,
            RoutDecisions.BRIDGE_TOP_FROM,
            RoutDecisions.BRIDGE_TOP_ALONG,
            RoutDecisions.BRIDGE_TOP_ACROSS,
            RoutDecisions.BRIDGE_BLOCK_FROM,
            RoutDecisions.BRIDGE_BLOCK_ALONG,
            RoutDecisions.BRIDGE_BLOCK_ACROSS,
            RoutDecisions.SPRING_LENGTH,
            RoutDecisions.SPRINGS_ACROSS,
            StringDecisions.STRAIGHT_TREBLE,
            StringDecisions.STRAIGHT_ANGLE)
        .set(
            "bridge.post.pilot",
            say("Posts, pilot hole"),
            RoutKeys.BRIDGE_POST_STOP.id(),
            say("Posts, drilling depth"),
            "bridge.spacer.front",
            say("Spacer in front of the block"),
            "bridge.spacer.rear",
            say("Spacer behind the block"),
            "bridge.spacer.side",
            say("Spacer beside the block"),
            RoutKeys.FERRULE_STOP.id(),
            say("Ferrules, drilling depth"))
        .mark(
            "bridge.datum",
            say("Datum on the centre line"),
            CutLocations.along("post-bass"),
            say("Bass post, from the body edge"),
            CutLocations.offsetFromCentre("post-bass"),
            say("Bass post, from centre line"),
            CutLocations.along("post-treble"),
            say("Treble post, from the body edge"),
            CutLocations.offsetFromCentre("post-treble"),
            say("Treble post, from centre line"),
            RoutKeys.BRIDGE_TAIL_ALONG.id(),
            say("Tailpiece, from the nut line"),
            RoutKeys.BRIDGE_TAIL_ASIDE.id(),
            say("Tailpiece, from centre line"))
        .know(
            StringKeys.BRIDGE_WINDOW_FRONT.id(),
            say("Range from"),
            StringKeys.BRIDGE_WINDOW_BACK.id(),
            say("Range to"),
            FretboardKeys.FRET_OCTAVE_CENTS.id(),
            say("Octave fret, with the bridge as planned"));
  }

  @Override
  ColumnBox makeLower() {
    trouble.getStyleClass().add("decision-message");
    trouble.setWrapText(true);
    return new ColumnBox()
        .add(say("Bridge range"), trouble, window)
        .add(say("Holes, measured with a ruler"), holes);
  }

  @Override
  void showLower(Plan plan, Units units) {
    Bridge bridge = plan.stringPlan().bridge();
    trouble.setText(bridge.possible() ? "" : bridge.problem().text().in(units));
    trouble.setVisible(!bridge.possible());
    trouble.setManaged(!bridge.possible());
    window.begin();
    window.row(
        false,
        say("play"),
        NumberWriter.text(bridge.back().value() - bridge.front().value(), Quantity.LENGTH, units));
    window.row(
        false,
        say("Front limit"),
        say("string {frontString}, saddle all the way back", bridge.frontString()));
    window.row(
        false,
        say("Back limit"),
        say(
            "string {backString}, {length} kept for sharpening",
            bridge.backString(),
            NumberWriter.text(Bridge.SHARPEN, Quantity.LENGTH, units)));
    window.row(
        false,
        say("saddle travel"),
        say(
            "{forward} to {rear} behind the {datum}",
            NumberWriter.number(bridge.forward().value(), Quantity.LENGTH, units),
            NumberWriter.text(bridge.rear().value(), Quantity.LENGTH, units),
            bridge.kind().datum()));
    window.row(
        false,
        say("located from"),
        bridge.fromRealNeck()
            ? say("the real neck: twice nut to fret 12")
            : say("the planned scale"));
    window.row(false, say("also"), bridge.kind().note());
    window.end();
    holes.begin();
    if (bridge.spacing().value() == 0) {
      holes.row(false, say("no posts"), say("Mark its own screw pattern on the datum line"));
    } else {
      holes.row(false, "", say("bass"), say("treble"));
      double nearer = plan.cuts().neckSeating().shortening();
      Bridge.Hole bass = bridge.holes().get(0);
      Bridge.Hole treble = bridge.holes().get(1);
      holes.row(
          false,
          say("along the neck from the nut line"),
          bass.x().text(units),
          treble.x().text(units));
      for (int i = 0; i < bass.from().size(); i++) {
        holes.row(
            false,
            bass.from().get(i).datum().in(units),
            NumberWriter.text(bass.from().get(i).neckSeating(nearer), Quantity.FINE_LENGTH, units),
            NumberWriter.text(
                treble.from().get(i).neckSeating(nearer), Quantity.FINE_LENGTH, units));
      }
      holes.row(false, say("from the string line"), bass.y().text(units), treble.y().text(units));
      Optional<Value> bassAside = plan.value(CutLocations.offsetFromCentre("post-bass"));
      Optional<Value> trebleAside = plan.value(CutLocations.offsetFromCentre("post-treble"));
      if (bassAside.isPresent() && trebleAside.isPresent()) {
        holes.row(
            false,
            say("body centre line"),
            bassAside.get().text(units),
            trebleAside.get().text(units));
      }
    }
    holes.end();
  }

  @Override
  public String name() {
    return "Bridge";
  }

  @Override
  public String about() {
    return say(
        "Where the bridge goes, from the real neck and the strings. Choose the bridge, then set "
            + "its line.");
  }

  @Override
  public Drawing drawing(Plan plan, Units units) {
    return BridgeDrawing.of(plan, units);
  }

  @Override
  public Handles handles() {
    return new DesignHandles(context.session());
  }
}
