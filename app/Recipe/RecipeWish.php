<?php

declare(strict_types=1);

namespace App\Recipe;

use App\Contract\Schema;
use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Measure\VolumeSystem;
use Hojaldre\Core\Pie\PieKind;
use Hojaldre\Core\Recipe\PastedText;

/** A recipe as it was pasted. */
#[Schema('RecipeWish')]
final readonly class RecipeWish
{
    /**
     * @param  string  $text  plain text, or the vocabulary of schema.org as JSON-LD, alone or in the source of a page
     * @param  PieKind|null  $kind  what it is to be; null where the recipe tells
     * @param  VolumeSystem|null  $volumes  whose cup and spoons; null where the recipe's own words tell
     */
    public function __construct(#[Text(0, PastedText::MOST_BYTES)] public string $text, public ?VolumeSystem $volumes, public ?PieKind $kind)
    {
    }
}
