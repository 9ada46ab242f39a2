package roughcut.desktop.station;

import static roughcut.desktop.words.Words.say;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import roughcut.blank.BlankKeys;
import roughcut.blank.BlankReadiness;
import roughcut.blank.RipPlan;
import roughcut.design.BlankDecisions;
import roughcut.design.Decisions;
import roughcut.design.PartDecisions;
import roughcut.desktop.control.BoardChoices;
import roughcut.desktop.control.BoardOffers;
import roughcut.desktop.control.DecisionField;
import roughcut.desktop.control.DoneTicks;
import roughcut.desktop.control.FixList;
import roughcut.desktop.control.OpenProblems;
import roughcut.desktop.control.PartPlacer;
import roughcut.desktop.control.SmallPartsEditor;
import roughcut.desktop.draw.Handles;
import roughcut.desktop.session.StationContext;
import roughcut.drawing.BoardsDrawing;
import roughcut.drawing.Drawing;
import roughcut.finding.Topic;
import roughcut.measure.Units;
import roughcut.plan.Grip;
import roughcut.plan.Plan;
import roughcut.record.DoneOperation;
import roughcut.record.Proposal;
import roughcut.whatif.FixSuggestions;

/**
 * The boards that the strips come from, with this saw: what comes out, what is missing, and what
 * would make it fit.
 */
final class BoardsPage extends PlainPage {
  private final StationContext context;
  private final PagedStation station;
  private BoardOffers offers;
  private BoardChoices choices;
  private final OpenProblems questions = new OpenProblems();
  private final FixList ways;
  private PartPlacer placer;
  private SmallPartsEditor small;
  private DoneTicks sawn;
  private final VBox lefts = new VBox(4);
  private List<String> woods = List.of();

  BoardsPage(StationContext context, PagedStation station) {
    this.context = context;
    this.station = station;
    this.ways = new FixList(context.session(), say("Fixes"));
  }

  @Override
  Region makeLower() {
    offers = new BoardOffers(context.session());
    VBox.setVgrow(ways, Priority.ALWAYS);
    VBox fixes = new VBox(6, ways, offers);
    HBox lower = new HBox(28, questions, fixes);
    for (var part : List.of(questions, fixes)) {
      part.setPrefWidth(400);
      part.setMinWidth(240);
      HBox.setHgrow(part, Priority.ALWAYS);
    }
    lower.getStyleClass().add("lower");
    return lower;
  }

  @Override
  Panel makePanel() {
    choices = new BoardChoices(context.session());
    sawn = new DoneTicks(context, say("Already sawn"), "sawn");
    placer = new PartPlacer(context.session());
    small = new SmallPartsEditor(context.session());
    return new Panel(context)
        .node(turner(station))
        .heading(say("Decisions"))
        .node(choices)
        .node(sawn)
        .decisions(Decisions.SAW_KERF, BlankDecisions.SAW_ALLOWANCE)
        .more(
            say("Placing parts by hand, and more"),
            new VBox(10, lefts, placer, small),
            BlankDecisions.JOINTING,
            BlankDecisions.END_TRIM,
            BlankDecisions.RESAW_KERF,
            BlankDecisions.RESAW_ALLOWANCE,
            BlankDecisions.SCARF_KERF,
            BlankDecisions.NECK_COPIES,
            BlankDecisions.FLATTENING)
        .set(
            "rip.rough",
            say("Widest strip, rough"),
            BlankKeys.STACK_LENGTH.id(),
            say("Rough strip length"),
            BlankKeys.STACK_DEPTH.id(),
            say("Rough strip depth"))
        .know(
            "rip.need",
            say("Width needed"),
            "rip.short",
            say("Width missing"),
            "rip.strips",
            say("Strips per board"),
            BlankKeys.BOARD_YIELD.id(),
            say("Yield"),
            BlankKeys.RESAW_NEED.id(),
            say("Board for two leaves"));
  }

  @Override
  public String name() {
    return "Boards";
  }

  @Override
  public String about() {
    return say(
        "Which board gives which strip, and what is missing. Measure the boards before you saw.");
  }

  @Override
  public Drawing drawing(Plan plan, Units units) {
    return BoardsDrawing.of(plan, units);
  }

  @Override
  void showLower(Plan plan, Units units) {
    choices.show(plan);
    sawn.show(plan, strips(plan));
    placer.show(plan);
    small.show();
    lefts(plan);
    offers.show(plan, units);
    questions.show(say("Parts on the boards"), plan.about(Topic.NECK_BLANK), units);
    List<Proposal> found = new ArrayList<>();
    for (RipPlan rip : plan.rips().plans()) {
      found.addAll(FixSuggestions.strips(plan, rip));
    }
    ways.show(
        found,
        plan.rips().sawn()
            ? say("All strips are sawn.")
            : BlankReadiness.comesOut(plan.rips())
                ? say("All strips fit on their boards.")
                : say(
                    "No single change makes it fit. Take another wood, or change the strips by "
                        + "hand."));
  }

  private static Map<String, String> strips(Plan plan) {
    Map<String, String> strips = new LinkedHashMap<>();
    for (int i = 1; i <= plan.neckStrips().size(); i++) {
      strips.put(DoneOperation.stripSawn(i), say("strip {i}", i));
    }
    return strips;
  }

  /** Ripping taken up in the middle: what is left of each wood's board. */
  private void lefts(Plan plan) {
    List<String> now = plan.rips().plans().stream().map(RipPlan::species).toList();
    if (!now.equals(woods)) {
      woods = now;
      lefts.getChildren().clear();
      for (String wood : now) {
        lefts
            .getChildren()
            .add(new DecisionField(PartDecisions.widthLeft(wood), context.session()));
      }
    }
  }

  @Override
  public Handles handles() {
    return new Handles() {
      @Override
      public String words(Grip grip, double dx, double dy) {
        return grip.heldPart().map(p -> placer.words(p, dx, dy)).orElse("");
      }

      @Override
      public void drop(Grip grip, double dx, double dy) {
        grip.heldPart().ifPresent(p -> placer.move(p, dx, dy));
      }

      @Override
      public void pick(Grip grip) {
        unfold();
        grip.heldPart().ifPresent(placer::choose);
      }
    };
  }
}
