<?php

declare(strict_types=1);

namespace App\AtOven;

use App\Kitchen\Kitchen;
use App\Kitchen\User;
use App\Oven\KitchenOven;
use Hojaldre\Core\AtOven\Legs;
use Hojaldre\Core\AtOven\OutAt;
use Hojaldre\Core\AtOven\PossibleBakes;
use Hojaldre\Core\Day\Task\FrozenBake;
use Hojaldre\Core\Document\DocumentWriter;
use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Oven\BakePlan;
use Hojaldre\Core\Oven\Matched;
use Hojaldre\Core\Oven\Oven;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\PieFile\PieFile;
use Hojaldre\Core\Record\Foretold;
use Hojaldre\Core\Refusal\Refused;
use Illuminate\Support\Str;

/** A pie is put down for the oven: its forecast, its gates and acts, and a handful of ways in which it may go are kept from now on. */
final readonly class BegunBake
{
    public static function put(Kitchen $kitchen, User $by, BakeWish $wish, string $at): StoredBake
    {
        $stored = $wish->pie === null ? null : ($kitchen->pies()->find($wish->pie) ?? throw Refused::because('no-such-bake-pie', "$at/pie"));
        $oven = $wish->oven === null ? self::named($kitchen, $wish->design ?? $stored?->newest()->pie()) : (KitchenOven::query()->where('kitchen_id', $kitchen->id)->where('id', $wish->oven)->first() ?? throw Refused::because('unknown-oven', "$at/oven"));
        $pie = $wish->design ?? $stored?->newest()->pie() ?? throw Refused::because('no-pie', "$at/pie");
        $pie = $wish->isFrozen ? (FrozenBake::of($pie) ?? throw Refused::because('not-from-frozen', "$at/isFrozen")) : $pie;
        $pie = $oven === null ? $pie : self::inOven($pie, $oven);
        $forecast = Forecast::of($pie);
        $foretold = Foretold::of($forecast) ?? throw Refused::because('nothing-to-bake', "$at/pie");
        $input = $forecast->bake->input ?? throw Refused::because('nothing-to-bake', "$at/pie");
        $possible = PossibleBakes::of($input);
        $out = OutAt::of($pie, $possible->before());

        return StoredBake::query()->create([
            'id' => $wish->id ?? Str::uuid()->toString(), 'kitchen_id' => $kitchen->id, 'pie_id' => $stored?->id, 'name' => $pie->name, 'count' => $wish->count, 'design' => PieFile::write($pie),
            'foretold' => json_encode(DocumentWriter::write($foretold), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION), 'legs' => json_encode(KeptLegs::write(Legs::of($pie, $possible)), JSON_THROW_ON_ERROR),
            'possible' => json_encode(KeptPossible::write($possible), JSON_THROW_ON_ERROR), 'oven_id' => $oven?->id, 'oven' => $oven->name ?? $pie->bake->oven->name ?? '',
            'designed_minutes' => round($out->minute), 'low_minutes' => round($out->lowMinute, 1), 'high_minutes' => round($out->highMinute, 1),
            'planned_at' => $wish->plannedAt === null ? null : date('Y-m-d\TH:i:sP', intdiv($wish->plannedAt, 1000)), 'state' => 'waiting', 'faults' => [], 'weighed' => PreparedWeights::of($kitchen, $wish->batch, $pie), 'words' => '', 'next_time' => '',
            'looked_for' => self::lookedFor($pie, $oven->name ?? ''), 'begun_by' => $by->name,
        ]);
    }

    /** The dial is told for the oven it really goes into. */
    private static function inOven(Pie $pie, KitchenOven $oven): Pie
    {
        $bake = $pie->bake;

        return $pie->withBake(new BakePlan($bake->stages, $bake->on, new Oven($oven->name, $oven->runs_by_kelvins), $bake->tinMaterial, $bake->colour, self::matched($bake->matched, $oven)));
    }

    /** The oven that the design names, where it is in the stores. */
    private static function named(Kitchen $kitchen, ?Pie $design): ?KitchenOven
    {
        $name = $design?->bake->oven?->name;

        return $name === null ? null : KitchenOven::query()->where('kitchen_id', $kitchen->id)->where('name', $name)->first();
    }

    private static function matched(?Matched $own, KitchenOven $oven): ?Matched
    {
        return abs($oven->below_factor - 1) < 0.01 ? $own : new Matched($own->ovenKelvins ?? 0.0, $oven->below_factor, $own->weepFactor ?? 1.0);
    }

    /** In small letters, for a search by parts of words. */
    private static function lookedFor(Pie $pie, string $oven): string
    {
        $foods = [];
        foreach ($pie->layers as $layer) {
            foreach ($layer->ingredients() as $one) {
                $foods[] = $one->food->name;
            }
        }

        return mb_strtolower(implode(' ', [$pie->name, $oven, ...array_unique($foods)]));
    }
}
