package loosehip.app.frame;

import loosehip.app.golfer.Benches;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.multipart.MaxUploadSizeExceededException;

/** Turns what can go wrong into pages that say what happened and what to do. */
@ControllerAdvice
class Troubles {
  @ExceptionHandler(MaxUploadSizeExceededException.class)
  String tooLarge() {
    return "redirect:/readings?too-large";
  }

  @ExceptionHandler(Benches.UnknownGolfer.class)
  @ResponseStatus(HttpStatus.NOT_FOUND)
  String unknownGolfer() {
    return "error/404";
  }
}
