package undersaw.web.frame;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.Locale;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.userdetails.User;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.authentication.AnonymousAuthenticationFilter;
import org.springframework.security.web.authentication.SavedRequestAwareAuthenticationSuccessHandler;
import org.springframework.security.web.authentication.UsernamePasswordAuthenticationFilter;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import undersaw.store.People;

/** Who may see and do what; everything but the sign-in page needs a person. */
@Configuration
class SecurityRules {
    private static final String POLICY = "default-src 'none'; script-src 'self'; style-src 'self'; "
            + "img-src 'self' data:; font-src 'self'; connect-src 'self'; form-action 'self'; frame-ancestors 'none'; "
            + "base-uri 'none'";

    /** A session that nobody has signed in to ends after minutes; a person's lasts a working day. */
    private static final Duration SESSION = Duration.ofHours(8);

    /** Where a person wanted to go, and a session that lasts. */
    private static final class SignedIn extends SavedRequestAwareAuthenticationSuccessHandler {
        private final Duration session;

        SignedIn(Duration session) {
            this.session = session;
            setDefaultTargetUrl("/");
        }

        @Override
        public void onAuthenticationSuccess(
                HttpServletRequest request, HttpServletResponse response, Authentication authentication)
                throws ServletException, IOException {
            request.getSession().setMaxInactiveInterval((int) session.toSeconds());
            super.onAuthenticationSuccess(request, response, authentication);
        }
    }

    @Bean
    SecurityFilterChain chain(HttpSecurity http, People people, SignInBrake brake) throws Exception {
        http.authorizeHttpRequests(
                        requests -> requests.dispatcherTypeMatchers(DispatcherType.ERROR, DispatcherType.FORWARD)
                                .permitAll()
                                .requestMatchers(
                                        "/css/**",
                                        "/js/**",
                                        "/fonts/**",
                                        "/webjars/**",
                                        "/icon*.svg",
                                        "/favicon.ico",
                                        "/sign-in")
                                .permitAll()
                                .requestMatchers("/firm/**")
                                .hasRole("ADMINISTRATOR")
                                .anyRequest()
                                .authenticated())
                .formLogin(form -> form.loginPage("/sign-in")
                        .successHandler(new SignedIn(SESSION))
                        .permitAll())
                .addFilterBefore(new SignInGate(brake), UsernamePasswordAuthenticationFilter.class)
                .addFilterAfter(new StandingFilter(people), AnonymousAuthenticationFilter.class)
                .addFilterAfter(new OnceFilter(), AuthorizationFilter.class)
                .logout(out -> out.logoutUrl("/sign-out").logoutSuccessUrl("/sign-in?out"))
                .headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(POLICY))
                        .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.SAME_ORIGIN)));
        return http.build();
    }

    @Bean
    PasswordEncoder passwords() {
        return new BCryptPasswordEncoder();
    }

    @Bean
    UserDetailsService userDetails(People people) {
        return login -> people.find(login)
                .filter(People.Person::active)
                .map(person -> User.withUsername(person.login())
                        .password(person.password())
                        .roles(People.Role.valueOf(person.role().toUpperCase(Locale.ROOT))
                                .name())
                        .build())
                .orElseThrow(() -> new UsernameNotFoundException("nobody signs in as that"));
    }
}
