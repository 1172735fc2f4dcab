<?php

declare(strict_types=1);

namespace Hojaldre\Core\Record;

use Hojaldre\Core\Bake\BakeDeviation;
use Hojaldre\Core\Forecast\BakeInputs;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Statement\Statement;

/**
 * Why a bake went wrong: every cause that can be in this pie is weighed by how common it is, by what it leads to, by what the record
 * says for and against it, and, where the simulation knows it, by baking the pie as it was done with the cause in it and asking how
 * likely it would have been judged as it was (docs/model.md#faults).
 */
final readonly class FaultFinder
{
    /** Shown, and from how likely on another is named as ruled out (definition). */
    private const MOST = 3;

    /** A fault that a cause does not lead to, and one that it should have led to and nobody saw (judgement). */
    private const UNEXPLAINED = 0.03;

    private const UNSEEN = 0.75;

    /** Simulation and table speak of the same: the simulation counts for so much of it (judgement). */
    private const SIMULATED = 0.8;

    /** Faults that the four words say of a simulated bake too; for so much the table counts there (judgement). */
    private const SIMULATED_FAULTS = [FaultName::SoggyBase, FaultName::RawMiddle, FaultName::Weeping, FaultName::Pale, FaultName::BurntRim];

    private const WORDED = 0.35;

    /** How wet a filling was nobody knows: a little, or much (numerics). */
    private const WET = [0.35, 1.0];

    /** That it was none of these (judgement). */
    private const NONE_LOG = -2.2;

    /**
     * @param  list<FoundCause>  $causes  the likeliest first, three at most
     * @param  list<Statement>  $ruledOut
     * @param  float  $none  how likely it was none of these, 0 to 1
     */
    private function __construct(public array $causes, public array $ruledOut, public float $none)
    {
    }

    /** Nothing where nothing went wrong. */
    public static function of(DoneBake $bake): self
    {
        $troubles = $bake->troubles();
        if ($troubles === []) {
            return new self([], [], 0.0);
        }
        $asDone = self::trial($bake->done, new BakeDeviation);
        $scores = $clues = [];
        foreach (CauseName::cases() as $cause) {
            if (! Applies::to($cause, $bake->done)) {
                continue;
            }
            $clue = Clues::of($cause, $bake);
            $clues[$cause->value] = $clue;
            $scores[$cause->value] = log($cause->commonness()) + $clue->log + self::explains($cause, $bake) + self::SIMULATED * self::words($cause, $bake, $asDone);
        }
        arsort($scores);
        $best = (float) reset($scores);
        $weights = array_map(static fn (float $score): float => exp($score - $best), $scores);
        $sum = array_sum($weights) + exp(self::NONE_LOG);
        $asDesigned = $bake->designed == $bake->done ? $asDone : self::trial($bake->designed, new BakeDeviation);
        $found = [];
        foreach (array_slice($weights, 0, self::MOST, true) as $name => $weight) {
            $found[] = self::found(CauseName::from($name), $weight / $sum, $clues[$name] ?? Clue::none(), $bake, $asDesigned);
        }

        return new self($found, self::ruledOut($clues, $troubles, array_slice(array_keys($weights), 0, self::MOST)), exp(self::NONE_LOG) / $sum);
    }

    private static function explains(CauseName $cause, DoneBake $bake): float
    {
        $leads = $cause->leadsTo();
        $log = 0.0;
        foreach ($bake->troubles() as $fault) {
            // what only the words say is asked of the simulated bakes; the table says what those do not know
            $isSimulated = in_array($fault, self::SIMULATED_FAULTS, true) && ! in_array($fault, $bake->faults, true);
            $log += $isSimulated ? self::WORDED * log(max(self::UNEXPLAINED, $leads[$fault->value] ?? 0.0)) : log(max(self::UNEXPLAINED, $leads[$fault->value] ?? 0.0));
            unset($leads[$fault->value]);
        }
        // what it nearly always does and nobody saw
        $left = $leads === [] ? 0.0 : max($leads);

        return $log + log(1 - self::UNSEEN * ($left >= 0.85 ? $left : 0.0));
    }

    /** How likely the four words are with the cause in it; minutes and weights that were logged are in the pie as it was done already. */
    private static function words(CauseName $cause, DoneBake $bake, TrialBake $asDone): float
    {
        $isLogged = match ($cause) {
            CauseName::OutEarly, CauseName::OutLate, CauseName::ShellShort, CauseName::ShellTooLong => true,
            CauseName::ThinCustard, CauseName::EggyCustard => in_array($bake->done->custard()?->id, $bake->weighed, true),
            default => false,
        };
        $trials = [];
        foreach ($isLogged ? [] : ($cause === CauseName::WetFilling ? self::WET : [1.0]) as $strong) {
            $planted = Planted::in($cause, $bake->done, $strong);
            $trials = $planted === null ? $trials : [...$trials, self::trial($planted->pie, $planted->kitchen)];
        }

        return max(array_map(static fn (TrialBake $trial): float => WordsOf::logLikelihood($trial, $bake, $bake->done->bake->colour), $trials === [] ? [$asDone] : $trials));
    }

    private static function trial(Pie $pie, BakeDeviation $kitchen): TrialBake
    {
        return TrialBake::run(BakeInputs::of(Weights::of($pie)), $kitchen);
    }

    private static function found(CauseName $cause, float $likely, Clue $clue, DoneBake $bake, TrialBake $asDesigned): FoundCause
    {
        $planted = Planted::in($cause, $bake->done);
        $then = [];
        if ($planted !== null) {
            $with = WordsOf::of(self::trial($planted->pie, $planted->kitchen), $bake->done->bake->colour);
            $without = WordsOf::of($asDesigned, $bake->designed->bake->colour);
            $then = self::then($bake, $with, $without);
        }

        return new FoundCause(
            $cause, $likely, $clue->for === [] ? [new Statement('clue.leads', ['faults' => self::names($cause, $bake)])] : $clue->for,
            $clue->against === [] ? [new Statement('clue.nothing-against')] : $clue->against, new Statement("check.$cause->value"), new Statement("next.$cause->value"), $then,
        );
    }

    /** @return list<Statement> of the words that went wrong: what it was and what it would be as designed */
    private static function then(DoneBake $bake, WordsOf $with, WordsOf $without): array
    {
        $pairs = [
            ...($bake->underside === null ? [] : [['base', $bake->underside->value, $without->underside->value]]),
            ...($bake->slice === null ? [] : [['slice', $bake->slice->value, $without->slice->value]]),
            ...($bake->colour === null ? [] : [['colour', $bake->colour->value, $without->colour->value]]),
        ];

        return array_values(array_map(
            static fn (array $pair): Statement => new Statement("then.$pair[0]", ['from' => $pair[1], 'to' => $pair[2]]),
            array_filter($pairs, static fn (array $pair): bool => $pair[1] !== $pair[2]),
        ));
    }

    /** @return list<Statement> */
    private static function names(CauseName $cause, DoneBake $bake): array
    {
        $leads = $cause->leadsTo();
        $own = array_values(array_filter($bake->troubles(), static fn (FaultName $fault): bool => isset($leads[$fault->value])));

        return array_map(static fn (FaultName $fault): Statement => new Statement("fault.$fault->value"), $own === [] ? array_slice($bake->troubles(), 0, 1) : $own);
    }

    /**
     * Causes that would lead to what was seen, and that the record speaks against.
     *
     * @param  array<string, Clue>  $clues
     * @param  list<FaultName>  $troubles
     * @param  list<string>  $shown
     * @return list<Statement>
     */
    private static function ruledOut(array $clues, array $troubles, array $shown): array
    {
        $out = [];
        foreach ($clues as $name => $clue) {
            $leads = array_intersect_key(CauseName::from($name)->leadsTo(), array_flip(array_map(static fn (FaultName $one): string => $one->value, $troubles)));
            if (! in_array($name, $shown, true) && $leads !== [] && max($leads) >= 0.3 && $clue->log <= -2.0 && $clue->against !== []) {
                $out[] = new Statement('ruled-out', ['cause' => new Statement("cause.$name"), 'why' => $clue->against[0]]);
            }
        }

        return array_slice($out, 0, 4);
    }
}
