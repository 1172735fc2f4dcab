<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie;

/** Places of a design: JSON pointers, in which a layer may stand by its number or, so that they hold when layers move, by its id. */
final readonly class Places
{
    private const LAYER = '~^/layers/([^/]+)~';

    /** With the layer's id in the place of its number. */
    public static function of(Pie $pie, string $pointer): string
    {
        return (string) preg_replace_callback(self::LAYER, static fn (array $m): string => '/layers/'.(isset($pie->layers[(int) $m[1]]) && ctype_digit($m[1]) ? $pie->layers[(int) $m[1]]->id() : $m[1]), $pointer);
    }

    /** With the layer's number in the place of its id, or null where there is no such layer. */
    public static function pointer(Pie $pie, string $place): ?string
    {
        if (preg_match(self::LAYER, $place, $m) !== 1) {
            return $place;
        }
        foreach ($pie->layers as $index => $layer) {
            if ($layer->id() === $m[1]) {
                return "/layers/$index".substr($place, strlen($m[0]));
            }
        }

        return null;
    }
}
