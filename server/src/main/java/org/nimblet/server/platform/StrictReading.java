package org.nimblet.server.platform;

import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.function.Predicate;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.cfg.EnumFeature;
import tools.jackson.databind.deser.jdk.StringDeserializer;
import tools.jackson.databind.deser.std.StdScalarDeserializer;
import tools.jackson.databind.ext.javatime.deser.InstantDeserializer;
import tools.jackson.databind.ext.javatime.deser.LocalDateDeserializer;
import tools.jackson.databind.ext.javatime.deser.LocalTimeDeserializer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;

/**
 * How bodies of requests are read: what is given is taken as it is or refused, and never bent until
 * it fits. 5.9 is no whole number, 0 is no name, 5 is no date, and nothing stands in a list as
 * nothing.
 */
final class StrictReading {

  /** No appointment, birthday or session of anybody alive lies outside these years (ours). */
  static final int FIRST_YEAR = 1900;

  static final int LAST_YEAR = 2199;

  private StrictReading() {}

  /** Makes a reader strict. */
  static void of(JsonMapper.Builder builder) {
    SimpleModule module = new SimpleModule("strict reading");
    module.addDeserializer(
        String.class, new Text<>(String.class, new StringDeserializer(), StrictReading::isWritten));
    module.addDeserializer(
        LocalDate.class,
        new Text<>(
            LocalDate.class, LocalDateDeserializer.INSTANCE, date -> isLivedIn(date.getYear())));
    module.addDeserializer(
        LocalTime.class, new Text<>(LocalTime.class, LocalTimeDeserializer.INSTANCE, time -> true));
    module.addDeserializer(
        Instant.class,
        new Text<>(
            Instant.class,
            InstantDeserializer.INSTANT,
            moment -> isLivedIn(moment.atOffset(ZoneOffset.UTC).getYear())));
    builder
        .addModule(module)
        .changeDefaultNullHandling(nulls -> JsonSetter.Value.forContentNulls(Nulls.FAIL))
        .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT)
        .enable(EnumFeature.FAIL_ON_NUMBERS_FOR_ENUMS);
  }

  private static boolean isLivedIn(int year) {
    return year >= FIRST_YEAR && year <= LAST_YEAR;
  }

  /** Line ends and tabs are written; other control characters and halves of characters are not. */
  private static boolean isWritten(String text) {
    return text.codePoints()
        .noneMatch(
            letter ->
                Character.getType(letter) == Character.SURROGATE
                    || (Character.isISOControl(letter) && "\n\r\t".indexOf(letter) < 0));
  }

  /** Something that is given as text, and only as that. */
  private static final class Text<T> extends StdScalarDeserializer<T> {
    private final ValueDeserializer<T> reader;
    private final transient Predicate<T> allowed;

    Text(Class<T> type, ValueDeserializer<T> reader, Predicate<T> allowed) {
      super(type);
      this.reader = reader;
      this.allowed = allowed;
    }

    @Override
    @SuppressWarnings("unchecked") // the type was given at the start
    public T deserialize(JsonParser in, DeserializationContext context) {
      if (in.currentToken() != JsonToken.VALUE_STRING) {
        return (T) context.handleUnexpectedToken(getValueType(context), in);
      }
      String given = in.getString();
      T read = reader.deserialize(in, context);
      if (read == null || !allowed.test(read)) {
        throw context.weirdStringException(given, handledType(), "not allowed");
      }
      return read;
    }
  }
}
