package roughcut.desktop.station;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import roughcut.clearance.Clearance;
import roughcut.desktop.draw.Handles;
import roughcut.drawing.Drawing;
import roughcut.drawing.KnifeStops;
import roughcut.drawing.StationDrawing;
import roughcut.finding.Chapter;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.plan.ChapterStatus;
import roughcut.plan.Plan;

/**
 * One of the stops that the wood makes: what is drawn there, what is decided there, and what stands
 * beneath the drawing.
 */
public interface Station {
  StationId id();

  default String name() {
    return id().title();
  }

  /** What the page that is open is for and what to do there first, in a sentence or two. */
  String about();

  Drawing drawing(Plan plan, Units units);

  /** Decisions and settings, at the right. */
  Node panel();

  /** What stands beneath the drawing. */
  Node lower();

  /** Shows a plan in panel and lower part. */
  void show(Plan plan, Units units, double knife);

  /** The knife moved; the plan is the same. */
  void knife(double x);

  /** Moves the keyboard to a decision's field; false when it isn't decided here. */
  boolean goTo(String decisionId);

  /** The part of the plan that is shown and mended here; none where nothing is judged. */
  Optional<Chapter> chapter();

  /** How it stands, beneath its name; by its chapter unless it has more to say. */
  default ChapterStatus standing(Plan plan) {
    return chapter()
        .map(plan::standing)
        .orElse(new ChapterStatus(Clearance.State.CLEAR, Text.NONE));
  }

  /** Whether the drawing lies on a ruler. */
  default boolean hasRuler() {
    return true;
  }

  /**
   * Whether the drawing wants all the room that there is: a body from above is as high as it is
   * long. The ruler then gives way, and what stands beneath is lower.
   */
  default boolean wantsRoom() {
    return false;
  }

  /** How high what stands beneath is until the maker drags its edge, px. */
  default double lowerHeight() {
    return wantsRoom() ? LOW : USUAL_LOWER;
  }

  double USUAL_LOWER = 232;
  double LOW = 142;

  /** Whether the section knife runs over this station's drawing. */
  default boolean hasKnife() {
    return true;
  }

  /** How far to the head the knife goes, from the nut line. */
  default double knifeLeast(Plan plan) {
    return 0;
  }

  /** How far to the bridge it goes. */
  default double knifeMost(Plan plan) {
    return plan.neck().heelEnd().value();
  }

  /** Where the knife is put when it stands outside what this station shows. */
  default double knifeHome(Plan plan) {
    return plan.frets().octave();
  }

  /** Places that the knife steps to. */
  default List<KnifeStops.Stop> stops(Plan plan) {
    return KnifeStops.of(plan);
  }

  /** Where a thin spot is seen on this station's drawing, as its y. */
  default double spotY(Plan plan, Clearance clearance) {
    return StationDrawing.spotY(plan, clearance, StationDrawing.elevationY(plan));
  }

  /** Turns to one of the station's pages by its name; nothing where there is none of that name. */
  default void page(String name) {}

  /** What its pages are called, in their order; none for a station that has but one. */
  default List<String> pageTitles() {
    return List.of();
  }

  /** Name of the page that is open; empty for a station that has but one. */
  default String pageName() {
    return "";
  }

  /** What dragging means on this station's drawing. */
  default Handles handles() {
    return Handles.NONE;
  }

  /**
   * Whether the ruler starts at the nut line and shows the frets; otherwise it starts at the
   * drawing's own beginning.
   */
  default boolean hasFrets() {
    return true;
  }
}
