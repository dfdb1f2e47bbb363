package org.nimblet.server.calendar;

import java.time.DateTimeException;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.zone.ZoneRules;
import java.util.HashMap;
import java.util.Map;
import java.util.function.Consumer;
import net.fortuna.ical4j.model.TimeZone;
import net.fortuna.ical4j.model.TimeZoneRegistry;
import net.fortuna.ical4j.model.TimeZoneRegistryImpl;

/** Zones that nobody knows are taken for the client's own, and noted. */
final class ForgivingZones implements TimeZoneRegistry {
  private final TimeZoneRegistry known = new TimeZoneRegistryImpl();
  private final ZoneId own;
  private final Consumer<String> note;

  /** Every event asks again for the few zones of a file. */
  private final Map<String, ZoneId> found = new HashMap<>();

  /**
   * Zones for a text.
   *
   * @param own where the client is
   * @param note hears of every zone that nobody knows
   */
  ForgivingZones(ZoneId own, Consumer<String> note) {
    this.own = own;
    this.note = note;
  }

  @Override
  public void register(TimeZone timeZone) {
    known.register(timeZone);
    found.clear();
  }

  @Override
  public void register(TimeZone timeZone, boolean update) {
    known.register(timeZone, update);
    found.clear();
  }

  @Override
  public void clear() {
    known.clear();
    found.clear();
  }

  @Override
  public TimeZone getTimeZone(String id) {
    return known.getTimeZone(id);
  }

  /** Never empty: where there are no rules ical4j asks nobody for a zone. */
  @Override
  public Map<String, ZoneRules> getZoneRules() {
    Map<String, ZoneRules> rules = new HashMap<>(known.getZoneRules());
    rules.put("", ZoneOffset.UTC.getRules());
    return rules;
  }

  @Override
  public ZoneId getZoneId(String id) {
    return found.computeIfAbsent(id, this::find);
  }

  private ZoneId find(String id) {
    try {
      return known.getZoneId(id);
    } catch (DateTimeException notInTheFile) {
      return global(id);
    }
  }

  private ZoneId global(String id) {
    try {
      return TimeZoneRegistry.getGlobalZoneId(id);
    } catch (DateTimeException e) {
      note.accept(
          "Nobody knows the time zone “%s”; its times are read as times in %s.".formatted(id, own));
      return own;
    }
  }

  @Override
  public String getTzId(String zoneId) {
    return known.getTzId(zoneId);
  }
}
