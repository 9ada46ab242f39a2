package roughcut.desktop.station;

import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import roughcut.desktop.draw.DrawingPane;
import roughcut.drawing.SectionView;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.plan.Plan;

/**
 * What stands beneath the drawing: the section at the knife at the left, and what a station puts at
 * its right.
 */
final class Lower {
  private final HBox box = new HBox(18);
  private final DrawingPane section = new DrawingPane();
  private final Label title = new Label();
  private final Label note = new Label();
  private Plan plan;
  private Units units = Units.MM;

  Lower(Region beside) {
    box.getStyleClass().add("lower");
    title.getStyleClass().add("lower-title");
    title.setId("section-title");
    note.getStyleClass().add("lower-note");
    VBox left = new VBox(1, title, note, section);
    VBox.setVgrow(section, Priority.ALWAYS);
    left.setMinWidth(180);
    left.setPrefWidth(330);
    HBox.setHgrow(left, Priority.ALWAYS);
    HBox.setHgrow(beside, Priority.ALWAYS);
    box.getChildren().addAll(left, beside);
  }

  Node node() {
    return box;
  }

  void show(Plan next, Units in, double knife) {
    plan = next;
    units = in;
    knife(knife);
  }

  void knife(double x) {
    if (plan == null) {
      return;
    }
    double at = SectionView.within(plan, x);
    section.show(SectionView.at(plan, at, units));
    title.setText("Section at " + plan.frets().near(at));
    note.setText("looking to the bridge · " + NumberWriter.text(at, Quantity.LENGTH, units));
  }
}
