package roughcut.neck;

import static roughcut.measure.ComputedValue.in;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import roughcut.design.Decisions;
import roughcut.design.NeckDecisions;
import roughcut.finding.Message;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.measure.Provenance;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;

/**
 * A pocket routed square into the head's face behind the nut, under a cover: the adjuster's end
 * looks out of its wall at the break. Its floor is parallel to the face; the section through it is
 * the neck's weakest (handbook page 4).
 */
final class HeadPocket {
  private static final int SAMPLES = 48;

  /** Room round the key where it goes through under the nut, mm. */
  private static final double ROUND_KEY = 0.5;

  private final EffectiveInputs inputs;
  private final HeadLine head;
  private final NeckShape neck;
  private final HeadFace face;
  private final ValueRegistry registry;
  private final Value length;
  private final Value width;
  private final Value depth;

  private HeadPocket(
      EffectiveInputs inputs, NeckShape neck, HeadFace face, ValueRegistry registry) {
    this.inputs = inputs;
    this.head = neck.head();
    this.neck = neck;
    this.face = face;
    this.registry = registry;
    this.length = inputs.get(NeckDecisions.HEAD_POCKET_LENGTH);
    this.width = inputs.get(NeckDecisions.HEAD_POCKET_WIDTH);
    this.depth = inputs.get(NeckDecisions.HEAD_POCKET_DEPTH);
  }

  static RodAccess of(
      EffectiveInputs inputs,
      NeckShape neck,
      HeadFace face,
      TunerLayout tuners,
      ValueRegistry registry) {
    return new HeadPocket(inputs, neck, face, registry).build(tuners);
  }

  private RodAccess build(TunerLayout tuners) {
    Value lap = inputs.get(NeckDecisions.HEAD_POCKET_LAP);
    registry.put(NeckKeys.ACCESS_COVER_LENGTH, "ℓ + u", in("ℓ", length), in("u", lap));
    registry.put(NeckKeys.ACCESS_COVER_WIDTH, "w + 2 · u", in("w", width), in("u", lap));
    registry.put(NeckKeys.ACCESS_COVER_SCREW_AT, "ℓ + u / 2", in("ℓ", length), in("u", lap));
    double breakX = head.breakX();
    Value key = keyRoom();
    return new RodAccess(
        Text.of("pocket in the headstock face"),
        List.of(section()),
        List.of(
            RodAccess.Left.of(
                RodAccess.Kind.BACK,
                Text.of("headstock pocket to back"),
                back(),
                breakX,
                NeckDecisions.HEAD_POCKET_DEPTH.id(),
                NeckDecisions.HEAD_POCKET_LENGTH.id(),
                Decisions.HEAD_THICKNESS.id()),
            RodAccess.Left.of(
                RodAccess.Kind.BACK,
                Text.of("headstock pocket to the headstock side"),
                side(),
                breakX,
                NeckDecisions.HEAD_POCKET_WIDTH.id(),
                NeckDecisions.HEAD_POCKET_LENGTH.id(),
                Decisions.HEAD_WIDTH.id()),
            RodAccess.Left.of(
                RodAccess.Kind.TUNER,
                Text.of("headstock pocket to a tuner"),
                tuner(tuners),
                breakX,
                NeckDecisions.HEAD_POCKET_LENGTH.id(),
                NeckDecisions.TUNER_FIRST.id()),
            RodAccess.Left.of(
                RodAccess.Kind.KEY,
                Text.of("key above the pocket floor"),
                key,
                breakX,
                NeckDecisions.HEAD_POCKET_DEPTH.id(),
                NeckDecisions.ROD_AXIS.id(),
                NeckDecisions.KEY_SIZE.id())),
        List.of(cut(), through()),
        List.of(new Point(breakX, -axis()), new Point(breakX - length.value() * 1.4, -axis())),
        List.of(
            Text.of("rout the pocket into the headstock face"),
            Text.of("drill on from it under the nut, into the rod channel"),
            Text.of("insert the rod and try the key at its steepest"),
            Text.of("fit the cover; its screw goes beyond the end of the pocket")),
        key.value() < 0
            ? Optional.of(
                Message.of(Text.of("The adjuster is below the pocket floor."))
                    .why(Text.of("The key doesn't fit on it."))
                    .fix(Text.of("Deepen the pocket, or raise the rod.")))
            : Optional.empty());
  }

  private double axis() {
    return inputs.get(NeckDecisions.ROD_AXIS).value();
  }

  private Outline cut() {
    double p = depth.value();
    double l = length.value();
    // Its wall at the nut's side stands square to the face.
    return Outline.of(head.at(0, 0), head.at(0, p), head.at(l, p), head.at(l, 0));
  }

  /** From the pocket on under the nut into the rod's channel, a little wider than the key. */
  private Outline through() {
    double r = inputs.get(NeckDecisions.KEY_SIZE).value() / 2 + ROUND_KEY;
    double to = Math.max(head.breakX() + 1, inputs.get(Decisions.ROD_START).value());
    return Outline.rectangle(head.breakX(), -axis() - r, to, -axis() + r);
  }

  private Value back() {
    List<Point> line = neck.back().line();
    double least = Double.POSITIVE_INFINITY;
    for (int i = 0; i <= SAMPLES; i++) {
      Point floor = head.at(length.value() * i / SAMPLES, depth.value());
      for (int k = 1; k < line.size(); k++) {
        least = Math.min(least, floor.distanceToSegment(line.get(k - 1), line.get(k)));
      }
      if (-floor.y() > neck.back().depth(floor.x())) {
        least = Math.min(least, neck.back().depth(floor.x()) + floor.y());
      }
    }
    return registry.find(
        NeckKeys.ACCESS_POCKET_BACK,
        least,
        Text.of("least along the floor to the back's line"),
        neck.provenance().with(length, depth));
  }

  /** What the section through the pocket keeps of the head's there, as it is weakest. */
  private Value section() {
    double least = 1;
    for (int i = 0; i <= SAMPLES; i++) {
      double along = length.value() * i / SAMPLES;
      double full = 2 * halfAt(along) * head.thickness().value();
      double gone =
          Math.min(width.value(), 2 * halfAt(along))
              * Math.min(depth.value(), head.thickness().value());
      least = Math.min(least, 1 - gone / full);
    }
    return registry.find(
        NeckKeys.ACCESS_POCKET_SECTION,
        least * 100,
        Text.of("least along the pocket of 100 · (1 − w · d / (w_x · t_h))"),
        outline().with(length, width, depth, head.thickness()));
  }

  /** What shapes the head's face. */
  private Provenance outline() {
    return head.provenance().with(inputs.get(Decisions.HEAD_WIDTH), neck.taper().nutWidth());
  }

  private double halfAt(double along) {
    return face.narrower(along);
  }

  private Value side() {
    double least = Double.POSITIVE_INFINITY;
    for (int i = 0; i <= SAMPLES; i++) {
      least = Math.min(least, halfAt(length.value() * i / SAMPLES) - width.value() / 2);
    }
    return registry.find(
        NeckKeys.ACCESS_POCKET_SIDE,
        least,
        Text.of("least along the pocket of w_x / 2 − w / 2"),
        outline().with(length, width));
  }

  private Value tuner(TunerLayout tuners) {
    double r = inputs.get(NeckDecisions.TUNER_BUSHING).value() / 2;
    double half = width.value() / 2;
    double least = Double.POSITIVE_INFINITY;
    for (TunerLayout.Tuner tuner : tuners.tuners()) {
      Point p = tuner.post();
      double dx = Math.max(0, Math.max(-p.x(), p.x() - length.value()));
      double dy = Math.max(0, Math.abs(p.y()) - half);
      least = Math.min(least, Math.hypot(dx, dy) - r);
    }
    return registry.find(
        NeckKeys.ACCESS_POCKET_TUNER,
        least,
        Text.of("least from the pocket to a tuner hole"),
        Provenance.of(tuners.tuners().stream().flatMap(t -> Stream.of(t.x(), t.y())).toList())
            .with(length, width, inputs.get(NeckDecisions.TUNER_BUSHING)));
  }

  /** The axis comes out of the wall at the break; the key turns over the floor there. */
  private Value keyRoom() {
    Value c = inputs.get(NeckDecisions.ROD_AXIS);
    Value key = inputs.get(NeckDecisions.KEY_SIZE);
    Value angle = head.lean();
    Value drop = head.fall();
    return registry.put(
        NeckKeys.ACCESS_KEY_CLEARANCE.called("Clearance of the key above the pocket floor"),
        "d · cos(θ) + s − c − k / 2",
        in("d", depth),
        in("θ", angle),
        in("s", drop),
        in("c", c),
        in("k", key));
  }
}
