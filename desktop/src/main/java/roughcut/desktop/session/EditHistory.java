package roughcut.desktop.session;

import roughcut.record.Build;
import roughcut.shop.Shop;

/** What one window's edits change and its undo goes back over: the instrument and the shop. */
public record EditHistory(Build build, Shop shop) {
  EditHistory with(Build next) {
    return new EditHistory(next, shop);
  }

  EditHistory with(Shop next) {
    return new EditHistory(build, next);
  }
}
