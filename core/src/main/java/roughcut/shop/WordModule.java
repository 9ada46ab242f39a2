package roughcut.shop;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.databind.BeanDescription;
import com.fasterxml.jackson.databind.DeserializationConfig;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.JavaType;
import com.fasterxml.jackson.databind.JsonDeserializer;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.JsonSerializer;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.deser.BeanDeserializerModifier;
import com.fasterxml.jackson.databind.module.SimpleModule;
import java.io.IOException;
import java.util.Locale;
import roughcut.measure.InvalidValue;
import roughcut.measure.NamedKind;
import roughcut.measure.Text;

/** Kinds in files and tables by their words ({@link NamedKind}), in capitals or not. */
public final class WordModule extends SimpleModule {
  private static final long serialVersionUID = 1;

  public WordModule() {
    addSerializer(NamedKind.class, new ToWord());
    setDeserializerModifier(
        new BeanDeserializerModifier() {
          private static final long serialVersionUID = 1;

          @Override
          public JsonDeserializer<?> modifyEnumDeserializer(
              DeserializationConfig config,
              JavaType type,
              BeanDescription described,
              JsonDeserializer<?> usual) {
            return NamedKind.class.isAssignableFrom(type.getRawClass())
                ? new ByWord(type.getRawClass())
                : usual;
          }
        });
  }

  private static final class ToWord extends JsonSerializer<NamedKind> {
    @Override
    public void serialize(NamedKind kind, JsonGenerator out, SerializerProvider all)
        throws IOException {
      out.writeString(kind.word());
    }
  }

  private static final class ByWord extends JsonDeserializer<Object> {
    private final Class<?> type;

    ByWord(Class<?> type) {
      this.type = type;
    }

    @Override
    public Object deserialize(JsonParser in, DeserializationContext context) throws IOException {
      String word = in.getValueAsString("");
      for (Object kind : type.getEnumConstants()) {
        if (((NamedKind) kind).word().equals(word.toLowerCase(Locale.ROOT))) {
          return kind;
        }
      }
      throw JsonMappingException.from(
          in,
          "",
          new InvalidValue(
              Text.of(
                  "“{word}” is not a word for a {kind}",
                  word,
                  type.getSimpleName().toLowerCase(Locale.ROOT))));
    }
  }
}
