package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.shape.SVGPath;
import roughcut.clearance.Clearance;
import roughcut.finding.Finding;
import roughcut.measure.Units;

/**
 * What stops the work on one topic, on the rail before the thin spots: a press leads to its field.
 */
final class StopCard extends Button {
  private static final double HEIGHT = 84;

  private final SVGPath shape = new SVGPath();
  private final Label word = new Label();
  private final Label what = new Label();
  private final Chip chip = new Chip();
  private final VBox inside;
  private Finding finding;

  StopCard(Consumer<Finding> open, Consumer<Button> reveal) {
    getStyleClass().addAll("thin-card", "thin-stop");
    shape.getStyleClass().add("thin-shape");
    word.setGraphic(shape);
    word.getStyleClass().add("thin-word");
    what.getStyleClass().add("thin-what");
    what.setWrapText(true);
    what.setAlignment(Pos.TOP_LEFT);
    what.setMaxHeight(Double.MAX_VALUE);
    VBox.setVgrow(what, Priority.ALWAYS);
    inside = new VBox(3, word, what);
    inside.setPrefHeight(HEIGHT);
    inside.setMinHeight(Region.USE_PREF_SIZE);
    inside.prefWidthProperty().bind(widthProperty().subtract(24));
    setGraphic(inside);
    setOnAction(e -> open.accept(finding));
    // Reached by keyboard only: scrolled under a press it would be gone before the release.
    focusVisibleProperty().addListener((p, was, is) -> reveal.accept(this));
  }

  /** As one line, or as a card with the first of what stops it. */
  void slim(boolean slim) {
    setGraphic(slim ? chip : inside);
    pseudoClassStateChanged(StyleStates.SLIM, slim);
  }

  /** Shows what stops one topic, the worst first; there is at least one. */
  void show(List<Finding> stops, Units units) {
    finding = stops.get(0);
    Clearance.State state = StyleStates.of(finding);
    getStyleClass().removeAll("thin-stop", "thin-look");
    getStyleClass().add("thin-" + state.word());
    shape.setContent(StyleStates.shape(state));
    String all = finding.topic().words().in(units) + ": " + Finding.counted(stops).in(units);
    String topic = finding.topic().words().in(units);
    word.setText(stops.size() == 1 ? topic : say("{topic} · 1 of {count}", topic, stops.size()));
    List<String> words = stops.stream().map(f -> f.words(units)).toList();
    what.setText(finding.what().in(units));
    chip.show(StyleStates.shape(state), "", all);
    ControlNames.set(this, "stop." + finding.topic().name().toLowerCase(Locale.ROOT));
    LazyTooltip.on(this, String.join("\n", words));
    setAccessibleText(all + ": " + String.join("; ", words));
  }
}
