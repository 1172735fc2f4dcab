<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'file'),
    // a kitchen's tablet stays signed in for a working week
    'lifetime' => 7 * 24 * 60,
    'expire_on_close' => false,
    'encrypt' => false,
    'files' => storage_path('framework/sessions'),
    'lottery' => [2, 100],
    // cookies ignore the port: two checkouts on one machine need two names
    'cookie' => env('SESSION_COOKIE', 'hojaldre'),
    'path' => '/',
    'domain' => null,
    'secure' => env('SESSION_SECURE_COOKIE', false),
    'http_only' => true,
    'same_site' => 'lax',
    'partitioned' => false,
];
