package roughcut.desktop.station;

import static roughcut.desktop.words.Words.say;

import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import roughcut.design.Decisions;
import roughcut.design.NeckDecisions;
import roughcut.desktop.control.FactTable;
import roughcut.desktop.control.PickField;
import roughcut.desktop.control.ReadingField;
import roughcut.desktop.control.ScrollBox;
import roughcut.desktop.session.StationContext;
import roughcut.drawing.CarvingDrawing;
import roughcut.drawing.Drawing;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.neck.Carving;
import roughcut.neck.Facets;
import roughcut.neck.NeckKeys;
import roughcut.neck.QuarterRule;
import roughcut.plan.Plan;
import roughcut.record.Measurables;

/** Carving lines by rounds, readings on the way, and the rule of thumb held against the profile. */
final class CarvingPage extends KnifePage {
  private final StationContext context;
  private final PagedStation station;
  private final FactTable marks = new FactTable();
  private final FactTable rule = new FactTable();
  private final VBox anyFret = new VBox(4);
  private final PickField<Integer> which =
      new PickField<>("carve.fret", say("At fret"), f -> Integer.toString(f), this::read);
  private int fret;

  CarvingPage(StationContext context, PagedStation station) {
    this.context = context;
    this.station = station;
  }

  @Override
  Panel makePanel() {
    return new Panel(context)
        .node(turner(station))
        .heading(say("Decisions"))
        .decisions(
            Decisions.PROFILE_EXPONENT,
            NeckDecisions.EXPONENT_TREBLE,
            NeckDecisions.SHOULDER,
            Decisions.ROUGHING_MARGIN,
            NeckDecisions.CARVE_ROUNDS,
            NeckDecisions.CARVE_STATION)
        .readings(Measurables.NECK_1, Measurables.NECK_12)
        .node(anyFret)
        .more(NeckDecisions.REST_DAYS, NeckDecisions.BOW, NeckDecisions.BOW_ROD)
        .mark(
            "facet.1.1.on-back",
            say("Fret 1, mark on the back"),
            "facet.1.1.on-side",
            say("Fret 1, mark on the side"),
            "facet.12.1.on-back",
            say("Fret 12, mark on the back"),
            "facet.12.1.on-side",
            say("Fret 12, mark on the side"))
        .know(
            "facet.1.ridge",
            say("Ridges left"),
            NeckKeys.BOW_CROWN_LEFT.id(),
            say("Crown left after levelling the bow"));
  }

  /** The field for the fret that was picked. */
  private void read(int picked) {
    fret = picked;
    anyFret
        .getChildren()
        .setAll(which, new ReadingField(Measurables.neckAt(picked), context.session()));
  }

  /** Every fret but the first and the octave's, which have fields of their own. */
  private void frets(Plan plan) {
    int octave = (int) plan.frets().divisions().value();
    List<Integer> all =
        plan.frets().frets().stream()
            .map(f -> f.number())
            .filter(n -> n > 1 && n != octave)
            .toList();
    if (all.isEmpty()) {
      anyFret.getChildren().clear();
      return;
    }
    if (!all.contains(fret)) {
      read(all.get(all.size() / 4));
    }
    which.show(all, fret);
  }

  @Override
  Region makeBeside() {
    Label title = new Label(say("Marks: back from the centre line, side from the glue line"));
    title.getStyleClass().add("lower-title");
    marks.setVgap(3);
    rule.setVgap(3);
    VBox inside = new VBox(8, marks, rule);
    ScrollPane scroll = ScrollBox.of(inside);
    VBox beside = new VBox(6, title, scroll);
    beside.setMinWidth(430);
    return beside;
  }

  @Override
  void showBeside(Plan plan, Units units) {
    frets(plan);
    Carving carving = plan.details().carving();
    marks
        .begin()
        .row(
            false,
            "",
            say("round"),
            say("on the back"),
            say("on the side"),
            say("on earlier mark, %"));
    for (Facets facets : carving.facets()) {
      int rounds = facets.bevels().get(facets.bevels().size() - 1).round();
      for (int round = 1; round <= rounds; round++) {
        String id = facets.id() + "." + round;
        marks.row(
            round == 1,
            round == 1 ? station(plan, facets) : "",
            Integer.toString(round),
            mark(plan, id + ".on-back", facets, round, units),
            mark(plan, id + ".on-side", facets, round, units),
            shares(facets, round));
      }
    }
    marks.end();
    rule.begin();
    int round = 1;
    for (QuarterRule.Round one : carving.rule().rounds()) {
      rule.row(
          false,
          say("halving rule, round {value}, {where}", round++, carving.rule().where().in(units)),
          one.worst() <= 0
              ? say("clear of the profile")
              : say(
                  "cuts in by {worst}",
                  NumberWriter.text(one.worst(), Quantity.FINE_LENGTH, units)),
          one.worst() > 0 && !one.bites(carving.rule().margin()) ? say("within the margin") : "");
    }
    for (Carving.Check reading : carving.readings()) {
      rule.row(false, say("now at {where}", reading.where().in(units)), reading.advice().in(units));
    }
    rule.row(
        false,
        say("then rest it"),
        say("{restDays} days, and check it with a straightedge", carving.restDays()));
    rule.end();
  }

  private static String station(Plan plan, Facets facets) {
    String fret = say(plan.frets().near(facets.x()));
    return plan.neck().symmetrical()
        ? fret
        : say(facets.bass() ? "{fret}, bass" : "{fret}, treble", fret);
  }

  /** A mark; where there is none on that face, why. */
  private static String mark(Plan plan, String id, Facets facets, int round, Units units) {
    boolean takes =
        facets.bevels().stream().filter(b -> b.round() == round).anyMatch(Facets.Bevel::takes);
    return plan.value(id)
        .map(v -> NumberWriter.number(v.value(), v.quantity(), units))
        .orElse(takes ? say("falls away") : say("nothing to remove"));
  }

  /** Marks on the bevels of earlier rounds, as hundredths of their width from the side's end. */
  private static String shares(Facets facets, int round) {
    StringBuilder words = new StringBuilder();
    for (Facets.Bevel bevel : facets.bevels()) {
      if (bevel.round() == round) {
        for (double share : new double[] {bevel.lowShare(), bevel.highShare()}) {
          if (!Double.isNaN(share)) {
            words.append(words.length() > 0 ? ", " : "").append(Math.round(share * 100));
          }
        }
      }
    }
    return words.toString();
  }

  @Override
  public String name() {
    return "Carving";
  }

  @Override
  public String about() {
    return say(
        "Shaping the back of the neck by facets. Take the depths to the bench and cut the lines "
            + "in order.");
  }

  @Override
  public Drawing drawing(Plan plan, Units units) {
    return CarvingDrawing.of(plan, units);
  }
}
