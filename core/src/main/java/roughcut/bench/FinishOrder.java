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
import roughcut.measure.SettingRef;
import roughcut.measure.Text;
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

  private static OperationDraft whole(OperationId id, Chapter chapter, Text title, int minutes) {
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
          whole(OperationId.NECK_GLUE_IN, BODY, Text.of("Glue the neck into its pocket"), 40)
              .after(OperationId.NECK_FIT, Text.of("it doesn't fit yet"))
              .after(
                  OperationId.NECK_CARVE,
                  Text.of("its back is easier to carve while nothing is in the way"))
              .tools(
                  Text.raw(list.plan.glueUp().job().glue().name()),
                  Text.of("cauls"),
                  Text.of("clamps"))
              .set(RoutKeys.POCKET_AREA, StringKeys.HEIGHT_AT_JOINT.of())
              .hold(
                  HoldPoint.look(
                      "neck.line",
                      Text.of(
                          "The string line runs down the middle, and the heel sits on the floor"),
                      Text.of("strings or a long rule along both edges; paper under the heel"),
                      Text.of("it can never be taken apart again")))
              .cures(list.plan.glueUp().job().glue(), PartId.values())
              .cautions(Caution.GLUE));
      list.add(
          whole(OperationId.HEEL_BLEND, BODY, Text.of("Blend the heel into the body"), 60)
              .after(
                  OperationId.NECK_GLUE_IN,
                  Text.of("a heel can only be blended with the neck in the body"))
              .tools(Text.of("rasp"), Text.of("scraper"))
              .cautions(Caution.EDGES, Caution.DUST));
    }
  }

  void finish() {
    OperationDraft sand =
        whole(OperationId.FINISH_SAND, BODY, Text.of("Sand body and neck through the grits"), 180)
            .after(BodyWork.EDGES.operation(), Text.of("its edges aren't rounded over yet"))
            .after(OperationId.NECK_CARVE, Text.of("the neck isn't carved yet"))
            .tools(
                Text.of(
                    "sandpaper to {grit}, blocks",
                    FinishBook.get(list.choice(RoutDecisions.FINISH).word()).grit()),
                Text.of("raking light"))
            .cautions(Caution.DUST)
            .unsafeAction(Text.of("a scratch shows only under the first coat"));
    for (Operation op : list.operations()) {
      if (op.id().startsWith(CutName.OPERATION) || op.chapter() == Chapter.BODY) {
        sand.after(new OperationId(op.id()), Text.of("cutting through a finish chips it"));
      }
    }
    list.add(sand);
    Finish finish = FinishBook.get(list.choice(RoutDecisions.FINISH).word());
    if (finish.coats() > 0) {
      coats(finish);
    }
  }

  /** What film would spoil: of pocket and heel only where it isn't meant to get in. */
  private Text masked() {
    boolean kept =
        switch (list.choice(RoutDecisions.POCKET_FINISH)) {
          case KEPT_OUT -> true;
          case GOES_IN -> false;
        };
    return kept && list.plan.cuts().pocket().isPresent()
        ? Text.of("Mask pocket, heel, slots and cavities")
        : Text.of("Mask slots and cavities");
  }

  /** Masked once, then coat by coat, each with its wait; the last hardens. */
  private void coats(Finish finish) {
    list.add(
        whole(OperationId.FINISH_MASK, BODY, masked(), 30)
            .after(OperationId.FINISH_SAND, Text.of("it isn't sanded yet"))
            .tools(Text.of("tape"), Text.of("plugs"))
            .undoable());
    OperationId before = OperationId.FINISH_MASK;
    Text why = Text.of("the finish has to be cut out of slots and cavities again");
    for (int i = 1; i <= finish.coats(); i++) {
      boolean last = i == finish.coats();
      OperationId id = last ? OperationId.FINISH_COATS : OperationId.coat(i);
      OperationDraft coat =
          whole(
                  id,
                  BODY,
                  Text.of("Coat {i} of {coats}, {finish}", i, finish.coats(), finish.name()),
                  finish.minutes())
              .after(before, why)
              .tools(
                  Text.of("{finish} as tried on scrap", finish.name()),
                  Text.of("lint-free cloth or gun"))
              .waits(
                  last ? finish.hard() : finish.between(),
                  last
                      ? Text.of("the film has hardened")
                      : Text.of("the coat is dry enough for the next"))
              .cautions(Caution.FINISH);
      if (finish.danger().equals("rags")) {
        coat.cautions(Caution.OILY_RAGS);
      }
      if (last) {
        coat.setIfThere(RoutKeys.POCKET_CLEARANCE_FINISHED.of());
      }
      list.add(coat);
      before = id;
      why = Text.of("the previous coat isn't on yet");
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
                  Text.of("Shield the cavities and check that all of it conducts"),
                  60)
              .afterIfThere(OperationId.FINISH_COATS, Text.of("the finish runs into it"))
              .tools(Text.of("copper or paint"), Text.of("meter"))
              .cautions(Caution.EDGES));
      list.add(
          whole(OperationId.WIRING_SOLDER, ROUTS, Text.of("Wire pickups, controls and jack"), 120)
              .after(OperationId.WIRING_SHIELD, Text.of("the shielding isn't in yet"))
              .tools(Text.of("iron"), Text.of("meter"))
              .hold(
                  HoldPoint.look(
                      "wiring.phase",
                      Text.of("The pickups agree: both on are louder and hum less"),
                      Text.of(
                          "tap them with a screwdriver; coil and magnet both reversed cancel hum"),
                      Text.of("to turn one round later, everything has to come out again")))
              .cautions(Caution.HEAT, Caution.ELECTRIC));
    }
    list.add(
        (headless()
                ? whole(OperationId.HEADPIECE_FIT, STRINGS, Text.of("Screw on the headpiece"), 15)
                : whole(OperationId.TUNERS_FIT, STRINGS, Text.of("Fit the tuners"), 30))
            .afterIfThere(OperationId.FINISH_COATS, Text.of("the finish isn't on yet"))
            .after(
                headless() ? OperationId.HEADPIECE_DRILL : OperationId.HEAD_TUNERS,
                Text.of("the holes aren't drilled yet"))
            .tools(Text.of("small drill"), Text.of("wax on the screws"))
            .undoable());
    OperationDraft bridge =
        whole(OperationId.BRIDGE_FIT, STRINGS, Text.of("Install bridge and ground wire"), 30)
            .afterIfThere(OperationId.FINISH_COATS, Text.of("the finish isn't on yet"))
            .tools(Text.of("press or clamp for the posts"))
            .hold(
                HoldPoint.look(
                    "bridge.bush",
                    Text.of("The post bushings fit their bores"),
                    Text.of("caliper on each, and a trial hole in scrap with a drop of finish"),
                    Text.of("a bushing that is forced in splits the top")));
    List<OperationId> posts =
        list.plan.cuts().cuts().stream()
            .filter(c -> c.kind() == CutKind.POST)
            .map(c -> OperationId.cut(c.row()))
            .distinct()
            .toList();
    for (OperationId cut : posts) {
      bridge.after(cut, Text.of("its bores aren't drilled yet"));
    }
    list.add(bridge);
    list.add(
        whole(OperationId.NUT_SHAPE, STRINGS, Text.of("Shape the nut blank and seat it"), 45)
            .after(OperationId.BOARD_NUT_END, Text.of("its seat isn't cut yet"))
            .tools(Text.of("files"), Text.of("caliper"))
            .set(FretboardKeys.NUT_BLANK_LENGTH, FretboardKeys.NUT_BLANK_HEIGHT)
            .cautions(Caution.SMALL_PARTS, Caution.QUICK_GLUE));
    boolean screwed =
        switch (list.choice(BodyDecisions.NECK_JOINT)) {
          case BOLT_ON -> true;
          case SET_NECK, THROUGH -> false;
        };
    if (screwed) {
      list.add(
          whole(OperationId.NECK_SCREW_ON, BODY, Text.of("Bolt the neck on"), 20)
              .afterIfThere(OperationId.FINISH_COATS, Text.of("the finish isn't on yet"))
              .after(OperationId.BOLT_PILOTS, Text.of("it has no pilot holes yet"))
              .after(OperationId.NECK_FIT, Text.of("it doesn't fit yet"))
              .tools(Text.of("driver by hand"), Text.of("wax on the screws"))
              .set(RoutKeys.BOLT_LENGTH.of())
              .undoable());
    }
  }

  private void covers() {
    if (list.plan.cuts().covers().isEmpty()) {
      return;
    }
    OperationDraft draft =
        whole(
                OperationId.COVERS_MAKE,
                ROUTS,
                Text.of("Saw the covers to fit their ledges and screw them on"),
                60)
            .tools(Text.of("offcut"), Text.of("fine saw"), Text.of("template"))
            .cautions(Caution.SMALL_PARTS, Caution.DUST)
            .unsafeAction(
                Text.of("a cover is sawn to the drawing, and the ledge came out differently"));
    list.plan
        .cuts()
        .covers()
        .forEach(
            c -> {
              OperationId id = OperationId.cut(CutName.row(c.of().name()));
              draft
                  .after(id, Text.of("the ledge isn't cut yet"))
                  .set(
                      RoutKeys.COVER_LENGTH.of(c.of().name()),
                      RoutKeys.COVER_WIDTH.of(c.of().name()));
            });
    list.add(draft);
  }

  void playing() {
    list.add(
        whole(OperationId.FRETS_LEVEL, FRETBOARD, Text.of("Level the frets, rod neutral"), 60)
            .after(OperationId.FRETS_ENDS, Text.of("the frets aren't in yet"))
            .after(
                OperationId.NECK_STRAIGHTEDGE,
                Text.of("nobody has checked that the neck is straight"))
            .tools(Text.of("levelling beam"), Text.of("marker"), Text.of("rocker over three"))
            .cautions(Caution.EDGES));
    list.add(
        whole(OperationId.FRETS_CROWN, FRETBOARD, Text.of("Crown and polish the frets"), 90)
            .after(OperationId.FRETS_LEVEL, Text.of("they aren't level yet"))
            .tools(Text.of("crowning file"), Text.of("polish"))
            .cautions(Caution.EDGES));
    list.add(
        whole(OperationId.STRINGS_ON, STRINGS, Text.of("String up to pitch"), 20)
            .after(
                headless() ? OperationId.HEADPIECE_FIT : OperationId.TUNERS_FIT,
                headless()
                    ? Text.of("nothing holds the strings at the nut yet")
                    : Text.of("there are no tuners yet"))
            .after(OperationId.BRIDGE_FIT, Text.of("there is no bridge yet"))
            .after(OperationId.NUT_SHAPE, Text.of("there is no nut yet"))
            .after(OperationId.FRETS_CROWN, Text.of("the frets aren't crowned yet"))
            .set(StringKeys.STRINGS_TOTAL_TENSION)
            .waits(24, Text.of("neck and strings have settled"))
            .cautions(Caution.WIRE)
            .undoable());
    list.add(
        whole(OperationId.NUT_SLOTS, STRINGS, Text.of("File the nut slots down in steps"), 45)
            .after(OperationId.STRINGS_ON, Text.of("their depth is measured under the strings"))
            .tools(Text.of("nut files"), Text.of("feeler gauges"))
            .setIfThere(
                IntStream.rangeClosed(1, list.plan.stringSet().size())
                    .mapToObj(i -> StringKeys.NUT_SLOT_BOTTOM.of(i))
                    .toArray(SettingRef[]::new))
            .unsafeAction(Text.of("one stroke too many, and you make a new nut")));
    list.add(
        whole(OperationId.SETUP_RELIEF, STRINGS, Text.of("Set relief and action"), 30)
            .after(OperationId.NUT_SLOTS, Text.of("the nut is still too high"))
            .tools(Text.of("truss rod key"), Text.of("straightedge"), Text.of("feeler gauges"))
            .set(StringKeys.ACTION_LAST_FRET)
            .undoable());
    list.add(
        whole(
                OperationId.SETUP_INTONATION,
                STRINGS,
                Text.of("Set the intonation, string by string"),
                30)
            .after(OperationId.SETUP_RELIEF, Text.of("intonation changes with the action"))
            .tools(Text.of("tuner"), Text.of("driver"))
            .heardAs(Operation.Heard.AT_THE_SADDLES, LayoutKeys.SADDLE_FROM_NUT)
            .undoable());
  }

  private boolean headless() {
    return list.plan.details().headpiece().isPresent();
  }
}
