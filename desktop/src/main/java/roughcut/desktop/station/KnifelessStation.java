package roughcut.desktop.station;

import java.util.Optional;
import roughcut.finding.Chapter;

/** A station over which no knife runs, where nothing is decided and no chapter is judged. */
abstract class KnifelessStation implements Station {
  @Override
  public final void knife(double x) {}

  @Override
  public final boolean goTo(String decisionId) {
    return false;
  }

  @Override
  public final Optional<Chapter> chapter() {
    return Optional.empty();
  }

  @Override
  public final boolean hasKnife() {
    return false;
  }

  @Override
  public boolean hasFrets() {
    return false;
  }
}
