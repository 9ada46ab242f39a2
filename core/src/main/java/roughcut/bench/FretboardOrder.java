package roughcut.bench;

import static roughcut.bench.ReferenceFace.BOARD_EDGE;
import static roughcut.bench.ReferenceFace.BOARD_TOP;
import static roughcut.bench.ReferenceFace.NECK_BACK;
import static roughcut.bench.ReferenceFace.NECK_LINES;
import static roughcut.bench.ReferenceFace.NECK_OPEN;
import static roughcut.bench.ReferenceFace.NECK_TOP;
import static roughcut.finding.Chapter.FRETBOARD;

import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import roughcut.blank.BlankKeys;
import roughcut.blank.WoodPart;
import roughcut.design.Decisions;
import roughcut.design.FretboardDecisions;
import roughcut.design.NeckDecisions;
import roughcut.design.OperationId;
import roughcut.fretboard.FretboardKeys;
import roughcut.fretboard.Slots;
import roughcut.layout.LayoutKeys;
import roughcut.measure.SettingRef;
import roughcut.measure.Text;
import roughcut.neck.NeckKeys;
import roughcut.part.PartId;

/** The fretboard's operations, and the frets. */
final class FretboardOrder {
  private final OperationListBuilder list;

  FretboardOrder(OperationListBuilder list) {
    this.list = list;
  }

  private static OperationDraft board(OperationId id, Text title, int minutes) {
    return Operation.of(id, PartId.FRETBOARD, FRETBOARD, title, minutes);
  }

  /** Up to the board that is ready to be glued on. */
  void board() {
    list.add(
        board(OperationId.BOARD_PLANE, Text.of("Plane the fretboard, one edge straight"), 40)
            .problems(list.woodTrouble(p -> p.use() == WoodPart.Use.FRETBOARD))
            .makes(BOARD_TOP, BOARD_EDGE)
            .tools(Text.of("planer or drum sander"), Text.of("straightedge"))
            .set(
                FretboardKeys.FRETBOARD_BLANK_LENGTH,
                FretboardKeys.FRETBOARD_BLANK_WIDTH,
                FretboardKeys.FRETBOARD_BLANK_THICKNESS)
            .waits(48, Text.of("freshly planed wood has moved and settled"))
            .movesWood()
            .cautions(Caution.PLANER, Caution.SMALL_PARTS, Caution.DUST));
    list.add(
        board(OperationId.BOARD_SLOTS, Text.of("Saw the fret slots"), 75)
            .needsFaces(BOARD_TOP)
            .measures(BOARD_EDGE)
            .tools(
                Text.of("slotting saw in a guide, or table saw with a template"),
                Text.of("depth stop"))
            .heardAs(
                Operation.Heard.AT_A_FRET,
                IntStream.rangeClosed(1, list.plan.frets().frets().size())
                    .mapToObj(k -> LayoutKeys.FRET_FROM_NUT.of(k))
                    .toArray(SettingRef[]::new))
            .deep(FretboardKeys.SLOT_SAW_STOP)
            .repaired(Repair.CUT_FURTHER, Repair.FILL)
            .hold(
                list.measured(
                    FretboardDecisions.WIRE_TANG_WIDTH,
                    0.03,
                    Text.of("caliper, and the wire pressed into a slot sawn in scrap"),
                    Text.of("a loose tang doesn't hold, a forced one bends the fretboard")))
            .movesWood()
            .cautions(Caution.EDGES, Caution.SAW, Caution.DUST)
            .unsafeAction(Text.of("slots are too shallow once the radius is sanded in")));
    list.add(
        board(OperationId.BOARD_NUT_END, Text.of("Cut the nut end square"), 15)
            .measures(BOARD_EDGE)
            .after(OperationId.BOARD_SLOTS, Text.of("its position is measured from the slots"))
            .tools(Text.of("fine saw"), Text.of("square"))
            .set(FretboardKeys.NUT_FRETBOARD_CUT, FretboardKeys.NUT_FRONT)
            .cautions(Caution.EDGES));
    list.add(
        board(OperationId.BOARD_TAPER, Text.of("Saw and plane the fretboard taper"), 35)
            .after(
                OperationId.BOARD_SLOTS,
                Text.of("the straight edge that the slots are squared from would be gone"))
            .destroys(BOARD_EDGE)
            .tools(Text.of("saw"), Text.of("plane"), Text.of("template"))
            .set(
                Stream.of(FretboardKeys.FRETBOARD_WOOD_NUT, FretboardKeys.FRETBOARD_WOOD_END)
                    .filter(list::there)
                    .toArray(SettingRef[]::new))
            .setIfThere(LayoutKeys.FRET_WIDTH.of(1), LayoutKeys.FRET_WIDTH.of(12))
            .set(FretboardKeys.FRETBOARD_END_WIDTH)
            .cautions(Caution.EDGES, Caution.DUST));
    list.add(
        board(
                OperationId.BOARD_PINS,
                Text.of("Drill for the locating pins through two fret slots"),
                15)
            .after(OperationId.BOARD_SLOTS, Text.of("they go through its slots"))
            .needsFaces(NECK_OPEN)
            .measures(NECK_LINES)
            .tools(Text.of("small drill"), Text.of("pins"))
            .setIfThere(NeckKeys.PIN_ACROSS.of("head"), NeckKeys.PIN_ACROSS.of("body"))
            .cautions(Caution.DRILL)
            .unsafeAction(Text.of("a pin hits the rod")));
  }

  /** The board goes on, and closes what is in the neck. */
  void glue() {
    OperationDraft glue =
        board(OperationId.BOARD_GLUE, Text.of("Glue on the fretboard"), 45)
            .needsFaces(NECK_TOP, NECK_OPEN)
            .after(OperationId.BOARD_TAPER, Text.of("nothing is flush with it yet"))
            .after(OperationId.BOARD_PINS, Text.of("it creeps without them"))
            .destroys(NECK_OPEN)
            .tools(
                Text.raw(list.plan.glueUp().job().glue().name()),
                Text.of("caul"),
                Text.of("pins"),
                Text.of("two stop blocks at each edge"),
                Text.of("the rod, masked"))
            .set(BlankKeys.REVEAL_NUT, BlankKeys.REVEAL_END)
            .cures(list.plan.glueUp().job().glue(), PartId.FRETBOARD, PartId.NECK, PartId.HEAD)
            .hold(
                list.measured(
                    Decisions.NUT_WIDTH,
                    0.3,
                    Text.of("caliper"),
                    Text.of("the string margins follow from it")))
            .hold(
                HoldPoint.look(
                        "board.flat",
                        Text.of("Neck and fretboard lie flat on each other"),
                        Text.of("straightedge on both, then press: it doesn't rock"),
                        Text.of("a hollow glue line opens at the edge"))
                    .within(HoldPoint.FLAT_DAYS))
            .cautions(Caution.GLUE)
            .unsafeAction(
                Text.of(
                    "glue runs into the rod channel, or the fretboard creeps off the nut line"));
    if (list.has(OperationId.ROD_CHANNEL)) {
      glue.after(OperationId.ROD_CHANNEL, Text.of("its channel is closed from then on"))
          .hold(
              HoldPoint.look(
                  "rod.flush",
                  Text.of("The rod lies flush and doesn't rock or rattle"),
                  Text.of("turn it both ways with its key and tap the neck"),
                  Text.of("nobody can reach it again")));
    }
    if (list.has(OperationId.STIFFENER_CHANNELS)) {
      glue.after(OperationId.STIFFENER_CHANNELS, Text.of("their channels are closed from then on"));
    }
    if (list.has(OperationId.ROD_ACCESS)) {
      glue.after(
          OperationId.ROD_ACCESS, Text.of("you can only see from above whether the key turns"));
    }
    list.add(glue);
    list.add(
        board(OperationId.BOARD_FLUSH, Text.of("Trim fretboard and neck flush"), 30)
            .after(OperationId.BOARD_GLUE, Text.of("it isn't on yet"))
            .after(OperationId.NECK_OUTLINE, Text.of("the neck has no outline yet"))
            .tools(Text.of("plane"), Text.of("bearing cutter, light passes"))
            .cautions(Caution.EDGES, Caution.ROUTER, Caution.DUST));
  }

  /**
   * How deep the first of the dots is bored, at least and at most; of the others their page tells.
   */
  private SettingRef[] dots() {
    return list.plan.fretboard().markers().dots().stream()
        .map(d -> d.fret())
        .sorted()
        .limit(1)
        .flatMap(
            f ->
                Stream.of(
                    FretboardKeys.MARKER_DEPTH_MIN.of(f), FretboardKeys.MARKER_DEPTH_MAX.of(f)))
        .toArray(SettingRef[]::new);
  }

  /** Dots, radius, slots, frets. */
  void frets() {
    list.add(
        board(OperationId.BOARD_DOTS, Text.of("Drill and glue in the top and side dots"), 60)
            .after(OperationId.BOARD_GLUE, Text.of("it isn't on yet"))
            .needsFaces(NECK_BACK)
            .tools(Text.of("drill with brad point"), Text.of("stop"), Text.of("glue"))
            .set(dots())
            .setIfThere(FretboardKeys.MARKER_SIDE_CLEARANCE)
            .cautions(Caution.DRILL, Caution.QUICK_GLUE));
    list.add(
        board(OperationId.BOARD_RADIUS, Text.of("Sand in the radius"), 60)
            .after(OperationId.BOARD_GLUE, Text.of("it isn't on yet"))
            .needsFaces(NECK_BACK)
            .destroys(BOARD_TOP)
            .tools(Text.of("radius block"), Text.of("gauges"), Text.of("straightedge"))
            .set(
                FretboardKeys.FRETBOARD_EDGE.of("nut"),
                FretboardKeys.FRETBOARD_EDGE.of("end"),
                FretboardKeys.RADIUS_EVEN_END,
                FretboardKeys.RADIUS_CONE_END)
            .cautions(Caution.DUST)
            .unsafeAction(Text.of("more comes off at the ends than in the middle")));
    straightened();
    Slots slots = list.plan.fretboard().slots();
    if (slots.deepened()) {
      OperationDraft deepen =
          board(OperationId.BOARD_DEEPEN, Text.of("Deepen the slots"), 45)
              .needsFaces(NECK_BACK)
              .after(OperationId.BOARD_SLOTS, Text.of("there are no slots yet"))
              .tools(Text.of("slotting saw"), Text.of("depth gauge"))
              .deep(FretboardKeys.SLOT_SAW_STOP)
              .repaired(Repair.CUT_FURTHER)
              .cautions(Caution.EDGES)
              .unsafeAction(Text.of("a slot is too shallow at its ends, and the fret never seats"));
      list.add(
          slots.midway()
              ? deepen
              : deepen.after(
                  OperationId.BOARD_RADIUS, Text.of("the depth is measured from the radius")));
    }
    OperationDraft press =
        board(OperationId.FRETS_PRESS, Text.of("Seat the frets"), 90)
            .needsFaces(NECK_BACK)
            .after(OperationId.BOARD_RADIUS, Text.of("they follow the radius"))
            .hold(
                list.measured(
                    FretboardDecisions.SANDED,
                    Optional.empty(),
                    0.1,
                    Text.of("what radiusing and levelling removed, by caliper before and after"),
                    Text.of("the slots are shallower by that much")))
            .tools(Text.of("press caul or hammer"), Text.of("wire bent tighter than the radius"))
            .set(
                FretboardKeys.WIRE_TOTAL,
                FretboardKeys.WIRE_BEND_RADIUS,
                FretboardKeys.WIRE_TANG_BACK)
            .hold(
                list.measured(
                    Decisions.FRETBOARD_THICKNESS,
                    0.3,
                    Text.of("caliper at its end"),
                    Text.of("the wood left under the slots follows from it")))
            .cautions(Caution.WIRE)
            .unsafeAction(Text.of("frets lift at their ends"));
    if (list.has(OperationId.BOARD_DEEPEN)) {
      press.after(OperationId.BOARD_DEEPEN, Text.of("the slots aren't deep enough yet"));
    }
    if (list.has(OperationId.BOARD_STRAIGHT)) {
      press.after(OperationId.BOARD_STRAIGHT, Text.of("you can't sand out a bow under frets"));
    }
    list.add(press);
    list.add(
        board(OperationId.FRETS_ENDS, Text.of("Bevel and file the fret ends"), 60)
            .after(OperationId.FRETS_PRESS, Text.of("no frets are in yet"))
            .tools(Text.of("long file in a guide"))
            .cautions(Caution.EDGES, Caution.WIRE));
  }

  /** Under frets nothing is sanded any more: a neck that was fretted without is left alone. */
  private void straightened() {
    if (list.plan.log().isDone(OperationId.FRETS_PRESS)
        && !list.plan.log().isDone(OperationId.BOARD_STRAIGHT)) {
      return;
    }
    list.add(
        board(OperationId.BOARD_STRAIGHT, Text.of("Level the fretboard along its length"), 30)
            .after(OperationId.BOARD_RADIUS, Text.of("its radius isn't sanded in yet"))
            .needsFaces(NECK_BACK)
            .tools(
                Text.of("straightedge"),
                Text.of("feeler gauge"),
                Text.of("long levelling beam with abrasive"))
            .set(FretboardKeys.BOW_SANDED, NeckKeys.BOW_CROWN_LEFT, NeckKeys.BOW_EDGE_LEFT)
            .hold(
                list.measured(
                    NeckDecisions.BOW,
                    0.3,
                    Text.of("straightedge and feeler gauge, rod neutral"),
                    Text.of(
                        "what the rod can't take out has to be sanded out now; under frets you can't")))
            .cautions(Caution.DUST)
            .unsafeAction(Text.of("the bow shows under the frets, when no sanding can reach it")));
  }
}
