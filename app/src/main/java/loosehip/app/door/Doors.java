package loosehip.app.door;

import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Puts the doorkeeper before every address of a golfer. */
@Configuration
class Doors implements WebMvcConfigurer {
  private final Doorkeeper keeper;

  Doors(Doorkeeper keeper) {
    this.keeper = keeper;
  }

  @Override
  public void addInterceptors(InterceptorRegistry registry) {
    registry.addInterceptor(keeper).addPathPatterns("/golfers/{id}", "/golfers/{id}/**");
  }
}
