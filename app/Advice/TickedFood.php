<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Schema;
use Hojaldre\Core\Document\Text;

#[Schema('TickedFood')]
final readonly class TickedFood
{
    /** @param  string  $id  of the pantry, or of the kitchen's own */
    public function __construct(#[Text(1, 40)] public string $id)
    {
    }
}
