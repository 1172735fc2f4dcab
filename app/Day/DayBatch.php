<?php

declare(strict_types=1);

namespace App\Day;

use App\Batch\StoredBatch;
use App\Kitchen\Kitchen;
use Hojaldre\Core\Refusal\Refused;

/** The batch of a day is one of the same kitchen. */
final readonly class DayBatch
{
    /** @throws Refused no-such-batch */
    public static function checked(Kitchen $kitchen, DayToSave $put): DayToSave
    {
        return $put->batch === null || StoredBatch::of($kitchen)->whereKey($put->batch)->exists() ? $put : throw Refused::because('no-such-batch', '/batch');
    }
}
