<?php

declare(strict_types=1);

namespace App\Kitchen;

use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;

/**
 * The token is handed out by GET /api/session and comes back in X-CSRF-TOKEN. It is not also put into a cookie: cookies
 * ignore the port, so two checkouts on one machine would overwrite each other's.
 */
final class CsrfCheck extends ValidateCsrfToken
{
    protected $addHttpCookie = false;
}
