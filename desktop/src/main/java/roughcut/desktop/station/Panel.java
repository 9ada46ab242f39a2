package roughcut.desktop.station;

import static roughcut.desktop.words.Words.say;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Predicate;
import javafx.application.Platform;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TitledPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import roughcut.design.Applicability;
import roughcut.design.Decision;
import roughcut.design.Design;
import roughcut.design.NumberDecision;
import roughcut.desktop.control.ChoiceField;
import roughcut.desktop.control.DecisionField;
import roughcut.desktop.control.ReadingField;
import roughcut.desktop.control.SettingRow;
import roughcut.desktop.session.Session;
import roughcut.desktop.session.StationContext;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.plan.Plan;
import roughcut.record.Measurable;

/**
 * A station's right side: what the maker decides; then what is set, what is marked on the wood, and
 * what is good to know.
 */
final class Panel {
  private final List<Consumer<Design>> folds = new ArrayList<>();

  /** What is folded away, each seen only while something in it counts. */
  private final List<TitledPane> titled = new ArrayList<>();

  private final VBox column = new VBox();
  private final ScrollPane scroll = new ScrollPane(column);
  private final StationContext context;
  private final Session session;
  private final Map<String, Node> fields = new LinkedHashMap<>();
  private final Map<String, SettingRow> settings = new LinkedHashMap<>();
  private final List<Group> groups = new ArrayList<>();
  private TitledPane more;

  /** Numbers under one heading. */
  private record Group(HBox heading, Label measured, List<String> ids) {}

  Panel(StationContext context) {
    this.context = context;
    this.session = context.session();
    column.getStyleClass().add("panel-column");
    scroll.setFitToWidth(true);
    scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    scroll.getStyleClass().addAll("bare-scroll", "panel");
  }

  Region node() {
    return scroll;
  }

  Panel heading(String words) {
    Label label = new Label(words);
    label.getStyleClass().add("panel-heading");
    column.getChildren().add(label);
    return this;
  }

  Panel decisions(Decision... decisions) {
    for (Decision decision : decisions) {
      column.getChildren().add(field(decision));
    }
    return this;
  }

  /** What is only read off the wood. */
  Panel readings(Measurable... measurables) {
    for (Measurable measurable : measurables) {
      ReadingField field = new ReadingField(measurable, session);
      fields.put(measurable.id(), field);
      column.getChildren().add(field);
    }
    return this;
  }

  /**
   * Decisions that stand here where they count most, and among what is folded away otherwise.
   *
   * @param here whether they stand here, by the design
   */
  Panel decisions(Predicate<Design> here, Decision... decisions) {
    VBox place = new VBox();
    VBox own = new VBox();
    own.getStyleClass().add("panel-group");
    for (Decision decision : decisions) {
      own.getChildren().add(field(decision));
    }
    column.getChildren().add(place);
    BooleanProperty counts = new SimpleBooleanProperty();
    Runnable put =
        () -> {
          VBox to = counts.get() || more == null ? place : (VBox) more.getContent();
          // What is typed in stays where it is until the maker is elsewhere.
          if (own.getParent() != to && !own.isFocusWithin()) {
            to.getChildren().add(own);
          }
          visible(place, own.getParent() == place);
          titled.forEach(fold -> visible(fold, holds((Pane) fold.getContent())));
        };
    own.focusWithinProperty().addListener((p, was, is) -> Platform.runLater(put));
    folds.add(
        design -> {
          counts.set(here.test(design));
          put.run();
        });
    return this;
  }

  /** Decisions that are rarely changed, folded away. */
  Panel more(Decision... decisions) {
    return more(say("More decisions"), null, decisions);
  }

  /**
   * Something else and decisions, folded away.
   *
   * @param first stands before the decisions; null for nothing
   */
  Panel more(String words, Node first, Decision... decisions) {
    VBox folded = new VBox();
    folded.getStyleClass().add("panel-folded");
    if (first != null) {
      folded.getChildren().add(first);
    }
    for (Decision decision : decisions) {
      folded.getChildren().add(field(decision));
    }
    more = new TitledPane(words, folded);
    more.setExpanded(false);
    more.setAnimated(false);
    more.getStyleClass().add("more");
    column.getChildren().add(more);
    titled.add(more);
    return this;
  }

  /**
   * Numbers of parts, folded away; which there are goes with the design.
   *
   * @param of the numbers that a design has
   */
  Panel parts(String words, Function<Design, List<NumberDecision>> of) {
    VBox folded = new VBox();
    folded.getStyleClass().add("panel-folded");
    TitledPane fold = new TitledPane(words, folded);
    fold.setExpanded(false);
    fold.setAnimated(false);
    fold.getStyleClass().add("more");
    column.getChildren().add(fold);
    titled.add(fold);
    List<String> shown = new ArrayList<>();
    folds.add(
        design -> {
          List<NumberDecision> now = of.apply(design);
          List<String> ids = now.stream().map(NumberDecision::id).toList();
          if (!ids.equals(shown)) {
            shown.forEach(fields::remove);
            folded.getChildren().clear();
            now.forEach(d -> folded.getChildren().add(field(d)));
            shown.clear();
            shown.addAll(ids);
          }
        });
    return this;
  }

  Panel node(Node node) {
    column.getChildren().add(node);
    return this;
  }

  /** What machine and ruler are set to, by the ids of values, each with its words. */
  Panel set(String... idsAndLabels) {
    return numbers(say("Set"), idsAndLabels);
  }

  /** What is marked on the wood. */
  Panel mark(String... idsAndLabels) {
    return numbers(say("Mark"), idsAndLabels);
  }

  /** What follows and is good to know before one begins. */
  Panel know(String... idsAndLabels) {
    return numbers(say("Know"), idsAndLabels);
  }

  private Panel numbers(String words, String... idsAndLabels) {
    Label heading = new Label(words);
    heading.getStyleClass().add("panel-heading");
    Label measured = new Label(say("measured"));
    measured.getStyleClass().add("from-measured");
    HBox line = new HBox(10, heading, measured);
    line.setAlignment(Pos.BASELINE_LEFT);
    column.getChildren().add(line);
    List<String> ids = new ArrayList<>();
    for (int i = 0; i < idsAndLabels.length; i += 2) {
      SettingRow row = new SettingRow(idsAndLabels[i + 1], context::ask);
      settings.put(idsAndLabels[i], row);
      ids.add(idsAndLabels[i]);
      column.getChildren().add(row);
    }
    groups.add(new Group(line, measured, ids));
    return this;
  }

  private Node field(Decision decision) {
    Node field =
        decision.fold(n -> new DecisionField(n, session), c -> new ChoiceField(c, session));
    fields.put(decision.id(), field);
    return field;
  }

  void show(Plan plan, Units units) {
    folds.forEach(f -> f.accept(plan.build().design()));
    fields.forEach(
        (id, field) -> {
          boolean counts = Applicability.idle(plan.build().design(), id).isEmpty();
          field.setVisible(counts);
          field.setManaged(counts);
        });
    titled.forEach(fold -> visible(fold, holds((Pane) fold.getContent())));
    for (Group group : groups) {
      List<Value> shown = new ArrayList<>();
      for (String id : group.ids()) {
        Value value = plan.setting(id).orElse(null);
        settings.get(id).show(plan, value, units);
        if (value != null) {
          shown.add(value);
        }
      }
      visible(group.heading(), !shown.isEmpty());
      visible(group.measured(), shown.stream().anyMatch(plan::fromWood));
    }
  }

  /** Whether anything that counts is in a fold, or in a group in it. */
  private static boolean holds(Pane place) {
    return place.getChildren().stream()
        .filter(Node::isManaged)
        .anyMatch(n -> !n.getStyleClass().contains("panel-group") || holds((Pane) n));
  }

  private static void visible(Node node, boolean on) {
    node.setVisible(on);
    node.setManaged(on);
  }

  /** Opens what is folded away. */
  void unfold() {
    if (more != null) {
      more.setExpanded(true);
    }
  }

  boolean goTo(String id) {
    Node field = fields.get(id);
    if (field == null) {
      return false;
    }
    for (Node child : column.getChildren()) {
      if (child instanceof TitledPane fold
          && fold.getContent() instanceof VBox folded
          && (folded.getChildren().contains(field)
              || folded.getChildren().contains(field.getParent()))) {
        fold.setExpanded(true);
      }
    }
    take(field);
    return true;
  }

  /** Moves the keyboard to a field that stands on this panel, once it is laid out. */
  void take(Node field) {
    Platform.runLater(
        () -> {
          // A panel shown for the first time has its content in the window only once it is laid
          // out.
          scroll.applyCss();
          scroll.layout();
          if (field instanceof DecisionField number) {
            number.take();
          } else if (field instanceof ReadingField reading) {
            reading.take();
          } else {
            ((ChoiceField) field).take();
          }
          reveal(field);
        });
  }

  private void reveal(Node field) {
    double top = column.sceneToLocal(field.localToScene(0, 0)).getY();
    double room = column.getHeight() - scroll.getViewportBounds().getHeight();
    if (room > 0) {
      scroll.setVvalue(Math.max(0, Math.min(1, (top - 80) / room)));
    }
  }
}
