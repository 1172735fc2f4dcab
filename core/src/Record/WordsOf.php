<?php

declare(strict_types=1);

namespace Hojaldre\Core\Record;

use Hojaldre\Core\AtOven\Compared;
use Hojaldre\Core\Oven\ColourWish;
use Hojaldre\Core\Pastry\BaseVerdict;

/** What a simulated bake would be called, and how likely it would have been called as it was. */
final readonly class WordsOf
{
    /** How sure such a minute is, min; and how much past its best a cook calls weeping (judgement). */
    private const MINUTES = 3.0;

    private const LEAST = 0.02;

    private const LEAST_NAMED = 0.25;

    /** Below it an underside has no colour, from there on a rim is burnt, and how sure an eye is of it, of brownness (judgement, as ColourReading). */
    private const NO_COLOUR_INDEX = 0.5;

    private const BURNT_INDEX = 2.6;

    private const INDEX = 0.35;

    private function __construct(public BaseVerdict $underside, public SliceWord $slice, public ColourWord $colour)
    {
    }

    public static function of(TrialBake $trial, ColourWish $wish): self
    {
        $top = max($trial->topIndex, $trial->rimIndex >= 3.0 ? $trial->rimIndex : 0.0);

        return new self(
            BaseVerdict::of($trial->baseRatio, $trial->baseBakedShare),
            $trial->readyMinute === null ? SliceWord::Holds : ($trial->outMinutes < $trial->readyMinute - 1 ? SliceWord::Loose : ($trial->outMinutes > $trial->overMinute + 1 ? SliceWord::Weeps : SliceWord::Holds)),
            ColourWord::of($top, $wish),
        );
    }

    /** Logarithm of how likely the four words are told of it. */
    public static function logLikelihood(TrialBake $trial, DoneBake $bake, ColourWish $wish): float
    {
        $log = 0.0;
        $underside = $bake->underside === null ? null : Observation::underside($bake->underside);
        if ($underside !== null) {
            $log += log(max(self::LEAST, ($underside->likelihood)(($underside->of)($trial))));
        }
        if ($bake->slice !== null && $trial->readyMinute !== null) {
            $loose = Compared::normal((min($trial->readyMinute, $trial->outMinutes + 30) - 1 - $trial->outMinutes) / self::MINUTES);
            $weeps = Compared::normal(($trial->outMinutes - min($trial->overMinute, $trial->outMinutes + 30)) / self::MINUTES) * (1 - $loose);
            $log += log(max(self::LEAST, match ($bake->slice) {
                SliceWord::Loose => $loose,
                SliceWord::Weeps => $weeps,
                SliceWord::Holds => 1 - $loose - $weeps,
            }));
        }
        if ($bake->colour !== null) {
            $colour = Observation::colour($bake->colour, $wish);
            $log += log(max(self::LEAST, ($colour->likelihood)(($colour->of)($trial))));
        }

        $named = static fn (FaultName $fault): bool => in_array($fault, $bake->faults, true);
        if ($named(FaultName::NoColour)) {
            $log += log(max(self::LEAST_NAMED, Compared::normal((self::NO_COLOUR_INDEX - $trial->undersideIndex) / self::INDEX)));
        }
        if ($named(FaultName::BurntRim)) {
            $log += log(max(self::LEAST_NAMED, Compared::normal((max($trial->rimIndex, $trial->topIndex) - self::BURNT_INDEX) / self::INDEX)));
        }

        return $log;
    }
}
