<?php

declare(strict_types=1);

namespace App\Recipe;

use App\Wording\TinWords;
use App\Wording\Words;
use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Forecast\PaperWarning;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Recipe\Written;
use Hojaldre\Core\Safety\Cautions;
use Hojaldre\Core\Statement\Statement;

/** A design written out for a friend: as plain text, or as a Recipe of the vocabulary of schema.org. */
final readonly class RecipeText
{
    /**
     * @param  list<string>  $ingredients
     * @param  list<string>  $method  in the order of the work
     * @param  list<string>  $cautions
     */
    private function __construct(private string $name, private string $serves, private int $portions, private string $tin, public array $ingredients, public array $method, private array $cautions, private float $minutes)
    {
    }

    public static function of(Pie $pie, Words $words, int $count = 1): self
    {
        $written = Written::of($pie, $count);
        $say = static fn (Statement $one): string => $words->say($one);

        return new self(
            $pie->name, $words->say(new Statement('recipe.serves', ['portions' => $pie->portions])), $pie->portions, $words->say(TinWords::label($pie->tin)),
            array_map($say, $written->ingredients()), array_map($say, [...PaperWarning::of(Forecast::of($pie))->says, ...$written->method()]), array_map($say, Cautions::of(Weights::of($pie)->safeCelsius())), $pie->bake->minutes(),
        );
    }

    public function plain(): string
    {
        $all = [...$this->method, ...$this->cautions];
        $steps = array_map(static fn (string $one, int $at): string => ($at + 1).". $one", $all, array_keys($all));

        return implode("\n", [$this->name, $this->serves, '', 'Ingredients', ...$this->ingredients, '', 'Method', "Tin: $this->tin.", ...$steps])."\n";
    }

    /** @return array<string, mixed> */
    public function linked(): array
    {
        return [
            '@context' => 'https://schema.org', '@type' => 'Recipe', 'name' => $this->name, 'recipeYield' => (string) $this->portions, 'cookTime' => 'PT'.round($this->minutes).'M', 'tool' => $this->tin,
            'recipeIngredient' => $this->ingredients, 'recipeInstructions' => array_map(static fn (string $one): array => ['@type' => 'HowToStep', 'text' => $one], [...$this->method, ...$this->cautions]),
        ];
    }
}
