<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day;

use Hojaldre\Core\Batch\BatchLine;
use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Document\Whole;

/** So many of one pie, wanted at one time. */
final readonly class Order
{
    /** Beyond this nobody counts tins (definition). */
    private const MOST_TINS = 60;

    /**
     * @param  string  $id  of the order, the same for as long as it stands
     * @param  string  $pie  its uuid
     * @param  int  $count  tins of it; of folded pies the pieces
     * @param  int  $atMinute  when it is wanted, minutes from midnight of the day
     * @param  int|null  $tins  of its kind that there are; null for enough
     */
    public function __construct(
        #[Text(1, 20, '^[a-z0-9]+$')] public string $id,
        #[Text(36, 36, BatchLine::UUID)] public string $pie,
        #[Whole(1, BatchLine::MOST_PIECES)] public int $count,
        #[Whole(0, 1439)] public int $atMinute,
        public OrderFrom $from,
        public Ending $ending,
        #[Whole(1, self::MOST_TINS)] public ?int $tins,
    ) {
    }

    public function at(int $minute): self
    {
        return new self($this->id, $this->pie, $this->count, $minute, $this->from, $this->ending, $this->tins);
    }

    public function withTins(?int $tins): self
    {
        return new self($this->id, $this->pie, $this->count, $this->atMinute, $this->from, $this->ending, $tins);
    }
}
