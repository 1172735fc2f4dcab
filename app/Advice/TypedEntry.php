<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Schema;
use App\Measure\EntryKind;
use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Food\Food;

/** What a cook typed into a place of the design. */
#[Schema('TypedEntry')]
final readonly class TypedEntry
{
    /**
     * @param  string  $at  JSON pointer to the amount or the number
     * @param  Food|null  $food  with mass: the food that is measured
     */
    public function __construct(#[Text(1, 120)] public string $at, public EntryKind $kind, #[Text(0, 200)] public string $words, public ?Food $food)
    {
    }
}
