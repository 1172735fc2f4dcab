<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice;

use Hojaldre\Core\Bake\Brownness;
use Hojaldre\Core\Bake\Cue;
use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Forecast\SimulatedBake;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pastry\BaseVerdict;
use Hojaldre\Core\Pastry\ShellBake;
use Hojaldre\Core\Pastry\ShellStage;
use Hojaldre\Core\Pie\Pie;

/** Par-bake or not: the pie baked with a raw, a par-baked and a fully baked shell, the least work that keeps its base dry, and what is left for a cook who never bakes a shell blind. */
final readonly class ShellAdvice
{
    /** Bulk of what is laid in as weights, g in a ml (common practice, no source). */
    private const WEIGHTS = ['ceramic or steel beads' => 1.5, 'dried pulses' => 0.8, 'rice' => 0.85, 'sugar' => 0.85];

    private const NAMES = [ShellBake::Raw->value => 'no', ShellBake::ParBaked->value => 'par-bake', ShellBake::FullyBaked->value => 'bake through'];

    /** @return array<string, mixed>|null null where there is no shell to bake blind, or nothing in it */
    public static function of(Pie $pie): ?array
    {
        if (! $pie->form()->canBeBakedBlind() || ! $pie->form()->hasBase() || SimulatedBake::roughly($pie) === null) {
            return null;
        }
        $options = [];
        $choice = null;
        foreach (ShellBake::cases() as $shell) {
            $baked = SimulatedBake::roughly($pie->withCrust($pie->crust->withShell(ShellStage::usual($shell), $pie->crust->seal)));
            if ($baked === null) {
                continue;
            }
            $dry = $baked->base() <= BaseVerdict::DRY_TO;
            $choice ??= $dry ? self::NAMES[$shell->value] : null;
            $options[] = self::option($shell, $baked);
        }

        return [
            'choice' => $choice ?? self::NAMES[ShellBake::FullyBaked->value],
            'why' => self::why($choice, $options),
            'options' => $options,
            'without' => self::without($pie),
            'weights' => self::weights($pie),
        ];
    }

    /** @return array{name: string, minutes: float, basePercent: float, verdict: string, rim: string, stages: list<array{how: string, minutes: float, ovenCelsius: float, look: string}>} */
    private static function option(ShellBake $shell, SimulatedBake $baked): array
    {
        $stages = [];
        foreach ($baked->result->shell as $i => $after) {
            $stages[] = ['how' => $after['how'], 'minutes' => $after['minutes'], 'ovenCelsius' => $baked->input->shell[$i]->ovenCelsius ?? 0.0, 'look' => Cue::ofShell($after['basePercent'], $after['rim'])];
        }

        return [
            'name' => self::NAMES[$shell->value],
            'minutes' => array_sum(array_column($stages, 'minutes')),
            'basePercent' => round($baked->base(), 1),
            'verdict' => BaseVerdict::of($baked->base()),
            'rim' => Brownness::word($baked->result->rimBrownOut),
            'stages' => $stages,
        ];
    }

    /** @param  list<array{name: string, basePercent: float, verdict: string, rim: string}>  $options */
    private static function why(?string $choice, array $options): string
    {
        $told = implode('; ', array_map(static fn (array $one): string => sprintf('%s: base %d %%, %s, rim %s', $one['name'], (int) round($one['basePercent']), $one['verdict'], $one['rim']), $options));

        return match ($choice) {
            'no' => "Filled raw the base already comes out dry ($told).",
            null => "Even baked through the base stays wet: take water out of the filling first ($told).",
            default => "It is the least work that keeps the base dry ($told).",
        };
    }

    /** The best a cook gets who never bakes a shell blind. */
    private static function without(Pie $pie): string
    {
        $raw = $pie->withCrust($pie->crust->withShell([], $pie->crust->seal));
        $forecast = Forecast::of($raw);
        foreach ($forecast->readings as $reading) {
            if ($reading->name !== 'base') {
                continue;
            }
            if (! $reading->inTrouble()) {
                return 'Without it: nothing else is needed.';
            }
            $ways = WayOutSearch::ways($reading, $raw, $forecast->readings, new Trials($raw, $forecast->baked), parBakes: false);
            $best = $ways[0] ?? null;

            return $best === null ? 'Without it nothing dries the base enough.'
                : sprintf('Without it: %s%s.', lcfirst($best->act), $best->clears ? '' : ', which is not enough alone');
        }

        return '';
    }

    /** @return array{millilitres: float, grams: list<array{name: string, grams: float}>} to the rim of the lined tin */
    private static function weights(Pie $pie): array
    {
        $lined = Weights::of($pie)->lined;
        $millilitres = $lined->volumeMl($lined->depthMm());

        return [
            'millilitres' => round($millilitres, -1),
            'grams' => array_map(static fn (string $name, float $bulk): array => ['name' => $name, 'grams' => round($millilitres * $bulk, -1)], array_keys(self::WEIGHTS), array_values(self::WEIGHTS)),
        ];
    }
}
