package loosehip.app.signin;

import java.util.Collection;
import java.util.List;
import java.util.Locale;
import loosehip.app.store.Account;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.userdetails.UserDetails;

/**
 * The person signed in.
 *
 * @param account who they are and which practice they see
 */
public record SignedIn(Account account) implements UserDetails {
  private static final long serialVersionUID = 1L;

  @Override
  public Collection<? extends GrantedAuthority> getAuthorities() {
    return List.of(new SimpleGrantedAuthority("ROLE_" + account.role().toUpperCase(Locale.ROOT)));
  }

  @Override
  public String getPassword() {
    return account.passwordHash();
  }

  @Override
  public String getUsername() {
    return account.signInName();
  }
}
