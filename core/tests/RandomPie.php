<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests;

use Hojaldre\Core\Custard\CustardStyle;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Food\Role;
use Hojaldre\Core\Oven\BakePlan;
use Hojaldre\Core\Oven\Oven;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Oven\Rack;
use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Oven\StandsOn;
use Hojaldre\Core\Oven\TinMaterial;
use Hojaldre\Core\Pastry\Crust;
use Hojaldre\Core\Pastry\Glaze;
use Hojaldre\Core\Pastry\Lid;
use Hojaldre\Core\Pastry\Lining;
use Hojaldre\Core\Pastry\Seal;
use Hojaldre\Core\Pastry\ShellBake;
use Hojaldre\Core\Pastry\ShellStage;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\CustardLayer;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\ScatteredLayer;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Pie\Step;
use Hojaldre\Core\Tin\CupsTin;
use Hojaldre\Core\Tin\FlutedTin;
use Hojaldre\Core\Tin\FoldedPieces;
use Hojaldre\Core\Tin\MeasuredDish;
use Hojaldre\Core\Tin\RectangularTin;
use Hojaldre\Core\Tin\SlopedTin;
use Hojaldre\Core\Tin\Springform;
use Hojaldre\Core\Tin\StraightTin;
use Hojaldre\Core\Tin\Tin;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Valid pies from a seed, for statements that must hold of every pie. */
final class RandomPie
{
    private function __construct(private readonly Randomizer $dice)
    {
    }

    /** @return list<Pie> */
    public static function many(int $count, int $seed = 20): array
    {
        return array_map(static fn (int $i): Pie => (new self(new Randomizer(new Mt19937($seed * 100000 + $i))))->pie($i), range(1, $count));
    }

    private function pie(int $number): Pie
    {
        $layers = [];
        $solids = array_filter(Pantry::all(), static fn (Food $food): bool => $food->role === Role::Solid);
        foreach ($this->dice->shuffleArray($solids) as $index => $food) {
            if ($index >= $this->dice->getInt(0, 4)) {
                break;
            }
            $layers[] = $this->solid($food);
        }
        if ($this->chance(0.15)) {
            array_unshift($layers, new ScatteredLayer('scattered', Pantry::food('dry-crumbs'), Amount::of($this->between(0, 60))));
        }
        if ($this->chance(0.9)) {
            $blended = $this->chance(0.1) ? [new Ingredient(Pantry::food('chicken-breast'), Amount::of($this->between(50, 300)))] : [];
            $layers[] = new CustardLayer('custard', $this->oneOf(CustardStyle::cases()), $this->some(Role::Egg, 20, 400), $this->some(Role::Dairy, 20, 700), $blended);
        }
        $diameterMm = $this->between(80, 320);
        $depthMm = $this->between(15, 80);

        return new Pie(
            name: "Pie number $number",
            portions: $this->dice->getInt(1, 16),
            notes: $this->chance(0.5) ? "Salé, \"crisp\"\n½ tsp / day" : '',
            tin: $this->tin($diameterMm, $depthMm),
            crust: new Crust(Pantry::food('shortcrust'), $this->between(2, 7), ShellStage::usual($this->oneOf(ShellBake::cases())), $this->oneOf(Seal::cases()), ...$this->lid()),
            layers: $layers,
            seasonings: $this->chance(0.6) ? [new Ingredient(Pantry::food('salt'), Amount::of($this->between(0, 12)))] : [],
            bake: $this->bake(),
        );
    }

    /** @return array{Lining, Lid|null} */
    private function lid(): array
    {
        return match ($this->dice->getInt(0, 5)) {
            0 => [Lining::Tin, new Lid($this->between(2, 6), $this->between(0, 0.05), Glaze::Egg)],
            1 => [Lining::Tin, new Lid($this->between(2, 6), $this->between(0.2, 0.6), Glaze::None)],
            2 => [Lining::LidOnly, new Lid($this->between(2, 6), 0.02, Glaze::Milk)],
            default => [Lining::Tin, null],
        };
    }

    private function bake(): BakePlan
    {
        $stages = [];
        for ($i = $this->dice->getInt(1, 3); $i > 0; $i--) {
            $stages[] = new Stage(
                $this->between(140, 230), $this->oneOf(OvenMode::cases()), $this->between(10, 60), $this->oneOf(Rack::cases()), $this->chance(0.2), $this->chance(0.2),
            );
        }

        return new BakePlan($stages, $this->oneOf(StandsOn::cases()), $this->chance(0.3) ? new Oven('Old', $this->between(-20, 20)) : null, $this->oneOf(TinMaterial::cases()));
    }

    private function tin(float $diameterMm, float $depthMm): Tin
    {
        $rimMm = $diameterMm + $this->between(0, 40);

        return match ($this->dice->getInt(0, 7)) {
            0 => new StraightTin($diameterMm, $depthMm),
            1 => new Springform($diameterMm, $depthMm),
            2 => new FlutedTin($diameterMm, $rimMm, $depthMm, $this->dice->getInt(12, 40), $this->between(1, 8)),
            3 => new RectangularTin($diameterMm * 1.4, $diameterMm, $depthMm, $this->between(0, 30)),
            4 => new CupsTin($this->dice->getInt(1, 12), $diameterMm / 3, $rimMm / 3, $depthMm),
            6 => FoldedPieces::halfMoons($this->dice->getInt(1, 24), $this->between(90, 240)),
            5 => new MeasuredDish($this->between(200, 4000), $depthMm),
            default => new SlopedTin($diameterMm, $rimMm, $depthMm),
        };
    }

    private function solid(Food $food): SolidLayer
    {
        $bought = $this->between(10, 900);
        $driestShare = max($food->floorYield, 1 - $food->losableGrams(1));
        $now = $bought * $this->between($driestShare, 1);
        $binder = $this->chance(0.3) ? new Ingredient(Pantry::food('dry-crumbs'), Amount::of($this->between(0, 40))) : null;

        $steps = $this->chance(0.6) ? [new Step('pressed', Amount::of(min($bought, $now)), $this->chance(0.2) ? 8.0 : 0.0, $this->chance(0.2) ? 12.0 : 0.0)] : [];
        if ($steps !== [] && $this->chance(0.3)) {
            $steps = [new Step('sweated', Amount::of(min($bought, ($bought + $now) / 2))), ...$steps];
        }

        return new SolidLayer($food->id, $food, Amount::of($bought), $steps, $binder, $this->oneOf([5.0, 20.0, 60.0]));
    }

    /** @return list<Ingredient> */
    private function some(Role $role, float $low, float $high): array
    {
        $foods = array_values(array_filter(Pantry::all(), static fn (Food $food): bool => $food->role === $role));

        return array_map(
            fn (Food $food): Ingredient => new Ingredient($food, Amount::of($this->between($low, $high))),
            array_slice($this->dice->shuffleArray($foods), 0, $this->dice->getInt(1, 3)),
        );
    }

    private function between(float $low, float $high): float
    {
        return $low + ($high - $low) * $this->dice->getInt(0, 1 << 40) / (1 << 40);
    }

    private function chance(float $share): bool
    {
        return $this->between(0, 1) < $share;
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $choices
     * @return T
     */
    private function oneOf(array $choices): mixed
    {
        return $choices[$this->dice->getInt(0, count($choices) - 1)];
    }
}
