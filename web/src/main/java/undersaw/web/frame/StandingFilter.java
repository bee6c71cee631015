package undersaw.web.frame;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.util.Optional;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;
import undersaw.store.People;
import undersaw.web.desk.Refused;

/**
 * Ends a session when the person's role, password or standing is no longer what it was at sign-in.
 *
 * <p>One short read a request; static files go by without it.
 */
final class StandingFilter extends OncePerRequestFilter {
    private static final String STANDING = "undersaw.standing";

    private final People people;

    StandingFilter(People people) {
        this.people = people;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        HttpSession session = request.getSession(false);
        if (who == null || !who.isAuthenticated() || session == null || who.getPrincipal() instanceof String) {
            chain.doFilter(request, response);
            return;
        }
        Optional<String> now = people.find(who.getName())
                .filter(People.Person::active)
                .map(person -> Refused.seen(person.role() + " " + person.password()));
        Object then = session.getAttribute(STANDING);
        if (now.isEmpty() || then != null && !then.equals(now.get())) {
            session.invalidate();
            SecurityContextHolder.clearContext();
            response.sendRedirect(request.getContextPath() + "/sign-in?ended");
            return;
        }
        if (then == null) {
            session.setAttribute(STANDING, now.get());
        }
        chain.doFilter(request, response);
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return request.getServletPath().matches("/(css|js|fonts|webjars)/.*|/favicon.ico|/icon.*|/sign-in");
    }
}
