package undersaw.web.frame;

import jakarta.servlet.http.HttpServletRequest;
import java.security.Principal;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.ui.ExtendedModelMap;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;
import undersaw.store.People;

/** What every page shows: the person, the firm and the protection token. */
@ControllerAdvice
class PageFrame {
    private final People people;
    private final String firm;

    PageFrame(People people, @Value("${undersaw.firm}") String firm) {
        this.people = people;
        this.firm = firm;
    }

    /** The same for a page that answers a request that failed on its way. */
    Model around(HttpServletRequest request) {
        Principal principal = request.getUserPrincipal();
        return new ExtendedModelMap()
                .addAttribute("person", person(principal))
                .addAttribute("role", role(principal))
                .addAttribute("firm", firm)
                .addAttribute("csrfToken", token((CsrfToken) request.getAttribute(CsrfToken.class.getName())));
    }

    @ModelAttribute("person")
    @Nullable
    String person(@Nullable Principal principal) {
        return principal == null
                ? null
                : people.find(principal.getName()).map(People.Person::name).orElse(principal.getName());
    }

    @ModelAttribute("role")
    @Nullable
    String role(@Nullable Principal principal) {
        return principal == null
                ? null
                : people.find(principal.getName()).map(People.Person::role).orElse("");
    }

    @ModelAttribute("firm")
    String firm() {
        return firm;
    }

    /** Asked for early, so that a long page does not begin before its session. */
    @ModelAttribute("csrfToken")
    @Nullable
    String token(@Nullable CsrfToken token) {
        return token == null ? null : token.getToken();
    }
}
