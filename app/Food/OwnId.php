<?php

declare(strict_types=1);

namespace App\Food;

use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Refusal\Refused;

/** What a food of the kitchen's own may be called in an address, so that it never hides one of the standard pantry. */
final readonly class OwnId
{
    private const PATTERN = '/^own-[a-z0-9-]{1,36}$/D';

    /** @throws Refused own-food-id */
    public static function check(string $id): void
    {
        if (preg_match(self::PATTERN, $id) !== 1 || Pantry::family($id) !== null) {
            throw Refused::because('own-food-id');
        }
    }
}
