package undersaw.web.frame;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.http.HttpStatus;
import org.springframework.ui.Model;
import org.springframework.web.servlet.ModelAndView;

/**
 * How one request wants to be answered: with a whole page, or only with what changed.
 *
 * @param request the request
 * @param model the model of the view
 */
public record Answers(HttpServletRequest request, Model model) {
    /** The header that script sends when it will put the changed parts in place itself. */
    public static final String HEADER = "X-Undersaw-Part";

    public boolean isPartial() {
        return request.getHeader(HEADER) != null;
    }

    /** A view with the model. */
    public ModelAndView view(String name) {
        return new ModelAndView(name, model.asMap());
    }

    /** A refusal in words: a message where script asked, a page of its own otherwise. */
    public ModelAndView refuse(HttpStatus status, String message) {
        model.addAttribute("message", message);
        model.addAttribute("back", request.getHeader("Referer"));
        ModelAndView refusal = view(isPartial() ? "fragments/refusal :: refusal" : "refused");
        refusal.setStatus(status);
        return refusal;
    }
}
