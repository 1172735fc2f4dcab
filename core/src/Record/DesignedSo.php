<?php

declare(strict_types=1);

namespace Hojaldre\Core\Record;

use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pastry\BaseVerdict;

/** How far a design by itself leads to what went wrong: what was foretold needs no other cause. */
final readonly class DesignedSo
{
    /** From so likely on the design leads to it (judgement). */
    private const LEADS = 0.3;

    /** Of what is told without any doubt (judgement). */
    private const SURE = 0.9;

    /** @return array<string, float> by FaultName, of the troubles of that bake, 0 to 1; only what the design leads to */
    public static function leadsTo(DoneBake $bake, TrialBake $asDesigned): array
    {
        $leads = [];
        foreach ($bake->troubles() as $fault) {
            $leads[$fault->value] = match ($fault) {
                FaultName::SoggyBase => self::soggy($bake, $asDesigned),
                FaultName::RawMiddle => self::said($bake, $asDesigned, slice: SliceWord::Loose),
                FaultName::Weeping => self::said($bake, $asDesigned, slice: SliceWord::Weeps),
                FaultName::Pale => self::said($bake, $asDesigned, colour: ColourWord::Pale),
                FaultName::BurntRim => self::said($bake, $asDesigned, colour: ColourWord::Dark),
                FaultName::TooSalt => self::tastes(SaltWord::Salty, $bake),
                FaultName::Bland => self::tastes(SaltWord::Bland, $bake),
                default => 0.0,
            };
        }

        return array_filter($leads, static fn (float $readily): bool => $readily >= self::LEADS);
    }

    private static function soggy(DoneBake $bake, TrialBake $asDesigned): float
    {
        return BaseVerdict::of($asDesigned->baseRatio, $asDesigned->baseBakedShare) === BaseVerdict::Raw ? self::SURE : self::said($bake, $asDesigned, underside: BaseVerdict::Soggy);
    }

    /** A pie in which nothing has to set is neither loose nor weeps. */
    private static function said(DoneBake $bake, TrialBake $asDesigned, ?BaseVerdict $underside = null, ?SliceWord $slice = null, ?ColourWord $colour = null): float
    {
        $nothingSets = $slice !== null && $asDesigned->readyMinute === null;

        return $nothingSets ? 0.0 : exp(WordsOf::logLikelihood($asDesigned, new DoneBake($bake->designed, $bake->designed, underside: $underside, slice: $slice, colour: $colour), $bake->designed->bake->colour));
    }

    private static function tastes(SaltWord $word, DoneBake $bake): float
    {
        $weights = Weights::of($bake->designed);

        return ! $weights->isEmpty() && SaltWord::of($weights->salt()->percent()) === $word ? self::SURE : 0.0;
    }
}
