<?php

declare(strict_types=1);

namespace Hojaldre\Core\Recipe;

use Hojaldre\Core\Food\EggSizing;
use Hojaldre\Core\Food\NameKey;
use Hojaldre\Core\Food\Names;
use Hojaldre\Core\Measure\CookUnits;
use Hojaldre\Core\Pie\Assumed;
use Hojaldre\Core\Pie\CustardLayer;
use Hojaldre\Core\Pie\Form;
use Hojaldre\Core\Pie\Layer;
use Hojaldre\Core\Pie\LayerIds;
use Hojaldre\Core\Pie\OnePan;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\PieKind;
use Hojaldre\Core\Pie\ScatteredLayer;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Refusal\Refused;

/** Things said to a pie on the bench, "3 leeks, sweated", "4 eggs and 300 ml cream" or "leeks and bacon: 520 g now", put where they belong. */
final readonly class Additions
{
    private function __construct(private Pie $pie)
    {
    }

    /**
     * @throws Refused not-in-the-pie and what OnePan refuses; nothing-understood, where a line names no food known here, or one that goes in no layer: dough, glaze, what is served beside
     */
    public static function to(Pie $pie, string $text, Names $names, CookUnits $units, EggSizing $eggs): Pie
    {
        $together = self::weighedTogether($pie, $text, $names, $units);
        if ($together !== null) {
            return $together;
        }
        $read = RecipeReader::read($text, $names, $units, $eggs, $pie->form() === Form::Folded ? PieKind::Pasty : PieKind::Quiche);
        foreach ($read->lines as $line) {
            $elsewhere = array_filter($line->named, static fn (NamedAmount $one): bool => in_array($one->into, [Into::Dough, Into::Glaze, Into::Beside], true));
            if ($line->named === [] || $elsewhere !== []) {
                throw Refused::because('nothing-understood', '/text', ['text' => $line->text]);
            }
        }
        $to = new self($pie);
        foreach ($read->pie->layers as $layer) {
            $to = $layer instanceof CustardLayer ? $to->poured($layer, $read->pie) : $to->laid($layer, $read->pie);
        }

        return $to->seasoned($read->pie)->pie;
    }

    /** "Leeks, onions and bacon: 520 g now": what is in the pie already, weighed in one pan; null where something else is said. */
    private static function weighedTogether(Pie $pie, string $text, Names $names, CookUnits $units): ?Pie
    {
        if (preg_match('/^([^\n:]+):\s*((?:about )?\d[^\n:]*)$/u', trim($text), $m) !== 1) {
            return null;
        }
        $called = preg_split('/\s*(?:,|\+|&|\band\b)\s*/iu', $m[1], -1, PREG_SPLIT_NO_EMPTY) ?: [];

        return count($called) < 2 ? null : OnePan::weighed($pie, array_map(static fn (string $one): string => self::layerCalled($pie, $one, $names), $called), $m[2], $units);
    }

    /**
     * The layer of a food by that name, or of one whose name has all these words: "trout" where only smoked trout is in the pie.
     *
     * @throws Refused not-in-the-pie
     */
    private static function layerCalled(Pie $pie, string $called, Names $names): string
    {
        $words = NameKey::words($called);
        $food = $names->called($called);
        $near = null;
        foreach ($pie->solids() as $layer) {
            if ($layer->food->id === $food?->id) {
                return $layer->id;
            }
            $near ??= array_diff($words, NameKey::words($layer->food->name)) === [] ? $layer->id : null;
        }

        return $near ?? throw Refused::because('not-in-the-pie', '/text', ['text' => $called]);
    }

    /** On top of what is there, below the custard that is poured over it; what is scattered lies lowest. */
    private function laid(Layer $layer, Pie $from): self
    {
        $id = LayerIds::free($layer->id(), $this->pie->layers);
        $assumed = self::moved($from, $layer->id(), $id);
        $layer = self::called($layer, $id);
        $layers = $this->pie->layers;
        $last = $layers === [] ? null : $layers[count($layers) - 1];
        $layers = match (true) {
            $layer instanceof ScatteredLayer => [$layer, ...$layers],
            $last instanceof CustardLayer => [...array_slice($layers, 0, -1), $layer, $last],
            default => [...$layers, $layer],
        };

        return new self($this->pie->withLayers($layers)->withAssumed([...$this->pie->assumed, ...$assumed]));
    }

    private function poured(CustardLayer $more, Pie $from): self
    {
        $now = $this->pie->custard();
        if ($now === null) {
            return $this->laid($more, $from);
        }
        $assumed = [];
        foreach (['eggs', 'dairies', 'thickeners'] as $list) {
            foreach (array_keys($more->{$list}) as $index) {
                if ($from->assumes("/layers/{$more->id}/$list/$index/amount")) {
                    $assumed[] = "/layers/$now->id/$list/".(count($now->{$list}) + $index).'/amount';
                }
            }
        }
        $custard = new CustardLayer($now->id, $now->style, [...$now->eggs, ...$more->eggs], [...$now->dairies, ...$more->dairies], $now->blended, $now->fromCelsius, [...$now->thickeners, ...$more->thickeners]);

        return new self($this->pie->withLayer($custard)->withAssumed([...$this->pie->assumed, ...Assumed::all(...$assumed)]));
    }

    private function seasoned(Pie $from): self
    {
        $count = count($this->pie->seasonings);
        $assumed = array_values(array_filter(array_keys($from->seasonings), static fn (int $index): bool => $from->assumes("/seasonings/$index/amount")));

        return new self($this->pie->withSeasonings([...$this->pie->seasonings, ...$from->seasonings])
            ->withAssumed([...$this->pie->assumed, ...Assumed::all(...array_map(static fn (int $index): string => '/seasonings/'.($count + $index).'/amount', $assumed))]));
    }

    /** @return list<Assumed> of a layer, by its new id */
    private static function moved(Pie $from, string $id, string $to): array
    {
        $own = array_filter($from->assumed, static fn (Assumed $one): bool => str_starts_with($one->place, "/layers/$id/"));

        return array_values(array_map(static fn (Assumed $one): Assumed => new Assumed("/layers/$to/".substr($one->place, strlen("/layers/$id/"))), $own));
    }

    private static function called(Layer $layer, string $id): Layer
    {
        return match (true) {
            $layer instanceof SolidLayer => new SolidLayer($id, $layer->food, $layer->bought, $layer->steps, $layer->binder, $layer->fromCelsius, $layer->pan),
            $layer instanceof ScatteredLayer => new ScatteredLayer($id, $layer->food, $layer->amount, $layer->fromCelsius),
            $layer instanceof CustardLayer => new CustardLayer($id, $layer->style, $layer->eggs, $layer->dairies, $layer->blended, $layer->fromCelsius, $layer->thickeners),
            default => $layer,
        };
    }
}
