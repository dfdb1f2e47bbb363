package org.nimblet.server.library;

import jakarta.validation.Valid;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.LibraryWriter;
import org.nimblet.server.account.Scope;
import org.nimblet.server.library.LibraryForms.ImportForm;
import org.nimblet.server.library.LibraryForms.ImportView;
import org.nimblet.server.library.LibraryForms.RefusedView;
import org.nimblet.server.library.LibraryForms.TakenView;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** Own exercises as files, in and out. */
@RestController
@RequestMapping("/api/library")
class LibraryFilesController {

  private final Scope scope;
  private final OwnExerciseService own;
  private final JsonMapper json;

  LibraryFilesController(Scope scope, OwnExerciseService own, JsonMapper json) {
    this.scope = scope;
    this.own = own;
    this.json = json;
  }

  @PostMapping("/import")
  ImportView take(@Valid @RequestBody ImportForm form) {
    OwnExerciseService.Import done = own.take(scope.coachId(), form.text());
    return new ImportView(
        done.taken().stream()
            .map(t -> new TakenView(t.exercise().id(), t.exercise().title(), t.outcome()))
            .toList(),
        done.refused().stream()
            .map(problem -> new RefusedView(problem.entry(), problem.field(), problem.message()))
            .toList());
  }

  /** The own exercises in use as one file, YAML or JSON. */
  @GetMapping(value = "/own.yaml", produces = "application/yaml")
  ResponseEntity<String> exportYaml() {
    return download("exercises.yaml", LibraryWriter.yaml(own.own(scope.coachId())));
  }

  /** The same as JSON. */
  @GetMapping(value = "/own.json", produces = MediaType.APPLICATION_JSON_VALUE)
  ResponseEntity<String> exportJson() {
    return download(
        "exercises.json",
        json.writerWithDefaultPrettyPrinter()
            .writeValueAsString(
                own.own(scope.coachId()).stream().map(LibraryWriter::fields).toList()));
  }

  /** The published schema of such files. */
  @GetMapping(value = "/schema.json", produces = MediaType.APPLICATION_JSON_VALUE)
  ResponseEntity<String> schema() {
    try (InputStream in = ExerciseLibrary.class.getResourceAsStream("exercise-schema.json")) {
      return download(
          "exercise-schema.json", new String(in.readAllBytes(), StandardCharsets.UTF_8));
    } catch (IOException e) {
      throw new UncheckedIOException("the schema ships with the core", e);
    }
  }

  private static ResponseEntity<String> download(String name, String text) {
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename(name).build().toString())
        .body(text);
  }
}
