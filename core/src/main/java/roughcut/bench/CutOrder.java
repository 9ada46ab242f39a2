package roughcut.bench;

import static roughcut.bench.ReferenceFace.BODY_BACK;
import static roughcut.bench.ReferenceFace.BODY_INSIDE;
import static roughcut.bench.ReferenceFace.BODY_LINES;
import static roughcut.bench.ReferenceFace.BODY_TOP;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.stream.Stream;
import roughcut.design.BodyDecisions;
import roughcut.design.CutName;
import roughcut.design.Decisions;
import roughcut.design.Fitting;
import roughcut.design.OperationId;
import roughcut.design.StringDecisions;
import roughcut.finding.Chapter;
import roughcut.layout.LayoutKeys;
import roughcut.measure.SettingRef;
import roughcut.measure.Text;
import roughcut.neck.Tenon;
import roughcut.part.BodyWork;
import roughcut.part.PartId;
import roughcut.record.Measurables;
import roughcut.rout.Cut;
import roughcut.rout.CutFrom;
import roughcut.rout.CutKind;
import roughcut.rout.CutLocations;
import roughcut.rout.RoutKeys;
import roughcut.rout.RoutPlan;
import roughcut.strings.StringKeys;

/** What is cut into the body, row by row, and the neck that is tried in it meanwhile. */
final class CutOrder {
  private final OperationListBuilder list;
  private final Map<String, List<Cut>> rows = new LinkedHashMap<>();
  private final boolean topped;

  CutOrder(OperationListBuilder list, boolean topped) {
    this.list = list;
    this.topped = topped;
    for (Cut cut : list.plan.cuts().cuts()) {
      rows.computeIfAbsent(cut.row(), r -> new ArrayList<>()).add(cut);
    }
  }

  /** What a top will cover. */
  private boolean covered(Cut cut) {
    return topped && cut.covered();
  }

  void beforeTheTop() {
    write(this::covered);
  }

  /** Templates are pinned on these. */
  void indexBores() {
    write(c -> c.kind() == CutKind.BORE);
  }

  void pocket() {
    write(c -> c.kind() == CutKind.POCKET);
    if (list.plan.cuts().pocket().isEmpty()) {
      return;
    }
    OperationDraft fit =
        body(OperationId.NECK_FIT, Text.of("Try the neck in its pocket and ease it"), 30)
            .after(OperationId.cut("pocket"), Text.of("there is no pocket yet"))
            .after(OperationId.HEEL_FACES, Text.of("its heel isn't final yet"))
            .tools(Text.of("the neck"), Text.of("straightedge"), Text.of("caliper"))
            .set(RoutKeys.POCKET_FIRST_CLEARANCE, RoutKeys.POCKET_HEEL_GAP, StringDecisions.EXPOSED)
            .undoable()
            .hold(
                HoldPoint.measured(
                    Measurables.POCKET_EDGE,
                    list.plan.asDrawn().orElse(list.plan).value(Measurables.POCKET_EDGE.drawn()),
                    0.2,
                    Text.of("depth gauge"),
                    Text.of("the height of the neck follows from it, before you force it in")))
            .hold(standing())
            .hold(straightedge())
            .unsafeAction(Text.of("the pocket is deepened by guesswork until its floor is thin"));
    if (list.plan.stringPlan().heights().seat().orElseThrow().wedged()) {
      fit.after(OperationId.HEEL_WEDGE, Text.of("the wedge isn't planed yet"))
          .tools(Text.of("the wedge"));
    }
    list.add(fit);
    list.add(
        body(
                OperationId.NECK_SCALE_CHECK,
                Text.of("Measure the scale with the neck in the pocket"),
                15)
            .after(OperationId.NECK_FIT, Text.of("the neck isn't seated yet"))
            .tools(Text.of("long rule"), Text.of("string over both edges"))
            .heardAs(Operation.Heard.AT_THE_SADDLES, LayoutKeys.SADDLE_FROM_NUT)
            .undoable()
            .hold(
                list.measured(
                    StringDecisions.NUT_TO_OCTAVE,
                    list.plan
                        .asDrawn()
                        .orElse(list.plan)
                        .value(
                            LayoutKeys.FRET_FROM_NUT.id(
                                (int) list.plan.frets().divisions().value())),
                    0.3,
                    Text.of("long rule, from the nut line"),
                    Text.of(
                        "the bridge position follows from the real scale, twice this distance")))
            .hold(
                list.measured(
                    Decisions.JOINT_X,
                    0.5,
                    Text.of("long rule, from the nut line"),
                    Text.of(
                        "whatever is located from the body edge moves when the neck sits further out or in")))
            .unsafeAction(Text.of("the scale is measured before the neck is seated")));
  }

  void others() {
    write(c -> c.kind() == CutKind.BOLT);
    write(c -> c.kind() == CutKind.BRIDGE || c.kind() == CutKind.BLOCK || c.kind() == CutKind.POST);
    write(c -> c.kind() == CutKind.SPRINGS);
    write(c -> c.kind() == CutKind.PICKUP);
    write(c -> c.kind() == CutKind.CAVITY || c.kind() == CutKind.CHAMBER && !covered(c));
    write(c -> c.kind() == CutKind.SLOT || c.kind() == CutKind.SHAFT);
    write(c -> c.kind() == CutKind.WIRE);
    write(c -> c.kind() == CutKind.JACK || c.kind() == CutKind.STRAP);
    write(c -> true);
  }

  private void write(Predicate<Cut> which) {
    rows.forEach(
        (row, cuts) -> {
          if (which.test(cuts.get(0)) && !list.has(OperationId.cut(row))) {
            list.add(cut(row, cuts));
          }
        });
  }

  private static OperationDraft body(OperationId id, Text title, int minutes) {
    return Operation.of(id, PartId.BODY, Chapter.ROUTS, title, minutes);
  }

  private OperationDraft cut(String row, List<Cut> cuts) {
    Cut first = cuts.get(0);
    boolean bored = first.kind().bored();
    OperationDraft draft =
        body(OperationId.cut(row), CutTitle.of(cuts), minutes(first, cuts.size()))
            .cautions(bored ? Caution.DRILL : Caution.ROUTER, Caution.DUST);
    stands(draft, first);
    settings(draft, cuts);
    repairs(draft, first.kind());
    located(draft, first);
    listed(draft, first);
    // A cover's screws stand round its ledge; a plate's hold it where it lies.
    list.plan.cuts().cuts().stream()
        .filter(c -> CutName.screws(c.name()).equals(row))
        .findFirst()
        .ifPresent(c -> draft.after(OperationId.cut(c.row()), Text.of("the ledge isn't cut yet")));
    for (Cut cut : cuts) {
      if (cut.kind() == CutKind.WIRE) {
        list.plan
            .fitting(cut.name())
            .map(Fitting::with)
            .orElse(List.of())
            .forEach(
                end ->
                    list.plan
                        .cuts()
                        .cut(end)
                        .ifPresent(
                            c ->
                                draft.after(
                                    OperationId.cut(c.row()),
                                    Text.of("it is drilled from the {c}", c.words()))));
      }
    }
    return draft.unsafeAction(wrong(first));
  }

  private static int minutes(Cut cut, int count) {
    if (cut.kind().bored()) {
      return 8 + 3 * count;
    }
    return 25 + 15 * cut.steps().size();
  }

  private void stands(OperationDraft draft, Cut cut) {
    if (covered(cut)) {
      draft.needsFaces(BODY_INSIDE, BODY_BACK).measures(BODY_LINES);
    } else if (cut.from() == CutFrom.TOP) {
      draft.needsFaces(BODY_BACK, BODY_TOP).measures(BODY_LINES);
    } else if (cut.from() == CutFrom.BACK) {
      draft.needsFaces(BODY_TOP, BODY_BACK).measures(BODY_LINES);
    } else if (cut.from() == CutFrom.EDGE) {
      draft
          .needsFaces(BODY_BACK)
          .after(BodyWork.OUTLINE.operation(), Text.of("its edge isn't finished yet"));
    }
    boolean open = cut.from() == CutFrom.TOP && !covered(cut);
    if (topped && open) {
      draft.after(OperationId.TOP_GLUE, Text.of("the top isn't on yet"));
    }
  }

  private void settings(OperationDraft draft, List<Cut> cuts) {
    for (Cut cut : cuts) {
      // Rails round the real neck place its pocket; its depth and tilt are what is set.
      boolean railed = cut.kind() == CutKind.POCKET;
      List<SettingRef> places = CutLocations.of(cut.name()).stream().filter(list::there).toList();
      places.stream().filter(p -> !railed).forEach(draft::placed);
      Stream.of(RoutKeys.BIT, RoutKeys.BIT_BELOW)
          .map(bit -> bit.of(cut.name()))
          .filter(list::there)
          .forEach(draft::set);
      if (cut.kind() == CutKind.POCKET && list.there(RoutKeys.PASS_SHIM.of())) {
        draft.set(RoutKeys.PASS_SHIM.of(), RoutKeys.POCKET_DEPTH_END);
      }
      SettingRef stop = RoutKeys.STOP_NOW.of(cut.name());
      if (list.there(stop)) {
        draft.deep(stop);
      }
      for (RoutPlan rout : list.plan.cuts().plansOf(cut.name())) {
        rout.plan().missing().ifPresent(m -> draft.problems(List.of(m.text())));
        draft.deep(RoutKeys.PASS_DEPTH_NOW.of(rout.step().name()));
        for (int i = 1; i <= rout.plan().passes().size(); i++) {
          draft.passing(RoutKeys.PASS_SETTING.of(rout.step().name(), i));
        }
        draft.wide(
            RoutKeys.TEMPLATE_LENGTH.of(rout.step().name()),
            RoutKeys.TEMPLATE_WIDTH.of(rout.step().name()));
        rout.plan().passes().stream()
            .map(p -> p.cutter().name())
            .distinct()
            .map(Text::raw)
            .forEach(draft::tools);
      }
      places.stream().filter(p -> railed).forEach(draft::placed);
    }
    draft.tools(
        cuts.get(0).kind().bored()
            ? Text.of("drill press or jig, depth stop")
            : Text.of("template, screwed down"));
  }

  private static void repairs(OperationDraft draft, CutKind kind) {
    switch (kind) {
      case POCKET, BRIDGE -> draft.repaired(Repair.CUT_FURTHER, Repair.SHIM);
      case PICKUP -> draft.repaired(Repair.CUT_FURTHER, Repair.SHIM, Repair.COVER);
      case CHAMBER -> draft.repaired(Repair.CUT_FURTHER);
      case CAVITY, SPRINGS, SLOT -> draft.repaired(Repair.CUT_FURTHER, Repair.COVER);
      default -> {
        if (kind.bored()) {
          draft.repaired(Repair.CUT_FURTHER, Repair.PLUG);
        }
      }
    }
  }

  /** What its place is measured from, as far as that has to be there. */
  private void located(OperationDraft draft, Cut cut) {
    boolean pocketed = list.plan.cuts().pocket().isPresent();
    switch (cut.kind()) {
      case POCKET -> {
        draft
            .after(OperationId.HEEL_FACES, Text.of("it is fitted to the final faces of the heel"))
            .afterIfThere(OperationId.TENON_SAW, Text.of("it is fitted to the real tenon"))
            .hold(
                list.measured(
                    list.plan.cuts().pocket().orElseThrow().by(),
                    0.3,
                    Text.of("caliper"),
                    Text.of("the pocket depth follows from it")));
        list.plan
            .details()
            .tenon()
            .flatMap(Tenon::atEdge)
            .ifPresent(
                t ->
                    draft.hold(
                        list.measured(
                            BodyDecisions.TENON_WIDTH,
                            0.2,
                            Text.of("caliper"),
                            Text.of("the pocket is cut to the real tenon"))));
        draft.hold(
            HoldPoint.look(
                "pocket.rails",
                Text.of("The rails fit the real neck"),
                Text.of("push the neck in and out between them: no play, no force"),
                Text.of("the pocket fixes the string line")));
      }
      case BRIDGE, POST -> {
        if (pocketed) {
          draft.after(
              OperationId.NECK_SCALE_CHECK,
              Text.of("it is measured from the nut of the seated neck"));
        }
        draft.hold(standing()).hold(straightedge());
      }
      case BOLT -> {
        if (pocketed) {
          draft.after(OperationId.cut("pocket"), Text.of("they go through its floor"));
        }
        if (list.has(OperationId.BOLT_PILOTS)) {
          draft.after(
              OperationId.BOLT_PILOTS,
              Text.of("the holes in the body are marked from those in the heel"));
        }
      }
      case PICKUP -> {
        if (pocketed) {
          draft.after(
              OperationId.NECK_FIT, Text.of("its position is measured from the seated neck"));
        }
      }
      case JACK -> {
        for (String with : list.plan.fitting(cut.name()).map(Fitting::with).orElse(List.of())) {
          // Whatever row of cuts it is in; what is named and isn't there binds nothing.
          list.plan
              .cuts()
              .cut(with)
              .ifPresent(
                  c ->
                      draft.after(OperationId.cut(c.row()), Text.of("it breaks into that cavity")));
        }
      }
      default -> {}
    }
  }

  private HoldPoint standing() {
    return list.measured(
        StringDecisions.STANDING,
        list.plan.value(StringKeys.PROOF_STANDING_WANTED.id()),
        0.2,
        Text.of("depth gauge or rule on edge"),
        Text.of("the saddle height follows from it"));
  }

  private HoldPoint straightedge() {
    return list.measured(
        StringDecisions.STRAIGHTEDGE,
        list.plan.value(StringKeys.PROOF_STRAIGHTEDGE_WANTED.id()),
        0.5,
        Text.of("straightedge and rule"),
        Text.of("it shows whether the bridge can go low and high enough"));
  }

  private void listed(OperationDraft draft, Cut cut) {
    if (cut.listed()) {
      draft.hold(
          HoldPoint.look(
              "hardware." + cut.row(),
              Text.of(
                  "The part for the {cut} is in hand and matches its listed sizes", cut.words()),
              Text.of("caliper on the part itself"),
              Text.of("hardware drilled from memory never matches")));
    }
  }

  private static Text wrong(Cut cut) {
    return switch (cut.kind()) {
      case POCKET -> Text.of("the pocket corners are round, the heel is square");
      case BRIDGE, POST ->
          Text.of("it is set square on the scale line, with no room for saddle travel");
      case PICKUP ->
          Text.of("a long cutter can't take a shallow first pass: its bearing leaves the template");
      case WIRE, CHANNEL -> Text.of("it comes out into another rout, or nearly");
      case BOLT -> Text.of("half of a sum is wrong at the drill");
      case CAVITY -> Text.of("the cover was cut first and doesn't fit");
      case CHAMBER -> Text.of("what is hollowed out can't be filled again once the top is on");
      default -> Text.NONE;
    };
  }
}
