package roughcut.desktop.shell;

/** Where the menu under the build's name leads in its window. */
final class MenuTargets implements FileActions.MenuWays {
  private final ShopWindow window;

  MenuTargets(ShopWindow window) {
    this.window = window;
  }

  @Override
  public void home() {
    window.cards().beginning().home();
  }

  @Override
  public void begin() {
    window.cards().beginning().begin();
  }

  @Override
  public void save() {
    window.save();
  }

  @Override
  public void versions() {
    window.cards().versions().openBuild();
  }

  @Override
  public void shopVersions() {
    window.cards().versions().openShop();
  }

  @Override
  public void sheets() {
    window.toSheets();
  }

  @Override
  public void print() {
    window.print();
  }

  @Override
  public void outline() {
    window.ways().importOutline();
  }

  @Override
  public void boards() {
    window.ways().importBoards();
  }

  @Override
  public void close() {
    Windows.close(window);
  }

  @Override
  public void quit() {
    Windows.quit();
  }

  @Override
  public void shelves() {
    window.cards().shelves().open();
  }

  @Override
  public void woods() {
    window.cards().woods().open();
  }

  @Override
  public void preferences() {
    window.cards().preferences().open();
  }

  @Override
  public void help() {
    window.cards().help().turn();
  }
}
