package org.nimblet.server.platform;

import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * Settings of the product.
 *
 * @param demo whether the invented harbour town is loaded and can be entered without a password
 * @param signUpOpen whether anyone may open a coach's account
 */
@ConfigurationProperties("nimblet")
public record NimbletSettings(boolean demo, boolean signUpOpen) {}
