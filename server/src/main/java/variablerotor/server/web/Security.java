package variablerotor.server.web;

import java.util.List;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.firewall.RequestRejectedHandler;
import org.springframework.session.web.http.CookieSerializer;
import org.springframework.session.web.http.DefaultCookieSerializer;
import tools.jackson.databind.json.JsonMapper;

/** Who may do what, and what the browser may load. */
@Configuration
public class Security {
  private static final String CONTENT_POLICY =
      "default-src 'self'; script-src 'self'; style-src 'self'; img-src 'self' data: blob:; font-src"
          + " 'self'; connect-src 'self'; object-src 'none'; base-uri 'none'; form-action 'self';"
          + " frame-ancestors 'none'";

  /** The reader of letters is a compiled program: its worker's own script alone may run one. */
  private static final String LETTERS = "/letters/worker.js";

  private static final String LETTERS_POLICY =
      CONTENT_POLICY.replace("script-src 'self'", "script-src 'self' 'wasm-unsafe-eval'");

  /** What somebody asks who is not signed in: who is, and to come in. */
  public static final List<String> SIGNING_IN =
      List.of(
          "/api/session",
          "/api/session/passkey/question",
          "/api/session/passkey",
          "/api/session/invited",
          "/api/session/invitation");

  @Bean
  SecurityFilterChain chain(HttpSecurity http, JsonMapper json) throws Exception {
    return http.authorizeHttpRequests(
            rules ->
                rules
                    .requestMatchers(SIGNING_IN.toArray(String[]::new))
                    .permitAll()
                    .requestMatchers("/api/openapi")
                    .permitAll()
                    .requestMatchers("/api/**")
                    .authenticated()
                    .anyRequest()
                    .permitAll())
        .csrf(csrf -> csrf.spa())
        .securityContext(context -> context.securityContextRepository(contexts()))
        .requestCache(cache -> cache.disable())
        .formLogin(form -> form.disable())
        .httpBasic(basic -> basic.disable())
        .logout(logout -> logout.disable())
        .headers(
            headers ->
                headers
                    // Said over TLS alone; other names of the shop are its own affair.
                    .httpStrictTransportSecurity(hsts -> hsts.includeSubDomains(false))
                    .addHeaderWriter(
                        (request, response) ->
                            response.setHeader(
                                "Content-Security-Policy",
                                LETTERS.equals(request.getServletPath())
                                    ? LETTERS_POLICY
                                    : CONTENT_POLICY))
                    .referrerPolicy(
                        policy ->
                            policy.policy(
                                org.springframework.security.web.header.writers
                                    .ReferrerPolicyHeaderWriter.ReferrerPolicy.NO_REFERRER)))
        .exceptionHandling(
            faults ->
                faults
                    .authenticationEntryPoint(
                        (request, response, fault) ->
                            Problems.write(
                                json,
                                response,
                                HttpStatus.UNAUTHORIZED,
                                "Sign in first. What you entered is kept on this device."))
                    .accessDeniedHandler(
                        (request, response, fault) ->
                            Problems.write(
                                json,
                                response,
                                HttpStatus.FORBIDDEN,
                                fault instanceof org.springframework.security.web.csrf.CsrfException
                                    ? "The page is out of date. Load it again."
                                    : "Only a lead may do that.")))
        .build();
  }

  /** What the firewall before everything else turns away is told as everything else is. */
  @Bean
  RequestRejectedHandler rejected(JsonMapper json) {
    return (request, response, fault) ->
        Problems.write(
            json, response, HttpStatus.BAD_REQUEST, "The address or a header cannot be read.");
  }

  /**
   * The id of a session stands in the cookie as it is, so that none is too odd to be read.
   *
   * @param secure whether everybody asks over TLS: then no other machine can set it (RFC 6265bis,
   *     section 4.1.3.2, from memory)
   */
  @Bean
  CookieSerializer cookies(@Value("${rotor.secure}") boolean secure) {
    DefaultCookieSerializer cookies = new DefaultCookieSerializer();
    cookies.setCookieName(secure ? "__Host-rotor" : "rotor");
    cookies.setUseSecureCookie(secure);
    cookies.setUseHttpOnlyCookie(true);
    cookies.setSameSite("Lax");
    cookies.setUseBase64Encoding(false);
    return cookies;
  }

  @Bean
  SecurityContextRepository contexts() {
    return new HttpSessionSecurityContextRepository();
  }

  @Bean
  PasswordEncoder passwords() {
    return new BCryptPasswordEncoder();
  }
}
