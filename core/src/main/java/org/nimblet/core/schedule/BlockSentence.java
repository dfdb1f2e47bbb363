package org.nimblet.core.schedule;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.Month;
import java.time.format.DateTimeFormatter;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A block as people write it: "Mon Wed Fri 18-20:30 practice from 1 Dec", "tomorrow 9 for 90 min
 * desk work", "every second Thu 19:00 to 21:30 rehearsal until 31 Jan". Several days, or a day with
 * "every", a start, an end or a number of weeks, repeat; one day alone happens once.
 *
 * @param activityId which activity; empty for a busy time
 * @param title what it is called
 * @param performance whether it is before an audience
 * @param first the date of the first one
 * @param startsAt when it begins
 * @param endsAt when it ends, on the next date if not after the start
 * @param rule by which it repeats (RFC 5545, section 3.3.10); empty if it happens once
 * @param words what was understood, for people
 */
public record BlockSentence(
    Optional<String> activityId,
    String title,
    boolean performance,
    LocalDate first,
    LocalTime startsAt,
    LocalTime endsAt,
    Optional<String> rule,
    String words) {

  /** A sentence is no longer than this. */
  public static final int LONGEST = 200;

  /**
   * An activity that a sentence may name.
   *
   * @param instruments words for what is played or worked on in it, between commas
   */
  public record Named(String id, String title, ActivityKind kind, String instruments) {
    private boolean isOn(String name) {
      return Stream.of(instruments.split(",\\s*"))
          .filter(word -> !word.isBlank())
          .anyMatch(
              word -> Pattern.compile("\\b" + Pattern.quote(word) + "\\b").matcher(name).find());
    }
  }

  private static final String MONTHS = "jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec";
  private static final String DATE =
      "(?:(\\d{4})-(\\d{1,2})-(\\d{1,2})|(\\d{1,2})(?:st|nd|rd|th)?\\.?\\s+(?:of\\s+)?("
          + MONTHS
          + ")[a-z]*\\.?(?:,?\\s+(\\d{4}))?)";
  private static final Pattern UNTIL =
      Pattern.compile("\\b(?:until|till|through|up to)\\s+" + DATE + "\\b");
  private static final Pattern FROM =
      Pattern.compile("\\b(?:from|starting|beginning|since)\\s+(?:on\\s+)?" + DATE + "\\b");
  private static final Pattern ON = Pattern.compile("\\b(?:on\\s+)?" + DATE + "\\b");
  private static final Pattern NEAR_DAY = Pattern.compile("\\b(today|tomorrow)\\b");
  private static final String CLOCK = "(\\d{1,2})(?:[:.](\\d{2}))?\\s*(am|pm)?";
  private static final Pattern HOURS =
      Pattern.compile(
          "(?<![\\d:.])(?:\\b(?:from|at|between)\\s+)?"
              + CLOCK
              + "\\s*(?:-|to)\\s*"
              + CLOCK
              + "(?![\\d:.])");
  private static final Pattern LENGTH =
      Pattern.compile(
          "(?<![\\d:.])(?:\\bat\\s+)?"
              + CLOCK
              + "\\s+(?:for\\s+)?(\\d{1,3}(?:\\.5)?)\\s*(min|minutes|m|h|hour|hours)\\b");
  private static final Pattern LENGTH_ALONE =
      Pattern.compile(
          "(?<![\\d:.])(?:\\bfor\\s+)?(\\d{1,3}(?:\\.5)?)\\s*(min|minutes|m|h|hour|hours)\\b");
  private static final Pattern CLOCK_ALONE =
      Pattern.compile(
          "(?<![\\d:.])(?:\\b(?:at|from)\\s+)?(\\d{1,2})(?:[:.](\\d{2}))?\\s*(am|pm)?(?![\\d:.])");
  private static final Pattern WEEKS_LONG = Pattern.compile("\\bfor\\s+(\\d{1,2})\\s+weeks?\\b");
  private static final Pattern INTERVAL =
      Pattern.compile(
          "\\bevery\\s+(?:(\\d{1,2}|two|three|four)\\s+weeks?\\b(?:\\s+on\\b)?|(other|second|third|fourth)\\b(?:\\s+week\\b)?)");
  private static final String WEEKDAY =
      "(mon|tue|wed|thu|fri|sat|sun)(?:day|sday|nesday|rsday|urday|s|rs|r)?(s)?";
  private static final Pattern DAY_RANGE =
      Pattern.compile("\\b" + WEEKDAY + "\\s*(?:-|to)\\s*" + WEEKDAY + "\\b");
  private static final Pattern ONE_DAY = Pattern.compile("\\b" + WEEKDAY + "\\b");
  private static final Pattern EXCEPT =
      Pattern.compile(
          "\\b(?:except|but not|not on|not|without)\\s+(?:for\\s+|on\\s+)?("
              + WEEKDAY
              + "(?:(?:\\s*,\\s*|\\s+and\\s+|\\s+or\\s+|\\s+)"
              + WEEKDAY
              + ")*)\\b");
  private static final Pattern DAY_GROUP =
      Pattern.compile("\\b(daily|every day|weekdays|weekends|every weekday|every weekend)\\b");
  private static final Pattern EVERY_OTHER_DAY =
      Pattern.compile("\\bevery (?:other|second|2nd) day\\b");
  private static final Pattern REPEATS = Pattern.compile("\\b(every|each|weekly)\\b");
  private static final Pattern FILLING =
      Pattern.compile("\\b(on|at|and|from|every|each|weekly|the|a)\\b|[,;&/]");
  private static final Pattern AUDIENCE =
      Pattern.compile("\\b(performance|concert|show|gig|recital)\\b");

  /** Words that say when; left over, they were not understood and are nobody's title. */
  private static final Pattern LEFT_OVER =
      Pattern.compile(
          "\\b(?:until|till|through|except|not|without|next|last|other|second|third|between|before|after"
              + "|half|quarter|hours?|min|minutes?|weeks?|days?|months?|twice|times)\\b[^,;]*|\\d+[:.]\\d+",
          Pattern.CASE_INSENSITIVE);

  /** A time that is left over: a sentence says one block. */
  private static final Pattern SECOND_TIME =
      Pattern.compile(
          "(?<![\\d:.])(?:"
              + CLOCK
              + "\\s*(?:-|to)\\s*"
              + CLOCK
              + "|\\d{1,2}(?:[:.]\\d{2})?\\s*(?:am|pm))(?![\\d:.\\p{L}])",
          Pattern.CASE_INSENSITIVE);

  private static final Pattern BUSY = Pattern.compile("\\bbusy\\b");
  private static final DateTimeFormatter BASIC =
      DateTimeFormatter.ofPattern("uuuuMMdd", Locale.ROOT);
  private static final DateTimeFormatter LONG_DAY =
      DateTimeFormatter.ofPattern("EEE d MMM uuuu", Locale.ENGLISH);
  private static final DateTimeFormatter SHORT_DAY =
      DateTimeFormatter.ofPattern("EEE", Locale.ENGLISH);
  private static final int NOON = 12;
  private static final int HOURS_A_DAY = 24;
  private static final int MINUTES = 60;
  private static final int MOST_WEEKS = 12;

  /** What runs over midnight for longer is a slip of the pen (ours). */
  private static final int LONGEST_NIGHT_HOURS = 12;

  /**
   * Reads a sentence.
   *
   * @param today where the client is; days without a date are looked for from here on
   * @param activities what the client does, in their order
   * @throws IllegalArgumentException if it cannot be understood; the message says what is missing
   */
  public static BlockSentence read(String text, LocalDate today, List<Named> activities) {
    if (text.length() > LONGEST) {
      throw new IllegalArgumentException(
          "The sentence (%d characters) must not be longer than %d."
              .formatted(text.length(), LONGEST));
    }
    return new Reader(text, today, activities).read();
  }

  /** Takes piece after piece out of the sentence; what is left names the activity. */
  private static final class Reader {
    private final LocalDate today;
    private final List<Named> activities;
    private final StringBuilder original;
    private String rest;

    Reader(String text, LocalDate today, List<Named> activities) {
      String plain = SentenceSpelling.plain(text);
      this.original = new StringBuilder(plain);
      this.rest = plain.toLowerCase(Locale.ROOT);
      this.today = today;
      this.activities = activities;
    }

    BlockSentence read() {
      if (EVERY_OTHER_DAY.matcher(rest).find()) {
        throw new IllegalArgumentException(
            "“every other day” falls on other days each week; name them: Mon Wed Fri Sun.");
      }
      Optional<LocalDate> until = take(UNTIL).map(m -> date(m, today));
      Optional<LocalDate> from = take(FROM).map(m -> date(m, today));
      Optional<LocalDate> on = take(ON).map(m -> date(m, today));
      if (on.isEmpty()) {
        on = take(NEAR_DAY).map(m -> m.group(1).equals("today") ? today : today.plusDays(1));
      }
      Optional<Integer> weeks = take(WEEKS_LONG).map(m -> Integer.valueOf(m.group(1)));
      LocalTime[] hours = hours();
      Optional<Integer> interval = take(INTERVAL).map(Reader::interval);
      boolean repeats =
          interval.isPresent()
              || from.isPresent()
              || until.isPresent()
              || weeks.isPresent()
              || REPEATS.matcher(rest).find();
      Days days = days();
      repeats |= days.several() || days.days().size() > 1;
      if (days.days().isEmpty() && on.isEmpty() && from.isPresent() && until.isEmpty()) {
        on = from;
        repeats = interval.isPresent() || weeks.isPresent();
      }
      if (days.days().isEmpty() && on.isEmpty()) {
        throw new IllegalArgumentException(
            "Say which day: Mon, weekdays, tomorrow, or a date such as 1 Dec.");
      }
      LocalDate first = first(on.or(() -> from).orElse(today), days.days());
      Optional<LocalDate> last = until.or(() -> weeks.map(n -> first.plusWeeks(n).minusDays(1)));
      if (last.isPresent() && last.get().isBefore(first)) {
        throw new IllegalArgumentException(
            "The end (%s) lies before the first one (%s)."
                .formatted(LONG_DAY.format(last.get()), LONG_DAY.format(first)));
      }
      Set<DayOfWeek> byDay = days.days().isEmpty() ? EnumSet.of(first.getDayOfWeek()) : days.days();
      Optional<String> rule =
          repeats ? Optional.of(rule(byDay, interval.orElse(1), last)) : Optional.empty();
      return named(
          first, hours, rule, words(byDay, interval.orElse(1), first, last, hours, repeats));
    }

    private Optional<Matcher> take(Pattern pattern) {
      Matcher matcher = pattern.matcher(rest);
      if (!matcher.find()) {
        return Optional.empty();
      }
      String gap = " ".repeat(matcher.end() - matcher.start());
      original.replace(matcher.start(), matcher.end(), gap);
      rest = new StringBuilder(rest).replace(matcher.start(), matcher.end(), gap).toString();
      return Optional.of(matcher);
    }

    // ---- when

    private static LocalDate date(Matcher m, LocalDate today) {
      try {
        if (m.group(1) != null) {
          return LocalDate.of(
              Integer.parseInt(m.group(1)),
              Integer.parseInt(m.group(2)),
              Integer.parseInt(m.group(3)));
        }
        Month month = Month.of(MONTHS.indexOf(m.group(5)) / 4 + 1);
        int day = Integer.parseInt(m.group(4));
        if (m.group(6) != null) {
          return LocalDate.of(Integer.parseInt(m.group(6)), month, day);
        }
        LocalDate thisYear = LocalDate.of(today.getYear(), month, day);
        return thisYear.isBefore(today) ? LocalDate.of(today.getYear() + 1, month, day) : thisYear;
      } catch (java.time.DateTimeException e) {
        throw new IllegalArgumentException("“%s” is no date.".formatted(m.group().strip()), e);
      }
    }

    private LocalTime[] hours() {
      Optional<Matcher> length = take(LENGTH);
      if (length.isPresent()) {
        Matcher m = length.get();
        LocalTime start = clock(m.group(1), m.group(2), m.group(3));
        double number = Double.parseDouble(m.group(4));
        return lasting(start, number, m.group(5));
      }
      Optional<Matcher> range = take(HOURS);
      if (range.isEmpty()) {
        Optional<LocalTime[]> apart = startAndLength();
        if (apart.isPresent()) {
          return apart.get();
        }
      }
      Matcher m =
          range.orElseThrow(
              () ->
                  new IllegalArgumentException(
                      "Say from when to when: 18-20:30, 6 to 8pm, or 18:00 for 90 min."));
      LocalTime end = clock(m.group(4), m.group(5), m.group(6));
      LocalTime start = clock(m.group(1), m.group(2), m.group(3));
      if (m.group(3) == null && "pm".equals(m.group(6)) && start.getHour() < NOON) {
        LocalTime afternoon = start.plusHours(NOON);
        start = afternoon.isBefore(end) ? afternoon : start;
      }
      if (start.equals(end)) {
        throw new IllegalArgumentException(
            "The end (%s) must differ from the start.".formatted(end));
      }
      if (end.isBefore(start)
          && end.toSecondOfDay() != 0
          && Duration.between(end, start).toHours() < HOURS_A_DAY - LONGEST_NIGHT_HOURS) {
        throw new IllegalArgumentException(
            "The end (%s) lies before the start (%s); write the earlier one first."
                .formatted(end, start));
      }
      return new LocalTime[] {start, end};
    }

    private static LocalTime[] lasting(LocalTime start, double number, String unit) {
      long minutes = Math.round(unit.startsWith("h") ? number * MINUTES : number);
      if (minutes < 1 || minutes >= (long) HOURS_A_DAY * MINUTES) {
        throw new IllegalArgumentException(
            "The length (%d min) must be 1 min to less than a day.".formatted(minutes));
      }
      return new LocalTime[] {start, start.plusMinutes(minutes)};
    }

    /** "17:30 practice 45 min": a start and a length with something between them. */
    private Optional<LocalTime[]> startAndLength() {
      String before = rest;
      Optional<Matcher> length = take(LENGTH_ALONE);
      Optional<Matcher> clock = length.flatMap(m -> take(CLOCK_ALONE));
      if (clock.isEmpty()) {
        rest = before;
        return Optional.empty();
      }
      Matcher m = length.get();
      return Optional.of(
          lasting(
              clock(clock.get().group(1), clock.get().group(2), clock.get().group(3)),
              Double.parseDouble(m.group(1)),
              m.group(2)));
    }

    private static LocalTime clock(String hourText, String minuteText, String half) {
      int hour = Integer.parseInt(hourText);
      int minute = minuteText == null ? 0 : Integer.parseInt(minuteText);
      boolean twelve = half != null;
      if (minute >= MINUTES
          || hour > (twelve ? NOON : HOURS_A_DAY)
          || (hour == HOURS_A_DAY && minute > 0)
          || (twelve && hour == 0)) {
        throw new IllegalArgumentException(
            "“%s%s%s” is no time of the clock."
                .formatted(
                    hourText, minuteText == null ? "" : ":" + minuteText, twelve ? half : ""));
      }
      if (twelve) {
        hour = hour % NOON + (half.equals("pm") ? NOON : 0);
      }
      return LocalTime.of(hour % HOURS_A_DAY, minute);
    }

    private static int interval(Matcher m) {
      String word = m.group(1) == null ? m.group(2) : m.group(1);
      int weeks =
          switch (word) {
            case "two", "other", "second" -> 2;
            case "three", "third" -> 3;
            case "four", "fourth" -> 4;
            default -> Integer.parseInt(word);
          };
      if (weeks < 1 || weeks > MOST_WEEKS) {
        throw new IllegalArgumentException(
            "“every %d weeks” must be 1 to %d.".formatted(weeks, MOST_WEEKS));
      }
      return weeks;
    }

    private record Days(Set<DayOfWeek> days, boolean several) {}

    private Days days() {
      Set<DayOfWeek> days = EnumSet.noneOf(DayOfWeek.class);
      boolean several = false;
      Set<DayOfWeek> without = EnumSet.noneOf(DayOfWeek.class);
      take(EXCEPT)
          .ifPresent(
              m ->
                  ONE_DAY.matcher(m.group(1)).results().forEach(d -> without.add(day(d.group(1)))));
      Optional<Matcher> group = take(DAY_GROUP);
      if (group.isPresent()) {
        several = true;
        String word = group.get().group(1);
        days.addAll(
            word.contains("weekend")
                ? EnumSet.of(DayOfWeek.SATURDAY, DayOfWeek.SUNDAY)
                : word.contains("weekday")
                    ? EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY)
                    : EnumSet.allOf(DayOfWeek.class));
      }
      for (Optional<Matcher> m = take(DAY_RANGE); m.isPresent(); m = take(DAY_RANGE)) {
        DayOfWeek to = day(m.get().group(3));
        for (DayOfWeek day = day(m.get().group(1)); day != to; day = day.plus(1)) {
          days.add(day);
        }
        days.add(to);
      }
      for (Optional<Matcher> m = take(ONE_DAY); m.isPresent(); m = take(ONE_DAY)) {
        days.add(day(m.get().group(1)));
        several |= m.get().group(2) != null;
      }
      if (!without.isEmpty() && !days.removeAll(without)) {
        throw new IllegalArgumentException(
            "The exception takes nothing away; say of which days: daily except Sunday.");
      }
      return new Days(days, several);
    }

    private static DayOfWeek day(String three) {
      for (DayOfWeek day : DayOfWeek.values()) {
        if (day.name().toLowerCase(Locale.ROOT).startsWith(three)) {
          return day;
        }
      }
      throw new IllegalArgumentException("“%s” is no day of the week.".formatted(three));
    }

    private static LocalDate first(LocalDate from, Set<DayOfWeek> days) {
      return days.stream()
          .map(day -> from.with(TemporalAdjusters.nextOrSame(day)))
          .min(LocalDate::compareTo)
          .orElse(from);
    }

    private static String rule(Set<DayOfWeek> days, int interval, Optional<LocalDate> last) {
      return "FREQ=WEEKLY"
          + (interval > 1 ? ";INTERVAL=" + interval : "")
          + ";BYDAY="
          + days.stream().map(day -> day.name().substring(0, 2)).collect(Collectors.joining(","))
          + last.map(date -> ";UNTIL=" + BASIC.format(date)).orElse("");
    }

    private static String words(
        Set<DayOfWeek> days,
        int interval,
        LocalDate first,
        Optional<LocalDate> last,
        LocalTime[] hours,
        boolean repeats) {
      String times = "%s–%s".formatted(hours[0], hours[1]);
      if (!repeats) {
        return "%s, %s".formatted(LONG_DAY.format(first), times);
      }
      List<String> names = new ArrayList<>();
      days.forEach(day -> names.add(SHORT_DAY.format(day)));
      String every =
          days.size() == DayOfWeek.values().length
              ? "every day"
              : String.join(", ", names).replaceFirst(", ([^,]+)$", " and $1");
      return "%s%s, %s, from %s%s"
          .formatted(
              every,
              interval > 1 ? " every %d weeks".formatted(interval) : "",
              times,
              LONG_DAY.format(first),
              last.map(date -> " until " + LONG_DAY.format(date)).orElse(""));
    }

    // ---- what

    private BlockSentence named(
        LocalDate first, LocalTime[] hours, Optional<String> rule, String when) {
      String name = name();
      String untitled = name;
      for (Named activity : activities) {
        untitled = untitled.replaceAll("(?i)" + Pattern.quote(activity.title()), " ");
      }
      Matcher second = SECOND_TIME.matcher(untitled);
      if (second.find()) {
        throw new IllegalArgumentException(
            "“%s” is a second time; write one block after the other."
                .formatted(second.group().strip()));
      }
      Matcher left = LEFT_OVER.matcher(untitled);
      if (left.find()) {
        throw new IllegalArgumentException(
            "“%s” was not understood; write days, dates and times such as Mon Wed, 1 Dec, 18-20:30."
                .formatted(left.group().strip()));
      }
      String lower = name.toLowerCase(Locale.ROOT);
      if (BUSY.matcher(lower).find()) {
        return new BlockSentence(
            Optional.empty(), "Busy", false, first, hours[0], hours[1], rule, "Busy, " + when);
      }
      boolean audience = AUDIENCE.matcher(lower).find();
      Named activity = activity(lower, audience);
      String title = name.isEmpty() ? activity.title() : capital(name);
      if (title.equalsIgnoreCase(activity.title())) {
        title = activity.title();
      }
      boolean performance = audience || activity.kind() == ActivityKind.PERFORMANCE;
      String what =
          title.equals(activity.title()) ? title : "%s (%s)".formatted(title, activity.title());
      return new BlockSentence(
          Optional.of(activity.id()),
          title,
          performance,
          first,
          hours[0],
          hours[1],
          rule,
          what + (performance ? " before an audience, " : ", ") + when);
    }

    /** What nothing else was made of, as it was written. */
    private String name() {
      boolean more = true;
      while (more) {
        more = take(FILLING).isPresent();
      }
      return original
          .toString()
          .replaceAll("[^\\p{L}\\p{N}')]+$", "")
          .strip()
          .replaceAll("\\s+", " ");
    }

    private Named activity(String name, boolean audience) {
      return activities.stream()
          .filter(activity -> name.contains(activity.title().toLowerCase(Locale.ROOT)))
          .findFirst()
          .or(() -> activities.stream().filter(a -> name.contains(words(a.kind()))).findFirst())
          .or(() -> activities.stream().filter(a -> !audience && a.isOn(name)).findFirst())
          .or(
              () ->
                  activities.stream()
                      .filter(a -> audience && a.kind() == ActivityKind.PERFORMANCE)
                      .findFirst())
          .or(
              () ->
                  activities.stream()
                      .filter(a -> activities.size() == 1 && (audience || name.isEmpty()))
                      .findFirst())
          .orElseThrow(
              () ->
                  new IllegalArgumentException(
                      (name.isEmpty() ? "Say what it is: " : "“%s” is none of: ".formatted(name))
                          + activities.stream().map(Named::title).collect(Collectors.joining(", "))
                          + (activities.isEmpty() ? "busy." : ", or busy.")));
    }

    private static String words(ActivityKind kind) {
      return kind.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    private static String capital(String words) {
      return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }
  }
}
