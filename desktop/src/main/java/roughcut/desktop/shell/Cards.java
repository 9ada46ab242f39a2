package roughcut.desktop.shell;

import roughcut.desktop.session.Preferences;

/** Every card that opens over a window: one at a time. */
final class Cards {
  private final Overlay overlay = new Overlay();
  private final HelpCard help;
  private final FindCard find;
  private final VersionsCard versions;
  private final PreferencesCard preferences;
  private final ShelvesCard shelves;
  private final WoodsCard woods;
  private final PrintCard print;
  private final StartScreen beginning;

  Cards(ShopWindow window, Notice notice, Preferences preferences) {
    beginning = new StartScreen(window, overlay, notice, preferences);
    help = new HelpCard(overlay, beginning::startTour);
    find = new FindCard(overlay, () -> new Commands(window).all());
    versions = new VersionsCard(overlay, window.workspace(), notice);
    this.preferences = new PreferencesCard(overlay, window, preferences);
    shelves = new ShelvesCard(overlay, window.workspace().session());
    woods = new WoodsCard(overlay, window.workspace().session());
    print = new PrintCard(overlay, window, preferences);
  }

  Overlay overlay() {
    return overlay;
  }

  /** Whether one is open, which is answered before anything else. */
  boolean open() {
    return overlay.isDisplay();
  }

  HelpCard help() {
    return help;
  }

  FindCard find() {
    return find;
  }

  /** Earlier versions of build and shop. */
  VersionsCard versions() {
    return versions;
  }

  /** What is the person's and not an instrument's. */
  PreferencesCard preferences() {
    return preferences;
  }

  /** String sets and hardware in hand. */
  ShelvesCard shelves() {
    return shelves;
  }

  /** What woods are called, weigh and do. */
  WoodsCard woods() {
    return woods;
  }

  /** The sheet that is shown, on paper. */
  PrintCard print() {
    return print;
  }

  /** The first card, all builds, a new instrument, the look round. */
  StartScreen beginning() {
    return beginning;
  }
}
