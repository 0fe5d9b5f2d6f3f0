package loosehip.app.door;

import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Puts the doorkeeper before every address of a golfer, and rights before every address. */
@Configuration
class Doors implements WebMvcConfigurer {
  private final Doorkeeper keeper;
  private final Rights rights;

  Doors(Doorkeeper keeper, Rights rights) {
    this.keeper = keeper;
    this.rights = rights;
  }

  @Override
  public void addInterceptors(InterceptorRegistry registry) {
    registry.addInterceptor(rights);
    registry.addInterceptor(keeper).addPathPatterns("/golfers/{id}", "/golfers/{id}/**");
  }
}
