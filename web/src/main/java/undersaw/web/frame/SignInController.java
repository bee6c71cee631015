package undersaw.web.frame;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** The sign-in page; the sign-in itself is Spring Security's. */
@Controller
class SignInController {
    @GetMapping("/sign-in")
    String page() {
        return "sign-in";
    }
}
