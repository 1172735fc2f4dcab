<?php

declare(strict_types=1);

namespace App\Pastry;

use App\Contract\Schema;
use Hojaldre\Core\Pastry\Dough\Go;

#[Schema('DoughWaterLogged')]
final readonly class WaterLogAnswer
{
    /**
     * @param  string  $id  uuid
     * @param  list<float>  $goes  g, as it was added
     * @param  string  $loggedAt  date and time, ISO 8601
     */
    private function __construct(
        public string $id,
        public float $offeredGrams,
        public float $usedGrams,
        public float $leftGrams,
        public float $usedPercent,
        public array $goes,
        public string $loggedBy,
        public string $loggedAt,
    ) {
    }

    public static function of(DoughWater $one): self
    {
        $log = $one->waterLog();

        return new self(
            $one->id, $log->offeredGrams, $log->usedGrams(), $log->leftGrams(), round($log->usedPercent(), 1),
            array_map(static fn (Go $go): float => $go->grams, $log->goes), $one->logged_by, $one->logged_at->toIso8601String(),
        );
    }
}
