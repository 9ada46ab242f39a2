package roughcut.desktop.station;

import static roughcut.desktop.words.Words.say;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import javafx.scene.Node;
import roughcut.design.Applicability;
import roughcut.design.Decisions;
import roughcut.design.Design;
import roughcut.design.DrawnOutline;
import roughcut.design.DrawnPart;
import roughcut.design.HeadShapes;
import roughcut.design.NeckDecisions;
import roughcut.design.NumberDecision;
import roughcut.design.PartDecisions;
import roughcut.design.ShelfGroup;
import roughcut.desktop.control.FactTable;
import roughcut.desktop.control.OutlineEditor;
import roughcut.desktop.control.OutlineImport;
import roughcut.desktop.control.PickField;
import roughcut.desktop.control.ShelfRow;
import roughcut.desktop.draw.Handles;
import roughcut.desktop.session.StationContext;
import roughcut.drawing.Drawing;
import roughcut.drawing.HeadDrawing;
import roughcut.drawing.OutlinePoints;
import roughcut.drawing.View;
import roughcut.geometry.Point;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.neck.Headpiece;
import roughcut.neck.NeckKeys;
import roughcut.neck.TunerLayout;
import roughcut.plan.HeadStart;
import roughcut.plan.Plan;
import roughcut.strings.BehindNut;

/** The head's face: outline, tuners, strings on their way, and how it is thinned. */
final class HeadPage extends PlainPage {
  private final StationContext context;
  private final PagedStation station;
  private final FactTable tuners = FactTable.tight();
  private final FactTable bench = new FactTable();
  private final OutlineImport drawing;
  private final OutlineEditor points;
  private final ShelfRow shelf;

  /** The shape that was begun from last, and the outline that came of it. */
  private HeadStart begunFrom = HeadStart.LEAF;

  private Optional<DrawnOutline> begun = Optional.empty();
  private final PickField<HeadStart> starts =
      new PickField<>("head.outline.start", say("Start from"), s -> say(s.label()), this::start);

  HeadPage(StationContext context, PagedStation station) {
    this.context = context;
    this.station = station;
    shelf = ShelfRow.of(ShelfGroup.TUNERS, context.session());
    drawing =
        new OutlineImport(
            context.session(),
            "head.outline",
            DrawnPart.HEAD,
            say("Use the standard headstock"),
            say("the standard headstock"),
            HeadShapes::set,
            HeadShapes::plain);
    points = new OutlineEditor(context.session(), DrawnPart.HEAD, "head.outline", context::refresh);
  }

  void choose() {
    drawing.choose();
  }

  /** Takes in a headstock drawn elsewhere. */
  void take(Path file) {
    panel();
    drawing.take(file);
  }

  @Override
  Panel makePanel() {
    return new Panel(context)
        .node(turner(station))
        .heading(say("Decisions"))
        .node(starts)
        .decisions(
            Decisions.HEAD_LENGTH,
            Decisions.HEAD_WIDTH,
            NeckDecisions.TUNERS_TREBLE,
            NeckDecisions.TUNER_RULE,
            NeckDecisions.TUNER_FIRST,
            NeckDecisions.TUNER_SPACING,
            NeckDecisions.TUNER_STAGGER,
            Decisions.HEAD_VENEER,
            Decisions.HEAD_BACK_VENEER,
            NeckDecisions.HEAD_STUB,
            NeckDecisions.HEADPIECE_STRINGS,
            NeckDecisions.HEADPIECE_HEIGHT,
            NeckDecisions.HEADPIECE_SCREWS,
            NeckDecisions.HEADPIECE_SCREWS_AT,
            NeckDecisions.HEADPIECE_SPREAD)
        .node(points)
        .node(drawing)
        .node(shelf)
        .more(
            NeckDecisions.HEADPIECE_SCREW,
            NeckDecisions.HEADPIECE_BITE,
            NeckDecisions.HEADPIECE_MASS,
            NeckDecisions.HEAD_OUTLINE_TURN,
            NeckDecisions.HEAD_OUTLINE_FLIP,
            NeckDecisions.HEAD_OUTLINE_ASIDE,
            NeckDecisions.VENEER_SPECIES,
            NeckDecisions.TUNER_OFFSET,
            NeckDecisions.TUNER_EDGE,
            NeckDecisions.TUNER_SLOPE,
            NeckDecisions.TUNER_POST,
            NeckDecisions.TUNER_BUSHING,
            NeckDecisions.TUNER_BUSHING_DEPTH,
            NeckDecisions.TUNER_BODY,
            NeckDecisions.TUNER_GRIP_LEAST,
            NeckDecisions.TUNER_GRIP_MOST,
            NeckDecisions.TUNER_WRAP,
            Decisions.HEAD_THICKNESS,
            NeckDecisions.DRUM_HEIGHT)
        .parts(say("Posts of different height"), HeadPage::posts)
        .set(
            "drum.riser",
            say("Shim at the drum sander"),
            NeckKeys.HEADPIECE_PILOT.id(),
            say("Pilot for the headpiece screws"))
        .mark(
            "tuner.1.x",
            say("First tuner, treble"),
            "tuner.1.y",
            say("from centre line"),
            NeckKeys.VOLUTE_TANGENT.id(),
            say("Volute tangent"),
            NeckKeys.HEADLESS_END.id(),
            say("End of the neck"),
            NeckKeys.HEADPIECE_ALONG.id(),
            say("Row of screws"))
        .know(
            NeckKeys.HEAD_GRIP.id(),
            say("Clamped thickness"),
            NeckKeys.HEADPIECE_UNDER.id(),
            say("Screws to the carved back"));
  }

  @Override
  ColumnBox makeLower() {
    tuners.setVgap(3);
    bench.setVgap(5);
    return new ColumnBox()
        .addWide(say("Strings, from the break line and the centre line"), 340, tuners)
        .add(say("At the bench"), bench);
  }

  @Override
  void showLower(Plan plan, Units units) {
    boolean headless = plan.details().headpiece().isPresent();
    for (Node ofHead : List.of(starts, points, drawing, shelf)) {
      ofHead.setVisible(!headless);
      ofHead.setManaged(!headless);
    }
    drawing.show(plan.build().design());
    points.show();
    Optional<DrawnOutline> drawn = plan.build().design().drawn(DrawnPart.HEAD);
    starts.show(
        List.of(HeadStart.values()),
        drawn.isEmpty() ? HeadStart.LEAF : drawn.equals(begun) ? begunFrom : null);
    TunerLayout layout = plan.details().tuners();
    plan.details()
        .headpiece()
        .ifPresentOrElse(p -> headpiece(p, units), () -> tuners(layout, units));
    bench(plan, layout, units);
  }

  private void headpiece(Headpiece piece, Units units) {
    tuners.begin().row(false, "", say("along"), say("across"), say("break"));
    for (Headpiece.Way way : piece.ways()) {
      tuners.row(
          false,
          Integer.toString(way.string()),
          number(way.held().x(), units),
          number(way.held().y(), units),
          angle(BehindNut.HEADPIECE, piece.breakAngles().get(way.string() - 1)));
    }
    for (Point screw : piece.places()) {
      tuners.row(false, say("screw"), number(screw.x(), units), number(screw.y(), units), "");
    }
    tuners.end();
  }

  private void tuners(TunerLayout layout, Units units) {
    tuners
        .begin()
        .row(
            false,
            "",
            say("along"),
            say("across"),
            say("to edge"),
            say("to a post"),
            say("aside"),
            say("break"));
    for (TunerLayout.Tuner t : layout.tuners()) {
      tuners.row(
          false,
          Integer.toString(t.string()),
          number(t.x(), units),
          number(t.y(), units),
          number(t.edge(), units),
          number(t.clearance(), units),
          NumberWriter.fixed(t.sideAngle().value(), 1) + "°",
          angle(BehindNut.POSTS, t.breakAngle()));
    }
    tuners.end();
  }

  private static String angle(BehindNut behind, Value value) {
    String degrees = say("{angle}°", NumberWriter.fixed(value.value(), 1));
    return behind
        .helps(value.value())
        .map(help -> say("{angle} {help}", degrees, say(help)))
        .orElse(degrees);
  }

  private void start(HeadStart start) {
    Plan plan = context.session().plan().get();
    context
        .session()
        .make(
            say("a headstock: {shape}", say(start.label())),
            "head.outline.start",
            b -> {
              Design next = start.in(plan);
              begunFrom = start;
              begun = next.drawn(DrawnPart.HEAD);
              return b.withDesign(next);
            });
    context.session().history().settle();
  }

  private static List<NumberDecision> posts(Design design) {
    return IntStream.rangeClosed(1, design.strings().size())
        .mapToObj(PartDecisions::wrap)
        .filter(d -> Applicability.idle(design, d.id()).isEmpty())
        .toList();
  }

  private static String number(Value value, Units units) {
    return number(value.value(), units);
  }

  private static String number(double value, Units units) {
    return NumberWriter.number(value, Quantity.LENGTH, units);
  }

  private void bench(Plan plan, TunerLayout layout, Units units) {
    bench.begin();
    layout
        .grip()
        .ifPresent(
            grip -> {
              bench.row(false, say("grip"), grip.words().in(units));
              bench.row(
                  false,
                  say("bores"),
                  say(
                      "brad-point {given}, {given2} deep, then the post hole right through",
                      NumberWriter.text(
                          plan.given(NeckDecisions.TUNER_BUSHING), Quantity.LENGTH, units),
                      NumberWriter.number(
                          plan.given(NeckDecisions.TUNER_BUSHING_DEPTH), Quantity.LENGTH, units)));
            });
    if (plan.details().headpiece().isPresent()) {
      bench.row(
          false, say("end"), say("sawn square to the centre line, before the back is carved"));
      bench.row(
          false,
          say("screws"),
          say(
              "pilot {given}, {given2} deep, the headpiece itself as the template",
              plan.value(NeckKeys.HEADPIECE_PILOT.id()).orElseThrow().text(units),
              plan.value(NeckKeys.HEADPIECE_DEPTH.id()).orElseThrow().text(units)));
    } else {
      bench.row(false, say("thinning"), plan.details().volute().thinning().in(units));
      bench.row(
          false,
          say("volute"),
          say(
              "radius {given}, lowest under the middle of the nut",
              NumberWriter.text(plan.given(Decisions.DRUM_RADIUS), Quantity.LENGTH, units)));
    }
    if (plan.given(Decisions.HEAD_VENEER) > 0) {
      bench.row(
          false,
          say("face veneer"),
          say(
              "nut end bevelled {given}°, glued before the volute is cut",
              NumberWriter.fixed(plan.given(Decisions.HEAD_ANGLE), 1)));
    }
    bench.end();
  }

  @Override
  public String title() {
    return say("Headstock");
  }

  @Override
  public String name() {
    return "Head";
  }

  @Override
  public String about() {
    return say("Headstock outline and tuners. Choose the tuners first: their posts need the room.");
  }

  @Override
  public Drawing drawing(Plan plan, Units units) {
    return OutlinePoints.over(
        HeadDrawing.of(plan, units), plan, units, DrawnPart.HEAD, View.ABOVE, points.shown());
  }

  @Override
  public Handles handles() {
    return new PointHandles(
        context.session(),
        () -> Optional.of(points),
        () -> HeadDrawing.frame(context.session().plan().get()));
  }
}
