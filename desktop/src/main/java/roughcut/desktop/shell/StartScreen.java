package roughcut.desktop.shell;

import static roughcut.desktop.words.Words.say;

import java.nio.file.Path;
import java.util.List;
import roughcut.desktop.control.ControlNames;
import roughcut.desktop.session.OwnShop;
import roughcut.desktop.session.Preferences;
import roughcut.desktop.session.Workspace;
import roughcut.desktop.words.Words;
import roughcut.file.DemoFolder;
import roughcut.file.FileException;

/** How one begins: the first card with its three doors, all builds, a new one, the look round. */
final class StartScreen {
  private static final String SEEN = "tour";

  private final ShopWindow window;
  private final Notice notice;
  private final Preferences preferences;
  private final HomeCard home;
  private final NewCard fresh;
  private final GuidedTour tour;

  StartScreen(ShopWindow window, Overlay overlay, Notice notice, Preferences preferences) {
    this.window = window;
    this.notice = notice;
    this.preferences = preferences;
    this.home = new HomeCard(overlay, doors(), notice);
    this.fresh = new NewCard(overlay, window::units, window::woods, b -> window.files().begin(b));
    this.tour = new GuidedTour(this::stops, () -> preferences.markSeen(SEEN), this::begin);
  }

  GuidedTour tour() {
    return tour;
  }

  /** The first card, once; the look round is one of its doors. */
  void welcome() {
    if (!preferences.seen(SEEN)) {
      home();
    }
  }

  /** All builds, and the three doors. */
  void home() {
    workspace().session().enterTyped();
    workspace().save();
    try {
      home.open(
          new OwnShop(Windows.data()).folder(),
          workspace().demoFolder(),
          workspace().shopFolder(),
          window.units());
    } catch (FileException e) {
      notice.show(say("Your own shop can't be opened: {why}.", Words.why(e)));
    }
  }

  /** Begins a new instrument. */
  void begin() {
    workspace().session().enterTyped();
    fresh.open();
  }

  /** The look round, from its beginning. */
  void startTour() {
    tour.start();
  }

  private Workspace workspace() {
    return window.workspace();
  }

  private HomeCard.Ways doors() {
    return new HomeCard.Ways() {
      @Override
      public void begin() {
        StartScreen.this.begin();
      }

      @Override
      public void demo() {
        if (workspace().isDemo()) {
          tour.start();
        } else {
          window.files().openInNewWindow(DemoFolder.heron(workspace().demoFolder()));
        }
      }

      @Override
      public void open() {
        window.files().open();
      }

      @Override
      public void open(Path build) {
        if (!build.toAbsolutePath().equals(workspace().path().toAbsolutePath())) {
          window.files().openInNewWindow(build);
        }
      }
    };
  }

  /** What is looked at, in words that are true of the instrument that is open. */
  private List<GuidedTour.Stop> stops() {
    String name = workspace().session().build().get().name();
    boolean demo = workspace().isDemo();
    return List.of(
        new GuidedTour.Stop(
            window::surface,
            demo
                ? say("This is {name}, a made-up instrument to try things on.", name)
                : say("This is {name}, from above and from the side.", name),
            demo
                ? say(
                    "Both views share one ruler that starts at the nut line. Drag the section"
                        + " line along it; the section appears below. “Reset demo”, in the menu"
                        + " under the name, restores everything.")
                : say(
                    "Both views share one ruler that starts at the nut line. Drag the section"
                        + " line along it; the section appears below.")),
        new GuidedTour.Stop(
            () -> window.here().panel(),
            say("Make decisions here. Machine settings and layout marks are listed below."),
            say(
                "Type a number, with or without its unit, and the drawing follows. Click a "
                    + "large number to see its sum. Press F2 in a field to enter the measured "
                    + "size.")),
        new GuidedTour.Stop(
            () -> ControlNames.find(window.root(), "as-built").orElse(null),
            say("A measured size replaces the planned one."),
            say(
                "Everything after it is recalculated, and the bench tells you which finished "
                    + "part no longer fits. “As designed” shows the original plan.")),
        new GuidedTour.Stop(
            window::thin,
            say("The thinnest wood in the whole instrument, tightest first."),
            say("Click one to see it on the drawing, with the section line there.")),
        new GuidedTour.Stop(
            window::rail,
            say("The stations, in work order."),
            say("Each shows its status. The bench, at the end, knows what you can cut now.")));
  }
}
