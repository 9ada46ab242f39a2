package roughcut.plan;

import java.util.List;
import roughcut.design.BodyDecisions;
import roughcut.design.Decisions;
import roughcut.design.FretboardDecisions;
import roughcut.design.NeckDecisions;
import roughcut.design.NumberDecision;
import roughcut.finding.Finding;
import roughcut.finding.Message;
import roughcut.finding.Topic;
import roughcut.layout.FretLayout;
import roughcut.measure.Precision;
import roughcut.measure.Text;
import roughcut.neck.AccessBore;
import roughcut.neck.HeadLine;
import roughcut.neck.NeckDetails;
import roughcut.neck.NeckShape;
import roughcut.neck.RodAccess;
import roughcut.neck.Tenon;
import roughcut.record.EffectiveInputs;

/**
 * Decisions on neck, head and channels that exclude each other. Lengths in messages are
 * millimetres, written out.
 */
final class NeckProblems extends Problems {
  /** With less fall between bore and face it comes out nowhere near the nut, degrees. */
  private static final double LEAST_FALL = 2;

  private NeckProblems(EffectiveInputs inputs) {
    super(inputs, Topic.NECK);
  }

  static List<Finding> of(
      EffectiveInputs inputs, FretLayout frets, NeckShape neck, NeckDetails details) {
    NeckProblems carved = new NeckProblems(inputs);
    carved.thickness(frets);
    carved.head();
    carved.heel();
    details.tenon().ifPresent(t -> carved.tenon(t, neck));
    carved.rod();
    carved.channels(neck);
    carved.access(details);
    return carved.found();
  }

  private void thickness(FretLayout frets) {
    double least = of(Decisions.FRETBOARD_THICKNESS) + 3;
    for (NumberDecision thickness : List.of(Decisions.THICKNESS_1, Decisions.THICKNESS_12)) {
      if (of(thickness) < least) {
        add(
            thickness,
            Message.of(
                    Text.of(
                        thickness.equals(Decisions.THICKNESS_1)
                            ? "The neck is {now} thick at fret 1, under the {least} minimum."
                            : "The neck is {now} thick at fret 12, under the {least} minimum.",
                        mm(of(thickness)),
                        mm(least)))
                .why(
                    Text.of(
                        "Less than {length} of wood is left under the fretboard.",
                        Text.length(3, 0)))
                .fix(
                    Text.of(
                        "Make it at least {least} there, or the fretboard thinner.", mm(least))));
      }
    }
    double slope =
        (of(Decisions.THICKNESS_12) - of(Decisions.THICKNESS_1)) / (frets.octave() - frets.at(1));
    if (Math.abs(slope) > 0.1) {
      add(
          Decisions.THICKNESS_12,
          Message.of(Text.of("The neck's thickness at frets 1 and 12 is too far apart."))
              .why(Text.of("The back would slope more than 1 in 10."))
              .fix(Text.of("Make the two more alike.")));
    }
  }

  private void head() {
    double theta = Math.toRadians(of(Decisions.HEAD_ANGLE));
    if (of(Decisions.HEAD_ANGLE) < HeadLine.FLAT) {
      return;
    }
    if (of(Decisions.HEAD_THICKNESS) > of(Decisions.SHAFT_THICKNESS)) {
      add(
          Decisions.HEAD_THICKNESS,
          Message.of(
                  Text.of(
                      "The headstock is thicker than the shaft it is sawn from: {now}, against "
                          + "{of}.",
                      mm(of(Decisions.HEAD_THICKNESS)),
                      mm(of(Decisions.SHAFT_THICKNESS))))
              .fix(
                  Text.of(
                      "Make the headstock at most {of} thick, or start from a thicker shaft.",
                      mm(of(Decisions.SHAFT_THICKNESS)))));
    }
    double bevel = of(Decisions.SHAFT_THICKNESS) / Math.sin(theta);
    boolean across =
        switch (inputs.get(Decisions.SCARF_SCHOOL)) {
          case SEAM_ACROSS_HEAD -> true;
          case SEAM_UNDER_FRETBOARD -> false;
        };
    if (across && bevel >= of(Decisions.HEAD_LENGTH)) {
      add(
          Decisions.HEAD_LENGTH,
          Message.of(
                  Text.of(
                      "The headstock is shorter than the {bevel} bevel that forms its first part.",
                      mm(bevel)))
              .fix(
                  Text.of(
                      "Make the headstock longer or its angle steeper, or join under the "
                          + "fretboard.")));
    } else if (bevel - HeadLine.of(inputs).nutThickness().value() > of(Decisions.JOINT_X)) {
      add(
          Decisions.HEAD_ANGLE,
          Message.of(Text.of("The headstock angle is so flat that the scarf reaches the body."))
              .fix(Text.of("Use a steeper angle, or a thinner shaft.")));
    }
  }

  private void heel() {
    if (of(Decisions.HEEL_END) < of(Decisions.JOINT_X) + 10) {
      add(
          Decisions.HEEL_END,
          Message.of(Text.of("The heel ends before it is seated behind the body edge."))
              .why(Text.of("The neck needs {length} in the body to be seated.", Text.length(10, 0)))
              .fix(
                  Text.of(
                      "End the heel at least {length} from the nut line.",
                      mm(of(Decisions.JOINT_X) + 10))));
    }
  }

  /** A tenon is cut out of the neck and its heel. */
  private void tenon(Tenon tenon, NeckShape neck) {
    double least = 2 * neck.taper().halfWidth(neck.joint().value());
    if (tenon.atEdge().filter(v -> v.value() < 0).isPresent()) {
      add(
          BodyDecisions.TENON_WIDTH,
          Message.of(Text.of("The tenon is wider than the neck at the body edge."))
              .fix(Text.of("Make it at most {least} wide, or as wide as the neck.", mm(least))));
    }
    if (tenon.under().filter(v -> v.value() < 0).isPresent()) {
      add(
          BodyDecisions.TENON_DEPTH,
          Message.of(Text.of("The tenon is deeper than the heel it is cut from."))
              .fix(
                  Text.of(
                      "Make it at most {heel} deep, or the heel thicker.",
                      mm(of(Decisions.HEEL_THICKNESS)))));
    }
  }

  private void rod() {
    double room = of(Decisions.HEEL_END) - of(Decisions.ROD_START);
    if (of(Decisions.ROD_LENGTH) > room) {
      add(
          Decisions.ROD_LENGTH,
          Message.of(Text.of("The truss rod is longer than the neck behind its start."))
              .fix(Text.of("Use a rod of at most {room}, or start it nearer the nut.", mm(room))));
    }
    double width = Math.min(of(Decisions.NUT_WIDTH), of(Decisions.FRETBOARD_END_WIDTH));
    if (of(Decisions.ROD_WIDTH) >= width) {
      add(
          Decisions.ROD_WIDTH,
          Message.of(Text.of("The rod channel is as wide as the neck at its narrowest."))
              .fix(Text.of("Use a rod less than {width} wide.", mm(width))));
    }
  }

  /** A channel deeper than the carved neck, or stiffeners that run out of its side or end. */
  private void channels(NeckShape neck) {
    double thinnest = Double.POSITIVE_INFINITY;
    double from = Math.max(0, of(Decisions.ROD_START));
    double to = Math.min(of(Decisions.HEEL_END), from + of(Decisions.ROD_LENGTH));
    for (double x : new double[] {from, neck.back().straightFrom(), to}) {
      thinnest = Math.min(thinnest, neck.profile(Math.max(from, Math.min(to, x))).depth());
    }
    if (of(Decisions.ROD_DEPTH) >= thinnest) {
      add(
          Decisions.ROD_DEPTH,
          Message.of(
                  Text.of(
                      "The rod channel is deeper than the carved neck: {now}, where the neck has "
                          + "{thinnest}.",
                      mm(of(Decisions.ROD_DEPTH)),
                      mm(thinnest)))
              .why(Text.of("The rod would show in the back."))
              .fix(Text.of("Use a shallower rod, or a thicker neck.")));
    }
    cutter(NeckDecisions.CHANNEL_CUTTER, Decisions.ROD_WIDTH, "rod");
    if (of(NeckDecisions.STIFFENERS) < 2) {
      return;
    }
    cutter(NeckDecisions.STIFFENER_CUTTER, NeckDecisions.STIFFENER_WIDTH, "stiffener");
    double room = of(Decisions.HEEL_END) - of(NeckDecisions.STIFFENER_START);
    if (of(NeckDecisions.STIFFENER_LENGTH) > room) {
      add(
          NeckDecisions.STIFFENER_LENGTH,
          Message.of(Text.of("The stiffeners are longer than the neck behind their start."))
              .fix(Text.of("Use at most {room}, or start them nearer the nut.", mm(room))));
    }
    double screws = of(FretboardDecisions.NUT_SCREWS);
    boolean locking =
        switch (inputs.get(FretboardDecisions.NUT_KIND)) {
          case LOCKING -> true;
          case END, SLOT, SHELF, ZERO_FRET -> false;
        };
    if (locking && of(NeckDecisions.STIFFENER_START) < screws) {
      add(
          NeckDecisions.STIFFENER_START,
          Message.of(Text.of("The stiffeners run into the locking nut's screws."))
              .fix(Text.of("Start them at least {screws} from the nut line.", mm(screws))));
    }
    double side =
        neck.halfWidth(of(NeckDecisions.STIFFENER_START)) - of(NeckDecisions.STIFFENER_WIDTH) / 2;
    if (of(NeckDecisions.STIFFENER_HEAD) >= side) {
      add(
          NeckDecisions.STIFFENER_HEAD,
          Message.of(Text.of("The stiffeners come out of the side of the neck at the headstock."))
              .fix(Text.of("Put them less than {side} from the centre line there.", mm(side))));
    }
  }

  /** A channel comes out no narrower than what cuts it. */
  private void cutter(NumberDecision cutter, NumberDecision channel, String whose) {
    if (of(cutter) > of(channel) + Precision.TOUCHING) {
      add(
          cutter,
          Message.of(
                  Text.of(
                      "The cutter is {now}, wider than the {whose} channel of {of}.",
                      mm(of(cutter)),
                      Text.of(whose),
                      mm(of(channel))))
              .why(Text.of("A channel comes out no narrower than its cutter."))
              .fix(Text.of("Use a cutter of at most {of}.", mm(of(channel)))));
    }
  }

  /** Tilt with which a bore comes out of the face well before the tip, degrees. */
  private double leastTilt(HeadLine head) {
    double fall = Math.ceil(2 * (LEAST_FALL - Math.toDegrees(head.theta()))) / 2;
    double under = of(NeckDecisions.ROD_AXIS) + of(NeckDecisions.ACCESS_BORE) / 2 - head.drop();
    double flat = Math.toDegrees(Math.atan2(under, of(Decisions.HEAD_LENGTH) / 2));
    return head.stepped() ? Math.max(0.5, Math.ceil(2 * flat) / 2) : fall;
  }

  /** A bore that never meets the head's face. */
  private void access(NeckDetails details) {
    details
        .keyWay()
        .flatMap(RodAccess::problem)
        .ifPresent(problem -> add(NeckDecisions.ROD_REACH, problem));
    boolean bored =
        switch (inputs.get(NeckDecisions.ROD_REACH)) {
          case HEAD_BORE -> true;
          case HEAD_POCKET, HEEL, FRETBOARD_END -> false;
        };
    // Where there is no headstock, that is what is told.
    if (!bored || details.headpiece().isPresent()) {
      return;
    }
    HeadLine head = HeadLine.of(inputs);
    if (!AccessBore.meets(head, inputs)) {
      double tilt = leastTilt(head);
      add(
          NeckDecisions.ACCESS_TILT,
          Message.of(Text.of("The access hole never meets the headstock face."))
              .why(Text.of("No key would reach the rod."))
              .fix(
                  Text.of(
                      "Tilt the drill at least {number}°, or adjust the rod from elsewhere.",
                      Text.fixed(tilt, 1))));
    }
  }
}
