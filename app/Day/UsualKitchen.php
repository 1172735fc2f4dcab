<?php

declare(strict_types=1);

namespace App\Day;

use App\Kitchen\Kitchen;
use App\Kitchen\Role;
use App\Oven\KitchenOven;
use Hojaldre\Core\Day\Cook;
use Hojaldre\Core\Day\DayKitchen;
use Hojaldre\Core\Day\DayOven;
use Hojaldre\Core\Day\Hours;
use Hojaldre\Core\Oven\OvenMode;

/** Hands and ovens as on the day that was saved last; before there was one, who is in the kitchen and the ovens in its stores. */
final readonly class UsualKitchen
{
    /** Common practice, no source. */
    private const FROM_MINUTE = 360;

    private const TO_MINUTE = 1260;

    private const DAY_MINUTES = 1440;

    private const RINGS = 4;

    private const FRIDGE_TINS = 12;

    private const RACK_TINS = 12;

    public static function of(Kitchen $kitchen): DayKitchen
    {
        $last = StoredDay::of($kitchen)->orderByDesc('updated_at')->first();
        if ($last !== null) {
            return $last->newest()->document()->kitchen;
        }
        $ovens = KitchenOven::query()->where('kitchen_id', $kitchen->id)->orderBy('name')->get()->map(static fn (KitchenOven $one): DayOven => self::oven($one->id, $one->name, $one->mode, $one->runs_by_kelvins))->all();
        $cooks = [];
        foreach ($kitchen->members as $member) {
            if ($member->roleHere() !== Role::Guest) {
                $cooks[] = new Cook(mb_substr($member->name, 0, 60), [new Hours(self::FROM_MINUTE, self::TO_MINUTE)]);
            }
        }

        return new DayKitchen(array_slice($cooks, 0, 8), $ovens === [] ? [self::oven('oven', 'Oven', OvenMode::Static, 0.0)] : array_values(array_slice($ovens, 0, 8)), self::RINGS, 1, self::FRIDGE_TINS, self::RACK_TINS);
    }

    /** For one pie that somebody bakes at home: one pair of hands, whenever it is wanted. */
    public static function forOnePie(Kitchen $kitchen): DayKitchen
    {
        $usual = self::of($kitchen);

        return $usual->withCooks([new Cook($usual->cooks[0]->name, [new Hours(-self::DAY_MINUTES, self::DAY_MINUTES)])]);
    }

    private static function oven(string $id, string $name, OvenMode $mode, float $runsByKelvins): DayOven
    {
        return new DayOven($id, $name, $mode, $runsByKelvins, DayOven::USUAL_SHELVES, DayOven::USUAL_WIDTH_MM, DayOven::USUAL_DEPTH_MM, DayOven::USUAL_TOLERANCE_KELVINS);
    }
}
