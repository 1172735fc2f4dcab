<?php

declare(strict_types=1);

namespace App\Problem;

use App\Contract\Schema;
use App\Pie\RevisionAnswer;

/** An answer other than the one asked for (RFC 9457). */
#[Schema('Problem')]
final readonly class ProblemAnswer
{
    /**
     * @param  list<RefusalAnswer>  $refusals
     * @param  int|null  $retryAfterSeconds  with 429
     * @param  RevisionAnswer|null  $revision  with 409: the revision that was saved meanwhile
     */
    public function __construct(
        public string $type,
        public string $title,
        public int $status,
        public string $code,
        public string $at,
        public string $mend,
        public array $refusals,
        public ?int $retryAfterSeconds,
        public ?RevisionAnswer $revision,
    ) {
    }
}
