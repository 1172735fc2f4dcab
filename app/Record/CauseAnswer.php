<?php

declare(strict_types=1);

namespace App\Record;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\Record\CauseName;
use Hojaldre\Core\Record\FoundCause;

#[Schema('Cause')]
final readonly class CauseAnswer
{
    /**
     * @param  float  $likely  0 to 1
     * @param  list<string>  $for
     * @param  list<string>  $against  what is unsure where nothing speaks against it
     * @param  string  $check  what to look at next time
     * @param  string  $nextTime  the change
     * @param  list<string>  $then  what it would be with it, simulated; none where that knows nothing of it
     */
    private function __construct(public CauseName $cause, public string $name, public float $likely, public array $for, public array $against, public string $check, public string $nextTime, public array $then)
    {
    }

    public static function of(FoundCause $found, Words $words): self
    {
        return new self(
            $found->cause, $words->word('cause', $found->cause), round($found->likely, 3), array_map($words->say(...), $found->for), array_map($words->say(...), $found->against), $words->say($found->check), $words->say($found->nextTime), array_map($words->say(...), $found->then),
        );
    }
}
