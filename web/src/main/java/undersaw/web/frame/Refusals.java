package undersaw.web.frame;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.ui.ExtendedModelMap;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.servlet.ModelAndView;
import undersaw.web.desk.Refused;

/** Answers with the words of a change that was refused while it was being made. */
@ControllerAdvice
class Refusals {
    @ExceptionHandler(Refused.class)
    ModelAndView refused(Refused refused, HttpServletRequest request) {
        return new Answers(request, new ExtendedModelMap()).refuse(refused.status(), refused.words());
    }
}
