<?php

declare(strict_types=1);

namespace App\Prep;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\Safety\Kept;
use Hojaldre\Core\Safety\KeptIn;
use Hojaldre\Core\Statement\Statement;

/** Something that is in the fridge or frozen. */
#[Schema('Leftover')]
final readonly class LeftoverAnswer
{
    /**
     * @param  string  $id  uuid
     * @param  string  $says  what it is and how much
     * @param  float|null  $grams  null where it is counted
     * @param  string|null  $food  id of the dough that it is
     * @param  string  $putOn  date
     * @param  string  $useBy  date
     * @param  bool  $isPast  it must not be used any more
     */
    private function __construct(public string $id, public Kept $kept, public KeptIn $place, public string $says, public ?float $grams, public ?string $food, public string $putOn, public string $useBy, public bool $isPast, public string $putBy)
    {
    }

    public static function of(KitchenLeftover $one, Words $words): self
    {
        return new self(
            $one->id, $one->kept, $one->place, self::says($one->kept, $one->name, $one->grams, $one->pieces, $words), $one->grams, $one->food_id,
            $one->put_on->toDateString(), $one->use_by->toDateString(), $one->use_by->isBefore(now()->startOfDay()), $one->put_by,
        );
    }

    public static function says(Kept $kept, string $name, ?float $grams, ?int $pieces, Words $words): string
    {
        return $words->say(new Statement($pieces !== null && $pieces > 0 ? 'leftover.pieces' : 'leftover.grams', ['kept' => $words->word('kept', $kept), 'name' => $name, 'leftGrams' => $grams ?? 0.0, 'pieces' => $pieces ?? 0]));
    }
}
