<?php

declare(strict_types=1);

namespace App\Record;

use App\AtOven\StoredBake;
use App\Contract\Schema;

/** How far one bake ran from its forecast. */
#[Schema('BakeMiss')]
final readonly class BakeMiss
{
    /**
     * @param  string  $bake  uuid
     * @param  int  $outAt  ms since 1970
     * @param  float  $lateMinutes  that it was in for longer than designed; negative: shorter
     * @param  float  $fromMinutes  of the range that was told, the same way
     */
    private function __construct(public string $bake, public string $name, public int $outAt, public float $lateMinutes, public float $fromMinutes, public float $toMinutes, public bool $isInRange)
    {
    }

    public static function of(StoredBake $bake): self
    {
        $in = $bake->in_at;
        $out = $bake->out_at;
        assert($in !== null && $out !== null);

        return new self($bake->id, $bake->name, (int) $out->getTimestampMs(), round($in->diffInSeconds($out, true) / 60 - $bake->designed_minutes, 1), round($bake->low_minutes - $bake->designed_minutes, 1), round($bake->high_minutes - $bake->designed_minutes, 1), $bake->in_range === true);
    }
}
