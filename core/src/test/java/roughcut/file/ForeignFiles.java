package roughcut.file;

import roughcut.design.DrawnOutline;
import roughcut.design.DrawnPart;
import roughcut.shop.Shop;
import roughcut.shop.Woods;

/** Files of every kind written to bytes and read from bytes that may be anything. */
public final class ForeignFiles {
  private ForeignFiles() {}

  public static byte[] shop(Shop shop) {
    return Json.bytes(ShopFile.tree(shop));
  }

  public static byte[] boards(Shop shop) {
    return BoardsCsv.write(shop.boards());
  }

  public static Shop readShop(byte[] content) throws FileException {
    return ShopFile.read(Json.parse(content, "shop.json"), "shop.json");
  }

  public static void readBoards(byte[] content) throws FileException {
    BoardsCsv.read(content, "rack.csv", Woods.BOOK);
  }

  /**
   * Reads an outline.
   *
   * @param kind svg or dxf
   */
  public static DrawnOutline readOutline(String kind, byte[] content) throws FileException {
    return OutlineFile.read("outline." + kind, content, DrawnPart.BODY).outline();
  }
}
