<?php

declare(strict_types=1);

namespace Hojaldre\Core\AtOven;

use Hojaldre\Core\Day\Ending;
use Hojaldre\Core\Day\Task\RestAfter;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Pastry\Seal;
use Hojaldre\Core\Pastry\ShellSupport;
use Hojaldre\Core\Pie\Form;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Statement\Statement;

/** What a pie goes through at the oven: gates and acts with their minutes. Minutes: common practice, no source, unless said. */
final readonly class Legs
{
    /** Back in with the egg brushed on (common practice, no source). */
    private const SEAL_MINUTES = 2.0;

    /** A tin stays in so long, or is so deep, that it is turned once (common practice, no source). */
    private const TURN_FROM_MINUTES = 45.0;

    private const TURN_FROM_MM = 60.0;

    private const TURN_SHARE = 0.55;

    /** A vent that is cut late, before it comes out (common practice, no source). */
    private const VENT_BEFORE_MINUTES = 8.0;

    /** Deeper than this the middle is asked with a pick, mm (judgement). */
    private const DEEP_MM = 38.0;

    /** Narrower than this nobody sees it tremble, mm (judgement). */
    private const LEAST_TREMBLE_MM = 15.0;

    /** Too pale goes back so long (common practice, no source: 3 to 5). */
    private const PALER_MINUTES = 4.0;

    /** Nobody waits longer without another look, min (judgement). */
    private const LONGEST_AGAIN_MINUTES = 8.0;

    /** What is kept goes into the fridge 45 to 90 minutes after the oven (common practice, no source). */
    private const CHILL_MINUTES = 75.0;

    private const KITCHEN_CELSIUS = 21.0;

    /** @return non-empty-list<Leg> */
    public static function of(Pie $pie, PossibleBakes $possible): array
    {
        $bake = new Leg(LegName::Bake, Gate::ofBake($pie), self::bake($pie, $possible));

        return $pie->crust->shell !== [] && $pie->form()->canBeBakedBlind() ? [new Leg(LegName::Shell, Gate::ofShell($pie), self::shell($pie)), $bake] : [$bake];
    }

    /** @return non-empty-list<OvenAct> */
    private static function shell(Pie $pie): array
    {
        $acts = [];
        $minute = 0.0;
        foreach ($pie->crust->shell as $index => $stage) {
            $before = $pie->crust->shell[$index - 1] ?? null;
            if ($before?->how === ShellSupport::Weighted && $stage->how !== ShellSupport::Weighted) {
                $acts[] = self::act(ActName::WeightsOut, $minute, ['ovenCelsius' => $stage->ovenCelsius], [new Statement('oven-says.hot-weights'), new Statement('oven-says.dock-again')]);
            }
            $minute += $stage->minutes;
        }
        $acts[] = new OvenAct(ActName::ShellLook->value, ActName::ShellLook, $minute, false, new Statement('oven-act.shell-look'), [new Statement('oven-says.shell-'.$pie->crust->shellBake()->value)], ShellSeen::answers(), CueName::Shell);
        if ($pie->crust->seal !== Seal::None) {
            $acts[] = self::act(ActName::Seal, $minute, ['sealMinutes' => self::SEAL_MINUTES]);
            $minute += self::SEAL_MINUTES;
        }
        $acts[] = self::act(ActName::Out, $minute, ['leg' => 'shell'], [new Statement('oven-says.shell-cools')]);

        return $acts;
    }

    /** @return non-empty-list<OvenAct> */
    private static function bake(Pie $pie, PossibleBakes $possible): array
    {
        $before = $possible->before();
        $out = OutAt::of($pie, $before);
        $atLook = self::cueAt($pie, $possible, $out->lookMinute());
        // a pie that was ready long before its minutes comes out by its colour
        $atOut = $atLook === CueName::Colour ? $atLook : self::cue($pie, $possible);
        $acts = self::moves($pie, $out);
        if ($pie->bake->minutes() >= self::TURN_FROM_MINUTES || $pie->tin->depthMm() >= self::TURN_FROM_MM) {
            $acts[] = self::act(ActName::Turn, round(self::TURN_SHARE * $out->minute), [], [new Statement('oven-says.turn')]);
        }
        if ($pie->crust->lid?->ventedLate === true) {
            $acts[] = self::act(ActName::Vent, round($out->minute - self::VENT_BEFORE_MINUTES));
        }
        $acts[] = new OvenAct(ActName::Look->value, ActName::Look, $out->lookMinute(), false, new Statement('oven-act.look'), [new Statement('look-for.'.$atLook->value)], self::answers($pie, $possible, $atLook, $out->lookMinute(), false), $atLook);
        $acts[] = new OvenAct(ActName::Out->value, ActName::Out, round($out->minute), false, new Statement('oven-act.out', ['leg' => 'bake']), [new Statement('look-for-out.'.$atOut->value)], self::answers($pie, $possible, $atOut, round($out->minute), true), $atOut);
        usort($acts, static fn (OvenAct $a, OvenAct $b): int => $a->minute <=> $b->minute);

        return [
            ...$acts,
            self::act(ActName::Rested, RestAfter::minutes($pie, Ending::Warm, self::KITCHEN_CELSIUS), [], [new Statement('oven-says.rested')], true),
            self::act(ActName::Chill, self::CHILL_MINUTES, [], [new Statement('oven-says.chill')], true),
        ];
    }

    /** @return list<OvenAct> where a stage of the bake ends and the next one is another */
    private static function moves(Pie $pie, OutAt $out): array
    {
        $acts = [];
        $minute = 0.0;
        foreach ($pie->bake->stages as $index => $stage) {
            $before = $pie->bake->stages[$index - 1] ?? null;
            $changes = $before === null ? [] : self::changes($before, $stage);
            if ($changes !== [] && $minute < $out->minute) {
                $acts[] = new OvenAct(ActName::Move->value.$index, ActName::Move, $minute, false, new Statement('oven-act.move', ['changes' => $changes]), []);
            }
            $minute += $stage->minutes;
        }

        return $acts;
    }

    /** @return list<Statement> */
    private static function changes(Stage $before, Stage $stage): array
    {
        return [
            ...($before->rack === $stage->rack ? [] : [new Statement('move.rack', ['rack' => $stage->rack->value])]),
            ...($before->tent === $stage->tent ? [] : [new Statement($stage->tent ? 'move.tent-on' : 'move.tent-off')]),
            ...($before->shield === $stage->shield ? [] : [new Statement($stage->shield ? 'move.shield-on' : 'move.shield-off')]),
            ...(abs($before->ovenCelsius - $stage->ovenCelsius) < 1 ? [] : [new Statement($stage->ovenCelsius > $before->ovenCelsius ? 'move.hotter' : 'move.cooler', ['ovenCelsius' => $stage->ovenCelsius])]),
            ...($before->mode === $stage->mode ? [] : [new Statement('move.mode', ['mode' => $stage->mode->value])]),
        ];
    }

    /** What has nothing left that trembles by then is told by its colour. */
    private static function cueAt(Pie $pie, PossibleBakes $possible, float $minute): CueName
    {
        $cue = self::cue($pie, $possible);

        return $cue === CueName::Tremble && $possible->trembleMm($minute) < self::LEAST_TREMBLE_MM ? CueName::Colour : $cue;
    }

    public static function cue(Pie $pie, PossibleBakes $possible): CueName
    {
        $trembles = $possible->trembleMm(0.0) > 0;

        return match (true) {
            $pie->form() === Form::Folded, $pie->form() === Form::DoubleCrust => $trembles ? CueName::Pick : CueName::Underside,
            $pie->form() === Form::Open && $trembles => Weights::of($pie)->fillMm() > self::DEEP_MM ? CueName::Pick : CueName::Tremble,
            $trembles => CueName::Pick,
            default => CueName::Colour,
        };
    }

    /** @return list<ActAnswer> from early to late */
    private static function answers(Pie $pie, PossibleBakes $possible, CueName $cue, float $minute, bool $isLast): array
    {
        return match ($cue) {
            CueName::Tremble, CueName::Pick => self::trembles($pie, $possible, $cue, $minute, $isLast),
            default => [
                new ActAnswer('paler', new Statement('seen.paler'), new Statement('then.later', ['laterMinutes' => self::PALER_MINUTES]), $isLast ? self::PALER_MINUTES : null, $isLast ? 0.0 : self::PALER_MINUTES),
                new ActAnswer('like', new Statement('seen.like'), new Statement($isLast ? 'then.out-now' : 'then.as-planned'), takesOut: $isLast),
                new ActAnswer('darker', new Statement('seen.darker'), new Statement($isLast ? 'then.out-now' : 'then.tent'), takesOut: $isLast),
            ],
        };
    }

    /** @return list<ActAnswer> */
    private static function trembles(Pie $pie, PossibleBakes $possible, CueName $cue, float $minute, bool $isLast): array
    {
        $pictureMm = $isLast ? $possible->readyTrembleMm() : $possible->trembleMm($minute);

        if ($pictureMm < self::LEAST_TREMBLE_MM) {
            // its middle was ready long ago by the forecast: what is still wet then is wet against it
            return array_map(static fn (Compared $compared): ActAnswer => $compared === Compared::More
                ? new ActAnswer($compared->value, new Statement("seen-$cue->value.$compared->value"), new Statement('then.later', ['laterMinutes' => self::PALER_MINUTES]), $isLast ? self::PALER_MINUTES : null, $isLast ? 0.0 : self::PALER_MINUTES)
                : new ActAnswer($compared->value, new Statement("seen-$cue->value.$compared->value"), new Statement($isLast ? 'then.out-now' : 'then.as-planned'), takesOut: $isLast), Compared::cases());
        }

        return array_map(static function (Compared $compared) use ($pie, $possible, $cue, $minute, $pictureMm, $isLast): ActAnswer {
            $then = OutAt::of($pie, $possible->given(null, [new Seen($minute, $pictureMm, $compared)]));
            $more = $then->minute - OutAt::of($pie, $possible->before())->minute;
            $title = new Statement("seen-$cue->value.$compared->value");
            if ($isLast && $compared !== Compared::More || $then->minute <= $minute) {
                return new ActAnswer($compared->value, $title, new Statement('then.out-now'), takesOut: true);
            }
            if ($isLast) {
                $again = min(self::LONGEST_AGAIN_MINUTES, max(1.0, round($then->minute - $minute)));

                return new ActAnswer($compared->value, $title, new Statement('then.later-between', ['from' => max(1.0, $again - 1), 'toMinutes' => $again + 1]), againMinutes: $again);
            }

            return new ActAnswer($compared->value, $title, new Statement(abs($more) < 1 ? 'then.as-planned' : ($more > 0 ? 'then.later-between' : 'then.earlier'), [
                'from' => max(1.0, round(abs($more)) - 1), 'toMinutes' => round(abs($more)) + 1,
            ]), movesOutMinutes: round($more));
        }, Compared::cases());
    }

    /**
     * @param  array<string, float|string>  $with
     * @param  list<Statement>  $says
     */
    private static function act(ActName $name, float $minute, array $with = [], array $says = [], bool $isAfterOut = false): OvenAct
    {
        return new OvenAct($name->value, $name, $minute, $isAfterOut, new Statement('oven-act.'.$name->value, $with), $says);
    }
}
