package roughcut.rout;

import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Quantity.RATIO;
import static roughcut.measure.Worked.in;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import roughcut.design.BodyFace;
import roughcut.design.Fitting;
import roughcut.design.FittingDecisions;
import roughcut.design.FittingType;
import roughcut.geometry.Cylinder;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Point3;
import roughcut.geometry.Prism;
import roughcut.geometry.Shapes;
import roughcut.measure.Given;
import roughcut.measure.Worked;

/**
 * Cavities with the controls in them: shafts bored from the top at their places, the cavity from
 * the back arranged round those bores with its ledge, each pot or switch with its room (handbook
 * page 6, "Controls and plates"); or from the front, under a plate.
 */
final class Controls {
  /** Washer and nut on a bushing, mm. */
  private static final double NUT = 3.5;

  private static final double KNOB_HEIGHT = 15;

  private final Slab slab;
  private boolean told;

  Controls(Slab slab) {
    this.slab = slab;
  }

  void all() {
    for (Fitting fitting : slab.givens.design().fittings()) {
      if (fitting.type() == FittingType.CAVITY) {
        cavity(fitting);
      }
    }
    for (Fitting fitting : slab.givens.design().fittings()) {
      if (fitting.type() == FittingType.CONTROL && cavityOf(fitting).isEmpty()) {
        slab.trouble(
            fitting.id("x"),
            fitting.words() + " belongs to no cavity: it would have nothing to hang in",
            place(fitting));
        shaft(fitting, Optional.empty(), 0, Set.of());
      }
    }
  }

  private Optional<Fitting> cavityOf(Fitting control) {
    return slab.givens.design().fittings().stream()
        .filter(f -> f.type() == FittingType.CAVITY && f.with().contains(control.name()))
        .findFirst();
  }

  private List<Fitting> controlsOf(Fitting cavity) {
    List<Fitting> all = new ArrayList<>();
    for (String name : cavity.with()) {
      slab.givens
          .design()
          .fitting(name)
          .filter(f -> f.type() == FittingType.CONTROL)
          .ifPresent(all::add);
    }
    return all;
  }

  private Point place(Fitting fitting) {
    return new Point(slab.value(fitting, "x"), slab.value(fitting, "y"));
  }

  private boolean round(Fitting control) {
    return Math.abs(slab.value(control, "length") - slab.value(control, "width")) < 0.01;
  }

  private Outline body(Fitting control, double room) {
    double length = slab.value(control, "length");
    double width = slab.value(control, "width");
    return round(control)
        ? Shapes.circle(place(control), length / 2 + room)
        : Shapes.rounded(
            place(control),
            width + 2 * room,
            length + 2 * room,
            Math.max(1, room),
            slab.value(control, "angle"));
  }

  private void cavity(Fitting cavity) {
    List<Fitting> controls = controlsOf(cavity);
    BodyFace face = FittingDecisions.face(slab.givens.design(), cavity);
    double corner = slab.value(cavity, "corner");
    List<Outline> shapes = shapes(cavity, controls, 0);
    Point middle = shapes.get(0).centre();
    Given left = slab.get(cavity, "left");
    double rise = slab.surface.riseAt(middle.x());
    Given risen =
        Given.decided("cavity." + cavity.name() + ".rise", "Top higher there by", rise, LENGTH);
    Worked depth =
        slab.depth(
            "cavity." + cavity.name() + ".depth",
            cavity.name(),
            cavity.title(),
            Math.max(Slab.LEAST_DEPTH, slab.thickness.value() + rise - left.value()),
            "max(1, t + r − l)",
            in("t", slab.thickness),
            in("r", risen),
            in("l", left));
    List<Step> steps = new ArrayList<>();
    double ledge = slab.value(cavity, "ledge");
    Given cover = slab.get(cavity, "cover");
    if (ledge > 0 && cover.value() > 0) {
      Worked ledgeDepth =
          slab.ledger.put(
              "cavity." + cavity.name() + "-ledge.depth",
              cavity.title() + ", ledge for its cover, depth",
              LENGTH,
              cover.value(),
              "c",
              in("c", cover));
      steps.add(
          slab.step(
              cavity.name() + "-ledge",
              face,
              shapes(cavity, controls, ledge),
              ledgeDepth,
              corner + ledge));
    }
    steps.add(slab.step(cavity.name(), face, shapes, depth, corner));
    Set<String> joins = new LinkedHashSet<>(cavity.with());
    slab.cuts.add(
        new Cut(
            cavity.name(),
            cavity.words(),
            CutKind.CAVITY,
            CutFrom.of(face),
            steps,
            List.of(),
            joins,
            List.of(
                cavity.id("left"),
                "rout." + cavity.name() + ".depth",
                cavity.id("ledge"),
                cavity.id("wall"),
                "body.thickness"),
            controls.stream().anyMatch(slab::listed)));
    Worked floor = slab.floor(cavity.name(), cavity.words(), depth, middle.x());
    Step main = steps.get(steps.size() - 1);
    Given floorArea =
        Given.decided(
            "cavity." + cavity.name() + ".floor-area", "Floor, cm²", main.area() / 100, RATIO);
    Given walls =
        Given.decided(
            "cavity." + cavity.name() + ".walls", "Length of its walls", walls(main), LENGTH);
    slab.ledger.put(
        "cavity." + cavity.name() + ".shielding",
        cavity.title() + ", foil for floor and walls, cm²",
        RATIO,
        floorArea.value() + walls.value() * depth.value() / 100,
        "a + u · d / 100",
        in("a", floorArea),
        in("u", walls),
        in("d", depth));
    for (Fitting control : controls) {
      control(control, cavity, face, floor, depth, cover);
    }
  }

  /** Length round a step: that of its shapes, less what lies inside the one beside it. */
  private static double walls(Step step) {
    double sum = 0;
    for (Outline shape : step.shapes()) {
      List<Point> p = shape.corners();
      for (int i = 0; i < p.size(); i++) {
        Point middle = p.get(i).towards(p.get((i + 1) % p.size()), 0.5);
        if (step.shapes().stream().noneMatch(o -> o != shape && o.holds(middle))) {
          sum += p.get(i).distance(p.get((i + 1) % p.size()));
        }
      }
    }
    return sum;
  }

  /**
   * The cavity's shapes without hollows, grown by so much: a chain of hulls from one control to the
   * next.
   */
  private List<Outline> shapes(Fitting cavity, List<Fitting> controls, double grown) {
    if (controls.isEmpty()) {
      return List.of(
          Shapes.rounded(
              place(cavity),
              slab.value(cavity, "width") + 2 * grown,
              slab.value(cavity, "length") + 2 * grown,
              slab.value(cavity, "corner") + grown,
              0));
    }
    double room = slab.value(cavity, "wall") + grown;
    List<Outline> bodies = controls.stream().map(c -> body(c, room)).toList();
    if (bodies.size() == 1) {
      return bodies;
    }
    List<Outline> chain = new ArrayList<>();
    for (int i = 1; i < bodies.size(); i++) {
      Fitting one = controls.get(i - 1);
      Fitting two = controls.get(i);
      if (round(one) && round(two) && slab.value(one, "length") == slab.value(two, "length")) {
        chain.add(Shapes.slot(place(one), place(two), slab.value(one, "length") / 2 + room));
        continue;
      }
      List<Point> both = new ArrayList<>(bodies.get(i - 1).corners());
      both.addAll(bodies.get(i).corners());
      chain.add(Shapes.hull(both));
    }
    return chain;
  }

  private void control(
      Fitting control, Fitting cavity, BodyFace face, Worked floor, Worked depth, Given cover) {
    Point at = place(control);
    boolean fromBack = face == BodyFace.BACK;
    double lost = fromBack ? slab.surface.at(BodyFace.TOP, at.x(), at.y()) : 0;
    double plane = slab.surface.topPlane(at.x());
    Given carved =
        Given.decided(control.id("carved"), "Carved or contoured off there", lost - plane, LENGTH);
    Given height = slab.get(control, "height");
    if (fromBack) {
      Worked left =
          slab.ledger.put(
              control.id("top-left"),
              control.title() + ", top left over the cavity",
              LENGTH,
              floor.value() - carved.value(),
              "f − c",
              in("f", floor),
              in("c", carved));
      if (!told) {
        told = true;
        slab.ledger.put(
            "control.top-left",
            "Top left over the controls",
            LENGTH,
            left.value(),
            "f",
            in("f", left));
      }
      Given bushing = slab.get(control, "bushing");
      if (bushing.value() > 0) {
        slab.ledger.put(
            control.id("bushing-spare"),
            control.title() + ", thread left beyond washer and nut",
            LENGTH,
            bushing.value() - NUT - left.value(),
            "b − 3.5 − f",
            in("b", bushing),
            in("f", left));
      }
      slab.ledger.put(
          control.id("room"),
          control.title() + ", room behind it in the cavity",
          LENGTH,
          depth.value() - cover.value() - height.value(),
          "d − c − h",
          in("d", depth),
          in("c", cover),
          in("h", height));
      shaft(control, Optional.of(cavity), lost + left.value(), Set.of(cavity.name()));
      double ceiling = lost + left.value();
      inside(control, ceiling, ceiling + height.value());
    } else {
      slab.ledger.put(
          control.id("room"),
          control.title() + ", room under it in the cavity",
          LENGTH,
          depth.value() - height.value(),
          "d − h",
          in("d", depth),
          in("h", height));
      inside(control, plane, plane + height.value());
    }
    knob(control, plane);
  }

  private void shaft(Fitting control, Optional<Fitting> cavity, double to, Set<String> joins) {
    Point at = place(control);
    double from = slab.surface.topPlane(at.x());
    double end = cavity.isPresent() ? Math.max(from + 0.5, to) : slab.thickness.value() / 2;
    slab.cuts.add(
        new Cut(
            control.name(),
            control.words(),
            CutKind.SHAFT,
            CutFrom.TOP,
            List.of(),
            List.of(
                new Cylinder(
                    new Point3(at.x(), at.y(), from),
                    new Point3(at.x(), at.y(), end),
                    slab.value(control, "shaft") / 2)),
            joins,
            List.of(control.id("x"), control.id("y"), control.id("shaft")),
            slab.listed(control)));
  }

  private void inside(Fitting control, double from, double to) {
    Outline shape = body(control, 0);
    slab.parts.add(
        new Part(
            control.name(),
            control.words(),
            control.name(),
            new Prism(shape.corners(), from, to, 0),
            shape,
            false));
  }

  private void knob(Fitting control, double plane) {
    double knob = slab.value(control, "knob");
    if (knob > 0) {
      Point at = place(control);
      slab.parts.add(
          new Part(
              control.name() + "-knob",
              control.words() + "'s knob",
              control.name(),
              new Cylinder(
                  new Point3(at.x(), at.y(), plane - 0.01),
                  new Point3(at.x(), at.y(), plane - KNOB_HEIGHT),
                  knob / 2),
              Shapes.circle(at, knob / 2),
              true));
    }
  }
}
