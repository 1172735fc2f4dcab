<?php

declare(strict_types=1);

namespace Hojaldre\Core\Batch;

use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Document\Whole;
use Hojaldre\Core\Pastry\Rolled\LiningChoice;

/** So many of one pie. */
final readonly class BatchLine
{
    /** A limit of ours (definition). */
    public const MOST_PIECES = 500;

    /** What the id of a pie or a batch looks like. */
    public const UUID = '^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$';

    /**
     * @param  string  $pie  its uuid
     * @param  int  $count  tins of it; of folded pies the pieces
     */
    public function __construct(
        #[Text(36, 36, self::UUID)] public string $pie,
        #[Whole(1, self::MOST_PIECES)] public int $count,
        public LiningChoice $lining,
        public FoldChoice $fold,
    ) {
    }
}
