package roughcut.desktop.station;

import static roughcut.desktop.words.Words.say;

import java.io.File;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.stage.FileChooser;
import roughcut.design.BodyDecisions;
import roughcut.design.BodyShapes;
import roughcut.design.Decision;
import roughcut.design.Decisions;
import roughcut.design.DrawnOutline;
import roughcut.design.PartDecisions;
import roughcut.design.SurfaceDecisions;
import roughcut.desktop.control.ControlNames;
import roughcut.desktop.control.FactTable;
import roughcut.desktop.control.PickField;
import roughcut.desktop.session.StationContext;
import roughcut.desktop.words.Words;
import roughcut.drawing.BodyDrawing;
import roughcut.file.FileException;
import roughcut.file.OutlineFile;
import roughcut.finding.Finding;
import roughcut.finding.Topic;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.shop.BodyShapeBook;
import roughcut.shop.BodyShapeBook.BodyShape;

/** The body's outline: its main measures, its points to drag, or one drawn elsewhere. */
final class OutlinePage extends BodyViewPage {
  private final FactTable table = new FactTable();
  private final Label said = new Label();
  private final PickField<BodyShape> shapes =
      new PickField<>("outline.shape", say("Start from"), BodyShape::name, this::start);
  private final Button own = new Button(say("Edit as curve"));

  OutlinePage(StationContext context, PagedStation station, ViewSide looking) {
    super(context, station, looking);
  }

  @Override
  BodyDrawing.Shows shows() {
    return BodyDrawing.Shows.OUTLINE;
  }

  @Override
  Panel makePanel() {
    ControlNames.set(said, "outline.said");
    said.setWrapText(true);
    said.getStyleClass().add("panel-text");
    Button take = new Button(say("Import outline …"));
    ControlNames.set(take, "outline.take");
    take.getStyleClass().add("text-button");
    take.setOnAction(e -> choose());
    ControlNames.set(own, "outline.own");
    own.getStyleClass().add("text-button");
    own.setOnAction(
        e -> {
          context
              .session()
              .make(
                  say("editing the outline as a curve"),
                  "outline.own",
                  b -> b.withDesign(b.design().withDrawn(Optional.empty())));
          context.session().history().settle();
          said.setText("");
        });
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
        .node(take)
        .node(own)
        .node(said)
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
    for (String side : List.of("bass", "treble")) {
      for (int i = 1; i <= PartDecisions.BODY_POINTS; i++) {
        all.add(PartDecisions.bodyPoint(side, i, "along"));
        all.add(PartDecisions.bodyPoint(side, i, "out"));
      }
    }
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
    FileChooser chooser = new FileChooser();
    chooser.setTitle(say("Outline"));
    chooser
        .getExtensionFilters()
        .add(new FileChooser.ExtensionFilter(say("Drawings"), "*.svg", "*.dxf", "*.SVG", "*.DXF"));
    File file = chooser.showOpenDialog(own.getScene().getWindow());
    if (file != null) {
      take(file.toPath());
    }
  }

  /** Takes in a drawn outline, and says what it is taken for, or why it isn't. */
  void take(Path file) {
    try {
      OutlineFile read = OutlineFile.read(file);
      context
          .session()
          .make(
              say("importing {file}", file.getFileName()),
              "outline.drawn",
              b ->
                  b.withDesign(
                      b.design()
                          .withDrawn(
                              Optional.of(
                                  read.outline().drawnFor(Decisions.HAND.in(b.design()))))));
      context.session().history().settle();
      said.setText(read.said().in(context.session().units().get()));
    } catch (FileException e) {
      said.setText(Words.why(e));
    }
  }

  @Override
  Region makeBeside() {
    return beside(say("The outline"), table);
  }

  @Override
  void showBeside(Plan plan, Units units) {
    super.showBeside(plan, units);
    shapes.show(BodyShapeBook.all(), BodyShapes.matching(plan.build().design()).orElse(null));
    boolean drawn = plan.build().design().drawn().isPresent();
    own.setVisible(drawn);
    own.setManaged(drawn);
    said.setManaged(!said.getText().isEmpty());
    var outline = plan.body().outline();
    table.begin();
    table.row(
        false,
        say("source"),
        plan.build()
            .design()
            .drawn()
            .map(DrawnOutline::source)
            .orElse(say("drawn here: drag its points")));
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
