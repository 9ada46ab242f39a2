package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import roughcut.design.Fitting;
import roughcut.design.FittingType;
import roughcut.desktop.session.Session;
import roughcut.rout.Cut;

/** What a fitting belongs to: both ends of a channel, a jack's cavity, the controls of a cavity. */
final class JoinsEditor extends VBox {
  private final Session session;
  private final Fitting fitting;

  JoinsEditor(Session session, Fitting fitting) {
    super(4);
    this.session = session;
    this.fitting = fitting;
    switch (fitting.takes()) {
      case ONE -> pick(0, say("Breaks into"));
      case TWO -> {
        pick(0, say("From"));
        pick(1, say("To"));
      }
      case MANY -> ticks();
      case POCKET -> pocket();
      case NOTHING -> {}
    }
  }

  private List<String> others() {
    List<String> names = new ArrayList<>();
    for (Cut cut : session.plan().get().cuts().cuts()) {
      if (!cut.name().equals(fitting.name()) && fits(cut)) {
        names.add(cut.name());
      }
    }
    return names;
  }

  private boolean fits(Cut cut) {
    return switch (cut.kind()) {
      case WIRE, CHANNEL, STRAP, BOLT, SCREW, RELIEF, STRING -> false;
      case SHAFT ->
          switch (fitting.type()) {
            case PLATE -> true;
            case PICKUP, CONTROL, JACK, CAVITY, CHANNEL, STRAP, RELIEF, BORE -> false;
          };
      default ->
          switch (fitting.type()) {
            case JACK -> !cut.steps().isEmpty();
            case PICKUP, CONTROL, CAVITY, PLATE, CHANNEL, STRAP, RELIEF, BORE -> true;
          };
    };
  }

  private void pick(int place, String words) {
    PickField<String> field =
        new PickField<>("fitting.with." + place, words, this::spoken, name -> set(place, name));
    field.show(others(), fitting.with().size() > place ? fitting.with().get(place) : null);
    getChildren().add(field);
  }

  private String spoken(String name) {
    return session.build().get().design().cutTitle(name).in(session.units().get());
  }

  private void set(int place, String name) {
    List<String> next = new ArrayList<>(fitting.with());
    while (next.size() <= place) {
      next.add(name);
    }
    next.set(place, name);
    change(next);
  }

  private void change(List<String> next) {
    session.make(
        say("what the {fitting} belongs to", fitting.words().in(session.units().get())),
        fitting.id("with"),
        b ->
            b.withDesign(
                b.design()
                    .fitting(fitting.name())
                    .map(f -> b.design().changeFitting(f.withWith(next)))
                    .orElse(b.design())));
    session.history().settle();
  }

  private void ticks() {
    boolean cavity =
        switch (fitting.type()) {
          case CAVITY -> true;
          case PICKUP, CONTROL, JACK, PLATE, CHANNEL, STRAP, RELIEF, BORE -> false;
        };
    Label label = new Label(cavity ? say("Holds") : say("Covers"));
    label.getStyleClass().add("decision-label");
    FlowPane pane = new FlowPane(8, 4);
    List<String> names =
        cavity
            ? session.build().get().design().fittings(FittingType.CONTROL).stream()
                .map(Fitting::name)
                .toList()
            : others();
    for (String name : names) {
      pane.getChildren().add(tick(name, spoken(name)));
    }
    getChildren().addAll(label, pane);
  }

  private CheckBox tick(String name, String words) {
    CheckBox box = new CheckBox(words);
    ControlNames.set(box, "fitting.holds." + name);
    box.getStyleClass().add("tick");
    box.setSelected(fitting.with().contains(name));
    box.setOnAction(
        e -> {
          List<String> next = new ArrayList<>(fitting.with());
          if (box.isSelected()) {
            next.add(name);
          } else {
            next.remove(name);
          }
          change(next);
        });
    return box;
  }

  /** A neck that runs into the neck pickup's rout is allowed, when it is said. */
  private void pocket() {
    getChildren().add(tick("pocket", say("the neck may overlap it")));
  }
}
