<?php

declare(strict_types=1);

return [
    /*
     * Proxies
     *
     * Addresses of the web server in front, with commas between; what it says of https and of who asks is believed.
     * Nobody is believed while this is empty: anybody can send such a header.
     */
    'proxies' => env('AMBLE_PROXIES'),
];
