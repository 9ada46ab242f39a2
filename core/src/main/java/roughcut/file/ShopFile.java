package roughcut.file;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import roughcut.shop.Limit;
import roughcut.shop.Saw;
import roughcut.shop.Shop;

/** The shop on disk, {@code shop.json} in the shop folder. */
public final class ShopFile {
  public static final String NAME = "shop.json";
  static final String KIND = "rough-cut-shop";
  static final int FORMAT = 1;

  private ShopFile() {}

  /** Where the builds of a shop folder lie. */
  public static Path builds(Path folder) {
    return folder.resolve("builds");
  }

  /**
   * The shop that a build belongs to: the one in its shop folder, or a usual one when the build
   * lies elsewhere.
   *
   * @throws FileTrouble when there is a shop file that can't be read
   */
  public static Shop shopOf(Path build) throws FileTrouble {
    Path folder = build.toAbsolutePath().getParent();
    for (Path candidate : folder == null ? new Path[0] : new Path[] {folder, folder.getParent()}) {
      if (candidate != null && Files.isRegularFile(candidate.resolve(NAME))) {
        return read(candidate.resolve(NAME));
      }
    }
    return Shop.usual("My shop");
  }

  /**
   * Reads a shop.
   *
   * @throws FileTrouble in words
   */
  public static Shop read(Path path) throws FileTrouble {
    String file = path.getFileName().toString();
    ObjectNode root = Json.parse(SafeFile.read(path), file);
    if (!KIND.equals(root.path("kind").asText())) {
      throw new FileTrouble(file + " is not a shop of this program");
    }
    if (root.path("format").asInt() > FORMAT) {
      throw new FileTrouble(
          file + " was saved by a newer Rough Cut (format " + root.path("format").asInt() + ")");
    }
    try {
      List<Saw> saws = new ArrayList<>();
      for (JsonNode saw : root.path("saws")) {
        saws.add(
            new Saw(
                saw.path("name").asText(),
                saw.path("kerf").asDouble(-1),
                saw.path("allowance").asDouble(-1)));
      }
      Map<String, Limit> limits = new TreeMap<>();
      for (Map.Entry<String, JsonNode> e : root.path("limits").properties()) {
        limits.put(
            e.getKey(),
            new Limit(
                e.getValue().path("warn").asDouble(Double.NaN),
                e.getValue().path("fail").asDouble(Double.NaN)));
      }
      return new Shop(
          root.path("name").asText("My shop"),
          saws,
          BoardJson.read(root.path("boards"), file),
          limits);
    } catch (IllegalArgumentException e) {
      throw new FileTrouble(file + ": " + e.getMessage(), e);
    }
  }

  /**
   * Saves a shop; fields that this program doesn't know are kept.
   *
   * @throws FileTrouble in words
   */
  public static void write(Path path, Shop shop) throws FileTrouble {
    ObjectNode root = Json.object();
    root.put("kind", KIND);
    root.put("format", FORMAT);
    root.put("name", shop.name());
    ArrayNode saws = root.putArray("saws");
    for (Saw saw : shop.saws()) {
      saws.addObject()
          .put("name", saw.name())
          .put("kerf", saw.kerf())
          .put("allowance", saw.allowance());
    }
    BoardJson.write(shop.boards(), root.putArray("boards"));
    ObjectNode limits = root.putObject("limits");
    shop.limits()
        .forEach(
            (kind, limit) -> {
              ObjectNode node = limits.putObject(kind).put("warn", limit.warn());
              if (!Double.isNaN(limit.fail())) {
                node.put("fail", limit.fail());
              }
            });
    if (Files.exists(path)) {
      Json.keepUnknown(root, Json.parse(SafeFile.read(path), path.getFileName().toString()));
    }
    SafeFile.writeKeepingVersions(path, Json.bytes(root));
  }
}
