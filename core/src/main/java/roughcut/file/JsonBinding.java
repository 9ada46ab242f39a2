package roughcut.file;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonDeserializer;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.JsonSerializer;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.databind.ser.std.ToStringSerializer;
import com.fasterxml.jackson.datatype.jdk8.Jdk8Module;
import java.io.IOException;
import java.lang.reflect.RecordComponent;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.format.DateTimeParseException;
import java.util.Collection;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import roughcut.measure.Refused;
import roughcut.measure.Text;
import roughcut.shop.WordModule;

/**
 * Records as JSON, one field a component: kinds by their words, what isn't known left out, whole
 * numbers without a point. What a file holds besides is left alone.
 */
final class JsonBinding {
  private static final ObjectMapper MAPPER =
      JsonMapper.builder()
          .addModule(new Jdk8Module())
          .addModule(new WordModule())
          .addModule(numbers())
          .serializationInclusion(JsonInclude.Include.NON_ABSENT)
          .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
          .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
          .build();

  private JsonBinding() {}

  static ObjectNode write(Object record) {
    return MAPPER.valueToTree(record);
  }

  /**
   * Reads a record.
   *
   * @param file named in what goes wrong
   * @throws FileTrouble in words, with the place in the file
   */
  static <T> T read(JsonNode node, Class<T> type, String file) throws FileException {
    try {
      T made = MAPPER.treeToValue(node, type);
      Optional<String> missing = missing(made, "");
      if (missing.isPresent()) {
        throw new FileException(Text.of("{file}: {missing} is missing", file, missing.get()));
      }
      return made;
    } catch (FileException e) {
      throw e;
    } catch (JsonMappingException e) {
      Throwable cause = e.getCause();
      throw new FileException(
          cause instanceof IllegalArgumentException
              ? Text.of("{file}: {why}", file, Refused.why(cause))
              : Text.of("{file}: {place} holds an invalid value", file, place(e)),
          e);
    } catch (IOException e) {
      throw new FileException(Text.of("{file} can't be read: {why}", file, Refused.why(e)), e);
    }
  }

  /** The first component of a record, however deep in it, that isn't there. */
  private static Optional<String> missing(Object made, String place) {
    if (made == null) {
      return Optional.of(place.isEmpty() ? "all of it" : place);
    }
    String before = place.isEmpty() ? "" : place + ", ";
    if (made instanceof Collection<?> list) {
      int at = 0;
      for (Object one : list) {
        Optional<String> found = missing(one, before + "number " + ++at);
        if (found.isPresent()) {
          return found;
        }
      }
    } else if (made instanceof Map<?, ?> map) {
      return map.entrySet().stream()
          .flatMap(e -> missing(e.getValue(), before + e.getKey()).stream())
          .findFirst();
    } else if (made instanceof Record) {
      for (RecordComponent component : made.getClass().getRecordComponents()) {
        Optional<String> found = missing(value(made, component), before + component.getName());
        if (found.isPresent()) {
          return found;
        }
      }
    }
    return Optional.empty();
  }

  private static Object value(Object record, RecordComponent component) {
    try {
      component.getAccessor().setAccessible(true);
      return component.getAccessor().invoke(record);
    } catch (ReflectiveOperationException e) {
      throw new IllegalStateException(e);
    }
  }

  /** Where in the file, as one would say it: “boards, the 3rd: length”. */
  private static String place(JsonMappingException e) {
    String path =
        e.getPath().stream()
            .map(r -> r.getFieldName() == null ? "number " + (r.getIndex() + 1) : r.getFieldName())
            .collect(Collectors.joining(", "));
    return path.isEmpty() ? "the file" : path;
  }

  private static SimpleModule numbers() {
    SimpleModule module = new SimpleModule();
    JsonSerializer<Double> number = new Short();
    module.addSerializer(Double.class, number);
    module.addSerializer(Double.TYPE, number);
    module.addSerializer(LocalDate.class, new ToStringSerializer());
    module.addDeserializer(LocalDate.class, new Written<>(LocalDate::parse, "a day"));
    module.addSerializer(LocalTime.class, new ToStringSerializer());
    module.addDeserializer(LocalTime.class, new Written<>(LocalTime::parse, "a time of the day"));
    module.addSerializer(LocalDateTime.class, new ToStringSerializer());
    module.addDeserializer(
        LocalDateTime.class, new Written<>(LocalDateTime::parse, "a day and time"));
    return module;
  }

  /** A day or time as it is written: 2026-05-04, 18:30. */
  private static final class Written<T> extends JsonDeserializer<T> {
    private final Function<String, T> read;
    private final String what;

    Written(Function<String, T> read, String what) {
      this.read = read;
      this.what = what;
    }

    @Override
    public T deserialize(JsonParser in, DeserializationContext context) throws IOException {
      String text = in.getValueAsString("");
      try {
        return read.apply(text);
      } catch (DateTimeParseException e) {
        throw JsonMappingException.from(in, "“" + text + "” is not " + what);
      }
    }
  }

  private static final class Short extends JsonSerializer<Double> {
    @Override
    public void serialize(Double value, JsonGenerator out, SerializerProvider all)
        throws IOException {
      if (value == Math.rint(value) && Math.abs(value) < BuildJson.WHOLE) {
        out.writeNumber(value.longValue());
      } else {
        out.writeNumber(value);
      }
    }
  }
}
