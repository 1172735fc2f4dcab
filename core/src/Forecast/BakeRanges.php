<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast;

use Hojaldre\Core\Bake\BakeEvent;
use Hojaldre\Core\Bake\BakeInput;
use Hojaldre\Core\Bake\Brownness;
use Hojaldre\Core\Food\DoughKind;

/**
 * How far a bake in a real kitchen may be from the one simulated, for 8 bakes in 10. Not judged: 200 kitchens drawn from one table of
 * doubts (Kitchens) were baked for each bake of practice, and these widths are where their tenths lay; `./hojaldre bench ranges`
 * prints what they cover. They cost no further bake.
 */
final readonly class BakeRanges
{
    /** Shares of a time down and up: of what the custard does, of the coldest point, of colour (fitted). */
    private const CUSTARD = [0.110, 0.131];

    private const SAFE = [0.101, 0.115];

    private const COLOUR = [0.112, 0.139];

    /** A filling as hot as this is soon safe or not for a few K more or less, °C; what is narrower than this is decided by fewer things, mm (fitted). */
    private const HOT_CELSIUS = 45.0;

    private const HOT_OVER_KELVINS = 15.0;

    private const NARROW_MM = 60.0;

    /** A lid of pastry this thick is as sure as an open top, mm; and how its doubt grows with thickness (fitted). */
    private const USUAL_LID_MM = 2.5;

    private const LID_POWER = 0.75;

    /**
     * Water to solids of a base, and how far down and up it may be from there (fitted).
     *
     * @var list<array{float, float, float}>
     */
    private const BASE = [[0.0, 0.02, 0.03], [0.1, 0.03, 0.042], [0.16, 0.046, 0.056], [0.25, 0.062, 0.064], [0.32, 0.078, 0.062], [0.37, 0.072, 0.05], [0.42, 0.048, 0.024], [0.46, 0.022, 0.012], [9.0, 0.022, 0.012]];

    private const BASE_RUNNY = [0.75, 0.55, 0.6, 1.1];

    private const PUFF_FACTOR = 1.8;

    private const PUFF_LEAST = 0.09;

    /** Of browning, in e-folds, down and up at golden and beyond, and more where it is paler (fitted). */
    private const TOP = [0.47, 0.42];

    private const TOP_PALER = [0.5, 0.3];

    /** A filling heavier by a share takes longer by so much of it; an open top is paler, a lid hardly, e-folds (fitted: the demo pies with 10 % more and less). */
    private const MINUTES_BY_MASS = 0.9;

    private const OPEN_TOP_BY_MASS = 1.8;

    private const LID_BY_MASS = 0.35;

    /** How far water that is unsure by its whole moves a base, against the width it has by itself (fitted: weep 30 % more and less). */
    private const BASE_BY_WEEP = 1.2;

    private function __construct(private BakeInput $input, private float $massShare, private float $weepShare)
    {
    }

    /** @param  AmountDoubts|null  $doubts  of amounts that nobody weighed */
    public static function of(BakeInput $input, ?AmountDoubts $doubts = null): self
    {
        return new self($input, $doubts->massShare ?? 0.0, $doubts->weepShare ?? 0.0);
    }

    /** @return array{float, float} */
    public function minutes(BakeEvent $event, float $minute): array
    {
        [$down, $up] = match ($event) {
            BakeEvent::LightGold, BakeEvent::Golden, BakeEvent::Dark => array_map($this->underALid(...), self::COLOUR),
            BakeEvent::Warm, BakeEvent::Safe => array_map(fn (float $share): float => $share * $this->narrow() * $this->hot(), self::SAFE),
            default => array_map(fn (float $share): float => $share * $this->narrow(), self::CUSTARD),
        };

        $byMass = self::MINUTES_BY_MASS * $this->massShare;

        return [$minute * max(0.0, 1 - hypot($down, $byMass)), $minute * (1 + hypot($up, $byMass))];
    }

    /** @return array{float, float} */
    public function baseRatio(float $ratio): array
    {
        [$down, $up] = self::between($ratio);
        [$downFrom, $upFrom, $downBy, $upBy] = self::BASE_RUNNY;
        $byWeep = hypot(1.0, self::BASE_BY_WEEP * $this->weepShare);
        [$down, $up] = [$down * $byWeep, $up * $byWeep];
        [$dough, $least] = $this->input->doughKind === DoughKind::Puff ? [self::PUFF_FACTOR, self::PUFF_LEAST] : [1.0, 0.0];

        return [
            max(0.0, $ratio - max($least, $dough * $down * ($downFrom + $downBy * $this->input->runnyShare))),
            $ratio + max($least, $dough * $up * ($upFrom + $upBy * $this->input->runnyShare)),
        ];
    }

    /** @return array{float, float} */
    public function topIndex(float $index): array
    {
        $browning = Brownness::browning($index);
        $paler = max(0.0, 1 - $index);
        $byMass = ($this->input->lidMm > 0 ? self::LID_BY_MASS : self::OPEN_TOP_BY_MASS) * $this->massShare;

        return [
            Brownness::index($browning * exp(-hypot(self::TOP[0] + self::TOP_PALER[0] * $paler, $byMass))),
            Brownness::index($browning * exp(hypot(self::TOP[1] + self::TOP_PALER[1] * $paler, $byMass))),
        ];
    }

    private function underALid(float $share): float
    {
        return $share * ($this->input->lidMm > 0 ? max(1.0, $this->input->lidMm / self::USUAL_LID_MM) ** self::LID_POWER : 1.0);
    }

    private function hot(): float
    {
        return 1 + max(0.0, ($this->input->startCelsius - self::HOT_CELSIUS) / self::HOT_OVER_KELVINS) ** 2;
    }

    private function narrow(): float
    {
        return min(1.0, 0.55 + 0.45 * $this->input->radiusMm / self::NARROW_MM);
    }

    /** @return array{float, float} down and up, between two rows of the table */
    private static function between(float $ratio): array
    {
        $below = self::BASE[0];
        foreach (self::BASE as $row) {
            if ($ratio < $row[0]) {
                $share = ($ratio - $below[0]) / max(1e-9, $row[0] - $below[0]);

                return [$below[1] + $share * ($row[1] - $below[1]), $below[2] + $share * ($row[2] - $below[2])];
            }
            $below = $row;
        }

        return [$below[1], $below[2]];
    }
}
