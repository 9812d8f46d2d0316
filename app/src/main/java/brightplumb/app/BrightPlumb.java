package brightplumb.app;

import brightplumb.app.drafting.WarmUp;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;

/** Starts the application. */
@SpringBootApplication
@ConfigurationPropertiesScan
public class BrightPlumb {

    public static void main(String[] args) {
        SpringApplication.run(BrightPlumb.class, args).getBean(WarmUp.class).begin();
    }
}
