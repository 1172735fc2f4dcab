<?php

declare(strict_types=1);

namespace App\Label;

use App\Contract\Schema;

/** A piece of a text; an allergen is bold. */
#[Schema('LabelRun')]
final readonly class LabelRun
{
    public function __construct(public string $text, public bool $isBold)
    {
    }
}
