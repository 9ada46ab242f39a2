package roughcut.desktop.station;

import static roughcut.desktop.words.Words.say;

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
import roughcut.plan.CutDrag;
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
  public final Drawing drawing(Plan plan, Units units) {
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

  /** What a drag decides; y runs to the treble side. */
  CutDrag dragged(Plan plan, String id, double dx, double dy) {
    if (id.equals("joint")) {
      return CutDrag.joint(plan, dx);
    }
    return id.startsWith("outline.")
        ? CutDrag.outline(plan, id, dx, dy)
        : CutDrag.cut(plan, id.substring("cut.".length()), dx, dy);
  }

  @Override
  public Handles handles() {
    return new Handles() {
      private CutDrag drag(String id, double dx, double dy) {
        return dragged(context.session().plan().get(), id, dx, dy);
      }

      @Override
      public String words(String id, double dx, double dy) {
        return drag(id, dx, dy).words().in(context.session().units().get());
      }

      @Override
      public void drop(String id, double dx, double dy) {
        CutDrag drag = drag(id, dx, dy);
        context.session().make(say("moving on the body"), id, b -> b.withDesign(drag.design()));
        context.session().history().settle();
        if (id.startsWith("cut.")) {
          looking.choose(id.substring("cut.".length()));
        }
      }

      @Override
      public void pick(String id) {
        if (id.startsWith("cut.")) {
          looking.choose(id.substring("cut.".length()));
        }
      }
    };
  }
}
