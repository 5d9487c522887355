package ojala.server.problem;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import ojala.server.ServiceSettings;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Refuses a body by its declared size before a byte of it is read. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class SizeGuard extends OncePerRequestFilter {
    private static final long OTHER_BODIES = 1 << 20;

    private final long deliveryBytes;

    SizeGuard(ServiceSettings settings) {
        this.deliveryBytes = settings.limits().delivery().toBytes();
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        long limit = request.getRequestURI().endsWith("/deliveries") ? deliveryBytes : OTHER_BODIES;
        long declared = request.getContentLengthLong();
        if (declared > limit) {
            response.setHeader(HttpHeaders.CONNECTION, "close");
            Problems.write(
                    response,
                    ProblemType.TOO_LARGE,
                    "the request declares " + declared + " bytes, at most " + limit
                            + " are taken: send fewer or packed reports");
            return;
        }
        chain.doFilter(request, response);
    }
}
