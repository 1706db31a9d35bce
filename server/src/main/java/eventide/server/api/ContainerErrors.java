package eventide.server.api;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.RequestMapping;

/** What the container refuses before any of our own code sees it is a problem too. */
@Configuration
class ContainerErrors {
    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> problemsFromTheContainer() {
        return factory -> factory.addContextCustomizers(context -> {
            if (context.getParent() instanceof StandardHost host) {
                host.setErrorReportValveClass(Report.class.getName());
            }
        });
    }

    private static String words(int status) {
        HttpStatus known = HttpStatus.resolve(status);
        return known == null
                ? "This request was refused."
                : known.is5xxServerError()
                        ? "Something went wrong here, not with what you entered. The log in the data folder says what it was."
                        : "This request was refused: " + known.getReasonPhrase() + ".";
    }

    /** Instead of the container's page. */
    public static final class Report extends ErrorReportValve {
        @Override
        protected void report(Request request, Response response, Throwable thrown) {
            int status = response.getStatus();
            if (status < HttpServletResponse.SC_BAD_REQUEST || response.getContentWritten() > 0) {
                return;
            }
            try {
                response.setContentType("application/problem+json");
                response.getOutputStream().write(ProblemWriter.json(status, "Refused", words(status)));
                response.finishResponse();
            } catch (IOException | IllegalStateException gone) {
                getContainer().getLogger().debug("nobody is there to read the refusal", gone);
            }
        }
    }

    /** Where errors end that no handler took. */
    @Controller
    static class LastResort implements ErrorController {
        @RequestMapping("/error")
        void error(HttpServletRequest request, HttpServletResponse response) throws IOException {
            Object code = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
            HttpStatus status = code instanceof Integer number ? HttpStatus.resolve(number) : HttpStatus.NOT_FOUND;
            HttpStatus known = status == null ? HttpStatus.INTERNAL_SERVER_ERROR : status;
            ProblemWriter.write(response, known, "Refused", words(known.value()));
        }
    }
}
