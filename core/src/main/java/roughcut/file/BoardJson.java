package roughcut.file;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import roughcut.shop.Board;
import roughcut.shop.BoardMark;

/** The rack's boards as JSON; a dimension that wasn't measured is left out. */
final class BoardJson {
  private BoardJson() {}

  static void write(List<Board> boards, ArrayNode array) {
    for (Board board : boards) {
      ObjectNode node = array.addObject();
      node.put("id", board.id()).put("species", board.species());
      put(node, "length", board.length());
      put(node, "width", board.width());
      put(node, "thickness", board.thickness());
      put(node, "moisture", board.moisture());
      node.put("grain", word(board.grain())).put("runOut", board.runOut());
      ArrayNode marks = node.putArray("marks");
      for (BoardMark mark : board.marks()) {
        marks
            .addObject()
            .put("kind", word(mark.kind()))
            .put("x", mark.x())
            .put("y", mark.y())
            .put("length", mark.length())
            .put("width", mark.width())
            .put("intent", word(mark.intent()))
            .put("note", mark.note());
      }
      node.put("irreplaceable", board.irreplaceable());
      put(node, "mass", board.mass());
      put(node, "price", board.price());
      node.put("note", board.note());
    }
  }

  /** Dimensions are left out when they aren't known: gone from the board, gone from the file. */
  static void forgetEmptied(JsonNode boards) {
    for (JsonNode board : boards) {
      if (board instanceof ObjectNode node) {
        node.remove(List.of("length", "width", "thickness", "moisture", "mass", "price"));
      }
    }
  }

  private static void put(ObjectNode node, String name, OptionalDouble value) {
    value.ifPresent(v -> node.put(name, v));
  }

  private static String word(Enum<?> constant) {
    return constant.name().toLowerCase(Locale.ROOT);
  }

  static List<Board> read(JsonNode array, String file) throws FileTrouble {
    List<Board> boards = new ArrayList<>();
    for (JsonNode node : array) {
      List<BoardMark> marks = new ArrayList<>();
      for (JsonNode mark : node.path("marks")) {
        marks.add(
            new BoardMark(
                one(BoardMark.Kind.class, mark.path("kind"), file),
                mark.path("x").asDouble(Double.NaN),
                mark.path("y").asDouble(Double.NaN),
                mark.path("length").asDouble(),
                mark.path("width").asDouble(),
                one(BoardMark.Intent.class, mark.path("intent"), file),
                mark.path("note").asText("")));
      }
      boards.add(
          new Board(
              node.path("id").asText(),
              node.path("species").asText("uncertain"),
              get(node, "length"),
              get(node, "width"),
              get(node, "thickness"),
              get(node, "moisture"),
              one(Board.Grain.class, node.path("grain"), file),
              node.path("runOut").asDouble(),
              marks,
              node.path("irreplaceable").asBoolean(),
              get(node, "mass"),
              get(node, "price"),
              node.path("note").asText("")));
    }
    return boards;
  }

  private static OptionalDouble get(JsonNode node, String name) {
    return node.path(name).isNumber()
        ? OptionalDouble.of(node.path(name).doubleValue())
        : OptionalDouble.empty();
  }

  /** The constant of that word; the first one where the field is missing. */
  private static <E extends Enum<E>> E one(Class<E> type, JsonNode word, String file)
      throws FileTrouble {
    if (word.isMissingNode()) {
      return type.getEnumConstants()[0];
    }
    try {
      return Enum.valueOf(type, word.asText().toUpperCase(Locale.ROOT));
    } catch (IllegalArgumentException e) {
      throw new FileTrouble(
          file
              + ": “"
              + word.asText()
              + "” is none of the words for a "
              + type.getSimpleName().toLowerCase(Locale.ROOT),
          e);
    }
  }
}
