package loosehip.app.signin;

import java.util.Collection;
import java.util.List;
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
    return List.of(new SimpleGrantedAuthority("ROLE_" + account.position().name()));
  }

  @Override
  public String getPassword() {
    return account.passwordHash();
  }

  @Override
  public boolean isEnabled() {
    return !account.disabled();
  }

  @Override
  public String getUsername() {
    return account.signInName();
  }
}
