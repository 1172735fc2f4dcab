<?php

declare(strict_types=1);

namespace Hojaldre\Core\Recipe;

use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Measure\Figures;
use Hojaldre\Core\Pastry\Glaze;
use Hojaldre\Core\Pastry\Seal;
use Hojaldre\Core\Pastry\ShellStage;
use Hojaldre\Core\Pie\CustardLayer;
use Hojaldre\Core\Pie\Form;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\ScatteredLayer;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Statement\Statement;

/** A design written out for people: what goes in, in order, and what is done, from the rolling of the dough to the rest. */
final readonly class Written
{
    /** Open from here on it is called a vent (definition). */
    private const VENT_SHARE = 0.001;

    /** Less off it is not told, g (definition). */
    private const LEAST_LOST_GRAMS = 1.0;

    private function __construct(private Pie $pie, private int $count)
    {
    }

    /** @param  int  $count  of such pies; for what is weighed out at once */
    public static function of(Pie $pie, int $count = 1): self
    {
        return new self($pie, $count);
    }

    /** @return list<Statement> one line each */
    public function ingredients(): array
    {
        $crust = $this->pie->crust;
        $lines = [new Statement('recipe.dough', ['food' => $crust->dough->name, 'massGrams' => $this->count * $crust->grams($this->pie->tin)])];
        foreach ($this->pie->layers as $layer) {
            foreach ($layer->ingredients() as $one) {
                $lines[] = $this->ingredient($one);
            }
        }

        return [...$lines, ...array_map($this->ingredient(...), $this->pie->seasonings)];
    }

    /** @return list<Statement> one sentence each, in the order of the work */
    public function method(): array
    {
        return [...$this->shell(), ...$this->preparations(), ...$this->filling(), ...$this->closing(), ...$this->bake()];
    }

    private function ingredient(Ingredient $one): Statement
    {
        $amount = $this->count === 1 ? $one->amount : $one->amount->scaled($this->count, $one->food);

        return new Statement($amount->words === Figures::grams($amount->grams) ? 'recipe.weighed' : 'recipe.ingredient', ['text' => $amount->words, 'food' => $one->food->name, 'massGrams' => $amount->grams]);
    }

    /** @return list<Statement> */
    private function shell(): array
    {
        $crust = $this->pie->crust;
        $lines = match ($this->pie->form()) {
            Form::Folded => [new Statement('recipe.discs', ['lengthMm' => $crust->thicknessMm])],
            Form::PotPie => [new Statement('recipe.roll-lid', ['lengthMm' => $crust->lid->thicknessMm ?? $crust->thicknessMm])],
            default => [new Statement('recipe.line', ['lengthMm' => $crust->thicknessMm])],
        };
        $shell = $this->pie->form()->canBeBakedBlind() ? $crust->shell : [];

        return [
            ...$lines,
            ...array_map(static fn (ShellStage $stage): Statement => new Statement('recipe.shell-'.$stage->how->value, ['exactMinutes' => $stage->minutes, 'ovenCelsius' => $stage->ovenCelsius, 'mode' => $stage->mode->value]), $shell),
            ...($shell !== [] && $crust->seal === Seal::Egg ? [new Statement('recipe.seal')] : []),
        ];
    }

    /** @return list<Statement> */
    private function preparations(): array
    {
        $lines = [];
        foreach ($this->pie->solids() as $layer) {
            $before = $layer->bought->grams;
            foreach ($layer->steps as $step) {
                $lost = $before - $step->after->grams;
                $before = $step->after->grams;
                $lines[] = new Statement($lost < self::LEAST_LOST_GRAMS ? 'recipe.step-kept' : 'recipe.step', ['food' => $layer->food->name, 'text' => $step->preparation === '' ? 'prepare' : $step->preparation, 'massGrams' => $this->count * $step->after->grams]);
            }
        }

        return $lines;
    }

    /** @return list<Statement> in pouring order */
    private function filling(): array
    {
        $laid = [];
        $lines = [];
        foreach ($this->pie->layers as $layer) {
            if ($layer instanceof CustardLayer) {
                $lines[] = new Statement($layer->eggs === [] ? 'recipe.pour-sauce' : 'recipe.pour-custard', ['foods' => self::names(array_map(static fn (Ingredient $one): Food => $one->food, [...$layer->ingredients(), ...$this->pie->seasonings]))]);
            } elseif ($layer instanceof ScatteredLayer) {
                $lines[] = new Statement('recipe.scatter', ['food' => $layer->food->name]);
            } elseif ($layer instanceof SolidLayer) {
                $laid[] = $layer->food;
            }
        }

        return $laid === [] ? $lines : [...array_filter($lines, static fn (Statement $one): bool => $one->code === 'recipe.scatter'), new Statement('recipe.lay', ['foods' => self::names($laid)]), ...array_filter($lines, static fn (Statement $one): bool => $one->code !== 'recipe.scatter')];
    }

    /** @return list<Statement> */
    private function closing(): array
    {
        $form = $this->pie->form();
        $lid = $this->pie->crust->lid;
        if (! $form->isClosed() && $form !== Form::Lattice) {
            return [];
        }
        $glaze = $lid->glaze ?? ($form === Form::Folded ? Glaze::Egg : Glaze::None);

        return [
            new Statement(match ($form) {
                Form::Folded => 'recipe.fold',
                Form::Lattice => 'recipe.lattice',
                default => 'recipe.lid',
            }),
            ...($form !== Form::Lattice && ($lid->openShare ?? 1.0) >= self::VENT_SHARE ? [new Statement($lid?->ventedLate === true ? 'recipe.vent-late' : 'recipe.vent')] : []),
            ...($glaze === Glaze::None ? [] : [new Statement("recipe.glaze-$glaze->value")]),
        ];
    }

    /** @return list<Statement> */
    private function bake(): array
    {
        $lines = [];
        foreach ($this->pie->bake->stages as $index => $stage) {
            $lines[] = new Statement($index === 0 ? 'recipe.bake' : 'recipe.then', ['exactMinutes' => $stage->minutes, 'ovenCelsius' => $stage->ovenCelsius, 'mode' => $stage->mode->value, 'rack' => $stage->rack->value]);
        }

        return [...$lines, new Statement('recipe.rest')];
    }

    /**
     * @param  list<Food>  $foods
     * @return list<string>
     */
    private static function names(array $foods): array
    {
        return array_values(array_unique(array_map(static fn (Food $food): string => $food->name, $foods)));
    }
}
