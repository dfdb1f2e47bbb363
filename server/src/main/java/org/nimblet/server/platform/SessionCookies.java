package org.nimblet.server.platform;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Duration;
import java.util.List;
import org.springframework.session.web.http.CookieSerializer;
import org.springframework.session.web.http.DefaultCookieSerializer;
import org.springframework.stereotype.Component;

/**
 * The cookie of a web session. Over an encrypted connection it is bound to this very host (RFC
 * 6265bis, {@code __Host-}); without one, as on one's own machine, a browser would not take it
 * then.
 */
@Component
class SessionCookies implements CookieSerializer {

  private final CookieSerializer encrypted;
  private final CookieSerializer plain;

  SessionCookies(NimbletSettings settings) {
    this.encrypted = cookie("__Host-nimblet", true, settings.account().sessionLasts());
    this.plain = cookie("nimblet", false, settings.account().sessionLasts());
  }

  private static CookieSerializer cookie(String name, boolean secure, Duration lasts) {
    DefaultCookieSerializer cookie = new DefaultCookieSerializer();
    cookie.setCookieName(name);
    cookie.setCookiePath("/");
    cookie.setUseSecureCookie(secure);
    cookie.setUseHttpOnlyCookie(true);
    cookie.setSameSite("Lax");
    cookie.setCookieMaxAge((int) lasts.toSeconds());
    return cookie;
  }

  private CookieSerializer of(HttpServletRequest request) {
    return request.isSecure() ? encrypted : plain;
  }

  @Override
  public void writeCookieValue(CookieValue cookie) {
    of(cookie.getRequest()).writeCookieValue(cookie);
  }

  @Override
  public List<String> readCookieValues(HttpServletRequest request) {
    return of(request).readCookieValues(request);
  }
}
