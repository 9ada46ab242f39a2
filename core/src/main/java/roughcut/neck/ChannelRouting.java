package roughcut.neck;

import static roughcut.measure.ComputedValue.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roughcut.design.ChannelMachine;
import roughcut.design.NeckDecisions;
import roughcut.design.OperationId;
import roughcut.measure.ComputedValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;

/**
 * How the channels are routed, run after run: the rod's at its even depth, then what is deeper in
 * the middle of a curved one and its wider or deeper end, each down to its own depth; then the
 * stiffeners'. Every channel has its own cutter, never wider than it is.
 *
 * @param when relative to the scarf joint, in words; empty without one
 */
public record ChannelRouting(ChannelMachine machine, Optional<Text> when, List<MachineStops> runs) {
  public ChannelRouting {
    runs = List.copyOf(runs);
  }

  public static ChannelRouting of(
      EffectiveInputs inputs,
      RodChannel rod,
      Optional<Stiffeners> stiffeners,
      RoutedBlank blank,
      ValueRegistry registry) {
    List<MachineStops.Run> runs = new ArrayList<>(rodRuns(inputs, rod));
    stiffeners.ifPresent(s -> runs.add(stiffener(inputs, s)));
    return new ChannelRouting(
        inputs.get(NeckDecisions.CHANNEL_MACHINE),
        blank.when(),
        runs.stream().map(run -> MachineStops.of(run, blank, inputs, registry)).toList());
  }

  /** Whether it is led along the blank's edge, by a fence or guide; between rails otherwise. */
  public boolean fenced() {
    return fenced(machine);
  }

  static boolean fenced(ChannelMachine machine) {
    return switch (machine) {
      case ROUTER_TABLE, EDGE_GUIDE -> true;
      case RAILED_JIG -> false;
    };
  }

  /** How the piece is led, in a sentence. */
  public Text words() {
    Text led =
        switch (machine) {
          case ROUTER_TABLE ->
              Text.of(
                  "Router table: the true edge of the blank runs along the fence, before the "
                      + "outline is cut.");
          case RAILED_JIG ->
              Text.of(
                  "Railed jig sighted on the centre line: rails beside the channel walls, stops "
                      + "for the base beyond its ends.");
          case EDGE_GUIDE ->
              Text.of(
                  "Hand router: the guide runs along the true edge of the blank, the base stops "
                      + "beyond the channel ends.");
        };
    Text cut =
        when.map(w -> Text.of("Cut it {when}; both ends are measured from the heel end.", w))
            .orElse(Text.NONE);
    return Text.joined(List.of(led, cut), " ");
  }

  /** Whether beginnings are counted from the heel end, too: a scarf saws the head's end off. */
  public boolean countedFromHeel() {
    return when.isPresent();
  }

  /** The rod's even run, which the others follow. */
  public MachineStops rod() {
    return runs.get(0);
  }

  private static List<MachineStops.Run> rodRuns(EffectiveInputs inputs, RodChannel rod) {
    Value cutter = inputs.get(NeckDecisions.CHANNEL_CUTTER);
    Value deeper = inputs.get(NeckDecisions.ROD_DEPTH_MIDDLE);
    double from = rod.start().value();
    double to = rod.end().value();
    double depth = rod.depth().value();
    double even = Math.max(0, depth + Math.min(0, deeper.value()));
    List<MachineStops.Run> runs = new ArrayList<>();
    Value first =
        deeper.value() < 0
            ? ComputedValue.of(
                NeckKeys.ROD_EVEN_DEPTH,
                "max(0, d + min(0, m))",
                in("d", rod.depth()),
                in("m", deeper))
            : rod.depth();
    runs.add(
        new MachineStops.Run(
            "rod",
            Optional.of(OperationId.ROD_CHANNEL),
            Text.of("Rod channel"),
            from,
            to,
            rod.width(),
            0,
            first,
            0,
            0,
            cutter,
            rod.provenance()));
    if (deeper.value() != 0) {
      Value deepest =
          ComputedValue.of(
              NeckKeys.ROD_DEEPEST, "max(d, d + m)", in("d", rod.depth()), in("m", deeper));
      runs.add(
          new MachineStops.Run(
              "rod.curve",
              Optional.empty(),
              Text.of("Its curve"),
              from,
              to,
              rod.width(),
              even,
              deepest,
              0,
              0,
              cutter,
              rod.provenance()));
    }
    rod.adjuster()
        .ifPresent(
            end -> {
              Value width = inputs.get(NeckDecisions.ROD_ADJUSTER_WIDTH);
              runs.add(
                  new MachineStops.Run(
                      "rod.adjuster",
                      Optional.empty(),
                      Text.of("Adjuster end"),
                      end.from(),
                      end.to(),
                      width,
                      0,
                      inputs.get(NeckDecisions.ROD_ADJUSTER_DEPTH),
                      0,
                      0,
                      noWider(cutter, width),
                      rod.provenance()));
            });
    return runs;
  }

  private static MachineStops.Run stiffener(EffectiveInputs inputs, Stiffeners stiffeners) {
    return new MachineStops.Run(
        "stiffener",
        Optional.of(OperationId.STIFFENER_CHANNELS),
        Text.of("Stiffener"),
        stiffeners.treble().from(),
        stiffeners.treble().to(),
        inputs.get(NeckDecisions.STIFFENER_WIDTH),
        0,
        inputs.get(NeckDecisions.STIFFENER_DEPTH),
        inputs.get(NeckDecisions.STIFFENER_HEAD).value(),
        inputs.get(NeckDecisions.STIFFENER_HEEL).value(),
        inputs.get(NeckDecisions.STIFFENER_CUTTER),
        stiffeners.provenance());
  }

  private static Value noWider(Value cutter, Value width) {
    return cutter.value() <= width.value()
        ? cutter
        : ComputedValue.of(
            NeckKeys.ROD_ADJUSTER_CUTTER, "min(D, w)", in("D", cutter), in("w", width));
  }
}
