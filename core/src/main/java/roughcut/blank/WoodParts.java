package roughcut.blank;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import roughcut.blank.WoodPart.Use;
import roughcut.design.BlankDecisions;
import roughcut.design.BlankStep;
import roughcut.design.BodyDecisions;
import roughcut.design.Decisions;
import roughcut.design.FretboardDecisions;
import roughcut.design.SmallPart;
import roughcut.design.Strip;
import roughcut.geometry.Outline;
import roughcut.layout.FretboardTaper;
import roughcut.layout.MultiscaleLayout;
import roughcut.measure.Text;
import roughcut.record.EffectiveInputs;

/**
 * Every rough part that an instrument wants from the rack: neck strips or necks, fretboard, head
 * wings, heel block, body, top, and the small parts that offcuts are kept for. From part to rough:
 * the finished size, planing of both faces, and trim at both ends (handbook page 3, "Will it make
 * the part?").
 */
public final class WoodParts {
  /** Fretboard: wood at each side for flushing, at the nut for its end, and still to be sanded. */
  private static final double FLUSHING = 3;

  private static final double NUT_ALLOWANCE = 5;

  private final EffectiveInputs inputs;
  private final double trim;
  private final double flattening;
  private final double allowance;
  private final List<WoodPart> parts = new ArrayList<>();

  private WoodParts(EffectiveInputs inputs) {
    this.inputs = inputs;
    this.trim = inputs.get(BlankDecisions.END_TRIM).value();
    this.flattening = inputs.get(BlankDecisions.FLATTENING).value();
    this.allowance = inputs.get(BlankDecisions.SAW_ALLOWANCE).value();
  }

  /**
   * The list.
   *
   * @param neckShape outline of a neck sawn from one piece, from (0, 0) upwards, trim included
   */
  public static List<WoodPart> of(
      EffectiveInputs inputs,
      BlankTree tree,
      NeckRips rips,
      HeadWings wings,
      FretboardTaper taper,
      BodyBlank body,
      Outline neckShape) {
    WoodParts all = new WoodParts(inputs);
    all.neck(tree, rips, neckShape);
    all.steps(tree);
    all.wing("bass", wings.bass().value());
    all.wing("treble", wings.treble().value());
    all.fretboard(taper);
    all.body(body, tree);
    all.top(body);
    all.small();
    return List.copyOf(all.parts);
  }

  private void add(
      String id,
      Text label,
      Use use,
      String species,
      double length,
      double width,
      double thickness) {
    parts.add(WoodPart.rectangle(id, label, use, species, length, width, thickness));
  }

  private void neck(BlankTree tree, NeckRips rips, Outline neckShape) {
    List<Strip> stack = inputs.neckStrips();
    double length = tree.length().value();
    double depth = tree.depth().value();
    int copies = (int) inputs.get(BlankDecisions.NECK_COPIES).value();
    if (stack.size() == 1 && inputs.design().neckSteps().isEmpty()) {
      for (int copy = 1; copy <= copies; copy++) {
        parts.add(
            new WoodPart(
                "neck.piece" + (copy > 1 ? "." + copy : ""),
                copies > 1 ? Text.of("neck {copy}", copy) : Text.of("neck"),
                Use.NECK,
                stack.get(0).species(),
                length,
                neckShape.bounds().high(),
                depth,
                true,
                true,
                false,
                neckShape));
      }
      return;
    }
    Map<Integer, Integer> copy = new HashMap<>();
    for (RipPlan rip : rips.plans()) {
      for (int i = 0; i < rip.strips().size(); i++) {
        int strip = rip.strips().get(i);
        int nth = copy.merge(strip, 1, Integer::sum);
        add(
            "neck.strip." + strip + (nth > 1 ? "." + nth : ""),
            Text.of("neck strip {strip}", strip),
            Use.NECK_STRIP,
            rip.species(),
            length,
            rip.roughs().get(i),
            rip.thicks().get(i));
      }
    }
  }

  private void steps(BlankTree tree) {
    int number = 1;
    for (BlankStep step : inputs.design().neckSteps()) {
      String id = "neck.step." + number++;
      double length = tree.length().value();
      double own = step.length() > 0 ? step.length() + 2 * trim : length;
      double width = tree.root().width() + 2 * FLUSHING;
      double thick = step.thickness() + 2 * allowance;
      double depth = tree.root().depth();
      String wood = step.species();
      parts.addAll(
          switch (step.kind()) {
            case OPENED ->
                step.thickness() > 0
                    ? List.of(
                        WoodPart.rectangle(
                            id, Text.of("centre strip"), Use.NECK_STEP, wood, length, thick, depth))
                    : List.of();
            case TURNED -> List.of();
            case CAPPED ->
                List.of(
                    WoodPart.rectangle(
                        id, Text.of("cap"), Use.NECK_STEP, wood, length, width, thick));
            case WINGED ->
                List.of(
                    WoodPart.rectangle(
                        id + ".bass", Text.of("bass wing"), Use.NECK_STEP, wood, own, thick, depth),
                    WoodPart.rectangle(
                        id + ".treble",
                        Text.of("treble wing"),
                        Use.NECK_STEP,
                        wood,
                        own,
                        thick,
                        depth));
            case HEEL_BLOCK ->
                List.of(
                    WoodPart.rectangle(
                        id, Text.of("heel block"), Use.NECK_STEP, wood, own, width, thick));
          });
    }
  }

  private void wing(String side, double width) {
    if (width > 0) {
      List<Strip> strips = inputs.neckStrips();
      Strip outer = strips.get(side.equals("bass") ? 0 : strips.size() - 1);
      add(
          "head.wing." + side,
          Text.of("headstock wing, {side}", side),
          Use.HEAD_WING,
          outer.species(),
          inputs.get(Decisions.HEAD_LENGTH).value() + trim,
          width + 2 * allowance,
          inputs.get(Decisions.HEAD_THICKNESS).value() + 2 * flattening);
    }
  }

  private void fretboard(FretboardTaper taper) {
    double end = taper.end().value();
    double widest = Math.max(taper.width(0), taper.width(end));
    add(
        "fretboard",
        Text.of("fretboard"),
        Use.FRETBOARD,
        inputs.get(Decisions.FRETBOARD_SPECIES).word(),
        end - taper.headmost(0, MultiscaleLayout.of(inputs).slant(0)) + NUT_ALLOWANCE + 2 * trim,
        widest + 2 * FLUSHING,
        inputs.get(Decisions.FRETBOARD_THICKNESS).value()
            + inputs.get(FretboardDecisions.SANDING).value()
            + flattening);
  }

  private void body(BodyBlank body, BlankTree tree) {
    double length = body.length().value() + 2 * trim;
    double thickness = body.back().value() + 2 * flattening;
    String wood = body.backWood().id();
    if (body.winged()) {
      double more =
          inputs.get(BodyDecisions.BODY_TRIM).value() + flattening - tree.root().width() / 2;
      double bass = Math.max(1, more - body.outline().bounds().low());
      double treble = Math.max(1, more + body.outline().bounds().high());
      add(
          "body.wing.bass",
          Text.of("body wing, bass"),
          Use.BODY_WING,
          wood,
          length,
          bass,
          thickness);
      add(
          "body.wing.treble",
          Text.of("body wing, treble"),
          Use.BODY_WING,
          wood,
          length,
          treble,
          thickness);
      return;
    }
    double half = body.width().value() / 2 + flattening;
    parts.addAll(
        switch (body.kind()) {
          case ONE_PIECE ->
              List.of(
                  bodyPart(
                      "body.piece",
                      Text.of("body"),
                      Use.BODY,
                      wood,
                      length,
                      body.width().value(),
                      body));
          case HALVES ->
              List.of(
                  bodyPart(
                      "body.half.1",
                      Text.of("body half, bass"),
                      Use.BODY,
                      wood,
                      length,
                      half,
                      body),
                  bodyPart(
                      "body.half.2",
                      Text.of("body half, treble"),
                      Use.BODY,
                      wood,
                      length,
                      half,
                      body));
          case STRIPS -> bodyStrips(length, body);
        });
  }

  private List<WoodPart> bodyStrips(double length, BodyBlank body) {
    List<WoodPart> all = new ArrayList<>();
    for (Strip strip : inputs.bodyStrips()) {
      int number = all.size() + 1;
      double width = strip.thickness() + 2 * allowance;
      all.add(
          bodyPart(
              "body.strip." + number,
              Text.of("body strip {number}", number),
              Use.BODY_STRIP,
              strip.species(),
              length,
              width,
              body));
    }
    return all;
  }

  private WoodPart bodyPart(
      String id, Text label, Use use, String wood, double length, double width, BodyBlank body) {
    double thickness = body.back().value() + 2 * flattening;
    return new WoodPart(
        id,
        label,
        use,
        wood,
        length,
        width,
        thickness,
        false,
        body.top().value() == 0,
        false,
        null);
  }

  private void top(BodyBlank body) {
    if (body.top().value() == 0) {
      return;
    }
    double length = body.length().value() + 2 * trim;
    double half = body.width().value() / 2 + flattening;
    boolean resawn =
        body.resaw().flatMap(ResawPlan::missing).map(m -> m.value() <= 0).orElse(false);
    String wood = body.topWood().id();
    if (resawn) {
      double thick = body.resaw().orElseThrow().need().value();
      add("top.leaves", Text.of("top, both leaves"), Use.TOP, wood, length, half, thick);
    } else {
      double thick = body.top().value() + 2 * flattening;
      add("top.leaf.1", Text.of("top leaf, bass"), Use.TOP, wood, length, half, thick);
      add("top.leaf.2", Text.of("top leaf, treble"), Use.TOP, wood, length, half, thick);
    }
  }

  private void small() {
    for (SmallPart small : inputs.design().smallParts()) {
      parts.add(
          new WoodPart(
              "small." + small.name(),
              Text.word(small.name()),
              Use.SMALL,
              small.species(),
              small.length(),
              small.width(),
              small.thickness(),
              true,
              true,
              true,
              null));
    }
  }
}
