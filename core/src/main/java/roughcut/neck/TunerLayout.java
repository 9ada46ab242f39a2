package roughcut.neck;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.ANGLE;
import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import roughcut.design.Decisions;
import roughcut.design.FretboardDecisions;
import roughcut.design.NeckDecisions;
import roughcut.design.PartDecisions;
import roughcut.design.RoutDecisions;
import roughcut.geometry.Point;
import roughcut.layout.StringSpread;
import roughcut.measure.Precision;
import roughcut.measure.Provenance;
import roughcut.measure.SearchedValue;
import roughcut.measure.TableValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;
import roughcut.strings.NutAction;

/**
 * Where the tuners stand on the head, in line or on both sides in any split, and what their strings
 * meet on the way there (handbook page 4, "Head"). Places are on the head's face: x from the break
 * line towards the tip, y across, treble positive. Strings pass their posts on the side of the
 * centre line.
 *
 * @param tuners string 1, the treble one, first
 * @param bodyGap room between the bodies of neighbours at one side, the least
 * @param grip empty where there are none
 */
public record TunerLayout(List<Tuner> tuners, Optional<Grip> grip, Optional<Value> bodyGap) {
  /** A headless neck's. */
  public static final TunerLayout NONE =
      new TunerLayout(List.of(), Optional.empty(), Optional.empty());

  /**
   * What each tuner clamps.
   *
   * @param thickness of the headstock, veneers included
   * @param least that the tuners clamp
   * @param most that they clamp
   */
  public record Grip(Value thickness, Value least, Value most) {
    /** How it fits, in words. */
    public Text words() {
      Text.Arg thick = Text.figure(thickness.value(), LENGTH);
      return thickness.value() < least.value()
          ? Text.of("{thickness}: too thin for the tuners", thick)
          : thickness.value() > most.value()
              ? Text.of("{thickness}: too thick for the tuners", thick)
              : Text.of("{thickness}: fits", thick);
    }
  }

  /** From the first post of the longer side to its last, in places; 1 where there is one only. */
  public int steps() {
    int treble = (int) tuners.stream().filter(Tuner::trebleSide).count();
    return Math.max(1, Math.max(treble, tuners.size() - treble) - 1);
  }

  /**
   * One tuner.
   *
   * @param string its string's number
   * @param trebleSide whether it stands at the head's treble side
   * @param clearance from its string to the nearest post of a neighbour
   * @param edge wood between its bore and the head's outline
   * @param sideAngle by which the string turns aside at the nut
   * @param breakAngle by which the string turns down over the nut
   * @param touch where the string meets the post
   */
  public record Tuner(
      int string,
      boolean trebleSide,
      Value x,
      Value y,
      Value clearance,
      Value edge,
      Value sideAngle,
      Value breakAngle,
      Point nut,
      Point touch) {
    public Point post() {
      return new Point(x.value(), y.value());
    }
  }

  /** Sideways angle at the nut that still returns to its tuning, degrees. */
  public static final double MOST_SIDEWAYS = 10;

  /** So many steps inwards reach any distance from any edge to within rounding. */
  private static final int MOST_STEPS = 400;

  public TunerLayout {
    tuners = List.copyOf(tuners);
  }

  public static TunerLayout of(
      EffectiveInputs inputs,
      HeadLine head,
      StringSpread strings,
      HeadFace face,
      Provenance shape,
      ValueRegistry registry) {
    return new Builder(inputs, head, strings, face, shape, registry).build();
  }

  /** Works the layout out, post by post and then string by string. */
  private static final class Builder {
    private final EffectiveInputs inputs;
    private final HeadLine head;
    private final StringSpread strings;
    private final HeadFace face;
    private final Provenance shape;
    private final ValueRegistry registry;
    private final Value post;
    private final Value bushing;
    private final List<Value> xs = new ArrayList<>();
    private final List<Value> ys = new ArrayList<>();

    private Builder(
        EffectiveInputs inputs,
        HeadLine head,
        StringSpread strings,
        HeadFace face,
        Provenance shape,
        ValueRegistry registry) {
      this.inputs = inputs;
      this.head = head;
      this.strings = strings;
      this.face = face;
      this.shape = shape;
      this.registry = registry;
      this.post = inputs.get(NeckDecisions.TUNER_POST);
      this.bushing = inputs.get(NeckDecisions.TUNER_BUSHING);
      registry.put(
          NeckKeys.TUNER_BIT.id(), Text.of("Tuner hole, bit"), FINE_LENGTH, "b", in("b", bushing));
      registry.put(
          NeckKeys.TUNER_BIT_FOR_FINISH,
          "b + 2 · f",
          in("b", bushing),
          in("f", inputs.get(RoutDecisions.FILM)));
    }

    TunerLayout build() {
      int n = strings.count();
      int treble = (int) Math.min(n, inputs.get(NeckDecisions.TUNERS_TREBLE).value());
      for (int i = 1; i <= n; i++) {
        place(i, i <= treble, i <= treble ? i : n + 1 - i);
      }
      List<Tuner> tuners = new ArrayList<>();
      for (int i = 1; i <= n; i++) {
        tuners.add(tuner(i, i <= treble));
      }
      Value face = inputs.get(Decisions.HEAD_VENEER);
      Value back = inputs.get(Decisions.HEAD_BACK_VENEER);
      return new TunerLayout(
          tuners,
          Optional.of(
              new Grip(
                  registry.put(
                      NeckKeys.HEAD_GRIP,
                      "t_h + v + v_b",
                      in("t_h", head.thickness()),
                      in("v", face),
                      in("v_b", back)),
                  inputs.get(NeckDecisions.TUNER_GRIP_LEAST),
                  inputs.get(NeckDecisions.TUNER_GRIP_MOST))),
          bodyGap(tuners));
    }

    /** The string's own line at the break, and its slope towards the tip. */
    private double lineAt(int string, double along) {
      // A string spreads to the bridge; produced past the nut it goes on closing in.
      double perMm = strings.offset(string, 1) - strings.offset(string, 0);
      return strings.offset(string, head.breakX()) - perMm * along * Math.cos(head.theta());
    }

    private void place(int string, boolean trebleSide, int place) {
      Value first = inputs.get(NeckDecisions.TUNER_FIRST);
      Value spacing = inputs.get(NeckDecisions.TUNER_SPACING);
      Value stagger = inputs.get(NeckDecisions.TUNER_STAGGER);
      Value nth = TableValue.of(NeckKeys.TUNER_PLACE, place, Text.of("counted"));
      Value x =
          registry.put(
              NeckKeys.TUNER_ALONG.id(string),
              Text.of("Tuner {string} along the face, from the break line", string),
              LENGTH,
              "x_1 + (k − 1) · s" + (trebleSide ? " + u" : ""),
              in("x_1", first),
              in("k", nth),
              in("s", spacing),
              in("u", stagger));
      int side = trebleSide ? 1 : -1;
      Value y =
          switch (inputs.get(NeckDecisions.TUNER_RULE)) {
            case STRAIGHT_PULL -> beside(string, side, x);
            case ALONG_A_LINE -> onLine(string, side, x, first);
            case ALONG_THE_EDGE -> fromEdge(string, side, x);
          };
      xs.add(x);
      ys.add(y);
    }

    /** Where a string that runs straight on from the nut passes its post. */
    private Value beside(int string, int side, Value x) {
      Value line =
          SearchedValue.of(
              "string." + string + ".line",
              Text.of("String line at the post"),
              lineAt(string, x.value()),
              FINE_LENGTH,
              Text.of("found along the string"),
              strings.provenance(string).and(head.provenance()).with(x));
      Value gauge = inputs.get(PartDecisions.gauge(string));
      return registry.put(
          NeckKeys.TUNER_ACROSS.id(string),
          Text.of("Tuner {string} from the centre line", string),
          FINE_LENGTH,
          "y_s " + (side > 0 ? "+" : "−") + " (p + g) / 2",
          in("y_s", line),
          in("p", post),
          in("g", gauge));
    }

    private Value onLine(int string, int side, Value x, Value first) {
      Value offset = inputs.get(NeckDecisions.TUNER_OFFSET);
      Value leans = inputs.get(NeckDecisions.TUNER_SLOPE);
      return registry.put(
          NeckKeys.TUNER_ACROSS.id(string),
          Text.of("Tuner {string} from the centre line", string),
          FINE_LENGTH,
          (side > 0 ? "" : "−") + "(y_1 + (x − x_1) · tan(γ))",
          in("y_1", offset),
          in("x", x),
          in("x_1", first),
          in("γ", leans));
    }

    /**
     * From the edge inwards as far as is missing to the distance, again and again: nowhere does a
     * step bring it further from the edge than it is long, so that it never goes too far.
     */
    private Value fromEdge(int string, int side, Value x) {
      Value wanted = inputs.get(NeckDecisions.TUNER_EDGE);
      double reach = face.reach(side, x.value());
      double in = 0;
      for (int step = 0; step < MOST_STEPS && in < reach; step++) {
        double missing =
            wanted.value() - face.outline().edgeDistance(new Point(x.value(), side * (reach - in)));
        if (missing < Precision.SAME) {
          break;
        }
        in += missing;
      }
      return registry.find(
          NeckKeys.TUNER_ACROSS.id(string),
          Text.of("Tuner {string} from the centre line", string),
          FINE_LENGTH,
          side * (reach - Math.min(in, reach)),
          Text.of("found from the edge of the headstock"),
          shape.with(x, wanted));
    }

    private Tuner tuner(int string, boolean trebleSide) {
      Value x = xs.get(string - 1);
      Value y = ys.get(string - 1);
      int side = trebleSide ? 1 : -1;
      double gauge = inputs.get(PartDecisions.gauge(string)).value();
      Point nut = new Point(0, lineAt(string, 0));
      Point touch = new Point(x.value(), y.value() - side * (post.value() + gauge) / 2);
      Value edge =
          registry.find(
              "tuner." + string + ".edge",
              Text.of("Tuner {string}, wood to the headstock outline", string),
              FINE_LENGTH,
              (face.outline().contains(new Point(x.value(), y.value())) ? 1 : -1)
                      * face.outline().edgeDistance(new Point(x.value(), y.value()))
                  - bushing.value() / 2,
              Text.of("least from the hole to the headstock outline"),
              shape.with(x, y, bushing));
      double own = lineAt(string, x.value()) - lineAt(string, 0);
      double turn =
          Math.toDegrees(
              Math.abs(Math.atan2(touch.y() - nut.y(), touch.x()) - Math.atan2(own, touch.x())));
      Value sideways =
          registry.find(
              "tuner." + string + ".side-angle",
              Text.of("String {string}, side angle at the nut", string),
              ANGLE,
              turn,
              Text.of("found between the string line and its way to the post"),
              strings.provenance(string).and(head.provenance()).with(x, y, post));
      return new Tuner(
          string,
          trebleSide,
          x,
          y,
          clearance(string, nut, touch, gauge),
          edge,
          sideways,
          breakAngle(string, x),
          nut,
          touch);
    }

    private Value clearance(int string, Point nut, Point touch, double gauge) {
      double least = face.outline().bounds().width();
      for (int other = 1; other <= strings.count(); other++) {
        if (other != string) {
          Point neighbour = new Point(xs.get(other - 1).value(), ys.get(other - 1).value());
          least = Math.min(least, neighbour.distanceToSegment(nut, touch));
        }
      }
      return registry.find(
          "tuner." + string + ".post-clearance",
          Text.of("String {string}, clearance from neighbouring posts", string),
          FINE_LENGTH,
          least - post.value() / 2 - gauge / 2,
          Text.of("least from the string to a neighbour's post"),
          strings
              .provenance(string)
              .and(head.provenance(), Provenance.of(xs), Provenance.of(ys))
              .with(post));
    }

    /** Handbook page 2, "Break angles"; the wrap lies over the face veneer. */
    private Value breakAngle(int string, Value x) {
      Value board = inputs.get(Decisions.FRETBOARD_THICKNESS);
      Value fret = inputs.get(FretboardDecisions.WIRE_HEIGHT);
      Value action = NutAction.of(inputs);
      Value wrap = inputs.get(PartDecisions.wrap(string));
      Value veneer = inputs.get(Decisions.HEAD_VENEER);
      Value degrees = head.lean();
      Value drop = head.fall();
      return registry.put(
          "tuner." + string + ".break-angle",
          Text.of("String {string}, break angle over the nut", string),
          ANGLE,
          "atan((t_b + t_f + a + s + ℓ · sin(θ) − (v + f) · cos(θ)) / (ℓ · cos(θ) + (v + f) · sin(θ)))",
          in("t_b", board),
          in("t_f", fret),
          in("a", action),
          in("s", drop),
          in("ℓ", x),
          in("θ", degrees),
          in("v", wrap),
          in("f", veneer));
    }

    private Optional<Value> bodyGap(List<Tuner> tuners) {
      Value body = inputs.get(NeckDecisions.TUNER_BODY);
      double least = Double.POSITIVE_INFINITY;
      for (Tuner a : tuners) {
        for (Tuner b : tuners) {
          if (a.string() < b.string() && a.trebleSide() == b.trebleSide()) {
            least = Math.min(least, a.post().distance(b.post()));
          }
        }
      }
      return Double.isInfinite(least)
          ? Optional.empty()
          : Optional.of(
              registry.put(
                  NeckKeys.TUNER_BODY_GAP,
                  "s − b",
                  in(
                      "s",
                      SearchedValue.of(
                          NeckKeys.TUNER_NEAREST,
                          least,
                          Text.of("least distance of two posts"),
                          Provenance.of(
                              tuners.stream().flatMap(t -> Stream.of(t.x(), t.y())).toList()))),
                  in("b", body)));
    }
  }
}
