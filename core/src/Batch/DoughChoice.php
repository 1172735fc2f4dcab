<?php

declare(strict_types=1);

namespace Hojaldre\Core\Batch;

use Hojaldre\Core\Document\ListOf;
use Hojaldre\Core\Document\Number;
use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Pastry\Dough\Vessel;
use Hojaldre\Core\Pastry\Rest\RestName;
use Hojaldre\Core\Pastry\Sheet\Board;

/** What a cook chooses for one dough of a batch. */
final readonly class DoughChoice
{
    /**
     * @param  string  $dough  id of its food
     * @param  float  $vesselLitres  that the bowl, processor or mixer holds, l
     * @param  float|null  $madeGrams  of dough that is made; null to make what is needed
     * @param  Board|null  $sheet  of a bought dough, the size of one sheet; null where it is a block
     * @param  list<RestName>  $skipped  rests that are left out
     * @param  float  $fromBeforeGrams  of it that an earlier batch left over: so much less is made
     */
    public function __construct(
        #[Text(1, 40, '^[a-z0-9][a-z0-9-]*$')] public string $dough,
        public Board $board,
        public Vessel $vessel,
        #[Number(0.5, 60, 'l')] public float $vesselLitres,
        #[Number(20, 50000, 'g')] public ?float $madeGrams,
        public ?Board $sheet,
        #[ListOf(RestName::class, 4)] public array $skipped,
        #[Number(0, 50000, 'g')] public float $fromBeforeGrams = 0.0,
    ) {
    }

    /** Common practice, no source. */
    public static function usual(string $dough): self
    {
        return new self($dough, Board::usual(), Vessel::Bowl, 6.0, null, null, []);
    }
}
