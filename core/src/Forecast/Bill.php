<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast;

use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Pie\Pie;

/** Everything that goes into so many tins of one design, as bought, and what it costs where prices are known. */
final readonly class Bill
{
    public const MOST_TINS = 200;

    /** Dough rolled out beyond what lines the tin: overhang and trimmings (common practice, no source). */
    private const ROLLED_OVER = 1.15;

    /**
     * @param  list<Ingredient>  $lines  each food once, in the order of the pie
     * @param  array<string, float>  $pricesPerKg  by food id, in the kitchen's money
     */
    private function __construct(public array $lines, public int $tins, private int $portions, private array $pricesPerKg)
    {
    }

    /**
     * @param  int  $tins  1 to MOST_TINS
     * @param  array<string, float>  $pricesPerKg  by food id
     */
    public static function of(Pie $pie, int $tins, array $pricesPerKg = []): self
    {
        $all = [new Ingredient($pie->crust->dough, Amount::of($pie->crust->grams($pie->tin) * self::ROLLED_OVER))];
        foreach ($pie->layers as $layer) {
            $all = [...$all, ...$layer->ingredients()];
        }
        $lines = [];
        foreach ([...$all, ...$pie->seasonings] as $one) {
            if ($one->grams() > 0) {
                $lines[$one->food->id] = isset($lines[$one->food->id]) ? $lines[$one->food->id]->with($lines[$one->food->id]->grams() + $one->grams()) : $one;
            }
        }

        return new self(array_map(static fn (Ingredient $one): Ingredient => $tins === 1 ? $one : $one->scaled($tins), array_values($lines)), $tins, $pie->portions, $pricesPerKg);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $lines = array_map(fn (Ingredient $one): array => [
            'food' => $one->food->id,
            'name' => $one->food->name,
            'words' => $one->amount->words,
            'grams' => round($one->grams(), 1),
            'cost' => isset($this->pricesPerKg[$one->food->id]) ? round($one->grams() / 1000 * $this->pricesPerKg[$one->food->id], 2) : null,
        ], $this->lines);
        $costs = array_filter(array_column($lines, 'cost'), static fn (?float $cost): bool => $cost !== null);
        $cost = array_sum($costs);

        return [
            'tins' => $this->tins,
            'lines' => $lines,
            'cost' => $costs === [] ? null : round($cost, 2),
            'costOfAPortion' => $costs === [] ? null : round($cost / $this->tins / $this->portions, 2),
            'unpriced' => count($lines) - count($costs),
        ];
    }
}
