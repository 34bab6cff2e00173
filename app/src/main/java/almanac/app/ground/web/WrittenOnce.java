package almanac.app.ground.web;

import almanac.app.ground.refusals.BadEntry;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionStatus;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.servlet.HandlerExceptionResolver;
import org.springframework.web.util.ContentCachingResponseWrapper;
import org.springframework.web.util.WebUtils;

/**
 * A write that carries a key is one transaction from its first statement to its answer: both are
 * kept or neither, and the same request sent again is answered as before and not written again.
 */
@Component
@Order(3)
class WrittenOnce extends OncePerRequestFilter {
  /**
   * What exchanges the whole collection, and what bears a passphrase, of which nothing is kept in
   * the collection, not even a digest.
   */
  private static final List<String> NOT_WRITTEN_INTO_IT =
      List.of("/api/backups", "/api/package", "/api/network", "/api/entrance");

  static final String KEY = "Idempotency-Key";
  private static final String KEYS = "[!-~]{8,60}";

  private final Sent sent;
  private final Reckoning reckoning;
  private final TransactionTemplate transaction;
  private final HandlerExceptionResolver problems;

  WrittenOnce(
      Sent sent,
      Reckoning reckoning,
      PlatformTransactionManager transactions,
      @Qualifier("handlerExceptionResolver") HandlerExceptionResolver problems) {
    this.sent = sent;
    this.reckoning = reckoning;
    this.transaction = new TransactionTemplate(transactions);
    this.problems = problems;
  }

  /**
   * Photographs take their time; they bear their key with them. What exchanges the whole collection
   * cannot be a part of what is written into it; and nobody who writes waits for who reckons.
   */
  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return request.getHeader(KEY) == null
        || whole(request).isEmpty()
        || NOT_WRITTEN_INTO_IT.stream().anyMatch(request.getRequestURI()::startsWith)
        || reckoning.answers(request);
  }

  /** However others have wrapped it since. */
  private static Optional<WholeRequest> whole(HttpServletRequest request) {
    return Optional.ofNullable(WebUtils.getNativeRequest(request, WholeRequest.class));
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    var answer = new ContentCachingResponseWrapper(response);
    try {
      var key = request.getHeader(KEY);
      if (!key.matches(KEYS)) {
        throw new BadEntry(KEY, "A key has 8 to 60 letters, digits or signs, and no blanks.");
      }
      var said = digest(whole(request).orElseThrow());
      transaction.executeWithoutResult(status -> write(key, said, request, answer, chain, status));
    } catch (RuntimeException failure) {
      answer.reset();
      if (problems.resolveException(request, answer, null, failure) == null) {
        throw failure;
      }
    }
    answer.copyBodyToResponse();
  }

  private void write(
      String key,
      String said,
      HttpServletRequest request,
      ContentCachingResponseWrapper answer,
      FilterChain chain,
      TransactionStatus status) {
    try {
      var before = sent.answer(key, said);
      if (before.isPresent()) {
        answer.setStatus(before.get().status());
        if (!before.get().type().isEmpty()) {
          answer.setContentType(before.get().type());
        }
        answer.getOutputStream().write(before.get().body());
        return;
      }
      chain.doFilter(request, answer);
      if (answer.getStatus() >= HttpServletResponse.SC_BAD_REQUEST) {
        status.setRollbackOnly();
      } else {
        sent.keep(
            key,
            said,
            new Sent.Answer(
                answer.getStatus(),
                Objects.requireNonNullElse(answer.getContentType(), ""),
                answer.getContentAsByteArray()));
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (ServletException e) {
      throw new IllegalStateException(e);
    }
  }

  private static String digest(WholeRequest request) {
    try {
      var digest = MessageDigest.getInstance("SHA-256");
      digest.update(
          "%s %s?%s\n"
              .formatted(request.getMethod(), request.getRequestURI(), request.getQueryString())
              .getBytes(StandardCharsets.UTF_8));
      return HexFormat.of().formatHex(digest.digest(request.body()));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }
}
