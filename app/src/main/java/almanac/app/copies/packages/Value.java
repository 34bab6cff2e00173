package almanac.app.copies.packages;

import almanac.app.ground.refusals.BadCell;
import java.sql.Array;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.Arrays;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * A type of values: in a column of the database, in a cell, and in the description of a package.
 */
enum Value {
  TEXT("string", "default", "CHARACTER VARYING"),
  UID("string", "uuid", "UUID"),
  WHOLE("integer", "default", "BIGINT", "INTEGER", "SMALLINT"),
  NUMBER("number", "default", "DOUBLE PRECISION"),
  YES_OR_NO("boolean", "default", "BOOLEAN"),
  DAY("date", "default", "DATE"),
  MOMENT("datetime", "any", "TIMESTAMP WITH TIME ZONE"),
  LIST("array", "default", "ARRAY");

  private static final JsonMapper JSON = JsonMapper.builder().build();

  private final String type;
  private final String format;
  private final String[] sqlTypes;

  Value(String type, String format, String... sqlTypes) {
    this.type = type;
    this.format = format;
    this.sqlTypes = sqlTypes;
  }

  /** As the description of tables names it. */
  String type() {
    return type;
  }

  String format() {
    return format;
  }

  /** The one of a type of the database. */
  static Value of(String sqlType) {
    return Arrays.stream(values())
        .filter(value -> Arrays.asList(value.sqlTypes).contains(sqlType))
        .findFirst()
        .orElseThrow(() -> new IllegalStateException("No cells are known for " + sqlType));
  }

  /** A value of a row as a cell; an empty one stands for none. */
  String cell(ResultSet row, int column) throws SQLException {
    var value = row.getObject(column);
    if (value == null) {
      return "";
    }
    return switch (this) {
      case TEXT -> Harmless.cell((String) value);
      case LIST -> JSON.writeValueAsString(((Array) value).getArray());
      case MOMENT -> row.getObject(column, OffsetDateTime.class).toString();
      case DAY -> row.getObject(column, LocalDate.class).toString();
      default -> value.toString();
    };
  }

  /**
   * A cell as a value for a row.
   *
   * @param required whether there must be one
   * @throws BadCell if it does not fit
   */
  @Nullable Object value(String cell, boolean required) {
    if (cell.isEmpty()) {
      if (required && this != TEXT) {
        throw new BadCell("a value is missing");
      }
      return required ? "" : null;
    }
    try {
      return switch (this) {
        case TEXT -> Harmless.text(cell);
        case UID -> UUID.fromString(cell);
        case WHOLE -> Long.valueOf(cell);
        case NUMBER -> number(cell);
        case YES_OR_NO -> yesOrNo(cell);
        case DAY -> LocalDate.parse(cell);
        case MOMENT -> OffsetDateTime.parse(cell);
        case LIST -> JSON.readValue(cell, String[].class);
      };
    } catch (IllegalArgumentException | DateTimeException | JacksonException e) {
      throw new BadCell("“%s” is not of the type %s".formatted(shortened(cell), type));
    }
  }

  private static Double number(String cell) {
    double number = Double.parseDouble(cell);
    if (!Double.isFinite(number)) {
      throw new IllegalArgumentException(cell);
    }
    return number;
  }

  private static Boolean yesOrNo(String cell) {
    return switch (cell) {
      case "true" -> true;
      case "false" -> false;
      default -> throw new IllegalArgumentException(cell);
    };
  }

  private static String shortened(String cell) {
    return cell.length() > 40 ? cell.substring(0, 40) + "…" : cell;
  }
}
