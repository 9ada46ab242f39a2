package roughcut.rout;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.LENGTH;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import roughcut.design.BodyFace;
import roughcut.design.Fitting;
import roughcut.design.FittingDecisions;
import roughcut.finding.Message;
import roughcut.geometry.Cylinder;
import roughcut.geometry.Edge;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Point3;
import roughcut.geometry.Prism;
import roughcut.geometry.Shapes;
import roughcut.measure.Precision;
import roughcut.measure.Text;
import roughcut.measure.Value;

/** Bores square to a face, relief bores placed by hand, and plates with their screws. */
final class PlainBores {
  private static final double SCREW_INSIDE = 5;

  /** Places along a plate's edge at which a screw may come to stand. */
  private static final int PLACES = 72;

  private final CutBuilder builder;

  PlainBores(CutBuilder builder) {
    this.builder = builder;
  }

  private Point place(Fitting fitting) {
    return new Point(builder.value(fitting, "x"), builder.value(fitting, "y"));
  }

  void bore(Fitting fitting) {
    Value decided = builder.get(fitting, "depth");
    BodyFace face = FittingDecisions.face(builder.inputs.design(), fitting);
    Value depth =
        decided.value() > 0
            ? builder.registry.put(
                fitting.id("stop"),
                Text.of("{title}, drilling depth", fitting.title()),
                LENGTH,
                "d",
                in("d", decided))
            : builder.registry.put(
                fitting.id("stop"),
                Text.of("{title}, right through", fitting.title()),
                LENGTH,
                "t",
                in("t", builder.thickness()));
    add(fitting, CutKind.BORE, face, depth.value(), Set.copyOf(fitting.with()), "depth");
    if (decided.value() > 0) {
      builder.floor(fitting.name(), fitting.words(), depth, place(fitting).x());
    }
  }

  void relief(Fitting fitting) {
    Value left = builder.get(fitting, "left");
    BodyFace face = FittingDecisions.face(builder.inputs.design(), fitting);
    double covered = face == BodyFace.TOP ? builder.cap() : 0;
    Value cap = builder.glueFace(covered);
    Value depth =
        builder.registry.put(
            fitting.id("stop"),
            Text.of("{title}, drilling depth before the top covers it", fitting.title()),
            LENGTH,
            "max(1, t − c − l)",
            in("t", builder.thickness()),
            in("c", cap),
            in("l", left));
    builder.floorUnder(cap, fitting.name(), fitting.words(), depth);
    Point at = place(fitting);
    double open = face == BodyFace.TOP ? covered : builder.thickness().value();
    double floor = face == BodyFace.TOP ? open + depth.value() : open - depth.value();
    builder.add(
        reliefCut(
            fitting.name(),
            fitting.words(),
            at,
            open,
            floor,
            builder.value(fitting, "diameter"),
            fitting.id("x"),
            fitting.id("left")));
  }

  static Cut reliefCut(
      String name,
      Text words,
      Point at,
      double open,
      double floor,
      double diameter,
      String... changedBy) {
    return new Cut(
        name,
        words,
        CutKind.RELIEF,
        open < floor ? CutFrom.TOP : CutFrom.BACK,
        List.of(),
        List.of(
            new Cylinder(
                new Point3(at.x(), at.y(), open), new Point3(at.x(), at.y(), floor), diameter / 2)),
        Set.of(),
        List.of(changedBy),
        false);
  }

  private void add(
      Fitting fitting,
      CutKind kind,
      BodyFace face,
      double depth,
      Set<String> joins,
      String changes) {
    Point at = place(fitting);
    double open =
        face == BodyFace.TOP ? builder.surface.topPlane(at.x()) : builder.thickness().value();
    builder.add(
        new Cut(
            fitting.name(),
            fitting.words(),
            kind,
            CutFrom.of(face),
            List.of(),
            List.of(
                new Cylinder(
                    new Point3(at.x(), at.y(), open),
                    new Point3(at.x(), at.y(), face == BodyFace.TOP ? open + depth : open - depth),
                    builder.value(fitting, "diameter") / 2)),
            joins,
            List.of(fitting.id("x"), fitting.id("y"), fitting.id(changes)),
            false));
  }

  /** A plate round what it covers, with its screws. */
  void plate(Fitting fitting) {
    List<Outline> under = new ArrayList<>();
    for (String name : fitting.with()) {
      builder.cut(name).ifPresent(c -> under.addAll(c.shapes()));
    }
    if (under.isEmpty()) {
      builder.addProblem(
          fitting.id("overlap"),
          Message.of(Text.of("{fitting} covers nothing.", fitting.words().capital()))
              .fix(Text.of("Choose what is under it.")),
          new Point(builder.surface.from(), 0));
      return;
    }
    Value overlap = builder.get(fitting, "overlap");
    Outline shape = Shapes.hullOf(under).buffer(Math.max(0.1, overlap.value()));
    double middle = shape.centre().x();
    double top = builder.surface.topPlane(middle);
    builder.add(
        new HardwareSolid(
            fitting.name(),
            fitting.words(),
            fitting.name(),
            new Prism(
                shape.corners(),
                top - builder.value(fitting, "thickness"),
                top - Precision.TOUCHING,
                0),
            shape,
            true));
    builder.registry.put(
        fitting.id("hidden"),
        Text.of("{title}, overlap beyond what it covers", fitting.title()),
        LENGTH,
        "max(0.1, o)",
        in("o", overlap));
    screws(fitting, shape, overlap.value(), top);
  }

  private void screws(Fitting fitting, Outline shape, double overlap, double top) {
    int count = (int) builder.value(fitting, "screws");
    List<Outline> line = shape.shrink(Math.max(0.5, Math.min(SCREW_INSIDE, overlap / 2)));
    if (count == 0 || line.isEmpty()) {
      return;
    }
    Edge edge = new Edge(line.get(0));
    List<Point> all = new ArrayList<>();
    for (int i = 0; i < PLACES; i++) {
      all.add(edge.at((double) i / PLACES).at());
    }
    List<Point> places =
        PlateScrews.places(builder, all, shape.centre(), count, BodyFace.TOP, top, fitting.name());
    PlateScrews.add(
        builder,
        fitting,
        fitting.words(),
        BodyFace.TOP,
        top,
        places,
        Set.of(),
        fitting.id("overlap"),
        fitting.id("screws"));
  }
}
