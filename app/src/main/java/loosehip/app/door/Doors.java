package loosehip.app.door;

import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Puts the doorkeeper before every address of a golfer, and rights and passwords before every
 * address.
 */
@Configuration
class Doors implements WebMvcConfigurer {
  private final Doorkeeper keeper;
  private final Rights rights;
  private final PasswordAgain again;

  Doors(Doorkeeper keeper, Rights rights, PasswordAgain again) {
    this.keeper = keeper;
    this.rights = rights;
    this.again = again;
  }

  @Override
  public void addInterceptors(InterceptorRegistry registry) {
    registry.addInterceptor(rights);
    registry.addInterceptor(keeper).addPathPatterns("/golfers/{id}", "/golfers/{id}/**");
    registry.addInterceptor(again);
  }
}
