package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.exercise.Thing;

/**
 * A moment as people say it: "I have four minutes, standing, no things, between two games". What is
 * not said stays as it is with the person.
 *
 * @param purpose what it is for; a break where it is short and nothing else is said, else recovery
 * @param minutes how long
 * @param positions in which it can be done; empty where nothing is said
 * @param emptyHanded whether nothing is at hand
 * @param theme what is had in mind, if anything
 */
public record SaidMoment(
    Purpose purpose,
    int minutes,
    Set<Position> positions,
    boolean emptyHanded,
    Optional<Theme> theme) {

  /** What is said is no longer than this. */
  public static final int LONGEST = 200;

  private static final int LEAST_MINUTES = RoutineRequest.LEAST_SECONDS / 60;
  private static final int GREATEST_MINUTES = RoutineRequest.GREATEST_SECONDS / 60;

  /** So long a moment without a purpose is a break (ours). */
  private static final int LONGEST_BREAK_MINUTES = 5;

  private static final List<String> NUMBERS =
      List.of(
          "zero",
          "one",
          "two",
          "three",
          "four",
          "five",
          "six",
          "seven",
          "eight",
          "nine",
          "ten",
          "eleven",
          "twelve",
          "thirteen",
          "fourteen",
          "fifteen",
          "sixteen",
          "seventeen",
          "eighteen",
          "nineteen",
          "twenty");

  private static final Pattern MINUTES =
      Pattern.compile(
          "(?:(\\d{1,3})|("
              + String.join("|", NUMBERS)
              + ")|(half an hour)|(a quarter of an hour|quarter of an hour|a quarter hour)|(a minute)|(a couple of))"
              + "\\s*[-]?(?:minutes?|mins?|m|')?\\b");

  private static final Map<Pattern, Set<Position>> PLACES = places();
  private static final Map<Pattern, Purpose> PURPOSES = purposes();

  private static final Pattern EMPTY_HANDED =
      Pattern.compile(
          "\\b(?:no|without(?: any)?|nothing|empty)[- ](?:things?|equipment|tools?|gear|hand(?:ed|s)?|at hand|with me|else)\\b"
              + "|\\bempty[- ]handed\\b|\\bnothing\\b");

  /** Words that carry nothing by themselves. */
  private static final Set<String> CARRYING =
      Set.of(
          ("i have got i've we've only just about some there are is a an the my your for with at in on of to and or but so please"
                  + " now then here left free something time do can could want would like need quick quickly short bit little"
                  + " minutes minute min mins spare between two games game rounds sets pieces calls meetings waiting wait"
                  + " hand hands finger fingers work it me up while before next")
              .split(" "));

  /** Copies the set. */
  public SaidMoment {
    positions = Set.copyOf(positions);
    if (minutes < LEAST_MINUTES || minutes > GREATEST_MINUTES) {
      throw new IllegalArgumentException(
          "“%d min” must be %d to %d min.".formatted(minutes, LEAST_MINUTES, GREATEST_MINUTES));
    }
  }

  /** Reads what is said, with the themes that ship. */
  public static SaidMoment read(String text) {
    return read(text, Theme.shipped());
  }

  /**
   * Reads what is said.
   *
   * @param themes what can be had in mind; of two that fit alike the first
   * @throws IllegalArgumentException if it says no minutes, or something that is not understood;
   *     the message names the piece and says what would be
   */
  public static SaidMoment read(String text, List<Theme> themes) {
    if (text.length() > LONGEST) {
      throw new IllegalArgumentException(
          "That is %d characters long; say it in %d.".formatted(text.length(), LONGEST));
    }
    Reader reader = new Reader(text.toLowerCase(Locale.ROOT).replace('’', '\''), themes);
    int minutes = reader.minutes();
    boolean emptyHanded = reader.take(EMPTY_HANDED);
    Set<Position> positions = EnumSet.noneOf(Position.class);
    PLACES.forEach(
        (pattern, places) -> {
          if (reader.take(pattern)) {
            positions.addAll(places);
          }
        });
    Optional<Purpose> purpose =
        PURPOSES.entrySet().stream()
            .filter(entry -> reader.take(entry.getKey()))
            .map(Map.Entry::getValue)
            .findFirst();
    Optional<Theme> theme = reader.theme();
    reader.refuseTheRest();
    return new SaidMoment(
        purpose.orElse(minutes <= LONGEST_BREAK_MINUTES ? Purpose.BREAK : Purpose.RECOVERY),
        minutes,
        positions,
        emptyHanded,
        theme);
  }

  /** What was understood, as a line. */
  public String words() {
    List<String> words = new ArrayList<>();
    words.add("%s of %d min".formatted(purpose.word(), minutes));
    if (!positions.isEmpty()) {
      words.add(
          positions.stream().sorted().map(Position::word).collect(Collectors.joining(" or ")));
    }
    if (emptyHanded) {
      words.add("without things");
    }
    theme.ifPresent(t -> words.add(t.title().toLowerCase(Locale.ROOT) + " first"));
    return String.join(", ", words);
  }

  /**
   * A request as it is in this moment.
   *
   * @throws IllegalArgumentException if the person cannot be in such a position
   */
  public RoutineRequest in(RoutineRequest request) {
    ClientFacts facts = request.facts();
    Set<Position> possible = facts.positions();
    if (!positions.isEmpty()) {
      possible = EnumSet.copyOf(positions);
      possible.retainAll(facts.positions());
      if (possible.isEmpty()) {
        throw new IllegalArgumentException(
            "“%s” is none of the positions that are possible: %s."
                .formatted(
                    positions.stream()
                        .sorted()
                        .map(Position::word)
                        .collect(Collectors.joining(" or ")),
                    facts.positions().stream()
                        .sorted()
                        .map(Position::word)
                        .collect(Collectors.joining(", "))));
      }
    }
    RoutineRequest here = request.withFacts(facts.at(possible, thingsOf(facts)));
    return theme.map(here::withTheme).orElse(here);
  }

  private Set<Thing> thingsOf(ClientFacts facts) {
    return emptyHanded
        ? facts.things().stream().filter(Thing::partOfTheBody).collect(Collectors.toSet())
        : facts.things();
  }

  private static Map<Pattern, Set<Position>> places() {
    Map<Pattern, Set<Position>> places = new LinkedHashMap<>();
    places.put(Pattern.compile("\\b(?:at|on) (?:the|a|my) wall\\b"), EnumSet.of(Position.WALL));
    places.put(
        Pattern.compile("\\b(?:standing(?: up)?|on my feet|stood)\\b"), EnumSet.of(Position.STAND));
    places.put(
        Pattern.compile("\\b(?:lying(?: down)?|on the (?:floor|mat)|floor)\\b"),
        EnumSet.of(Position.FLOOR));
    places.put(
        Pattern.compile("\\bat (?:the|a|my) (?:table|desk)\\b"),
        EnumSet.of(Position.TABLE, Position.SIT));
    places.put(
        Pattern.compile("\\bat (?:the|my) (?:instrument|piano|harp|keyboard|device)\\b"),
        EnumSet.of(Position.AT_INSTRUMENT));
    places.put(
        Pattern.compile("\\b(?:sitting(?: down)?|seated|on a chair|in my chair)\\b"),
        EnumSet.of(Position.SIT));
    return places;
  }

  private static Map<Pattern, Purpose> purposes() {
    String play =
        "(?:playing|the match|a match|the concert|a concert|practice|the game|i play|work)";
    Map<Pattern, Purpose> purposes = new LinkedHashMap<>();
    purposes.put(
        Pattern.compile("\\b(?:warm(?:ing)?[- ]?up|before " + play + ")\\b"), Purpose.WARM_UP);
    purposes.put(
        Pattern.compile("\\b(?:cool(?:ing)?[- ]?down|after " + play + ")\\b"), Purpose.COOL_DOWN);
    purposes.put(
        Pattern.compile(
            "\\b(?:between [a-z ]*\\b(?:games|rounds|sets|pieces|calls|meetings)|a? ?break|pause)\\b"),
        Purpose.BREAK);
    purposes.put(
        Pattern.compile("\\b(?:strength(?:en)?|strengthening|stronger)\\b"), Purpose.STRENGTH);
    purposes.put(
        Pattern.compile("\\b(?:independence|independent|patterns)\\b"), Purpose.INDEPENDENCE);
    purposes.put(Pattern.compile("\\b(?:reach|wider|span)\\b"), Purpose.REACH);
    purposes.put(
        Pattern.compile("\\b(?:recover(?:y)?|stretch(?:ing|es)?|relax|tired|sore|loosen)\\b"),
        Purpose.RECOVERY);
    return purposes;
  }

  /** Takes piece after piece; what is left over was not understood. */
  private static final class Reader {
    private final List<Theme> themes;
    private String rest;

    Reader(String text, List<Theme> themes) {
      this.rest = text;
      this.themes = themes;
    }

    int minutes() {
      Matcher matcher = MINUTES.matcher(rest);
      while (matcher.find()) {
        boolean onlyANumber =
            matcher.group(2) != null && !matcher.group().matches(".*(?:min|m\\b|')\\S*$");
        if (onlyANumber) {
          continue;
        }
        rest = rest.substring(0, matcher.start()) + " " + rest.substring(matcher.end());
        if (matcher.group(1) != null) {
          return Integer.parseInt(matcher.group(1));
        }
        if (matcher.group(2) != null) {
          return NUMBERS.indexOf(matcher.group(2));
        }
        return matcher.group(3) != null
            ? 30
            : matcher.group(4) != null ? 15 : matcher.group(5) != null ? 1 : 2;
      }
      throw new IllegalArgumentException("Say how long: four minutes, or 10 min.");
    }

    boolean take(Pattern pattern) {
      Matcher matcher = pattern.matcher(rest);
      if (!matcher.find()) {
        return false;
      }
      rest = rest.substring(0, matcher.start()) + " " + rest.substring(matcher.end());
      return true;
    }

    /** The theme whose title has the longest word that was said. */
    Optional<Theme> theme() {
      return themes.stream()
          .filter(theme -> word(theme).isPresent())
          .max(Comparator.comparing(theme -> word(theme).orElseThrow().length()))
          .map(
              theme -> {
                for (String word : titleWords(theme)) {
                  take(Pattern.compile("\\b" + Pattern.quote(word) + "s?\\b"));
                }
                return theme;
              });
    }

    private Optional<String> word(Theme theme) {
      return titleWords(theme).stream()
          .filter(
              word -> Pattern.compile("\\b" + Pattern.quote(word) + "s?\\b").matcher(rest).find())
          .max(Comparator.comparing(String::length));
    }

    private static List<String> titleWords(Theme theme) {
      return Pattern.compile("[^\\p{L}]+")
          .splitAsStream(theme.title().toLowerCase(Locale.ROOT))
          .filter(word -> word.length() > 2 && !CARRYING.contains(word))
          .map(word -> word.replaceAll("s$", ""))
          .toList();
    }

    void refuseTheRest() {
      String left =
          Pattern.compile("[^\\p{L}\\p{N}']+")
              .splitAsStream(rest)
              .filter(word -> !word.isBlank() && !CARRYING.contains(word))
              .collect(Collectors.joining(" "));
      if (!left.isEmpty()) {
        throw new IllegalArgumentException(
            "“%s” was not understood. Say minutes, where (standing, seated, on the floor), “no things”, what for (between games, after playing) or a theme such as %s."
                .formatted(
                    left,
                    themes.stream()
                        .limit(3)
                        .map(theme -> theme.title().toLowerCase(Locale.ROOT))
                        .collect(Collectors.joining(", "))));
      }
    }
  }
}
