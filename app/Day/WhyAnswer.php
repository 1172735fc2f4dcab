<?php

declare(strict_types=1);

namespace App\Day;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\Day\Plan\Explanation;

/** Why a task is where it is. */
#[Schema('WhyThen')]
final readonly class WhyAnswer
{
    /**
     * @param  string  $task  its id
     * @param  list<string>  $notEarlier
     * @param  list<string>  $notLater
     */
    private function __construct(public string $task, public array $notEarlier, public array $notLater)
    {
    }

    public static function of(Explanation $why, Words $words): self
    {
        return new self($why->of->task->id, array_map($words->say(...), $why->notEarlier), array_map($words->say(...), $why->notLater));
    }
}
