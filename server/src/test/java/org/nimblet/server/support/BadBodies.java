package org.nimblet.server.support;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.stream.Collectors;
import tools.jackson.core.json.JsonWriteFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Bodies that nearly fit the description of an interface: made after it, then damaged in one or two
 * places. The same seed gives the same bodies.
 */
public final class BadBodies {

  /** What somebody might send who means no good, or whose program has an error. */
  private static final List<Object> NASTY =
      Arrays.asList(
          null,
          true,
          0,
          -1,
          5.9,
          Long.MAX_VALUE,
          Long.MIN_VALUE,
          1e308,
          "",
          " ",
          "x",
          "0",
          "-1",
          "99999999999999999999",
          "null",
          "24:00",
          "00:00",
          "23:59:59.999999999",
          "0000-01-01",
          "9999-12-31",
          "-999999999-01-01",
          "+999999999-12-31T23:59:59Z",
          "1970-01-01T00:00:00Z",
          "2027-02-29",
          "a\u0000b",
          "a\u0007b",
          "\ud800",
          "a\udc00b",
          "\u202eright to left",
          "👩‍🎤",
          "x".repeat(70_000),
          List.of(),
          Arrays.asList((Object) null),
          Map.of(),
          Map.of("a", 1),
          List.of(List.of(List.of(List.of()))));

  private static final JsonMapper JSON =
      JsonMapper.builder().enable(JsonWriteFeature.ESCAPE_NON_ASCII).build();

  private final JsonNode description;
  private final Map<String, String> known;
  private final Random chance;

  /**
   * Bodies for an interface.
   *
   * @param description the OpenAPI document
   * @param known identifiers by the name of their field, so that some bodies come close
   */
  public BadBodies(JsonNode description, Map<String, String> known, long seed) {
    this.description = description;
    this.known = known;
    this.chance = new Random(seed);
  }

  /** The text of a body that is meant for a schema. */
  public String next(JsonNode schema) {
    if (chance.nextInt(60) == 0) {
      return chance.nextBoolean() ? "[".repeat(3_000) : "{\"a\":";
    }
    Object body = fitting(schema, "", 0);
    for (int times = chance.nextInt(3); times >= 0; times--) {
      body = damaged(body);
    }
    return JSON.writeValueAsString(body);
  }

  private Object fitting(JsonNode given, String name, int depth) {
    JsonNode schema = resolved(given);
    JsonNode names = schema.path("enum");
    if (names.isArray()) {
      return names.get(chance.nextInt(names.size())).asString();
    }
    String type = schema.path("type").asString("");
    if (schema.path("type").isArray()) {
      type = schema.path("type").get(0).asString();
    }
    return switch (type) {
      case "integer", "number" -> chance.nextInt(30);
      case "boolean" -> chance.nextBoolean();
      case "array" -> {
        List<Object> list = new ArrayList<>();
        for (int i = chance.nextInt(depth > 4 ? 1 : 3); i > 0; i--) {
          list.add(fitting(schema.path("items"), name, depth + 1));
        }
        yield list;
      }
      case "string" -> text(schema.path("format").asString(""), name);
      default -> {
        Map<String, Object> object = new LinkedHashMap<>();
        schema
            .path("properties")
            .properties()
            .forEach(
                field ->
                    object.put(
                        field.getKey(),
                        depth > 6 ? null : fitting(field.getValue(), field.getKey(), depth + 1)));
        yield object;
      }
    };
  }

  private JsonNode resolved(JsonNode given) {
    JsonNode schema = given;
    if (schema.path("anyOf").isArray()) {
      schema = schema.path("anyOf").get(0);
    }
    while (schema.hasNonNull("$ref")) {
      schema = description.at(schema.get("$ref").asString().substring(1));
    }
    return schema;
  }

  private String text(String format, String name) {
    return switch (format) {
      case "uuid" -> known.getOrDefault(name, UUID.randomUUID().toString());
      case "date" -> "2027-03-%02d".formatted(1 + chance.nextInt(28));
      case "date-time" -> "2026-03-02T18:%02d:00Z".formatted(chance.nextInt(60));
      case "time", "partial-time" -> "%02d:%02d".formatted(chance.nextInt(24), chance.nextInt(60));
      default ->
          known.getOrDefault(
              name,
              name.endsWith("At") || name.equals("from") || name.equals("to")
                  ? "%02d:00".formatted(chance.nextInt(24))
                  : "word");
    };
  }

  /** The same with something at one place that does not belong there, or without that place. */
  private Object damaged(Object body) {
    if (body instanceof Map<?, ?> map && !map.isEmpty() && chance.nextInt(20) != 0) {
      Map<Object, Object> changed = new LinkedHashMap<>(map);
      Object key = List.copyOf(map.keySet()).get(chance.nextInt(map.size()));
      if (chance.nextInt(12) == 0) {
        changed.remove(key);
      } else {
        changed.put(key, damaged(map.get(key)));
      }
      return changed;
    }
    if (body instanceof List<?> list && !list.isEmpty() && chance.nextInt(4) != 0) {
      List<Object> changed = new ArrayList<>(list);
      int place = chance.nextInt(list.size());
      changed.set(place, damaged(list.get(place)));
      return changed;
    }
    return NASTY.get(chance.nextInt(NASTY.size()));
  }

  /** Identifiers as they stand in a path of the interface. */
  public String path(String pattern) {
    return Arrays.stream(pattern.split("/", -1))
        .map(
            part ->
                part.startsWith("{")
                    ? known.getOrDefault(
                        part.substring(1, part.length() - 1), UUID.randomUUID().toString())
                    : part)
        .collect(Collectors.joining("/"));
  }
}
