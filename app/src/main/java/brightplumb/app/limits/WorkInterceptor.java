package brightplumb.app.limits;

import brightplumb.app.account.Member;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.security.Principal;
import java.util.Optional;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.security.core.Authentication;
import org.springframework.stereotype.Component;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Takes room for every answer to somebody signed in, and gives it back when the answer's last byte is out. */
@Component
class WorkInterceptor implements HandlerInterceptor, WebMvcConfigurer {

    private final WorkLimits limits;

    WorkInterceptor(WorkLimits limits) {
        this.limits = limits;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this);
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        if (handler instanceof HandlerMethod method && signedIn(request) instanceof Member member) {
            work(method).ifPresent(work -> limits.takeUntilSent(request, member.account(), work));
        }
        return true;
    }

    /** What work a method is; empty where only the request's body tells, and the method takes room by itself. */
    private static Optional<Work> work(HandlerMethod method) {
        if (method.hasMethodAnnotation(CostlyByBody.class)) {
            return Optional.empty();
        }
        Costly costly = method.getMethodAnnotation(Costly.class);
        if (costly == null) {
            costly = AnnotatedElementUtils.findMergedAnnotation(method.getBeanType(), Costly.class);
        }
        return Optional.of(costly == null ? Work.BOOKS : costly.value());
    }

    private static Object signedIn(HttpServletRequest request) {
        Principal who = request.getUserPrincipal();
        return who instanceof Authentication authentication ? authentication.getPrincipal() : null;
    }
}
