<?php

declare(strict_types=1);

namespace App\Prep;

use App\Contract\Schema;
use Hojaldre\Core\Batch\BatchLine;
use Hojaldre\Core\Document\Judged;
use Hojaldre\Core\Document\MayBeMissing;
use Hojaldre\Core\Document\Number;
use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Document\Whole;
use Hojaldre\Core\Refusal\Refusal;
use Hojaldre\Core\Safety\Kept;
use Hojaldre\Core\Safety\KeptIn;

/** Something to be kept: weighed, or counted. */
#[Schema('LeftoverWish')]
final readonly class LeftoverWish implements Judged
{
    /**
     * @param  string|null  $food  id of the dough that it is; null of anything else
     * @param  string|null  $bake  uuid of the bake that it comes from
     * @param  bool  $cooledInPortions  cut, or on a rack and shallow, so that it was cold in time
     */
    public function __construct(
        public Kept $kept,
        public KeptIn $place,
        #[Text(1, 120)] public string $name,
        #[Number(1, 100000, 'g')] public ?float $grams,
        #[Whole(1, 500)] public ?int $pieces,
        #[Text(1, 40, '^[a-z0-9][a-z0-9-]*$')] public ?string $food,
        #[Text(36, 36, BatchLine::UUID)] public ?string $bake = null,
        #[MayBeMissing] public bool $cooledInPortions = false,
    ) {
    }

    public function refusals(): array
    {
        return $this->grams === null && $this->pieces === null ? [new Refusal('missing-number', '/grams', ['field' => 'grams', 'least' => 1, 'most' => 100000, 'unit' => 'g'])] : [];
    }
}
