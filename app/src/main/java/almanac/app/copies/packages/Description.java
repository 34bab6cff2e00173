package almanac.app.copies.packages;

import almanac.app.copies.packages.Column.Kept;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** The description of a package of tables, as such packages have it: {@code datapackage.json}. */
final class Description {
  static final String FILE = "datapackage.json";

  /** Raised whenever what an older program reads would be wrong. */
  static final int FORMAT = 1;

  /** The property that says by which tables it was made. */
  static final String OURS = "mellowAlmanac";

  static final JsonMapper JSON =
      JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

  private Description() {}

  /**
   * A table that was written.
   *
   * @param bytes the length of its file
   * @param digest SHA-256 of its file, in hexadecimal
   */
  record Written(Layout.Table table, long bytes, String digest) {}

  static byte[] of(int schema, List<Written> tables) {
    var all = new LinkedHashMap<String, Object>();
    all.put("profile", "tabular-data-package");
    all.put("name", "mellow-almanac-collection");
    all.put("title", "A collection of orchids, as Mellow Almanac keeps it");
    all.put(
        "description",
        "Everything that was ever written down, act by act. Photographs lie in the folder photographs, by the names in the table photo. A text that a spreadsheet would run as a formula has an apostrophe before it.");
    var ours = new LinkedHashMap<String, Object>();
    ours.put("format", FORMAT);
    ours.put("schema", schema);
    ours.put("sealed", true);
    all.put(OURS, ours);
    all.put("resources", tables.stream().map(Description::resource).toList());
    return JSON.writeValueAsBytes(all);
  }

  private static Map<String, Object> resource(Written written) {
    var table = written.table();
    var resource = new LinkedHashMap<String, Object>();
    resource.put("profile", "tabular-data-resource");
    resource.put("name", table.resource());
    resource.put("path", table.file());
    resource.put("format", "csv");
    resource.put("mediatype", "text/csv");
    resource.put("encoding", "utf-8");
    resource.put("bytes", written.bytes());
    resource.put("hash", "sha256:" + written.digest());
    resource.put("dialect", Map.of("lineTerminator", "\r\n"));
    resource.put("schema", schema(table));
    return resource;
  }

  private static Map<String, Object> schema(Layout.Table table) {
    var schema = new LinkedHashMap<String, Object>();
    var fields = new ArrayList<Map<String, Object>>();
    var keys = new ArrayList<Map<String, Object>>();
    for (var column : table.columns()) {
      if (column.refers() == Kept.HAPPENING) {
        fields.add(field("act", Value.UID, true));
        fields.add(field("happening", Value.WHOLE, true));
        keys.add(reference(List.of("act", "happening"), "happening", List.of("act", "happening")));
      } else if (column.refers() != null) {
        fields.add(field(column.name(), Value.UID, column.required()));
        keys.add(reference(column.name(), column.refers().name().toLowerCase(Locale.ROOT), "uid"));
      } else {
        fields.add(field(column.name(), column.value(), column.required()));
      }
      if (table.numbered() == Kept.HAPPENING && column.refers() == Kept.ACT) {
        fields.add(field("happening", Value.WHOLE, true));
      }
    }
    schema.put("fields", fields);
    schema.put("missingValues", List.of(""));
    if (!keys.isEmpty()) {
      schema.put("foreignKeys", keys);
    }
    return schema;
  }

  private static Map<String, Object> field(String name, Value value, boolean required) {
    var field = new LinkedHashMap<String, Object>();
    field.put("name", name);
    field.put("type", value.type());
    field.put("format", value.format());
    // A text that may be empty and must be there is an empty cell, which others read as missing.
    if (required && value != Value.TEXT) {
      field.put("constraints", Map.of("required", true));
    }
    return field;
  }

  private static Map<String, Object> reference(Object fields, String table, Object there) {
    var reference = new LinkedHashMap<String, Object>();
    reference.put("fields", fields);
    var to = new LinkedHashMap<String, Object>();
    to.put("resource", table);
    to.put("fields", there);
    reference.put("reference", to);
    return reference;
  }
}
