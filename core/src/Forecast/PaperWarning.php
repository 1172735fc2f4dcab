<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast;

use Hojaldre\Core\Forecast\Readings\ReadingName;
use Hojaldre\Core\Forecast\Readings\Verdict;
use Hojaldre\Core\Safety\CoolingVerdict;
use Hojaldre\Core\Statement\Statement;

/**
 * What has to stand first wherever a design leaves the bench: day, card, recipe, calendar. It gives fewer minutes than are safe, or nobody
 * knows how many are; whole it cools too slowly to be kept. The same words everywhere.
 */
final readonly class PaperWarning
{
    /**
     * @param  float|null  $safeMinutes  that are safe; null where nobody can say
     * @param  bool  $isUnsafe  its own minutes are not
     * @param  list<Statement>  $says  empty where there is nothing to say
     * @param  list<Statement>  $ifKept  what is said where it is kept and not eaten fresh
     */
    private function __construct(public bool $isUnsafe, public float $outMinutes, public ?float $safeMinutes, public array $says, public array $ifKept)
    {
    }

    public static function of(Forecast $forecast): self
    {
        $reading = $forecast->reading(ReadingName::Safe);
        $out = $forecast->pie->bake->minutes();
        $slow = $forecast->report() !== null && $forecast->report()->cooling !== CoolingVerdict::WithinLimits ? [new Statement('paper.cools-too-slowly')] : [];
        if ($forecast->bake === null || $reading === null || ! $reading->inTrouble() || $reading->verdict === Verdict::RootsRaw) {
            return new self(false, $out, null, [], $slow);
        }
        $safe = in_array($reading->verdict, [Verdict::NotSimulated, Verdict::WarmsTooSlowly], true) || ! is_finite($forecast->bake->safeByMinute()) ? null : $forecast->bake->safeByMinute();
        $with = ['outMinutes' => $out, 'safeMinutes' => $safe ?? 0.0, 'safeCelsius' => $forecast->weights->safeCelsius()];

        return new self(true, $out, $safe, [new Statement($safe === null ? 'paper.not-known' : 'paper.not-safe', $with)], $slow);
    }
}
