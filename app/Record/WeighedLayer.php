<?php

declare(strict_types=1);

namespace App\Record;

use App\Contract\Schema;
use Hojaldre\Core\Document\Number;
use Hojaldre\Core\Document\Text;

#[Schema('WeighedLayer')]
final readonly class WeighedLayer
{
    /** @param  string  $layer  its id in the design */
    public function __construct(#[Text(1, 60)] public string $layer, #[Number(0.1, 20000, 'g')] public float $grams)
    {
    }
}
