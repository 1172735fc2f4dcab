<?php

declare(strict_types=1);

namespace Hojaldre\Core\Recipe;

use Hojaldre\Core\Custard\CustardStyle;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Food\NameKey;
use Hojaldre\Core\Food\Names;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Food\Role;
use Hojaldre\Core\Measure\Figures;
use Hojaldre\Core\Measure\Span;
use Hojaldre\Core\Oven\BakePlan;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Oven\Rack;
use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Pastry\Crust;
use Hojaldre\Core\Pastry\Glaze;
use Hojaldre\Core\Pastry\Lid;
use Hojaldre\Core\Pastry\Seal;
use Hojaldre\Core\Pastry\ShellStage;
use Hojaldre\Core\Pastry\ShellSupport;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\Assumed;
use Hojaldre\Core\Pie\Beginning;
use Hojaldre\Core\Pie\CustardLayer;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Pie\Layer;
use Hojaldre\Core\Pie\LayerIds;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\PieKind;
use Hojaldre\Core\Pie\ScatteredLayer;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Pie\StartingPlace;
use Hojaldre\Core\Pie\Step;

/** The pie that a recipe makes: what its kind commonly begins as, with all that the recipe tells put in its place. */
final readonly class Assembly
{
    /** A limit of a document (definition). */
    private const MOST_LISTED = 12;

    private const SEALS = '/\bbrush (?:the )?(?:inside|base|case|shell|pastry case|hot (?:case|shell|base)|pastry base)[^.]{0,30}\begg\b|\bseal [^.]{0,20}with (?:the |a little )?(?:beaten )?egg/iu';

    private const MILK_GLAZE = '/\b(?:brush|glaze)\b[^.]{0,50}\bmilk\b/iu';

    private const YOLK_GLAZE = '/\b(?:brush|glaze|egg ?wash)\b[^.]{0,60}\byolks?\b/iu';

    private const EGG_GLAZE = '/\b(?:brush|glaze|egg ?wash)\b[^.]{0,60}\b(?:egg|yolk|eggwash)\b|\begg ?wash\b/iu';

    /**
     * @param  list<RecipeLine>  $lines
     * @param  list<string>  $sentences
     */
    private function __construct(private array $lines, private array $sentences, private string $title, private string $text, private PieKind $kind, private Names $names)
    {
    }

    /** @param  list<RecipeLine>  $lines */
    public static function of(array $lines, Names $names, ?PieKind $kind): Pie
    {
        $title = '';
        $sentences = [];
        foreach ($lines as $line) {
            $title = $title === '' && $line->kind === LineKind::Title ? $line->text : $title;
            $sentences = in_array($line->kind, [LineKind::Method, LineKind::Words], true) ? [...$sentences, ...Sentences::of($line->text)] : $sentences;
        }
        $text = implode("\n", array_map(static fn (RecipeLine $line): string => $line->text, $lines));
        $kind ??= KindOfPie::of($title, implode("\n", $sentences)."\n".$text);

        return (new self($lines, $sentences, $title, $text, $kind, $names))->pie();
    }

    private function pie(): Pie
    {
        $begin = Beginning::of($this->kind);
        $told = [];
        $portions = array_values(array_filter(array_map(static fn (RecipeLine $line): ?int => Lines::portions($line->text), $this->lines)))[0] ?? null;
        $tin = TinWords::of($this->text, $this->kind, in_array($this->kind, [PieKind::Pasty, PieKind::HandPie], true) ? $portions : null);
        [$crust, $told['crust']] = $this->crust($begin->crust);
        [$bake, $told['bake'], $unsaid] = $this->bake($begin->bake);
        [$layers, $assumedLayers] = $this->layers();
        [$seasonings, $assumedSeasonings] = $this->seasonings();
        $assumed = $begin->assumed;
        foreach ([...$told['crust'], ...$told['bake'], ...($portions === null ? [] : ['/portions'])] as $place) {
            $assumed = Assumed::without($assumed, $place);
        }
        if ($tin->tin !== null && in_array('/tin', $tin->places, true)) {
            $assumed = [...Assumed::without($assumed, '/tin'), ...(in_array('/tin/depthMm', $tin->places, true) || in_array($this->kind, [PieKind::Pasty, PieKind::HandPie], true) ? [] : Assumed::all('/tin/depthMm'))];
        }
        $hasCustard = array_filter($layers, static fn (Layer $layer): bool => $layer instanceof CustardLayer) !== [];
        $assumed = $hasCustard ? $assumed : Assumed::without($assumed, '/layers/'.Beginning::CUSTARD_ID);

        return new Pie(
            self::name($this->title), max(1, min(500, $portions ?? $begin->portions)), '', $tin->tin ?? $begin->tin, $crust, $layers, $seasonings, $bake,
            array_slice([...array_values($assumed), ...Assumed::all(...$assumedLayers, ...$assumedSeasonings, ...$unsaid)], 0, 120),
        );
    }

    private static function name(string $title): string
    {
        $name = trim(mb_substr(trim((string) preg_replace('/^[#*\s]+|[*:\s]+$/u', '', $title)), 0, 110));

        return $name === '' ? 'New pie' : $name;
    }

    /** @return list<NamedAmount> */
    private function at(Into ...$into): array
    {
        $found = [];
        foreach ($this->lines as $line) {
            $found = [...$found, ...array_filter($line->named, static fn (NamedAmount $one): bool => in_array($one->into, $into, true))];
        }

        return array_values($found);
    }

    /** @return array{Crust, list<string>} and the places that were told */
    private function crust(Crust $usual): array
    {
        $told = [];
        $dough = Doughs::of($this->at(Into::Dough), $this->text) ?? $this->doughOfMethod();
        $told = $dough === null ? $told : ['/crust/dough'];
        $method = Method::of($this->sentences);
        $shell = array_map(static fn (array $one): ShellStage => new ShellStage(
            $one[0], max(120, min(280, round($one[1]))), $one[2] ? OvenMode::Fan : OvenMode::Static, max(1, min(60, $one[3]->value)), Rack::Middle,
        ), $method->shell);
        if ($this->kind !== PieKind::Quiche && ! $method->isBlind) {
            $shell = [];
        }
        if ($shell !== [] && $shell[0]->how === ShellSupport::Bare) {
            $shell[0] = $shell[0]->with(preg_match('/\b(?:prick|dock|fork)/iu', $this->text) === 1 ? ShellSupport::Pricked : ShellSupport::Weighted);
        }
        $told = $shell === [] && $this->kind === PieKind::Quiche ? $told : [...$told, '/crust/shell'];
        $shell = $shell === [] && $this->kind === PieKind::Quiche ? $usual->shell : array_slice($shell, 0, Crust::MOST_STAGES);
        $thick = preg_match('~\b(\d+(?:\.\d+)?(?:\s*-\s*\d+)?)\s*mm(?: thick|[^.]{0,12}\bthick|\b)~iu', $this->text, $m) === 1 && (float) $m[1] <= 12 ? (float) $m[1] : null;
        $thick ??= preg_match('~thickness of a (?:£1 |pound )?coin|as thick as a (?:£1 |pound )?coin~iu', $this->text) === 1 ? 3.0 : null;
        $told = $thick === null ? $told : [...$told, '/crust/thicknessMm'];
        $seal = preg_match(self::SEALS, $this->text) === 1 && $shell !== [] ? Seal::Egg : $usual->seal;
        $told = $seal === Seal::Egg ? [...$told, '/crust/seal'] : $told;
        $lid = $usual->lid;
        if ($lid !== null) {
            $glaze = $this->glaze();
            $told = $glaze === null ? $told : [...$told, '/crust/lid/glaze'];
            $lid = new Lid($thick ?? $lid->thicknessMm, KindOfPie::isLatticed($this->text) ? Lid::USUAL_LATTICE_SHARE : min($lid->openShare, 0.02), $glaze ?? $lid->glaze);
        }

        return [new Crust($dough ?? $usual->dough, max(1.0, $thick ?? $usual->thicknessMm), $shell, $seal, $usual->lining, $this->kind === PieKind::DeepPie && ! KindOfPie::isLatticed($this->text) ? null : $lid), $told];
    }

    private function glaze(): ?Glaze
    {
        $named = $this->at(Into::Glaze);

        return match (true) {
            preg_match(self::YOLK_GLAZE, $this->text) === 1, array_filter($named, static fn (NamedAmount $one): bool => $one->food->id === 'egg-yolk') !== [] => Glaze::Yolk,
            preg_match(self::EGG_GLAZE, $this->text) === 1 => Glaze::Egg,
            preg_match(self::MILK_GLAZE, $this->text) === 1 => Glaze::Milk,
            $named === [] => null,
            array_filter($named, static fn (NamedAmount $one): bool => $one->food->role === Role::Egg) === [] => Glaze::Milk,
            default => Glaze::Egg,
        };
    }

    /** A dough that only the method names: "line the tin with shortcrust". */
    private function doughOfMethod(): ?Food
    {
        foreach ($this->sentences as $sentence) {
            foreach ($this->names->in(NameKey::words($sentence)) as $one) {
                if ($one->food->role === Role::Dough && ! in_array($one->key, ['pastry', 'pastry case', 'pastry shell', 'pie shell', 'tart case', 'tart shell', 'pie crust'], true)) {
                    return $one->food;
                }
            }
        }

        return null;
    }

    /** @return array{BakePlan, list<string>, list<string>} the places that were told, and more that were not */
    private function bake(BakePlan $usual): array
    {
        $method = Method::of($this->sentences);
        if ($method->stages === []) {
            return [$method->celsius === null ? $usual : $usual->withStages([$usual->first()->with(ovenCelsius: max(120, min(280, round($method->celsius))), mode: $method->mode ?? OvenMode::Static)]), $method->celsius === null ? [] : ['/bake/stages/0/ovenCelsius'], []];
        }
        $stages = $told = $unsaid = [];
        foreach ($method->stages as $index => [$celsius, $mode, $minutes]) {
            $stages[] = new Stage(max(120, min(280, round($celsius))), $mode ?? OvenMode::Static, max(1, min(240, $minutes->value)), $usual->first()->rack);
            $told = [...$told, "/bake/stages/$index/minutes", ...($method->celsius === null ? [] : ["/bake/stages/$index/ovenCelsius"]), ...($mode === null ? [] : ["/bake/stages/$index/mode"])];
            $unsaid = $mode === null && $index > 0 ? [...$unsaid, "/bake/stages/$index/mode"] : $unsaid;
        }

        return [$usual->withStages($stages), $told, $unsaid];
    }

    /** @return array{list<Layer>, list<string>} and the places that are assumed */
    private function layers(): array
    {
        $layers = $assumed = [];
        $sentences = $this->sentences;
        foreach ($this->lines as $line) {
            foreach ($line->named as $one) {
                if ($one->into !== Into::Layer && $one->into !== Into::Scattered) {
                    continue;
                }
                $id = LayerIds::free($one->food->id, $layers);
                [$layer, $places] = $one->into === Into::Scattered ? self::scattered($id, $one) : $this->solid($id, $one, $sentences);
                $layers = $one->into === Into::Scattered ? [$layer, ...$layers] : [...$layers, $layer];
                $assumed = [...$assumed, ...$places];
            }
        }
        [$custard, $places] = $this->custard();
        $layers = PourOrder::of($layers, $sentences, $this->names);

        return [$custard === null ? $layers : [...$layers, $custard], [...$assumed, ...$places]];
    }

    /** @return array{Layer, list<string>} */
    private static function scattered(string $id, NamedAmount $one): array
    {
        return [new ScatteredLayer($id, $one->food, self::amount($one), StartingPlace::Bench->celsius()), $one->isSaid ? [] : ["/layers/$id/amount"]];
    }

    /**
     * @param  list<string>  $sentences
     * @return array{Layer, list<string>}
     */
    private function solid(string $id, NamedAmount $one, array $sentences): array
    {
        $assumed = $one->isSaid ? ["/layers/$id/fromCelsius"] : ["/layers/$id/bought", "/layers/$id/fromCelsius"];
        $steps = [];
        if ($one->entry->after !== null) {
            $steps = [new Step(self::step($one->entry->preparation), self::within($one, $one->entry->after))];
            $assumed[] = $one->entry->after->isExact() ? "/layers/$id/bought" : "/layers/$id/steps/0/after";
        } else {
            $done = Preparing::of($one->food, $one->food->id, $sentences, $this->names);
            if ($done !== null) {
                $steps = [new Step(self::step($done->preparation), self::within($one, $one->entry->span()->by($done->share)))];
                $assumed[] = "/layers/$id/steps/0/after";
            }
        }
        $layer = new SolidLayer($id, $one->food, self::amount($one), $steps, null, StartingPlace::Bench->celsius());

        return [$steps === [] || $layer->isRaw() ? $layer->startingAt(StartingPlace::of($one->food)->celsius()) : $layer, array_values(array_unique($assumed))];
    }

    /** No step leaves more than there was, or takes off more than there is to lose. */
    private static function within(NamedAmount $one, Span $after): Amount
    {
        $bought = $one->entry->value;
        $dry = $bought - $one->food->losableGrams($bought);
        $grams = max($dry + 1e-3 * $bought, min($bought, $after->value));

        return Amount::spoken(Figures::grams($grams), Span::of($grams, min($grams, max($dry, $after->least)), max($grams, $after->most)));
    }

    private static function step(string $preparation): string
    {
        return mb_substr($preparation, 0, 120);
    }

    /** @return array{CustardLayer|null, list<string>} */
    private function custard(): array
    {
        $eggs = $dairies = $thickeners = $assumed = [];
        $place = '/layers/'.Beginning::CUSTARD_ID;
        $glazesOnly = ! $this->kind->isPoured() && preg_match(self::EGG_GLAZE, $this->text) === 1;
        foreach ($this->at(Into::Custard, Into::Sauce) as $one) {
            // one egg under a lid that is brushed with egg is the glaze
            if ($one->food->role === Role::Egg && $glazesOnly && $one->entry->value < 80) {
                continue;
            }
            $list = $one->food->role === Role::Egg ? 'eggs' : ($one->food->role === Role::Binder ? 'thickeners' : 'dairies');
            $index = count($$list);
            if ($index >= self::MOST_LISTED) {
                continue;
            }
            $$list = [...$$list, new Ingredient($one->food, self::amount($one))];
            $isUnsized = $list === 'eggs' && preg_match('/\b(?:small|medium|large|extra)\b/iu', $one->entry->words) !== 1 && preg_match('/\bg\b/', $one->entry->words) !== 1;
            $assumed = $one->isSaid && ! $isUnsized ? $assumed : [...$assumed, "$place/$list/$index/amount"];
            foreach ($one->entry->others as $other) {
                $eggs[] = new Ingredient(Pantry::food($other->food), Amount::spoken($other->words, Span::of($other->grams, $other->leastGrams ?? $other->grams, $other->mostGrams ?? $other->grams)));
            }
        }
        if ($eggs === [] && $dairies === [] && $thickeners === []) {
            return [null, []];
        }
        $usual = Beginning::of($this->kind)->custard();

        return [
            new CustardLayer(Beginning::CUSTARD_ID, $usual->style ?? CustardStyle::Tender, $eggs, $dairies, [], StartingPlace::Cool->celsius(), $thickeners),
            [...$assumed, "$place/fromCelsius"],
        ];
    }

    /** @return array{list<Ingredient>, list<string>} */
    private function seasonings(): array
    {
        $seasonings = $assumed = $at = [];
        foreach ($this->at(Into::Seasoning) as $one) {
            // "salt and pepper to taste" beside "1 tsp salt" is the same salt; told twice with amounts, both go in
            $before = $at[$one->food->id] ?? null;
            if ($before !== null && ! $one->isSaid || count($seasonings) >= self::MOST_LISTED) {
                continue;
            }
            $place = $before !== null && in_array("/seasonings/$before/amount", $assumed, true) ? $before : count($seasonings);
            $at[$one->food->id] = $place;
            $assumed = $one->isSaid ? array_values(array_diff($assumed, ["/seasonings/$place/amount"])) : [...$assumed, "/seasonings/$place/amount"];
            $seasonings[$place] = new Ingredient($one->food, self::amount($one));
        }

        return [array_values($seasonings), $assumed];
    }

    private static function amount(NamedAmount $one): Amount
    {
        return Amount::spoken(mb_substr($one->entry->words === '' ? Figures::grams($one->entry->value) : $one->entry->words, 0, 80), $one->entry->span());
    }
}
