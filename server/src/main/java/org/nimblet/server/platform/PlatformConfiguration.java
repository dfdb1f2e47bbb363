package org.nimblet.server.platform;

import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.jackson.ModelResolver;
import io.swagger.v3.oas.models.media.JsonSchema;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.annotation.Annotation;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class PlatformConfiguration {

  static {
    // Each enum once, by its name, so that the front end can refer to it.
    ModelResolver.enumsAsRef = true;
  }

  @Bean
  Clock clock() {
    return Clock.systemUTC();
  }

  /** Read once; a wrong file ends the start with every problem in it. */
  @Bean
  ExerciseLibrary exerciseLibrary() {
    return ExerciseLibrary.shipped();
  }

  /**
   * Every field is always sent, empty ones as null, so all are required; else the generated types
   * of the front end would come out optional. Sorted, so that the committed document does not
   * flicker.
   */
  @Bean
  OpenApiCustomizer everyFieldIsRequired() {
    return api -> {
      api.setServers(List.of());
      api.getComponents().setSchemas(new TreeMap<>(api.getComponents().getSchemas()));
      for (Schema<?> schema : api.getComponents().getSchemas().values()) {
        if (schema.getProperties() != null) {
          schema.setRequired(new ArrayList<>(schema.getProperties().keySet()));
        }
      }
    };
  }

  /** A reference that may be null, which a plain reference cannot say. */
  @Bean
  ModelConverter nullableReferences() {
    return (type, context, chain) -> {
      Schema<?> resolved = chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
      if (resolved == null || !isNullable(type.getCtxAnnotations())) {
        return resolved;
      }
      String reference = resolved.get$ref();
      if (reference == null && resolved.getName() != null && resolved.getProperties() != null) {
        reference = "#/components/schemas/" + resolved.getName();
      }
      return reference == null
          ? resolved
          : new JsonSchema()
              .anyOf(
                  List.of(
                      new JsonSchema().$ref(reference), new JsonSchema().types(Set.of("null"))));
    };
  }

  private static boolean isNullable(Annotation[] annotations) {
    return annotations != null
        && Arrays.stream(annotations)
            .anyMatch(
                annotation ->
                    annotation instanceof io.swagger.v3.oas.annotations.media.Schema schema
                        && schema.nullable());
  }
}
