package loosehip.app.frame;

import jakarta.servlet.http.HttpServletRequest;
import loosehip.app.golfer.Workups;
import loosehip.app.store.DiskFull;
import org.springframework.http.HttpStatus;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.multipart.MaxUploadSizeExceededException;

/** Turns what can go wrong into pages that say what happened and what to do. */
@ControllerAdvice
class Troubles {
  /** A file too large goes back to the page it came from, which says so. */
  @ExceptionHandler(MaxUploadSizeExceededException.class)
  String tooLarge(HttpServletRequest request) {
    String at = request.getRequestURI();
    return at.startsWith("/library/exercises")
        ? "redirect:/library/exercises?too-large#own"
        : at.startsWith("/cases") ? "redirect:/cases?too-large" : "redirect:/readings?too-large";
  }

  @ExceptionHandler(DiskFull.class)
  @ResponseStatus(HttpStatus.INSUFFICIENT_STORAGE)
  String diskFull() {
    return "error/full";
  }

  @ExceptionHandler(NotHere.class)
  @ResponseStatus(HttpStatus.NOT_FOUND)
  String notHere(NotHere trouble, Model model) {
    model.addAttribute("words", trouble.getMessage());
    return "error/404";
  }

  @ExceptionHandler(Workups.UnknownGolfer.class)
  @ResponseStatus(HttpStatus.NOT_FOUND)
  String unknownGolfer() {
    return "error/404";
  }
}
