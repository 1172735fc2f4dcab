<?php

declare(strict_types=1);

namespace App\Prep;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\Batch\LeftOver;
use Hojaldre\Core\Safety\Kept;
use Hojaldre\Core\Safety\KeptIn;

/** Something that a batch will leave over, to be put away. */
#[Schema('LeftOfBatch')]
final readonly class LeftOfBatchAnswer
{
    /**
     * @param  string|null  $food  id of the dough that it is
     * @param  float|null  $grams  null where it is counted
     * @param  int|null  $pieces  null where it is weighed
     * @param  int|null  $freezerDays  null where it is not frozen
     */
    private function __construct(public Kept $kept, public string $name, public ?string $food, public string $says, public ?float $grams, public ?int $pieces, public int $fridgeDays, public ?int $freezerDays)
    {
    }

    public static function of(LeftOver $one, Words $words): self
    {
        $grams = $one->pieces > 0 ? null : round($one->grams, 1);
        $pieces = $one->pieces > 0 ? $one->pieces : null;

        return new self(
            $one->kept, $one->name, $one->food === '' ? null : $one->food, LeftoverAnswer::says($one->kept, $one->name, $grams, $pieces, $words), $grams, $pieces, $one->kept->days(KeptIn::Fridge) ?? 0, $one->kept->days(KeptIn::Freezer),
        );
    }
}
