package almanac.app.ground.web;

import almanac.app.ground.disk.DiskFaults;
import almanac.app.ground.refusals.BadEntry;
import almanac.app.ground.refusals.Busy;
import almanac.app.ground.refusals.Conflict;
import almanac.app.ground.refusals.InstrumentFault;
import almanac.app.ground.refusals.NotFound;
import almanac.app.ground.refusals.NotNow;
import almanac.app.ground.refusals.Paths;
import almanac.core.refusals.Refused;
import java.net.URI;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.TransientDataAccessException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.validation.FieldError;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MultipartException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.JacksonException;
import tools.jackson.core.exc.InputCoercionException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** Every error as problem details: a type, a sentence a grower understands, the fields at fault. */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {
  private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

  /** The states of SQL that say: it is there already, or it is gone, or something hangs on it. */
  private static final Set<String> WRITTEN_BY_OTHERS = Set.of("23505", "23503", "23506");

  /** One field at fault. */
  record Fault(String field, String sentence) {}

  @ExceptionHandler(Refused.class)
  ProblemDetail refused(Refused refused) {
    return entry(List.of(new Fault(Paths.of(refused.field()), refused.sentence())));
  }

  @ExceptionHandler(BadEntry.class)
  ProblemDetail badEntry(BadEntry bad) {
    return entry(List.of(new Fault(bad.path(), bad.sentence())));
  }

  @ExceptionHandler(NotFound.class)
  ProblemDetail notFound(NotFound notFound) {
    return problem(HttpStatus.NOT_FOUND, "not-found", "Not found", notFound.getMessage());
  }

  @ExceptionHandler(Conflict.class)
  ProblemDetail conflict(Conflict conflict) {
    return problem(HttpStatus.CONFLICT, "conflict", "Not done", conflict.getMessage());
  }

  @ExceptionHandler(InstrumentFault.class)
  ProblemDetail instrument(InstrumentFault fault) {
    return problem(
        HttpStatus.SERVICE_UNAVAILABLE, "instrument", "Instrument at fault", fault.getMessage());
  }

  @ExceptionHandler(MultipartException.class)
  ProblemDetail upload(MultipartException failure) {
    return entry(
        List.of(
            new Fault(
                "photo", "Send the photograph as a form with the part “photo”, up to 30 MB.")));
  }

  /** Only what is there twice or gone was written by somebody else; all else is a fault. */
  @ExceptionHandler(DataIntegrityViolationException.class)
  ProblemDetail integrity(DataIntegrityViolationException failure) {
    var state =
        failure.getMostSpecificCause() instanceof SQLException sql ? sql.getSQLState() : null;
    if (!WRITTEN_BY_OTHERS.contains(String.valueOf(state))) {
      return unforeseen(failure);
    }
    LOG.warn("Refused by the database", failure);
    return problem(
        HttpStatus.CONFLICT,
        "conflict",
        "Already changed",
        "This does not fit what is kept; something else may have been written first. Load the page again.");
  }

  /** Refused before it began, because it would not be kept; the same may be sent again. */
  @ExceptionHandler(NotNow.class)
  ProblemDetail notNow(NotNow refused) {
    return disk(refused.getMessage());
  }

  private static ProblemDetail disk(String said) {
    return problem(HttpStatus.SERVICE_UNAVAILABLE, "disk", "The disk does not keep it", said);
  }

  /** Nobody could be served in time; the same may be asked again. */
  @ExceptionHandler({
    Busy.class,
    CannotCreateTransactionException.class,
    DataAccessResourceFailureException.class,
    TransientDataAccessException.class
  })
  ResponseEntity<ProblemDetail> busy(RuntimeException failure) {
    if (DiskFaults.caused(failure)) {
      return ResponseEntity.status(HttpStatus.SERVICE_UNAVAILABLE).body(unforeseen(failure));
    }
    LOG.warn("Too busy: {}", failure.toString());
    var said =
        failure instanceof Busy
            ? String.valueOf(failure.getMessage())
            : "Too much is asked at once just now. Nothing was saved; ask again in a moment.";
    return ResponseEntity.status(HttpStatus.SERVICE_UNAVAILABLE)
        .header(HttpHeaders.RETRY_AFTER, "2")
        .body(problem(HttpStatus.SERVICE_UNAVAILABLE, "busy", "Busy", said));
  }

  /** A problem as it is written where nothing else writes it; no part of it needs escaping. */
  static String written(String type, String title, int status, String detail) {
    return "{\"type\":\"%s\",\"title\":\"%s\",\"status\":%d,\"detail\":\"%s\"}"
        .formatted(type, title, status, detail);
  }

  /** What is refused before any page of the program is asked. */
  static ProblemDetail refusedByServer(HttpStatus status) {
    return problem(
        status,
        "request",
        status.getReasonPhrase(),
        status.is5xxServerError()
            ? "Something went wrong inside the program; the log in the data folder says more."
            : "This request cannot be read or is not served here.");
  }

  @ExceptionHandler(InvalidParameterException.class)
  ProblemDetail undecodable(InvalidParameterException failure) {
    return problem(
        HttpStatus.BAD_REQUEST, "request", "Not readable", "The address cannot be read.");
  }

  @ExceptionHandler(MethodArgumentTypeMismatchException.class)
  ProblemDetail address(MethodArgumentTypeMismatchException mismatch) {
    return entry(
        List.of(
            new Fault(
                mismatch.getName(),
                mismatch.getValue() instanceof String text
                    ? "“%s” does not fit here.".formatted(text)
                    : "This does not fit here.")));
  }

  @ExceptionHandler(Exception.class)
  ProblemDetail unforeseen(Exception failure) {
    LOG.error("Unforeseen", failure);
    if (DiskFaults.caused(failure)) {
      return disk(
          "The disk with the collection failed while this was read or written. It is not sure to be kept: when the disk is back, look whether it is there before you enter it again.");
    }
    return problem(
        HttpStatus.INTERNAL_SERVER_ERROR,
        "fault",
        "A fault in the program",
        "Something went wrong inside the program. Nothing was saved; the log in the data folder says more.");
  }

  @Override
  protected ResponseEntity<Object> handleMethodArgumentNotValid(
      MethodArgumentNotValidException invalid,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    var faults =
        invalid.getBindingResult().getFieldErrors().stream()
            .map(error -> new Fault(sent(error.getField()), said(error)))
            .sorted(java.util.Comparator.comparing(Fault::field))
            .toList();
    return handleExceptionInternal(
        invalid, entry(faults), headers, HttpStatus.BAD_REQUEST, request);
  }

  /** What validation names by a key in brackets is sent as a field of that name. */
  private static String sent(String path) {
    return path.replaceAll("\\[([^\\]]*[^\\]\\d][^\\]]*)]", ".$1");
  }

  private static String said(FieldError error) {
    return String.valueOf(error.getDefaultMessage());
  }

  @Override
  protected ResponseEntity<Object> handleHttpMessageNotReadable(
      HttpMessageNotReadableException unreadable,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    return handleExceptionInternal(
        unreadable, unreadable(unreadable.getCause()), headers, HttpStatus.BAD_REQUEST, request);
  }

  /** What the framework itself refuses, such as an address that is not served. */
  @Override
  protected ResponseEntity<Object> createResponseEntity(
      @Nullable Object body, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
    if (body instanceof ProblemDetail problem && isUntyped(problem)) {
      problem.setType(URI.create("/problems/request"));
    }
    return super.createResponseEntity(body, headers, status, request);
  }

  private static boolean isUntyped(ProblemDetail problem) {
    return problem.getType() == null || problem.getType().toString().equals("about:blank");
  }

  private static ProblemDetail unreadable(Throwable cause) {
    if (cause instanceof UnrecognizedPropertyException unknown) {
      return entry(List.of(new Fault(path(unknown), "There is no field of this name.")));
    }
    if (cause instanceof MismatchedInputException mismatch && !mismatch.getPath().isEmpty()) {
      var type = mismatch.getTargetType();
      var sentence =
          type != null && type.isEnum()
              ? "This can be %s."
                  .formatted(
                      Arrays.stream(type.getEnumConstants())
                          .map(Object::toString)
                          .collect(Collectors.joining(", ")))
              : "This does not fit here; a %s is wanted."
                  .formatted(type == null ? "value" : kind(type));
      return entry(List.of(new Fault(path(mismatch), sentence)));
    }
    if (cause instanceof InputCoercionException large && !large.getPath().isEmpty()) {
      return entry(List.of(new Fault(path(large), "This number is not one that fits here.")));
    }
    if (cause instanceof JacksonException broken) {
      var where = broken.getLocation();
      return problem(
          HttpStatus.BAD_REQUEST,
          "unreadable",
          "Not readable",
          where == null
              ? "The request is not valid JSON."
              : "The request is not valid JSON: see line %d, column %d."
                  .formatted(where.getLineNr(), where.getColumnNr()));
    }
    return problem(
        HttpStatus.BAD_REQUEST, "unreadable", "Not readable", "The request has no readable body.");
  }

  private static String kind(Class<?> type) {
    if (Number.class.isAssignableFrom(type) || type.isPrimitive()) {
      return "number";
    }
    return java.time.temporal.Temporal.class.isAssignableFrom(type)
        ? "date such as 2026-05-16"
        : "text";
  }

  private static String path(JacksonException at) {
    return at.getPath().stream()
        .map(
            step ->
                step.getPropertyName() == null
                    ? "[" + step.getIndex() + "]"
                    : "." + step.getPropertyName())
        .collect(Collectors.joining())
        .replaceFirst("^\\.", "");
  }

  private static ProblemDetail entry(List<Fault> faults) {
    var sentence = faults.stream().map(Fault::sentence).distinct().collect(Collectors.joining(" "));
    var problem = problem(HttpStatus.BAD_REQUEST, "entry", "An entry cannot be right", sentence);
    problem.setProperty("faults", faults);
    return problem;
  }

  private static ProblemDetail problem(
      HttpStatus status, String type, String title, String detail) {
    var problem = ProblemDetail.forStatusAndDetail(status, detail);
    problem.setType(URI.create("/problems/" + type));
    problem.setTitle(title);
    return problem;
  }
}
