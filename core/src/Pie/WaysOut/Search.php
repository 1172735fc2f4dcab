<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie\WaysOut;

use Hojaldre\Core\Pie\Baked;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\Readings\BakeReadings;
use Hojaldre\Core\Pie\Readings\Reader;
use Hojaldre\Core\Pie\Readings\Reading;
use Hojaldre\Core\Pie\Readings\Readings;

/**
 * Asks of many changed pies how their readings stand. Those that a balance answers are asked afresh; for the rest each pie is baked
 * once, roughly, and moved by what the fine bake of the design itself says more than its rough one.
 */
final class Search
{
    private const MOST_KEPT = 400;

    /** @var array<string, float> */
    private array $offsets = [];

    private float $safeDoubt = 0.0;

    /** @var array<string, Baked|null> by what decides the bake */
    private array $baked = [];

    public int $bakes = 0;

    public function __construct(private readonly Pie $pie, ?Baked $fine)
    {
        $rough = $this->roughly($pie);
        foreach (['set', 'base', 'safe'] as $name) {
            $difference = $fine === null || $rough === null ? 0.0
                : ($name === 'base' ? $fine->base() - $rough->base() : $fine->minute($name) - $rough->minute($name));
            $this->offsets[$name] = is_finite($difference) ? $difference : 0.0;
        }
        if ($fine !== null) {
            [, $high] = $fine->range('safe');
            $this->safeDoubt = is_finite($high) ? $high - $fine->minute('safe') : 0.0;
        }
    }

    /** -1 below its limits, 0 seated, 1 above; null where it cannot be told. */
    public function side(string $name, Pie $pie): ?int
    {
        $gauge = Reader::gauges()[$name] ?? null;

        return $gauge === null
            ? BakeReadings::side($name, $pie, $this->roughly($pie), $this->offsets[$name], $this->safeDoubt)
            : Reader::side($gauge, $pie);
    }

    /** @return list<Reading> all of them, of a changed pie */
    public function readings(Pie $pie): array
    {
        return array_map(fn (Reading $reading): Reading => $reading->shifted($this->offsets[$reading->name] ?? 0.0), Readings::of($pie, $this->roughly($pie)));
    }

    private function roughly(Pie $pie): ?Baked
    {
        $key = md5(serialize([$pie->tin->toArray(), $pie->crust->toArray(), array_map(static fn ($layer): array => $layer->toArray(), $pie->layers), $pie->bake->toArray()]));
        if (! array_key_exists($key, $this->baked)) {
            $this->baked = count($this->baked) < self::MOST_KEPT ? $this->baked : [];
            $this->baked[$key] = Baked::roughly($pie);
            $this->bakes++;
        }

        return $this->baked[$key];
    }
}
