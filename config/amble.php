<?php

declare(strict_types=1);

return [
    /*
     * Demo Mode
     *
     * With demo mode on, the sign-in page offers one press into the demo coach's bench. Never turn
     * it on where real records are kept.
     */
    'demo' => (bool) env('AMBLE_DEMO', false),

    /*
     * Mail
     *
     * Whether a forgotten password can be mended by mail: where a mail server is set, and in the demo, which has a
     * stand-in.
     */
    'sends_mail' => env('MAIL_MAILER') !== null || (bool) env('AMBLE_DEMO', false),

    /*
     * Demo Coach
     *
     * The e-mail address of the account that the demo sign-in opens and that resetting replaces.
     */
    'demo_email' => 'demo@amble.invalid',
];
