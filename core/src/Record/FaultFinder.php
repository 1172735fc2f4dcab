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
    /** Shown (definition). */
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

    /** A bake with it must end so much more as it was judged than one without, to be a cause by that alone (judgement). */
    private const BETTER = 0.5;

    /** A cause is named as ruled out where it leads to it so readily, with so much against it; and so many are named (judgement). */
    private const READILY = 0.3;

    private const AGAINST = -2.0;

    private const MOST_RULED_OUT = 4;

    /** That it was none of these (judgement). */
    private const NONE_LOG = -2.2;

    /**
     * @param  list<FaultName>  $troubles  that have one cause, as far as is known
     * @param  list<FoundCause>  $causes  the likeliest first, three at most
     * @param  list<Statement>  $ruledOut
     * @param  float  $none  how likely it was none of these, 0 to 1
     */
    private function __construct(public array $troubles, public array $causes, public array $ruledOut, public float $none)
    {
    }

    /**
     * What the likeliest cause does not lead to has a cause of its own, and is looked into by itself.
     *
     * @return list<self> nothing where nothing went wrong
     */
    public static function all(DoneBake $bake): array
    {
        $troubles = $bake->troubles();
        if ($troubles === []) {
            return [];
        }
        $all = self::of($bake);
        $own = ($all->causes[0] ?? null)->leadsTo ?? $troubles;
        $others = array_values(array_filter($troubles, static fn (FaultName $one): bool => ! in_array($one, $own, true)));

        return $others === [] ? [$all] : [self::of($bake->with($own)), ...self::all($bake->with($others))];
    }

    /** As if all of it had one cause. */
    public static function of(DoneBake $bake): self
    {
        $troubles = $bake->troubles();
        if ($troubles === []) {
            return new self([], [], [], 0.0);
        }
        $asDone = self::trial($bake->done, new BakeDeviation);
        $asDesigned = $bake->designed == $bake->done ? $asDone : self::trial($bake->designed, new BakeDeviation);
        $suspects = [];
        foreach (CauseName::cases() as $cause) {
            $suspect = Applies::to($cause, $bake->done) ? self::suspect($cause, $bake, $asDone, $asDesigned) : null;
            $suspects = $suspect === null ? $suspects : [...$suspects, $suspect];
        }
        usort($suspects, static fn (Suspect $a, Suspect $b): int => $b->log <=> $a->log);
        // where nothing is a cause of it, it was something else
        $best = $suspects[0]->log ?? 0.0;
        $sum = array_sum(array_map(static fn (Suspect $one): float => exp($one->log - $best), $suspects)) + exp(self::NONE_LOG);
        [$shown, $others] = [array_slice($suspects, 0, self::MOST), array_slice($suspects, self::MOST)];

        return new self(
            $troubles, array_map(static fn (Suspect $one): FoundCause => self::found($one, exp($one->log - $best) / $sum, $bake, $asDesigned), $shown),
            self::ruledOut($others, $troubles), exp(self::NONE_LOG) / $sum,
        );
    }

    /** Null where it leads to nothing of what was seen. */
    private static function suspect(CauseName $cause, DoneBake $bake, TrialBake $asDone, TrialBake $asDesigned): ?Suspect
    {
        $isDesign = $cause === CauseName::AsDesigned;
        $leads = $isDesign ? DesignedSo::leadsTo($bake, $asDesigned) : $cause->leadsTo();
        $words = $isDesign ? self::likely($asDesigned, $bake) : self::words($cause, $bake, $asDone);
        $own = array_values(array_filter($bake->troubles(), static fn (FaultName $fault): bool => isset($leads[$fault->value])));
        if ($own === [] && ($isDesign || $words < self::likely($asDone, $bake) + self::BETTER)) {
            return null;
        }
        $clue = Clues::of($cause, $bake);
        $log = log($cause->commonness()) + $clue->log + self::explains($leads, $bake) + self::SIMULATED * $words;

        return new Suspect($cause, $log, $own === [] ? $bake->troubles() : $own, self::told($cause, $clue, $own, $bake), $clue);
    }

    private static function likely(TrialBake $trial, DoneBake $bake): float
    {
        return WordsOf::logLikelihood($trial, $bake, $bake->done->bake->colour);
    }

    /** @param  array<string, float>  $leads */
    private static function explains(array $leads, DoneBake $bake): float
    {
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

        return max(array_map(static fn (TrialBake $trial): float => self::likely($trial, $bake), $trials === [] ? [$asDone] : $trials));
    }

    private static function trial(Pie $pie, BakeDeviation $kitchen): TrialBake
    {
        return TrialBake::run(BakeInputs::of(Weights::of($pie)), $kitchen);
    }

    private static function found(Suspect $suspect, float $likely, DoneBake $bake, TrialBake $asDesigned): FoundCause
    {
        $cause = $suspect->cause;
        $then = Planted::in($cause, $bake->done) === null ? [] : self::then($bake, $asDesigned);

        return new FoundCause(
            $cause, $likely, $suspect->leadsTo, $suspect->for, $suspect->clue->against === [] ? [new Statement('clue.nothing-against')] : $suspect->clue->against, new Statement("check.$cause->value"), NextTime::of($cause, $bake), $then,
        );
    }

    /** @return non-empty-list<Statement> of the words that went wrong and would be right as designed */
    private static function then(DoneBake $bake, TrialBake $asDesigned): array
    {
        // as the forecast had it, where there was one
        $without = $bake->told ?? WordsOf::of($asDesigned, $bake->designed->bake->colour);
        $wrong = array_map(static fn (FaultName $one): string => $one->value, $bake->troubles());
        $pairs = [
            ['base', ['soggy-base'], $bake->underside?->value, $without->underside?->value],
            ['slice', ['raw-middle', 'weeping'], $bake->slice?->value, $without->slice->value],
            ['colour', ['pale', 'burnt-rim'], $bake->colour?->value, $without->colour->value],
        ];
        $then = [];
        foreach ($pairs as [$what, $faults, $from, $to]) {
            if ($from !== null && $to !== null && $from !== $to && array_intersect($faults, $wrong) !== []) {
                $then[] = new Statement("then.$what", ['from' => $from, 'to' => $to]);
            }
        }

        return $then === [] ? [new Statement('then.same')] : $then;
    }

    /**
     * What the record says for it; where that is nothing, what it leads to.
     *
     * @param  list<FaultName>  $own
     * @return non-empty-list<Statement>
     */
    private static function told(CauseName $cause, Clue $clue, array $own, DoneBake $bake): array
    {
        $faults = array_map(static fn (FaultName $fault): Statement => new Statement('fault.'.($bake->isLooseSlice($fault) ? 'loose-slice' : $fault->value)), $own);

        return match (true) {
            $clue->for !== [] => $clue->for,
            $own === [] => [new Statement('clue.baked')],
            $cause === CauseName::AsDesigned => [new Statement('clue.foretold', ['faults' => $faults])],
            default => [new Statement('clue.leads', ['faults' => $faults])],
        };
    }

    /**
     * Causes that readily lead to what was seen, and that the record speaks against.
     *
     * @param  list<Suspect>  $suspects  that are not shown
     * @param  list<FaultName>  $troubles
     * @return list<Statement>
     */
    private static function ruledOut(array $suspects, array $troubles): array
    {
        $seen = array_flip(array_map(static fn (FaultName $one): string => $one->value, $troubles));
        $out = [];
        foreach ($suspects as $one) {
            $leads = array_intersect_key($one->cause->leadsTo(), $seen);
            if ($leads !== [] && max($leads) >= self::READILY && $one->clue->log <= self::AGAINST && $one->clue->against !== []) {
                $out[] = new Statement('ruled-out', ['cause' => new Statement("cause.{$one->cause->value}"), 'why' => $one->clue->against[0]]);
            }
        }

        return array_slice($out, 0, self::MOST_RULED_OUT);
    }
}
