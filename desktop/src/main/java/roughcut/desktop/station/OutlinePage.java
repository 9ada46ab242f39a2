package roughcut.desktop.station;

import static roughcut.desktop.words.Words.say;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.layout.Region;
import roughcut.design.BodyDecisions;
import roughcut.design.BodyShapes;
import roughcut.design.Decision;
import roughcut.design.DrawnOutline;
import roughcut.design.DrawnPart;
import roughcut.design.PartDecisions;
import roughcut.design.SurfaceDecisions;
import roughcut.desktop.control.FactTable;
import roughcut.desktop.control.OutlineEditor;
import roughcut.desktop.control.OutlineImport;
import roughcut.desktop.control.PickField;
import roughcut.desktop.draw.Handles;
import roughcut.desktop.session.StationContext;
import roughcut.drawing.BodyDrawing;
import roughcut.drawing.Drawing;
import roughcut.drawing.OutlinePoints;
import roughcut.drawing.View;
import roughcut.finding.Finding;
import roughcut.finding.Topic;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.shop.BodyShapeBook;
import roughcut.shop.BodyShapeBook.BodyShape;

/** The body's outline: its main measures, its points to drag, or one drawn elsewhere. */
final class OutlinePage extends BodyViewPage {
  private final FactTable table = new FactTable();
  private final PickField<BodyShape> shapes =
      new PickField<>("outline.shape", say("Start from"), BodyShape::name, this::start);
  private final OutlineImport drawing;
  private final OutlineEditor points;

  OutlinePage(StationContext context, PagedStation station, ViewSide looking) {
    super(context, station, looking);
    drawing =
        new OutlineImport(
            context.session(),
            "outline",
            DrawnPart.BODY,
            say("Use the standard curve"),
            say("the standard curve"),
            (d, drawn) -> d.withDrawn(Optional.of(drawn)),
            d -> d.withDrawn(Optional.empty()));
    points = new OutlineEditor(context.session(), DrawnPart.BODY, "outline", context::refresh);
  }

  @Override
  public Drawing drawing(Plan plan, Units units) {
    return OutlinePoints.over(
        super.drawing(plan, units),
        plan,
        units,
        DrawnPart.BODY,
        View.of(looking.face()),
        points.shown());
  }

  @Override
  public Handles handles() {
    return new PointHandles(
        context.session(),
        () -> Optional.of(points),
        () -> BodyDrawing.frame(context.session().plan().get(), looking.face()));
  }

  @Override
  BodyDrawing.Shows shows() {
    return BodyDrawing.Shows.OUTLINE;
  }

  @Override
  Panel makePanel() {
    return begun()
        .heading(say("Decisions"))
        .node(shapes)
        .decisions(
            BodyDecisions.BODY_LENGTH,
            BodyDecisions.BODY_UPPER,
            BodyDecisions.BODY_WAIST,
            BodyDecisions.BODY_LOWER,
            BodyDecisions.BODY_HORN_BASS,
            BodyDecisions.BODY_HORN_TREBLE,
            BodyDecisions.BODY_SLANT,
            SurfaceDecisions.OUTLINE_MIRROR)
        .node(points)
        .node(drawing)
        .more(say("Points and placement"), null, folded());
  }

  /** A drawn outline is placed; one of our own is moved point by point. */
  private static Decision[] folded() {
    List<Decision> all =
        new ArrayList<>(
            List.of(
                SurfaceDecisions.OUTLINE_SIZES,
                SurfaceDecisions.OUTLINE_SCALE,
                SurfaceDecisions.OUTLINE_TURN,
                SurfaceDecisions.OUTLINE_FLIP,
                SurfaceDecisions.OUTLINE_ALONG,
                SurfaceDecisions.OUTLINE_ASIDE));
    all.addAll(PartDecisions.bodyPoints());
    return all.toArray(Decision[]::new);
  }

  private void start(BodyShape shape) {
    context
        .session()
        .make(
            say("a body of {shape}", shape.name()),
            "outline.shape",
            b -> b.withDesign(BodyShapes.set(b.design(), shape)));
    context.session().history().settle();
  }

  /** Asks for a drawing, and takes it in. */
  void choose() {
    drawing.choose();
  }

  /** Takes in a drawn outline, and says what it is taken for, or why it isn't. */
  void take(Path file) {
    drawing.take(file);
  }

  @Override
  Region makeBeside() {
    return beside(say("The outline"), table);
  }

  @Override
  void showBeside(Plan plan, Units units) {
    super.showBeside(plan, units);
    shapes.show(BodyShapeBook.all(), BodyShapes.matching(plan.build().design()).orElse(null));
    drawing.show(plan.build().design());
    points.show();
    var outline = plan.body().outline();
    table.begin();
    table.row(
        false,
        say("source"),
        plan.build()
            .design()
            .drawn()
            .map(DrawnOutline::source)
            .filter(s -> !s.isEmpty())
            .orElse(say("drawn here: drag its points")));
    table.row(
        false,
        say("length × width"),
        NumberWriter.number(outline.bounds().width(), Quantity.LENGTH, units)
            + " × "
            + NumberWriter.text(outline.bounds().height(), Quantity.LENGTH, units));
    table.row(
        false,
        say("area, perimeter"),
        outline.area().text(units) + ", " + outline.perimeter().text(units));
    table.row(false, say("tightest hollow"), outline.hollows().in(units));
    table.row(
        false,
        say("router"),
        say(
            "anticlockwise round the outside. That lifts the grain along the amber "
                + "stretches: take them lightly in the other direction, or turn the body over"));
    plan.about(Topic.BODY).stream()
        .filter(Finding::stops)
        .forEach(p -> table.row(true, p.severity().word().in(units), p.words(units)));
    table.end();
  }

  @Override
  public String name() {
    return "Outline";
  }

  @Override
  public String about() {
    return say("The body outline. Start from a shape or import one, then drag its points.");
  }
}
