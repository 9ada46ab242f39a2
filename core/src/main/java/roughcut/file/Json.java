package roughcut.file;

import com.fasterxml.jackson.core.JsonLocation;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.util.DefaultIndenter;
import com.fasterxml.jackson.core.util.DefaultPrettyPrinter;
import com.fasterxml.jackson.core.util.Separators;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.util.Iterator;

/**
 * JSON as this program writes it: two-space indent, a line feed at the end; and read with the place
 * of an error.
 */
final class Json {
  private static final ObjectMapper MAPPER =
      JsonMapper.builder().enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS).build();
  private static final DefaultPrettyPrinter PRINTER = printer();

  private Json() {}

  private static DefaultPrettyPrinter printer() {
    DefaultIndenter indent = new DefaultIndenter("  ", "\n");
    return new DefaultPrettyPrinter(
            Separators.createDefaultInstance()
                .withObjectFieldValueSpacing(Separators.Spacing.AFTER))
        .withObjectIndenter(indent)
        .withArrayIndenter(indent);
  }

  static ObjectNode object() {
    return MAPPER.createObjectNode();
  }

  static ObjectNode parse(byte[] content, String name) throws FileTrouble {
    try {
      JsonNode node = MAPPER.readTree(content);
      if (node instanceof ObjectNode object) {
        return object;
      }
      throw new FileTrouble(
          name + " is not a file of this program: it should hold one JSON object");
    } catch (JsonProcessingException e) {
      JsonLocation at = e.getLocation();
      String place =
          at == null ? "" : " (line " + at.getLineNr() + ", column " + at.getColumnNr() + ")";
      throw new FileTrouble(name + " is broken" + place + ": " + e.getOriginalMessage(), e);
    } catch (IOException e) {
      throw new FileTrouble(name + " can't be read: " + e.getMessage(), e);
    }
  }

  static byte[] bytes(JsonNode node) {
    try {
      byte[] json = MAPPER.writer(PRINTER).writeValueAsBytes(node);
      byte[] line = java.util.Arrays.copyOf(json, json.length + 1);
      line[json.length] = '\n';
      return line;
    } catch (JsonProcessingException e) {
      throw new IllegalStateException(e);
    }
  }

  /**
   * Carries fields that this program doesn't know from the file that was read into the one to be
   * written. Objects are matched by field; array elements by agreeing in all that is known, or else
   * by their place.
   */
  static void keepUnknown(ObjectNode written, ObjectNode read) {
    Iterator<String> names = read.fieldNames();
    while (names.hasNext()) {
      String name = names.next();
      JsonNode before = read.get(name);
      JsonNode now = written.get(name);
      if (now == null) {
        written.set(name, before.deepCopy());
      } else if (now instanceof ObjectNode object && before instanceof ObjectNode old) {
        keepUnknown(object, old);
      } else if (now instanceof ArrayNode array && before instanceof ArrayNode old) {
        keepUnknown(array, old);
      }
    }
  }

  private static void keepUnknown(ArrayNode written, ArrayNode read) {
    boolean[] used = new boolean[read.size()];
    for (int i = 0; i < written.size(); i++) {
      int match = match(written.get(i), read, used, i);
      if (match >= 0 && written.get(i) instanceof ObjectNode now) {
        used[match] = true;
        keepUnknown(now, (ObjectNode) read.get(match));
      }
    }
  }

  private static int match(JsonNode now, ArrayNode read, boolean[] used, int place) {
    for (int i = 0; i < read.size(); i++) {
      if (!used[i] && agrees(now, read.get(i))) {
        return i;
      }
    }
    return place < read.size() && !used[place] && read.get(place) instanceof ObjectNode
        ? place
        : -1;
  }

  private static boolean agrees(JsonNode now, JsonNode before) {
    if (!(now instanceof ObjectNode object) || !(before instanceof ObjectNode)) {
      return false;
    }
    for (var field : object.properties()) {
      if (!field.getValue().equals(before.get(field.getKey()))) {
        return false;
      }
    }
    return true;
  }
}
