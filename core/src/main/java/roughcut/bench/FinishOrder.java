package roughcut.bench;

import static roughcut.finding.Chapter.BODY;
import static roughcut.finding.Chapter.FRETBOARD;
import static roughcut.finding.Chapter.ROUTS;
import static roughcut.finding.Chapter.STRINGS;

import java.util.List;
import java.util.stream.IntStream;
import roughcut.design.BodyDecisions;
import roughcut.design.CutName;
import roughcut.design.OperationId;
import roughcut.design.RoutDecisions;
import roughcut.finding.Chapter;
import roughcut.fretboard.FretboardKeys;
import roughcut.layout.LayoutKeys;
import roughcut.part.BodyWork;
import roughcut.part.PartId;
import roughcut.rout.CutKind;
import roughcut.rout.RoutKeys;
import roughcut.shop.Finish;
import roughcut.shop.FinishBook;
import roughcut.strings.StringKeys;

/** From the finished wood to the instrument that plays. */
final class FinishOrder {
  private final OperationListBuilder list;

  FinishOrder(OperationListBuilder list) {
    this.list = list;
  }

  private static OperationDraft whole(OperationId id, Chapter chapter, String title, int minutes) {
    return Operation.of(id, PartId.INSTRUMENT, chapter, title, minutes);
  }

  /** A neck that is glued in, and the heel that is blended with the body. */
  void joining() {
    boolean glued =
        switch (list.choice(BodyDecisions.NECK_JOINT)) {
          case SET_NECK -> true;
          case BOLT_ON, THROUGH -> false;
        };
    if (glued) {
      list.add(
          whole(OperationId.NECK_GLUE_IN, BODY, "Glue the neck into its pocket", 40)
              .after(OperationId.NECK_FIT, "it doesn't fit yet")
              .after(OperationId.NECK_CARVE, "its back is carved while nothing is in the way")
              .tools(list.plan.glueUp().job().glue().name(), "cauls", "clamps")
              .set(RoutKeys.POCKET_AREA.id(), "heights.joint")
              .hold(
                  HoldPoint.look(
                      "neck.line",
                      "The string line runs down the middle, and the heel sits on the floor",
                      "strings or a long rule along both edges; paper under the heel",
                      "it never comes out again"))
              .cures(list.plan.glueUp().job().glue(), PartId.values())
              .cautions(Caution.GLUE));
      list.add(
          whole(OperationId.HEEL_BLEND, BODY, "Blend the heel with the body", 60)
              .after(OperationId.NECK_GLUE_IN, "a heel is blended only with the neck in the body")
              .tools("rasp", "scraper")
              .cautions(Caution.EDGES, Caution.DUST));
    }
  }

  void finish() {
    OperationDraft sand =
        whole(OperationId.FINISH_SAND, BODY, "Sand body and neck through the grits", 180)
            .after(BodyWork.EDGES.operation(), "its edges aren't rounded yet")
            .after(OperationId.NECK_CARVE, "the neck isn't carved yet")
            .tools(
                "sandpaper to "
                    + FinishBook.get(list.choice(RoutDecisions.FINISH).word()).grit()
                    + ", blocks",
                "raking light")
            .cautions(Caution.DUST)
            .unsafeAction("a scratch is seen only under the first coat");
    for (Operation op : list.operations()) {
      if (op.id().startsWith(CutName.OPERATION) || op.chapter() == Chapter.BODY) {
        sand.after(new OperationId(op.id()), "what is cut through a film chips it");
      }
    }
    list.add(sand);
    Finish finish = FinishBook.get(list.choice(RoutDecisions.FINISH).word());
    if (finish.coats() > 0) {
      coats(finish);
    }
  }

  /** What film would spoil: of pocket and heel only where it isn't meant to get in. */
  private String masked() {
    boolean kept =
        switch (list.choice(RoutDecisions.POCKET_FINISH)) {
          case KEPT_OUT -> true;
          case GOES_IN -> false;
        };
    return kept && list.plan.cuts().pocket().isPresent()
        ? "Mask pocket and heel, slots, cavities"
        : "Mask slots and cavities";
  }

  /** Masked once, then coat by coat, each with its wait; the last hardens. */
  private void coats(Finish finish) {
    list.add(
        whole(OperationId.FINISH_MASK, BODY, masked(), 30)
            .after(OperationId.FINISH_SAND, "it isn't sanded yet")
            .tools("tape", "plugs")
            .undoable());
    OperationId before = OperationId.FINISH_MASK;
    String why = "film is cut out of slots and cavities again";
    for (int i = 1; i <= finish.coats(); i++) {
      boolean last = i == finish.coats();
      OperationId id = last ? OperationId.FINISH_COATS : OperationId.coat(i);
      OperationDraft coat =
          whole(
                  id,
                  BODY,
                  "Coat " + i + " of " + finish.coats() + ", " + finish.name(),
                  finish.minutes())
              .after(before, why)
              .tools(finish.name() + " as tried on scrap", "lint-free cloth or gun")
              .waits(
                  last ? finish.hard() : finish.between(),
                  last ? "the film has hardened" : "the coat is dry enough for the next")
              .cautions(Caution.FINISH);
      if (finish.danger().equals("rags")) {
        coat.cautions(Caution.OILY_RAGS);
      }
      if (last) {
        coat.setIfThere("pocket.clearance-finished");
      }
      list.add(coat);
      before = id;
      why = "the coat before it isn't on yet";
    }
  }

  void assembly() {
    boolean cavities =
        list.plan.cuts().cuts().stream()
            .anyMatch(c -> c.kind() == CutKind.CAVITY || c.kind() == CutKind.PICKUP);
    if (cavities) {
      covers();
      list.add(
          whole(
                  OperationId.WIRING_SHIELD,
                  ROUTS,
                  "Shield the cavities, check that all of it conducts",
                  60)
              .afterIfThere(OperationId.FINISH_COATS, "the finish runs into it")
              .tools("copper or paint", "meter")
              .cautions(Caution.EDGES));
      list.add(
          whole(OperationId.WIRING_SOLDER, ROUTS, "Wire pickups, controls and jack", 120)
              .after(OperationId.WIRING_SHIELD, "the shield isn't in yet")
              .tools("iron", "meter")
              .hold(
                  HoldPoint.look(
                      "wiring.phase",
                      "The pickups agree: both on are louder and hum less",
                      "tap with a screwdriver; coil and magnet both reversed cancel hum",
                      "turned round later, everything has to come out again"))
              .cautions(Caution.HEAT, Caution.ELECTRIC));
    }
    list.add(
        whole(OperationId.TUNERS_FIT, STRINGS, "Fit the tuners", 30)
            .afterIfThere(OperationId.FINISH_COATS, "the finish isn't on yet")
            .after(OperationId.HEAD_TUNERS, "there are no bores yet")
            .tools("small drill", "wax on the screws")
            .undoable());
    OperationDraft bridge =
        whole(OperationId.BRIDGE_FIT, STRINGS, "Set bridge and ground wire in", 30)
            .afterIfThere(OperationId.FINISH_COATS, "the finish isn't on yet")
            .tools("press or clamp for the posts")
            .hold(
                HoldPoint.look(
                    "bridge.bush",
                    "The posts' bushings are as wide as their bores want",
                    "caliper on each, and a trial bore in scrap with a drop of finish",
                    "a bushing that is forced splits the top"));
    List<OperationId> posts =
        list.plan.cuts().cuts().stream()
            .filter(c -> c.kind() == CutKind.POST)
            .map(c -> OperationId.cut(c.row()))
            .distinct()
            .toList();
    for (OperationId cut : posts) {
      bridge.after(cut, "its bores aren't there yet");
    }
    list.add(bridge);
    list.add(
        whole(OperationId.NUT_SHAPE, STRINGS, "Shape the nut's blank and seat it", 45)
            .after(OperationId.BOARD_NUT_END, "its seat isn't cut yet")
            .tools("files", "caliper")
            .set(FretboardKeys.NUT_BLANK_LENGTH.id(), FretboardKeys.NUT_BLANK_HEIGHT.id())
            .cautions(Caution.SMALL_PARTS, Caution.QUICK_GLUE));
    boolean screwed =
        switch (list.choice(BodyDecisions.NECK_JOINT)) {
          case BOLT_ON -> true;
          case SET_NECK, THROUGH -> false;
        };
    if (screwed) {
      list.add(
          whole(OperationId.NECK_SCREW_ON, BODY, "Screw the neck on", 20)
              .afterIfThere(OperationId.FINISH_COATS, "the finish isn't on yet")
              .after(OperationId.BOLT_PILOTS, "it has no pilots yet")
              .after(OperationId.NECK_FIT, "it doesn't fit yet")
              .tools("driver by hand", "wax on the screws")
              .set("bolt.length")
              .undoable());
    }
  }

  private void covers() {
    if (list.plan.cuts().covers().isEmpty()) {
      return;
    }
    OperationDraft draft =
        whole(OperationId.COVERS_MAKE, ROUTS, "Saw the covers to their ledges, screw them on", 60)
            .tools("offcut", "fine saw", "template")
            .cautions(Caution.SMALL_PARTS, Caution.DUST)
            .unsafeAction("a cover is sawn to the drawing, and the ledge came out otherwise");
    list.plan
        .cuts()
        .covers()
        .forEach(
            c -> {
              OperationId id = OperationId.cut(CutName.row(c.of().name()));
              draft
                  .after(id, "the ledge isn't cut yet")
                  .set(c.of().id("cover-length"), c.of().id("cover-width"));
            });
    list.add(draft);
  }

  void playing() {
    list.add(
        whole(OperationId.FRETS_LEVEL, FRETBOARD, "Level the frets, rod neutral", 60)
            .after(OperationId.FRETS_ENDS, "the frets aren't in yet")
            .after(OperationId.NECK_STRAIGHTEDGE, "the neck isn't known to be straight")
            .tools("levelling beam", "marker", "rocker over three")
            .cautions(Caution.EDGES));
    list.add(
        whole(OperationId.FRETS_CROWN, FRETBOARD, "Crown and polish the frets", 90)
            .after(OperationId.FRETS_LEVEL, "they aren't level yet")
            .tools("crowning file", "polish")
            .cautions(Caution.EDGES));
    list.add(
        whole(OperationId.STRINGS_ON, STRINGS, "String it up to pitch", 20)
            .after(OperationId.TUNERS_FIT, "there are no tuners yet")
            .after(OperationId.BRIDGE_FIT, "there is no bridge yet")
            .after(OperationId.NUT_SHAPE, "there is no nut yet")
            .after(OperationId.FRETS_CROWN, "the frets aren't crowned yet")
            .set(StringKeys.STRINGS_TOTAL_TENSION.id())
            .waits(24, "neck and strings have settled")
            .cautions(Caution.WIRE)
            .undoable());
    list.add(
        whole(OperationId.NUT_SLOTS, STRINGS, "File the nut's slots down in steps", 45)
            .after(OperationId.STRINGS_ON, "their depth is read under the strings")
            .tools("nut files", "feeler gauges")
            .setIfThere(
                IntStream.rangeClosed(1, list.plan.stringSet().size())
                    .mapToObj(i -> "nut.string." + i + ".slot-bottom")
                    .toArray(String[]::new))
            .unsafeAction("one stroke too many, and the nut is made anew"));
    list.add(
        whole(OperationId.SETUP_RELIEF, STRINGS, "Set relief and action", 30)
            .after(OperationId.NUT_SLOTS, "the nut is still too high")
            .tools("key of the rod", "straightedge", "feeler gauges")
            .set(StringKeys.ACTION_LAST_FRET.id())
            .undoable());
    list.add(
        whole(OperationId.SETUP_INTONATION, STRINGS, "Set the intonation, string by string", 30)
            .after(OperationId.SETUP_RELIEF, "it moves with the action")
            .tools("tuner", "driver")
            .heardAs(Operation.Heard.AT_THE_SADDLES, LayoutKeys.SADDLE_FROM_NUT.id())
            .undoable());
  }
}
