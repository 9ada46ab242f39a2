package roughcut.command;

import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import roughcut.demo.Demo;
import roughcut.design.Decision;
import roughcut.design.Decisions;
import roughcut.design.Design;
import roughcut.file.BuildFile;
import roughcut.file.FileException;
import roughcut.file.ShopBuilds;
import roughcut.file.ShopFile;
import roughcut.measure.InvalidInput;
import roughcut.measure.Range;
import roughcut.measure.Refused;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.CurrentTime;
import roughcut.record.Measurable;
import roughcut.record.Measurables;
import roughcut.record.Reading;
import roughcut.rout.CutLocations;
import roughcut.schedule.ShopWork;
import roughcut.shop.Shop;

/**
 * Where a command's build comes from, shared by all commands: a file or the demo's Heron, with
 * decisions set on top.
 */
final class Source {
  @Parameters(
      index = "0",
      arity = "0..1",
      paramLabel = "FILE",
      description = "a build (*.roughcut.json); the demo's Heron if left out")
  private Path file;

  @Option(
      names = "--set",
      paramLabel = "ID=VALUE",
      description =
          "change a decision, for example --set scale.length=25.5in; a number without a "
              + "unit is in mm")
  private List<String> settings = new ArrayList<>();

  @Option(
      names = "--measure",
      paramLabel = "ID=VALUE",
      description = "enter a measurement, for example --measure shaft.thickness=14.8")
  private List<String> readings = new ArrayList<>();

  @Spec(Spec.Target.MIXEE)
  private CommandSpec of;

  /**
   * The plan of a build as it is.
   *
   * @param file none for the demo's Heron
   */
  static Plan opened(Path file, CurrentTime now) throws FileException {
    if (file == null) {
      return Plan.of(Demo.heron(now.today()), Demo.shop());
    }
    BuildFile.Opened opened = BuildFile.open(file);
    return Plan.of(opened.build(), ShopFile.shopOf(opened.file()));
  }

  /** The clock that the program was started with. */
  CurrentTime now() {
    return ((RoughCut) of.root().userObject()).now();
  }

  /** The plan of a build with more decided otherwise; what is tried stands before any reading. */
  static Plan tried(Plan plan, List<String> settings) throws BadSetting {
    Build build = plan.build();
    for (String setting : settings) {
      build = build.withDesign(set(build.design(), setting, "--what-if"));
      build = build.withoutMeasured(setting.substring(0, setting.indexOf('=')).strip());
    }
    return Plan.of(build, plan.shop());
  }

  /** The plan, with measured values in their place or left out. */
  Plan plan(boolean asBuilt) throws FileException, BadSetting {
    BuildFile.Opened opened = file == null ? null : BuildFile.open(file);
    Build build = opened == null ? Demo.heron(now().today()) : opened.build();
    Shop shop = opened == null ? Demo.shop() : ShopFile.shopOf(opened.file());
    Design design = build.design();
    for (String setting : settings) {
      design = set(design, setting, "--set");
    }
    Build decided = build.withDesign(design);
    for (String reading : readings) {
      decided = read(decided, reading, now().second());
    }
    Plan plan = Plan.of(asBuilt ? decided : decided.asDesigned(), shop);
    for (String reading : readings) {
      String id = reading.substring(0, reading.indexOf('=')).strip();
      if (CutLocations.places(id) && plan.value(id).isEmpty()) {
        throw new BadSetting("--measure", reading, Text.of("no cut has that name"));
      }
    }
    return plan;
  }

  /**
   * The days of the shop that a plan is one of: the other builds in its folder, or the demo's.
   *
   * @throws FileTrouble when the shop's builds can't be listed
   */
  ShopWork work(Plan plan, LocalDateTime now) throws FileException {
    List<Plan> all = new ArrayList<>();
    for (Build other : others()) {
      all.add(Plan.of(other, plan.shop()));
    }
    all.add(plan);
    return ShopWork.of(all, now, now().zone());
  }

  private List<Build> others() throws FileException {
    if (file == null) {
      List<Build> demo = Demo.builds(now().today());
      return demo.subList(1, demo.size()); // the first is the one that is reported
    }
    Optional<Path> shop = BuildFile.open(file).file().shop().or(() -> ShopFile.around(file));
    return shop.isEmpty() ? List.of() : new ShopBuilds(shop.get()).besides(file);
  }

  private static Build read(Build build, String reading, LocalDateTime at) throws BadSetting {
    int equals = reading.indexOf('=');
    String id = equals < 1 ? reading : reading.substring(0, equals).strip();
    Optional<Range> range = Measurables.find(build.design(), id).map(Measurable::range);
    if (equals < 1 || range.isEmpty()) {
      throw new BadSetting(
          "--measure",
          reading,
          Text.of(
              "write it as id=value, with the id of something that is measured; {nearest}",
              nearest(id)));
    }
    try {
      double value = range.get().read(reading.substring(equals + 1), Units.MM);
      return build.withReading(Reading.of(id, value, at));
    } catch (InvalidInput e) {
      throw new BadSetting("--measure", reading, Refused.why(e));
    }
  }

  private static Design set(Design design, String setting, String option) throws BadSetting {
    int equals = setting.indexOf('=');
    if (equals < 1) {
      throw new BadSetting(
          option,
          setting,
          Text.of("write it as id=value, for example {example}", "scale.length=640"));
    }
    String id = setting.substring(0, equals).strip();
    Optional<Decision> decision = Decisions.find(design, id);
    if (decision.isEmpty()) {
      throw new BadSetting(
          option, setting, Text.of("there is no decision “{id}”; {nearest}", id, nearest(id)));
    }
    try {
      return decision.get().typed(design, setting.substring(equals + 1), Units.MM);
    } catch (InvalidInput e) {
      throw new BadSetting(option, setting, Refused.why(e));
    }
  }

  /** Ids of the same group, for the one who mistyped. */
  private static Text nearest(String id) {
    String group = id.contains(".") ? id.substring(0, id.indexOf('.') + 1) : id;
    List<String> alike =
        Decisions.all().stream()
            .map(Decision::id)
            .filter(known -> known.startsWith(group))
            .toList();
    return alike.isEmpty()
        ? Text.of("docs/values.md lists them")
        : Text.of("similar ones: {ids}", String.join(", ", alike));
  }
}
