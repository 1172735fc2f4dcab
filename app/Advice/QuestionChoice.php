<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\Advice\Assumptions\Alternative;
use Hojaldre\Core\Advice\Change;
use Hojaldre\Core\Pie\Pie;

/** An answer to a question: what it says, and what it changes. */
#[Schema('QuestionChoice')]
final readonly class QuestionChoice
{
    /**
     * @param  bool  $isAssumed  this is what is assumed now
     * @param  list<ChangeAnswer>  $changes  of the design; none where it is assumed already
     */
    private function __construct(public string $says, public bool $isAssumed, public array $changes)
    {
    }

    public static function of(Alternative $one, Pie $pie, Words $words): self
    {
        return new self($words->say($one->says), $one->pie === null, $one->pie === null ? [] : array_map(ChangeAnswer::of(...), Change::ofPies($pie, $one->pie)));
    }
}
