package brightplumb.app.door;

import brightplumb.app.PlumbProperties;
import jakarta.servlet.DispatcherType;
import jakarta.servlet.Filter;
import java.util.EnumSet;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;

/** The order in which a request comes in: its name, its body, its answer, and then, with the session, the database. */
@Configuration
class Doors {

    @Bean
    FilterRegistrationBean<Filter> allowedHosts(PlumbProperties started) {
        return at(0, new AllowedHostsFilter(started), EnumSet.of(DispatcherType.REQUEST, DispatcherType.ASYNC));
    }

    @Bean
    FilterRegistrationBean<Filter> requestBody(PlumbProperties properties) {
        return at(
                1,
                new RequestBodyFilter(properties.connections().bodyWithin()),
                EnumSet.of(DispatcherType.REQUEST, DispatcherType.ASYNC));
    }

    @Bean
    ResponseBodyFilter responseBody(PlumbProperties properties) {
        return new ResponseBodyFilter(properties.connections().answerWithin());
    }

    @Bean
    FilterRegistrationBean<Filter> responseBodyAtItsPlace(ResponseBodyFilter filter) {
        return at(2, filter, EnumSet.of(DispatcherType.REQUEST, DispatcherType.ASYNC));
    }

    @Bean
    FilterRegistrationBean<Filter> databaseAway() {
        return at(3, new DatabaseAway(), EnumSet.of(DispatcherType.REQUEST, DispatcherType.ASYNC));
    }

    private static FilterRegistrationBean<Filter> at(int place, Filter filter, EnumSet<DispatcherType> when) {
        FilterRegistrationBean<Filter> registration = new FilterRegistrationBean<>(filter);
        registration.setOrder(Ordered.HIGHEST_PRECEDENCE + place);
        registration.setDispatcherTypes(when);
        registration.setAsyncSupported(true);
        return registration;
    }
}
