package org.nimblet.server.platform;

import io.swagger.v3.core.jackson.ModelResolver;
import io.swagger.v3.oas.models.media.JsonSchema;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Keyframe;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.StdSerializer;

@Configuration
class PlatformConfiguration {

  static {
    // Each enum once, by its name, so that the front end can refer to it.
    ModelResolver.enumsAsRef = true;
    // A keyframe goes over the wire as its text.
    SpringDocUtils.getConfig().replaceWithClass(Keyframe.class, String.class);
  }

  @Bean
  Clock clock() {
    return Clock.systemUTC();
  }

  /** A keyframe as its text: the name of a pose, or the angles of a hand. */
  @Bean
  JsonMapperBuilderCustomizer keyframesAsText() {
    SimpleModule module = new SimpleModule("keyframes");
    module.addSerializer(
        Keyframe.class,
        new StdSerializer<Keyframe>(Keyframe.class) {
          @Override
          public void serialize(
              Keyframe keyframe, JsonGenerator out, SerializationContext context) {
            out.writeString(keyframe.text());
          }
        });
    return builder -> builder.addModule(module);
  }

  @Bean
  JsonMapperBuilderCustomizer strictReading() {
    return StrictReading::of;
  }

  /** Read once; a wrong file ends the start with every problem in it. */
  @Bean
  ExerciseLibrary exerciseLibrary() {
    return ExerciseLibrary.shipped();
  }

  /**
   * Every field is always sent, empty ones as null, so all are required; else the generated types
   * of the front end would come out optional. A reference that may be null says so, which the
   * library leaves out. Sorted, so that the committed document does not flicker.
   */
  @Bean
  OpenApiCustomizer everyFieldIsRequired(
      RequestMappingHandlerMapping requestMappingHandlerMapping) {
    return api -> {
      api.setServers(List.of());
      api.getComponents().setSchemas(new TreeMap<>(api.getComponents().getSchemas()));
      Map<String, Class<?>> records = new TreeMap<>();
      requestMappingHandlerMapping
          .getHandlerMethods()
          .values()
          .forEach(
              handler -> {
                collect(handler.getMethod().getGenericReturnType(), records);
                for (Type parameter : handler.getMethod().getGenericParameterTypes()) {
                  collect(parameter, records);
                }
              });
      api.getComponents()
          .getSchemas()
          .forEach((name, schema) -> complete(schema, records.get(name)));
    };
  }

  private static void collect(Type type, Map<String, Class<?>> records) {
    if (type instanceof ParameterizedType generic) {
      if (generic.getRawType() instanceof Class<?> record && record.isRecord()) {
        // The description names it after what it holds as well.
        String held =
            Arrays.stream(generic.getActualTypeArguments())
                .map(argument -> ((Class<?>) argument).getSimpleName())
                .collect(Collectors.joining());
        records.put(record.getSimpleName() + held, record);
      }
      for (Type argument : generic.getActualTypeArguments()) {
        collect(argument, records);
      }
    } else if (type instanceof Class<?> record
        && record.isRecord()
        && records.putIfAbsent(record.getSimpleName(), record) == null) {
      for (RecordComponent component : record.getRecordComponents()) {
        collect(component.getGenericType(), records);
      }
    }
  }

  @SuppressWarnings({"rawtypes", "unchecked"}) // swagger's own map is raw
  private static void complete(Schema schema, Class<?> record) {
    if (schema.getProperties() == null) {
      return;
    }
    Map<String, Schema> properties = schema.getProperties();
    schema.setRequired(new ArrayList<>(properties.keySet()));
    if (record == null) {
      return;
    }
    for (RecordComponent component : record.getRecordComponents()) {
      Schema property = properties.get(component.getName());
      var annotation =
          component.getAccessor().getAnnotation(io.swagger.v3.oas.annotations.media.Schema.class);
      if (annotation != null
          && annotation.nullable()
          && property != null
          && property.get$ref() != null) {
        Schema reference = new JsonSchema().$ref(property.get$ref());
        Schema nothing = new JsonSchema().types(Set.of("null"));
        properties.put(component.getName(), new JsonSchema().anyOf(List.of(reference, nothing)));
      }
    }
  }
}
