<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice;

use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Forecast\Readings\ReadingName;
use Hojaldre\Core\Forecast\SimulatedBake;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pastry\BaseVerdict;
use Hojaldre\Core\Pastry\PieWeight;
use Hojaldre\Core\Pastry\ShellBake;
use Hojaldre\Core\Pastry\ShellStage;
use Hojaldre\Core\Pie\Pie;

/** Par-bake or not: the pie baked with a raw, a par-baked and a fully baked shell, the least work that keeps its base dry, and what is left for a cook who never bakes a shell blind. */
final readonly class ShellAdvice
{
    /**
     * @param  ShellBake  $choice  the least work that keeps the base dry, or all there is
     * @param  bool  $isDry  whether that keeps it dry
     * @param  list<ShellOption>  $options
     * @param  bool  $isDryWithout  whether the base is dry with a raw shell as it is
     * @param  WayOut|null  $without  the best for a cook who never bakes a shell blind; null where nothing is needed or nothing helps
     * @param  list<PieWeight>  $pieWeights  that would fill the shell to its rim
     */
    private function __construct(
        public ShellBake $choice,
        public bool $isDry,
        public array $options,
        public bool $isDryWithout,
        public ?WayOut $without,
        public float $roomMl,
        public array $pieWeights,
    ) {
    }

    /** Null where there is no shell to bake blind, or nothing in it. */
    public static function of(Pie $pie): ?self
    {
        if (! $pie->form()->canBeBakedBlind() || ! $pie->form()->hasBase()) {
            return null;
        }
        $options = [];
        $choice = null;
        foreach (ShellBake::cases() as $shell) {
            $bake = SimulatedBake::roughly(Weights::of($pie->withCrust($pie->crust->withShell(ShellStage::usual($shell), $pie->crust->seal))));
            if ($bake === null) {
                return null;
            }
            $choice ??= $bake->base() <= BaseVerdict::DRY_TO_RATIO ? $shell : null;
            $options[] = new ShellOption($shell, $bake->result->shell, $bake->base(), BaseVerdict::of($bake->base(), $bake->result->baseBakedShare), $bake->result->browned->rimIndex);
        }
        $raw = Forecast::of($pie->withCrust($pie->crust->withShell([], $pie->crust->seal)));
        $base = $raw->reading(ReadingName::Base);
        $isWet = $base !== null && $base->inTrouble();
        $ways = $isWet ? WayOutSearch::ways($base, $raw, new Trials($raw->weights, $raw->bake), parBakes: false) : [];
        $lined = $raw->weights->lined;
        $roomMl = $lined->volumeMl($lined->depthMm());

        return new self($choice ?? ShellBake::FullyBaked, $choice !== null, $options, ! $isWet, $ways[0] ?? null, $roomMl, PieWeight::cases());
    }
}
