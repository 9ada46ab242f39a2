package roughcut.rout;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.AREA;
import static roughcut.measure.Quantity.LENGTH;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import roughcut.design.BodyDecisions;
import roughcut.design.BodyFace;
import roughcut.design.Fitting;
import roughcut.design.FittingDecisions;
import roughcut.design.FittingType;
import roughcut.finding.Message;
import roughcut.geometry.Point;
import roughcut.measure.SearchedValue;
import roughcut.measure.Text;
import roughcut.measure.Value;

/**
 * Cavities with the controls in them: shafts bored from the top at their places, the cavity from
 * the back arranged round those bores with its ledge, each pot or switch with its room (handbook
 * page 6, "Controls and plates"); or from the front, under a plate.
 */
final class Controls {
  private final CutBuilder builder;
  private final ControlSeats seats;
  private final CavityArea areas;

  Controls(CutBuilder builder) {
    this.builder = builder;
    this.seats = new ControlSeats(builder);
    this.areas = new CavityArea(builder, seats);
  }

  /** A control without a cavity; one that has one is cut in with it. */
  void control(Fitting control) {
    if (cavityOf(control).isPresent()) {
      duplicated(control);
      return;
    }
    builder.addProblem(
        control.id("x"),
        Message.of(Text.of("{control} belongs to no cavity.", control.words().capital()))
            .why(Text.of("Its hole would end in solid wood."))
            .fix(Text.of("Choose the cavity it belongs to.")),
        place(control));
    seats.loose(control);
  }

  /** A control hangs in one cavity: the first that names it. */
  private void duplicated(Fitting control) {
    List<Text> cavities =
        builder.inputs.design().cavitiesOf(control).stream().map(Fitting::words).toList();
    if (cavities.size() > 1) {
      builder.addProblem(
          control.id("x"),
          Message.of(
                  Text.of(
                      "{control} is listed in {list}.",
                      control.words().capital(),
                      Text.joined(cavities, " and in ")))
              .why(Text.of("It is planned in the first."))
              .fix(Text.of("Take it out of the others.")),
          place(control));
    }
  }

  /** Covers of the cavities, their screws clear of everything else, so when all of it is there. */
  List<CavityCover> covers() {
    List<CavityCover> all = new ArrayList<>();
    for (Fitting fitting : builder.inputs.design().fittings(FittingType.CAVITY)) {
      if (CavityCover.there(builder, fitting)) {

        all.add(
            builder.making(
                "cover of " + fitting.name(),
                List.of(),
                builder::everything,
                () -> CavityCover.of(builder, fitting, screwRegion(fitting))));
      }
    }
    return all;
  }

  /** The cavity grown by as much as screws stand off its wall. */
  private RoutArea screwRegion(Fitting cavity) {
    return builder.memo.same(
        "round " + cavity.name(),
        areas.of(cavity, controlsOf(cavity), builder.value(cavity, "lug")));
  }

  private Optional<Fitting> cavityOf(Fitting control) {
    return builder.inputs.design().cavitiesOf(control).stream().findFirst();
  }

  private List<Fitting> controlsOf(Fitting cavity) {
    List<Fitting> all = new ArrayList<>();
    List<Fitting> controls = builder.inputs.design().fittings(FittingType.CONTROL);
    for (String name : new LinkedHashSet<>(cavity.with())) {
      controls.stream()
          .filter(f -> f.name().equals(name))
          .filter(f -> cavityOf(f).orElseThrow().name().equals(cavity.name()))
          .forEach(all::add);
    }
    return all;
  }

  private Point place(Fitting fitting) {
    return new Point(builder.value(fitting, "x"), builder.value(fitting, "y"));
  }

  void cavity(Fitting cavity) {
    if (cavity.listed().covered()) {
      new Chambers(builder, areas).chamber(cavity);
      return;
    }
    List<Fitting> controls = controlsOf(cavity);
    BodyFace face = FittingDecisions.face(builder.inputs.design(), cavity);
    double corner = builder.value(cavity, "corner");
    RoutArea area = areas.of(cavity, controls, 0);
    areas.problems(cavity, controls, area);
    Point middle = area.shapes().get(0).centre();
    Value left = builder.get(cavity, "left");
    double rise = builder.surface.riseAt(middle.x());
    Value risen =
        SearchedValue.of(
            "cavity." + cavity.name() + ".rise",
            Text.of("Top rise there"),
            rise,
            LENGTH,
            Text.of("found on the carved top"),
            builder.surface.heights());
    Value depth =
        builder.depth(
            "cavity." + cavity.name() + ".depth",
            cavity.name(),
            cavity.title(),
            "max(1, t + r − l)",
            in("t", builder.thickness()),
            in("r", risen),
            in("l", left));
    List<RoutStep> steps = new ArrayList<>();
    double ledge = builder.value(cavity, "ledge");
    Value cover = builder.get(cavity, "cover");
    if (CavityCover.there(builder, cavity)) {
      Value ledgeDepth =
          builder.registry.put(
              "cavity." + cavity.name() + "-ledge.depth",
              Text.of("{title}, ledge depth for its cover", cavity.title()),
              LENGTH,
              "c",
              in("c", cover));
      steps.add(
          builder.step(
              cavity.name() + "-ledge",
              face,
              areas.of(cavity, controls, ledge),
              ledgeDepth,
              corner + ledge));
    }
    steps.add(builder.step(cavity.name(), face, area, depth, corner));
    Set<String> joins = new LinkedHashSet<>(cavity.with());
    builder.add(
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
                BodyDecisions.BODY_THICKNESS.id()),
            controls.stream().anyMatch(builder::listed)));
    Value floor = builder.floor(cavity.name(), cavity.words(), depth, middle.x());
    RoutStep main = steps.get(steps.size() - 1);
    Value floorArea =
        SearchedValue.of(
            "cavity." + cavity.name() + ".floor-area",
            Text.of("Floor"),
            main.area() / 100,
            AREA,
            Text.of("found by measuring its outline"),
            builder.trackedSoFar());
    Value walls =
        SearchedValue.of(
            "cavity." + cavity.name() + ".walls",
            Text.of("Length of its walls"),
            main.outline().path().length(),
            LENGTH,
            Text.of("found by measuring its outline"),
            builder.trackedSoFar());
    builder.registry.put(
        "cavity." + cavity.name() + ".shielding",
        Text.of("{title}, foil for floor and walls", cavity.title()),
        AREA,
        "a + u · d / 100",
        in("a", floorArea),
        in("u", walls),
        in("d", depth));
    for (Fitting control : controls) {
      seats.seat(control, cavity, face, floor, depth, cover);
    }
  }
}
