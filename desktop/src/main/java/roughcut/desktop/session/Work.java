package roughcut.desktop.session;

import roughcut.record.Build;
import roughcut.shop.Shop;

/** What one window's edits change and its undo goes back over: the instrument and the shop. */
public record Work(Build build, Shop shop) {
  Work with(Build next) {
    return new Work(next, shop);
  }

  Work with(Shop next) {
    return new Work(build, next);
  }
}
