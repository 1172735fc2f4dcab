<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** What holds for the whole API. */
#[OA\Info(
    version: '1', title: 'Hojaldre',
    description: 'Units are in the names: grams, millilitres, celsius, mm, minutes. Errors are problem+json with code, at (JSON pointer into what was sent) and mend.',
)]
#[OA\Server(url: '/api')]
final class Contract
{
}
