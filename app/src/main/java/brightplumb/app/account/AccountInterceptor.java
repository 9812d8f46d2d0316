package brightplumb.app.account;

import brightplumb.app.door.ResponseBodyFilter;
import brightplumb.app.problems.NotSignedIn;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.core.Ordered;
import org.springframework.security.core.Authentication;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Answers a page for the account alone that it was opened by. Somebody else may have signed in meanwhile in another
 * page of the same browser: what the first page sends would then be done in their name.
 */
@Component
class AccountInterceptor implements HandlerInterceptor, WebMvcConfigurer {

    private static final String ACCOUNT = "Plumb-Account";

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        // The page itself needs no account, and is there when the database is away.
        registry.addInterceptor(this).addPathPatterns("/api/**").order(Ordered.HIGHEST_PRECEDENCE);
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        if (request.getUserPrincipal() instanceof Authentication who && who.getPrincipal() instanceof Member member) {
            ResponseBodyFilter.isFor(request, member.account());
            String page = request.getHeader(ACCOUNT);
            if (page != null && !page.equals(member.account().toString())) {
                throw new NotSignedIn("Somebody else is signed in here now");
            }
        }
        return true;
    }
}
