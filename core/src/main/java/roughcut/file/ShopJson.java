package roughcut.file;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.Map;
import roughcut.measure.Text;
import roughcut.shop.CutterBook;
import roughcut.shop.Shop;
import roughcut.shop.ShopHours;
import roughcut.shop.Woods;

/**
 * A shop as JSON: its records field by field ({@link JsonBinding}), with what is usual ({@code
 * data/shop-usual.json}) where a file says nothing, as files from before a field was there do.
 */
final class ShopJson {
  private static final List<String> LISTS = List.of("saws", "boards", "cutters", "templates");
  private static final ObjectNode USUAL = usual();

  private ShopJson() {}

  private static ObjectNode usual() {
    try (InputStream in = ShopJson.class.getResourceAsStream("/roughcut/data/shop-usual.json")) {
      return Json.parse(in.readAllBytes(), "shop-usual.json");
    } catch (IOException e) {
      throw new IllegalStateException("data shipped with the program can't be read", e);
    }
  }

  static ObjectNode write(Shop shop) {
    ObjectNode node = JsonBinding.write(shop);
    // A limit that never stops has no number to write.
    node.path("limits").forEach(l -> forget((ObjectNode) l, "fail", "NaN"));
    return node;
  }

  /**
   * Reads a shop.
   *
   * @throws FileTrouble in words, whatever stands in the file
   */
  static Shop read(ObjectNode root, String file) throws FileException {
    try {
      return whole(root, file);
    } catch (ClassCastException
        | NullPointerException
        | IllegalArgumentException
        | UnsupportedOperationException e) {
      throw new FileException(Text.of("{file}: an entry in it is invalid", file), e);
    }
  }

  /**
   * Reads what of a shop can be read; in place of a part that can't, what is usual, or nothing.
   *
   * @param aside gets what was left aside, each in words with its place
   * @throws FileTrouble when the parts, each sound, can't stand together
   */
  static Shop salvaged(ObjectNode root, String file, List<String> aside) throws FileException {
    try {
      return read(root, file);
    } catch (FileException e) {
      ObjectNode sound = Json.object();
      for (Map.Entry<String, JsonNode> part : root.properties()) {
        if (part.getValue() instanceof ArrayNode list) {
          ArrayNode kept = sound.putArray(part.getKey());
          for (int i = 0; i < list.size(); i++) {
            ObjectNode one = sound.deepCopy();
            one.withArray("/" + part.getKey()).add(list.get(i));
            if (reads(one, file, part.getKey() + ", number " + (i + 1), aside)) {
              kept.add(list.get(i));
            }
          }
        } else {
          ObjectNode one = sound.deepCopy();
          one.set(part.getKey(), part.getValue());
          if (reads(one, file, part.getKey(), aside)) {
            sound.set(part.getKey(), part.getValue());
          }
        }
      }
      return read(sound, file);
    }
  }

  private static boolean reads(ObjectNode root, String file, String place, List<String> aside) {
    try {
      read(root, file);
      return true;
    } catch (FileException e) {
      aside.add(place);
      return false;
    }
  }

  private static Shop whole(ObjectNode root, String file) throws FileException {
    ObjectNode full = root.deepCopy();
    full.set("name", full.has("name") ? full.get("name") : full.textNode("My shop"));
    if (!full.has("cutters")) {
      ArrayNode drawer = full.putArray("cutters");
      CutterBook.all().forEach(c -> drawer.add(JsonBinding.write(c)));
    }
    for (String list : LISTS) {
      fill(full.withArray("/" + list), list);
    }
    full.path("boards").forEach(b -> fill(b.path("marks"), "marks"));
    full.path("templates").forEach(t -> forget((ObjectNode) t, "opening", "0"));
    if (!full.has("hours")) {
      full.set("hours", JsonBinding.write(ShopHours.USUAL));
    }
    if (!full.has("woods")) {
      full.set("woods", JsonBinding.write(Woods.BOOK));
    }
    full.set("shelf", filled(full.path("shelf"), "shelf"));
    fill(full.path("shelf").withArray("/pieces"), "pieces");
    full.path("shelf").path("strings").forEach(set -> fill(set.path("strings"), "string"));
    full.set("planer", filled(full.path("planer"), "planer"));
    ObjectNode limits = full.withObject("/limits");
    limits.fieldNames().forEachRemaining(k -> limits.set(k, filled(limits.get(k), "limits")));
    return JsonBinding.read(full, Shop.class, file);
  }

  private static void fill(JsonNode list, String kind) {
    for (int i = 0; i < list.size(); i++) {
      ((ArrayNode) list).set(i, filled(list.get(i), kind));
    }
  }

  private static JsonNode filled(JsonNode node, String kind) {
    ObjectNode whole = ((ObjectNode) USUAL.get(kind)).deepCopy();
    return node instanceof ObjectNode own ? whole.setAll(own) : node.isMissingNode() ? whole : node;
  }

  private static void forget(ObjectNode node, String field, String when) {
    if (node.path(field).asText().equals(when) || node.path(field).asDouble(1) == 0) {
      node.remove(field);
    }
  }

  /** What is left out when it isn't known: gone from the shop, gone from the file. */
  static ObjectNode withoutEmptied(ObjectNode known) {
    for (JsonNode board : known.path("boards")) {
      if (board instanceof ObjectNode node) {
        node.remove(List.of("length", "width", "thickness", "moisture", "mass", "price"));
      }
    }
    for (JsonNode template : known.path("templates")) {
      if (template instanceof ObjectNode node) {
        node.remove("opening");
      }
    }
    for (JsonNode piece : known.path("shelf").path("pieces")) {
      if (piece instanceof ObjectNode node) {
        node.remove(List.of("choices", "listed", "measured"));
      }
    }
    known.remove("limits");
    return known;
  }
}
