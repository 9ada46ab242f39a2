package roughcut.neck;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.COUNT;
import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import roughcut.design.ChannelMachine;
import roughcut.design.NeckDecisions;
import roughcut.design.OperationId;
import roughcut.measure.ComputedValue;
import roughcut.measure.Provenance;
import roughcut.measure.SearchedValue;
import roughcut.measure.TableValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.measure.ValueRow;
import roughcut.record.EffectiveInputs;
import roughcut.record.Measurable;
import roughcut.record.Measurables;
import roughcut.shop.PassRule;

/**
 * What fence or rails and stops are set to for one run of a channel, and its passes (handbook page
 * 4, "stops for the machine"). Only what the machine in use has is there: a router table and an
 * edge guide run along the blank's edge, a railed jig along its rails; on a table the stops are the
 * channel's own ends, a hand router's base comes to its stops b − D / 2 before them.
 *
 * @param name what is cut in this run: rod channel, adjuster's end, stiffener …
 * @param fence reference edge to the cutter's edge, at the run's head end
 * @param fenceFar the same for the far wall, where the channel is wider than its cutter
 * @param fenceHeel the same at the run's heel end, where channel and edge aren't parallel
 * @param wedge what the wedge between edge and fence gains over the run
 * @param startStop the end that stops are counted from to the run's beginning, or to the stop there
 * @param endStop the blank's heel end to the run's end, or to the stop there
 * @param nearRail rail to the channel's near wall
 * @param farRail rail to the channel's far wall, when it is set for that
 * @param to depth that the last pass leaves
 * @param trials where the fence is tried before it is routed; none without a fence
 * @param routs the operation whose first run this is; empty for what goes on from another run
 */
public record MachineStops(
    Text name,
    Value cutter,
    Optional<Value> fence,
    Optional<Value> fenceFar,
    Optional<Value> fenceHeel,
    Optional<Value> wedge,
    Optional<Value> nearRail,
    Optional<Value> farRail,
    Value startStop,
    Value endStop,
    Value passes,
    Value passDepth,
    Value to,
    List<Trial> trials,
    Optional<OperationId> routs) {
  /** Walls and edges further out of parallel than this want a wedge, mm over the run. */
  private static final double PARALLEL = 0.05;

  /** A channel so much wider than its cutter takes a setting for each wall, mm. */
  private static final double WIDER = 0.05;

  /**
   * A place at which the fence is tried.
   *
   * @param read what is read there
   * @param wanted how far from the edge the trial cut should lie
   * @param off how much further from the edge it came out; empty where nobody tried
   */
  public record Trial(
      Measurables.Along place, Measurable read, Value wanted, Optional<Value> off) {}

  public MachineStops {
    trials = List.copyOf(trials);
  }

  /**
   * One run: a length of channel of one width down to one depth.
   *
   * @param prefix of its values' ids
   * @param routs the operation whose first run it is; empty for what goes on from another
   * @param aside of its middle from the centre line at its head end, to the reference edge's side
   * @param asideHeel the same at its heel end
   * @param provenance what places it
   * @param from depth that is there already: 0, or that of the run before it
   */
  record Run(
      String prefix,
      Optional<OperationId> routs,
      Text name,
      double start,
      double end,
      Value width,
      double from,
      Value to,
      double aside,
      double asideHeel,
      Value cutter,
      Provenance provenance) {}

  /** What fence, guide or rails are set to, in the order of setting. */
  public List<Value> guides() {
    return Stream.of(fence, fenceFar, fenceHeel, nearRail, farRail)
        .flatMap(Optional::stream)
        .toList();
  }

  /** Which end of the wedge is the thick one: where the edge comes nearer to the channel. */
  public Text wedgeEnd() {
    return fenceHeel.orElseThrow().value() < fence.orElseThrow().value()
        ? Text.of("heel")
        : Text.of("headstock");
  }

  static MachineStops of(
      Run run, RoutedBlank blank, EffectiveInputs inputs, ValueRegistry registry) {
    ChannelMachine machine = inputs.get(NeckDecisions.CHANNEL_MACHINE);
    return new Builder(run, blank, machine, inputs.get(NeckDecisions.JIG_BASE), registry, inputs)
        .build();
  }

  private record Builder(
      Run run,
      RoutedBlank blank,
      ChannelMachine machine,
      Value base,
      ValueRegistry registry,
      EffectiveInputs inputs) {

    MachineStops build() {
      boolean fenced = ChannelRouting.fenced(machine);
      double head = edge(run.start(), run.aside());
      double heel = edge(run.end(), run.asideHeel());
      boolean leans = fenced && Math.abs(head - heel) > PARALLEL;
      boolean wider = run.width().value() > run.cutter().value() + WIDER;
      Value passes = passes();
      Optional<Value> fence =
          fenced
              ? Optional.of(fence(NeckKeys.CHANNEL_FENCE, run.start(), run.aside()))
              : Optional.empty();
      Optional<Value> far = fenced && wider ? Optional.of(fenceFar()) : Optional.empty();
      Optional<Value> atHeel =
          leans
              ? Optional.of(fence(NeckKeys.CHANNEL_FENCE_HEEL, run.end(), run.asideHeel()))
              : Optional.empty();
      return new MachineStops(
          run.name(),
          run.cutter(),
          fence,
          far,
          atHeel,
          leans ? Optional.of(wedge(head, heel)) : Optional.empty(),
          fenced ? Optional.empty() : Optional.of(rail(NeckKeys.CHANNEL_NEAR_RAIL, "near", -1)),
          fenced ? Optional.empty() : Optional.of(rail(NeckKeys.CHANNEL_FAR_RAIL, "far", 1)),
          startStop(),
          endStop(),
          passes,
          put(
              NeckKeys.CHANNEL_PASS_DEPTH,
              Text.of("Depth of each pass"),
              "(d − d_0) / n",
              in("d", run.to()),
              in("d_0", before()),
              in("n", passes)),
          run.to(),
          fence.map(f -> trials(f, atHeel.orElse(f))).orElse(List.of()),
          run.routs());
    }

    /** Trial cuts against the fence: at its ends, and halfway between them. */
    private List<Trial> trials(Value head, Value heel) {
      List<Trial> all = new ArrayList<>();
      if (run.routs().isEmpty()) {
        return all;
      }
      for (Measurables.Along place : Measurables.Along.values()) {
        Value wanted =
            put(
                new ValueRow("{}.fence-at." + place.word()),
                Text.of("Trial cut {place}, from the edge", place.words()),
                "f + k · (f_h − f)",
                in("f", head),
                in("f_h", heel),
                in(
                    "k",
                    TableValue.of(
                        NeckKeys.FENCE_SHARE, place.share(), Text.of("at the trial cut"))));
        Measurable trial = Measurables.fence(run.prefix(), place);
        all.add(
            new Trial(
                place,
                trial,
                wanted,
                inputs
                    .read(trial, wanted)
                    .map(
                        m ->
                            registry.put(
                                run.prefix() + ".fence-off." + place.word(),
                                Text.of("{trial}, error away from the edge", trial.label()),
                                FINE_LENGTH,
                                "m − f",
                                in("m", m),
                                in("f", wanted)))));
      }
      return all;
    }

    private double edge(double x, double aside) {
      return blank.half(x) - aside - run.width().value() / 2;
    }

    private Value half(double x) {
      return SearchedValue.of(
          NeckKeys.BLANK_HALF_WIDTH,
          blank.half(x),
          Text.of("found at the edge of the blank"),
          blank.provenance().and(run.provenance()));
    }

    private Value aside(double y) {
      return SearchedValue.of(
          run.prefix() + ".offset",
          Text.of("Channel centre from the centre line"),
          y,
          LENGTH,
          Text.of("found along the channel"),
          run.provenance());
    }

    private Value fence(ValueRow row, double x, double y) {
      boolean heel = row.equals(NeckKeys.CHANNEL_FENCE_HEEL);
      Text guide =
          switch (machine) {
            case EDGE_GUIDE -> Text.of("Guide");
            case ROUTER_TABLE, RAILED_JIG -> Text.of("Fence");
          };
      return put(
          row,
          Text.of(
              heel ? "{guide} to cutter edge, at its heel end" : "{guide} to cutter edge", guide),
          "W_2 − y − w / 2",
          in("W_2", half(x)),
          in("y", aside(y)),
          in("w", run.width()));
    }

    /** The cutter's near edge when its far one runs along the far wall. */
    private Value fenceFar() {
      return put(
          NeckKeys.CHANNEL_FENCE_FAR,
          Text.of("The same for its far wall"),
          "W_2 − y + w / 2 − D",
          in("W_2", half(run.start())),
          in("y", aside(run.aside())),
          in("w", run.width()),
          in("D", run.cutter()));
    }

    /** Fence to channel stays the same where the wedge grows as the edge comes nearer. */
    private Value wedge(double head, double heel) {
      return put(
          NeckKeys.CHANNEL_WEDGE,
          Text.of(
              heel < head
                  ? "Wedge on the fence, thick at the heel end, height"
                  : "Wedge on the fence, thick at the headstock end, height"),
          "abs(f − f_h)",
          in("f", registry.values().get(NeckKeys.CHANNEL_FENCE.id(run.prefix()))),
          in("f_h", registry.values().get(NeckKeys.CHANNEL_FENCE_HEEL.id(run.prefix()))));
    }

    private Value rail(ValueRow row, String wall, int side) {
      return put(
          row,
          Text.of("Rail to the {wall} wall of the channel", Text.of(wall)),
          side < 0 ? "b − D / 2" : "b + D / 2",
          in("b", base),
          in("D", run.cutter()));
    }

    /** Whether the router moves over the blank, so that stops count to its base. */
    private boolean based() {
      return switch (machine) {
        case RAILED_JIG, EDGE_GUIDE -> true;
        case ROUTER_TABLE -> false;
      };
    }

    private double reach() {
      return based() ? base.value() - run.cutter().value() / 2 : 0;
    }

    private Value startStop() {
      boolean fromHeel = blank.countedFromHeel();
      Value end =
          fromHeel
              ? SearchedValue.of(
                  NeckKeys.BLANK_HEEL_END,
                  blank.heelEnd(),
                  Text.of("found with its trim"),
                  blank.provenance())
              : SearchedValue.of(
                  NeckKeys.BLANK_HEAD_END,
                  blank.headEnd(),
                  Text.of("found with its trim"),
                  blank.provenance());
      Value start =
          SearchedValue.of(
              run.prefix() + ".start",
              Text.of("Channel start"),
              run.start(),
              LENGTH,
              Text.of("found along the channel"),
              run.provenance());
      double value =
          fromHeel ? end.value() - start.value() + reach() : end.value() + start.value() - reach();
      String plain = fromHeel ? "x_1 − x_s" : "x_0 + x_s";
      return stop(
          NeckKeys.CHANNEL_START_STOP,
          blank
              .when()
              .map(w -> Text.of("{stop}, {when}", startLabel(fromHeel), w))
              .orElse(startLabel(fromHeel)),
          value,
          based() ? plain + (fromHeel ? " + (b − D / 2)" : " − (b − D / 2)") : plain,
          in(fromHeel ? "x_1" : "x_0", end),
          in("x_s", start));
    }

    private Text startLabel(boolean fromHeel) {
      return Text.of(
          fromHeel
              ? based() ? "Heel end to the stop before it" : "Heel end to its start"
              : based() ? "Head end to the stop before it" : "Head end to its start");
    }

    private Value endStop() {
      Value heel =
          SearchedValue.of(
              NeckKeys.BLANK_HEEL_END,
              blank.heelEnd(),
              Text.of("found with its trim"),
              blank.provenance());
      Value end =
          SearchedValue.of(
              run.prefix() + ".end",
              Text.of("Channel end"),
              run.end(),
              LENGTH,
              Text.of("found along the channel"),
              run.provenance());
      return stop(
          NeckKeys.CHANNEL_END_STOP,
          Text.of(based() ? "Heel end to the stop beyond it" : "Heel end to its end"),
          heel.value() - end.value() - reach(),
          based() ? "x_1 − x_e − (b − D / 2)" : "x_1 − x_e",
          in("x_1", heel),
          in("x_e", end));
    }

    private Value stop(
        ValueRow row,
        Text label,
        double value,
        String formula,
        ComputedValue.Input a,
        ComputedValue.Input b) {
      Text words = value < 0 ? Text.of("{label}; below 0 is past that end", label) : label;
      return based()
          ? put(row, words, formula, a, b, in("b", base), in("D", run.cutter()))
          : put(row, words, formula, a, b);
    }

    private Value before() {
      return SearchedValue.of(
          run.prefix() + ".before",
          Text.of("Depth already cut"),
          run.from(),
          LENGTH,
          Text.of("found along the channel"),
          run.provenance());
    }

    private Value passes() {
      double most = PassRule.deepest(run.cutter().value(), blank.density());
      Value deepest =
          SearchedValue.of(
              run.prefix() + ".deepest-pass",
              Text.of("Deepest pass of this cutter"),
              most,
              LENGTH,
              Text.of("found from the cutter and the density of the wood"),
              run.cutter());
      return registry.put(
          NeckKeys.CHANNEL_PASSES.id(run.prefix()),
          Text.of("{run}, passes", run.name()),
          COUNT,
          "max(1, ceil((d − d_0) / m))",
          in("d", run.to()),
          in("d_0", before()),
          in("m", deepest));
    }

    private Value put(ValueRow row, Text label, String formula, ComputedValue.Input... inputs) {
      return registry.put(
          row.id(run.prefix()),
          Text.of("{run}: {label}", run.name(), label.small()),
          row.equals(NeckKeys.CHANNEL_PASS_DEPTH) ? FINE_LENGTH : LENGTH,
          formula,
          inputs);
    }
  }
}
