<?php

declare(strict_types=1);

namespace App\AtOven;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\AtOven\LegState;
use Hojaldre\Core\AtOven\Outlook;
use Hojaldre\Core\AtOven\PossibleBakes;
use Hojaldre\Core\AtOven\Trace;
use Hojaldre\Core\Record\Foretold;
use Hojaldre\Core\Record\HotEnough;
use Hojaldre\Core\Statement\Statement;

/** A pie that is out: is it hot enough, and if not, for how long it goes back in. */
#[Schema('Hot')]
final readonly class HotAnswer
{
    /** The oven was open, and it has cooled on the way (judgement), min. */
    private const DOOR_MINUTES = 2.0;

    /**
     * @param  bool  $isHot  it may be cut and eaten
     * @param  bool  $isSurelyNot  most bakes would not be hot, or it was measured; else nobody knows
     * @param  float|null  $backInMinutes  that it goes in again; null where nobody can say
     * @param  float  $middleCelsius  when it came out
     * @param  bool  $isMeasured  by a probe, else as the forecast has it
     * @param  list<string>  $says
     */
    private function __construct(public HotEnough $state, public bool $isHot, public bool $isSurelyNot, public ?float $backInMinutes, public float $middleCelsius, public bool $isMeasured, public float $safeCelsius, public array $says)
    {
    }

    /** Null while it is in. */
    public static function of(LegState $state, Trace $trace, Foretold $foretold, PossibleBakes $possible, Outlook $outlook, bool $hasRaw, Words $words): ?self
    {
        [$out, $baked] = [$state->outMinute(), $state->bakedMinutes()];
        if ($out === null || $baked === null) {
            return null;
        }
        $hot = HotEnough::of($trace, $baked, $foretold, $state->middleCelsius, $state->isSeenSet(), []);
        $measured = $state->middleCelsius ?? ($trace->isTrusted ? $trace->until($out)->celsiusNear($out) : null);
        $middle = $measured ?? $possible->band($baked)[2];
        $isSurelyNot = $hot === HotEnough::NotReached || $baked < ($foretold->safeMinute ?? INF);
        $until = $measured === null ? $foretold->safeHighMinute : max($foretold->safeMinute ?? INF, min($foretold->safeHighMinute ?? INF, $outlook->highMinute));
        $back = $until === null || is_infinite($until) ? null : max(self::DOOR_MINUTES, ceil($until - $baked) + self::DOOR_MINUTES);

        return new self($hot, ! $hot->isDoubtful(), $isSurelyNot, $back, round($middle, 1), $measured !== null, $foretold->safeCelsius, array_map($words->say(...), [
            new Statement($back === null ? 'not-hot.never' : ($isSurelyNot ? 'not-hot.back' : 'not-hot.unsure'), ['safeCelsius' => $foretold->safeCelsius]),
            ...($hasRaw ? [new Statement('not-hot.raw')] : []),
        ]));
    }
}
