<?php

declare(strict_types=1);

namespace Hojaldre\Core\Record;

use Hojaldre\Core\Document\DocumentWriter;
use Hojaldre\Core\Pie\Pie;

/** Pies that are baked to try one change: what they differ in. Of more than one thing none can be held to account. */
final readonly class TrialPies
{
    /**
     * @param  list<Pie>  $pies
     * @return list<string> of "dough", "crust", "filling", "seasoning", "tin", "bake", in that order
     */
    public static function differences(array $pies): array
    {
        $parts = array_map(self::parts(...), $pies);

        return array_values(array_filter(array_keys($parts[0] ?? []), static fn (string $name): bool => count(array_unique(array_map(static fn (array $one): string => $one[$name], $parts))) > 1));
    }

    /** @return array<string, string> */
    private static function parts(Pie $pie): array
    {
        $crust = DocumentWriter::write($pie->crust);
        unset($crust['dough']);
        $all = DocumentWriter::write($pie);

        return array_map(static fn (mixed $one): string => json_encode($one, JSON_THROW_ON_ERROR), [
            'dough' => $pie->crust->dough->id, 'crust' => $crust, 'filling' => $all['layers'], 'seasoning' => $all['seasonings'], 'tin' => $all['tin'], 'bake' => $all['bake'],
        ]);
    }
}
