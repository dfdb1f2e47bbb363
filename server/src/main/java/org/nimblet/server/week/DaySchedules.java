package org.nimblet.server.week;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.schedule.AttachedPlace;
import org.nimblet.core.schedule.LearnedLength;
import org.nimblet.core.schedule.WarmUpPlacement;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.platform.NotFoundException;
import org.nimblet.server.week.DaySchedule.DayBlock;
import org.nimblet.server.week.DaySchedule.DayBusy;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads days: turns local times into moments and has the core place the warm-ups. */
@Service
public class DaySchedules {

  private final Blocks blocks;
  private final BusyTimes busyTimes;

  private final RoundLengths roundLengths;

  DaySchedules(Blocks blocks, BusyTimes busyTimes, RoundLengths roundLengths) {
    this.blocks = blocks;
    this.busyTimes = busyTimes;
    this.roundLengths = roundLengths;
  }

  /** One day of a client. */
  @Transactional(readOnly = true)
  public DaySchedule day(ClientFile client, LocalDate date) {
    return days(client, date, date).get(0);
  }

  /** Days of a client, first and last included. */
  @Transactional(readOnly = true)
  public List<DaySchedule> days(ClientFile client, LocalDate first, LocalDate last) {
    Map<LocalDate, List<Block>> blocksOf =
        blocks
            .findByClientIdAndDateBetweenOrderByDateAscStartsAtAscIdAsc(client.id(), first, last)
            .stream()
            .collect(Collectors.groupingBy(block -> block.date));
    Map<LocalDate, List<BusyTime>> busyOf =
        busyTimes
            .findByClientIdAndDateBetweenOrderByDateAscStartsAtAsc(client.id(), first, last)
            .stream()
            .collect(Collectors.groupingBy(busy -> busy.date));
    Map<UUID, List<Integer>> measured = measured(client);
    return first
        .datesUntil(last.plusDays(1))
        .map(
            date ->
                day(
                    client,
                    date,
                    blocksOf.getOrDefault(date, List.of()),
                    busyOf.getOrDefault(date, List.of()),
                    measured))
        .toList();
  }

  /** The rounds that were measured, by activity, the latest first. */
  private Map<UUID, List<Integer>> measured(ClientFile client) {
    return roundLengths.findTop200ByClientIdOrderByEndedAtDesc(client.id()).stream()
        .collect(
            Collectors.groupingBy(
                round -> round.activityId,
                Collectors.mapping(round -> round.minutes, Collectors.toList())));
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
    Map<LocalDate, DaySchedule> days = new TreeMap<>();
    for (LocalDate date : new TreeSet<>(List.of(block.date, to))) {
      List<Block> there =
          new ArrayList<>(
              blocks.findByClientIdAndDateBetweenOrderByDateAscStartsAtAscIdAsc(
                  client.id(), date, date));
      there.removeIf(other -> other.id.equals(blockId));
      if (date.equals(to)) {
        there.add(block.at(to, startsAt, endsAt));
        there.sort(Comparator.comparing((Block other) -> other.startsAt));
      }
      days.put(
          date,
          day(
              client,
              date,
              there,
              busyTimes.findByClientIdAndDateBetweenOrderByDateAscStartsAtAsc(
                  client.id(), date, date),
              measured(client)));
    }
    return days;
  }

  private static DaySchedule day(
      ClientFile client,
      LocalDate date,
      List<Block> blocks,
      List<BusyTime> busyTimes,
      Map<UUID, List<Integer>> measured) {
    ZoneId zone = client.zone();
    Instant wakes = moment(date, client.wakesAt(), zone);
    List<DayBusy> busy =
        busyTimes.stream()
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
              StoredParts.read(block.parts).stream()
                  .map(
                      part ->
                          part.learned(
                              LearnedLength.of(measured.getOrDefault(block.activityId, List.of()))))
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
