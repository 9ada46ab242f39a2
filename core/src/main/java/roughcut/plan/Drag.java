package roughcut.plan;

import java.util.List;
import java.util.Optional;
import roughcut.design.BodyDecisions;
import roughcut.design.Design;
import roughcut.design.NeckDecisions;
import roughcut.design.NumberDecision;
import roughcut.design.PartDecisions;
import roughcut.design.StringDecisions;
import roughcut.geometry.Point;
import roughcut.measure.Quantity;
import roughcut.measure.Text;
import roughcut.strings.Bridge;

/**
 * What dragging something on a drawing decides.
 *
 * @param name of the edit, as undo calls it
 * @param design with it moved
 * @param words where it would come to lie
 * @param shape the line that it would have, in the plan; nothing for what moves as it is
 */
public record Drag(Text name, Design design, Text words, List<Point> shape) {
  /** Something that moves as it is. */
  Drag(Text name, Design design, Text words) {
    this(name, design, words, List.of());
  }

  public Drag {
    shape = List.copyOf(shape);
  }

  /** The body's outline is turned by its end: that far from where it turns, mm. */
  private static final double TURN_ARM = 350;

  /**
   * A grip of the design dragged along by so much, x to the bridge and y to the treble side, mm;
   * empty for what belongs to the shop or to the order of work.
   */
  public static Optional<Drag> of(Plan plan, Grip grip, double dx, double dy) {
    return grip.fold(new Cases(plan, dx, dy));
  }

  static Text shown(double mm) {
    return Text.only(Text.shown(mm, Quantity.LENGTH));
  }

  private record Cases(Plan plan, double dx, double dy) implements Grip.Cases<Optional<Drag>> {
    private Design design() {
      return plan.build().design();
    }

    @Override
    public Optional<Drag> single(Grip.Single single) {
      return Optional.of(
          switch (single) {
            case JOINT -> BodyDrag.joint(plan, dx);
            case BRIDGE -> bridge();
            case FIRST_TUNER -> number(NeckDecisions.TUNER_FIRST, -dx);
            case LAST_TUNER ->
                // The last post moves by as many spacings as there are before it.
                number(NeckDecisions.TUNER_SPACING, -dx / plan.details().tuners().steps());
            case BODY_PLACE -> laid();
            case BODY_TURN -> {
              double by = Math.toDegrees(Math.atan(dy / TURN_ARM));
              NumberDecision turn = BodyDecisions.BODY_LAID_TURN;
              double to = turn.moved(design(), by);
              yield new Drag(
                  Text.of("rotating the outline"),
                  turn.with(design(), to),
                  Text.only(Text.shown(to, Quantity.ANGLE)));
            }
          });
    }

    private Drag number(NumberDecision decision, double by) {
      double to = decision.moved(design(), by);
      return new Drag(
          Text.of("moving {decision}", decision.label()),
          decision.with(design(), to),
          Text.only(Text.shown(to, decision.quantity())));
    }

    private Drag bridge() {
      Bridge.Place to = plan.stringPlan().bridge().dragged(dx);
      return new Drag(
          Text.of("placing the bridge"),
          StringDecisions.BRIDGE_PLACE.with(design(), to.share()),
          shown(to.datum()));
    }

    private Drag laid() {
      double x = BodyDecisions.BODY_LAID_X.moved(design(), dx);
      double y = BodyDecisions.BODY_LAID_Y.moved(design(), dy);
      return new Drag(
          Text.of("placing the outline"),
          BodyDecisions.BODY_LAID_Y.with(BodyDecisions.BODY_LAID_X.with(design(), x), y),
          Text.of("{along} along, {across} across", shown(x), shown(y)));
    }

    @Override
    public Optional<Drag> cut(Grip.Cut cut) {
      return Optional.of(BodyDrag.cut(plan, cut.name(), dx, dy));
    }

    @Override
    public Optional<Drag> bodyPoint(Grip.BodyPoint point) {
      return Optional.of(BodyDrag.point(plan, point, dx, dy));
    }

    @Override
    public Optional<Drag> outlinePoint(Grip.OutlinePoint point) {
      return PointOutline.drawn(plan, point.part()).map(o -> o.dragged(point, dx, dy));
    }

    @Override
    public Optional<Drag> strip(Grip.Strip strip) {
      int target = StackDrag.target(plan, strip.number(), dy);
      return Optional.of(
          new Drag(
              Text.of("moving a strip"),
              design().withNeckStack(design().neckStack().move(strip.number() - 1, target - 1)),
              Text.of("strip {id} moved", strip.number())));
    }

    @Override
    public Optional<Drag> stripEdge(Grip.StripEdge edge) {
      NumberDecision decision = PartDecisions.stripThickness(edge.number());
      double to = StackDrag.thickness(plan, edge.number(), dy);
      double thickness = Math.max(decision.least(), Math.min(decision.most(), to));
      return Optional.of(
          new Drag(
              Text.of("thickness of a strip"),
              decision.with(design(), thickness),
              Text.of("strip {id}: {thickness}", edge.number(), shown(thickness))));
    }

    @Override
    public Optional<Drag> boardPart(Grip.BoardPart part) {
      return Optional.empty();
    }

    @Override
    public Optional<Drag> boardMark(Grip.BoardMark mark) {
      return Optional.empty();
    }

    @Override
    public Optional<Drag> work(Grip.Work work) {
      return Optional.empty();
    }
  }
}
