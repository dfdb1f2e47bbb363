package org.nimblet.server.platform;

import org.springframework.boot.web.server.context.WebServerInitializedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Where people find this program: as the settings say, and without them where it listens on this
 * machine. Never what a request says of it, which anybody may write.
 */
@Component
public class PublicAddress {

  private final String set;
  private volatile int port;

  PublicAddress(NimbletSettings settings) {
    this.set = settings.address().replaceFirst("/+$", "");
  }

  @EventListener
  void listening(WebServerInitializedEvent event) {
    port = event.getWebServer().getPort();
  }

  /** The address of a page, such as {@code /reset/…}. */
  public String of(String path) {
    return (set.isEmpty() ? "http://127.0.0.1:" + port : set) + path;
  }
}
