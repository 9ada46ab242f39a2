package roughcut.file;

import com.fasterxml.jackson.core.JsonLocation;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.io.JsonEOFException;
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
import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiPredicate;
import roughcut.measure.Refused;
import roughcut.measure.Text;

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

  static ObjectNode parse(byte[] content, String name) throws FileException {
    try {
      JsonNode node = MAPPER.readTree(content);
      if (node instanceof ObjectNode object) {
        return object;
      }
      throw new FileException(
          Text.of("{name} is not a Rough Cut file: it should hold one JSON object", name));
    } catch (JsonProcessingException e) {
      JsonLocation at = e.getLocation();
      Text why =
          e instanceof JsonEOFException
              ? Text.of("it ends too early, as after a power cut or on a full disk")
              : Text.of("it contains something that no Rough Cut file has");
      throw new FileException(
          at == null
              ? Text.of("{name} is broken: {why}", name, why)
              : Text.of(
                  "{name} is broken (line {line}, column {column}): {why}",
                  name,
                  at.getLineNr(),
                  at.getColumnNr(),
                  why),
          e);
    } catch (IOException e) {
      throw new FileException(Text.of("{name} can't be read: {why}", name, Refused.why(e)), e);
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

  /** The fields by which a thing in a list is known, in that order. */
  private static final List<String> IDENTITY = List.of("id", "name");

  /**
   * Carries fields that this program doesn't know from the file that was read into the one to be
   * written, each with the object that it stood in: an object by its field; a thing in a list by
   * its name or id and its type, or, when it has none or was renamed, by agreeing in all else that
   * is known. Never by its place, so that nothing of a thing that was taken out turns up in
   * another.
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
    Set<JsonNode> left = Collections.newSetFromMap(new IdentityHashMap<>());
    read.forEach(left::add);
    List<ObjectNode> renamed = new ArrayList<>();
    for (JsonNode now : written) {
      if (now instanceof ObjectNode object && !carry(object, read, left, Json::same)) {
        renamed.add(object);
      }
    }
    renamed.forEach(object -> carry(object, read, left, Json::agrees));
  }

  private static boolean carry(
      ObjectNode now, ArrayNode read, Set<JsonNode> left, BiPredicate<ObjectNode, ObjectNode> is) {
    for (JsonNode before : read) {
      if (before instanceof ObjectNode old && left.contains(old) && is.test(now, old)) {
        left.remove(old);
        keepUnknown(now, old);
        return true;
      }
    }
    return false;
  }

  private static Optional<String> identity(ObjectNode node) {
    return IDENTITY.stream().filter(node::has).findFirst();
  }

  /** The same thing by its name; one without a name only when nothing known of it changed. */
  private static boolean same(ObjectNode now, ObjectNode before) {
    Optional<String> by = identity(now);
    return by.isPresent()
        ? alike(now.get(by.get()), before.get(by.get()))
            && now.path("type").equals(before.path("type"))
        : agrees(now, before);
  }

  /** The same value, whichever of its kinds of number holds it. */
  private static boolean alike(JsonNode one, JsonNode other) {
    return other != null
        && one.equals(
            (a, b) ->
                a.isNumber() && b.isNumber() && a.doubleValue() == b.doubleValue()
                    ? 0
                    : a.equals(b) ? 0 : 1,
            other);
  }

  /** Alike in all that both have, but for the name. */
  private static boolean agrees(ObjectNode now, ObjectNode before) {
    Optional<String> by = identity(now);
    for (var field : now.properties()) {
      if (!Optional.of(field.getKey()).equals(by)
          && before.has(field.getKey())
          && !alike(field.getValue(), before.get(field.getKey()))) {
        return false;
      }
    }
    return true;
  }
}
