package undersaw.web.frame;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.beans.BeansException;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.servlet.ModelAndView;
import undersaw.web.desk.Refused;

/** Answers in words: to a change that was refused while it was being made, and to fields that no form of ours has. */
@ControllerAdvice
class Refusals {
    private final PageFrame frame;

    Refusals(PageFrame frame) {
        this.frame = frame;
    }

    @ExceptionHandler(Refused.class)
    ModelAndView refused(Refused refused, HttpServletRequest request) {
        return new Answers(request, frame.around(request)).refuse(refused.status(), refused.words());
    }

    /** Names such as {@code field[-1]}, which cannot be bound to anything. */
    @ExceptionHandler({BeansException.class, IndexOutOfBoundsException.class})
    ModelAndView unbound(Exception unbound, HttpServletRequest request) throws Exception {
        boolean ours = request.getParameterMap().keySet().stream().noneMatch(name -> name.matches(".*[\\[\\].].*"));
        if (ours) {
            throw unbound;
        }
        return new Answers(request, frame.around(request))
                .refuse(HttpStatus.BAD_REQUEST, "The request has fields that no page of Undersaw sends.");
    }
}
