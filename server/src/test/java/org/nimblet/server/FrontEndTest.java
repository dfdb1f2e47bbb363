package org.nimblet.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.nimblet.server.support.HttpCaller.Answer;
import org.nimblet.server.support.ServerExtension;
import org.nimblet.server.support.ServerExtension.RunningServer;

/**
 * The shipped front end: places by one page, named assets kept for a year, nothing from elsewhere.
 */
@ExtendWith(ServerExtension.class)
class FrontEndTest {

  @Test
  void placesAreAnsweredWithThePageAndNeverKept(RunningServer server) {
    for (String path : new String[] {"/", "/today", "/clients/x/hands", "/invitation/a-token"}) {
      Answer page = server.caller().get(path);
      assertThat(page.status()).as(path).isEqualTo(200);
      assertThat(page.body()).contains("<div id=\"app\">");
      assertThat(page.headers().firstValue("Cache-Control").orElse("")).contains("no-cache");
    }
  }

  /** All files of a build bear the same date, so browsers went on with the page of the last one. */
  @Test
  void whatIsKeptIsComparedByWhatItSays(RunningServer server) {
    for (String path : new String[] {"/", "/today", "/favicon.svg"}) {
      Answer page = server.caller().get(path);
      String tag = page.headers().firstValue("ETag").orElse("none");
      assertThat(server.caller().getIf(path, "If-None-Match", tag).status()).isEqualTo(304);
      assertThat(server.caller().getIf(path, "If-None-Match", "\"older\"").status()).isEqualTo(200);
      assertThat(
              server
                  .caller()
                  .getIf(path, "If-Modified-Since", "Fri, 31 Dec 2100 00:00:00 GMT")
                  .status())
          .as("by its date")
          .isEqualTo(200);
    }
  }

  @Test
  void thePageHasNoScriptInItAndLoadsNothingFromElsewhere(RunningServer server) {
    String page = server.caller().get("/").body();
    assertThat(page).doesNotContain("http://").doesNotContain("https://");
    Matcher scripts = Pattern.compile("<script[^>]*>(.*?)</script>", Pattern.DOTALL).matcher(page);
    while (scripts.find()) {
      assertThat(scripts.group(1)).isBlank();
    }
  }

  @Test
  void assetsAreKeptForAYearWithoutACookie(RunningServer server) {
    Matcher asset = Pattern.compile("/assets/[^\"]+\\.js").matcher(server.caller().get("/").body());
    assertThat(asset.find()).isTrue();
    Answer script = server.caller().get(asset.group());
    assertThat(script.status()).isEqualTo(200);
    assertThat(script.headers().firstValue("Cache-Control").orElse(""))
        .contains("max-age=31536000")
        .contains("immutable");
    assertThat(script.headers().firstValue("Set-Cookie")).isEmpty();
  }

  @Test
  void whatIsNoPlaceIsNotFound(RunningServer server) {
    for (String path : new String[] {"/assets/none.js", "/favicon.ico", "/../pom.xml"}) {
      assertThat(server.caller().get(path).status()).as(path).isIn(400, 404);
    }
    assertThat(server.caller().get("/actuator/env").status()).isIn(401, 403, 404);
    assertThat(server.caller().get("/actuator/health").status()).isEqualTo(200);
  }
}
