package almanac.app.ground.web;

import java.time.DateTimeException;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.convert.converter.Converter;
import org.springframework.format.FormatterRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JacksonModule;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.module.SimpleModule;

/**
 * Days and numbers as they are sent: those that there are, and no text that merely stands for one.
 */
@Configuration
class EntryFormats implements WebMvcConfigurer {
  /** Nobody has kept a plant for longer, or plans so far. */
  private static final int FIRST_YEAR = 1800;

  private static final int LAST_YEAR = 2299;

  @Override
  public void addFormatters(FormatterRegistry registry) {
    registry.addConverter(new ToDay());
    registry.addConverter(new ToNumber());
    registry.addConverter(new ToWholeNumber());
  }

  /**
   * @throws DateTimeException if it is no day that anybody means
   */
  private static LocalDate day(String text) {
    var day = LocalDate.parse(text.strip());
    if (day.getYear() < FIRST_YEAR || day.getYear() > LAST_YEAR) {
      throw new DateTimeException("Nobody means the year %d".formatted(day.getYear()));
    }
    return day;
  }

  private static final class ToDay implements Converter<String, LocalDate> {
    @Override
    public LocalDate convert(String text) {
      return day(text);
    }
  }

  private static final class ToNumber implements Converter<String, Double> {
    @Override
    public Double convert(String text) {
      double number = Double.parseDouble(text.strip());
      if (!Double.isFinite(number)) {
        throw new NumberFormatException(text);
      }
      return number;
    }
  }

  /** Nothing is no number, in a list of them either. */
  private static final class ToWholeNumber implements Converter<String, Long> {
    @Override
    public Long convert(String text) {
      return Long.valueOf(text.strip());
    }
  }

  /** What is sent as JSON. */
  @Bean
  JacksonModule daysAndNumbers() {
    return new SimpleModule("days-and-numbers")
        .addDeserializer(LocalDate.class, new Day())
        .addDeserializer(Double.class, new Number(false))
        .addDeserializer(double.class, new Number(true));
  }

  private static final class Day extends ValueDeserializer<LocalDate> {
    @Override
    public LocalDate deserialize(JsonParser json, DeserializationContext context) {
      var text = json.currentToken() == JsonToken.VALUE_STRING ? json.getString() : "";
      try {
        return day(text);
      } catch (DateTimeException e) {
        return (LocalDate) context.handleWeirdStringValue(LocalDate.class, text, "no such day");
      }
    }
  }

  private static final class Number extends ValueDeserializer<Double> {
    private final boolean needed;

    /**
     * @param needed whether there must be one
     */
    Number(boolean needed) {
      this.needed = needed;
    }

    @Override
    public Double deserialize(JsonParser json, DeserializationContext context) {
      if (json.currentToken() != JsonToken.VALUE_NUMBER_FLOAT
          && json.currentToken() != JsonToken.VALUE_NUMBER_INT) {
        return (Double) context.handleUnexpectedToken(Double.class, json);
      }
      double number = json.getDoubleValue();
      return Double.isFinite(number)
          ? number
          : (Double) context.handleWeirdNumberValue(Double.class, number, "no such number");
    }

    @Override
    public @Nullable Object getNullValue(DeserializationContext context) {
      return needed ? context.reportInputMismatch(Double.class, "a number is needed") : null;
    }

    @Override
    public @Nullable Object getAbsentValue(DeserializationContext context) {
      return getNullValue(context);
    }
  }
}
