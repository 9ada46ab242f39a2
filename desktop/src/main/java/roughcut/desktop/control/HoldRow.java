package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.util.Map;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import roughcut.bench.Bench;
import roughcut.bench.HoldPoint;
import roughcut.desktop.session.BenchState;
import roughcut.desktop.session.RelativeDay;
import roughcut.desktop.session.Session;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.record.Measurable;
import roughcut.record.Measurables;
import roughcut.whatif.LastResult;

/** A hold point at its operation: what it should be, how it is taken, and where it is answered. */
final class HoldRow extends VBox {
  HoldRow(Bench.Held held, Session session, BenchState bench, Map<String, LastResult> lastTime) {
    super(2);
    HoldPoint hold = held.hold();
    Units units = session.units().get();
    getStyleClass().add("hold-row");
    Label what = new Label(hold.what().in(units));
    what.setWrapText(true);
    what.getStyleClass().add("hold-what");
    Label how = new Label(how(hold, units));
    how.setWrapText(true);
    how.setMinHeight(Region.USE_PREF_SIZE);
    how.getStyleClass().add("lower-note");
    Label state = new Label(state(bench.bench(), held, units));
    state.setWrapText(true);
    state.getStyleClass().addAll("station-state", style(held.state()));
    ControlNames.set(state, "hold." + hold.of() + ".state");
    getChildren()
        .addAll(
            what,
            how,
            hold.looked() ? looking(hold, bench, units) : reading(hold, session, bench),
            state);
    Optional.ofNullable(lastTime.get(hold.of()))
        .ifPresent(last -> getChildren().add(2, last(last, hold, units)));
  }

  private static Label last(LastResult last, HoldPoint hold, Units units) {
    Label label = new Label(last.told().in(units));
    label.setWrapText(true);
    label.setMinHeight(Region.USE_PREF_SIZE);
    label.getStyleClass().add("decision-message");
    ControlNames.set(label, "hold." + hold.of() + ".last");
    return label;
  }

  private static String how(HoldPoint hold, Units units) {
    String where = hold.datum().isEmpty() ? "" : hold.datum().in(units) + " ";
    return where + hold.how().capital().in(units) + ". " + hold.reason().capital().in(units) + ".";
  }

  private static Region looking(HoldPoint hold, BenchState bench, Units units) {
    Button yes = new Button(say("Yes"));
    Button no = new Button(say("No"));
    ControlNames.set(yes, "hold." + hold.of() + ".yes");
    ControlNames.set(no, "hold." + hold.of() + ".no");
    yes.setAccessibleText(say("{what}: yes", hold.what().in(units)));
    no.setAccessibleText(say("{what}: no", hold.what().in(units)));
    yes.getStyleClass().add("text-button");
    no.getStyleClass().add("text-button");
    yes.setOnAction(e -> bench.look(hold, true));
    no.setOnAction(e -> bench.look(hold, false));
    HBox row = new HBox(8, yes, no);
    row.setAlignment(Pos.CENTER_LEFT);
    return row;
  }

  private static Region reading(HoldPoint hold, Session session, BenchState bench) {
    Optional<Measurable> measurable = Measurables.find(session.build().get().design(), hold.of());
    return measurable
        .<Region>map(
            m ->
                new ReadingField(
                    m, session, "hold." + hold.of(), bench.bench().expected(hold), bench::tell))
        .orElseGet(Region::new);
  }

  private static String state(Bench bench, Bench.Held held, Units units) {
    HoldPoint hold = held.hold();
    String wanted =
        hold.wanted(units).isEmpty() ? "" : say("drawn {wanted} · ", hold.wanted(units).in(units));
    String taken =
        held.reading()
            .map(r -> ", " + RelativeDay.days(r.on(), bench.now().toLocalDate()))
            .orElse("");
    String off =
        held.off()
            .filter(o -> held.state() == HoldPoint.State.OFF)
            .map(
                o ->
                    say(
                        " by {o}",
                        NumberWriter.text(o, hold.nominal().orElseThrow().quantity(), units)))
            .orElse("");
    String several =
        bench
            .spread(hold)
            .map(
                s ->
                    say(
                        "\n{readings} readings: mean {mean}, range {range}",
                        s.readings(),
                        NumberWriter.text(s.mean(), Quantity.FINE_LENGTH, units),
                        NumberWriter.text(s.spread(), Quantity.FINE_LENGTH, units)))
            .orElse("");
    return wanted + held.state().word().in(units) + off + taken + several;
  }

  private static String style(HoldPoint.State state) {
    return switch (state) {
      case HOLDS -> "is-clear";
      case OFF, STALE -> "is-look";
      case MISSING -> "is-stop";
    };
  }
}
