package roughcut.desktop.station;

import static roughcut.desktop.words.Words.count;
import static roughcut.desktop.words.Words.say;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TitledPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import roughcut.desktop.control.BriefEditor;
import roughcut.desktop.control.ControlNames;
import roughcut.desktop.control.HoursEditor;
import roughcut.desktop.control.NumberTable;
import roughcut.desktop.draw.Handles;
import roughcut.desktop.session.ShopDays;
import roughcut.desktop.session.StationContext;
import roughcut.drawing.DaysDrawing;
import roughcut.drawing.Drawing;
import roughcut.measure.NumberWriter;
import roughcut.measure.Units;
import roughcut.plan.Grip;
import roughcut.plan.Plan;
import roughcut.schedule.BriefCheck;
import roughcut.schedule.DayWords;
import roughcut.schedule.Schedule;
import roughcut.schedule.ScheduleSavings;
import roughcut.schedule.ShoppingList;
import roughcut.shop.ShopHours;

/** The days of work: when what is done, when it has to be begun, and what would buy days. */
final class DaysPage extends BenchPage {

  private final StationContext context;
  private final ShopDays days;
  private final BriefEditor brief;
  private final HoursEditor hours;
  private final VBox when = new VBox(4);
  private final VBox session = new VBox(4);
  private final VBox shopping = new VBox(4);
  private final Label title = new Label();
  private final NumberTable<Schedule.Block> table =
      new NumberTable<>("days.table", say("Days of work"), this::choose);
  private final VBox bought = new VBox(4);
  private Schedule tried;
  private List<ScheduleSavings> buys;

  DaysPage(StationContext context, PagedStation station) {
    super(station, 6);
    this.context = context;
    this.days = context.days();
    brief = new BriefEditor(context.session());
    hours = new HoursEditor(context.session());
    TitledPane open = folded("days.hours", say("shop hours"), hours);
    beside(
        heading(say("Requirements")),
        brief,
        heading(say("When")),
        when,
        open,
        folded("days.session", say("to prepare for the next session"), session),
        folded("days.shopping", say("still to buy or measure"), shopping));
    under(title, table);
    title.getStyleClass().add("lower-title");
    table.fitted(table.words(say("day"), b -> day(b.start())));
    table.fitted(table.words(say("hours"), DaysPage::between));
    table.fitted(table.words(say("build"), this::build));
    table
        .words(say("operation"), b -> b.task().title().in(context.session().units().get()))
        .setMinWidth(150);
    table.fitted(table.column(say("min"), b -> Long.toString(b.task().hands())));
    table.fitted(table.words(say("start by"), b -> day(b.latest())));
    table.fitted(table.column(say("slack"), b -> slack(b)));
    days.onChanged(context::refresh);
  }

  private static TitledPane folded(String id, String words, Node inside) {
    TitledPane pane = new TitledPane(words, inside);
    ControlNames.set(pane, id);
    pane.setExpanded(false);
    pane.setAnimated(false);
    pane.getStyleClass().add("more");
    return pane;
  }

  private static Label heading(String words) {
    Label label = new Label(words);
    label.getStyleClass().add("panel-heading");
    return label;
  }

  private LocalDate today() {
    return context.session().now().today();
  }

  private String moment(LocalDateTime at) {
    return DayWords.moment(at, today());
  }

  private static String between(Schedule.Block block) {
    return DayWords.between(block.start(), block.end());
  }

  private String day(LocalDateTime at) {
    return DayWords.day(at.toLocalDate(), today());
  }

  private String build(Schedule.Block block) {
    return days.names().get(block.task().build());
  }

  private static String slack(Schedule.Block block) {
    return NumberWriter.fixed(block.slackDays(), 1) + " d";
  }

  private void choose(Schedule.Block block) {
    if (block.task().build() == days.own()) {
      context.bench().chosen().set(block.task().id());
    }
  }

  @Override
  public String name() {
    return "Days";
  }

  @Override
  public String about() {
    return say(
        "What fits into which shop day, glue and finish waiting included. Set your hours first.");
  }

  @Override
  public Drawing drawing(Plan plan, Units units) {
    days.readOthers();
    return DaysDrawing.of(
        days.schedule(),
        plan.shop().hours(),
        context.session().now().minute(),
        days.names(),
        days.own(),
        context.bench().chosen().get());
  }

  @Override
  public void show(Plan plan, Units units, double knife) {
    Schedule schedule = days.schedule();
    List<BriefCheck> checks = BriefCheck.of(plan, days.outcome(), units);
    brief.show(checks);
    hours.show();
    when(schedule);
    lists(plan, units, schedule);
    table.rows(schedule.blocks());
    title.setText(
        schedule
            .trouble()
            .map(t -> t.in(units))
            .orElseGet(
                () ->
                    schedule
                        .finish()
                        .map(
                            f ->
                                count(
                                    days.names().size(),
                                    "{builds} build, {operations} operations, all done on {day}",
                                    "{builds} builds, {operations} operations, all done on {day}",
                                    schedule.blocks().size(),
                                    day(f)))
                        .orElse(say("No work left."))));
  }

  private void lists(Plan plan, Units units, Schedule schedule) {
    session.getChildren().clear();
    ShoppingList.session(schedule, days.plans())
        .ifPresentOrElse(
            next -> {
              session.getChildren().add(text(moment(next.from()), "panel-text", ""));
              next.operations()
                  .forEach(o -> session.getChildren().add(text(o.in(units), "decision-label", "")));
              lines(session, next.take(), units);
            },
            () -> session.getChildren().add(text(say("No sessions planned."), "panel-text", "")));
    shopping.getChildren().clear();
    lines(shopping, ShoppingList.twice(plan, days.plans()), units);
    lines(shopping, ShoppingList.shopping(plan, units), units);
  }

  private static void lines(VBox into, List<ShoppingList.Line> lines, Units units) {
    for (ShoppingList.Line line : lines) {
      Label what = text("○ " + line.what().in(units), "decision-label", "");
      Label why = text(line.why().in(units), "lower-note", "");
      into.getChildren().add(new VBox(what, why));
    }
  }

  private void when(Schedule schedule) {
    when.getChildren().clear();
    schedule
        .trouble()
        .ifPresent(
            t ->
                when.getChildren()
                    .add(text(t.in(context.session().units().get()), "decision-message", "")));
    Optional<Schedule.Outcome> own = days.outcome();
    for (Schedule.Outcome outcome : schedule.outcomes()) {
      String late =
          outcome
              .slackDays()
              .map(
                  d ->
                      d < 0
                          ? say(", late by {value} days", NumberWriter.fixed(-d, 1))
                          : say(", {d} days to spare", NumberWriter.fixed(d, 1)))
              .orElse("");
      when.getChildren()
          .add(
              text(
                  outcome.name() + ": " + day(outcome.finish()) + late,
                  outcome.late() ? "decision-message" : "panel-text",
                  own.filter(outcome::equals).isPresent() ? "days.own" : ""));
    }
    bought.getChildren().clear();
    if (own.filter(Schedule.Outcome::late).isPresent() && !context.session().trying()) {
      bought
          .getChildren()
          .addAll(
              heading(say("Would save the most time")), text(say("trying …"), "panel-text", ""));
      when.getChildren().add(bought);
      if (tried != schedule) {
        tried = schedule;
        buys = null;
        days.savings(
            found -> {
              if (tried == schedule) {
                buys = found;
                bought();
              }
            });
      } else if (buys != null) {
        bought();
      }
    }
  }

  private void bought() {
    bought.getChildren().setAll(heading(say("Would save the most time")));
    if (buys.isEmpty()) {
      bought.getChildren().add(text(say("No change known here."), "panel-text", ""));
    }
    buys.forEach(b -> bought.getChildren().add(buy(b)));
  }

  private Node buy(ScheduleSavings one) {
    Button take =
        new Button(
            say(
                "{days} days: {one}",
                NumberWriter.fixed(one.days(), 1),
                one.words().in(context.session().units().get())));
    ControlNames.set(take, "days.buy");
    take.setWrapText(true);
    take.setMinHeight(Region.USE_PREF_SIZE);
    take.setMaxWidth(Double.MAX_VALUE);
    take.getStyleClass().add("way-button");
    take.setOnAction(
        e -> {
          one.build()
              .ifPresent(
                  c ->
                      context
                          .session()
                          .make(one.words().in(context.session().units().get()), "days", c));
          one.hours()
              .ifPresent(
                  c ->
                      context
                          .session()
                          .makeShop(
                              one.words().in(context.session().units().get()),
                              "hours",
                              s -> s.withHours(c.apply(s.hours()))));
          context.session().history().settle();
        });
    return take;
  }

  private static Label text(String words, String style, String id) {
    Label label = new Label(words);
    label.setWrapText(true);
    label.setMinHeight(Region.USE_PREF_SIZE);
    label.getStyleClass().add(style);
    ControlNames.set(label, id.isEmpty() ? null : id);
    return label;
  }

  /** A block dragged to a day isn't begun before it; let go where it is, it is free again. */
  @Override
  public Handles handles() {
    return new Handles() {
      private Optional<Schedule.Block> block(Grip grip) {
        String id = grip.heldWork().orElseThrow();
        return days.schedule().blocks().stream()
            .filter(b -> b.task().build() == days.own() && b.task().id().equals(id))
            .findFirst();
      }

      private ShopHours hours() {
        return context.session().shop().get().hours();
      }

      private Optional<LocalDate> day(Grip grip, double dx) {
        LocalDateTime now = context.session().now().minute();
        return block(grip)
            .map(b -> DaysDrawing.day(now, DaysDrawing.x(hours(), now, b.start()) + dx));
      }

      @Override
      public String words(Grip grip, double dx, double dy) {
        return day(grip, dx).map(d -> say("not before {day}", DayWords.day(d, today()))).orElse("");
      }

      @Override
      public void drop(Grip grip, double dx, double dy) {
        String id = grip.heldWork().orElseThrow();
        Optional<LocalDate> to = day(grip, dx);
        boolean earlier = dx < 0;
        context
            .session()
            .make(
                earlier ? say("freeing a day") : say("setting a day"),
                "days." + id,
                b ->
                    b.withBrief(
                        b.brief()
                            .fixed(
                                id,
                                earlier
                                    ? Optional.empty()
                                    : to.map(d -> d.atTime(LocalTime.MIDNIGHT)))));
        context.session().history().settle();
      }

      @Override
      public void pick(Grip grip) {
        context.bench().chosen().set(grip.heldWork().orElseThrow());
        context.refresh();
      }
    };
  }
}
