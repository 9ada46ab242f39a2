package roughcut.desktop;

import javafx.application.Application;

/** Starts the application; apart from it so that it can be started from a plain class path. */
public final class Main {
  private Main() {}

  public static void main(String[] args) {
    Application.launch(RoughCutApplication.class, args);
  }
}
