<?php

declare(strict_types=1);

namespace App\Oven;

use App\Contract\Schema;
use Hojaldre\Core\Document\Number;
use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Oven\OvenMode;

#[Schema('OvenToStore')]
final readonly class OvenToStore
{
    /** @param  float  $runsByKelvins  measured inside less what the dial says */
    public function __construct(
        #[Text(1, 60)] public string $name,
        public OvenMode $mode,
        #[Number(-60, 60, 'K')] public float $runsByKelvins,
        #[Text(0, 400)] public string $notes,
    ) {
    }
}
