<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie;

/** Ids by which the layers of a pie are told apart. */
final readonly class LayerIds
{
    /**
     * The wish itself, or with a number behind it where a layer has it already.
     *
     * @param  list<Layer>  $layers
     */
    public static function free(string $wish, array $layers): string
    {
        $taken = array_map(static fn (Layer $layer): string => $layer->id(), $layers);
        $id = $wish;
        for ($n = 2; in_array($id, $taken, true); $n++) {
            $id = "$wish-$n";
        }

        return $id;
    }
}
