package belonax.web.shared;

import belonax.room.needle.MachineNow;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.core.MethodParameter;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Gives a controller's method the machine that lies on the table. Asks for the layout late, as JSON alone is served without one. */
@Component
class OnTheTableResolver implements HandlerMethodArgumentResolver, WebMvcConfigurer {
    private final ObjectProvider<Layout> layout;

    OnTheTableResolver(ObjectProvider<Layout> layout) {
        this.layout = layout;
    }

    @Override
    public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
        resolvers.add(this);
    }

    @Override
    public boolean supportsParameter(MethodParameter parameter) {
        return parameter.hasParameterAnnotation(OnTheTable.class);
    }

    @Override
    public Optional<MachineNow> resolveArgument(
            MethodParameter parameter,
            @Nullable ModelAndViewContainer container,
            NativeWebRequest web,
            @Nullable WebDataBinderFactory binders) {
        return layout.getObject().onTheTable(Objects.requireNonNull(web.getNativeRequest(HttpServletRequest.class)));
    }
}
