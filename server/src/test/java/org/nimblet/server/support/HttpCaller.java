package org.nimblet.server.support;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.CookiePolicy;
import java.net.HttpCookie;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Talks to the server as a browser does: with cookies and the token against forged requests. */
public final class HttpCaller {

  /** The one password that a demo knows without hashing it, and servers of tests as well. */
  public static final String KNOWN_PASSWORD = "harbour-hands";

  private static final JsonMapper JSON = JsonMapper.builder().build();

  private final String address;
  private final CookieManager cookies = new CookieManager(null, CookiePolicy.ACCEPT_ALL);
  private final HttpClient client =
      HttpClient.newBuilder().cookieHandler(cookies).connectTimeout(Duration.ofSeconds(10)).build();

  /** One that has not signed in where the server is. */
  public HttpCaller(String address) {
    this.address = address;
  }

  /** What the server gave to keep. */
  public List<HttpCookie> cookies() {
    return cookies.getCookieStore().getCookies();
  }

  /** An answer: status, headers, body. */
  public record Answer(int status, java.net.http.HttpHeaders headers, String body) {
    /** The body as JSON. */
    public JsonNode json() {
      return JSON.readTree(body);
    }
  }

  /** GET. */
  public Answer get(String path) {
    return send("GET", path, null);
  }

  /** GET, if what is kept already is out of date. */
  public Answer getIf(String path, String condition, String kept) {
    return send("GET", path, HttpRequest.BodyPublishers.noBody(), Map.of(condition, kept));
  }

  /** The lines of a stream that stays open; begins once the first have come. */
  public java.util.stream.Stream<String> stream(String path) {
    HttpRequest request = HttpRequest.newBuilder(URI.create(address + path)).build();
    try {
      return client.send(request, java.net.http.HttpResponse.BodyHandlers.ofLines()).body();
    } catch (java.io.IOException e) {
      throw new java.io.UncheckedIOException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }

  /** Any method with a JSON body, or without one if it is null. */
  public Answer send(String method, String path, Object body) {
    String text =
        body == null || body instanceof String ? (String) body : JSON.writeValueAsString(body);
    return send(method, path, text, "application/json");
  }

  /** Signs in with the form the page uses. */
  public Answer signIn(String email, String password) {
    return signIn(email, password, "");
  }

  /** Signs in with a code of an authenticator as well. */
  public Answer signIn(String email, String password, String code) {
    get("/api/me");
    Answer answer =
        send(
            "POST",
            "/api/sign-in",
            "email=%s&password=%s&code=%s"
                .formatted(encoded(email), encoded(password), encoded(code)),
            "application/x-www-form-urlencoded");
    get("/api/me");
    return answer;
  }

  /** Opens a new coach's account and is signed in as it; returns its address. */
  public String becomeCoach() {
    get("/api/me");
    String email = "coach-" + UUID.randomUUID() + "@test.example";
    Answer answer =
        send(
            "POST",
            "/api/coaches",
            Map.of("name", "Test Coach", "email", email, "password", KNOWN_PASSWORD));
    if (answer.status() != 204) {
      throw new IllegalStateException(answer.status() + " " + answer.body());
    }
    get("/api/me");
    return email;
  }

  private static String encoded(String text) {
    return URLEncoder.encode(text, StandardCharsets.UTF_8);
  }

  /** Any method with a body of any kind. */
  public Answer send(String method, String path, String body, String type) {
    return send(method, path, body, type, Map.of());
  }

  /** POST of something that is done once, however often it is sent under the same key. */
  public Answer post(String path, Object body, String key) {
    return send(
        "POST",
        path,
        JSON.writeValueAsString(body),
        "application/json",
        Map.of("Idempotency-Key", key));
  }

  /** POST of a file as it is. */
  public Answer post(String path, byte[] file) {
    return send(
        "POST",
        path,
        HttpRequest.BodyPublishers.ofByteArray(file),
        Map.of("Content-Type", "application/octet-stream"));
  }

  private Answer send(
      String method, String path, String body, String type, Map<String, String> headers) {
    Map<String, String> all = new HashMap<>(headers);
    if (body != null) {
      all.put("Content-Type", type);
    }
    return send(
        method,
        path,
        body == null
            ? HttpRequest.BodyPublishers.noBody()
            : HttpRequest.BodyPublishers.ofString(body),
        all);
  }

  private Answer send(
      String method, String path, HttpRequest.BodyPublisher body, Map<String, String> headers) {
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create(address + path))
            .timeout(Duration.ofSeconds(30))
            .method(method, body);
    headers.forEach(request::header);
    cookies().stream()
        .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
        .forEach(cookie -> request.header("X-XSRF-TOKEN", cookie.getValue()));
    try {
      HttpResponse<String> response =
          client.send(request.build(), HttpResponse.BodyHandlers.ofString());
      return new Answer(response.statusCode(), response.headers(), response.body());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }
}
