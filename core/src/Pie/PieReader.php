<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie;

use Hojaldre\Core\Custard\CustardStyle;
use Hojaldre\Core\Faults;
use Hojaldre\Core\Fields;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Food\Role;
use Hojaldre\Core\Measure\Say;
use Hojaldre\Core\Refused;
use Hojaldre\Core\Tin\TinReader;

/** Reads a design document; the schema is docs/formats/pie-2.schema.json and a test holds the two together. */
final readonly class PieReader
{
    private const MOST_LAYERS = 30;

    private const MOST_INGREDIENTS = 12;

    private const MOST_STEPS = 8;

    /**
     * @param  array<array-key, mixed>  $document
     *
     * @throws Refused with every fault found
     */
    public static function read(array $document): Pie
    {
        $faults = new Faults;
        $document = OldPie::upgrade($document);
        $fields = new Fields($document, '', $faults);
        $fields->oneOf('format', [Pie::FORMAT]);
        if ($fields->whole('version', 1, 1000) > Pie::VERSION) {
            throw Refused::because('version-too-new', '/version', sprintf('This file was written by a newer Hojaldre (version %s; this one reads up to %d). Update, or export it again in an older version.', json_encode($document['version'] ?? null), Pie::VERSION));
        }
        $pie = new Pie(
            name: self::name($fields),
            portions: $fields->whole('portions', 1, 500),
            notes: $fields->text('notes', 0, 4000),
            tin: TinReader::read($fields->object('tin')),
            crust: Crust::read($fields->object('crust')),
            layers: self::layers($fields),
            seasonings: self::ingredients($fields, 'seasonings', Role::Seasoning),
            bake: Bake::read($fields->object('bake')),
        );
        $fields->nothingElse();
        $faults->throwIfAny();

        return $pie;
    }

    private static function name(Fields $fields): string
    {
        $name = $fields->text('name', 1, 120);
        if ($name !== '' && preg_match('/^\S(?:.*\S)?$/Du', $name) !== 1) {
            $fields->fault('name', 'name-not-plain', 'A name is one line without spaces at its beginning or end.');
        }

        return $name;
    }

    /** @return list<Layer> */
    private static function layers(Fields $fields): array
    {
        $layers = [];
        $ids = [];
        $custards = 0;
        foreach ($fields->objects('layers', self::MOST_LAYERS) as $one) {
            $kind = $one->oneOf('kind', ['solid', 'custard', 'absorbent']);
            $id = $one->text('id', 1, 40);
            if (isset($ids[$id])) {
                $one->fault('id', 'twice', 'Each layer has an id of its own; give this one another.');
            }
            $ids[$id] = true;
            if ($kind === 'custard' && $custards++ > 0) {
                $one->fault('kind', 'twice', 'A pie has one custard; put all eggs and dairy into it.');
            }
            $layers[] = match ($kind) {
                'custard' => self::custard($one, $id),
                'absorbent' => self::absorbent($one, $id),
                default => self::solid($one, $id),
            };
            $one->nothingElse();
        }

        return $layers;
    }

    private static function custard(Fields $one, string $id): CustardLayer
    {
        return new CustardLayer(
            $id,
            CustardStyle::from($one->oneOf('style', CustardStyle::words())),
            self::ingredients($one, 'eggs', Role::Egg),
            self::ingredients($one, 'dairies', Role::Dairy),
            self::blended($one),
            self::fromCelsius($one),
        );
    }

    /** @return list<Ingredient> */
    private static function blended(Fields $one): array
    {
        $blended = self::ingredients($one, 'blended', Role::Solid);
        foreach ($blended as $index => $each) {
            if ($each->food->role === Role::Solid && ! $each->food->isRawFlesh()) {
                $one->fault("blended/$index/food", 'role-does-not-fit', sprintf('%s does not set a custard: only raw meat, poultry or fish is blended in. Add it as a layer.', $each->food->name));
            }
        }

        return $blended;
    }

    private static function absorbent(Fields $one, string $id): AbsorbentLayer
    {
        $food = Food::read($one->object('food'));
        if ($food->role !== Role::Binder) {
            $one->fault('food/role', 'role-does-not-fit', 'Only a food with the role "binder" fits here.');
        }

        return new AbsorbentLayer($id, new Ingredient($food, Amount::read($one->object('amount'))), self::fromCelsius($one));
    }

    private static function solid(Fields $one, string $id): SolidLayer
    {
        $food = Food::read($one->object('food'));
        if ($food->role !== Role::Solid) {
            $one->fault('food/role', 'role-does-not-fit', 'Only a food with the role "solid" fits here.');
        }
        $bought = Amount::read($one->object('bought'));
        $steps = array_map(Step::read(...), $one->objects('steps', self::MOST_STEPS));
        $binder = $one->objectOrNull('binder');
        $layer = new SolidLayer($id, $food, $bought, $steps, $binder === null ? null : Ingredient::read($binder, Role::Binder), self::fromCelsius($one));
        $before = $bought->grams;
        foreach ($steps as $index => $step) {
            if ($step->after->grams > $before + 1e-6) {
                $one->fault("steps/$index/after/grams", 'heavier-than-before', sprintf('It cannot weigh more after this step than before it (%s g): weigh it again, or raise the weight before.', Say::number($before, 1)));
            } elseif ($bought->grams - $step->after->grams > $food->losableGrams($bought->grams) + 1e-6) {
                $one->fault("steps/$index/after/grams", 'drier-than-dry', sprintf('There are only %d g of water and fat in it, so it cannot have lost %d g: weigh it again.', (int) $food->losableGrams($bought->grams), (int) ($bought->grams - $step->after->grams)));
            }
            $before = $step->after->grams;
        }

        return $layer;
    }

    private static function fromCelsius(Fields $one): float
    {
        return $one->number('fromCelsius', -25, 95, '°C');
    }

    /** @return list<Ingredient> */
    private static function ingredients(Fields $fields, string $key, Role $role): array
    {
        return array_map(static fn (Fields $one): Ingredient => Ingredient::read($one, $role), $fields->objects($key, self::MOST_INGREDIENTS));
    }
}
