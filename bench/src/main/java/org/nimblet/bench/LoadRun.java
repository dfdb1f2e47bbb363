package org.nimblet.bench;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Reads the running demo as coaches do who look through their roster: Today, then the day and the
 * week of each client, again and again, first one reader alone, then many together.
 */
public final class LoadRun {

  private static final int READERS = 50;
  private static final Duration TOGETHER = Duration.ofSeconds(30);
  private static final int ALONE = 60;
  private static final Duration PATIENCE = Duration.ofSeconds(20);
  private static final Pattern CLIENT = Pattern.compile("\"clientId\":\"([0-9a-f-]{36})\"");

  private LoadRun() {}

  /**
   * Prints the times.
   *
   * @param arguments the address of the demo, http://127.0.0.1:8480 unless said
   */
  public static void main(String[] arguments) throws Exception {
    String address = arguments.length > 0 ? arguments[0] : "http://127.0.0.1:8480";
    System.out.println(report(address, READERS, TOGETHER));
  }

  /** A table of how long answers take for one reader, and for many at once. */
  public static String report(String address, int readers, Duration together) throws Exception {
    StringBuilder text = new StringBuilder();
    Reader alone = new Reader(address);
    for (String path : alone.paths().subList(0, 3)) {
      Times times = new Times();
      for (int i = 0; i < ALONE; i++) {
        times.add(alone.read(path));
      }
      text.append("one reader, %-12s %s%n".formatted(Reader.kind(path), times));
    }
    ExecutorService threads = Executors.newFixedThreadPool(readers);
    try {
      List<Callable<Times>> work = new ArrayList<>();
      for (int i = 0; i < readers; i++) {
        Reader reader = new Reader(address);
        work.add(() -> reader.readFor(together));
      }
      Times all = new Times();
      for (Future<Times> one : threads.invokeAll(work)) {
        all.addAll(one.get());
      }
      text.append(
          "%d readers for %d s: %.0f answers a second, %s, %d refused or broken%n"
              .formatted(
                  readers,
                  together.toSeconds(),
                  all.count() / (double) together.toSeconds(),
                  all,
                  all.failures()));
    } finally {
      threads.shutdown();
    }
    return text.toString();
  }

  /** A browser of the coach. */
  private static final class Reader {
    private final String address;
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http = HttpClient.newBuilder().cookieHandler(cookies).build();
    private final List<String> paths = new ArrayList<>();

    Reader(String address) throws IOException, InterruptedException {
      this.address = address;
      send(request("/api/me").GET());
      String token =
          cookies.getCookieStore().getCookies().stream()
              .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
              .map(HttpCookie::getValue)
              .findFirst()
              .orElse("");
      send(
          request("/api/demo/sign-in")
              .header("Content-Type", "application/json")
              .header("X-XSRF-TOKEN", token)
              .POST(HttpRequest.BodyPublishers.ofString("{\"as\":\"COACH\"}")));
      Matcher clients = CLIENT.matcher(send(request("/api/today").GET()).body());
      paths.add("/api/today");
      while (clients.find()) {
        Stream.of("day", "week")
            .map(what -> "/api/clients/" + clients.group(1) + "/" + what)
            .forEach(paths::add);
      }
      if (paths.size() == 1) {
        throw new IllegalStateException("no clients at " + address + "; is it the demo?");
      }
    }

    List<String> paths() {
      return paths;
    }

    static String kind(String path) {
      return path.substring(path.lastIndexOf('/') + 1);
    }

    private HttpRequest.Builder request(String path) {
      return HttpRequest.newBuilder(URI.create(address + path)).timeout(PATIENCE);
    }

    private HttpResponse<String> send(HttpRequest.Builder request)
        throws IOException, InterruptedException {
      return http.send(request.build(), HttpResponse.BodyHandlers.ofString());
    }

    /** Nanoseconds until the answer was read; negative if it was none. */
    long read(String path) throws InterruptedException {
      long began = System.nanoTime();
      try {
        int status = send(request(path).GET()).statusCode();
        return status == 200 ? System.nanoTime() - began : -1;
      } catch (IOException e) {
        return -1;
      }
    }

    Times readFor(Duration length) throws InterruptedException {
      Times times = new Times();
      long end = System.nanoTime() + length.toNanos();
      for (int i = 0; System.nanoTime() < end; i++) {
        times.add(read(paths.get(i % paths.size())));
      }
      return times;
    }
  }

  /** How long answers took. */
  private static final class Times {
    private final List<Long> nanos = new ArrayList<>();
    private int failures;

    void add(long time) {
      if (time < 0) {
        failures++;
      } else {
        nanos.add(time);
      }
    }

    void addAll(Times others) {
      nanos.addAll(others.nanos);
      failures += others.failures;
    }

    int count() {
      return nanos.size();
    }

    int failures() {
      return failures;
    }

    private double millis(double share) {
      List<Long> sorted = nanos.stream().sorted().toList();
      return sorted.isEmpty()
          ? Double.NaN
          : sorted.get((int) Math.min(sorted.size() - 1L, (long) (sorted.size() * share))) / 1e6;
    }

    @Override
    public String toString() {
      return "median %.0f ms, 95 %% under %.0f ms".formatted(millis(0.5), millis(0.95));
    }
  }
}
