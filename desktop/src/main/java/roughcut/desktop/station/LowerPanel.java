package roughcut.desktop.station;

import static roughcut.desktop.words.Words.say;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import roughcut.desktop.control.ControlNames;
import roughcut.desktop.draw.DrawingPane;
import roughcut.drawing.BodySection;
import roughcut.drawing.Drawing;
import roughcut.drawing.KnifeStops;
import roughcut.drawing.SectionView;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.plan.Plan;

/**
 * What stands beneath the drawing: the section at the knife at the left, and what a station puts at
 * its right.
 */
final class LowerPanel {
  /** How a section is cut. */
  interface Section {
    /** The nearest place that has a section. */
    double within(Plan plan, double x);

    Drawing at(Plan plan, double x, Units units);

    /** Places that have a name. */
    List<KnifeStops.Stop> stops(Plan plan);

    Section NECK =
        new Section() {
          @Override
          public double within(Plan plan, double x) {
            return SectionView.within(plan, x);
          }

          @Override
          public Drawing at(Plan plan, double x, Units units) {
            return SectionView.at(plan, x, units);
          }

          @Override
          public List<KnifeStops.Stop> stops(Plan plan) {
            return List.of();
          }
        };
    Section BODY =
        new Section() {
          @Override
          public double within(Plan plan, double x) {
            return BodySection.within(plan, x);
          }

          @Override
          public Drawing at(Plan plan, double x, Units units) {
            return BodySection.across(plan, x, units);
          }

          @Override
          public List<KnifeStops.Stop> stops(Plan plan) {
            return KnifeStops.ofBody(plan);
          }
        };
  }

  private final HBox box = new HBox(18);
  private final DrawingPane section = new DrawingPane();
  private final Label title = new Label();
  private final Label note = new Label();
  private final Section cut;
  private Plan plan;
  private Units units = Units.MM;

  /**
   * Makes it.
   *
   * @param section how the section is cut and told
   */
  LowerPanel(Region beside, Section cut) {
    this.cut = cut;
    box.getStyleClass().add("lower");
    title.getStyleClass().add("lower-title");
    title.setWrapText(true);
    title.setMinHeight(Region.USE_PREF_SIZE);
    ControlNames.set(title, "section-title");
    note.getStyleClass().add("lower-note");
    note.setMinWidth(0);
    note.setWrapText(true);
    note.setMinHeight(Region.USE_PREF_SIZE);
    VBox left = new VBox(1, title, note, section);
    VBox.setVgrow(section, Priority.ALWAYS);
    left.setMinWidth(cut == Section.BODY ? 220 : 130);
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
    double at = cut.within(plan, x);
    section.show(cut.at(plan, at, units));
    title.setText(KnifeStops.section(cut.stops(plan), plan.frets(), at).in(units));
    note.setText(
        say(
            "looking towards the bridge · {at}",
            // A number and its unit stay on one line.
            NumberWriter.text(at, Quantity.LENGTH, units).replace(' ', '\u00a0')));
  }
}
