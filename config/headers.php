<?php

declare(strict_types=1);

/*
 * Headers of Every Answer
 *
 * Sent with what Laravel answers and with the built files alike, so this file stands on its own: the small web
 * server in scripts/ reads it too.
 */
return [
    // Styles are written into the page by styled-components, so inline styles are allowed; scripts are not.
    'Content-Security-Policy' =>
        "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; " .
        "frame-ancestors 'none'; base-uri 'self'; form-action 'self'; object-src 'none'",
    'Cross-Origin-Opener-Policy' => 'same-origin',
    'Permissions-Policy' => 'camera=(), display-capture=(), geolocation=(), microphone=(), payment=(), usb=()',
    'X-Content-Type-Options' => 'nosniff',
];
