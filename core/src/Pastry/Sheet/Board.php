<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry\Sheet;

use Hojaldre\Core\Document\Number;

/** Where dough is rolled: how wide and long a sheet may get. */
final readonly class Board
{
    public function __construct(
        #[Number(150, 1200, 'mm')] public float $widthMm,
        #[Number(150, 2000, 'mm')] public float $lengthMm,
    ) {
    }

    /** What a kitchen top commonly leaves free (common practice, no source). */
    public static function usual(): self
    {
        return new self(400, 600);
    }

    public function areaMm2(): float
    {
        return $this->widthMm * $this->lengthMm;
    }
}
