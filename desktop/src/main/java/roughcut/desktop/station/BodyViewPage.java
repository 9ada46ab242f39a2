package roughcut.desktop.station;

import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import roughcut.desktop.control.ScrollBox;
import roughcut.desktop.draw.Handles;
import roughcut.desktop.session.StationContext;
import roughcut.drawing.BodyDrawing;
import roughcut.drawing.Drawing;
import roughcut.measure.Units;
import roughcut.plan.Grip;
import roughcut.plan.Plan;

/** A page on which the body is seen from one of its faces, with the knife running through it. */
abstract class BodyViewPage extends KnifePage {
  /** Least width of what stands beside the section. */
  static final double BESIDE = 390;

  final StationContext context;
  final PagedStation station;
  final ViewSide looking;
  private GridPane turner;

  BodyViewPage(StationContext context, PagedStation station, ViewSide looking) {
    this.context = context;
    this.station = station;
    this.looking = looking;
  }

  /** Something to read beside the section, under its title, scrolled when it is long. */
  static Region beside(String title, Region inside) {
    Label heading = new Label(title);
    heading.getStyleClass().add("lower-title");
    VBox column = new VBox(6, heading, ScrollBox.of(inside));
    column.setMinWidth(BESIDE);
    return column;
  }

  /** What the drawing is to show here. */
  abstract BodyDrawing.Shows shows();

  /** Name of the cut that the page is about; empty for none. */
  String chosen(Plan plan) {
    return looking.chosen();
  }

  @Override
  final LowerPanel.Section section() {
    return LowerPanel.Section.BODY;
  }

  @Override
  public Drawing drawing(Plan plan, Units units) {
    return BodyDrawing.of(plan, units, looking.face(), shows(), chosen(plan));
  }

  /** The page's turner and the face's, to begin a panel with. */
  final Panel begun() {
    turner = looking.turner();
    return new Panel(context).node(turner(station)).node(turner);
  }

  @Override
  void showBeside(Plan plan, Units units) {
    looking.show(turner);
  }

  @Override
  public Handles handles() {
    return new DesignHandles(context.session()) {
      @Override
      void dropped(Grip grip) {
        pick(grip);
      }

      @Override
      public void pick(Grip grip) {
        grip.heldCut().ifPresent(looking::choose);
      }
    };
  }
}
