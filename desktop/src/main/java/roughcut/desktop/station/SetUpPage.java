package roughcut.desktop.station;

import static roughcut.desktop.words.Words.say;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import roughcut.design.StringDecisions;
import roughcut.desktop.control.FactTable;
import roughcut.desktop.control.ReadingField;
import roughcut.desktop.session.StationContext;
import roughcut.drawing.Drawing;
import roughcut.drawing.HeightsDrawing;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.record.Measurables;
import roughcut.strings.SetUp;
import roughcut.strings.StringKeys;

/** Set-up: what was read on the strung instrument, what to turn, which way and how far. */
final class SetUpPage extends PlainPage {
  private final StationContext context;
  private final PagedStation station;
  private final VBox octaves = new VBox(4);
  private final FactTable saddles = new FactTable();
  private final FactTable turns = new FactTable();
  private final Label verdict = new Label();
  private int strings;

  SetUpPage(StationContext context, PagedStation station) {
    this.context = context;
    this.station = station;
  }

  @Override
  public String name() {
    return "Set-up";
  }

  @Override
  public String about() {
    return say(
        "Setting up the strung instrument: enter what you measure, and see which way to turn "
            + "what.");
  }

  @Override
  public Drawing drawing(Plan plan, Units units) {
    return HeightsDrawing.of(plan, units);
  }

  @Override
  Panel makePanel() {
    return new Panel(context)
        .node(turner(station))
        .heading(say("Measured, strings at pitch"))
        .readings(
            Measurables.RELIEF,
            Measurables.ACTION_1,
            Measurables.ACTION_12,
            Measurables.ACTION_12_BASS)
        .node(octaves)
        .heading(say("Target"))
        .decisions(
            StringDecisions.RELIEF,
            StringDecisions.ACTION_NUT,
            StringDecisions.ACTION_12,
            StringDecisions.POST_THREAD)
        .set(
            StringKeys.ACTION_12_TURNS.id(),
            say("Turns at treble post"),
            StringKeys.ACTION_12_BASS_TURNS.id(),
            say("Turns at bass post"),
            StringKeys.NUT_TO_FILE.id(),
            say("File off the nut"),
            StringKeys.RELIEF_OVER.id(),
            say("Relief above target"));
  }

  @Override
  Region makeLower() {
    verdict.setWrapText(true);
    verdict.getStyleClass().add("lower-note");
    verdict.setMinHeight(Region.USE_PREF_SIZE);
    return new ColumnBox()
        .addWide(say("Intonation"), 380, saddles)
        .add(say("Adjustments"), turns, verdict);
  }

  @Override
  void showLower(Plan plan, Units units) {
    fields(plan.strings().count());
    SetUp setUp = plan.stringPlan().setUp();
    saddles
        .begin()
        .row(false, say("string"), say("sharp by"), say("saddle moves"), say("left"), "");
    for (SetUp.Saddle saddle : setUp.intonation()) {
      double cents =
          plan.build().measured().get(Measurables.intonation(saddle.string()).id()).value();
      double move = saddle.move().value();
      saddles.row(
          !saddle.possible(),
          Integer.toString(saddle.string()),
          NumberWriter.text(cents, Quantity.CENTS, units),
          say(
              move >= 0 ? "{size} back" : "{size} forward",
              NumberWriter.text(Math.abs(move), Quantity.FINE_LENGTH, units)),
          saddle.left().text(units),
          !saddle.possible() ? say("not enough travel") : SetUp.good(saddle) ? say("in tune") : "");
    }
    if (setUp.intonation().isEmpty()) {
      saddles.row(false, "", say("no octave measured yet"));
    }
    saddles.end();
    turns.begin();
    for (SetUp.Advice advice : setUp.advice()) {
      turns.row(false, advice.what().in(units), advice.words().in(units));
    }
    if (turns.empty()) {
      turns.row(false, "", say("nothing measured yet"));
    }
    turns.end();
    verdict.setText(
        say(
            "Set the relief first, then the action, the nut, and the octaves: each one "
                + "moves those after it. Turn the rod a quarter turn at a time, and stop when it "
                + "gets hard."));
  }

  /** A field for each string's octave. */
  private void fields(int count) {
    if (count == strings) {
      return;
    }
    strings = count;
    List<ReadingField> fields = new ArrayList<>();
    for (int i = 1; i <= count; i++) {
      fields.add(new ReadingField(Measurables.intonation(i), context.session()));
    }
    octaves.getChildren().setAll(fields);
  }
}
