<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Recipe;

use Hojaldre\Core\Food\EggSizing;
use Hojaldre\Core\Food\Names;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Recipe\ReadRecipe;
use Hojaldre\Core\Recipe\RecipeReader;
use Hojaldre\Core\Tin\CupsTin;
use Hojaldre\Core\Tin\FlutedTin;
use Hojaldre\Core\Tin\FoldedPieces;
use Hojaldre\Core\Tin\MeasuredDish;
use Hojaldre\Core\Tin\RectangularTin;

/** Recipes written for the tests in many voices, with what a cook reads in them, written by hand before they were read here. */
final class TestRecipes
{
    /** Told and read may differ so far: a cook's cup is no scale. */
    private const TOLERANCE = 0.06;

    /**
     * @return array<string, array{string, array<string, string>, array<string, float|null>}> text, what is told of tin and stages, grams by food (null: no amount was told)
     */
    public static function in(string $file): array
    {
        $recipes = [];
        $parts = preg_split('/^### /m', (string) file_get_contents(__DIR__."/data/$file.txt"), -1, PREG_SPLIT_NO_EMPTY);
        foreach ($parts === false ? [] : $parts as $part) {
            [$head, $foods, $text] = explode("\n", $part, 3);
            $told = [];
            foreach (array_slice(explode(' | ', $head), 1) as $one) {
                [$what, $value] = explode(' ', trim($one), 2);
                $told[$what] = $value;
            }
            $grams = [];
            foreach (explode(', ', substr($foods, 2)) as $one) {
                $at = (int) strrpos($one, ' ');
                $value = trim(substr($one, $at + 1));
                $grams[substr($one, 0, $at)] = $value === '?' ? null : (float) $value;
            }
            $recipes["$file ".substr($head, 0, 2).': '.explode("\n", $text)[0]] = [$text, $told, $grams];
        }

        return $recipes;
    }

    public static function read(string $text): ReadRecipe
    {
        return RecipeReader::read($text, Names::with([]), null, EggSizing::Us);
    }

    /**
     * What is wrong with the foods and amounts of a recipe that was read.
     *
     * @param  array<string, float|null>  $wanted
     * @return array{list<string>, list<string>} foods, amounts
     */
    public static function wrong(Pie $pie, array $wanted): array
    {
        $found = [];
        foreach ([...array_merge(...array_map(static fn ($layer): array => $layer->ingredients(), $pie->layers), ...[[]]), ...$pie->seasonings] as $one) {
            assert($one instanceof Ingredient);
            $found[$one->food->id] = ($found[$one->food->id] ?? 0.0) + $one->grams();
        }
        $foods = $amounts = [];
        foreach ($wanted as $food => $grams) {
            if (! isset($found[$food])) {
                $foods[] = "no $food";
            } elseif ($grams !== null && abs($found[$food] - $grams) > self::TOLERANCE * $grams + 0.3) {
                $amounts[] = "$food {$found[$food]}, not $grams";
            }
        }
        foreach (array_diff_key($found, $wanted) as $food => $_) {
            $foods[] = "$food, that is not in it";
        }

        return [$foods, $amounts];
    }

    /** @param  array<string, string>  $told @return list<string> what is wrong with tin and stages */
    public static function wrongPlaces(Pie $pie, array $told): array
    {
        $wrong = [];
        foreach (['tin', 'discs', 'dish', 'rect', 'cups'] as $what) {
            if (isset($told[$what]) && self::tin($pie, $what) !== $told[$what]) {
                $wrong[] = "$what ".self::tin($pie, $what).", not $told[$what]";
            }
        }
        $stages = implode(', ', array_map(static fn ($one): string => self::stage($one->ovenCelsius, $one->minutes), $pie->bake->stages));
        $wanted = (string) preg_replace('/(\d+) (?:static|fan|-) /', '$1 ', $told['bake'] ?? '');
        if ($wanted !== $stages) {
            $wrong[] = "bake $stages, not $wanted";
        }
        foreach (explode(', ', $told['bake'] ?? '') as $index => $one) {
            $mode = explode(' ', $one)[1] ?? '-';
            if ($mode === 'fan' && ($pie->bake->stages[$index]->mode->value ?? '') !== 'fan' || $mode === 'static' && ($pie->bake->stages[$index]->mode->value ?? '') !== 'static') {
                $wrong[] = "stage $index without $mode";
            }
        }
        $shell = $pie->crust->shell === [] ? 'none' : implode(', ', array_map(static fn ($one): string => $one->how->value.' '.self::stage($one->ovenCelsius, $one->minutes), $pie->crust->shell));
        if (($told['shell'] ?? '') !== $shell) {
            $wrong[] = "shell $shell, not ".($told['shell'] ?? '');
        }

        return [...$wrong, ...($pie->crust->dough->id === ($told['dough'] ?? '') ? [] : ["dough {$pie->crust->dough->id}"])];
    }

    private static function stage(float $celsius, float $minutes): string
    {
        return round($celsius).' '.rtrim(rtrim(number_format($minutes, 1, '.', ''), '0'), '.');
    }

    private static function tin(Pie $pie, string $what): string
    {
        $tin = $pie->tin;

        return match (true) {
            $tin instanceof FoldedPieces => "$tin->pieces ".round($tin->lengthMm),
            $tin instanceof MeasuredDish => (string) round($tin->waterMl),
            $tin instanceof RectangularTin => round($tin->lengthMm).' '.round($tin->widthMm),
            $tin instanceof CupsTin => (string) $tin->cups,
            $tin instanceof FlutedTin => (string) round($tin->rimDiameterMm),
            default => (string) round(2 * $tin->radiusMm($tin->depthMm())),
        };
    }
}
