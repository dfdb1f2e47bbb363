package org.nimblet.core.exercise;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;

/** Exercises found by the words that somebody calls them by. */
public final class ExerciseNames {

  /** Shorter beginnings of words could begin too many. */
  private static final int LEAST_BEGINNING = 4;

  private static final Set<String> SMALL_WORDS =
      Set.of(
          "the", "a", "an", "of", "on", "with", "and", "to", "in", "at", "into", "from", "for",
          "against", "by", "out", "it", "them", "your", "my");

  private static final Pattern BETWEEN_WORDS = Pattern.compile("[^\\p{L}]+");

  private final List<Exercise> exercises;
  private final List<Set<String>> titles;
  private final List<Set<String>> words;

  ExerciseNames(List<Exercise> exercises) {
    this.exercises = exercises;
    this.titles = exercises.stream().map(e -> words(e.title())).toList();
    this.words = new ArrayList<>();
    for (Exercise exercise : exercises) {
      Set<String> all = words(exercise.title());
      all.addAll(words(exercise.id()));
      words.add(all);
    }
  }

  /**
   * An exercise that a text names.
   *
   * @param rest the text without the name
   */
  public record Named(Exercise exercise, String rest) {}

  /**
   * What a text may name, the likeliest first: one whose title stands before a colon, then by how
   * many words of the text belong to the name, then by how much of the title they are.
   */
  public List<Named> in(String text) {
    List<Named> exact = titled(text);
    return exact.isEmpty() ? worded(text) : exact;
  }

  private List<Named> titled(String text) {
    List<Named> found = new ArrayList<>();
    for (Exercise exercise : exercises) {
      String title = exercise.title();
      int colon = title.length();
      if (text.startsWith(":", colon) && text.regionMatches(true, 0, title, 0, colon)) {
        found.add(new Named(exercise, text.substring(colon + 1).strip()));
      }
    }
    return found;
  }

  /** Some words of a text that follow each other, and what they name. */
  private record Window(int from, int until, int size, BitSet named) {}

  private List<Named> worded(String text) {
    String[] tokens = text.strip().split("\\s+");
    List<Window> windows = new ArrayList<>();
    for (int from = 0; from < tokens.length; from++) {
      BitSet named = new BitSet();
      named.set(0, exercises.size());
      int size = 0;
      for (int until = from; until < tokens.length; until++) {
        Set<String> own = words(tokens[until]);
        size += own.size();
        own.forEach(word -> named.and(having(word)));
        if (named.isEmpty()) {
          break;
        }
        if (!own.isEmpty() && size > 0 && !words(tokens[from]).isEmpty()) {
          windows.add(new Window(from, until + 1, size, (BitSet) named.clone()));
        }
      }
    }
    windows.sort(Comparator.comparingInt((Window w) -> -w.size()).thenComparingInt(Window::from));
    List<Named> found = new ArrayList<>();
    for (Window window : windows) {
      int from = window.from();
      while (from > 0 && isSmall(tokens[from - 1])) {
        from--;
      }
      int until = window.until();
      while (until < tokens.length && isSmall(tokens[until])) {
        until++;
      }
      List<String> rest = new ArrayList<>(Arrays.asList(tokens).subList(0, from));
      rest.addAll(Arrays.asList(tokens).subList(until, tokens.length));
      String left = String.join(" ", rest).replaceAll("^[:,]|[:,]$", "").strip();
      window.named().stream()
          .boxed()
          .sorted(
              Comparator.comparingInt((Integer i) -> titles.get(i).size())
                  .thenComparing(i -> exercises.get(i).id()))
          .forEach(i -> found.add(new Named(exercises.get(i), left)));
    }
    return found;
  }

  private static boolean isSmall(String token) {
    return SMALL_WORDS.contains(token.toLowerCase(Locale.ROOT));
  }

  /** Exercises that share words with a text, at most so many, those that share most first. */
  public List<Exercise> near(String text, int most) {
    int[] shared = new int[exercises.size()];
    for (String word : words(text)) {
      having(word).stream().forEach(i -> shared[i]++);
    }
    List<Integer> order = new ArrayList<>();
    for (int i = 0; i < shared.length; i++) {
      if (shared[i] > 0) {
        order.add(i);
      }
    }
    order.sort(
        Comparator.comparingInt((Integer i) -> -shared[i])
            .thenComparing(i -> titles.get(i).size())
            .thenComparing(i -> exercises.get(i).id()));
    return order.stream().limit(most).map(exercises::get).toList();
  }

  private BitSet having(String word) {
    BitSet found = new BitSet();
    for (int i = 0; i < words.size(); i++) {
      if (words.get(i).stream().anyMatch(own -> isMeant(word, own))) {
        found.set(i);
      }
    }
    return found;
  }

  /** The same word, its beginning, or another form of it. */
  private static boolean isMeant(String said, String word) {
    if (said.equals(word)) {
      return true;
    }
    String shorter = said.length() < word.length() ? said : word;
    String longer = said.length() < word.length() ? word : said;
    return shorter.length() >= LEAST_BEGINNING
        && longer.startsWith(shorter)
        && (said.equals(shorter) || longer.length() - shorter.length() <= 2);
  }

  /** The words of a name, small ones and figures left out. */
  private static Set<String> words(String text) {
    Set<String> words = new TreeSet<>();
    for (String word : BETWEEN_WORDS.split(text.toLowerCase(Locale.ROOT))) {
      if (word.length() > 1 && !SMALL_WORDS.contains(word)) {
        words.add(word);
      }
    }
    return words;
  }
}
