<?php

declare(strict_types=1);

namespace App\Prep;

use App\Contract\Schema;
use Hojaldre\Core\Document\Number;
use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Document\Whole;

/** What is said of one act of a batch. */
#[Schema('MarkWish')]
final readonly class MarkWish
{
    /**
     * @param  string  $act  its id in the list
     * @param  int  $goesDone  pans that are through
     * @param  float|null  $tareGrams  of the pan with oil and salt
     * @param  float|null  $readsGrams  what the scale read last
     */
    public function __construct(
        #[Text(1, 200)] public string $act,
        #[Whole(0, 200)] public int $goesDone,
        public bool $isDone,
        #[Number(0, 100000, 'g')] public ?float $tareGrams,
        #[Number(0, 100000, 'g')] public ?float $readsGrams,
    ) {
    }
}
