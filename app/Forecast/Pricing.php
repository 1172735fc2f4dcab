<?php

declare(strict_types=1);

namespace App\Forecast;

use App\Contract\Schema;
use App\Kitchen\Kitchen;
use Hojaldre\Core\Document\Number;

/** How a kitchen reckons what it sells a portion for. */
#[Schema('Pricing')]
final readonly class Pricing
{
    /**
     * @param  float|null  $marginPercent  of the price that is wanted; null where nothing is sold
     * @param  float|null  $otherCost  of a portion, beside its food: hands, heat, box
     */
    public function __construct(#[Number(0, 95, '%')] public ?float $marginPercent, #[Number(0, 10000, '')] public ?float $otherCost)
    {
    }

    public static function of(Kitchen $kitchen): self
    {
        return new self($kitchen->margin_percent, $kitchen->other_cost);
    }
}
