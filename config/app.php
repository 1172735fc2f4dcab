<?php

declare(strict_types=1);

return [
    'name' => 'Hojaldre',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1'),
    'timezone' => 'UTC',
    'locale' => 'en',
    'fallback_locale' => 'en',
    'cipher' => 'AES-256-CBC',
    'key' => env('APP_KEY'),
    // where a scale answers (docs/formats/scale.md)
    'scale' => env('SCALE_ADDRESS', ''),
    // where a probe in a pie and a thermometer in the oven answer (docs/formats/probe.md)
    'probe' => env('PROBE_ADDRESS', ''),
    // a test whose clock runs fast presses ahead of time
    'clock_ahead_minutes' => env('CLOCK_AHEAD_MINUTES', 0),
    'oven' => env('OVEN_ADDRESS', ''),
];
