package org.nimblet.server.week;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.schedule.AttachedPlace;
import org.nimblet.core.schedule.LearnedLength;
import org.nimblet.core.schedule.WarmUpPlacement;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.Readings;
import org.nimblet.server.platform.NotFoundException;
import org.nimblet.server.week.DaySchedule.DayBlock;
import org.nimblet.server.week.DaySchedule.DayBusy;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads days: turns local times into moments and has the core place the warm-ups. */
@Service
public class DaySchedules {

  /** Rounds measured so long before a day are not learned from (ours). */
  private static final int DAYS_OF_ROUNDS = 366;

  private final Blocks blocks;
  private final DayEntries entries;
  private final Readings readings;

  DaySchedules(Blocks blocks, DayEntries entries, Readings readings) {
    this.blocks = blocks;
    this.entries = entries;
    this.readings = readings;
  }

  /** Days, first and last included, as they are kept. */
  private record Days(LocalDate first, LocalDate last) {}

  /** One day of a client. */
  public DaySchedule day(ClientFile client, LocalDate date) {
    return days(client, date, date).get(0);
  }

  /** Days of a client, first and last included. */
  public List<DaySchedule> days(ClientFile client, LocalDate first, LocalDate last) {
    return days(List.of(client), first, last).get(client.id());
  }

  /** Days of some clients, first and last included, by their identifiers. */
  public Map<UUID, List<DaySchedule>> days(
      Collection<ClientFile> clients, LocalDate first, LocalDate last) {
    return readings.of(clients, new Days(first, last), missing -> read(missing, first, last));
  }

  private Map<UUID, List<DaySchedule>> read(
      List<ClientFile> clients, LocalDate first, LocalDate last) {
    Map<UUID, Entered> entered = entered(clients, first, last);
    return clients.stream()
        .collect(
            Collectors.toMap(
                ClientFile::id,
                client ->
                    first
                        .datesUntil(last.plusDays(1))
                        .map(date -> day(client, date, entered.get(client.id())))
                        .toList()));
  }

  /**
   * What a client entered.
   *
   * @param rounds how long rounds lasted, by activity, the latest first
   */
  private record Entered(List<Block> blocks, List<BusyTime> busy, Map<UUID, List<Integer>> rounds) {

    static Entered of(List<DayEntry> entries) {
      return new Entered(
          only(entries, Block.class)
              .sorted(
                  Comparator.comparing((Block block) -> block.date)
                      .thenComparing(block -> block.startsAt)
                      .thenComparing(block -> block.id))
              .toList(),
          only(entries, BusyTime.class)
              .sorted(Comparator.comparing((BusyTime busy) -> busy.startsAt))
              .toList(),
          only(entries, RoundLength.class)
              .sorted(Comparator.comparing((RoundLength round) -> round.endedAt).reversed())
              .collect(
                  Collectors.groupingBy(
                      round -> round.activityId,
                      Collectors.mapping(round -> round.minutes, Collectors.toList()))));
    }

    private static <E extends DayEntry> Stream<E> only(List<DayEntry> entries, Class<E> type) {
      return entries.stream().filter(type::isInstance).map(type::cast);
    }

    /** The same with a block at another time. */
    Entered withMoved(Block moved) {
      List<Block> others = new ArrayList<>(blocks);
      others.removeIf(other -> other.id.equals(moved.id));
      others.add(moved);
      others.sort(Comparator.comparing((Block block) -> block.startsAt));
      return new Entered(others, busy, rounds);
    }
  }

  private Map<UUID, Entered> entered(
      Collection<ClientFile> clients, LocalDate first, LocalDate last) {
    LocalDate measuredSince = first.minusDays(DAYS_OF_ROUNDS);
    Map<UUID, List<DayEntry>> byClient =
        entries
            .of(clients.stream().map(ClientFile::id).toList(), first, last, measuredSince)
            .stream()
            .collect(Collectors.groupingBy(entry -> entry.clientId));
    return clients.stream()
        .collect(
            Collectors.toMap(
                ClientFile::id,
                client -> Entered.of(byClient.getOrDefault(client.id(), List.of()))));
  }

  /**
   * The day in which a block of the client lies.
   *
   * @throws NotFoundException if the client has no such block
   */
  @Transactional(readOnly = true)
  public DaySchedule dayOf(ClientFile client, UUID blockId) {
    Block block =
        blocks
            .findByIdAndClientId(blockId, client.id())
            .orElseThrow(() -> new NotFoundException("block"));
    return day(client, block.date);
  }

  /** A block as it lies in its day; empty if the client has no such block. */
  @Transactional(readOnly = true)
  public Optional<DayBlock> block(ClientFile client, UUID blockId) {
    return blocks
        .findByIdAndClientId(blockId, client.id())
        .flatMap(block -> day(client, block.date).block(blockId));
  }

  /**
   * The days of a block as they would be with the block at another time, perhaps on another date;
   * nothing is stored.
   *
   * @param toDate empty for its own
   * @return the day it leaves and the day it comes to, by date; one if they are the same
   * @throws NotFoundException if the client has no such block
   */
  @Transactional(readOnly = true)
  public Map<LocalDate, DaySchedule> moved(
      ClientFile client,
      UUID blockId,
      Optional<LocalDate> toDate,
      LocalTime startsAt,
      LocalTime endsAt) {
    Block block =
        blocks
            .findByIdAndClientId(blockId, client.id())
            .orElseThrow(() -> new NotFoundException("block"));
    LocalDate to = toDate.orElse(block.date);
    SortedSet<LocalDate> dates = new TreeSet<>(List.of(block.date, to));
    Entered entered =
        entered(List.of(client), dates.first(), dates.last())
            .get(client.id())
            .withMoved(block.at(to, startsAt, endsAt));
    return dates.stream()
        .collect(Collectors.toMap(date -> date, date -> day(client, date, entered)));
  }

  private static DaySchedule day(ClientFile client, LocalDate date, Entered entered) {
    ZoneId zone = client.zone();
    Instant wakes = moment(date, client.wakesAt(), zone);
    List<Block> blocks =
        entered.blocks().stream().filter(block -> block.date.equals(date)).toList();
    List<DayBusy> busy =
        entered.busy().stream()
            .filter(time -> time.date.equals(date))
            .map(
                time ->
                    new DayBusy(
                        time.id,
                        moment(date, time.startsAt, zone),
                        end(date, time.startsAt, time.endsAt, zone)))
            .toList();
    List<org.nimblet.core.schedule.Block> placed = new ArrayList<>();
    for (Block block : blocks) {
      placed.add(
          new org.nimblet.core.schedule.Block(
              block.id.toString(),
              moment(date, block.startsAt, zone),
              end(date, block.startsAt, block.endsAt, zone),
              hands(client, block),
              block.performance));
    }
    Map<String, AttachedPlace> places =
        WarmUpPlacement.place(
            wakes,
            placed,
            busy.stream().map(b -> new WarmUpPlacement.Busy(b.start(), b.end())).toList(),
            Duration.ofMinutes(client.warmUpMinutes()));
    List<DayBlock> dayBlocks = new ArrayList<>();
    for (int i = 0; i < blocks.size(); i++) {
      Block block = blocks.get(i);
      dayBlocks.add(
          new DayBlock(
              block.id,
              block.activityId,
              block.version,
              block.title,
              block.performance,
              block.seriesId != null,
              block.startsAt,
              block.endsAt,
              placed.get(i).start(),
              placed.get(i).end(),
              block.parts.stream()
                  .map(
                      part ->
                          part.learned(
                              LearnedLength.of(
                                  entered.rounds().getOrDefault(block.activityId, List.of()))))
                  .toList(),
              places.get(block.id.toString())));
    }
    return new DaySchedule(
        date, wakes, end(date, client.wakesAt(), client.sleepsAt(), zone), dayBlocks, busy);
  }

  private static Set<Side> hands(ClientFile client, Block block) {
    return client
        .activity(block.activityId)
        .map(ClientFile.ActivityFile::hands)
        .orElse(EnumSet.allOf(Side.class));
  }

  private static Instant moment(LocalDate date, LocalTime time, ZoneId zone) {
    return date.atTime(time).atZone(zone).toInstant();
  }

  /** An end that does not come after its start belongs to the next date. */
  private static Instant end(LocalDate date, LocalTime start, LocalTime end, ZoneId zone) {
    return moment(end.isAfter(start) ? date : date.plusDays(1), end, zone);
  }
}
