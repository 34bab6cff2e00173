package almanac.app.ground.web;

import almanac.app.record.entries.TraitsEntry;
import almanac.core.kinds.Range;
import almanac.core.kinds.Trait;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.PathItem;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.BooleanSchema;
import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.NumberSchema;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.parameters.HeaderParameter;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.LinkedHashSet;
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
      List.of(
          "/what-if",
          "/reading",
          "/rounds/plan",
          "/bench-days/plan",
          "/trial",
          "/judgements",
          "/measurements",
          "/tallies",
          "/cut-plans",
          "/pot-advice",
          "/fill",
          "/sums/roots",
          "/day-length",
          "/used-life",
          "/sums/ph",
          "/conversions",
          "/dilution",
          "/feed");

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
      api.getComponents().getSchemas().put("Traits", traits());
      api.getComponents().getSchemas().values().forEach(OpenApi::require);
      api.getPaths().forEach(OpenApi::takesKey);
    };
  }

  /** Traits are sent as an object of their keys, which no class shows. */
  @Bean
  ModelConverter traitsAreOneSchema() {
    return new ModelConverter() {
      @Override
      @SuppressWarnings("rawtypes") // the library's schemas are raw
      public Schema resolve(
          AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> others) {
        var java = Json.mapper().constructType(type.getType());
        if (java != null && java.getRawClass() == TraitsEntry.class) {
          return new Schema<>().$ref("#/components/schemas/Traits");
        }
        return others.hasNext() ? others.next().resolve(type, context, others) : null;
      }
    };
  }

  /** One property for each trait of the rules. */
  private static Schema<?> traits() {
    var traits =
        new ObjectSchema()
            .description(
                "Traits of a kind, or in what one plant differs from it; null is as in it");
    for (var trait : Trait.all()) {
      var property = property(trait.range());
      property.setDescription(trait.title());
      property.setTypes(new LinkedHashSet<>(List.of(property.getType(), "null")));
      traits.addProperty(trait.key(), property);
    }
    return traits;
  }

  private static Schema<?> property(Range<?> range) {
    if (range instanceof Range.OneOf<?> one) {
      return new StringSchema()._enum(one.all().stream().map(Enum::name).toList());
    }
    if (range instanceof Range.Text) {
      return new StringSchema();
    }
    if (range instanceof Range.YesNo) {
      return new BooleanSchema();
    }
    return range instanceof Range.Count
        ? new IntegerSchema().format("int32")
        : new NumberSchema().format("double");
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
