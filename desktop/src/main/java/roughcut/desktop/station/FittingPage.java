package roughcut.desktop.station;

import static roughcut.desktop.words.Words.say;

import javafx.scene.control.Label;
import roughcut.design.Decisions;
import roughcut.design.FretboardDecisions;
import roughcut.design.NutKind;
import roughcut.design.StringDecisions;
import roughcut.desktop.control.FactTable;
import roughcut.desktop.session.StationContext;
import roughcut.drawing.Drawing;
import roughcut.drawing.FretboardDrawing;
import roughcut.fretboard.FretPins;
import roughcut.fretboard.FretboardKeys;
import roughcut.fretboard.TemplateCheck;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.plan.Plan;
import roughcut.strings.StringKeys;

/** Nut and pins, an owned template of another scale, and what a moved nut does. */
final class FittingPage extends PlainPage {

  private final StationContext context;
  private final PagedStation station;
  private final FactTable nut = new FactTable();
  private final FactTable template = new FactTable();
  private final Label seat = new Label();

  FittingPage(StationContext context, PagedStation station) {
    this.context = context;
    this.station = station;
  }

  @Override
  Panel makePanel() {
    return new Panel(context)
        .node(turner(station))
        .heading(say("Decisions"))
        .decisions(
            FretboardDecisions.NUT_KIND,
            FretboardDecisions.NUT_SHIFT,
            FretboardDecisions.NOTCH_LENGTH,
            FretboardDecisions.PIN,
            FretboardDecisions.TEMPLATE,
            StringDecisions.ACTION_NUT)
        .more(
            FretboardDecisions.BLANK_SIDE,
            FretboardDecisions.NOTCH_WIDTH,
            FretboardDecisions.NUT_FLOOR,
            FretboardDecisions.NUT_GAP,
            FretboardDecisions.NUT_LIP,
            FretboardDecisions.NUT_HIGHER,
            FretboardDecisions.NUT_LONGER,
            FretboardDecisions.NUT_SCREWS,
            Decisions.NUT_THICKNESS,
            FretboardDecisions.WIRE_HEIGHT)
        .set(
            FretboardKeys.FRETBOARD_BLANK_LENGTH.id(),
            say("Fretboard blank length"),
            FretboardKeys.FRETBOARD_BLANK_WIDTH.id(),
            say("Fretboard blank width"),
            FretboardKeys.NUT_BLANK_LENGTH.id(),
            say("Nut blank length"),
            FretboardKeys.NUT_BLANK_HEIGHT.id(),
            say("Nut blank height"),
            "nut.string.1.slot-bottom",
            say("Nut slot 1 above the crown"))
        .mark(
            "pin.head.y",
            say("Pin near the nut, ± from centre"),
            "pin.body.y",
            say("Pin near the end, ± from centre"),
            FretboardKeys.NUT_FRETBOARD_CUT.id(),
            say("Cut the fretboard at"))
        .know(StringKeys.BREAK_NUT.id(), say("Least break angle over the nut"));
  }

  @Override
  ColumnBox makeLower() {
    seat.getStyleClass().add("fact");
    seat.setWrapText(true);
    return new ColumnBox()
        .add(say("Nut and locating pins"), seat, nut)
        .add(say("Template and moved nut"), template);
  }

  @Override
  void showLower(Plan plan, Units units) {
    NutKind kind = FretboardDecisions.NUT_KIND.in(plan.build().design());
    seat.setText(kind.seat().in(units));
    nut.begin();
    StringBuilder bottoms = new StringBuilder();
    plan.nutWork()
        .bottoms()
        .forEach(b -> bottoms.append(bottoms.length() > 0 ? " · " : "").append(number(b, units)));
    nut.row(false, say("slot bottoms"), bottoms.toString());
    for (FretPins pin : plan.neckPlan().pins()) {
      nut.row(
          false,
          say("pins, slot {fret}", pin.fret()),
          pin.y()
              .map(
                  y ->
                      say(
                          "± {y}, clear of the channels",
                          NumberWriter.text(y, Quantity.LENGTH, units)))
              .orElse(FretPins.ELSEWHERE));
    }
    nut.end();
    template.begin();
    plan.fretboard()
        .work()
        .template()
        .ifPresentOrElse(
            t -> errors(plan, t, units),
            () -> template.row(false, say("template"), say("none: enter the scale of yours")));
    plan.fretboard().work().shiftCents().stream()
        .limit(1)
        .forEach(
            v ->
                template.row(
                    false,
                    say("nut moved"),
                    say("every fret {v} against the open string", v.text(units))));
    plan.fretboard()
        .work()
        .notchLeft()
        .ifPresent(
            left ->
                template.row(
                    left.value() < 2,
                    say("end notch"),
                    say(
                        "{left} left to the last slot. Shape that end before flush trimming",
                        left.text(units))));
    template.end();
  }

  private void errors(Plan plan, TemplateCheck t, Units units) {
    template.row(
        false,
        say("template"),
        t.serves()
            ? say("usable from its fret {from} on", t.from())
            : say(
                "not usable: off by up to {worst}",
                NumberWriter.text(t.worst(), Quantity.FINE_LENGTH, units)));
    if (!t.serves()) {
      int frets = plan.frets().frets().size();
      for (int fret : new int[] {1, 5, 7, 12, frets}) {
        if (fret <= frets) {
          template.row(
              false,
              say("fret {fret}", fret),
              NumberWriter.text(t.errors().get(fret - 1), Quantity.FINE_LENGTH, units)
                  + ", "
                  + NumberWriter.text(t.cents().get(fret - 1), Quantity.CENTS, units));
        }
      }
    }
  }

  private static String number(Value value, Units units) {
    return NumberWriter.number(value.value(), value.quantity(), units);
  }

  @Override
  public String name() {
    return "Fitting";
  }

  @Override
  public String about() {
    return say("Nut, pins and slotting template. Measure the nut that you have.");
  }

  @Override
  public Drawing drawing(Plan plan, Units units) {
    return FretboardDrawing.FITTING.of(plan, units);
  }
}
