package roughcut.desktop.station;

import static roughcut.desktop.words.Words.say;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import roughcut.design.BodyDecisions;
import roughcut.design.Decisions;
import roughcut.design.StringDecisions;
import roughcut.desktop.control.FactTable;
import roughcut.desktop.session.Background;
import roughcut.desktop.session.StationContext;
import roughcut.drawing.Drawing;
import roughcut.drawing.HeightsDrawing;
import roughcut.measure.NumberWriter;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.rout.RoutKeys;
import roughcut.strings.Heights;
import roughcut.strings.StringKeys;
import roughcut.whatif.SeatWays;

/** Neck angle, how far the fretboard stands out, the saddle's height: any one from the others. */
final class HeightsPage extends PlainPage {
  private static final Background TRYING = new Background("fixes for a neck seat");

  private final StationContext context;
  private final PagedStation station;
  private final FactTable ways = new FactTable();
  private final FactTable proof = new FactTable();
  private final Label reach = new Label();
  private Plan triedFor;
  private Optional<List<SeatWays.Way>> tried = Optional.empty();

  HeightsPage(StationContext context, PagedStation station) {
    this.context = context;
    this.station = station;
  }

  @Override
  Panel makePanel() {
    return new Panel(context)
        .node(turner(station))
        .heading(say("Decisions"))
        .decisions(
            StringDecisions.SOLVE_FOR,
            StringDecisions.SADDLE_HEIGHT,
            StringDecisions.EXPOSED,
            StringDecisions.ANGLE_DECIDED,
            StringDecisions.ANGLE_MADE,
            StringDecisions.ACTION_12,
            StringDecisions.ACTION_NUT,
            StringDecisions.STANDING,
            StringDecisions.STRAIGHTEDGE)
        .more(
            StringDecisions.CARVE_RISE,
            StringDecisions.SPREAD_X,
            StringDecisions.BRIDGE,
            BodyDecisions.BODY_THICKNESS,
            Decisions.HEEL_THICKNESS,
            Decisions.JOINT_X,
            Decisions.HEEL_END)
        .know(
            StringDecisions.ANGLE_DECIDED.id(),
            say("Neck angle"),
            StringDecisions.EXPOSED.id(),
            say("Fretboard above the body"),
            StringDecisions.SADDLE_HEIGHT.id(),
            say("Saddle above the body"),
            RoutKeys.POCKET_FLOOR.id(),
            say("Floor under the pocket"),
            "break.saddle",
            say("Break angle over the saddle"),
            StringKeys.BREAK_NUT.id(),
            say("Least break angle over the nut"),
            "string.height-there",
            say("String height at the chosen place"),
            StringKeys.RELIEF_AT_SADDLE.id(),
            say("Relief, at the saddle"));
  }

  @Override
  ColumnBox makeLower() {
    reach.getStyleClass().add("fact");
    reach.setWrapText(true);
    return new ColumnBox()
        .add(say("Bridge and saddles"), reach, ways)
        .add(say("Cutting and checking the angle"), proof);
  }

  @Override
  void showLower(Plan plan, Units units) {
    Heights heights = plan.stringPlan().heights();
    reach.setText(heights.reach(plan.stringPlan().bridge().kind()).in(units));
    ways.begin();
    StringBuilder saddles = new StringBuilder();
    heights
        .saddles()
        .forEach(
            v ->
                saddles
                    .append(saddles.length() > 0 ? " · " : "")
                    .append(NumberWriter.number(v.value(), v.quantity(), units)));
    ways.row(false, say("each, string 1 first"), saddles.toString());
    ways.row(
        false,
        say("without an angle"),
        say("fretboard would be {flatExposed}", heights.flatExposed().text(units)));
    ways.row(
        false,
        say("in plan view"),
        say("saddle line {shortening} nearer the nut", heights.shortening().text(units)));
    ways.end();
    proof.begin();
    if (plan.neck().through()) {
      proof.row(
          false,
          say("in the blank"),
          say("the top of the core falls by the angle from the body edge on"));
    } else if (heights.proof().isEmpty()) {
      made(heights, units);
    }
    heights
        .proof()
        .ifPresentOrElse(
            p -> {
              proof.row(
                  true,
                  say("really"),
                  say(
                      "{angle}, above body {exposed}",
                      p.angle().text(units),
                      p.exposed().text(units)));
              proof.row(true, say("saddle needs"), p.saddle().text(units));
              if (p.fits()) {
                proof.row(true, say("proof"), say("the saddle height is as planned"));
              }
              seat(plan, units);
            },
            () -> proof.row(false, say("proof"), say("seat the neck, then measure both")));
    proof.end();
  }

  /** Ways out of a seat that is off: each is tried on whole plans, so they come a little later. */
  private void seat(Plan plan, Units units) {
    if (plan != triedFor) {
      triedFor = plan;
      tried = Optional.empty();
      TRYING.work(
          () -> SeatWays.of(plan),
          found -> {
            if (plan == triedFor) {
              tried = Optional.of(found);
              showLower(plan, context.session().units().get());
            }
          });
    }
    if (tried.isEmpty()) {
      proof.row(false, "", say("trying …"));
    }
    for (SeatWays.Way way : tried.orElse(List.of())) {
      proof.row(false, "", way.proposal().words(units));
    }
  }

  /** How heel and floor make the angle, with what is planed, packed or tilted. */
  private void made(Heights heights, Units units) {
    heights
        .seat()
        .ifPresent(
            seat ->
                proof.row(
                    false,
                    seat.made().label().in(units),
                    seat.words(heights.taper().orElseThrow()).in(units)));
  }

  @Override
  public String name() {
    return "Heights";
  }

  @Override
  public String about() {
    return say(
        "Neck angle, fretboard height and saddle height: fix two of them, and the third follows.");
  }

  @Override
  public Drawing drawing(Plan plan, Units units) {
    return HeightsDrawing.of(plan, units);
  }
}
