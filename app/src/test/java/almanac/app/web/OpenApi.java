package almanac.app.web;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.PathItem;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.parameters.HeaderParameter;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The description of the interface for programs. */
@Configuration
class OpenApi {
  private static final List<String> KEEPS_NOTHING =
      List.of("/what-if", "/trial", "/judgements", "/measurements");

  @Bean
  OpenAPI description() {
    return new OpenAPI()
        .info(
            new Info()
                .title("Mellow Almanac")
                .version("1")
                .description("Plants, what was seen of them, and what follows from it."));
  }

  /** Whatever is not said to be nullable is always there. */
  @Bean
  OpenApiCustomizer everythingElseIsRequired() {
    return api -> {
      api.setServers(null);
      api.getComponents().getSchemas().values().forEach(OpenApi::require);
      api.getPaths().forEach(OpenApi::takesKey);
    };
  }

  private static void takesKey(String path, PathItem at) {
    if (KEEPS_NOTHING.stream().anyMatch(path::endsWith)) {
      return;
    }
    Stream.of(at.getPost(), at.getPut(), at.getDelete())
        .filter(Objects::nonNull)
        .forEach(
            write ->
                write.addParametersItem(
                    new HeaderParameter()
                        .name("Idempotency-Key")
                        .required(false)
                        .description(
                            "Given by who sends it, 8 to 60 characters; the same key is written"
                                + " once, however often sent, and answered as the first time")
                        .schema(new StringSchema())));
  }

  private static void require(Schema<?> schema) {
    Map<String, ?> properties = schema.getProperties();
    if (properties == null) {
      return;
    }
    var required = new ArrayList<String>();
    properties.forEach(
        (name, property) -> {
          if (property instanceof Schema<?> each && !nullable(each)) {
            required.add(name);
          }
        });
    schema.setRequired(required);
    properties.values().forEach(property -> orNull((Schema<?>) property));
  }

  /** A reference cannot be null by itself; one of the two it can be. */
  @SuppressWarnings({"unchecked", "rawtypes"}) // the library's schemas are raw
  private static void orNull(Schema property) {
    if (property.get$ref() == null || !nullable(property)) {
      return;
    }
    var what = new Schema<>();
    what.set$ref(property.get$ref());
    var nothing = new Schema<>();
    nothing.setTypes(java.util.Set.of("null"));
    property.set$ref(null);
    property.setTypes(null);
    property.setOneOf(List.of(what, nothing));
  }

  private static boolean nullable(Schema<?> schema) {
    return Boolean.TRUE.equals(schema.getNullable())
        || (schema.getTypes() != null && schema.getTypes().contains("null"));
  }
}
