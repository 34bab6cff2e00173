package almanac.app.ground.web;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the server itself refuses, before any page of the program is asked. */
@RestController
@Hidden
class ErrorPage implements ErrorController {
  @RequestMapping("/error")
  ResponseEntity<ProblemDetail> error(HttpServletRequest request) {
    var status =
        request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE) instanceof Integer code
            ? HttpStatus.valueOf(code)
            : HttpStatus.NOT_FOUND;
    return ResponseEntity.status(status).body(Problems.refusedByServer(status));
  }
}
