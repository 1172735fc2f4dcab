<?php

declare(strict_types=1);

namespace Hojaldre\Core\Batch\Prep;

use Hojaldre\Core\Batch\Batch;
use Hojaldre\Core\Batch\DoughPlan;
use Hojaldre\Core\Batch\PastryPlan;
use Hojaldre\Core\Batch\PieOfBatch;
use Hojaldre\Core\Moisture\Phase;
use Hojaldre\Core\Moisture\PhaseName;
use Hojaldre\Core\Pastry\Rest\Rest;
use Hojaldre\Core\Pastry\Rest\RestName;
use Hojaldre\Core\Statement\Statement;

/** A batch as one list in the order cooks work: dough first, filling during its rest, tins, sauce and custard last. */
final readonly class PrepList
{
    /** Rolling out a dough, lining a tin, cutting one folded piece, minutes (common practice, no source). */
    private const ROLL_MINUTES = 2.0;

    private const TIN_MINUTES = 4.0;

    private const CUT_MINUTES = 0.25;

    /** @param  list<PrepAct>  $acts */
    private function __construct(public array $acts)
    {
    }

    /** @param  list<PieOfBatch>  $pies */
    public static function of(Batch $batch, array $pies, PastryPlan $pastry): self
    {
        $doughs = array_map(self::mixing(...), array_values(array_filter($pastry->doughs, static fn (DoughPlan $one): bool => $one->formula !== null && $one->madeGrams() > 0)));
        usort($doughs, static fn (PrepAct $a, PrepAct $b): int => $b->waitMinutes <=> $a->waitMinutes);

        return new self([
            ...$doughs,
            ...FillingActs::of($batch, $pies),
            ...array_map(self::lining(...), $pastry->doughs),
            ...ShellActs::of($batch, $pies),
            ...BindingActs::of($pies),
            ...CustardActs::of($pies),
        ]);
    }

    private static function mixing(DoughPlan $plan): PrepAct
    {
        $rests = array_filter($plan->rests(), static fn (Rest $rest): bool => in_array($rest->name, [RestName::AfterMixing, RestName::BetweenFolds], true) && ! in_array($rest->name, $plan->choice->skipped, true));
        $minutes = $plan->formula?->method->minutes() ?? [0.0, 0.0];

        return new PrepAct(
            'dough:'.$plan->dough->id, ActKind::Dough, new Statement('act.mix', ['food' => $plan->dough->name]), [$plan->dough->name],
            $plan->madeGrams(), null, $plan->goes(), [new Phase(PhaseName::Work, $minutes[1])],
            array_map(static fn ($use): PieShare => new PieShare($use->of->number, $use->rolledGrams), $plan->uses),
            [new Statement('prep.flour-raw')], array_sum(array_map(static fn (Rest $rest): float => $rest->usualMinutes * $rest->times, $rests)),
            food: $plan->dough->id,
        );
    }

    private static function lining(DoughPlan $plan): PrepAct
    {
        $chill = array_values(array_filter($plan->rests(), static fn (Rest $rest): bool => $rest->name === RestName::InTheTin && ! in_array($rest->name, $plan->choice->skipped, true)));
        $isAllFolded = array_filter($plan->uses, static fn ($use): bool => $use->of->folded() === null) === [];
        $minutes = array_sum(array_map(static fn ($use): float => $use->of->line->count * ($use->of->folded() === null ? self::TIN_MINUTES : self::CUT_MINUTES), $plan->uses));
        $pieces = (int) array_sum(array_map(static fn ($use): int => $use->of->line->count, $plan->uses));

        return new PrepAct(
            'line:'.$plan->dough->id, ActKind::Line, new Statement($isAllFolded ? 'act.cut-discs' : 'act.line', ['food' => $plan->dough->name, 'pieces' => $pieces]), [$plan->dough->name],
            $plan->rolledGrams(), null, 1, [new Phase(PhaseName::Work, self::ROLL_MINUTES + $minutes)],
            array_map(static fn ($use): PieShare => new PieShare($use->of->number, $use->rolledGrams), $plan->uses),
            $plan->choice->fromBeforeGrams > 0 ? [new Statement('prep.dough-from-before', ['beforeGrams' => $plan->choice->fromBeforeGrams])] : [],
            $chill === [] ? 0.0 : $chill[0]->usualMinutes, food: $plan->dough->id,
        );
    }
}
