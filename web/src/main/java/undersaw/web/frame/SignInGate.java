package undersaw.web.frame;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.web.filter.OncePerRequestFilter;

/** Turns away tries to sign in while their person or address is held, before a password is looked at. */
final class SignInGate extends OncePerRequestFilter {
    private final SignInBrake brake;

    SignInGate(SignInBrake brake) {
        this.brake = brake;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String login = request.getParameter("username");
        if (brake.isHeld(login == null ? "" : login, request.getRemoteAddr())) {
            response.sendRedirect(request.getContextPath() + "/sign-in?held");
            return;
        }
        chain.doFilter(request, response);
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !request.getMethod().equals("POST") || !request.getServletPath().equals("/sign-in");
    }
}
