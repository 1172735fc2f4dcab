<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/** What a cook sees, feels or measures when an event is there (common practice, no source). */
final readonly class Cue
{
    /** In the order in which they are told where they fall together. */
    public const EVENTS = ['edge-set', 'time-to-look', 'set', 'safe', 'light-gold', 'golden', 'dark', 'over'];

    public static function of(string $event, BakeInput $input): string
    {
        return match ($event) {
            'edge-set' => 'Nudge the tin: the outer two fingers stand still, the middle slops.',
            'time-to-look' => 'Nudge the tin: the edge stands, a palm in the middle trembles as one.',
            'set' => 'It moves as one piece; a knife in the middle comes out clean and hot.',
            'safe' => sprintf('A probe in the coldest place, the middle, reads %d °C or more.', (int) round($input->wantedCelsius)),
            'light-gold' => 'Straw on the flats, gold on what stands proud.',
            'golden' => 'Even gold all over, the rim a shade deeper.',
            'dark' => 'Brown, spots near black: it will taste bitter soon.',
            default => 'The middle swells and cracks, drops of clear water at the edge.',
        };
    }

    /** How a shell looks and sounds after a stage, by the water of its base and the colour of its rim. */
    public static function ofShell(float $basePercent, float $rim): string
    {
        $base = match (true) {
            $basePercent > 15 => 'base grey and damp, a finger leaves a mark',
            $basePercent > 7 => 'base dull, still soft to the touch',
            $basePercent > 3.5 => 'base matt and dry to the touch, no shine left',
            default => 'base dry, it sounds hollow',
        };

        return sprintf('Rim %s; %s.', Brownness::word($rim), $base);
    }
}
