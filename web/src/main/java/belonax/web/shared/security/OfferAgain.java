package belonax.web.shared.security;

import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.web.access.AccessDeniedHandler;

/** A form whose token is of no use any more: what was typed is offered to be sent again by one press. */
final class OfferAgain implements AccessDeniedHandler {
    static final String PAGE = "/again";

    @Override
    public void handle(HttpServletRequest request, HttpServletResponse response, AccessDeniedException refused)
            throws IOException, ServletException {
        String type = request.getContentType();
        boolean isForm = HttpMethod.POST.matches(request.getMethod())
                && type != null
                && type.startsWith(MediaType.APPLICATION_FORM_URLENCODED_VALUE)
                && request.getHeader(HttpHeaders.ORIGIN) != null;
        if (isForm) {
            response.setStatus(HttpServletResponse.SC_FORBIDDEN);
            request.getRequestDispatcher(PAGE).forward(request, response);
        } else {
            response.sendError(HttpServletResponse.SC_FORBIDDEN);
        }
    }
}
