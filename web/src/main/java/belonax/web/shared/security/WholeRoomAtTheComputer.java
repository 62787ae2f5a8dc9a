package belonax.web.shared.security;

import belonax.BadInput;
import belonax.web.shared.pairing.AccessPolicy;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.http.HttpMethod;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** A paired tablet may sew, balance and mend; what concerns the whole room is done at the computer, unless its owner allows more. */
@Component
class WholeRoomAtTheComputer implements HandlerInterceptor, WebMvcConfigurer {
    private static final String[] WHOLE = {"/drawer/files/**", "/settings/copies/**", "/settings/devices/**"};

    private final ObjectProvider<AccessPolicy> policy;

    /** A slice of the application may have no door. */
    WholeRoomAtTheComputer(ObjectProvider<AccessPolicy> policy) {
        this.policy = policy;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this).addPathPatterns(WHOLE);
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        BadInput.unless(
                !HttpMethod.POST.matches(request.getMethod())
                        || policy.getObject().mayAll(request),
                "device",
                () ->
                        "That concerns the whole sewing room, so it is done at the computer itself. There, the settings can allow"
                                + " this device to do it too.");
        return true;
    }
}
